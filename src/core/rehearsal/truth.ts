/** What is really so in a practice kitchen, and the kitchen that follows from it. */
import { applianceFor } from '../cooking/appliance';
import { mainStep } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';

/** What is really so, and nobody knows. All of it 1, 0 or as planned in a kitchen that is as it seems. */
export interface Truth {
  /** What it is cooked in: K from what it says, and how strongly it heats. */
  biasK: number;
  heatFactor: number;
  /** g of free liquid in 100 g that the food brought beyond what is counted. */
  extraFree: number;
  /** Salt that is in it, as a multiple of what was written down. */
  saltFactor: number;
  /** Portions and skins, as a multiple of what was planned; and how far portions differ, %. */
  portionFactor: number;
  spreadPercent: number;
  skinFactor: number;
  /** How it cools, as a multiple of the usual coefficients; and how much too early it was wrapped, as a share of its minutes. */
  coolingFactor: number;
  coolShare: number;
  /** The air in the fridge, °C; null where it is as it says. */
  fridgeC: number | null;
  /** From the first parcel to the last, minutes; null as the wrap's own pace has it. */
  benchMinutes: number | null;
  /** In the heat, as a share of the minutes planned. */
  heatShare: number;
  /** Cut open so long after the heat, minutes. */
  cutAfterMinutes: number;
  /** The probe was pushed beside the filling: it shows so much more, K. */
  probeErrorK: number;
  /** The lid was lifted at once. */
  isLidLifted: boolean;
  /** A line that never went in, by its id. */
  forgottenLine: string | null;
}

export const AS_IT_SEEMS: Truth = {
  biasK: 0,
  heatFactor: 1,
  extraFree: 0,
  saltFactor: 1,
  portionFactor: 1,
  spreadPercent: 4,
  skinFactor: 1,
  coolingFactor: 1,
  coolShare: 1,
  fridgeC: null,
  benchMinutes: null,
  heatShare: 1,
  cutAfterMinutes: 20,
  probeErrorK: 0,
  isLidLifted: false,
  forgottenLine: null,
};

/** The kitchen as it really is. */
export function realKitchen(
  kitchen: Kitchen,
  batch: Batch,
  { biasK, heatFactor, coolingFactor, fridgeC }: Truth,
  at: string,
): Kitchen {
  const used = applianceFor(batch.cook, kitchen);
  const { medium } = mainStep(batch.cook);
  const { vessel, place, base, covered } = batch.cool;
  return {
    ...kitchen,
    fridgeC: fridgeC ?? kitchen.fridgeC,
    appliances: kitchen.appliances.map((a) =>
      a.id === used?.id ? { ...a, heats: [{ medium, factor: heatFactor, biasK, readings: 1, at }] } : a,
    ),
    cooling: [
      ...kitchen.cooling.filter((f) => f.vessel !== vessel.kind || f.place !== place),
      ...(coolingFactor === 1
        ? []
        : [{ vessel: vessel.kind, place, base, covered, factor: coolingFactor, readings: 3 }]),
    ],
  };
}
