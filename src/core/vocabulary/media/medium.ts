/** What a parcel is cooked in, on and under: the heat that each of its faces meets. */
import { type ApplianceKind } from '../appliances';

export interface Met {
  mediumC: number;
  /** W/m²·K, into a moist face; and onto a dry one, where that is more. */
  h: number;
  hDry?: number;
}

/** What decides how hot a medium is and how well it gives its heat. */
export interface Where {
  /** As the cook set it, °C. */
  setC: number;
  boilingC: number;
  roomC: number;
  fanOven: boolean;
}

export interface MediumRecord {
  label: string;
  /** What of the kitchen's it is done in; null where in nothing. */
  appliance: ApplianceKind | null;
  /** Its temperature is the cook's to set; else it is boiling water or its steam, or the room. */
  isSet: boolean;
  usualC: number;
  /** Heat goes into the parcel; else it rests and only what it has goes on to its middle. */
  heats: boolean;
  /** For the last minutes only: where it takes longer, another step goes on. */
  isFinish?: boolean;
  /** Dry enough, and hot enough, to brown. */
  browns: boolean;
  /** From place to place it differs by so much, K (one standard deviation). House estimate. */
  placesK: number;
  /** Coefficients and temperatures above and below. House estimates within the ranges of heat-transfer texts. */
  faces(where: Where): { above: Met; below: Met };
}

/** The same all round. */
export const allRound = (met: (where: Where) => Met): MediumRecord['faces'] => {
  return (where) => ({ above: met(where), below: met(where) });
};
