/** What may mend a pot that is too full, or too cold with so many in it. */
import { MOST_OIL_HIGH } from '../cooking/pot-limits';
import { type PotForecast } from '../cooking/pot-of';
import { type Batch } from '../stored/schema';
import { formatNumber } from '../units/amount';
import { formatTemperature } from '../units/format';
import { type Candidate } from './check';
import { isTooCold, isTooFull } from './pot-finding';

/** Oil is poured by tens of grams. */
const TENS = 10;
/** Less than this more oil is not worth pouring, share of the depth. */
const WORTH = 0.06;

const kg = (grams: number): string => (grams >= 1000 ? `${formatNumber(grams / 1000, 2)} kg` : `${grams} g`);

export function potCandidates({ cook }: Pick<Batch, 'cook'>, pot: PotForecast): Candidate[] {
  const set = (to: Partial<Batch['cook']>): Candidate['change'] => [{ do: 'setCook', to }];
  const halfG = Math.floor((pot.liquidG * MOST_OIL_HIGH) / pot.high / TENS) * TENS;
  if (isTooFull(pot)) {
    return [{ id: 'less-oil', label: `${kg(halfG)} of oil: half the pot`, change: set({ liquidG: halfG }) }];
  }
  if (!isTooCold(pot)) return [];
  const { bears, count, fits, medium } = pot;
  const isLeft = medium === 'oil' && cook.flame === 'left';
  return [
    ...(isLeft && count <= fits
      ? [{ id: 'flame-up', label: 'Turn the flame up as they go in', change: set({ flame: 'turned-up' }) }]
      : []),
    ...(isLeft && count > fits
      ? [
          {
            id: 'flame-up-fewer',
            label: 'Turn up the flame and fry as many as it can take',
            change: set({ flame: 'turned-up', load: null }),
          },
        ]
      : []),
    ...(bears >= 1 && bears < count
      ? [{ id: 'fewer-at-once', label: `${bears} at once instead of ${count}`, change: set({ load: bears }) }]
      : []),
    ...(medium === 'oil' && MOST_OIL_HIGH - pot.high > WORTH
      ? [{ id: 'more-oil', label: `More oil: ${kg(halfG)}, half the pot`, change: set({ liquidG: halfG }) }]
      : []),
  ];
}

/** What a fix does to the pot, in words. */
export function potEffect(now: PotForecast, then: PotForecast | null, scale: 'C' | 'F'): string {
  const t = (c: number): string => formatTemperature(Math.round(c), scale);
  if (then === null) return '';
  return isTooFull(now)
    ? `${formatNumber(100 * now.high, 0)} → ${formatNumber(100 * then.high, 0)} % of the pot`
    : `falls to ${t(now.lowestC)} → ${t(then.lowestC)}, ${then.count} at once`;
}

/** A colder pot, or a fuller one, is no help. */
export const potHelps = (now: PotForecast, then: PotForecast | null): boolean =>
  then !== null && (isTooFull(now) ? !isTooFull(then) : !isTooFull(then) && !isTooCold(then));
