/** The thermometers that there are to choose from. A real one is never taken for granted, nor is a practice one for real. */
import { useEffect, useState } from 'react';
import { PRACTICE, type Source } from '@/core/vocabulary/sources';
import { listenToProbes } from './probe-stream';

/** The practice probe that ships with the application, or a real one by its name. */
export type Thermometer = { is: 'practice' } | { is: 'probe'; name: string };

/** Where its readings come from. */
export const sourceOf = (thermometer: Thermometer): Source =>
  thermometer.is === 'practice' ? PRACTICE : { by: 'probe', name: thermometer.name };

/** The real probes that the bridge knows of, by name, while somebody asks. */
export function useProbeNames(isAsked: boolean): readonly string[] {
  const [names, setNames] = useState<readonly string[]>([]);
  useEffect(() => {
    if (!isAsked) return undefined;
    return listenToProbes({
      onEvent: ({ probe, simulated }) => {
        if (!simulated) setNames((before) => (before.includes(probe) ? before : [...before, probe].sort()));
      },
      onLink: () => undefined,
    });
  }, [isAsked]);
  return names;
}
