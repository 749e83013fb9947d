/** Nuts. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const NUTS: Table = {
  family: 'nut',
  rows: `
walnuts | Walnuts | 4.1 15.2 65.2 7 6.7 1.8 | 0.45 | 0 | allergens=nuts piece=2.5 half=2.5
almonds-ground | Ground almonds | 4.4 21.2 49.9 9.1 12.5 3 | 0.42 | 0 | allergens=nuts binder=ground-nuts
sesame-seeds | Sesame seeds | 4.7 17.7 49.7 11.7 11.8 4.5 | 0.6 | 0 | allergens=sesame
sunflower-seeds | Sunflower seeds | 4.7 20.8 51.5 11.4 8.6 3 | 0.58 | 0.02
tahini | Sesame paste | 3 17 53.8 11.9 9.3 4.2 | 1 | 0.1 | allergens=sesame moist=nutPaste
peanut-butter | Peanut butter | 1.2 22.2 51 16.5 5 3 | 1.08 | 1 | allergens=peanut moist=nutPaste
mixed-nuts | Mixed nuts | 4 17 56 13 7.5 2.5 | 0.55 | 0.01 | allergens=nuts
poppy-ground | Poppy seeds, ground | 6 18 41.6 8.6 19.5 6.4 | 0.5 | 0.07 | binder=ground-seeds
poppy-seeds | Poppy seeds | 6 18 41.6 8.6 19.5 6.4 | 0.57 | 0.07 | moist=poppy
`,
};
