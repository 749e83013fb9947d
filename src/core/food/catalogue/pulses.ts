/** Pulses. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const PULSES: Table = {
  family: 'pulse',
  rows: `
tofu | Firm tofu | 78.5 12.3 6.5 1.2 0.7 0.9 | 1 | 0.03 | release=pressable allergens=soya block=280 pack=280
lentils-cooked | Lentils, cooked | 69.6 9 0.4 12.2 7.9 0.8 | 0.83 | 0 | release=tinned tin=240
white-beans | White beans, cooked | 63 9.7 0.4 18.8 6.3 1.6 | 0.75 | 0.02 | release=tinned tin=240
soya-mince | Soya mince, dry | 8 50 1.2 17 18 6 | 0.3 | 0.03 | allergens=soya moist=soyaMince
beans-dry | Beans, dry | 11 22 1.3 47 15 3.7 | 0.8 | 0.03 | release=driedPulse
`,
};
