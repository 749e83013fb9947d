/** Heat forecasts as SWR keys, from the worker; and the assessment that follows from them. */
import { useCallback, useEffect, useMemo } from 'react';
import useSWR from 'swr';
import { assess, type Assessment } from '@/core/batch/assess';
import { type HeatForecast } from '@/core/batch/heat';
import { type Kitchen } from '@/core/batch/kitchen';
import { minutesSince } from '@/core/batch/runs';
import { type Batch } from '@/core/batch/schema';
import { forecastHeat } from '@/workers/client';
import { Superseded } from '@/workers/latest';
import { say } from './notices';
import { useRunTime } from './run-time';

/** What heat depends on: words and bookkeeping do not start a new forecast. */
const heatKey = (batch: Batch, kitchen: Kitchen) => {
  const { id, lines, water, cool, wrap, cook } = batch;
  const { roomC, fridgeC, freezerC, porchC, iceKg, fridgeLitres, vessels, cooling, altitudeM, fanOven, rulePack } =
    kitchen;
  const rooms = [roomC, fridgeC, freezerC, porchC, iceKg, fridgeLitres, vessels, cooling];
  // A clock without readings or past changes nothing, nor do runs that are over.
  const { run, earlierRuns: _over, ...cooled } = cool;
  const clock = run !== null && run.readings.length + run.past.length > 0 ? run : null;
  const { readings: _read, ...cooking } = cook;
  return [
    'heat',
    id,
    JSON.stringify([
      lines,
      batch.ingredients,
      water,
      cooled,
      clock,
      wrap,
      cooking,
      rooms,
      altitudeM,
      fanOven,
      rulePack,
    ]),
  ];
};

const FORECAST = {
  keepPreviousData: true,
  revalidateOnFocus: false,
  revalidateOnReconnect: false,
  revalidateIfStale: false,
  shouldRetryOnError: false,
} as const;

/** So often alternatives are worked out again while a clock runs, min. */
const ELAPSED_STEP = 3;

/** Minutes on a batch's clock, in steps; 0 without one. */
function useElapsed(batch: Batch | null): number {
  const run = batch?.cool.run ?? null;
  const { latest } = useRunTime(batch, 20_000);
  if (run === null) return 0;
  return Math.max(0, Math.floor(minutesSince(run, latest) / ELAPSED_STEP) * ELAPSED_STEP);
}

/**
 * The heat forecasts, from the worker: the plan's own first, then with all alternatives. The last ones stay on screen
 * until the next have come.
 */
export function useHeat(
  batch: Batch | null,
  kitchen: Kitchen,
): { heat: HeatForecast | null; error: string | null; again: () => void } {
  const key = batch === null ? null : heatKey(batch, kitchen);
  // Alternatives begin now: they are worked out again every few minutes while the clock runs.
  const elapsed = useElapsed(batch);
  const ask = (depth: 'first' | 'all') => () =>
    batch === null ? Promise.reject(new Error('no batch')) : forecastHeat(batch, kitchen, depth, elapsed);
  const first = useSWR<HeatForecast, Error>(key && [...key, 'first'], ask('first'), FORECAST);
  const all = useSWR<HeatForecast, Error>(key && [...key, 'all', elapsed], ask('all'), FORECAST);
  const error = [first.error, all.error].find((e) => e !== undefined && !(e instanceof Superseded));
  const mutateFirst = first.mutate;
  const mutateAll = all.mutate;
  const again = useCallback(() => void Promise.allSettled([mutateFirst(), mutateAll()]), [mutateFirst, mutateAll]);
  const shown = error ? null : all.isLoading ? together(first.data, all.data) : (all.data ?? first.data ?? null);
  return {
    // Of a plan that could not be worked out the last plan's forecast says nothing.
    heat: useMemo(() => beginningNow(shown, elapsed), [shown, elapsed]),
    error: error?.message ?? null,
    again,
  };
}

/** Alternatives that begin at another time than now are not offered: they would undo what has been in between. */
function beginningNow(heat: HeatForecast | null, elapsed: number): HeatForecast | null {
  if (!heat?.cooling || Math.abs(heat.cooling.elapsed - elapsed) <= ELAPSED_STEP) return heat;
  return { ...heat, cooling: { ...heat.cooling, alternatives: [], leftOut: 0 } };
}

/** The newest curve with the alternatives of the last one, until their turn has come. */
function together(first: HeatForecast | undefined, all: HeatForecast | undefined): HeatForecast | null {
  if (!first?.cooling || !all?.cooling) return first ?? all ?? null;
  const { alternatives, elapsed, leftOut } = all.cooling;
  return { ...first, cooling: { ...first.cooling, alternatives, elapsed, leftOut } };
}

/** A batch's checks and all that is derived from it. */
export function useAssessment(batch: Batch, kitchen: Kitchen): Assessment {
  const { heat, error, again } = useHeat(batch, kitchen);
  useEffect(() => {
    if (error === null) return;
    say({
      text: `The heat forecast failed: ${error}. Moisture, Salt and Fit still hold.`,
      kind: 'problem',
      action: { label: 'Try again', run: again },
    });
  }, [error, again]);
  return useMemo(() => assess(batch, kitchen, heat, error), [batch, kitchen, heat, error]);
}
