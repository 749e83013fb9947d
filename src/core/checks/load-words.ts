/** What is said of cooking in loads, and of the pot they swim in. */
import { FRIDGE_AFTER, type LoadsToCook } from '../cooking/loads-to-cook';
import { MOST_FALL_K } from '../heat/liquids';
import { type PotForecast } from '../cooking/pot-of';
import { formatNumber } from '../units/amount';
import { formatDifference, formatMinutes, formatTemperature } from '../units/format';

/** Waiting for less than this is nothing to speak of, min. */
const WAIT_WORTH = 10;

/** How many at once, in how many loads, how long. */
export function loadsWords(
  { atOnce, loads, eachMinutes, allMinutes, appliance, floors }: LoadsToCook,
  count: number,
): string {
  const each = formatMinutes(eachMinutes);
  const where = floors > 1 ? `, on ${floors} ${appliance.kind === 'oven' ? 'trays' : 'tiers'}` : '';
  if (loads === 1) return count === 1 ? `*One* load of ${each}.` : `All *${count}* at once${where}: ${each}.`;
  return `*${atOnce}* at once${where}, ${loads} loads of ${each}: *${formatMinutes(allMinutes)}* in all, with two minutes between.`;
}

/** What the last ones do meanwhile; null where they hardly wait. */
export function waitWords({ lastWaits }: LoadsToCook, isRaw: boolean): string | null {
  if (lastWaits < WAIT_WORTH) return null;
  const minutes = formatMinutes(lastWaits);
  if (isRaw && lastWaits >= FRIDGE_AFTER) {
    return `The last ones wait ${minutes}. Keep them in the fridge until then, on a floured tray, uncovered; on the bench, the bench clock keeps running.`;
  }
  return `The last ones wait ${minutes}. Keep them under a cloth, so the skins don’t dry.`;
}

/** More than fit side by side; null where they do. */
export function crowdWords({ atOnce, fits, appliance }: LoadsToCook): string | null {
  if (atOnce <= fits) return null;
  const then = {
    oven: 'touching they steam each other and stay pale',
    pan: 'touching they steam instead of browning',
    pot: 'this many can’t turn over, so they stick and cook unevenly',
    steamer: 'touching they stick together and tear',
  }[appliance.kind];
  return `Only ${fits} ${appliance.kind === 'pot' ? 'float freely' : 'lie side by side'}: ${then}.`;
}

/** How far the pot falls, and when it is back. */
export function potWords(
  { medium, setC, lowestC, backAtMinute, bears, count, fits }: PotForecast,
  scale: 'C' | 'F',
): string {
  const t = (c: number): string => formatTemperature(Math.round(c), scale);
  const what = medium === 'oil' ? 'The oil' : 'The water';
  const back =
    backAtMinute === null
      ? 'and doesn’t come back while they’re in it'
      : backAtMinute === 0
        ? 'so it barely cools'
        : `and is ${medium === 'oil' ? 'back' : 'boiling again'} after ${formatMinutes(Math.max(1, Math.round(backAtMinute)))}`;
  const within = formatDifference(MOST_FALL_K, scale);
  const most =
    bears >= fits
      ? ''
      : bears === 0
        ? ` Not even one keeps it within ${within}.`
        : ` At most *${bears}* at once keep it within ${within}.`;
  return `${what} falls from ${t(setC)} to *${t(lowestC)}* with ${count} at once, ${back}.${most}`;
}

/** How high it stands. */
export const highWords = ({ medium, high }: PotForecast): string =>
  `${medium === 'oil' ? 'Oil' : 'Water'} stands ${formatNumber(100 * high, 0)} % up the pot${medium === 'oil' ? '; at most half' : ''}.`;
