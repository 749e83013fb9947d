/** Dice that fall the same way everywhere. */

/** A number in [0, 1) from a seed and an index, the same everywhere (a 32-bit mix after Wang). */
export function hash01(seed: number, index: number): number {
  let x = (seed ^ (index * 0x9e3779b9)) >>> 0;
  x = Math.imul(x ^ (x >>> 16), 0x45d9f3b) >>> 0;
  x = Math.imul(x ^ (x >>> 16), 0x45d9f3b) >>> 0;
  return ((x ^ (x >>> 16)) >>> 0) / 4294967296;
}
