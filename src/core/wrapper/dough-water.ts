/** How warm the water must be so that the dough comes out as warm as it should. */

/** Kneading warms a dough by so much, K: by hand, and by machine (bakers' rule). */
export const FRICTION = { hand: 3, machine: 12 } as const;
/** Colder than this no tap and no fridge gives it: part of it is ice, °C. */
const COLDEST_C = 2;
/** Heat that ice takes to melt over the heat that water takes for a degree, K: 334 / 4.18. */
const MELTING_K = 334 / 4.18;
/** Hotter than this it kills yeast and scalds flour: the rule asks for a warmer kitchen instead, °C. House estimate. */
const HOTTEST_C = 50;

export interface DoughWater {
  /** What the rule asks for, never below the ice's 0, °C. */
  waterC: number;
  /** Of the water, as ice, share; the rest from the tap at the room's temperature. */
  iceShare: number;
  /** The rule asks for hotter water than a dough bears. */
  isTooHot: boolean;
}

/**
 * Water for a wanted dough temperature, direct dough: 3 T_dough − T_room − T_flour − friction (bakers' rule).
 * Below 2 °C part of it is ice, by its heat balance with water as warm as the room.
 */
export function doughWater(
  wantC: number,
  roomC: number,
  flourC: number,
  by: keyof typeof FRICTION = 'hand',
): DoughWater {
  const asked = 3 * wantC - roomC - flourC - FRICTION[by];
  if (asked >= COLDEST_C) return { waterC: asked, iceShare: 0, isTooHot: asked > HOTTEST_C };
  // Ice melts and warms to what is asked, the rest cools to it.
  const iceShare = Math.min(1, (roomC - asked) / (roomC + MELTING_K));
  return { waterC: Math.max(0, asked), iceShare, isTooHot: false };
}
