/** The band round the curve of the middle: from the parcels that are hot first to the least-done. */
import { type CoreForecast } from '../forecast/heat';

/** A parcel that is there so many times as soon has the same curve in so many times as short a time. */
const sooner = (forecast: CoreForecast): number =>
  forecast.spread === null || !forecast.minutes ? 1 : forecast.spread.earlyMinutes / forecast.minutes;

type Sample = CoreForecast['samples'][number];

/** Where the limit is looked at, °C, at a minute; as it was last where it is not computed. */
function valueAt(samples: readonly Sample[], minute: number, key: 'centreC' | 'wrapperC'): number {
  const after = samples.findIndex((s) => s.minute >= minute);
  if (after < 0) return samples[samples.length - 1][key];
  if (after === 0) return samples[0][key];
  const [a, b] = [samples[after - 1], samples[after]];
  return a[key] + ((b[key] - a[key]) * (minute - a.minute)) / (b.minute - a.minute);
}

/**
 * Of 20 parcels one is hotter than the upper edge; the lower edge is the least-done of the batch. In several steps no curve is
 * another's in less time: the average is the upper edge.
 */
export function bandOf(
  forecast: CoreForecast,
  steps: number,
): {
  label: string;
  samples: { minute: number; lowC: number; highC: number }[];
} {
  const key = forecast.at === 'centre' ? 'centreC' : 'wrapperC';
  const times = steps === 1 ? sooner(forecast) : 1;
  const samples = forecast.samples.map(({ minute, [key]: c }) => {
    const low = Math.min(c, valueAt(forecast.leastDone, minute, key));
    return { minute, lowC: low, highC: Math.max(c, valueAt(forecast.samples, minute / times, key)) };
  });
  return { label: 'all pieces, to the slowest', samples };
}
