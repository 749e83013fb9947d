/** How much free liquid a parcel takes: g in 100 g of filling, [dry edge, wet edge]. House estimates. */
import { type Method } from '../heat/cooking';
import { type Dough } from '../wrapper/doughs';

export interface Tolerance {
  band: readonly [dry: number, wet: number];
  /** The parcel, as the sentence names it. */
  parcel: string;
}

/** The band for a method and a dough. */
export function tolerance(method: Method, dough: Dough): Tolerance {
  switch (method) {
    case 'boil':
      return { band: [1, 6], parcel: 'a boiled parcel' };
    case 'steam':
      return dough.kind === 'yeasted'
        ? { band: [1, 6], parcel: 'a steamed bun' }
        : { band: [2, 9], parcel: 'a steamed thin skin' };
    case 'bake':
      return BAKED[dough.kind];
  }
}

const BAKED: Record<Dough['kind'], Tolerance> = {
  laminated: { band: [0, 2.5], parcel: 'laminated pastry in the oven' },
  short: { band: [0, 3], parcel: 'short pastry in the oven' },
  yeasted: { band: [0, 3.5], parcel: 'a baked bun' },
  noodle: { band: [0, 2.5], parcel: 'a baked noodle skin' },
  thin: { band: [0, 4], parcel: 'a thin sheet in the oven' },
};
