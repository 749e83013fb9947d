/** Mushrooms. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const MUSHROOMS: Table = {
  family: 'mushroom',
  rows: `
mushroom | Mushrooms | 92.5 3.1 0.3 2.3 1 0.9 | 0.3 | 0.01 | release=spongy piece=18 punnet=250 pack=250
mushrooms-dried | Dried mushrooms | 10 18 2 45 18 7 | 0.15 | 0.03 | release=driedSponge piece=3
`,
};
