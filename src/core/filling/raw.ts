/** What goes into the wrapper raw, and what hazard each line brings as it goes in. */
import { type Hazard, HAZARDS } from '../vocabulary/foods';
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from './lines';

/** Animal food that is raw when the parcel is closed. */
export const goesInRaw = ({ line, preparation, ingredient }: ResolvedLine): boolean =>
  STAGES[line.stage].keepsRaw && !preparation.cooked && HAZARDS[ingredient.hazard].isRawAnimal;

/** Food that was cooked before it goes in is reheated: it counts as a leftover. */
export function hazardAsItGoesIn({ line, preparation, ingredient: { hazard } }: ResolvedLine): Hazard {
  const cookedBefore = preparation.cooked || STAGES[line.stage].isHot;
  return HAZARDS[hazard].isRawAnimal && cookedBefore ? 'cooked-animal' : hazard;
}
