/**
 * The time of a cooling that is under way. The device's clock may be set back; the largest time it ever showed in a run is
 * remembered, also over a reload, and counts.
 */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { useEffect, useState } from 'react';
import { type Batch } from '@/core/stored/schema';
import { nowOf } from './clock';
import { useNow } from './use-now';

const KEY = 'involucrum/seen';
/** Stored so often at most. */
const STORE_EVERY_MS = 10_000;
/** So many runs are remembered. */
const MOST = 40;

/** The largest time seen in each run, ms. A run that began at another time is another run. */
const seen = new Map<string, number>();
let storedAt = 0;
let reading: Promise<void> | null = null;

/** A batch has three clocks: of its cooling, of the bench, and of the load in the heat. */
type WhichClock = 'cool' | 'board' | 'cook';
type Clocked = Pick<Batch, 'id' | 'cool' | 'wrap' | 'cook'>;

/** When the clock began; null where it does not run. */
function beginningOf({ cool, wrap, cook }: Clocked, which: WhichClock): string | null {
  if (which === 'cook') return cook.run?.inAt ?? null;
  return which === 'cool' ? (cool.run?.offHeatAt ?? null) : (wrap.board?.stretches[0]?.outAt ?? null);
}

/** Takes up what was seen before a reload, and in other tabs. */
async function recall(): Promise<void> {
  try {
    const kept = JSON.parse((await AsyncStorage.getItem(KEY)) ?? '[]') as [string, number][];
    for (const [key, time] of kept) seen.set(key, Math.max(time, seen.get(key) ?? 0));
  } catch {
    // Closed or spoilt: the readings in the batch itself still hold the time.
  }
}

function keep(now: number): void {
  if (Math.abs(now - storedAt) < STORE_EVERY_MS) return;
  storedAt = now;
  void recall().then(() =>
    AsyncStorage.setItem(KEY, JSON.stringify([...seen].slice(-MOST))).catch(() => {
      // Full: it is remembered as long as the page is open.
    }),
  );
}

/** Of what is gone no time is remembered. */
export async function forgetTimes(id: string): Promise<void> {
  await recall();
  const gone = [...seen.keys()].filter((key) => key.startsWith(`${id} `) || key === `day ${id}`);
  gone.forEach((key) => seen.delete(key));
  try {
    if (gone.length > 0) await AsyncStorage.setItem(KEY, JSON.stringify([...seen].slice(-MOST)));
  } catch {
    // A store that is closed remembers nothing anyway.
  }
}

/** The latest time there is of anything that runs: what the device says now, or the largest it ever said of it. ISO 8601. */
export function latestOf(key: string, now: string): string {
  const latest = Math.max(Date.parse(now), seen.get(key) ?? 0);
  seen.set(key, latest);
  keep(Date.parse(now));
  return new Date(latest).toISOString();
}

/** The latest time there is for a clock of a batch: what the device says now, or the largest it ever said. ISO 8601. */
export function latestIn(batch: Clocked, now = nowOf(batch.id), which: WhichClock = 'cool'): string {
  const began = beginningOf(batch, which);
  if (began === null) return now;
  const key = which === 'cool' ? `${batch.id} ${began}` : `${batch.id} ${which} ${began}`;
  return latestOf(key, now);
}

/** Something of it is under way, or has been: what stands out goes on standing. */
const isUnderWay = ({ cool, wrap, cook, doneAt }: Clocked & Pick<Batch, 'doneAt'>): boolean =>
  doneAt === null &&
  (cool.run !== null ||
    wrap.board !== null ||
    cook.run !== null ||
    cool.earlierRuns.length > 0 ||
    wrap.earlierBoards.length > 0);

/** So often a judgement looks at the clock, ms. */
const MINUTE = 60_000;

/** The latest time there is, to the minute, ISO 8601, while anything of a batch is under way; null where nothing is. */
export function useMinute(batch: Clocked & Pick<Batch, 'doneAt'>): string | null {
  const isAsked = isUnderWay(batch);
  const now = useNow(isAsked ? MINUTE / 2 : 0, batch.id);
  if (!isAsked) return null;
  const clocks: WhichClock[] = ['cool', 'board', 'cook'];
  const latest = Math.max(...clocks.map((which) => Date.parse(latestIn(batch, now, which))));
  return new Date(Math.floor(latest / MINUTE) * MINUTE).toISOString();
}

/**
 * The device's time, and the latest there is for a batch's run, renewed every so often.
 * @param everyMs 0 stands still, as it does where no clock runs
 */
export function useRunTime(
  batch: Clocked | null,
  everyMs: number,
  which: WhichClock = 'cool',
): { now: string; latest: string } {
  const isRunning = batch !== null && beginningOf(batch, which) !== null;
  const now = useNow(isRunning ? everyMs : 0, batch?.id);
  // Drawn once more when what was seen before the reload is known.
  const [, setRead] = useState(false);
  useEffect(() => {
    if (!isRunning) return;
    reading ??= recall();
    void reading.then(() => setRead(true));
  }, [isRunning]);
  return { now, latest: batch === null ? now : latestIn(batch, now, which) };
}
