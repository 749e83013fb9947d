/** A skin folded over: how much it holds, and cut across: a drop on its side, the fold at the left, the pressed rim at the right. */
import { type Laid } from './skins';
import { f } from './paths';
import { type Filled, type SectionShape } from './section';

/**
 * The most that an ellipse folded along its length holds, ml: ∫ (b√(1 − x²/a²) − s)² / π dx, in closed form. With x = a y / b
 * that is the round of radius b, so many times as long.
 * @param a half its length along the fold, mm @param b half its width, mm @param s rim, mm
 */
export function foldedMl(a: number, b: number, s: number): number {
  if (b <= s) return 0;
  const x0 = Math.sqrt(b * b - s * s);
  const circle = (x0 * s + b * b * Math.asin(x0 / b)) / 2;
  const half = b * b * x0 - x0 ** 3 / 3 - 2 * s * circle + s * s * x0;
  return ((a / b) * (2 * half)) / Math.PI / 1000;
}

/** How thick so much filling lies, spread over half of a round or an oval inside its rim, mm; 0 on any other skin. */
export function foldedLayerMm({ skin, rimMm }: Laid, ml: number): number {
  if (skin.shape !== 'round' && skin.shape !== 'oval') return 0;
  const [long, wide] = skin.shape === 'round' ? [skin.diameterMm, skin.diameterMm] : [skin.lengthMm, skin.widthMm];
  return (ml * 1000) / ((Math.PI / 2) * (long / 2 - rimMm) * (wide / 2 - rimMm));
}

/** A bar lies flatter the less it is filled: half its height over the radius of a round bar of the same area, nearly empty and by how much more full. */
export type Flatness = readonly [empty: number, more: number];

const flatnessOf = ([empty, more]: Flatness, fill: number): number => empty + more * Math.min(1, fill);

/** Half the height of the fullest section, mm. @param across of the folded skin there, from fold to rim, mm @param fill share of the most */
export const barHalf = (across: number, fill: number, flatness: Flatness): number =>
  (Math.sqrt(Math.min(1, fill)) / Math.PI) * across * flatnessOf(flatness, fill);

/** The bar of the heat model, cut across: half its width and height, mm. */
export function flatBar({ body, fillMl, maxMl }: Filled, flatness: Flatness): { rx: number; ry: number } {
  return { rx: body.fillingMm / flatnessOf(flatness, fillMl / Math.max(1, maxMl)) ** 2, ry: body.fillingMm };
}

/** @param middle half the width and half the height of the filling, mm */
export function foldedSection(
  { body }: Filled,
  { rimMm: rim }: Laid,
  { rx, ry }: { rx: number; ry: number },
): SectionShape {
  const t = body.wrapperMm;
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
