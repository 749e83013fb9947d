/** What was found in a recipe, in the kitchen's units where it has some. */
import { acrossOf } from '../../forms/skins';
import { mainStep, plannedMinutes } from '../../stored/cooking';
import { type Kitchen } from '../../stored/kitchen-schema';
import { type Batch } from '../../stored/schema';
import { formatGrams, formatTemperature } from '../../units/format';
import { formatLength, type LengthUnit } from '../../units/lengths';
import { METHODS } from '../../vocabulary/methods';
import { type Found } from './found';

export const sizeWords = ({ wrap }: Batch, lengths: LengthUnit): string =>
  `${formatGrams(wrap.portionG)} each, skin ${formatLength(acrossOf(wrap.skin), lengths, 0)}, ${formatLength(wrap.thicknessMm, lengths)} thick`;

export function heatWords({ cook }: Batch, scale: 'C' | 'F'): string {
  const { mediumC } = mainStep(cook);
  const heat = mediumC === null ? '' : `, ${formatTemperature(mediumC, scale)}`;
  return `${METHODS[cook.method].label}${heat}, ${plannedMinutes(cook)} min`;
}

/** What was found, its size and heat as this kitchen shows them. */
export function inUnits(
  found: Found,
  batch: Batch,
  { lengths, temperature }: Pick<Kitchen, 'lengths' | 'temperature'>,
): Found {
  if (found.what === 'size') return { ...found, value: sizeWords(batch, lengths) };
  return found.what === 'heat' ? { ...found, value: heatWords(batch, temperature) } : found;
}
