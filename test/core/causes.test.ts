/** Causes, on batches that a practice kitchen spoils: one fault each, which the rules know nothing of. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type Outcome } from '@/core/stored/note-schema';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { isGood } from '@/core/vocabulary/outcomes';
import { forecastHeat } from '@/core/forecast/heat';
import { contradictions } from '@/core/notebook/contradictions';
import { CAUSE_RULES, type Explained, findCauses } from '@/core/notebook/find-causes';
import { numbersOf } from '@/core/notebook/numbers';
import { live } from '@/core/rehearsal/live';
import { AS_IT_SEEMS } from '@/core/rehearsal/truth';
import { uniform } from '@/core/random/generators';
import { type Fault, FAULTS, ORDINARY, truthOf } from './spoilt-batches';

const AT = '2026-12-05T10:00:00.000Z';
const explained = (batch: Batch): Explained[] =>
  findCauses(numbersOf(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first')));

/** What comes of an ordinary batch in a kitchen that is as it seems, each worked out once. */
const asItSeems = new Map<Batch, ReturnType<typeof live>>();
const ordinary = (batch: Batch): ReturnType<typeof live> => {
  const known = asItSeems.get(batch) ?? live(batch, DEFAULT_KITCHEN, AS_IT_SEEMS, AT, 1);
  asItSeems.set(batch, known);
  return known;
};

/** A batch that such a fault shows in: drawn until something is found that an ordinary one of its kind has not. */
function drawn(fault: Fault, seed: number): { name: string; batch: Batch; outcome: Outcome } {
  const random = uniform(seed);
  const fits = ORDINARY.filter(fault.fits);
  for (let tries = 0; tries < 12; tries++) {
    const base = fits[Math.floor(random() * fits.length)];
    const much = random();
    const planned = (fault.spoil?.(base, much) ?? []).reduce(apply, base);
    const { batch } = live(planned, DEFAULT_KITCHEN, truthOf(fault, base, much), AT, seed);
    const before = ordinary(base).batch.note.outcomes.map((o) => o.what);
    const outcome = batch.note.outcomes.find(({ what }) => !isGood(what) && !before.includes(what));
    if (outcome) return { name: `${fault.name}, ${base.title}`, batch, outcome };
  }
  throw new Error(`${fault.name} shows in no batch`);
}

describe('two dozen batches with one fault each', () => {
  const ranks = FAULTS.map((fault, i) => {
    const { name, batch, outcome } = drawn(fault, i + 1);
    const { causes } = explained(batch).filter((e) => e.outcome === outcome || e.outcome.what === outcome.what)[0];
    return { name, outcome: outcome.what, rank: causes.findIndex(({ id }) => fault.is.includes(id)) };
  });

  it('are two dozen, and the names of their causes are those of rules', () => {
    expect(FAULTS.length).toBeGreaterThanOrEqual(24);
    const ids = CAUSE_RULES.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(FAULTS.flatMap(({ is }) => is).filter((id) => !ids.includes(id))).toEqual([]);
  });
  it('the true cause is first in eight of ten', () => {
    expect(ranks.filter(({ rank }) => rank === 0).length / ranks.length).toBeGreaterThanOrEqual(0.8);
  });
  it('and among the first three always', () => {
    expect(ranks.filter(({ rank }) => rank < 0 || rank > 2)).toEqual([]);
  });
});

describe('what nothing in the numbers explains', () => {
  const note = (batch: Batch, ...outcomes: Outcome[]): Batch =>
    outcomes.reduce((b, outcome) => apply(b, { do: 'noteOutcome', outcome, at: AT }), batch);
  const of = (what: Outcome['what'], where: Outcome['where'] = null): Outcome => ({ what, much: 'clearly', where });
  const [turkey] = ORDINARY;

  it('has no cause: a sound batch said to be greasy, salty or pasty', () => {
    const lived = ordinary(turkey).batch;
    for (const what of ['greasy', 'pasty', 'too-brown', 'herb-strong'] as const)
      expect(explained(note(lived, of(what))).filter((e) => e.outcome.what === what)[0].causes).toEqual([]);
  });
  it('good outcomes are not explained away', () =>
    expect(explained(note(turkey, of('juicy', 'middle'), of('crisp', 'bottom')))).toEqual([]));

  it('every cause says its number, where it comes from, and how sure it is', () => {
    const wet: Operation = { do: 'changeLine', id: turkey.lines[0].id, to: { amount: 40 } };
    const all = [turkey, apply(turkey, wet)].flatMap((b) =>
      explained(note(b, of('soggy', 'bottom'), of('burst', 'seam'), of('bland'), of('cold-centre', 'middle'))),
    );
    const causes = all.flatMap((e) => e.causes);
    expect(causes.length).toBeGreaterThan(0);
    for (const cause of causes) {
      expect(cause.sentence).toMatch(/\*[^*]+\*/);
      expect(cause.sentence).not.toMatch(/NaN|undefined|Infinity|null/);
      expect(cause.evidence.length).toBeGreaterThan(0);
      expect(cause.strength).toBeGreaterThan(0);
      expect(cause.strength).toBeLessThanOrEqual(1);
    }
  });
});

describe('outcomes that contradict each other', () => {
  const of = (what: Outcome['what'], where: Outcome['where'] = null, much: Outcome['much'] = 'clearly'): Outcome => ({
    what,
    much,
    where,
  });
  it.each<[string, Outcome[], number]>([
    ['soggy and crisp at the bottom', [of('soggy', 'bottom'), of('crisp', 'bottom')], 1],
    ['soggy at the bottom and crisp on top', [of('soggy', 'bottom'), of('crisp', 'top')], 0],
    ['bland and salty', [of('bland'), of('salty')], 1],
    ['burst at the seam, and stayed closed there', [of('burst', 'seam'), of('held-together', 'seam')], 1],
    ['just right, and a little pale', [of('just-right'), of('pale', 'top', 'little')], 0],
    ['just right, and clearly raw inside', [of('just-right'), of('cold-centre', 'middle')], 1],
  ])('%s', (_name, outcomes, count) => expect(contradictions(outcomes)).toHaveLength(count));
});
