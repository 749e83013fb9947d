/** Solids as grids see them: how deep inside a point lies, and how far the solid reaches. */

export interface Solid {
  /** Above 0 inside, 0 on the surface, below 0 outside; mm. */
  inside(x: number, y: number, z: number): number;
  /** It reaches so far from the origin, mm. Along x and y both ways; along z from `foot` to `top`. */
  x: number;
  /** Towards negative x, where it is not alike there. */
  back?: number;
  y: number;
  foot: number;
  top: number;
}

/** A filling, and the same grown by the wrapper round it. */
export type Shape = (grown: number) => Solid;

/** An axis with an ellipse across it at each place: half its width and half its height. Grown, its ends are rounded. */
export const spindle =
  (half: number, across: (share: number) => { y: number; z: number }): Shape =>
  (t) => {
    const x0 = half + t;
    const at = (x: number) => {
      const share = Math.min(1, Math.abs(x) / x0);
      const { y, z } = across(share);
      const end = t * Math.sqrt(1 - share ** 2);
      return { y: y + end, z: z + end };
    };
    const { y, z } = at(0);
    return {
      inside: (px, py, pz) => {
        if (Math.abs(px) >= x0) return x0 - Math.abs(px) - 1e-6;
        const e = at(px);
        if (e.y <= 0 || e.z <= 0) return -1;
        return (1 - Math.hypot(py / e.y, pz / e.z)) * Math.min(e.y, e.z);
      },
      x: x0,
      y,
      foot: -z,
      top: z,
    };
  };

/** A ball set down: cut off below, so deep under its middle (a share of its radius). */
export const dome =
  (radius: number, cut: number): Shape =>
  (t) => ({
    inside: (x, y, z) => Math.min(radius + t - Math.hypot(x, y, z), z + cut * radius + t),
    x: radius + t,
    y: radius + t,
    foot: -cut * radius - t,
    top: radius + t,
  });

/** A cap of a ball over a round floor. */
export const mound =
  (floor: number, height: number): Shape =>
  (t) => {
    const radius = (floor ** 2 + height ** 2) / (2 * height);
    const middle = height - radius;
    return {
      inside: (x, y, z) => Math.min(radius + t - Math.hypot(x, y, z - middle), z + t),
      x: height > floor ? radius + t : Math.sqrt((radius + t) ** 2 - Math.min(0, -t - middle) ** 2),
      y: height > floor ? radius + t : Math.sqrt((radius + t) ** 2 - Math.min(0, -t - middle) ** 2),
      foot: -t,
      top: height + t,
    };
  };

/** Round from above and thick in its middle: a cushion. */
export const cushion =
  (radius: number, half: number): Shape =>
  (t) => ({
    inside: (x, y, z) => (1 - Math.hypot(Math.hypot(x, y) / (radius + t), z / (half + t))) * (half + t),
    x: radius + t,
    y: radius + t,
    foot: -half - t,
    top: half + t,
  });

/** A rod along x, its ends cut off, or wrapped as well. */
export const rod =
  (radius: number, half: number, isOpen: boolean): Shape =>
  (t) => {
    const end = half + (isOpen ? 0 : t);
    return {
      inside: (x, y, z) => Math.min(end - Math.abs(x), radius + t - Math.hypot(y, z)),
      x: end,
      y: radius + t,
      foot: -radius - t,
      top: radius + t,
    };
  };

/** A layer in a round pan. */
export const disc =
  (radius: number, half: number): Shape =>
  (t) => ({
    inside: (x, y, z) => Math.min(radius + t - Math.hypot(x, y), half + t - Math.abs(z)),
    x: radius + t,
    y: radius + t,
    foot: -half - t,
    top: half + t,
  });

/**
 * A tent: a floor with so many equal sides, its corners rounded (to a circle so many times as large as the one inside), and over
 * it a vault that comes to its highest in the middle, with a ridge from each corner.
 */
export const tent =
  (sides: 3 | 4, rounded: number, floor: number, height: number): Shape =>
  (t) => {
    const normals = Array.from({ length: sides }, (_, i) => {
      // One corner of three along x; two corners of four, too.
      const angle = (2 * Math.PI * i) / sides + Math.PI / sides;
      return [Math.cos(angle), Math.sin(angle)] as const;
    });
    const radius = floor + t;
    const share = (x: number, y: number): number =>
      Math.max(...normals.map(([nx, ny]) => (nx * x + ny * y) / radius), Math.hypot(x, y) / (rounded * radius));
    return {
      inside: (x, y, z) => Math.min((height + t) * (1 - share(x, y) ** 2) - Math.max(0, z), z + t),
      x: rounded * radius,
      ...(sides === 3 ? { back: radius } : {}),
      y: rounded * radius,
      foot: -t,
      top: height + t,
    };
  };
