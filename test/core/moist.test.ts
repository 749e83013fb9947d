/** Moisture's third account: what runs, what is wanting, what wraps, and paste; on fillings in words, and for any lines at all. */
import * as fc from 'fast-check';
import { judgement } from '@/core/checks/judgement';
import { assess } from '@/core/checks/assess';
import { type MoistureFigure } from '@/core/checks/check';
import { drawLedger } from '@/core/filling/ledger';
import { catalogue } from '@/core/food/catalogue';
import { batchInWords } from '@/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { RELEASES } from '@/core/vocabulary/releases';
import { randomRuns } from '../random-runs';
import { DRY, type Line, LINE, resolved } from './make-lines';

type Parcel = Pick<Parameters<typeof batchInWords>[0], 'form' | 'school' | 'dough' | 'cook'>;
const DUMPLING: Parcel = { form: 'half-moon', school: 'raw', dough: 'noodle', cook: { method: 'boil' } };
const PASTY: Parcel = { form: 'pocket', school: 'raw', dough: 'short', cook: { method: 'bake' } };
const TURNOVER: Parcel = { form: 'half-moon', school: 'cooked', dough: 'short', cook: { method: 'bake' } };
const FLAKY: Parcel = { form: 'pocket', school: 'cooked', dough: 'rough-laminated', cook: { method: 'bake' } };
const SHEETS: Parcel = { form: 'triangle', school: 'cooked', dough: 'thin-sheets', cook: { method: 'bake' } };
const STEAMED: Parcel = { form: 'half-moon', school: 'cooked', dough: 'noodle', cook: { method: 'steam' } };

const made = (parcel: Parcel, lines: readonly string[]): Batch =>
  batchInWords({ title: 'x', count: 20, ...parcel, lines: [...lines] }, { id: 'x', at: '2026-01-01T00:00:00Z' }).batch;
const judged = (parcel: Parcel, lines: readonly string[]) => judgement(made(parcel, lines), DEFAULT_KITCHEN, null);
const figure = (parcel: Parcel, lines: readonly string[], of: MoistureFigure): number =>
  judged(parcel, lines).moisture[of].value;

const BRAISE = ['500 g braised beef, shredded', '250 ml stock', '1 tsp salt'];
const MINCE = ['400 g pork mince', '1 tsp salt'];

describe('fillings whose figure is known', () => {
  it.each<[string, Parcel, string[], MoistureFigure, number, string]>([
    ['stock beaten in', DUMPLING, [...MINCE, '200 ml stock, beaten in a spoonful at a time'], 'heat', 13.3, 'right'],
    ['three quarters of stock', DUMPLING, [...MINCE, '300 ml stock'], 'heat', 30, 'too wet'],
    [
      'a pasty',
      PASTY,
      ['400 g beef skirt, diced', '300 g potato, diced', '150 g swede, diced', '1 onion, chopped', '1½ tsp salt'],
      'heat',
      6.5,
      'right',
    ],
    [
      'turkey and rice',
      TURNOVER,
      ['300 g cooked turkey, shredded', '200 g cooked rice', '½ tsp salt'],
      'dry',
      13,
      'dry',
    ],
    ['lean beef with oats', PASTY, ['400 g lean beef mince', '130 g oats', '1 tsp salt'], 'dry', 35, 'dry'],
    ['chickpeas and dry bulgur', TURNOVER, ['250 g chickpeas, drained', '200 g bulgur, dry'], 'dry', 64, 'dry'],
    ['nuts and crumbs', TURNOVER, ['200 g ground almonds', '100 g dry breadcrumbs', '100 g sugar'], 'dry', 58, 'dry'],
    ['liver and rusks', DUMPLING, ['300 g chicken livers', '120 g dry breadcrumbs', '½ tsp salt'], 'dry', 45, 'dry'],
    ['a braise unbound', TURNOVER, BRAISE, 'heat', 24, 'too wet'],
    [
      'raw mushrooms',
      FLAKY,
      ['400 g mushrooms, sliced, raw', '150 g cream cheese', '½ tsp salt'],
      'heat',
      26,
      'too wet',
    ],
    ['berries', TURNOVER, ['500 g mixed berries', '80 g sugar'], 'heat', 25.5, 'too wet'],
    [
      'tofu with cornflour',
      STEAMED,
      ['400 g firm tofu, pressed', '1 tbsp cornflour', '1 tbsp soy sauce'],
      'heat',
      0,
      'right',
    ],
    ['walnut and honey', SHEETS, ['300 g walnuts, ground', '150 g honey', '30 g butter'], 'dry', 0, 'right'],
  ])('%s', (_, parcel, lines, of, value, words) => {
    const { moisture, checks } = judged(parcel, lines);
    expect(Math.abs(moisture[of].value - value)).toBeLessThanOrEqual(Math.max(0.5, 0.12 * value));
    expect(checks.moisture.headline).toBe(`Moisture: ${words}`);
  });
});

