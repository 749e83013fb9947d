/**
 * The thermometer stand-in: signals from the server's bridge (server-sent events), and, where there is no server or it
 * has stopped, from the same simulation in the worker. Signals are judged here; a lost or impossible one is never a reading.
 */
import { useEffect, useRef, useState } from 'react';
import { type Kitchen } from '@/core/batch/kitchen';
import { type Batch } from '@/core/batch/schema';
import { seedOf, simulatedPlan } from '@/core/batch/simulated-plan';
import { judgeSignal, type JudgedSignal, type Signal } from '@/core/heat/signal';
import { simulatedSignal } from '@/workers/client';

export interface ThermometerState {
  source: 'bridge' | 'worker' | null;
  /** The latest signal, judged; null until one has come. */
  signal: (JudgedSignal & { at: string }) | null;
}

const EVERY_MS = 5000;
const NONE: ThermometerState = { source: null, signal: null };

const addressOf = (id: string): string => `/api/probes/${encodeURIComponent(id)}`;

/** Asks the server to let its simulated thermometer measure this batch. @returns whether there is such a server */
async function startOnServer(batch: Batch, kitchen: Kitchen): Promise<boolean> {
  try {
    const answer = await fetch(`${addressOf(batch.id)}/simulate`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        plan: simulatedPlan(batch, kitchen),
        startedAt: batch.cool.offHeatAt,
        seed: seedOf(batch.id),
      }),
    });
    return answer.status === 202;
  } catch {
    // No server: static files, or it has stopped. The worker takes over.
    return false;
  }
}

/** What the thermometer in a batch shows while it is on and the clock runs. */
export function useThermometer(batch: Batch, kitchen: Kitchen, isOn: boolean): ThermometerState {
  const [state, setState] = useState<ThermometerState>(NONE);
  const { id } = batch;
  const { offHeatAt } = batch.cool;
  const latest = useRef({ batch, kitchen });
  useEffect(() => {
    latest.current = { batch, kitchen };
  });
  useEffect(() => {
    if (!isOn || offHeatAt === null) return undefined;
    let lastGood: Signal | null = null;
    let closed = false;
    let timer: ReturnType<typeof setInterval> | undefined;
    let stream: EventSource | undefined;
    const minuteOf = (at: string): number => (Date.parse(at) - Date.parse(offHeatAt)) / 60_000;
    const hear = (c: number | null, at: string, source: 'bridge' | 'worker') => {
      if (closed) return;
      const signal = judgeSignal({ minute: minuteOf(at), c }, lastGood);
      if (signal.state === 'good') lastGood = signal;
      setState({ source, signal: { ...signal, at } });
    };
    const fromWorker = () => {
      if (closed || timer !== undefined) return;
      const ask = () => {
        const at = new Date().toISOString();
        void simulatedSignal(latest.current.batch, latest.current.kitchen, minuteOf(at)).then((signal) =>
          hear(signal?.c ?? null, at, 'worker'),
        );
      };
      ask();
      timer = setInterval(ask, EVERY_MS);
    };
    void startOnServer(latest.current.batch, latest.current.kitchen).then((isThere) => {
      if (closed) return;
      if (!isThere) {
        fromWorker();
        return;
      }
      stream = new EventSource(`${addressOf(id)}/stream`);
      stream.onmessage = (event: MessageEvent<string>) => {
        const { c, at } = JSON.parse(event.data) as { c: number | null; at: string };
        hear(c, at, 'bridge');
      };
      stream.onerror = () => {
        stream?.close();
        fromWorker();
      };
    });
    return () => {
      closed = true;
      stream?.close();
      clearInterval(timer);
      setState(NONE);
    };
  }, [id, offHeatAt, isOn]);
  return state;
}
