/** How the edge of a parcel is closed, what lets steam out, and what is brushed on: each with what it costs. */
import { type Allergen } from './foods';
import { idsOf, recordsOf } from './records';

/** Of an edge also the seconds that filling and closing a parcel with it usually take: house estimates. */
interface Trade {
  label: string;
  /** What it gives and what it costs, in a sentence. */
  trade: string;
}

export const EDGES = recordsOf<Trade & { seconds: number }>()({
  pressed: {
    label: 'pressed',
    trade: 'Quickest; holds where the rim is dry and the filling is not too wet.',
    seconds: 30,
  },
  fork: { label: 'forked', trade: 'Strong in short pastry; the tines cut through a thin or soft skin.', seconds: 35 },
  pleats: {
    label: 'pleated',
    trade: 'Room for more filling and a strong seam; twice the time of pressing.',
    seconds: 55,
  },
  rope: {
    label: 'roped',
    trade: 'Strongest, and looks it; takes a wide rim and leaves a thick edge of dough.',
    seconds: 65,
  },
});
export type EdgeId = keyof typeof EDGES;
export const EDGE_IDS = idsOf(EDGES);

export const VENTS = recordsOf<Trade>()({
  none: { label: 'none', trade: 'All juice stays in; in an oven or hot oil a wet filling finds its own way out.' },
  slit: { label: 'slit or hole', trade: 'Steam leaves where you want it to; a little juice bubbles up through it.' },
  mouth: {
    label: 'small open mouth',
    trade: 'Never bursts and shows what is in it; dries on top, and holds no broth.',
  },
});
export type VentId = keyof typeof VENTS;
export const VENT_IDS = idsOf(VENTS);

export const GLAZES = recordsOf<Trade & { allergens: readonly Allergen[] }>()({
  none: { label: 'none', trade: 'Pale and plain; right for whatever is steamed or boiled.', allergens: [] },
  egg: {
    label: 'egg',
    trade: 'Deep colour and shine; browns early, and adds egg to what must be declared.',
    allergens: ['egg'],
  },
  milk: {
    label: 'milk',
    trade: 'Soft, even colour without shine; adds milk to what must be declared.',
    allergens: ['milk'],
  },
  water: { label: 'water', trade: 'A crisper crust and seeds that stick; hardly any colour.', allergens: [] },
});
export type Glaze = keyof typeof GLAZES;
export const GLAZE_IDS = idsOf(GLAZES);
