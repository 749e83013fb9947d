/** One calendar's file with an alarm for every clock that runs, of whatever batch. */
import { type Alarm, alarmsOf } from '@/core/checks/alarms';
import { judgement } from '@/core/checks/judgement';
import { calendarText } from '@/core/formats/ical';
import { type Batch } from '@/core/document/schema';
import { type Kitchen } from '@/core/document/kitchen';
import { forecastHeat } from '@/workers/client';
import useSWR from 'swr';
import { download } from './files';
import { heatVersion } from './heat-version';
import { now, useBatches, useKitchen } from './hooks';

const isRunning = ({ cool, wrap, cook }: Batch): boolean =>
  cool.run !== null || wrap.board !== null || cook.run !== null;

/** Minutes that such an alarm takes in a calendar. */
const LONG = 5;

const alarmsIn = async (batch: Batch, kitchen: Kitchen, at: string): Promise<Alarm[]> => {
  // Without a forecast the clocks that need none are there all the same.
  const heat = await forecastHeat(heatVersion(batch, kitchen), batch, kitchen, 'first', 0).catch(() => null);
  return alarmsOf(batch, kitchen, heat, at, judgement(batch, kitchen, heat).exposure.beforeBoardMinutes);
};

/** Alarms of all clocks that run, the next first. */
export function useRunningAlarms(): Alarm[] {
  const batches = useBatches().data?.batches;
  const kitchen = useKitchen();
  const running = (batches ?? []).filter(isRunning);
  const key = running.map(({ id, revision }) => `${id} ${revision}`);
  const { data } = useSWR<Alarm[]>(running.length > 0 ? ['alarms', ...key, kitchen.revision] : null, async () => {
    const at = now();
    const all = await Promise.all(running.map((batch) => alarmsIn(batch, kitchen, at)));
    return all.flat().sort((a, b) => a.at.localeCompare(b.at));
  });
  return data ?? [];
}

/** Hands the file to the browser. */
export function saveAlarms(alarms: readonly Alarm[]): void {
  const events = alarms.map(({ id, at, text }) => ({
    id,
    start: at,
    end: new Date(Date.parse(at) + LONG * 60_000).toISOString(),
    summary: text,
    description: '',
  }));
  download('alarms.ics', calendarText(events, { title: 'Involucrum', madeAt: now(), of: 'Clocks' }), 'text/calendar');
}
