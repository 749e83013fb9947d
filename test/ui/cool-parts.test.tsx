import { fireEvent, screen } from '@testing-library/react-native';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import { type Outcome } from '@/data/hooks';
import { ClockPanel } from '@/screens/batch/cool/clock-panel';
import { VesselDrawing } from '@/screens/batch/cool/vessel-drawing';
import { WaysList } from '@/screens/batch/cool/ways-list';
import { type StationProps } from '@/screens/batch/station-props';
import { renderPart } from './render';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual('@react-native-async-storage/async-storage/jest/async-storage-mock'),
);
// The browser's own clock and page are not here: the time stands still.
const mockTime = () => ({ now: new Date().toISOString(), latest: new Date().toISOString() });
jest.mock('@/data/run-time', () => ({ useRunTime: () => mockTime() }));
jest.mock('@/data/use-wake-lock', () => ({ useWakeLock: () => undefined }));
jest.mock('@/data/alarm', () => ({ askToNotify: () => undefined }));
jest.mock('@/data/alarms-file', () => ({ useRunningAlarms: () => [], saveAlarms: () => undefined }));
jest.mock('@/workers/client', () => ({ forecastHeat: jest.fn(), simulatedSignal: jest.fn() }));

const duck = lanternSupper('2026-12-05T15:00:00Z')[2];
const DONE: Outcome = { ok: true, step: 1 };
const propsOf = (batch: Batch, edit: StationProps['edit'] = () => Promise.resolve(DONE)) => {
  const heat = forecastHeat(batch, DEFAULT_KITCHEN, 'ways');
  if (!heat.cooling) throw new Error('nothing cools');
  const touch = { id: null, set: jest.fn() };
  const assessment = assess(batch, DEFAULT_KITCHEN, heat);
  const undoStep = () => Promise.resolve(true);
  return { batch, kitchen: DEFAULT_KITCHEN, assessment, edit, undoStep, touch, forecast: heat.cooling };
};
const startedAgo = (minutes: number): Batch =>
  apply(duck, { do: 'startCooling', at: new Date(Date.now() - minutes * 60_000).toISOString() });

describe('the clock', () => {
  it('is offered, and starts now', () => {
    const edit = jest.fn<Promise<Outcome>, [Operation | readonly Operation[]]>(() => Promise.resolve(DONE));
    renderPart(<ClockPanel {...propsOf(duck, edit)} />);
    const before = Date.now();
    fireEvent.press(screen.getByLabelText('It’s off the heat: start the clock'));
    const [operation] = edit.mock.calls[0];
    expect(operation).toMatchObject({ do: 'startCooling' });
    const { at } = operation as { at: string };
    expect(Math.abs(Date.parse(at) - before)).toBeLessThan(2000);
  });

  it('shows minutes to wrap-ready and to the deadline', () => {
    renderPart(<ClockPanel {...propsOf(startedAgo(40))} />);
    expect(screen.getByText(/80 min/)).toBeTruthy();
    expect(screen.getByText(/to wrap-ready, at \d\d:\d\d/)).toBeTruthy();
    expect(screen.queryByText(/Limit missed/)).toBeNull();
  });

  it('says a missed deadline before all else, as the authority says it', () => {
    renderPart(<ClockPanel {...propsOf(startedAgo(150))} />);
    expect(screen.getByText('Limit missed: in the fridge within 2 h')).toBeTruthy();
    expect(screen.queryByText('Wrap now')).toBeNull();
    expect(screen.getByText(/Throw away/)).toBeTruthy();
    expect(screen.getByText(/Local codes come first/)).toBeTruthy();
  });
});

describe('a limit that was missed', () => {
  it('waits for an answer: thrown away stops the clock; what the home chart misses is not reheated', () => {
    const edit = jest.fn<Promise<Outcome>, [Operation | readonly Operation[]]>(() => Promise.resolve(DONE));
    renderPart(<ClockPanel {...propsOf(startedAgo(150), edit)} />);
    expect(screen.queryByLabelText(/^Reheated/)).toBeNull();
    fireEvent.press(screen.getByLabelText('Thrown away'));
    expect(edit.mock.calls[0][0]).toMatchObject([
      { do: 'answerMissed', missed: { rule: 'home-2h', did: 'thrown-away' } },
      { do: 'stopCooling', goesTo: 'cold' },
    ]);
  });

  it('goes along when the clock is stopped all the same', () => {
    const edit = jest.fn<Promise<Outcome>, [Operation | readonly Operation[]]>(() => Promise.resolve(DONE));
    renderPart(<ClockPanel {...propsOf(startedAgo(150), edit)} />);
    fireEvent.press(screen.getByLabelText('Stop the clock: it’s being wrapped'));
    expect(edit.mock.calls[0][0]).toMatchObject({ do: 'stopCooling', goesTo: 'board', missed: ['home-2h'] });
    const stopped = [edit.mock.calls[0][0] as Operation].reduce(apply, startedAgo(150));
    const { checks } = assess(stopped, DEFAULT_KITCHEN, null);
    expect(checks.cooling).toMatchObject({ state: 'fix', headline: 'Cooling: limit missed' });
  });
});

describe('the alternatives', () => {
  it('are ranked, say what they need and lose, and one tap takes one', () => {
    const edit = jest.fn<Promise<Outcome>, [Operation | readonly Operation[]]>(() => Promise.resolve(DONE));
    const props = propsOf(duck, edit);
    renderPart(<WaysList {...props} />);
    const shown = screen.getAllByLabelText(/loses \d+ g as steam$/);
    expect(shown.length).toBe(props.forecast.alternatives.length);
    // What needs more ice than there is comes last, however quick it is.
    const { alternatives } = props.forecast;
    const first = alternatives.find(({ isShort }) => !isShort) ?? alternatives[0];
    expect(alternatives[0].isShort).toBe(true);
    expect(screen.getByLabelText(new RegExp(`^${first.label}: `))).toBe(shown[0]);
    const isShortShown = shown.map((one) => /you have 1/.test(String(one.props.accessibilityLabel)));
    expect(isShortShown).toEqual([...isShortShown].sort((a, b) => Number(a) - Number(b)));
    fireEvent.press(shown[0]);
    expect(edit).toHaveBeenCalledWith(first.change);
  });

  it('what comes too late says so', () => {
    renderPart(<WaysList {...propsOf(duck)} />);
    expect(screen.getAllByLabelText(/too late/).length).toBeGreaterThan(0);
  });
});

describe('the vessel', () => {
  it('is read with its depth and where it stays hottest', () => {
    renderPart(<VesselDrawing depthMm={80} base="board" covered hottest={0.25} stirred={false} lengths="mm" />);
    expect(
      screen.getByLabelText(
        'The filling lies 80 mm deep, covered, on board. It stays hottest 20 mm above the floor and gets coldest at the top.',
      ),
    ).toBeTruthy();
  });

  it('has one temperature when stirred', () => {
    renderPart(<VesselDrawing depthMm={30} base="ice" covered={false} hottest={0.5} stirred lengths="in" />);
    expect(screen.getByLabelText(/on ice\. Stirred, it is one temperature\.$/)).toBeTruthy();
  });
});
