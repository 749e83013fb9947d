/** Two versions side by side: only what differs. */
import { mainStep, plannedMinutes } from '../stored/cooking';
import { type Batch, type Line } from '../stored/schema';
import { DOUGHS } from '../vocabulary/doughs';
import { EDGES, VENTS } from '../vocabulary/edges';
import { FORMS } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { METHODS } from '../vocabulary/methods';
import { OUTCOMES, PLACES_IN_PARCEL } from '../vocabulary/outcomes';
import { lookUp } from '../food/larder';
import { formatNumber } from '../units/amount';
import { formatGrams, formatTemperature } from '../units/format';

interface Difference {
  what: string;
  /** Empty where it is only in the other one. */
  one: string;
  other: string;
}

const amountOf = ({ amount, unit, preparation }: Line): string =>
  `${formatNumber(amount)} ${unit}${preparation === 'raw' ? '' : `, ${preparation}`}`;

/** What is said of a batch, by what it is called. */
function saidOf(batch: Batch, scale: 'C' | 'F'): Map<string, string> {
  const { wrap, cook, cool, count, lines, ingredients, water, note } = batch;
  const { medium, mediumC } = mainStep(cook);
  const said = new Map<string, string>();
  const seen = new Map<string, number>();
  for (const line of lines) {
    const name = lookUp(ingredients, line.ingredientId)?.name ?? line.ingredientId;
    const times = (seen.get(name) ?? 0) + 1;
    seen.set(name, times);
    said.set(times === 1 ? name : `${name}, ${times}`, amountOf(line));
  }
  const rest: [string, string][] = [
    ['Pieces', `${count} ${FORMS[wrap.form].plural}`],
    ['Filling in each', formatGrams(wrap.portionG)],
    ['Dough', wrap.ownDough?.name ?? DOUGHS[wrap.dough].label],
    ['Rolled to', `${formatNumber(wrap.thicknessMm, 1)} mm`],
    ['Edge', EDGES[wrap.edge].label],
    ['Vent', VENTS[wrap.vent].label],
    ['Boiled off', water.estimate.by === 'grams' ? formatGrams(water.estimate.grams) : `${water.estimate.minutes} min`],
    ['Drained', formatGrams(water.drainedG)],
    ['Cooled', `${formatNumber(cool.depthMm ?? 0)} mm deep, ${cool.place}${cool.covered ? ', covered' : ''}`],
    ['Cooked', `${METHODS[cook.method].done}, ${MEDIA[medium].label}`],
    ['Heat', mediumC === null ? '' : formatTemperature(mediumC, scale)],
    ['Minutes', `${formatNumber(plannedMinutes(cook))} min`],
    ['At once', cook.load === null ? 'as many as fit' : String(cook.load)],
    [
      'Came out',
      note.outcomes
        .map(
          ({ what, where }) => `${OUTCOMES[what].label}${where === null ? '' : ` (${PLACES_IN_PARCEL[where].label})`}`,
        )
        .join(', '),
    ],
  ];
  for (const [what, words] of rest) said.set(what, words);
  return said;
}

/** What two versions differ in, in the order of the first; what only the other has comes where it stands there. */
export function differences(one: Batch, other: Batch, scale: 'C' | 'F'): Difference[] {
  const [a, b] = [saidOf(one, scale), saidOf(other, scale)];
  const only = [...b.keys()].filter((what) => !a.has(what));
  return [...a.keys(), ...only]
    .map((what) => ({ what, one: a.get(what) ?? '', other: b.get(what) ?? '' }))
    .filter((d) => d.one !== d.other);
}
