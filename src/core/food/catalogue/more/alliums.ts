/** Alliums that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_ALLIUMS: Table = {
  family: 'allium',
  rows: `
red-onion | Red onion | 89 1 0.1 7.6 1.8 0.4 | 0.65 | 0.01 | release=crisp piece=150
onion-sweet | Sweet onion | =onion | piece=250
onion-pearl | Pearl onions | =shallot | piece=12
shallot-banana | Banana shallot | =shallot | piece=45
leek-baby | Baby leek | =leek | piece=40
garlic-paste | Garlic paste | 62 5 4 25 2 2 | 1.05 | 1.2 | dose=3-35
garlic-fresh-green | Green garlic | =spring-onion | piece=25 stalk=25 bunch=100
garlic-scapes | Garlic scapes | =spring-onion | piece=10 bunch=100
garlic-black | Black garlic | 45 9 0.5 42 3 2 | 0.9 | 0.1 | clove=4 piece=4 dose=3-40
garlic-pickled | Pickled garlic | 70 4 0.3 20 2 3.5 | 0.8 | 2 | release=firmJar clove=4 piece=4
chives-garlic-flower | Flowering chives | =garlic-chives | bunch=100
fried-onions | Fried onions, crisp | 8 6 44 35 5 2 | 0.25 | 1 | allergens=gluten
`,
};
