/** Pure conduction with constant properties, checked at the door: the `conduct` command. */
import { z } from '../zod';
import { Body } from './conduction';
import { convective, type State } from './problem';
import { constantMaterial } from './material';
import { dimensionInput, plainLayerInput } from './layer-input';
import { interpolate } from './states';

const positive = (what: string) => z.number().positive(`${what} must be above 0`);

export const conductInput = z.strictObject({
  dimension: dimensionInput,
  layers: z.array(plainLayerInput).min(1, 'needs at least one layer').max(20, 'takes at most 20 layers'),
  startC: z.number().min(-273.15, 'is below absolute zero'),
  surface: z.strictObject({
    mediumC: z.number().min(-273.15, 'is below absolute zero'),
    h: positive('surface coefficient, W/m²·K,'),
  }),
  until: z.union(
    [z.strictObject({ centreC: z.number().min(-273.15) }), z.strictObject({ minutes: positive('minutes') })],
    {
      error: 'give { centreC } or { minutes }',
    },
  ),
  sampleEveryMinutes: positive('sampling interval').optional(),
});
type ConductInput = z.infer<typeof conductInput>;

interface Sample {
  minute: number;
  centreC: number;
  surfaceC: number;
  meanC: number;
}
interface ConductResult {
  /** Minutes to the target, or the minutes asked for; null where the target is never reached. */
  minutes: number | null;
  centreC: number;
  surfaceC: number;
  meanC: number;
  samples: Sample[];
}

/** More samples than this are refused rather than made. */
const MOST_SAMPLES = 20_000;
/** A target this near to the medium's temperature counts as never reached: the approach is without end. */
const NEVER_C = 1e-6;

/**
 * Temperature of a layered body against time, in a medium of one temperature.
 * Within 0.3 °C of the analytic series for slab, cylinder and sphere (Carslaw & Jaeger).
 */
export function conduct(input: ConductInput): ConductResult {
  const { startC, surface, until } = input;
  const body = new Body({
    dimension: input.dimension,
    layers: input.layers.map((l) => ({
      thickness: l.thicknessMm / 1000,
      material: constantMaterial(l.k, l.density, l.heatCapacity),
    })),
    startC,
    outer: convective(surface.h, surface.mediumC),
  });
  const target = 'centreC' in until ? until.centreC : null;
  const within = target !== null && isReachable(startC, surface.mediumC, target);
  const endMinutes = 'minutes' in until ? until.minutes : within ? Infinity : 0;
  const every = input.sampleEveryMinutes ?? Infinity;
  const samples: Sample[] = [toSample(body.state())];
  let previous = body.state();
  let nextSample = every;
  if (target !== null && (target === startC || !within)) {
    return { minutes: target === startC ? 0 : null, ...temperatures(previous), samples };
  }
  for (;;) {
    const now = body.advance(endMinutes * 60 - previous.seconds);
    const reached = target !== null && (now.centreC - target) * Math.sign(target - startC) >= 0;
    const end = reached ? interpolate(previous, now, share(previous.centreC, now.centreC, target ?? 0)) : now;
    while (nextSample * 60 <= end.seconds * (1 + 1e-12)) {
      samples.push(toSample(atSeconds(previous, now, nextSample * 60)));
      if (samples.length > MOST_SAMPLES) throw new RangeError('sampleEveryMinutes: asks for more than 20 000 samples');
      nextSample = every * Math.round(nextSample / every + 1);
    }
    const done = reached || end.seconds >= endMinutes * 60 * (1 - 1e-12);
    if (done) {
      if (samples[samples.length - 1].minute < end.seconds / 60 - 1e-9) samples.push(toSample(end));
      return { minutes: end.seconds / 60, ...temperatures(end), samples };
    }
    previous = now;
  }
}

function isReachable(startC: number, mediumC: number, target: number): boolean {
  const low = Math.min(startC, mediumC);
  const high = Math.max(startC, mediumC);
  return target >= low && target <= high && Math.abs(target - mediumC) > NEVER_C;
}

const temperatures = ({ centreC, surfaceC, meanC }: State) => ({ centreC, surfaceC, meanC });
const toSample = (state: State): Sample => ({ minute: state.seconds / 60, ...temperatures(state) });
const share = (from: number, to: number, value: number): number => (to === from ? 1 : (value - from) / (to - from));
const atSeconds = (a: State, b: State, seconds: number): State =>
  interpolate(a, b, share(a.seconds, b.seconds, seconds));
