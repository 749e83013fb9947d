/** The air around something that cools. Without the solver: screens ask for it too. */
import { DEFAULT_KITCHEN } from '../stored/kitchen';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Place, PLACES } from '../vocabulary/places';

/** The air's temperature in some surroundings, °C: as said, else as the kitchen has it there, else as most have. */
export const airOf = (
  { place, ambientC }: { place: Place; ambientC?: number | null },
  kitchen: Pick<Kitchen, 'roomC' | 'fridgeC' | 'freezerC' | 'porchC'> = DEFAULT_KITCHEN,
): number => ambientC ?? kitchen[PLACES[place].air];
