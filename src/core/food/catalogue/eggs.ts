/** Eggs. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const EGGS: Table = {
  family: 'egg',
  rows: `
egg | Egg | 76.2 12.6 9.5 0.7 0 1.1 | 1.03 | 0.36 | release=egg hazard=egg allergens=egg binder=egg piece=50
egg-boiled | Egg, hard-boiled | 74.6 12.6 10.6 1.1 0 1.1 | 0.7 | 0.32 | hazard=cooked-animal allergens=egg piece=50
`,
};
