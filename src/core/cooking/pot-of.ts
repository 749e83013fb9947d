/** The pot of oil or water that a batch swims in: how full, how strong the flame, how far it falls, how many it bears. */
import { mainStep } from '../stored/cooking';
import { type Appliance } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Flame } from '../vocabulary/flames';
import { APPLIANCES } from '../vocabulary/appliances';
import { type CookingPlan, swimming } from '../heat/cooking';
import { MOST_FALL_K, OIL_HEAT_CAPACITY, WATER_HEAT_CAPACITY } from '../heat/liquids';
import { largestLoad, type LoadOfParcels, type Pot, type PotRun, runPot } from '../heat/pot';
import { powerOf } from './appliance';
import { highIn, lossOf, usualLiquidG } from './pot-size';

/** Cells that do for what a parcel takes from the pot. */
const CELLS = 12;
/** A pot is looked at for so long, minutes: until it is back. */
const AT_LEAST = 6;
const AT_MOST = 15;
/** It is lowest by then, where the flame is turned up; left alone it falls for as long as they are in it. */
const LOWEST_BY = 8;

export interface PotForecast {
  medium: 'oil' | 'water';
  setC: number;
  liquidG: number;
  /** How high it stands, share of the pot's depth. */
  high: number;
  powerW: number;
  /** Parcels at once, and the most that fit. */
  count: number;
  fits: number;
  lowestC: number;
  lowestAtMinute: number;
  /** When it is within 2 K again; null where not as long as was looked at. */
  backAtMinute: number | null;
  /** The most at once that keep it within 15 °C, of those that fit; 0 where not even one. */
  bears: number;
  samples: { minute: number; potC: number }[];
  /** Share of the heat that is not accounted for. */
  residual: number;
}

/** What swims in oil or water: which, or null. */
export const liquidOf = (cook: Pick<Batch['cook'], 'steps'>): 'oil' | 'water' | null => {
  const { medium } = mainStep(cook);
  return medium === 'oil' || medium === 'water' ? medium : null;
};

interface Swimming {
  medium: 'oil' | 'water';
  appliance: Appliance;
  liquidG: number | null;
  /** As hot as it is set, °C. */
  setC: number;
  plan: Pick<CookingPlan, 'parcel' | 'boilingC' | 'startC'>;
  /** W/m²·K onto the parcel. */
  h: number;
  /** Of one parcel, g and g/ml. */
  volumeMl: number;
  minutes: number;
  flame: Flame;
  roomC: number;
}

/** The surface of a body of a volume, m²: dimension × volume / half-thickness, exact for slab, bar and ball. */
export const surfaceOf = (dimension: number, volumeMl: number, halfMm: number): number =>
  (dimension * volumeMl * 1e-6) / (halfMm / 1000);

function potFor({ medium, appliance, liquidG, setC, roomC, plan, flame }: Swimming): {
  pot: Pot;
  liquidG: number;
  high: number;
} {
  const grams = liquidG ?? usualLiquidG(appliance, medium);
  const high = highIn(appliance, medium, grams);
  return {
    liquidG: grams,
    high,
    pot: {
      heatCapacity: (grams / 1000) * (medium === 'oil' ? OIL_HEAT_CAPACITY : WATER_HEAT_CAPACITY),
      setC,
      powerW: powerOf(appliance) ?? APPLIANCES.pot.usualPowerW ?? 0,
      // Water boils at full flame in any case.
      control: medium === 'oil' ? flame : 'turned-up',
      lossWPerK: lossOf(appliance, high),
      roomC,
      boilingC: medium === 'water' ? plan.boilingC : null,
    },
  };
}

/**
 * How the pot takes a load.
 * @param wanted parcels at once; null: as many as it bears
 * @param fits the most that fit into it
 */
export function forecastPot(swims: Swimming, wanted: number | null, fits: number, count: number): PotForecast {
  const { pot, liquidG, high } = potFor(swims);
  const { parcel } = swims.plan;
  const load = (n: number): LoadOfParcels => ({
    count: n,
    parcel: { ...swimming(swims.plan), cells: CELLS },
    h: swims.h,
    area: surfaceOf(parcel.dimension, swims.volumeMl, parcel.fillingMm + parcel.wrapperMm),
  });
  const minutes = Math.min(AT_MOST, Math.max(AT_LEAST, swims.minutes));
  const most = Math.min(count, fits);
  const bears = largestLoad(pot, load(1), Math.min(minutes, LOWEST_BY), MOST_FALL_K, Math.max(1, most));
  const shared = (n: number): number => Math.ceil(count / Math.ceil(count / Math.max(1, n)));
  const atOnce = Math.min(count, wanted ?? shared(Math.min(most, Math.max(1, bears))));
  const run: PotRun = runPot(pot, load(atOnce), minutes);
  const every = Math.max(1, Math.floor(run.samples.length / SAMPLES));
  return {
    medium: swims.medium,
    setC: pot.setC,
    liquidG,
    high,
    powerW: pot.powerW,
    count: atOnce,
    fits,
    lowestC: run.lowestC,
    lowestAtMinute: run.lowestAtMinute,
    backAtMinute: run.recoveredAtMinute,
    bears,
    samples: run.samples
      .filter((_, i) => i % every === 0 || i === run.samples.length - 1)
      .map(({ minute, potC }) => ({ minute, potC })),
    residual: run.residual,
  };
}

const SAMPLES = 120;

/** The pot's heat at any second of the step, from its samples; afterwards as it was last. */
export function pathOf(samples: PotForecast['samples']): (seconds: number) => number {
  let index = 0;
  return (seconds) => {
    const minute = seconds / 60;
    if (minute < samples[index].minute) index = 0;
    while (index < samples.length - 2 && samples[index + 1].minute <= minute) index += 1;
    const [a, b] = [samples[index], samples[index + 1] ?? samples[index]];
    const part = b.minute > a.minute ? Math.min(1, (minute - a.minute) / (b.minute - a.minute)) : 0;
    return a.potC + (b.potC - a.potC) * part;
  };
}
