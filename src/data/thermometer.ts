/**
 * The thermometer of a cooling: a real probe that posts to the server's bridge, chosen by its name, or the simulated one,
 * from the bridge or, where there is no server or it has stopped, from the same simulation in the worker. Signals are judged
 * by when they arrive; a lost or impossible one is never a reading.
 */
import { useEffect, useRef, useState } from 'react';
import { type Kitchen } from '@/core/stored/kitchen';
import { minutesSince } from '@/core/stored/runs';
import { type Batch } from '@/core/stored/schema';
import { seedOf } from '@/core/random/seed';
import { simulatedPlan } from '@/core/probes/simulated-plan';
import { judgeSignal, type JudgedSignal, NOTHING_HEARD } from '@/core/probes/signal';
import { simulatedSignal } from '@/workers/client';
import { listenToProbes } from './probe-stream';
import { type Thermometer } from './probe-names';
import { isRehearsal } from '@/core/stored/rehearsal';
import { msOf } from './clock';
import { inRehearsal } from './rehearsed';
import { latestIn } from './run-time';

export interface ThermometerState {
  source: 'bridge' | 'worker' | 'probe' | null;
  /** The latest signal, judged; null until one has come. */
  signal: JudgedSignal | null;
}

const EVERY_MS = 5000;
/** Nothing heard for so long is a lost signal. */
const SILENT_MS = 60_000;
const NONE: ThermometerState = { source: null, signal: null };

/** A name of its own, so that no real probe is taken for it. */
const simulatedName = (id: string): string => `sim-${seedOf(id).toString(36)}`;

/** Asks the server to let its simulated thermometer measure this batch. @returns whether there is such a server */
async function startOnServer(batch: Batch, kitchen: Kitchen): Promise<boolean> {
  try {
    const answer = await fetch(`/api/probes/${simulatedName(batch.id)}/simulate`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        plan: simulatedPlan(batch, kitchen),
        startedAt: batch.cool.run?.offHeatAt,
        seed: seedOf(batch.id),
      }),
    });
    return answer.status === 202;
  } catch {
    // No server: static files, or it has stopped. The worker takes over.
    return false;
  }
}

/** Minutes from any beginning: of a rehearsal by its own clock. */
const arrivedIn = (id: string): number => (isRehearsal(id) ? msOf(id) : performance.now()) / 60_000;

/** What the simulated one shows at a minute: in a rehearsal as it really is in its kitchen. */
const signalIn = async (batch: Batch, kitchen: Kitchen, minute: number) =>
  isRehearsal(batch.id) ? inRehearsal().signalOf(batch.id, minute) : simulatedSignal(batch, kitchen, minute);

/** What the chosen thermometer shows while the clock runs; nothing where none is chosen. */
export function useThermometer(batch: Batch, kitchen: Kitchen, chosen: Thermometer | null): ThermometerState {
  const [state, setState] = useState<ThermometerState>(NONE);
  const { id } = batch;
  const offHeatAt = batch.cool.run?.offHeatAt ?? null;
  const latest = useRef({ batch, kitchen });
  useEffect(() => {
    latest.current = { batch, kitchen };
  });
  const probe = chosen === null ? null : chosen.is === 'probe' ? chosen.name : simulatedName(batch.id);
  const isSimulated = chosen?.is === 'practice';
  useEffect(() => {
    if (probe === null || offHeatAt === null) return undefined;
    let heard = NOTHING_HEARD;
    let closed = false;
    let heardAt = performance.now();
    let timer: ReturnType<typeof setInterval> | undefined;
    let stopListening = () => undefined as void;
    const hear = (c: number | null, minute: number, source: ThermometerState['source']) => {
      if (closed) return;
      heardAt = performance.now();
      const judged = judgeSignal({ minute, c }, heard);
      heard = judged.heard;
      setState({ source, signal: judged.judged });
    };
    const lost = (why: string, source: ThermometerState['source']) => {
      if (!closed) setState({ source, signal: { minute: arrivedIn(id), c: null, state: 'lost', why } });
    };
    const fromWorker = () => {
      stopListening();
      if (closed || timer !== undefined) return;
      const ask = () => {
        const { batch: asked, kitchen: theirs } = latest.current;
        if (asked.cool.run === null) return;
        signalIn(asked, theirs, minutesSince(asked.cool.run, latestIn(asked))).then(
          (signal) => hear(signal?.c ?? null, arrivedIn(id), 'worker'),
          (error: unknown) => lost(`The simulation has failed: ${String(error)}`, 'worker'),
        );
      };
      ask();
      timer = setInterval(ask, EVERY_MS);
    };
    const fromBridge = () => {
      const source = isSimulated ? 'bridge' : 'probe';
      stopListening = listenToProbes({
        onEvent: (event) => {
          // A simulated one is never heard as a real probe, whatever name is asked for.
          if (event.probe !== probe || event.simulated !== isSimulated) return;
          if (event.ageMs > SILENT_MS) lost(silence(event.ageMs), source);
          else hear(event.c, arrivedIn(id) - event.ageMs / 60_000, source);
        },
        onLink: (up) => {
          if (up) return;
          if (isSimulated) fromWorker();
          else lost('The server isn’t answering. We’ll keep trying every few seconds.', source);
        },
      });
      if (isSimulated) return;
      setState({ source, signal: null });
      timer = setInterval(() => {
        const silentMs = performance.now() - heardAt;
        if (silentMs > SILENT_MS) lost(silence(silentMs), source);
      }, EVERY_MS);
    };
    if (!isSimulated) fromBridge();
    else {
      // What is rehearsed no server knows of.
      const started = isRehearsal(id)
        ? Promise.resolve(false)
        : startOnServer(latest.current.batch, latest.current.kitchen);
      void started.then((isThere) => {
        if (closed) return;
        if (isThere) fromBridge();
        else fromWorker();
      });
    }
    return () => {
      closed = true;
      stopListening();
      clearInterval(timer);
      setState(NONE);
    };
  }, [id, probe, isSimulated, offHeatAt]);
  return state;
}

const silence = (ms: number): string =>
  `Nothing heard from this probe for ${Math.max(1, Math.round(ms / 60_000))} min: is it on, and is this its name?`;
