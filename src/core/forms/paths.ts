/** Outlines as SVG paths, in millimetres. */

/** A coordinate in a path. */
export const f = (value: number): string => value.toFixed(2);

export const ellipse = (cx: number, cy: number, rx: number, ry: number): string =>
  `M ${f(cx - rx)} ${f(cy)} A ${f(rx)} ${f(ry)} 0 1 1 ${f(cx + rx)} ${f(cy)} A ${f(rx)} ${f(ry)} 0 1 1 ${f(cx - rx)} ${f(cy)} Z`;

export const circle = (r: number): string => ellipse(0, 0, r, r);

/** A rectangle about the origin. */
export const rectangle = (width: number, height: number): string =>
  `M ${f(-width / 2)} ${f(-height / 2)} H ${f(width / 2)} V ${f(height / 2)} H ${f(-width / 2)} Z`;

export const line = (x1: number, y1: number, x2: number, y2: number): string =>
  `M ${f(x1)} ${f(y1)} L ${f(x2)} ${f(y2)}`;
