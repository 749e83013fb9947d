/** Everything that is kept under an id besides the document itself: one place, so that nothing of what is gone stays behind. */
import { forgetAlarms } from './alarm';
import { readText, removeText, writeText } from './store';
import { photographKey, stepsKey } from './keys';
import { forgetTimes } from './run-time';
import { forget as forgetSteps } from './undo';
import { forgetAnswers } from './answers';

/**
 * Takes it away: steps back, photograph, times seen, alarms raised, steps taken, forecasts.
 * @returns what puts the photograph back
 */
export async function forget(id: string): Promise<() => Promise<void>> {
  forgetSteps(id);
  await forgetTimes(id);
  await forgetAlarms(id);
  await forgetAnswers(id);
  await removeText(stepsKey(id));
  const photograph = await readText(photographKey(id));
  if (photograph === null) return () => Promise.resolve();
  await removeText(photographKey(id));
  return async () => void (await writeText(photographKey(id), photograph));
}
