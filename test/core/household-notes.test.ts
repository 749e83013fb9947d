/** What households noted of their own recipes: the first cause and the first change that an experienced cook would name. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { readingsInHeat } from '@/core/cooking/load-evidence';
import { TYPED } from '@/core/vocabulary/sources';
import { apply, type Operation } from '@/core/stored/operations';
import { type OutcomeId, type PlaceInParcel } from '@/core/vocabulary/outcomes';
import { batchInWords, type FillingInWords } from '@/core/recipe/to-batch';
import { explainBatch } from '@/workers/notebook';

const AT = '2026-12-05T12:00:00.000Z';
const at = (minute: number): string => new Date(Date.parse(AT) + minute * 60_000).toISOString();
const found = (what: OutcomeId, where: PlaceInParcel | null = null): Operation => ({
  do: 'noteOutcome',
  outcome: { what, where, much: 'clearly' },
  at: at(300),
});
const said = (words: Omit<FillingInWords, 'title'>, ...operations: Operation[]) => {
  const { batch } = batchInWords({ title: 'A household’s', ...words }, { id: 'x', at: AT });
  return explainBatch(operations.reduce(apply, batch), DEFAULT_KITCHEN);
};
const inHeat = (minutes: number, ...readings: number[]): Operation[] => [
  { do: 'startLoad', at: at(200) },
  { do: 'stopLoad', at: at(200 + minutes) },
  ...readings.map((c, i): Operation => ({
    do: 'addReading',
    reading: { round: 1, c, at: at(204 + minutes), load: 1, parcel: i + 1, source: TYPED },
  })),
];

const CASES: [name: string, Omit<FillingInWords, 'title'>, Operation[], cause: string, change: RegExp | null][] = [
  [
    'bland potato dumplings',
    {
      form: 'half-moon',
      school: 'cooked',
      count: 40,
      lines: ['700 g potatoes, boiled and mashed', '250 g farmer cheese', '1 onion, fried', '1 tsp salt'],
    },
    [found('bland')],
    'little-salt',
    /^10 g of salt instead of 6\.0/,
  ],
  [
    'pasties taken out at half time, measured on the board',
    {
      form: 'pocket',
      school: 'raw',
      count: 8,
      lines: ['600 g chicken thigh, diced', '200 g leek', '1 tsp salt'],
      cook: { method: 'bake', mediumC: 190, minutes: 30 },
    },
    [...inHeat(14, 48, 52, 55), found('cold-centre', 'middle')],
    'too-short',
    /^Give it the full time/,
  ],
  [
    'pale, and taken out before its time: it was not the heat',
    {
      form: 'pocket',
      school: 'raw',
      count: 8,
      lines: ['600 g chicken thigh, diced', '200 g leek', '1 tsp salt'],
      cook: { method: 'bake', mediumC: 200, minutes: 35 },
    },
    [...inHeat(20), found('pale', 'top')],
    'too-short',
    /^Give it the full time/,
  ],
  [
    'turnovers fried at 140, greasy',
    {
      form: 'half-moon',
      school: 'cooked',
      count: 20,
      lines: ['600 g potatoes, boiled and mashed', '1 onion, fried', '1 tsp salt'],
      cook: { method: 'fry', mediumC: 140 },
    },
    [found('greasy', 'bottom')],
    'oil-mild',
    /^Set 175\s°C instead of 140/,
  ],
  [
    'mushrooms fried dry, with crumbs, dry',
    {
      form: 'half-moon',
      school: 'cooked',
      count: 30,
      lines: ['500 g mushrooms, fried dry', '1 onion, fried', '50 g breadcrumbs', '1/2 tsp salt'],
    },
    [found('dry', 'middle')],
    'too-absorbent',
    /^(?:Half|Only 40 g of) the dry breadcrumbs/,
  ],
  [
    'a tablespoon of cloves',
    {
      form: 'triangle',
      school: 'cooked',
      count: 20,
      lines: ['500 g minced lamb, browned', '1 onion, fried', '1 tbsp ground cloves', '1 tsp salt'],
      cook: { method: 'bake' },
    },
    [found('herb-strong')],
    'strong-dose',
    /^0\.4\sg of cloves, ground instead of 6\.5\sg/,
  ],
  [
    'salted as it was meant to be, and too salty for this table',
    {
      form: 'pocket',
      school: 'cooked',
      count: 10,
      lines: ['600 g braised beef', '100 g onion, fried', '5 g salt'],
    },
    [found('salty')],
    'own-taste',
    /of salt instead of/,
  ],
  [
    'berries from the freezer ran',
    {
      form: 'pocket',
      school: 'raw',
      count: 8,
      lines: ['600 g frozen berries', '100 g sugar'],
      cook: { method: 'bake' },
    },
    [found('leaked', 'bottom'), found('soggy', 'bottom')],
    'wet-filling',
    /potato starch/,
  ],
];

describe('what households noted', () => {
  it.each(CASES)('%s', (_name, words, operations, cause, change) => {
    const { explained, changes } = said(words, ...operations);
    expect(explained[0].causes[0]?.id).toBe(cause);
    if (change !== null) expect(changes[0]?.label).toMatch(change);
  });

  it('what is right has no cause and asks for no change', () => {
    const { explained, changes } = said(
      {
        form: 'half-moon',
        school: 'raw',
        count: 40,
        lines: ['450 g minced pork', '150 g cabbage, salted and squeezed', '6 g salt'],
      },
      found('juicy', 'middle'),
      found('well-seasoned'),
    );
    expect(explained.flatMap(({ causes }) => causes)).toEqual([]);
    expect(changes).toEqual([]);
  });

  it('a second way to the same is said to be one, and compares the figure that the first compares', () => {
    const { changes } = said(
      {
        form: 'pocket',
        school: 'raw',
        count: 7,
        lines: ['430 g chicken thigh mince', '250 g leek', '300 ml stock', '6 g salt'],
      },
      found('soggy', 'bottom'),
    );
    const [leek, stock] = changes;
    expect(leek.insteadOf).toBeNull();
    expect(stock.insteadOf).toBe(leek.id);
    expect(stock.effect?.before).toBe(leek.effect?.before);
  });

  it('what is measured when a load is out says how it came out', () => {
    const batch = inHeat(14, 52).reduce(apply, batchInWords({ title: 'x', ...CASES[1][1] }, { id: 'x', at: AT }).batch);
    expect(readingsInHeat(batch, 1)).toMatchObject([{ minute: 14, c: 52 }]);
  });
});
