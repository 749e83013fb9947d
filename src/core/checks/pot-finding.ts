/** What is wrong with a pot of oil or water: too full, or too cold with so many in it. */
import { MOST_OIL_HIGH } from '../cooking/pot-limits';
import { MOST_FALL_K } from '../heat/liquids';
import { type PotForecast } from '../cooking/pot-of';
import { type Flame } from '../vocabulary/flames';
import { formatNumber } from '../units/amount';
import { formatDifference, formatMinutes, formatTemperature } from '../units/format';
import { type CheckState } from './check';

interface PotFinding {
  state: CheckState;
  headline: string;
  sentence: string;
}

/** Oil that falls by more fries nothing: it soaks through, K. House estimate, as cooks have it. */
const SOAKS_K = 25;
/** Water that is not back at the boil by then is too little, or too weak a flame, min. House estimate. */
const BACK_BY = 5;
/** So much above half is still half, share of the depth. */
const GRACE = 0.01;

export const isTooFull = ({ medium, high }: PotForecast): boolean => medium === 'oil' && high > MOST_OIL_HIGH + GRACE;
export const isTooCold = ({ medium, setC, lowestC, backAtMinute }: PotForecast): boolean =>
  medium === 'oil'
    ? setC - lowestC > MOST_FALL_K
    : lowestC < setC - MOST_FALL_K && (backAtMinute === null || backAtMinute > BACK_BY);

/** The gravest finding; null where the pot bears it. */
export function potFinding(pot: PotForecast, flame: Flame, scale: 'C' | 'F'): PotFinding | null {
  const t = (c: number): string => formatTemperature(Math.round(c), scale);
  const { medium, setC, lowestC, count, bears, backAtMinute } = pot;
  if (isTooFull(pot)) {
    return {
      state: 'fix',
      headline: 'Core: the pot is too full of oil',
      sentence: `Oil stands *${formatNumber(100 * pot.high, 0)} %* up the pot: it rises and boils over onto the flame. At most half.`,
    };
  }
  if (!isTooCold(pot)) return null;
  const fewer =
    bears >= 1 && bears < count
      ? ` ${bears} at once would keep it within ${formatDifference(MOST_FALL_K, scale)}.`
      : '';
  if (medium === 'water') {
    return {
      state: 'watch',
      headline: 'Core: the water stops boiling',
      sentence: `With ${count} at once it falls to *${t(lowestC)}* and ${backAtMinute === null ? 'doesn’t come back' : `boils again after ${formatMinutes(backAtMinute)}`}: they stick and go soft.`,
    };
  }
  return {
    state: setC - lowestC > SOAKS_K ? 'fix' : 'watch',
    headline: 'Core: the oil falls too far',
    sentence: `From ${t(setC)} to *${t(lowestC)}* with ${count} at once${flame === 'left' ? ' and the flame as it is' : ''}: they soak up oil instead of frying.${fewer}`,
  };
}
