/** When the crust is brown, as the cook will see it. */
import { type Batch } from '../stored/schema';
import { formatMinutes } from '../units/format';
import { crustOf, soonest } from './crust';
import { type CoreForecast } from '../forecast/heat';

/** Faces that brown within a minute of each other are not told apart. */
const TOGETHER = 1;

/** What the cook will see, in a sentence; null where nothing browns. */
export function crustWords(batch: Pick<Batch, 'cook'>, forecast: CoreForecast): string | null {
  if (crustOf(batch, forecast) === null) return null;
  const { above, below } = forecast;
  const after = (minutes: number | null): string =>
    minutes === null ? 'still pale' : `brown after about ${formatMinutes(Math.max(1, Math.round(minutes)))}`;
  const isSame =
    above.brownAt === below.brownAt ||
    (above.brownAt !== null && below.brownAt !== null && Math.abs(above.brownAt - below.brownAt) < TOGETHER);
  const burnt = soonest(above.burntAt, below.burntAt);
  const faces = isSame ? after(above.brownAt) : `above ${after(above.brownAt)}, below ${after(below.brownAt)}`;
  return `Crust: ${faces}${burnt === null ? '' : `; too brown after ${formatMinutes(Math.round(burnt))}`} (our estimate; go by your eye).`;
}
