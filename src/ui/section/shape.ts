/** Outlines of a parcel cut through, in millimetres, y downwards, the board at y = 0. Drawing only: the sizes come from the core. */
import { type FormId } from '@/core/wrapper/forms';
import { type Fit } from '@/core/wrapper/fit';

export interface SectionShape {
  widthMm: number;
  heightMm: number;
  /** How far it reaches to the left of the origin. */
  leftMm: number;
  /** Only a slice of the parcel is drawn: the whole would be too wide for its height. */
  isSlice: boolean;
  /** SVG paths. */
  skin: string;
  filling: string;
  /** Lines of pleats or of the seal. */
  seam: string;
  /** Where the seam cracks when overfilled. */
  crack: string;
  /** The filling as an ellipse, for placing what is in it. */
  inside: { cx: number; cy: number; rx: number; ry: number };
  /** Where the leaders point. */
  skinAt: { x: number; y: number };
}

const f = (value: number): string => value.toFixed(2);

type SkinSizes = { diameterMm: number; rimMm: number; thicknessMm: number };

/** The section of a form. */
export function sectionShape(form: FormId, fit: Fit, skin: SkinSizes): SectionShape {
  switch (form) {
    case 'purse':
      return purseShape(fit);
    case 'half-moon':
      return foldedShape(fit, skin, roundBar(fit));
    case 'pocket':
      return foldedShape(fit, skin, { rx: 0.475 * (skin.diameterMm / 2 - skin.rimMm), ry: fit.body.fillingMm });
    case 'pan-pie':
      return panPieShape(fit, skin);
  }
}

/** The round bar of the heat model, lying flatter the less it is filled; its area is kept. */
function roundBar({ body, fillMl, maxMl }: Fit): { rx: number; ry: number } {
  const flat = 0.62 + 0.3 * Math.min(1.1, fillMl / Math.max(1, maxMl));
  const ry = body.fillingMm * flat;
  return { rx: body.fillingMm ** 2 / ry, ry };
}

/** Of a pan pie a slice from the wall inwards is drawn. */
const SLICE_MM = 76;

