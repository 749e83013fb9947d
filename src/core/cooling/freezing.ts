/** Parcels frozen raw: on a tray until they are hard, then bagged. */
import { type Composition } from '../food/composition';
import { Body } from '../heat/conduction';
import { foodMaterial, foodMaterialOf } from '../heat/material';
import { convective, type State } from '../heat/problem';
import { crossing } from '../heat/states';

/** Hard enough to be bagged without sticking or losing their shape: the middle is no warmer, °C. House estimate. */
export const HARD_C = -8;
/** Freezer air over parcels that lie apart on a tray, W/m²·K. House estimate. */
const FREEZER_H = 12;
const LONGEST = 24 * 60;

interface FrozenParcel {
  dimension: number;
  /** Half the filling, and the raw wrapper, mm. */
  fillingMm: number;
  wrapperMm: number;
  filling: Composition;
  wrapper: Composition;
  /** kg/m³ of the raw wrapper. */
  wrapperDensity: number;
}

/** Minutes until the middle is hard, by enthalpy through the ice; null where this freezer does not do it in a day. */
export function minutesToHard(parcel: FrozenParcel, startC: number, freezerC: number): number | null {
  if (freezerC >= HARD_C) return null;
  const body = new Body({
    dimension: parcel.dimension,
    layers: [
      { thickness: parcel.fillingMm / 1000, material: foodMaterialOf(parcel.filling) },
      {
        thickness: parcel.wrapperMm / 1000,
        material: foodMaterial(parcel.wrapper, { density: parcel.wrapperDensity }),
      },
    ],
    startC,
    outer: convective(FREEZER_H, freezerC),
  });
  const states: State[] = [body.state()];
  for (let now = states[0]; now.centreC > HARD_C && now.seconds < LONGEST * 60; states.push(now)) {
    now = body.advance(LONGEST * 60 - now.seconds);
  }
  return crossing(states, 'centreC', HARD_C, 'down');
}
