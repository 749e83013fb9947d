/** A covered pan pie: sheets below and up the wall, filling, sheets on top. One parcel is one pan. */
import { type Skin } from './body';
import { type Form } from './form';
import { f, type Filled, type SectionShape } from './section';

const area = ({ diameterMm }: Skin): number => (Math.PI * diameterMm ** 2) / 4;
/** Where a pan's depth is not said. House estimate. */
const USUAL_DEPTH = 45;
const depthOf = ({ depthMm }: Skin): number => depthMm ?? USUAL_DEPTH;

export const panPie: Form = {
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
  bakesOffPer100: 5,
  brothy: null,
  usual: {
    skin: { diameterMm: 280, rimMm: 0, thicknessMm: 2, depthMm: USUAL_DEPTH },
    dough: 'thin-sheets',
    method: 'bake',
    mediumC: 180,
    minutes: 60,
  },
  sizes: 'pan',
  section: panPieSection,
};

/** Of a pan pie a slice from the wall inwards is drawn. */
const SLICE_MM = 76;

function panPieSection({ body }: Filled, { diameterMm }: Skin): SectionShape {
  const w = Math.min(SLICE_MM, diameterMm);
  const t = body.wrapperMm;
  const h = 2 * body.fillingMm;
  const top = -(h + 2 * t);
  const zig = (x: number, from: number, to: number): string => {
    const step = (to - from) / 4;
    return [1, 2, 3, 4].map((i) => `L ${f(x + (i % 2 === 1 ? 2 : 0))} ${f(from + i * step)}`).join(' ');
  };
  return {
    widthMm: w + 2,
    heightMm: h + 2 * t,
    leftMm: 0,
    isSlice: true,
    skin: `M 0 0 L ${f(w)} 0 ${zig(w, 0, top)} L ${f(t)} ${f(top)} Q 0 ${f(top)} 0 ${f(top + t * 1.5)} Z`,
    filling: `M ${f(t)} ${f(-t)} L ${f(w + 0.5)} ${f(-t)} ${zig(w + 0.5, -t, top + t)} L ${f(t)} ${f(top + t)} Z`,
    seam: `M ${f(t)} ${f(top + t / 2)} L ${f(w)} ${f(top + t / 2)} M ${f(t)} ${f(-t / 2)} L ${f(w)} ${f(-t / 2)}`,
    crack: `M ${f(w * 0.45)} ${f(top)} l 3 ${f(t * 0.6)} l -4 ${f(t * 0.6)}`,
    inside: { cx: (w + t) / 2, cy: -(t + h / 2), rx: (w - t) / 2 - 1, ry: h / 2 - 0.5 },
    skinAt: { x: w * 0.8, y: top + t / 2 },
  };
}
