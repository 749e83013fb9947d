/** The thermometers that there are to choose from. */
import { useEffect, useState } from 'react';
import { listenToProbes } from './probe-stream';

/** The simulated one, or a probe by its name. */
export type Thermometer = { is: 'simulated' } | { is: 'probe'; name: string };

/** The real probes that the bridge knows of, by name, while somebody asks. */
export function useProbeNames(isAsked: boolean): readonly string[] {
  const [names, setNames] = useState<readonly string[]>([]);
  useEffect(() => {
    if (!isAsked) return undefined;
    return listenToProbes({
      onEvent: ({ probe, simulated }) => {
        if (!simulated) setNames((known) => (known.includes(probe) ? known : [...known, probe].sort()));
      },
      onLink: () => undefined,
    });
  }, [isAsked]);
  return names;
}
