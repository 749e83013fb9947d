/** Mushrooms. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const MUSHROOMS: Table = {
  family: 'mushroom',
  rows: `
mushroom | Mushrooms | 92.5 3.1 0.3 2.3 1 0.9 | 0.3 | 0.01 | release=spongy piece=18 | button mushroom, chestnut mushroom
oyster-mushroom | Oyster mushrooms | 89.2 3.3 0.4 3.8 2.3 1 | 0.3 | 0.04 | release=spongy |
shiitake | Shiitake mushrooms | 89.7 2.2 0.5 4.3 2.5 0.7 | 0.35 | 0.02 | release=spongy |
wild-mushrooms | Wild mushrooms | 90 3.5 0.5 3 2 1 | 0.3 | 0.02 | release=spongy | chanterelles
mushrooms-dried | Dried mushrooms | 10 18 2 45 18 7 | 0.15 | 0.03 | release=driedSponge | dried shiitake, dried porcini
mushrooms-soaked | Dried mushrooms, soaked | 82 4 0.5 8.5 4 1 | 0.5 | 0.01 | release=jarred | soaked mushrooms
`,
};
