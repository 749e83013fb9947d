/** Roots. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const ROOTS: Table = {
  family: 'root',
  rows: `
celeriac | Celeriac | 88 1.5 0.3 7.4 1.8 1 | 0.5 | 0.25 | release=root allergens=celery piece=500 grated
carrot | Carrot | 88.3 0.9 0.2 6.8 2.8 1 | 0.46 | 0.18 | release=root piece=80 grated
potato | Potato | 79.3 2.1 0.1 15.3 2.1 1.1 | 0.63 | 0.02 | release=potato piece=170
mashed-potato | Mashed potato, plain | 77.5 1.7 0.1 18.2 1.8 0.7 | 1 | 0 | binder=mashed-potato
horseradish | Horseradish, grated | 85 1.2 0.7 8 3.3 1.6 | 0.95 | 0.6 | dose=5-40
swede | Swede | 89.4 1.1 0.2 6.3 2.3 0.8 | 0.55 | 0.03 | release=dicedRoot piece=500
`,
};
