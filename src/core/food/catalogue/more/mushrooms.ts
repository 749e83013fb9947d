/** Mushrooms that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_MUSHROOMS: Table = {
  family: 'mushroom',
  rows: `
mushroom-duxelles | Mushroom paste, cooked | 74 5 10 6 3 1.5 | 0.95 | 0.8 | release=firm
shimeji | Shimeji | =enoki | pack=150
morels-dried | Morels, dried | =mushrooms-dried | piece=1.5
porcini-dried | Ceps, dried | =mushrooms-dried | piece=2
shiitake-dried | Shiitake, dried | =mushrooms-dried | piece=4
straw-mushroom | Straw mushrooms, tinned | =mushrooms-tinned | tin=230
truffle | Truffle | 75 8 1 8 6 2 | 0.6 | 0.1 | piece=25
mushroom-powder | Mushroom powder | =mushrooms-dried | release=dry dose=2-20
`,
};
