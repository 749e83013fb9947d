/** Where something cools, and how: the same for batches, commands and the thermometer bridge. */
import { z } from '../zod';
import { LIMITS } from '../vocabulary/limits';
import { between } from './span';
import { BASE_IDS } from '../vocabulary/bases';
import { PLACE_IDS } from '../vocabulary/places';

export const surroundings = {
  base: z.enum(BASE_IDS).describe('What the vessel stands on.'),
  place: z.enum(PLACE_IDS).describe('Where it stands.'),
  ambientC: between(LIMITS.airC, '°C'),
  covered: z.boolean().describe('Covered: no steam leaves.'),
  stirred: z.boolean().describe('Stirred all the time, or thin enough to mix itself.'),
  stirEveryMinutes: between(LIMITS.stirEveryMinutes, 'minutes'),
};
