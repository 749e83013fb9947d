/** A parcel whose skin is drawn up to a point, cut through its middle: a flat floor, two flanks, what is pinched standing on top. */
import { type Body } from './body';
import { f } from './paths';
import { type SectionShape } from './section';

interface Cut {
  body: Body;
  /** From the middle to the floor's edge on either side, mm. */
  left: number;
  right: number;
  /** How high the pinched edges stand, mm. */
  ridgeMm: number;
  /** On the right it is cut along a ridge. */
  isAlongRidge: boolean;
  hasMouth: boolean;
}

export function tentSection({ body, left, right, ridgeMm, isAlongRidge, hasMouth }: Cut): SectionShape {
  const t = body.wrapperMm;
  const H = Math.max(1, 2 * body.fillingMm);
  const top = -(H + 2 * t);
  const gap = hasMouth ? Math.min(left, right) * 0.3 : t * 0.55;
  const tip = hasMouth ? top + t * 0.6 : top - ridgeMm;
  /** From the floor on the left over the top to the floor on the right. @param l @param r half its floor @param foot @param high */
  const vault = (l: number, r: number, foot: number, high: number): string => {
    const rise = high - foot;
    return [
      `M ${f(-l * 0.9)} ${f(foot)} C ${f(-l * 1.06)} ${f(foot)} ${f(-l * 1.02)} ${f(foot + rise * 0.3)} ${f(-l * 0.84)} ${f(foot + rise * 0.52)}`,
      `C ${f(-l * 0.62)} ${f(foot + rise * 0.8)} ${f(-l * 0.34)} ${f(foot + rise * 0.93)} 0 ${f(high)}`,
      `C ${f(r * 0.34)} ${f(foot + rise * 0.93)} ${f(r * 0.62)} ${f(foot + rise * 0.8)} ${f(r * 0.84)} ${f(foot + rise * 0.52)}`,
      `C ${f(r * 1.02)} ${f(foot + rise * 0.3)} ${f(r * 1.06)} ${f(foot)} ${f(r * 0.9)} ${f(foot)} Z`,
    ].join(' ');
  };
  const [L, R] = [left + t, right + t];
  // The outer skin leaves the vault for the pinched tip, or for the lips of the mouth.
  const skin = [
    `M ${f(-L * 0.9)} 0 C ${f(-L * 1.06)} 0 ${f(-L * 1.02)} ${f(top * 0.3)} ${f(-L * 0.84)} ${f(top * 0.52)}`,
    `C ${f(-L * 0.6)} ${f(top * 0.84)} ${f(-gap * 2.2)} ${f(top * 0.96)} ${f(-gap)} ${f(tip)}`,
    hasMouth
      ? `L ${f(-gap * 0.8)} ${f(tip + t)} Q 0 ${f(top + t * 0.5)} ${f(gap * 0.8)} ${f(tip + t)} L ${f(gap)} ${f(tip)}`
      : `Q 0 ${f(tip - t * 0.5)} ${f(gap)} ${f(tip)}`,
    `C ${f(gap * 2.2)} ${f(top * 0.96)} ${f(R * 0.6)} ${f(top * 0.84)} ${f(R * 0.84)} ${f(top * 0.52)}`,
    `C ${f(R * 1.02)} ${f(top * 0.3)} ${f(R * 1.06)} 0 ${f(R * 0.9)} 0 Z`,
  ].join(' ');
  const ridge = isAlongRidge
    ? ` M ${f(gap * 1.4)} ${f(top * 0.88)} C ${f(R * 0.42)} ${f(top * 0.88)} ${f(R * 0.68)} ${f(top * 0.66)} ${f(R * 0.86)} ${f(top * 0.4)}`
    : '';
  const filled = vault(left, right, -t, -(t + H));
  return {
    widthMm: L + R,
    heightMm: hasMouth ? -top : H + 2 * t + ridgeMm,
    leftMm: L,
    isSlice: false,
    skin,
    filling: filled,
    seam: (hasMouth ? '' : `M 0 ${f(-(t + H))} L 0 ${f(tip)}`) + ridge,
    crack: `M 0 ${f(tip)} l ${f(-t * 0.6)} ${f(t * 0.9)} l ${f(t * 0.9)} ${f(t * 0.6)} l ${f(-t * 0.6)} ${f(t * 0.8)}`,
    inside: { cx: (right - left) * 0.2, cy: -t - H * 0.42, rx: ((left + right) / 2) * 0.62, ry: H * 0.34 },
    skinAt: { x: R * 0.7, y: top * 0.66 },
  };
}
