/** One large round or oval folded over, one for each person. */
import { foldedSection } from './folded';
import { type Form } from './form';
import { halfMoon } from './half-moon';

/** The lens of its section is so much narrower than the skin from fold to rim. House estimate. */
const LENS = 0.95;

export const pocket: Form = {
  ...halfMoon,
  label: 'pocket',
  usualRatio: [0.9, 2],
  bakesOffPer100: 1.5,
  brothy: null,
  usual: {
    skin: { diameterMm: 160, rimMm: 12, thicknessMm: 3.5 },
    dough: 'short',
    method: 'bake',
    mediumC: 190,
    minutes: 32,
  },
  sizes: 'large',
  body: (skin, fillMl, wrapperMl) => {
    // Wide and flat: the thickest section as an ellipse from fold to rim.
    const across = skin.diameterMm / 2 - skin.rimMm;
    const area = (Math.min(1, fillMl / halfMoon.maxMl(skin)) * across ** 2) / Math.PI;
    const compact = halfMoon.skinArea(skin) * skin.thicknessMm;
    return {
      dimension: 1.4,
      fillingMm: (2 * area) / (Math.PI * LENS * across),
      wrapperMm: (skin.thicknessMm * wrapperMl * 1000) / compact,
    };
  },
  section: (filled, skin) =>
    foldedSection(filled, skin, {
      rx: (LENS / 2) * (skin.diameterMm / 2 - skin.rimMm),
      ry: filled.body.fillingMm,
    }),
};
