/** Which parcel to push the probe into, and where. */
import { kindFor } from '../cooking/appliance';
import { type Batch } from '../stored/schema';
import { type ApplianceKind } from '../vocabulary/appliances';
import { FORMS } from '../forms';

/** Where it is usually coolest. House estimates; a kitchen soon knows better. */
const COOLEST: Readonly<Record<ApplianceKind, string>> = {
  oven: 'from the corner by the door',
  pan: 'from the edge of the pan',
  pot: 'one that went in last',
  steamer: 'from the edge of the lower tier',
};
/** One pan is measured in several places. */
const IN_A_PAN = ['in the middle, where it is deepest', 'half-way to the edge', 'at the other side of the middle'];

/**
 * What to measure next.
 * @param done readings of this round so far
 * @param needed in all
 */
export function probeWords({ cook, wrap }: Pick<Batch, 'cook' | 'wrap'>, done: number, needed: number): string {
  if (FORMS[wrap.form].size === 'pan') return `Measure ${IN_A_PAN[done % IN_A_PAN.length]}, half its depth down.`;
  const kind = kindFor(cook);
  const place = kind === null ? '' : `, ${COOLEST[kind]}`;
  const which = done === 0 ? 'The thickest' : done + 1 < needed ? 'The next thickest' : 'One more of the thick ones';
  return `${which}${place}. The tip in the middle of the filling, not through to the other side.`;
}
