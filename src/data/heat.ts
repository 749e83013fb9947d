/** Heat forecasts and proposals as SWR keys, from the worker; and the assessment that follows from them. */
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import useSWR, { unstable_serialize, useSWRConfig } from 'swr';
import { type Assessment, judgement } from '@/core/checks/judgement';
import { type Proposals } from '@/core/checks/check';
import { type HeatForecast } from '@/core/forecast/heat';
import { heatKey } from '@/core/forecast/heat-key';
import { type Kitchen } from '@/core/stored/kitchen';
import { minutesSince } from '@/core/stored/runs';
import { type Batch } from '@/core/stored/schema';
import { type BoardForecast } from '@/core/cooling/at-the-board';
import { forecastBoard, forecastHeat, propose } from '@/workers/client';
import { Superseded } from '@/workers/latest';
import { heatVersion } from './heat-version';
import { say } from './notices';
import { useMinute, useRunTime } from './run-time';
import { whenIdle } from './when-idle';
import { workedOut } from './worked-out';

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

type Key = readonly (string | number)[] | null;

/** Of each question so many answers are kept: the present one, and those that a step back or two lead to. */
const KEPT = 4;

/** An answer of the worker under a key; answers to what was asked long ago are let go. */
function useAnswer<Answer>(key: Key, ask: () => Promise<Answer>) {
  const { cache } = useSWRConfig();
  const asked = useRef<string[]>([]);
  const answer = useSWR<Answer, Error>(key, ask, FORECAST);
  const name = unstable_serialize(key);
  useEffect(() => {
    const [...names] = [name, ...asked.current.filter((n) => n !== name)];
    names.slice(KEPT).forEach((old) => cache.delete(old));
    asked.current = names.slice(0, KEPT);
  }, [cache, name]);
  return answer;
}

const isReal = (error: Error | undefined): error is Error => error !== undefined && !(error instanceof Superseded);

/**
 * The heat forecasts, from the worker: the plan's own first, then with all alternatives. The last ones stay on screen
 * until the next have come.
 * @param depth `first` where alternatives are not asked for
 */
export function useHeat(
  batch: Batch | null,
  kitchen: Kitchen,
  depth: 'first' | 'all' = 'all',
): { heat: HeatForecast | null; error: string | null; again: () => void } {
  const version = batch === null ? '' : heatVersion(batch, kitchen);
  // Alternatives begin now: they are worked out again every few minutes while the clock runs.
  const elapsed = useElapsed(batch);
  const ask = (what: 'first' | 'all', begins: number) => () =>
    batch === null
      ? Promise.reject(new Error('no batch'))
      : workedOut(batch.id, what, [heatKey(batch, kitchen), begins], () =>
          forecastHeat(version, batch, kitchen, what, begins),
        );
  const id = batch?.id ?? '';
  const first = useAnswer<HeatForecast>(batch && ['heat', id, version], ask('first', 0));
  const all = useAnswer<HeatForecast>(
    batch && depth === 'all' ? ['ways', id, version, elapsed] : null,
    ask('all', elapsed),
  );
  const error = [first.error, all.error].find(isReal);
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

/** What the board asks the solver, from the worker; the last answer stays on screen until the next has come. */
export function useBoard(batch: Batch, kitchen: Kitchen): BoardForecast | null {
  const version = heatVersion(batch, kitchen);
  const { data, error } = useAnswer<BoardForecast>(batch.lines.length > 0 ? ['board', batch.id, version] : null, () =>
    forecastBoard(batch, kitchen),
  );
  return isReal(error) ? null : (data ?? null);
}

/** A document without its bookkeeping, on which nothing that could be done hangs. */
const contentOf = (document: Batch | Kitchen) => ({
  ...document,
  revision: 0,
  writer: '',
  edits: null,
  createdAt: '',
  updatedAt: '',
});

/** What could be done, from the worker, for just this batch; until it has come, what could be done before, which is stale. */
function useProposals(batch: Batch, kitchen: Kitchen, isWanted: boolean): { proposals?: Proposals; isStale: boolean } {
  const elapsed = useElapsed(batch);
  const stored = [batch.revision, batch.writer, kitchen.revision, kitchen.writer].join(' ');
  const { data, isLoading, error } = useAnswer<Proposals>(
    isWanted ? ['proposals', batch.id, stored, elapsed] : null,
    () =>
      workedOut(batch.id, 'proposals', [contentOf(batch), contentOf(kitchen), elapsed], () =>
        propose(heatVersion(batch, kitchen), batch, kitchen, elapsed),
      ),
  );
  // Without a forecast nothing is promised; that it failed is said already.
  return { proposals: isReal(error) ? undefined : data, isStale: isLoading };
}

/** Whether the browser has had time to spare since this came on screen. */
function useIdle(isAtOnce: boolean): boolean {
  const [isIdle, setIdle] = useState(isAtOnce);
  useEffect(() => (isIdle ? undefined : whenIdle(() => setIdle(true))), [isIdle]);
  return isIdle;
}

/**
 * A batch's checks and all that is derived from it. The judgement is there at once; what could be done follows.
 * @param when `idle` puts alternatives and proposals off until there is time to spare: where many batches are listed
 */
export function useAssessment(
  batch: Batch,
  kitchen: Kitchen,
  when: 'now' | 'idle' = 'now',
): { assessment: Assessment; isStale: boolean } {
  const isIdle = useIdle(when === 'now');
  const { heat, error, again } = useHeat(batch, kitchen, isIdle ? 'all' : 'first');
  useEffect(() => {
    if (error === null) return;
    say({
      text: `The heat forecast failed: ${error}. Moisture, Salt and Fit still hold.`,
      kind: 'problem',
      action: { label: 'Try again', run: again },
    });
  }, [error, again]);
  const { proposals, isStale } = useProposals(batch, kitchen, isIdle);
  const minute = useMinute(batch);
  const assessment = useMemo(
    () => judgement(batch, kitchen, heat, error, proposals, minute),
    [batch, kitchen, heat, error, proposals, minute],
  );
  return { assessment, isStale: isStale || !isIdle };
}
