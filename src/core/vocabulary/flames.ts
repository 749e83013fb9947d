/** What is done with the flame under a pot of oil as a load goes in. */
import { idsOf, recordsOf } from './records';

export const FLAMES = recordsOf<{ label: string }>()({
  left: { label: 'left as it is' },
  'turned-up': { label: 'turned up as they go in, or a thermostat' },
});
export type Flame = keyof typeof FLAMES;
export const FLAME_IDS = idsOf(FLAMES);
