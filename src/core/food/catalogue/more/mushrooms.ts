/** Mushrooms that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_MUSHROOMS: Table = {
  family: 'mushroom',
  rows: `
shiitake | Shiitake mushrooms | 89.7 2.2 0.5 4.3 2.5 0.7 | 0.35 | 0.02 | release=spongy piece=12
mushrooms-tinned | Mushrooms, tinned | 91 1.9 0.3 2.8 2.4 1.4 | 0.6 | 0.9 | release=jarred tin=230
mushroom-duxelles | Mushroom paste, cooked | 74 5 10 6 3 1.5 | 0.95 | 0.8 | release=firm
shimeji | Shimeji | =enoki | pack=150
morels-dried | Morels, dried | =mushrooms-dried | piece=1.5
porcini-dried | Ceps, dried | =mushrooms-dried | piece=2
shiitake-dried | Shiitake, dried | =mushrooms-dried | piece=4
straw-mushroom | Straw mushrooms, tinned | =mushrooms-tinned | tin=230
truffle | Truffle | 75 8 1 8 6 2 | 0.6 | 0.1 | piece=25
mushroom-powder | Mushroom powder | =mushrooms-dried | release=dry dose=2-20
king-oyster | King oyster mushrooms | 88.5 3 0.3 5 2.5 0.8 | 0.38 | 0.01 | release=spongy piece=60
enoki | Enoki mushrooms | 88.3 2.7 0.3 5.1 2.7 0.9 | 0.3 | 0.01 | release=spongy
portobello | Large flat mushrooms | 92 2.5 0.3 3 1.3 0.9 | 0.3 | 0.02 | release=spongy piece=85
wood-ear-dried | Wood-ear mushrooms, dried | 12 10 1 40 32 5 | 0.1 | 0.1 | release=driedSponge
mushrooms-soaked | Dried mushrooms, soaked | 82 4 0.5 8.5 4 1 | 0.5 | 0.01 | release=jarred
wild-mushrooms | Wild mushrooms | 90 3.5 0.5 3 2 1 | 0.3 | 0.02 | release=spongy piece=15
porcini | Ceps, fresh | 89 3.7 0.4 3 2.9 0.9 | 0.32 | 0.01 | release=spongy piece=40
oyster-mushroom | Oyster mushrooms | 89.2 3.3 0.4 3.8 2.3 1 | 0.3 | 0.04 | release=spongy piece=12
`,
};
