/**
 * The thermometer at Cook: a real probe that posts to the server's bridge, or the simulated one. What it has shown since it
 * was pushed in is judged: only what stands still counts.
 */
import { useEffect, useRef, useState } from 'react';
import { seedOf } from '@/core/random/seed';
import { judgeProbe, type Probed, type Sample } from '@/core/probes/probing';
import { simulateProbe } from '@/core/probes/simulated-probe';
import { type Kitchen } from '@/core/stored/kitchen';
import { mainStep } from '@/core/stored/cooking';
import { type Batch } from '@/core/stored/schema';
import { isRehearsal } from '@/core/stored/rehearsal';
import { simulatedCore } from '@/workers/client';
import { listenToProbes } from './probe-stream';
import { inRehearsal } from './rehearsed';
import { type Thermometer } from './probe-names';

/** The probe in a parcel: which, and how often it was pushed in. */
export interface PushedIn {
  parcel: number;
  times: number;
  /** Minutes since the load went in. */
  minute: number;
}

const EVERY_MS = 1000;
/** Older samples say nothing any more. */
const KEPT = 40;
const NOTHING: Probed = { state: 'nothing', c: null, why: null };

/** What is at its tip: in a rehearsal as it really is in its kitchen. */
async function simulatedIn(
  batch: Batch,
  kitchen: Kitchen,
  { parcel, minute, times }: PushedIn,
): Promise<{ c: number; seed: number } | null> {
  if (isRehearsal(batch.id)) return inRehearsal().coreOf(batch.id, parcel, minute, times);
  const c = await simulatedCore(batch, kitchen, parcel, minute);
  return c === null ? null : { c, seed: seedOf(batch.id) };
}

/** What the chosen thermometer shows; nothing until it is pushed in. */
export function useCoreProbe(
  batch: Batch,
  kitchen: Kitchen,
  boilingC: number,
  chosen: Thermometer,
  pushed: PushedIn | null,
): Probed {
  const [probed, setProbed] = useState<Probed>(NOTHING);
  const latest = useRef({ batch, kitchen });
  /** What it showed last, wherever it was. */
  const shown = useRef(kitchen.roomC);
  useEffect(() => {
    latest.current = { batch, kitchen };
  });
  const name = chosen.is === 'probe' ? chosen.name : null;
  const { parcel, times, minute } = pushed ?? { parcel: -1, times: 0, minute: 0 };
  useEffect(() => {
    if (parcel < 0) return undefined;
    let samples: Sample[] = [];
    let closed = false;
    let timer: ReturnType<typeof setInterval> | undefined;
    const began = performance.now();
    const hear = (sample: Sample) => {
      if (closed) return;
      samples = [...samples, sample].slice(-KEPT);
      if (sample.c !== null) shown.current = sample.c;
      setProbed(judgeProbe(samples, boilingC));
    };
    let stop = () => undefined as void;
    if (name !== null) {
      stop = listenToProbes({
        onEvent: (event) => {
          if (event.probe === name && !event.simulated)
            hear({ second: (performance.now() - began - event.ageMs) / 1000, c: event.c });
        },
        onLink: (up) => {
          if (!up) hear({ second: (performance.now() - began) / 1000, c: null });
        },
      });
    } else {
      const beforeC = shown.current;
      const { batch: asked, kitchen: theirs } = latest.current;
      simulatedIn(asked, theirs, { parcel, minute, times }).then(
        (simulated) => {
          if (closed || simulated === null) return;
          const { c: trueC, seed } = simulated;
          const { mediumC } = mainStep(asked.cook);
          const push = { seed: seed + parcel, times, trueC, metalC: mediumC, beforeC };
          const from = performance.now();
          const tick = () => hear(simulateProbe(push, Math.round((performance.now() - from) / 1000)));
          tick();
          timer = setInterval(tick, EVERY_MS);
        },
        (error: unknown) => {
          if (!closed) setProbed({ state: 'lost', c: null, why: `The simulation has failed: ${String(error)}` });
        },
      );
    }
    return () => {
      closed = true;
      stop();
      clearInterval(timer);
      setProbed(NOTHING);
    };
  }, [parcel, times, minute, name, boilingC]);
  return probed;
}
