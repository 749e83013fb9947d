/** Outlines of a parcel cut through, in millimetres, y downwards, the board at y = 0. Drawing only: the sizes come from the core. */
import { type FormId } from '@/core/wrapper/forms';
import { type Fit } from '@/core/wrapper/fit';

export interface SectionShape {
  widthMm: number;
  heightMm: number;
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

/** The section of a form. */
export function sectionShape(form: FormId, fit: Fit, skin: { rimMm: number; thicknessMm: number }): SectionShape {
  return form === 'purse' ? purseShape(fit) : halfMoonShape(fit, skin);
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
    skin,
    filling,
    seam: [-0.75, -0.3, 0.3, 0.75].map((k) => pleat(k * neck, k * R * 0.62)).join(' '),
    crack: `M ${f(neck * 0.2)} ${f(top)} l ${f(-neck * 0.5)} ${f(R * 0.14)} l ${f(neck * 0.6)} ${f(R * 0.12)} l ${f(-neck * 0.5)} ${f(R * 0.16)}`,
    inside: { cx: 0, cy: cy + r * 0.08, rx: r * 0.88, ry: r * 0.78 },
    skinAt: { x: R * 0.9, y: -R * 0.95 },
  };
}

/** A drop on its side: the fold at the left, the pressed rim at the right. */
function halfMoonShape({ body, fillMl, maxMl }: Fit, skin: { rimMm: number; thicknessMm: number }): SectionShape {
  const r = body.fillingMm;
  const t = body.wrapperMm;
  // The same area as the round bar of the heat model, lying flatter the less it is filled.
  const flat = 0.62 + 0.3 * Math.min(1.1, fillMl / Math.max(1, maxMl));
  const ry = r * flat;
  const rx = (r * r) / ry;
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
    skin: skinPath,
    filling: drop(rx, ry, rx * 0.12),
    seam: `M ${f(tip)} ${f(cy)} L ${f(tip + rim)} ${f(cy)}`,
    crack: `M ${f(tip + rim)} ${f(cy)} l ${f(-rim * 0.4)} ${f(-t * 0.7)} l ${f(-rim * 0.3)} ${f(t * 1.3)} l ${f(-rim * 0.5)} ${f(-t * 0.6)}`,
    inside: { cx: -rx * 0.12, cy, rx: rx * 0.78, ry: ry * 0.86 },
    skinAt: { x: rx * 0.55, y: cy - ry * 0.78 - t / 2 },
  };
}
