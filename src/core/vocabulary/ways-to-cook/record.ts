/** A ready-made way to cook: steps that a cook may then change. */
import { type CookStep } from '../media/step';
import { type Method } from '../methods';
import { type Size } from '../methods/method';

export interface WayToCookRecord {
  label: string;
  /** What it is called, and what band of moisture it asks for. */
  method: Method;
  /** Its trade, in a sentence. */
  note: string;
  /** Minutes are house estimates for parcels from the fridge with a cooked or raw filling. */
  steps(size: Size): readonly [CookStep, ...CookStep[]];
}
