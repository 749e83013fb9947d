/** Cut across, a folded skin is a drop on its side: the fold at the left, the pressed rim at the right. */
import { type Skin } from './body';
import { f, type Filled, type SectionShape } from './section';

/** @param middle half the width and half the height of the filling, mm */
export function foldedSection({ body }: Filled, skin: Skin, { rx, ry }: { rx: number; ry: number }): SectionShape {
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
