/** Alarms of all clocks that run, of whatever batch, worked out when they are asked for: no page waits for it. */
import { type Alarm, alarmsOf } from '@/core/checks/alarms';
import { judgement } from '@/core/checks/judgement';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { calendarText } from '@/core/formats/ical';
import { forecastHeat } from '@/workers/client';
import { heatVersion } from './heat-version';
import { later } from '@/core/stored/moments';

/** Minutes that such an alarm takes in a calendar. */
const LONG = 5;

const alarmsIn = async (batch: Batch, kitchen: Kitchen, at: string): Promise<Alarm[]> => {
  // Without a forecast the clocks that need none are there all the same.
  const heat = await forecastHeat(heatVersion(batch, kitchen), batch, kitchen, 'first', 0).catch(() => null);
  return alarmsOf(batch, kitchen, heat, at, judgement(batch, kitchen, heat).exposure.beforeBoardMinutes);
};

/** The next first. @param at now, ISO 8601 */
export async function runningAlarms(batches: readonly Batch[], kitchen: Kitchen, at: string): Promise<Alarm[]> {
  const all = await Promise.all(batches.map((batch) => alarmsIn(batch, kitchen, at)));
  return all.flat().sort((a, b) => a.at.localeCompare(b.at));
}

/** One calendar's file of them. @param madeAt now, ISO 8601 */
export const alarmsText = (alarms: readonly Alarm[], madeAt: string): string =>
  calendarText(
    alarms.map(({ id, at, text }) => ({
      id,
      start: at,
      end: later(at, LONG),
      summary: text,
      description: '',
    })),
    { title: 'Involucrum', madeAt, of: 'Clocks' },
  );
