/** One calendar's file with an alarm for every clock that runs, of whatever batch. */
import useSWR from 'swr';
import { type Alarm } from '@/core/checks/alarms';
import { type Batch } from '@/core/stored/schema';
import { download } from './files';
import { messageOf, now, useBatches, useKitchen } from './hooks';
import { say } from './notices';

const isRunning = ({ cool, wrap, cook }: Batch): boolean =>
  cool.run !== null || wrap.board !== null || cook.run !== null;

/** Alarms of all clocks that run, the next first. */
export function useRunningAlarms(): Alarm[] {
  const batches = useBatches().data?.batches;
  const kitchen = useKitchen();
  const running = (batches ?? []).filter(isRunning);
  const key = running.map(({ id, revision }) => `${id} ${revision}`);
  const { data } = useSWR<Alarm[]>(running.length > 0 ? ['alarms', ...key, kitchen.revision] : null, async () => {
    const { runningAlarms } = await import('./running-alarms');
    return runningAlarms(running, kitchen, now());
  });
  return data ?? [];
}

/** Hands the file to the browser. */
export async function saveAlarms(alarms: readonly Alarm[]): Promise<void> {
  try {
    const { alarmsText } = await import('./running-alarms');
    download('alarms.ics', alarmsText(alarms, now()), 'text/calendar');
  } catch (error) {
    say({ text: `The alarms couldn’t be put into a file (${messageOf(error)}). Try again.`, kind: 'problem' });
  }
}
