/** `conduct`, `thermal`, `cool`, `lethality`: the physics alone. */
import { z } from 'zod';
import { type Composition, normalise } from '@/core/food/composition';
import { thermalProperties } from '@/core/food/thermal';
import { conduct, conductInput } from '@/core/heat/conduct';
import { cook, cookInput } from '@/core/heat/cook';
import { fry, fryInput } from '@/core/heat/fry';
import { compositionInput as composition } from '@/core/heat/layer-input';
import { spread, spreadInput } from '@/core/heat/spread';
import { inTheColdAt, warmestRoom } from '@/core/cooling/plan';
import { airOf } from '@/core/cooling/air';
import { coolingCurve } from '@/core/cooling/curve';
import { LONGEST_COOLING } from '@/core/cooling/simulation';
import { type CoolingPlan } from '@/core/cooling/stretches';
import { surroundings } from '@/core/stored/surroundings';
import { type Base, BASES } from '@/core/vocabulary/bases';
import { type Place } from '@/core/vocabulary/places';
import { coolingStages } from '@/core/safety/cooled';
import { RULE_PACKS } from '@/core/safety/packs';
import { lethality } from '@/core/safety/lethality';
import { lethalityInput } from '@/core/safety/lethality-input';
import { command, InputError } from '../command';

/** An ordinary cooked filling, where none is given. House estimate. */
const USUAL_FILLING: Composition = normalise({
  water: 0.72,
  protein: 0.12,
  fat: 0.08,
  carbohydrate: 0.06,
  fibre: 0.01,
  ash: 0.012,
});

export const conductCommand = command(conductInput, (input) => {
  try {
    return conduct(input);
  } catch (error) {
    if (error instanceof RangeError) throw new InputError([error.message]);
    throw error;
  }
});

export const cookCommand = command(cookInput, cook);
export const fryCommand = command(fryInput, fry);
export const spreadCommand = command(spreadInput, spread);

export const thermalCommand = command(
  z.strictObject({
    composition,
    atC: z.number().min(-40, 'must be −40 to 150 °C').max(150, 'must be −40 to 150 °C'),
  }),
  ({ composition: c, atC }) => thermalProperties(c, atC),
);

const { base, ...around } = {
  ...surroundings,
  ambientC: surroundings.ambientC.optional(),
  stirEveryMinutes: surroundings.stirEveryMinutes.optional(),
};

/** A leg says only what differs from the plan. */
const legInput = z.strictObject({
  minutes: z.number().positive('must be above 0 minutes').max(LONGEST_COOLING, 'must be at most a day'),
  depthMm: z.number().positive('must be above 0 mm').max(500, 'must be at most 500 mm').optional(),
  base: base.optional(),
  place: around.place,
  ambientC: around.ambientC,
  covered: around.covered.optional(),
  stirred: around.stirred.optional(),
  stirEveryMinutes: around.stirEveryMinutes,
});

const coolInput = z
  .strictObject({
    massG: z.number().positive('must be above 0 g').max(100_000, 'must be at most 100 000 g'),
    composition: composition.optional(),
    startC: z.number().min(0, 'must be 0 to 105 °C').max(105, 'must be 0 to 105 °C'),
    vessel: z.strictObject({
      depthMm: z.number().positive('must be above 0 mm').max(500, 'must be at most 500 mm'),
      base,
    }),
    ...around,
    legs: z.array(legInput).max(12, 'takes at most 12 legs').optional(),
    untilC: z.number().min(-30, 'must be −30 °C or more'),
  })
  .refine((i) => i.untilC < i.startC, { path: ['untilC'], error: 'must be below startC: it is cooling' })
  .refine((i) => i.startC > coldestAround(i), { path: ['startC'], error: 'must be above the temperature around it' });

/** The coldest thing a cooling filling is in touch with, °C. */
const coldestAround = (i: { place: Place; ambientC?: number; vessel: { base: Base } }): number =>
  Math.min(airOf(i), BASES[i.vessel.base].mediumC ?? Infinity);

/** The coldest temperature any rule asks for, °C. */
const COLDEST_RULE = 5;

export const coolCommand = command(coolInput, (input) => {
  const { vessel, untilC, legs = [] } = input;
  const plan: CoolingPlan = {
    ...input,
    ...vessel,
    composition: normalise(input.composition ?? USUAL_FILLING),
    legs: legs.map((leg) => ({
      ...leg,
      base: leg.base ?? vessel.base,
      covered: leg.covered ?? input.covered,
      stirred: leg.stirred ?? input.stirred,
    })),
  };
  const asked = coolingCurve(plan, untilC);
  const minutes = asked.minutesTo(untilC);
  // The rules are judged on the whole curve, down to the coldest temperature that any of them names.
  const curve = coolingCurve(plan, Math.min(untilC, COLDEST_RULE));
  return {
    minutes,
    evaporatedG: asked.evaporatedAt(minutes ?? Infinity),
    samples: asked.samples.map(({ minute, centreC, meanC, surfaceC }) => ({ minute, centreC, meanC, surfaceC })),
    // Cooled to `untilC` it is wrapped and heated again, or put away: no rule asks further.
    stages: Object.values(RULE_PACKS)
      .flatMap((pack) =>
        coolingStages(pack, {
          track: curve.track,
          coldAtMinute: inTheColdAt(plan),
          depthMm: plan.depthMm,
          heatedAtMinute: pack.cooling.some(({ kind }) => kind === 'refrigerate') ? minutes : null,
          roomC: warmestRoom(plan),
        }),
      )
      .map(({ rule, limitMinutes, tookMinutes, ok }) => ({ rule, limitMinutes, tookMinutes, ok })),
  };
});

export const lethalityCommand = command(lethalityInput, lethality);
