/** Two versions side by side: only what differs. */
import { mainStep, plannedMinutes } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch, type Line } from '../stored/schema';
import { BASES } from '../vocabulary/bases';
import { DOUGHS } from '../vocabulary/doughs';
import { EDGES, VENTS } from '../vocabulary/edges';
import { FORMS } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { METHODS } from '../vocabulary/methods';
import { OUTCOMES, PLACES_IN_PARCEL } from '../vocabulary/outcomes';
import { PLACES } from '../vocabulary/places';
import { preparation } from '../vocabulary/releases';
import { VESSELS } from '../vocabulary/vessels';
import { type Ingredient } from '../food/ingredient';
import { lookUp } from '../food/larder';
import { formatNumber } from '../units/amount';
import { formatGrams, formatTemperature } from '../units/format';
import { formatLength, type LengthUnit } from '../units/lengths';
import { skinWords } from '../wrapper/skin-words';

interface Difference {
  what: string;
  /** Empty where it is only in the other one. */
  one: string;
  other: string;
}

const amountOf = ({ amount, unit, preparation: id }: Line, food: Ingredient | undefined): string =>
  `${formatNumber(amount)} ${unit}${id === 'raw' ? '' : `, ${food === undefined ? id : preparation(food.release, id).label}`}`;

/** How the kitchen likes what is measured. */
type Shown = Pick<Kitchen, 'temperature' | 'lengths'>;

/** What is said of a batch, by what it is called. */
function saidOf(batch: Batch, { temperature: scale, lengths }: Shown): Map<string, string> {
  const { wrap, cook, cool, count, lines, ingredients, water, note } = batch;
  const { medium, mediumC } = mainStep(cook);
  const entries = new Map<string, string>();
  const seen = new Map<string, number>();
  for (const line of lines) {
    const food = lookUp(ingredients, line.ingredientId);
    const name = food?.name ?? line.ingredientId;
    const times = (seen.get(name) ?? 0) + 1;
    seen.set(name, times);
    entries.set(times === 1 ? name : `${name}, ${times}`, amountOf(line, food));
  }
  const rest: [string, string][] = [
    ['Pieces', `${count} ${FORMS[wrap.form].plural}`],
    ['Filling in each', formatGrams(wrap.portionG)],
    ['Dough', wrap.ownDough?.name ?? DOUGHS[wrap.dough].label],
    ['Skin', skinWords(wrap.skin, lengths)],
    ['Rolled to', formatLength(wrap.thicknessMm, lengths, 1)],
    ['Edge', EDGES[wrap.edge].label],
    ['Vent', VENTS[wrap.vent].label],
    ['Boiled off', water.estimate.by === 'grams' ? formatGrams(water.estimate.grams) : `${water.estimate.minutes} min`],
    ['Drained', formatGrams(water.drainedG)],
    ['Cooled', cooledIn(cool, lengths)],
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
  for (const [what, words] of rest) entries.set(what, words);
  return entries;
}

/** `shallow dish, 32 mm deep, on ice and water, fridge, covered` */
const cooledIn = (
  { vessel, depthMm, base, place, covered, stirred, stirEveryMinutes, legs }: Batch['cool'],
  unit: LengthUnit,
): string =>
  [
    VESSELS[vessel.kind].label,
    ...(vessel.areaCm2 === null ? [`${formatLength(depthMm, unit, 0)} deep`] : []),
    ...legs.map((leg) => `first ${formatNumber(leg.minutes)} min: ${standing(leg)}`),
    standing({ base, place, covered }),
    ...(stirred
      ? ['stirred']
      : stirEveryMinutes === null
        ? []
        : [`stirred every ${formatNumber(stirEveryMinutes)} min`]),
  ].join(', ');

const standing = ({ base, place, covered }: Pick<Batch['cool'], 'base' | 'place' | 'covered'>): string =>
  `${PLACES[place].label}, on ${base === 'ice' ? '' : 'a '}${BASES[base].label}${covered ? ', covered' : ''}`;

/** What two versions differ in, in the order of the first; what only the other has comes where it stands there. */
export function differences(one: Batch, other: Batch, shown: Shown): Difference[] {
  const [a, b] = [saidOf(one, shown), saidOf(other, shown)];
  const only = [...b.keys()].filter((what) => !a.has(what));
  return [...a.keys(), ...only]
    .map((what) => ({ what, one: a.get(what) ?? '', other: b.get(what) ?? '' }))
    .filter((d) => d.one !== d.other);
}
