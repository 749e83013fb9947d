/** Parts of Cook by themselves. */
import { act, fireEvent, screen } from '@testing-library/react-native';
import { loadsToCook } from '@/core/cooking/loads-to-cook';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { judgement } from '@/core/checks/judgement';
import { lanternSupper } from '@/data/demo';
import { LoadDrawing } from '@/screens/batch/cook/load-drawing';
import { SpreadLine } from '@/screens/batch/cook/spread-line';
import { renderPart } from './render';

describe('how the pieces differ', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('while it is worked out it is said; only where it takes long one can do without', () => {
    renderPart(<SpreadLine words={null} />);
    expect(screen.getByText(/^Working out how they differ: 27 forecasts/)).toBeTruthy();
    expect(screen.queryByLabelText('Skip how they differ')).toBeNull();
    act(() => {
      jest.advanceTimersByTime(600);
    });
    fireEvent.press(screen.getByLabelText('Skip how they differ'));
    expect(screen.getByText(/^Skipped/)).toBeTruthy();
    expect(screen.queryByText(/^Working out/)).toBeNull();
  });

  it('what has come is shown, and nothing is asked', () => {
    renderPart(<SpreadLine words="All *24* are hot after 17 min." />);
    act(() => {
      jest.advanceTimersByTime(600);
    });
    expect(screen.queryByLabelText('Skip how they differ')).toBeNull();
    expect(screen.getByText(/are hot after 17 min/)).toBeTruthy();
  });
});

describe('a load from above', () => {
  it('says its size, how many lie on a floor and how many fit', () => {
    const [turkey] = lanternSupper('2026-12-05T15:00:00Z');
    const { dough, fit } = judgement(turkey, DEFAULT_KITCHEN, null);
    const plan = loadsToCook(turkey, DEFAULT_KITCHEN, { dough, fit });
    if (plan === null) throw new Error('no plan');
    renderPart(<LoadDrawing plan={plan} lengths="mm" />);
    expect(
      screen.getByLabelText(
        /^steamer from above, 230\smm across: 6 pieces of 56\s×\s56\smm on each floor, room for 14/,
      ),
    ).toBeTruthy();
    renderPart(<LoadDrawing plan={plan} lengths="in" />);
    expect(screen.getByLabelText(/^steamer from above, 9\sin across: 6 pieces of 2¼\s×\s2¼\sin/)).toBeTruthy();
  });
});
