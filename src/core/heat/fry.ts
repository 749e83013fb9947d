/** Parcels in a pot of oil, checked at the door: the `fry` command. */
import { z } from '../zod';
import { dimensionInput, layerOf, layersInput, waterOf } from './layer-input';
import { MOST_FALL_K, OIL_HEAT_CAPACITY } from './liquids';
import { largestLoad, type LoadOfParcels, type Pot, runPot } from './pot';
import { boilingPoint } from './surfaces';

/** Deep oil on a parcel, W/m²·K. House estimate within the range of heat-transfer texts. */
const DEEP_OIL = 350;
/** A pot of oil on a hob loses so much, W/K, where nobody measured it. House estimate: 24 cm across, uncovered. */
const POT_LOSS = 1.5;
const ROOM_C = 21;
/** Nobody fries more at once at home. */
const MOST_PARCELS = 200;
/** Water of what is given by its properties alone, kg/m³: in oil all food dries to a crust. House estimate: a noodle dough. */
const USUAL_WATER = 400;
/** Oil is never hotter: it smokes, and may catch fire. */
const HOTTEST_OIL_C = 190;

export const fryInput = z.strictObject({
  oilG: z.number().positive('must be above 0 g').max(50_000, 'must be at most 50 000 g'),
  setC: z
    .number()
    .min(100, 'must be 100 to 190 °C')
    .max(HOTTEST_OIL_C, 'must be at most 190 °C: hotter oil smokes and burns'),
  powerW: z.number().positive('must be above 0 W').max(20_000, 'must be at most 20 000 W'),
  lossWPerK: z.number().min(0, 'must be 0 or more').max(100, 'must be at most 100 W/K').optional(),
  roomC: z.number().min(-20, 'must be −20 to 50 °C').max(50, 'must be −20 to 50 °C').optional(),
  parcels: z
    .number()
    .int('must be a whole number')
    .min(1, 'must be at least 1')
    .max(MOST_PARCELS, 'must be at most 200'),
  parcel: z.strictObject({
    dimension: dimensionInput,
    layers: layersInput,
    areaCm2: z.number().positive('must be above 0 cm²').max(10_000, 'must be at most 10 000 cm²'),
    startC: z.number().min(-40, 'must be −40 to 100 °C').max(100, 'must be −40 to 100 °C'),
    h: z.number().positive('must be above 0 W/m²·K').max(10_000, 'must be at most 10 000 W/m²·K').optional(),
  }),
  minutes: z.number().positive('must be above 0 minutes').max(120, 'must be at most 120 minutes'),
});
type FryInput = z.infer<typeof fryInput>;

interface FryResult {
  lowestC: number;
  lowestAtMinute: number;
  recoveredAtMinute: number | null;
  samples: { minute: number; oilC: number; centreC: number }[];
  largestLoad: number;
}

const SAMPLES = 120;

/** How far the oil falls with so many parcels, when it is back, and the most that keep it within 15 °C. */
export function fry(input: FryInput): FryResult {
  const { parcel, minutes } = input;
  const boilingC = boilingPoint(0);
  const pot: Pot = {
    heatCapacity: (input.oilG / 1000) * OIL_HEAT_CAPACITY,
    setC: input.setC,
    powerW: input.powerW,
    control: 'turned-up',
    lossWPerK: input.lossWPerK ?? POT_LOSS,
    roomC: input.roomC ?? ROOM_C,
    boilingC: null,
  };
  const load: LoadOfParcels = {
    count: input.parcels,
    parcel: {
      dimension: parcel.dimension,
      layers: parcel.layers.map((layer) => ({ ...layerOf(layer, boilingC), capC: boilingC })),
      startC: parcel.startC,
      crustWater: waterOf(parcel.layers[parcel.layers.length - 1]) || USUAL_WATER,
    },
    h: parcel.h ?? DEEP_OIL,
    area: parcel.areaCm2 / 1e4,
  };
  const { samples, lowestC, lowestAtMinute, recoveredAtMinute } = runPot(pot, load, minutes);
  const every = Math.max(1, Math.floor(samples.length / SAMPLES));
  return {
    lowestC,
    lowestAtMinute,
    recoveredAtMinute,
    samples: samples
      .filter((_, i) => i % every === 0 || i === samples.length - 1)
      .map(({ minute, potC, centreC }) => ({ minute, oilC: potC, centreC })),
    largestLoad: largestLoad(pot, load, minutes, MOST_FALL_K, MOST_PARCELS),
  };
}
