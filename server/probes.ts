/**
 * The thermometer bridge: probes post readings, pages listen to them as server-sent events. A simulated thermometer posts
 * to it like a real gateway would.
 */
import express, { type Response, type Router } from 'express';
import { z } from 'zod';
import { COMPONENTS } from '@/core/food/composition';
import { BASES, PLACES } from '@/core/heat/surfaces';
import { simulateThermometer } from '@/core/heat/thermometer';

const readingSchema = z.strictObject({
  c: z.number().min(-273, 'must be a temperature in °C').max(2000, 'must be a temperature in °C').nullable(),
  at: z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' }),
});
export type ProbeReading = z.infer<typeof readingSchema>;

const fraction = z.number().min(0).max(1);
const around = {
  base: z.enum(BASES),
  place: z.enum(PLACES),
  ambientC: z.number().min(-40).max(60).optional(),
  covered: z.boolean(),
  stirred: z.boolean(),
  stirEveryMinutes: z.number().min(1).max(120).nullable().optional(),
};
const simulationSchema = z.strictObject({
  seed: z.number().int(),
  startedAt: z.iso.datetime(),
  plan: z.strictObject({
    ...around,
    massG: z.number().positive().max(100_000),
    composition: z.strictObject(
      Object.fromEntries(COMPONENTS.map((c) => [c, fraction])) as Record<(typeof COMPONENTS)[number], typeof fraction>,
    ),
    startC: z.number().min(0).max(110),
    depthMm: z.number().positive().max(500),
    legs: z
      .array(
        z.strictObject({
          ...around,
          minutes: z.number().positive().max(1440),
          depthMm: z.number().positive().max(500).nullable().optional(),
        }),
      )
      .max(12),
    factor: z.number().min(0.1).max(10).optional(),
  }),
});

const nameSchema = z.string().regex(/^[a-zA-Z0-9-]{1,64}$/, 'must be 1 to 64 letters, digits and hyphens');

/** So many probes at once; more is no kitchen. */
const MOST_PROBES = 16;
const MOST_LISTENERS = 8;
const EVERY_MS = 5000;
/** A simulation ends by itself. */
const LONGEST_MS = 12 * 3_600_000;

interface Probe {
  last: ProbeReading | null;
  listeners: Set<Response>;
  timer: ReturnType<typeof setInterval> | null;
}

/** The bridge's routes, and what stops it. */
export function probeBridge(everyMs = EVERY_MS): { router: Router; close: () => void } {
  const probes = new Map<string, Probe>();
  const probeOf = (name: string): Probe | null => {
    const known = probes.get(name);
    if (known) return known;
    if (probes.size >= MOST_PROBES) return null;
    const fresh: Probe = { last: null, listeners: new Set(), timer: null };
    probes.set(name, fresh);
    return fresh;
  };
  const publish = (probe: Probe, reading: ProbeReading): void => {
    probe.last = reading;
    for (const listener of probe.listeners) listener.write(`data: ${JSON.stringify(reading)}\n\n`);
  };
  const stop = (probe: Probe): void => {
    if (probe.timer) clearInterval(probe.timer);
    probe.timer = null;
  };

  const router = express.Router();
  router.use('/:probe', (request, response, next) => {
    const name = nameSchema.safeParse(request.params.probe);
    const probe = name.success ? probeOf(name.data) : null;
    if (!name.success) response.status(400).json({ error: `probe: ${name.error.issues[0].message}` });
    else if (!probe) response.status(429).json({ error: `probe: at most ${MOST_PROBES} at once` });
    else {
      response.locals.probe = probe;
      next();
    }
  });

  router.post('/:probe/readings', (request, response) => {
    const reading = readingSchema.safeParse(request.body);
    if (!reading.success) {
      response.status(400).json({ error: problemsOf(reading.error) });
      return;
    }
    publish(response.locals.probe as Probe, reading.data);
    response.status(202).json({ ok: true });
  });

  router.get('/:probe/stream', (_request, response) => {
    const probe = response.locals.probe as Probe;
    if (probe.listeners.size >= MOST_LISTENERS) {
      response.status(429).json({ error: `stream: at most ${MOST_LISTENERS} listeners` });
      return;
    }
    // `no-transform`: compressed, events would wait for more of them.
    response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' });
    response.write(probe.last ? `data: ${JSON.stringify(probe.last)}\n\n` : ': listening\n\n');
    probe.listeners.add(response);
    response.on('close', () => {
      probe.listeners.delete(response);
      // Nobody looks any more.
      if (probe.listeners.size === 0) stop(probe);
    });
  });

  router.post('/:probe/simulate', (request, response) => {
    const input = simulationSchema.safeParse(request.body);
    if (!input.success) {
      response.status(400).json({ error: problemsOf(input.error) });
      return;
    }
    const probe = response.locals.probe as Probe;
    const { plan, seed, startedAt } = input.data;
    const thermometer = simulateThermometer(plan, seed);
    const start = Date.parse(startedAt);
    const begun = Date.now();
    const post = () => {
      const now = Date.now();
      if (now - begun > LONGEST_MS) stop(probe);
      publish(probe, { c: thermometer.at(Math.max(0, (now - start) / 60_000)).c, at: new Date(now).toISOString() });
    };
    stop(probe);
    post();
    probe.timer = setInterval(post, everyMs);
    response.status(202).json({ ok: true });
  });

  const close = () => {
    for (const probe of probes.values()) {
      stop(probe);
      for (const listener of probe.listeners) listener.end();
    }
    probes.clear();
  };
  return { router, close };
}

const problemsOf = (error: z.ZodError): string =>
  error.issues.map((issue) => `${issue.path.join('.') || '(body)'}: ${issue.message}`).join('; ');
