/** The air around something that cools. Without the solver: screens ask for it too. */
import { AIR, type Place } from './surfaces';

/** The air's temperature in some surroundings, °C: as said, else the place's usual. */
export const airOf = ({ place, ambientC }: { place: Place; ambientC?: number }): number =>
  ambientC ?? AIR[place].ambientC;