describe('what is said', () => {
  it('of wet: what runs, and what it is compared with', () => {
    expect(judged(TURNOVER, BRAISE).checks.moisture.sentence).toMatch(
      /^\*2\d\.\d g\* run from 100 g while cooking; this pastry takes 5\. 2\d\.\d g in 100 g are loose while you fill, most of it from unsalted stock; above 5 the skin tears\.$/,
    );
  });
  it('of dry: how much of what, and for which', () => {
    const { sentence, figure: shown } = judged(TURNOVER, ['300 g cooked turkey, shredded', '60 g dry breadcrumbs'])
      .checks.moisture;
    expect(sentence).toMatch(
      /^It would still take about \*\d+ g\* of stock, sauce or butter, most of it for the dry breadcrumbs\.$/,
    );
    expect(shown).toMatch(/^dry \d+$/);
  });
  it('of paste: how many times', () => {
    const { checks, moisture } = judged(TURNOVER, [
      '400 g mushrooms, browned',
      '150 ml milk',
      '60 g plain flour, cooked out',
    ]);
    expect(checks.moisture.headline).toBe('Moisture: pasty');
    expect(checks.moisture).toMatchObject({ unit: 'times', value: moisture.paste.value });
    expect(checks.moisture.sentence).toContain(`*${moisture.paste.value.toFixed(1)} times* the liquid there is`);
  });
  it('of raw flour in potato: that it has nothing to swell in', () => {
    const lines = ['400 g boiled potatoes', '150 g plain flour', '1 tsp salt'];
    expect(judged(DUMPLING, lines).checks.moisture.headline).toBe('Moisture: dry and floury');
  });
});

describe('by their mechanism', () => {
  it('beaten in, mince takes up more than poured', () => {
    const poured = figure(DUMPLING, [...MINCE, '220 ml stock'], 'heat');
    expect(figure(DUMPLING, [...MINCE, '220 ml stock, beaten in by the spoonful'], 'heat')).toBeLessThan(poured - 2);
  });
  it('a tin with its liquid is loose while you fill, drained it is not', () => {
    const with_ = figure(TURNOVER, ['1 tin tuna in brine, undrained', '200 g boiled potatoes'], 'board');
    expect(with_).toBeGreaterThan(5);
    expect(figure(TURNOVER, ['1 tin tuna in brine, drained', '200 g boiled potatoes'], 'board')).toBeLessThan(0.5);
  });
  it('cheese from the tub whey runs from; hung it stays; semolina takes the rest', () => {
    const tub = figure(SHEETS, ['400 g cottage cheese', '40 g sugar', '1 egg'], 'board');
    expect(tub).toBeGreaterThan(5);
    expect(figure(SHEETS, ['400 g cottage cheese, drained overnight', '40 g sugar', '1 egg'], 'board')).toBeLessThan(2);
  });
  it('egg sets milk as a custard: two to a quarter of a litre', () => {
    const bacon = ['150 g bacon, fried', '200 ml milk'];
    const set = figure(TURNOVER, [...bacon, '2 eggs, beaten'], 'heat');
    expect(set).toBeLessThan(5);
    expect(figure(TURNOVER, bacon, 'heat')).toBeGreaterThan(set + 15);
  });
  it('set broth is room more: what gelatine holds cold may run hot', () => {
    const plain = judged(DUMPLING, [...MINCE, '200 ml stock']).moisture.heat.band[1];
    const set = judged(DUMPLING, [...MINCE, '200 ml stock', '5 g gelatine']).moisture.heat.band[1];
    expect(set).toBeGreaterThan(plain + 5);
  });
  it('soy sauce is no jelly', () => {
    expect(judged(DUMPLING, [...MINCE, '3 tbsp soy sauce']).ledger.setCold).toBe(0);
  });
  it('sugar melts into what runs and moistens; among dry things it stays dry', () => {
    const dry = ['150 g dry breadcrumbs', '150 g sugar'];
    const { wants, brings } = judged(SHEETS, dry).ledger.dry;
    expect(brings).toBe(0);
    expect(wants).toBeGreaterThan(200);
    const syrup = judged(SHEETS, [...dry, '75 ml water']).ledger.dry;
    expect(syrup.brings).toBeGreaterThan(75 + 100);
  });
  it('leaves wrung very hard let go of hardly more than squeezed ones, and are much less', () => {
    const squeezed = judged(SHEETS, ['500 g frozen spinach, thawed and squeezed', '200 g feta']);
    const wrung = judged(SHEETS, ['500 g frozen spinach, thawed and squeezed very hard', '200 g feta']);
    expect(wrung.ledger.finishedG).toBeLessThan(squeezed.ledger.finishedG - 20);
    expect(wrung.moisture.heat.value).toBeLessThan(6);
  });
  it('a tin of thin sheets minds what is poured in, one of pastry does not', () => {
    const lines = ['300 g cooked chicken, shredded', '500 ml cream'];
    const sheets = judged({ ...SHEETS, form: 'pan-pie' }, lines).moisture.board;
    const pastry = judged({ ...TURNOVER, form: 'pan-pie' }, lines).moisture.board;
    expect([sheets.state, pastry.state]).toEqual(['fix', 'good']);
    expect(sheets.sentence).toContain('the sheets take 12');
  });
});