function panPieShape({ body }: Fit, { diameterMm }: SkinSizes): SectionShape {
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

/** A dome on a flat foot with a pleated neck: the ball of the heat model, set down. */
function purseShape({ body }: Fit): SectionShape {
  const R = body.fillingMm + body.wrapperMm;
  const t = body.wrapperMm;
  const r = body.fillingMm;
  const neck = R * 0.13 + 2;
  const top = -1.92 * R;
  const skin = [
    `M ${f(-R * 0.62)} 0`,
    `C ${f(-R * 1.02)} 0 ${f(-R * 1.06)} ${f(-R * 0.5)} ${f(-R * 0.98)} ${f(-R * 0.82)}`,
    `C ${f(-R * 0.86)} ${f(-R * 1.32)} ${f(-neck * 1.5)} ${f(-R * 1.52)} ${f(-neck)} ${f(top)}`,
    `L ${f(neck)} ${f(top)}`,
    `C ${f(neck * 1.5)} ${f(-R * 1.52)} ${f(R * 0.86)} ${f(-R * 1.32)} ${f(R * 0.98)} ${f(-R * 0.82)}`,
    `C ${f(R * 1.06)} ${f(-R * 0.5)} ${f(R * 1.02)} 0 ${f(R * 0.62)} 0 Z`,
  ].join(' ');
  const foot = -t * 0.75;
  const cy = foot - r * 0.92;
  const filling = [
    `M ${f(-r * 0.72)} ${f(foot)}`,
    `C ${f(-r * 1.12)} ${f(foot)} ${f(-r * 1.12)} ${f(cy - r * 0.25)} ${f(-r * 0.86)} ${f(cy - r * 0.55)}`,
    `C ${f(-r * 0.5)} ${f(cy - r * 1.02)} ${f(r * 0.5)} ${f(cy - r * 1.02)} ${f(r * 0.86)} ${f(cy - r * 0.55)}`,
    `C ${f(r * 1.12)} ${f(cy - r * 0.25)} ${f(r * 1.12)} ${f(foot)} ${f(r * 0.72)} ${f(foot)} Z`,
  ].join(' ');
  const pleat = (x: number, spread: number) =>
    `M ${f(x)} ${f(top + 1)} Q ${f(x * 1.4)} ${f(-R * 1.6)} ${f(spread)} ${f(-R * 1.34)}`;
  return {
    widthMm: 2 * R * 1.02,
    heightMm: 1.92 * R,
    leftMm: R * 1.02,
    isSlice: false,
    skin,
    filling,
    seam: [-0.75, -0.3, 0.3, 0.75].map((k) => pleat(k * neck, k * R * 0.62)).join(' '),
    crack: `M ${f(neck * 0.2)} ${f(top)} l ${f(-neck * 0.5)} ${f(R * 0.14)} l ${f(neck * 0.6)} ${f(R * 0.12)} l ${f(-neck * 0.5)} ${f(R * 0.16)}`,
    inside: { cx: 0, cy: cy + r * 0.08, rx: r * 0.88, ry: r * 0.78 },
    skinAt: { x: R * 0.9, y: -R * 0.95 },
  };
}

/** A drop on its side: the fold at the left, the pressed rim at the right. */
function foldedShape({ body }: Fit, skin: SkinSizes, { rx, ry }: { rx: number; ry: number }): SectionShape {
  const t = body.wrapperMm;
  const rim = skin.rimMm;
  const cy = -(ry + t);
  const drop = (x: number, y: number, tail: number) =>
    [
      `M ${f(rx * 0.9 + tail)} ${f(cy)}`,
      `C ${f(rx * 0.75)} ${f(cy - y * 0.35)} ${f(rx * 0.45)} ${f(cy - y)} ${f(-rx * 0.12)} ${f(cy - y)}`,
      `C ${f(-rx * 0.75)} ${f(cy - y)} ${f(-x)} ${f(cy - y * 0.5)} ${f(-x)} ${f(cy)}`,
      `C ${f(-x)} ${f(cy + y * 0.5)} ${f(-rx * 0.75)} ${f(cy + y)} ${f(-rx * 0.12)} ${f(cy + y)}`,
      `C ${f(rx * 0.45)} ${f(cy + y)} ${f(rx * 0.75)} ${f(cy + y * 0.35)} ${f(rx * 0.9 + tail)} ${f(cy)} Z`,
    ].join(' ');
  const tip = rx * 1.1;
  const skinPath = [
    `M ${f(tip + rim)} ${f(cy - t)}`,
    `L ${f(tip)} ${f(cy - t)}`,
    `C ${f(rx * 0.85)} ${f(cy - t - ry * 0.35)} ${f(rx * 0.5)} ${f(cy - ry - t)} ${f(-rx * 0.12)} ${f(cy - ry - t)}`,
    `C ${f(-rx * 0.85)} ${f(cy - ry - t)} ${f(-rx - t)} ${f(cy - ry * 0.55)} ${f(-rx - t)} ${f(cy)}`,
    `C ${f(-rx - t)} ${f(cy + ry * 0.55)} ${f(-rx * 0.85)} ${f(cy + ry + t)} ${f(-rx * 0.12)} ${f(cy + ry + t)}`,
    `C ${f(rx * 0.5)} ${f(cy + ry + t)} ${f(rx * 0.85)} ${f(cy + t + ry * 0.35)} ${f(tip)} ${f(cy + t)}`,
    `L ${f(tip + rim)} ${f(cy + t)} Z`,
  ].join(' ');
  return {
    widthMm: rx + t + tip + rim,
    heightMm: 2 * (ry + t),
    leftMm: rx + t,
    isSlice: false,
    skin: skinPath,
    filling: drop(rx, ry, rx * 0.12),
    seam: `M ${f(tip)} ${f(cy)} L ${f(tip + rim)} ${f(cy)}`,
    crack: `M ${f(tip + rim)} ${f(cy)} l ${f(-rim * 0.4)} ${f(-t * 0.7)} l ${f(-rim * 0.3)} ${f(t * 1.3)} l ${f(-rim * 0.5)} ${f(-t * 0.6)}`,
    inside: { cx: -rx * 0.12, cy, rx: rx * 0.78, ry: ry * 0.86 },
    skinAt: { x: rx * 0.55, y: cy - ry * 0.78 - t / 2 },
  };
}
