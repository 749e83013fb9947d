/** Places for drops and pieces inside an ellipse: spread evenly, the same at every drawing (Halton sequence). */

const halton = (index: number, base: number): number => {
  let [result, fraction] = [0, 1];
  for (let i = index; i > 0; i = Math.floor(i / base)) {
    fraction /= base;
    result += fraction * (i % base);
  }
  return result;
};

/** Points in the ellipse, `from` further along the sequence. */
export function scatter(count: number, ellipse: { cx: number; cy: number; rx: number; ry: number }, from = 1) {
  const points: { x: number; y: number }[] = [];
  for (let i = from; points.length < count && i < from + count * 3; i++) {
    const x = 2 * halton(i, 2) - 1;
    const y = 2 * halton(i, 3) - 1;
    if (x * x + y * y <= 1) points.push({ x: ellipse.cx + x * ellipse.rx, y: ellipse.cy + y * ellipse.ry });
  }
  return points;
}
