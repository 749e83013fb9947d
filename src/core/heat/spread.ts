/** How parcels differ, and what that does to the time until every one of them is hot enough: the `spread` command. */
import { z } from '../zod';
import { allDone, DRAWS, drawMinutes, quantile } from './draws';
import { hasPossibleFaces, heatedInput, steppedPlan, twoFaces } from './cook';
import { type Layer } from './problem';
import { fitResponse, type ResponseSurface } from './response';
import { type HeatStep, heatInSteps, type SteppedPlan } from './stepped';
import { crossing } from './states';

/** The last step goes on until a parcel is there, at most so long, minutes. */
const LONGEST = 180;
const SHARES = [0.05, 0.25, 0.5, 0.75, 0.95, 0.99] as const;

export const spreadInput = z
  .strictObject({
    ...heatedInput,
    count: z.number().int('must be a whole number').min(1, 'must be at least 1').max(1000, 'must be at most 1000'),
    portionSigma: z
      .number()
      .min(0, 'must be 0 to 0.4: a share of the portion')
      .max(0.4, 'must be 0 to 0.4: a share of the portion'),
    startSigmaC: z.number().min(0, 'must be 0 to 20 K').max(20, 'must be 0 to 20 K'),
    mediumSigmaC: z.number().min(0, 'must be 0 to 40 K').max(40, 'must be 0 to 40 K'),
    seed: z.number().int('must be a whole number').optional(),
  })
  .refine(hasPossibleFaces, twoFaces);
type SpreadInput = z.infer<typeof spreadInput>;

/** Standard deviations of what differs between parcels. */
interface Spread {
  /** Of the filling, share. */
  portion: number;
  startC: number;
  mediumC: number;
}

interface SpreadResult {
  /** Of the average parcel; null where it does not get there. */
  averageMinutes: number | null;
  /** By then every parcel is there in 95 of 100 batches; null where some never are. */
  allDoneMinutes95: number | null;
  quantiles: { share: number; minutes: number }[];
}

/** The filling is the innermost layer, or of a slab with two faces the thickest. */
const fillingAt = (layers: readonly Layer[], hasInner: boolean): number =>
  hasInner ? layers.reduce((best, layer, i) => (layer.thickness > layers[best].thickness ? i : best), 0) : 0;

/** A parcel that differs: so many times the filling, so much warmer at the start, in so much warmer surroundings. */
export function differing(plan: SteppedPlan, portion: number, startK: number, mediumK: number): SteppedPlan {
  const hasInner = plan.steps.some(({ inner }) => inner !== undefined);
  const filling = fillingAt(plan.layers, hasInner);
  const moved = (step: HeatStep): HeatStep => ({
    ...step,
    outer: { ...step.outer, mediumC: step.outer.mediumC + mediumK },
    ...(step.inner ? { inner: { ...step.inner, mediumC: step.inner.mediumC + mediumK } } : {}),
  });
  const [first, ...rest] = plan.steps.map(moved);
  return {
    ...plan,
    startC: plan.startC + startK,
    // A slab grows in its thickness, a bar in two directions, a ball in three.
    layers: plan.layers.map((layer, i) =>
      i === filling ? { ...layer, thickness: layer.thickness * portion ** (1 / plan.dimension) } : layer,
    ),
    steps: [first, ...rest],
  };
}

/** Minutes until the middle is as hot as it should be, the last step going on as long as it takes; null where it never is. */
export function minutesUntil(plan: SteppedPlan, centreC: number): number | null {
  const last = plan.steps[plan.steps.length - 1];
  const [first, ...rest] = [...plan.steps.slice(0, -1), { ...last, minutes: Math.max(last.minutes, LONGEST) }];
  const states = heatInSteps({ ...plan, steps: [first, ...rest] }, (now) => now.centreC >= centreC);
  return crossing(states, 'centreC', centreC, 'up');
}

/** The surface over portion, start and surroundings, in standard deviations; null where a far parcel never gets there. */
export const surfaceOf = (plan: SteppedPlan, spread: Spread, centreC: number): ResponseSurface | null =>
  fitResponse(([portion, start, medium]) =>
    minutesUntil(
      differing(plan, Math.max(0.2, 1 + portion * spread.portion), start * spread.startC, medium * spread.mediumC),
      centreC,
    ),
  );

export function spread(input: SpreadInput): SpreadResult {
  const plan = steppedPlan(input);
  const { centreC } = input.target;
  const averageMinutes = minutesUntil(plan, centreC);
  const sigma: Spread = { portion: input.portionSigma, startC: input.startSigmaC, mediumC: input.mediumSigmaC };
  const surface = averageMinutes === null ? null : surfaceOf(plan, sigma, centreC);
  if (surface === null) return { averageMinutes, allDoneMinutes95: null, quantiles: [] };
  const minutes = drawMinutes(surface, DRAWS, input.seed ?? 1);
  return {
    averageMinutes,
    allDoneMinutes95: allDone(minutes, input.count),
    quantiles: SHARES.map((share) => ({ share, minutes: quantile(minutes, share) })),
  };
}
