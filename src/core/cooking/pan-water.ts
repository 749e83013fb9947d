/** Water poured into a pan that steams: as much as is gone when the step ends, and what starch in it leaves behind. */
import { type Appliance } from '../stored/kitchen-schema';
import { powerOf } from './appliance';

/** J/g·K and J/g: water, and its steam at 100 °C (steam tables). */
const WATER_J_PER_GK = 4.19;
const STEAM_J_PER_G = 2257;
/** Out of the tap, °C. House estimate. */
const TAP_C = 15;
/** A tablespoon, g of water. */
const SPOON_G = 15;
/** Starch in 100 g of water: a lace; below it hardly shows, above it is a crust that sticks. House estimates. */
export const LACE_PER_100 = [3, 7] as const;

/** J that a gram of water takes until it has boiled away where it boils at such a temperature. */
const perGram = (boilingC: number): number => WATER_J_PER_GK * (boilingC - TAP_C) + STEAM_J_PER_G;

/** Water that is just gone after so many minutes, g. */
export const waterFor = (pan: Pick<Appliance, 'kind' | 'powerW'>, minutes: number, boilingC: number): number =>
  ((powerOf(pan) ?? 0) * minutes * 60) / perGram(boilingC);

/** So much water is gone after so many minutes. */
export const goneAfter = (pan: Pick<Appliance, 'kind' | 'powerW'>, waterG: number, boilingC: number): number =>
  (waterG * perGram(boilingC)) / Math.max(1, powerOf(pan) ?? 0) / 60;

export interface PanWater {
  /** What is poured in: as said, or as much as is gone when the step ends. */
  waterG: number;
  spoons: number;
  isOwn: boolean;
  /** Minutes until it is gone. */
  goneAfter: number;
  /** g of starch in 100 g; 0 without. */
  starchPer100: number;
}

/** @param minutes of the step */
export function panWater(
  pan: Pick<Appliance, 'kind' | 'powerW'>,
  step: { waterG: number | null; starchG: number; minutes: number },
  boilingC: number,
): PanWater {
  const waterG = step.waterG ?? Math.max(5, Math.round(waterFor(pan, step.minutes, boilingC) / 5) * 5);
  return {
    waterG,
    spoons: Math.round((waterG / SPOON_G) * 2) / 2,
    isOwn: step.waterG !== null,
    goneAfter: goneAfter(pan, waterG, boilingC),
    starchPer100: (100 * step.starchG) / waterG,
  };
}
