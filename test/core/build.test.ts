import { assess } from '@/core/checks/assess';
import { cookAnswer, fillAnswer } from '@/core/checks/answer-words';
import { forecastHeat } from '@/core/forecast/heat';
import { change } from '@/core/stored/change';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { lineOf } from '@/core/stored/new-line';
import { apply } from '@/core/stored/operations';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { wayOf } from '@/core/stored/ways-to-cook';
import { methodInstead, neverWords, whyNever } from '@/core/vocabulary/goes-together';
import { type Answers, build, usualHowMany } from '@/core/wrapper/build';
import { EVERYDAY, EVERYDAY_IDS, type EverydayId } from '@/core/wrapper/everyday';
import { wrapperMaking } from '@/core/wrapper/making';
import { wrapAnswer } from '@/core/wrapper/wrap-answer';

const AT = '2026-12-05T16:00:00.000Z';
const built = (thing: EverydayId, more: Partial<Answers> = {}): Batch =>
  build({
    id: 'b1',
    thing,
    dough: null,
    way: null,
    school: null,
    howMany: usualHowMany(thing),
    title: EVERYDAY[thing].plural,
    at: AT,
    ...more,
  });
/** With so much of one ordinary thing in it. */
const filled = (batch: Batch, grams: number): Batch =>
  apply(batch, { do: 'addLine', line: lineOf(batch.lines, 'pork-shoulder', grams, 'raw-mix') });
const fitOf = (batch: Batch) => {
  const { fits } = assess(batch, DEFAULT_KITCHEN, null).checks.fit;
  if (fits === undefined) throw new Error('nothing to fit');
  return fits;
};

describe('a thing by its everyday name', () => {
  it.each(EVERYDAY_IDS)('%s is a valid batch that closes easily, and nobody would ask about it', (thing) => {
    const batch = built(thing);
    expect(batchSchema.safeParse(batch).success).toBe(true);
    expect(whyNever(batch.wrap.dough, batch.cook.method)).toBeNull();
    expect(wayOf(batch.cook, batch.wrap.form)).toBe(EVERYDAY[thing].way);
    expect(fitOf(filled(batch, batch.count * batch.wrap.portionG)).closes.state).toBe('good');
  });

  it('900 g shared over 16 hand pies: the skin is cut for the portion', () => {
    const batch = built('hand-pie', { howMany: { by: 'filling', fillingG: 900, count: 16 } });
    expect([batch.count, batch.wrap.portionG]).toEqual([16, 56]);
    expect(batch.wrap.skin).toEqual({ shape: 'round', diameterMm: 110 });
    expect(fitOf(filled(batch, 900))).toMatchObject({ closes: { state: 'good' }, even: { state: 'good' } });
  });

  it('a filling alone makes as many as it fills', () => {
    const batch = built('dumpling', { howMany: { by: 'filling', fillingG: 500, count: null } });
    expect(batch.count).toBe(Math.floor(500 / built('dumpling').wrap.portionG));
  });

  it.each([
    ['dumpling', 4, 24, 48],
    ['hand-pie', 4, 8, 16],
    ['pasty', 4, 4, 4],
    ['pan-pie', 6, 1, 1],
    ['pan-pie', 12, 2, 2],
  ] as const)('%s for %d people are %d to %d', (thing, people, least, most) => {
    const { count } = built(thing, { howMany: { by: 'people', people } });
    expect(count).toBeGreaterThanOrEqual(least);
    expect(count).toBeLessThanOrEqual(most);
  });

  it('another dough is rolled as is usual for it', () =>
    expect(built('dumpling', { dough: 'bought-skin' }).wrap).toMatchObject({ dough: 'bought-skin', thicknessMm: 1 }));
});

describe('what nobody makes', () => {
  const boiled = filled(built('hand-pie', { way: 'boil' }), 900);
  it('is asked about, not made better', () => {
    const { checks, findings } = assess(boiled, DEFAULT_KITCHEN, forecastHeat(boiled, DEFAULT_KITCHEN, 'first'));
    expect(checks.core).toMatchObject({ state: 'watch', headline: 'Core: boiled?', isOpen: true, fixes: [] });
    expect(checks.core.sentence).toContain('isn’t boiled: it falls apart in water');
    expect(checks.moisture.fixes).toEqual([]);
    const [asked] = findings.filter(({ alsoAt }) => alsoAt === 'cook');
    const mended = change(boiled, [...(asked.fix?.change ?? [])], () => undefined);
    expect(mended.ok && mended.document.cook.method).toBe('bake');
  });

  it.each([
    ['thin-sheets', 'boil', 'Thin stretched sheets aren’t boiled: they soak and tear.'],
    ['rough-laminated', 'steam', 'Rough laminated pastry isn’t steamed: its layers never lift in steam.'],
    ['noodle', 'boil', null],
    ['bought-skin', 'boil', null],
    ['steamed-bun', 'fry', null],
    ['short', 'fry', null],
    ['spiral', 'griddle', null],
  ] as const)('%s, %s', (dough, method, words) => {
    expect(neverWords(dough, method)).toBe(words);
    expect(whyNever(dough, methodInstead(dough))).toBeNull();
  });
});

describe('a station’s one answer', () => {
  const pies = filled(built('hand-pie', { howMany: { by: 'filling', fillingG: 900, count: 16 } }), 900);
  const of = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, null);
  it('Fill: how much there is, and how many it fills', () => {
    expect(fillAnswer(pies, of(pies))).toBe('*900 g* of filling for *16 double rounds* of 56 g.');
    const more = apply(pies, { do: 'setBatch', to: { count: 10 } });
    expect(fillAnswer(more, of(more))).toBe('*900 g* of filling fills *16* at 56 g; you plan 10.');
    const empty = built('dumpling');
    expect(fillAnswer(empty, of(empty))).toMatch(/^Nothing in it yet: 24 half-moons of \d+ g\.$/);
  });

  it('Wrap: how much in each, in what, how much dough; in inches where the kitchen likes them', () => {
    const { fit, laid, dough } = of(pies);
    const plan = wrapperMaking(pies, DEFAULT_KITCHEN, fit, laid, dough);
    expect(wrapAnswer(pies, DEFAULT_KITCHEN, plan)).toBe('*56 g* each, *110 mm rounds*, *1.1 kg* of dough.');
    expect(wrapAnswer(pies, { ...DEFAULT_KITCHEN, lengths: 'in' }, plan)).toContain('*4⅜\u00a0in rounds*');
  });

  it('Cook: how long, in what, in how many loads', () => {
    expect(cookAnswer(pies, of(pies), DEFAULT_KITCHEN)).toMatch(/^\*22 min\*, oven, on a tray at 190 °C: /);
    const many = apply(pies, { do: 'setBatch', to: { count: 40 } });
    expect(cookAnswer(many, of(many), { ...DEFAULT_KITCHEN, temperature: 'F' })).toMatch(
      /at 374 °F: \*\d loads\* of \d+, .* in all\.$/,
    );
  });
});
