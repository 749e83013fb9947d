/** What the core readings of a load say, from the worker. */
import useSWR from 'swr';
import { type CookFit } from '@/core/forecast/cook-fit';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { fitCook } from '@/workers/client';
import { Superseded } from '@/workers/latest';
import { heatVersion } from './heat-version';

/** @returns null without readings since the load went in; `error` where it could not be worked out */
export function useCookFit(
  batch: Batch,
  kitchen: Kitchen,
): { fit: CookFit | null; isWorking: boolean; error: string | null } {
  const { readings, run, earlierRuns } = batch.cook;
  const isAsked = readings.length > 0 && (run !== null || earlierRuns.length > 0);
  const key = isAsked
    ? ['cook-fit', batch.id, heatVersion(batch, kitchen), JSON.stringify([readings, run, earlierRuns.length])]
    : null;
  const { data, error, isLoading } = useSWR<CookFit | null, Error>(key, () => fitCook(batch, kitchen), {
    revalidateOnFocus: false,
    revalidateOnReconnect: false,
    revalidateIfStale: false,
    shouldRetryOnError: false,
  });
  return {
    fit: data ?? null,
    isWorking: isLoading,
    error: error === undefined || error instanceof Superseded ? null : error.message,
  };
}
