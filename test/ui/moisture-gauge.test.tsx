import { screen } from '@testing-library/react-native';
import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { batchInWords } from '@/core/recipe/to-batch';
import { MoistureGauge } from '@/ui/parts/moisture-gauge';
import { placeOf, type Zone, zoneOf } from '@/ui/parts/gauge';
import { renderPart } from './render';

const words = { count: 12, school: 'cooked', dough: 'short', cook: { method: 'bake' } } as const;
const filling = (form: Batch['wrap']['form'], lines: readonly string[]): Batch =>
  batchInWords({ ...words, title: 'X', form, lines: [...lines] }, { id: 'x', at: '2026-01-01T00:00:00Z' }).batch;
const show = (form: Batch['wrap']['form'], lines: readonly string[]): void => {
  renderPart(<MoistureGauge figures={assess(filling(form, lines), DEFAULT_KITCHEN, null).moisture} />);
};

describe('the gauges', () => {
  it('of a wet filling: it tears while you fill, and is too wet while cooking', () => {
    show('half-moon', ['400 g spinach, wilted', '100 g curd cheese', '150 ml milk']);
    expect(screen.getByLabelText(/^While you fill: [\d.]+ g loose in 100 g, tears$/)).toBeTruthy();
    expect(screen.getByLabelText(/^While cooking: [\d.]+ g run in 100 g, too wet$/)).toBeTruthy();
    expect(screen.queryByText('pasty')).toBeNull();
  });

  it('of a dry one: what it still takes, left of right', () => {
    show('half-moon', ['300 g cold roast beef, chopped', '150 g dry breadcrumbs']);
    expect(screen.getByLabelText(/^While cooking: still takes [\d.]+ g in 100 g, dry$/)).toBeTruthy();
    expect(screen.getByLabelText('While you fill: nothing loose, wraps')).toBeTruthy();
  });

  it('of one that is right nothing is asked for', () => {
    show('half-moon', ['400 g turkey mince', '120 g leek, sweated', '5 g salt']);
    expect(screen.getByLabelText(/^While cooking: (?:moist enough|[\d.]+ g run in 100 g), right$/)).toBeTruthy();
    expect(screen.queryByText(/still takes/)).toBeNull();
  });

  it('of a pasty one: how many times over the starch thickens', () => {
    show('half-moon', ['400 g mushrooms, browned', '150 ml milk, reduced', '90 g plain flour, cooked out']);
    expect(screen.getByLabelText(/^Starch against its liquid: [\d.]+ times, pasty$/)).toBeTruthy();
  });

  it('in a tin nothing tears', () => {
    show('pan-pie', ['400 g spinach, wilted', '100 g curd cheese', '150 ml milk']);
    expect(screen.getByText('nothing to seal')).toBeTruthy();
  });
});

describe('a value on a gauge', () => {
  const zones: Zone[] = [
    { word: 'dry', share: 0.25, to: -8, tone: 'fix' },
    { word: 'right', share: 0.5, to: 4, tone: 'good' },
    { word: 'wet', share: 0.25, to: Infinity, tone: 'fix' },
  ];
  it('stands in its zone, and further right the larger it is, without end', () => {
    const places = [-900, -20, -8.1, -7.9, -2, 0, 3.9, 4.1, 12, 900].map((value) => placeOf(value, zones, null));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(places.every((place) => place > 0 && place < 1)).toBe(true);
    expect(placeOf(-2, zones, null)).toBeCloseTo(0.5);
    expect(placeOf(-8, zones, null)).toBeCloseTo(0.25);
    expect(placeOf(4, zones, null)).toBeCloseTo(0.75);
  });
  it('on the edge of what is right is said to be right, as the check says', () => {
    expect([-8.2, -8.04, 4, 4.04, 4.2].map((value) => zoneOf(value, zones).word)).toEqual([
      'dry',
      'right',
      'right',
      'right',
      'wet',
    ]);
  });
  it('starts at the beginning where the first zone has one', () => {
    expect(placeOf(0, [{ word: 'wraps', share: 1, to: 2, tone: 'good' }], 0)).toBe(0);
  });
});
