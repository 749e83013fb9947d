/** When all parcels are hot, and which is the last: in a sentence. */
import { formatNumber } from '../units/amount';
import { formatDifference, formatMinutes } from '../units/format';
import { type CoreForecast } from '../forecast/heat';

/** Less than this of each makes no parcel the last. */
const WORTH_SHARE = 0.03;
const WORTH_K = 2;

/** What sets the last parcel apart. */
function lastOne({ fullerShare, coolerK }: CoreForecast['differs'], scale: 'C' | 'F'): string {
  const marks = [
    ...(fullerShare >= WORTH_SHARE ? [`with ${formatNumber(100 * fullerShare, 0)} % more filling`] : []),
    ...(coolerK >= WORTH_K ? [`where it is ${formatDifference(coolerK, scale)} cooler`] : []),
  ];
  return marks.length === 0
    ? ''
    : ` The slowest is a piece ${marks.join(', ')}. Measure the thickest, from the coolest place.`;
}

/** @returns null while it is being worked out */
export function spreadWords({ spread, differs }: CoreForecast, count: number, scale: 'C' | 'F'): string | null {
  if (spread === null) return null;
  const all = formatMinutes(Math.ceil(spread.allDoneMinutes));
  if (count === 1) return `It’s hot after *${all}* in 95 of 100 batches, by the forecast.${lastOne(differs, scale)}`;
  const one = `${formatNumber(spread.earlyMinutes, 0)} to ${formatMinutes(Math.round(spread.lateMinutes))}`;
  return `${count === 2 ? 'Both' : `All ${count}`} are hot after *${all}* in 95 of 100 batches, by the forecast; a single one takes ${one}.${lastOne(differs, scale)}`;
}
