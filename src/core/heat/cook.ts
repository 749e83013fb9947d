/** A parcel heated in steps, checked at the door: the `cook` command. */
import { z } from '../zod';
import { dimensionInput, layerOf, layersInput, surroundingsInput, waterOf } from './layer-input';
import { type ParcelState } from './parcel';
import { heatInSteps, type HeatStep, type SteppedPlan } from './stepped';
import { crossing, stateAt } from './states';
import { boilingPoint } from './surfaces';

/** The longest plan that is computed, minutes. */
const LONGEST = 24 * 60;

const stepInput = z.strictObject({
  minutes: z.number().positive('must be above 0 minutes').max(LONGEST, 'must be at most a day'),
  faces: z.strictObject({ outer: surroundingsInput, inner: surroundingsInput.optional() }),
  turn: z.boolean().optional(),
});

/** What `cook` and `spread` share. */
export const heatedInput = {
  dimension: dimensionInput,
  layers: layersInput,
  startC: z.number().min(-40, 'must be −40 °C or more').max(300, 'must be at most 300 °C'),
  steps: z.array(stepInput).min(1, 'needs at least one step').max(20, 'takes at most 20 steps'),
  altitudeM: z.number().min(-400, 'must be −400 to 5000 m').max(5000, 'must be −400 to 5000 m').optional(),
  target: z.strictObject({ centreC: z.number().min(-40, 'must be −40 °C or more').max(300, 'must be at most 300 °C') }),
};

type Heated = z.infer<z.ZodObject<typeof heatedInput>>;

/** Faces below are a slab's: what is round has none. */
export const hasPossibleFaces = ({ dimension, steps }: Pick<Heated, 'dimension' | 'steps'>): boolean =>
  dimension === 1 || steps.every(({ faces, turn }) => faces.inner === undefined && turn !== true);
export const twoFaces = {
  path: ['steps'],
  error: 'an inner face, and turning, are for a slab: dimension 1',
};

export const cookInput = z.strictObject(heatedInput).refine(hasPossibleFaces, twoFaces);
type CookInput = z.infer<typeof cookInput>;

/** The plan as the solver takes it. */
export function steppedPlan({ dimension, layers, startC, steps, altitudeM = 0 }: Omit<Heated, 'target'>): SteppedPlan {
  const boilingC = boilingPoint(altitudeM);
  const [first, ...rest] = steps.map(({ minutes, faces, turn }): HeatStep => ({ minutes, ...faces, turn }));
  return {
    dimension,
    layers: layers.map((layer) => layerOf(layer, boilingC)),
    startC,
    steps: [first, ...rest],
    crustWater: waterOf(layers[layers.length - 1]),
  };
}

interface CookSample {
  minute: number;
  centreC: number;
  surfaceC: number;
  meanC: number;
}

interface CookResult {
  /** When the middle is as hot as the target; null where it is not within the steps. */
  minutes: number | null;
  samples: CookSample[];
  /** How far the heat that went in differs from what is in it and what boiled off, share of it. */
  energyBalance: number;
}

const SAMPLES = 120;

/**
 * Temperatures of a layered body through steps of surroundings. Food layers hold at the boiling point of the altitude and dry
 * to a crust where they meet more than that; layers by their properties alone conduct and nothing else.
 */
export function cook(input: CookInput): CookResult {
  const states = heatInSteps(steppedPlan(input));
  const end = states[states.length - 1];
  const { centreC } = input.target;
  return {
    minutes: crossing(states, 'centreC', centreC, centreC >= input.startC ? 'up' : 'down'),
    samples: Array.from({ length: SAMPLES + 1 }, (_, i) => toSample(states, (end.seconds * i) / SAMPLES)),
    energyBalance: end.residual,
  };
}

/** The face as it is, crust included. */
function toSample(states: readonly ParcelState[], seconds: number): CookSample {
  const { centreC, meanC, outerFaceC } = stateAt(states, seconds);
  return { minute: seconds / 60, centreC, surfaceC: outerFaceC, meanC };
}
