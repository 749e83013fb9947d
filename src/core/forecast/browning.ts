/**
 * How long it takes until a face is brown, and too brown, as minutes at the temperature where browning is counted minute for
 * minute (heat/crust). House estimates, set so that ordinary bakes come out as bakers' ovens bring them out: short pastry
 * brushed with egg golden at 180 °C after 32 to 42 min, at 200 after 22 to 28, at 220 after 15 to 20; a yeasted bun at 190
 * after 16 to 22; laminated at 200 after 22 to 30; below on a stone of 230 °C after 9 to 13, and not burnt before 16.
 */
import { type Dose } from '../heat/crust';
import { type Glaze } from '../vocabulary/edges';
import { type DoughKind } from '../vocabulary/methods/method';

/** In dry air, short pastry, by what is brushed on. Milk browns a fifth later than egg, a bare face two fifths. */
const BRUSHED: Readonly<Record<Glaze, Dose>> = {
  egg: { brown: 1.8, burnt: 22 },
  milk: { brown: 3.6, burnt: 40 },
  water: { brown: 6, burnt: 90 },
  none: { brown: 6, burnt: 90 },
};

/** Sugars and milk of a yeasted dough brown sooner; layers must part and dry first; thin sheets are brushed with fat one by one. */
const BY_DOUGH: Readonly<Record<DoughKind, number>> = { yeasted: 0.85, noodle: 1, short: 1, laminated: 2.2, thin: 0.5 };

/** In the dry air of an oven. */
export const inAir = (glaze: Glaze, dough: DoughKind): Dose => ({
  brown: BRUSHED[glaze].brown * BY_DOUGH[dough],
  burnt: BRUSHED[glaze].burnt * BY_DOUGH[dough],
});
