/** A covered pan pie: sheets below and up the wall, filling, sheets on top. One parcel is one pan. */
import { type Form, type Skin } from './form';

const area = ({ diameterMm }: Skin): number => (Math.PI * diameterMm ** 2) / 4;
/** Where a pan's depth is not said. House estimate. */
const USUAL_DEPTH = 45;
const depthOf = ({ depthMm }: Skin): number => depthMm ?? USUAL_DEPTH;

export const panPie: Form = {
  id: 'pan-pie',
  label: 'covered pan pie',
  sizeWord: 'pan',
  law: 'A round pan: its area times its depth.',
  maxMl: (skin) => (area(skin) * depthOf(skin)) / 1000,
  comfortable: [0.4, 0.85],
  tight: 1,
  // Bottom and wall, and the cover.
  skinArea: (skin) => 2 * area(skin) + Math.PI * skin.diameterMm * depthOf(skin),
  body: (skin, fillMl, wrapperMl) => ({
    dimension: 1,
    fillingMm: (fillMl * 1000) / area(skin) / 2,
    wrapperMm: (skin.thicknessMm * wrapperMl * 1000) / (panPie.skinArea(skin) * skin.thicknessMm),
  }),
  usualRatio: [2, 6],
};
