/**
 * The thermometer bridge: probes post readings, pages listen to all of them over one stream of server-sent events. A
 * simulated thermometer posts to it like a real gateway would.
 */
import express, { type Response, type Router } from 'express';
import { type z } from 'zod';
import { simulateThermometer } from '@/core/probes/thermometer';
import { nameSchema, type ProbeReading, readingSchema, simulationSchema } from './probe-schemas';

/** What pages hear: a reading, and how old it was when it was sent. */
export interface ProbeEvent extends ProbeReading {
  probe: string;
  /** ms since the server got it: the probe's own clock may be wrong. */
  ageMs: number;
  simulated: boolean;
}

/** So many probes at once; more is no kitchen. */
const MOST_PROBES = 16;
/** A browser has one stream, however many pages it has open. */
const MOST_LISTENERS = 32;
const EVERY_MS = 5000;
/** A simulation ends by itself. */
const LONGEST_MS = 12 * 3_600_000;
/** A probe that has said nothing for so long gives its place to another. */
const IDLE_MS = 15 * 60_000;
/** Lines that mean nothing keep a stream open, and tell the page that the server is there. */
const BEAT_MS = 15_000;

interface Probe {
  last: ProbeReading;
  heardAt: number;
  simulated: boolean;
  timer: ReturnType<typeof setInterval> | null;
}

interface Listener {
  response: Response;
  /** The one probe it listens to; null for all. */
  only: string | null;
}

/** The bridge's routes, and what stops it. @param clock ms, for tests of what time does */
export function probeBridge(everyMs = EVERY_MS, clock: () => number = Date.now): { router: Router; close: () => void } {
  const probes = new Map<string, Probe>();
  const listeners = new Set<Listener>();

  const eventOf = (name: string, { last, heardAt, simulated }: Probe): ProbeEvent => ({
    probe: name,
    ...last,
    ageMs: Math.max(0, clock() - heardAt),
    simulated,
  });
  const send = ({ response }: Listener, event: ProbeEvent) => response.write(`data: ${JSON.stringify(event)}\n\n`);
  const stop = (probe: Probe): void => {
    if (probe.timer) clearInterval(probe.timer);
    probe.timer = null;
  };
  const forgetIdle = (): void => {
    for (const [name, probe] of probes) {
      if (clock() - probe.heardAt < IDLE_MS) continue;
      stop(probe);
      probes.delete(name);
    }
  };
  /** Takes a place for a probe: only a valid reading, or a simulation, gets here. */
  const hear = (name: string, reading: ProbeReading, simulated: boolean): Probe | null => {
    forgetIdle();
    const known = probes.get(name);
    if (!known && probes.size >= MOST_PROBES) return null;
    const probe: Probe = known ?? { last: reading, heardAt: 0, simulated, timer: null };
    probe.last = reading;
    probe.heardAt = clock();
    probe.simulated = simulated;
    probes.set(name, probe);
    const event = eventOf(name, probe);
    for (const listener of listeners) if (listener.only === null || listener.only === name) send(listener, event);
    return probe;
  };

  const full = (response: Response) => response.status(429).json({ error: `probe: at most ${MOST_PROBES} at once` });

  /** Opens a stream, and says first what is known already. */
  const listen = (response: Response, only: string | null): void => {
    if (listeners.size >= MOST_LISTENERS) {
      response.status(429).json({ error: `stream: at most ${MOST_LISTENERS} listeners` });
      return;
    }
    // `no-transform`: compressed, events would wait for more of them.
    response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' });
    response.write(': listening\n\n');
    const listener: Listener = { response, only };
    for (const [name, probe] of probes) if (only === null || only === name) send(listener, eventOf(name, probe));
    const beat = setInterval(() => response.write(': here\n\n'), BEAT_MS);
    listeners.add(listener);
    response.on('close', () => {
      clearInterval(beat);
      listeners.delete(listener);
      // Nobody looks any more.
      if (listeners.size === 0) for (const probe of probes.values()) stop(probe);
    });
  };

  const router = express.Router();
  router.get('/', (_request, response) => {
    forgetIdle();
    response.json({ probes: [...probes].map(([name, probe]) => eventOf(name, probe)) });
  });
  router.get('/stream', (_request, response) => listen(response, null));

  router.use('/:probe', (request, response, next) => {
    const name = nameSchema.safeParse(request.params.probe);
    if (name.success) next();
    else response.status(400).json({ error: `probe: ${name.error.issues[0].message}` });
  });

  router.post('/:probe/readings', (request, response) => {
    const reading = readingSchema.safeParse(request.body);
    if (!reading.success) {
      response.status(400).json({ error: problemsOf(reading.error) });
      return;
    }
    const known = probes.get(request.params.probe);
    // Where a real probe speaks, no simulation goes on under its name.
    if (known) stop(known);
    if (hear(request.params.probe, reading.data, false)) response.status(202).json({ ok: true });
    else full(response);
  });

  router.get('/:probe/stream', (request, response) => listen(response, request.params.probe));

  router.post('/:probe/simulate', (request, response) => {
    const input = simulationSchema.safeParse(request.body);
    if (!input.success) {
      response.status(400).json({ error: problemsOf(input.error) });
      return;
    }
    const name = request.params.probe;
    const known = probes.get(name);
    if (known && !known.simulated && clock() - known.heardAt < IDLE_MS) {
      response.status(409).json({ error: `probe: ${name} is a real one; a simulation needs a name of its own` });
      return;
    }
    const { plan, seed, startedAt } = input.data;
    const thermometer = simulateThermometer(plan, seed);
    const start = Date.parse(startedAt);
    const begun = clock();
    const post = (): Probe | null => {
      const now = clock();
      const { c } = thermometer.at(Math.max(0, (now - start) / 60_000));
      const probe = hear(name, { c, at: new Date(now).toISOString() }, true);
      const isForgotten = listeners.size === 0 && now - begun > IDLE_MS;
      if (probe && (isForgotten || now - begun > LONGEST_MS)) stop(probe);
      return probe;
    };
    if (known) stop(known);
    const probe = post();
    if (!probe) {
      full(response);
      return;
    }
    probe.timer = setInterval(post, everyMs);
    response.status(202).json({ ok: true });
  });

  const close = () => {
    for (const probe of probes.values()) stop(probe);
    for (const { response } of listeners) response.end();
    probes.clear();
  };
  return { router, close };
}

const problemsOf = (error: z.ZodError): string =>
  error.issues.map((issue) => `${issue.path.join('.') || '(body)'}: ${issue.message}`).join('; ');
