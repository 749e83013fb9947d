/** Nuts that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_NUTS: Table = {
  family: 'nut',
  rows: `
almonds | Almonds | 4.4 21.2 49.9 9.1 12.5 3 | 0.6 | 0 | allergens=nuts piece=1.2
cashews | Cashews | 5.2 18.2 43.9 26.9 3.3 2.5 | 0.58 | 0.03 | allergens=nuts piece=1.5
pumpkin-seeds | Pumpkin seeds | 5.2 30.2 49.1 4.7 6 4.8 | 0.55 | 0
almond-butter | Almond butter | =peanut-butter | allergens=nuts salt=0.1
hazelnut-spread | Hazelnut and cocoa spread | 1 6 31 57 3.5 1.5 | 1.15 | 0.1 | allergens=nuts+milk+soya sugar=55 moist=nutPaste
brazil-nuts | Brazil nuts | =macadamias | piece=5
cashew-salted | Salted cashews | =cashews | salt=1.2
chestnut-vac | Chestnuts, vacuum-packed | =chestnuts | piece=9 pack=180
chestnut-puree | Chestnut purée | 66 2 1.5 26 3.5 0.8 | 1.05 | 0.05 | tin=435 moist=soft
chestnut-sweet | Sweet chestnut spread | 33 1.2 1 61 3 0.5 | 1.2 | 0.02 | sugar=45 moist=jam
hemp-seeds | Hemp seeds | 5 31 49 5 4 5 | 0.6 | 0.02
praline | Nut brittle | 2 8 24 62 3 1 | 0.8 | 0.1 | allergens=nuts sugar=55
macadamias | Macadamia nuts | 1.4 7.9 75.8 5.2 8.6 1.1 | 0.57 | 0.01 | allergens=nuts piece=2.5
marzipan | Marzipan | 12 9 23 50 4.5 1.3 | 1.1 | 0.02 | allergens=nuts sugar=45 moist=neither
chia-seeds | Chia or flax seeds | 6 17 31 8 33 4.8 | 0.65 | 0.04 | binder=oats
coconut-fresh | Coconut, fresh | 47 3.3 33.5 6.2 9 1 | 0.4 | 0.05
pecans | Pecans | 3.5 9.2 72 4.3 9.6 1.5 | 0.42 | 0 | allergens=nuts piece=1.5
pine-nuts | Pine nuts | 2.3 13.7 68.4 9.4 3.7 2.6 | 0.57 | 0.01
hazelnuts-ground | Ground hazelnuts | 5.3 15 60.8 7 9.7 2.3 | 0.42 | 0 | allergens=nuts binder=ground-nuts
pistachios | Pistachios | 4.4 20.2 45.3 16.6 10.6 3 | 0.52 | 0 | allergens=nuts piece=0.7
coconut-desiccated | Desiccated coconut | 3 6.9 64.5 7.4 16.3 1.9 | 0.35 | 0.09 | moist=coconut
hazelnuts | Hazelnuts | 5.3 15 60.8 7 9.7 2.3 | 0.57 | 0 | allergens=nuts piece=1.2
peanuts | Peanuts | 6.5 25.8 49.2 7.6 8.5 2.3 | 0.6 | 0.05 | allergens=peanut piece=0.8
`,
};
