/** Alliums. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const ALLIUMS: Table = {
  family: 'allium',
  rows: `
onion | Onion | 89.1 1.1 0.1 7.6 1.7 0.4 | 0.65 | 0.01 | release=crisp piece=150
leek | Leek | 83 1.5 0.3 12.4 1.8 1 | 0.38 | 0.05 | release=crisp piece=200
shallot | Shallot | 79.8 2.5 0.1 13.6 3.2 0.8 | 0.65 | 0.03 | release=crisp piece=30
spring-onion | Spring onion | 89.8 1.8 0.2 4.7 2.6 0.8 | 0.42 | 0.04 | release=crisp piece=15 stalk=15 bunch=100
garlic | Garlic | 58.6 6.4 0.5 31 2.1 1.5 | 0.6 | 0.04 | release=moist piece=5 clove=5 head=50 dose=3-35
`,
};
