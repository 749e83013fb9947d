/** Frying in a finger of oil, open and under a lid: read, planned, forecast, cautioned. */
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { findCauses } from '@/core/notebook/find-causes';
import { numbersOf } from '@/core/notebook/numbers';
import { heatInWords } from '@/core/recipe/plan/heat-in-words';
import { batchInWords } from '@/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { stepsOf, wayOf } from '@/core/stored/ways-to-cook';
import { type FormId } from '@/core/forms';
import { type MediumId } from '@/core/vocabulary/media';
import { step } from '@/core/vocabulary/media/step';
import { type WayToCook } from '@/core/vocabulary/ways-to-cook';

const AT = '2026-12-05T15:00:00Z';
const made = (form: FormId): Batch =>
  batchInWords(
    {
      title: 'Meat pies in the pan',
      form,
      school: 'raw',
      count: 12,
      lines: ['400 g beef mince', '180 g onion, finely diced', '8 g salt'],
      dough: 'bread',
    },
    { id: 'pan', at: AT },
  ).batch;
const MEAT = made('three-corners');

it.each<[string, MediumId, number[], number]>([
  ['Fry in a finger of oil under a lid, 5 minutes a side.', 'shallow-lid', [5, 5], 160],
  ['Shallow-fry covered on a low heat for 4 minutes, turn and fry 3 minutes more.', 'shallow-lid', [4, 3], 160],
  ['Cook in 1 cm of oil with the lid on, 5 min each side.', 'shallow-lid', [5, 5], 160],
  ['Put them in the pan with hot oil, cover, fry gently 6 minutes, turn over, 5 minutes.', 'shallow-lid', [6, 5], 160],
  ['Shallow fry at 175 C, 4 minutes a side.', 'shallow-oil', [4, 4], 175],
  ['Shallow-fry for 8 minutes until golden.', 'shallow-oil', [4, 4], 170],
])('%s', (words, medium, minutes, setC) => {
  const read = heatInWords([`Fill and fold. ${words}`]);
  expect(read?.method).toBe('fry');
  expect(read?.steps).toEqual(minutes.map((one, i) => step(medium, setC, one, i > 0)));
});

it.each([
  ['Pan fry 2 minutes, add 80 ml water, cover and steam 6 minutes.', 'sear'],
  ['Cook in a dry pan, lid on, 4 minutes each side.', 'griddle'],
  ['Fry on both sides in a little oil until brown, about 3 minutes a side.', 'griddle'],
  ['Deep fry at 175 C for 5 minutes.', 'fry'],
  ['Bake, covered with foil, at 190 C for 30 minutes.', 'bake'],
])('%s is no shallow frying', (words, method) => {
  const read = heatInWords([`Fill and fold. ${words}`]);
  expect(read?.method).toBe(method);
  expect(read?.steps?.some(({ medium }) => medium.startsWith('shallow')) ?? false).toBe(false);
});

/** What may have caused it, in its own sentences. */
function causesOf(batch: Batch, found: 'too-brown' | 'greasy'): string {
  const noted = apply(batch, { do: 'noteOutcome', outcome: { what: found, much: 'clearly', where: null }, at: AT });
  const numbers = numbersOf(noted, DEFAULT_KITCHEN, forecastHeat(noted, DEFAULT_KITCHEN, 'first'));
  return findCauses(numbers)
    .flatMap(({ causes }) => causes.map(({ sentence }) => sentence))
    .join(' | ');
}

const cooked = (way: WayToCook, batch = MEAT): Batch =>
  apply(batch, { do: 'setCook', to: { method: 'fry', startC: 8, steps: stepsOf(way, batch.wrap.form) } });

it('under a lid the middle of a raw filling is hot sooner than in the open pan, at the same heat below', () => {
  const lid = [step('shallow-lid', 160, 6), step('shallow-lid', 160, 6, true)];
  const open = lid.map((one) => ({ ...one, medium: 'shallow-oil' as const }));
  const hotAt = (form: FormId, steps: typeof open | typeof lid): number => {
    const planned = apply(made(form), { do: 'setCook', to: { method: 'fry', startC: 8, steps } });
    return forecastHeat(planned, DEFAULT_KITCHEN, 'first').core?.minutes ?? Infinity;
  };
  // What is round is met by the mean of its faces; a flat one by each of them.
  expect(hotAt('flat-round', lid)).toBeLessThan(0.9 * hotAt('flat-round', open));
  expect(hotAt('three-corners', lid)).toBeLessThan(hotAt('three-corners', open));
});

it('as ready made it is known again, warns of the lid, and is no pan that was planned too hot or too long', () => {
  const batch = cooked('fry-lid');
  expect(wayOf(batch.cook, batch.wrap.form)).toBe('fry-lid');
  const cautions = assess(batch, DEFAULT_KITCHEN, null).checks.core.cautions.join(' | ');
  expect(cautions).toContain('Drops from the lid make hot oil spit');
  expect(cautions).toContain('Oil never above 190');
  expect(assess(cooked('fry-shallow'), DEFAULT_KITCHEN, null).checks.core.cautions.join()).not.toContain('lid make');
  for (const way of ['fry-lid', 'fry-shallow'] as const) {
    expect(causesOf(cooked(way), 'too-brown')).not.toMatch(/is usual/);
    expect(causesOf(cooked(way), 'greasy')).not.toMatch(/oil soaks in before/);
  }
});
