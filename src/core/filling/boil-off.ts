/** Water boiling off an open pan, by estimate, where no scale is used. */
import { type PanHeat, PAN_HEATS } from '../vocabulary/pan-heats';

/** A filling cannot take up more than this from its pan without catching, W per m² of pan. House estimate. */
const MOST_FLUX = 18_000;
/** Heat of vaporisation of water at 100 °C, J/g (steam tables). */
const LATENT = 2257;

/**
 * Water that boils off in a minute, g.
 * @param panMm diameter of the pan
 */
export function boilOffRate(panMm: number, heat: PanHeat): number {
  const area = (Math.PI * (panMm / 1000) ** 2) / 4;
  return (60 * Math.min(PAN_HEATS[heat].watts, MOST_FLUX * area)) / LATENT;
}

/** Minutes of boiling until so many grams are gone. */
export const minutesToBoilOff = (grams: number, panMm: number, heat: PanHeat): number =>
  grams / boilOffRate(panMm, heat);