const moistLine: fc.Arbitrary<Line> = fc
  .record({
    ingredient: fc.constantFrom(...catalogue()),
    amount: fc.double({ min: 1, max: 600, noNaN: true }),
    prep: fc.nat(5),
  })
  .map(({ ingredient, amount, prep }) => {
    const table = RELEASES[ingredient.release];
    return { ...LINE(ingredient.id, amount, table[prep % table.length].id), id: `l${amount}` };
  });
const someLines = fc.uniqueArray(moistLine, { minLength: 1, maxLength: 8, selector: ({ id }) => id });
const ledgerOf = (lines: readonly Line[]) => drawLedger(resolved([...lines]), DRY, 0);
const more = fc.double({ min: 1, max: 200, noNaN: true });

describe('whatever is in it', () => {
  it('more water never makes it drier, nor less wet', () => {
    fc.assert(
      fc.property(someLines, more, (lines, grams) => {
        const [before, after] = [ledgerOf(lines), ledgerOf([...lines, LINE('water', grams)])];
        expect(after.dry.grams).toBeLessThanOrEqual(before.dry.grams + 1e-6);
        expect(after.free).toBeGreaterThanOrEqual(before.free - 1e-6);
        expect(after.board.looseG).toBeGreaterThanOrEqual(before.board.looseG - 1e-6);
      }),
      { numRuns: randomRuns(300) },
    );
  });
  it('more crumbs never make it wetter', () => {
    fc.assert(
      fc.property(someLines, more, (lines, grams) => {
        const [before, after] = [ledgerOf(lines), ledgerOf([...lines, LINE('breadcrumbs-dry', grams)])];
        expect(after.free).toBeLessThanOrEqual(before.free + 1e-6);
        expect(after.board.looseG).toBeLessThanOrEqual(before.board.looseG + 1e-6);
      }),
      { numRuns: randomRuns(300) },
    );
  });
  it('the order of lines does not matter, and nothing is below nothing', () => {
    fc.assert(
      fc.property(someLines, (lines) => {
        const [one, other] = [ledgerOf(lines), ledgerOf([...lines].reverse())];
        for (const of of [
          (l: typeof one) => l.free,
          (l: typeof one) => l.dry.grams,
          (l: typeof one) => l.board.looseG,
          (l: typeof one) => l.paste.times,
        ]) {
          expect(of(other)).toBeCloseTo(of(one), 6);
          expect(of(one)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: randomRuns(300) },
    );
  });
});

describe('what is offered', () => {
  const fixesOf = (parcel: Parcel, lines: readonly string[]) => {
    const batch = made(parcel, lines);
    return { batch, ...assess(batch, DEFAULT_KITCHEN, null) };
  };
  const CASES: readonly [string, Parcel, string[], RegExp][] = [
    ['raw courgettes: squeezed', FLAKY, ['500 g courgettes, grated', '200 g feta'], /^Courgette: /],
    ['raw mushrooms: fried', FLAKY, ['400 g mushrooms, sliced', '150 g cream cheese'], /^Mushrooms: browned dry/],
    [
      'stock poured over mince: less of it',
      DUMPLING,
      [...MINCE, '350 ml stock'],
      /^(?:Only \d+ g of the unsalted stock|Beat)/,
    ],
    ['a braise: the stop weight', TURNOVER, BRAISE, /^Cook off \d+ g more: stop when/],
    [
      'crumbs: fewer',
      TURNOVER,
      ['400 g cooked chicken', '100 g dry breadcrumbs', '60 g butter'],
      /^(?:Only \d+ g of the dry breadcrumbs|Leave out)/,
    ],
    [
      'bulgur: soaked first',
      TURNOVER,
      ['250 g chickpeas, drained', '150 g bulgur, dry', '2 onions, fried'],
      /^Soak the dry bulgur/,
    ],
    [
      'oats beyond all measure: a little of them, and stock',
      TURNOVER,
      ['400 g lean beef mince, browned', '200 g oats'],
      /^Only 30 g of the rolled oats.*; stir in \d+ g stock/,
    ],
    [
      'cherries in juice: leave it out, and thicken',
      { ...DUMPLING, school: 'cooked' },
      ['500 g cherries, stoned', '60 g sugar', '100 ml cherry juice'],
      /^Leave out the fruit juice; add \d/,
    ],
    [
      'spinach and tub cheese: the wetter one squeezed',
      SHEETS,
      ['400 g frozen spinach, thawed', '400 g cottage cheese', '1 egg'],
      /^Frozen spinach: thawed and squeezed$/,
    ],
    [
      'paste: less starch',
      TURNOVER,
      ['400 g mushrooms, browned', '150 ml milk', '60 g plain flour, cooked out'],
      /^Only \d+ g of the plain flour/,
    ],
  ];
  it.each(CASES)('%s', (_, parcel, lines, first) => {
    expect(fixesOf(parcel, lines).checks.moisture.fixes[0]?.label).toMatch(first);
  });
  it.each(CASES)('%s: each does what it promises, and at most five are offered', (_, parcel, lines) => {
    const { batch, checks } = fixesOf(parcel, lines);
    const { fixes } = checks.moisture;
    expect(fixes.length).toBeGreaterThan(0);
    expect(fixes.length).toBeLessThanOrEqual(5);
    for (const { change, promise, label } of fixes) {
      const then = assess(change.reduce(apply, batch), DEFAULT_KITCHEN, null).checks.moisture;
      expect(`${label}: ${String(then.value)}`).toBe(`${label}: ${String(promise)}`);
    }
  });
  it('both at once, by one tap, where one alone leaves it wet', () => {
    const lines = ['400 g frozen spinach, thawed', '400 g cottage cheese', '1 egg'];
    const { batch, checks } = fixesOf(SHEETS, lines);
    const both = checks.moisture.fixes.find(({ id }) => id === 'together');
    expect(both?.label).toBe('Frozen spinach: thawed and squeezed; cottage cheese: drained overnight');
    const then = assess((both?.change ?? []).reduce(apply, batch), DEFAULT_KITCHEN, null).checks.moisture;
    expect(then.state).toBe('good');
  });
  it('nothing sweet is salted and squeezed, and passata is not drained', () => {
    const sweet = fixesOf(SHEETS, ['500 g courgettes, grated', '120 g sugar', '1 tsp cinnamon']).checks.moisture.fixes;
    expect(sweet.map(({ label }) => label).join()).not.toMatch(/salted/);
    const sauce = fixesOf(TURNOVER, ['400 g passata', '250 g cooked lentils']).checks.moisture.fixes;
    expect(sauce.map(({ label }) => label).join()).not.toMatch(/drain/);
  });
});
