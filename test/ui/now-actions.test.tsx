/** The one large tap: it counts at once as the card opens, and a finger that taps twice does not end the next step, too. */
import { fireEvent, screen } from '@testing-library/react-native';
import { oneBatchTasks, planOne } from '@/core/day/one-batch';
import { minuteOf } from '@/core/day/moments';
import { type PlannedTask } from '@/core/day/day-plan';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { lanternSupper } from '@/data/demo';
import { NowActions } from '@/screens/day/now/now-actions';
import { ThemeProvider } from '@/ui/elements';
import { LIGHT } from '@/ui/theme/palette';
import { makeTheme } from '@/ui/theme/theme';
import { renderPart } from './render';

const mockBegin = jest.fn<Promise<void>, [unknown, PlannedTask]>(() => Promise.resolve());
const mockEnd = jest.fn<Promise<void>, [unknown, unknown, PlannedTask, boolean?]>(() => Promise.resolve());
jest.mock('@/data/one-steps', () => ({
  beginStep: (batch: unknown, task: PlannedTask) => mockBegin(batch, task),
  endStep: (batch: unknown, plan: unknown, task: PlannedTask, isSkipped?: boolean) =>
    mockEnd(batch, plan, task, isSkipped),
}));
jest.mock('expo-router', () => ({ router: { navigate: jest.fn() } }));
jest.mock('@/data/alarm', () => ({ askToNotify: jest.fn() }));

const AT = '2026-12-05T16:00:00.000Z';
const [turkey] = lanternSupper(AT);
const plan = planOne(oneBatchTasks(turkey, DEFAULT_KITCHEN, null, AT, null), [], minuteOf(AT));
const [first, second] = plan;
const card = (task: PlannedTask) => <NowActions batch={turkey} plan={plan} task={task} isBegun={false} />;

beforeEach(() => {
  jest.useFakeTimers({ now: Date.parse(AT) });
  mockBegin.mockClear();
  mockEnd.mockClear();
});
afterEach(() => jest.useRealTimers());

it('the first tap counts, however soon after the card has opened', () => {
  renderPart(card(first));
  fireEvent.press(screen.getByLabelText('Begin'));
  expect(mockBegin.mock.calls.map(([, { id }]) => id)).toEqual([first.id]);
});

it('a tap just after the step has changed meant the one before; a moment later it means this one', () => {
  const { rerender } = renderPart(card({ ...first, state: 'running' }));
  fireEvent.press(screen.getByLabelText('Done'));
  expect(mockEnd).toHaveBeenCalledTimes(1);
  rerender(<ThemeProvider theme={makeTheme(LIGHT, 'light')}>{card({ ...second, state: 'running' })}</ThemeProvider>);
  fireEvent.press(screen.getByLabelText('Done'));
  expect(mockEnd).toHaveBeenCalledTimes(1);
  jest.advanceTimersByTime(700);
  fireEvent.press(screen.getByLabelText('Done'));
  expect(mockEnd.mock.calls.map(([, , { id }]) => id)).toEqual([first.id, second.id]);
});
