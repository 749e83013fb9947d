/** Fruit. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const FRUIT: Table = {
  family: 'fruit',
  rows: `
apple | Apple | 85.6 0.3 0.2 11.4 2.4 0.2 | 0.5 | 0 | release=fruit piece=150 sugar=10
pear | Pear | 84 0.4 0.1 12.1 3.1 0.3 | 0.6 | 0 | release=fruit piece=170 sugar=10
prunes | Prunes | 30.9 2.2 0.4 56.8 7.1 2.6 | 0.7 | 0 | release=driedFruit piece=9 sugar=38
raisins | Raisins | 15.4 3.1 0.5 75.5 3.7 1.9 | 0.65 | 0 | release=driedFruit allergens=sulphites sugar=60 piece=0.6
plum | Plum | 87.2 0.7 0.3 10 1.4 0.4 | 0.65 | 0 | release=juicyFruit piece=65 sugar=10
cherry | Cherries | 82.3 1.1 0.2 13.9 2.1 0.5 | 0.62 | 0 | release=juicyFruit sugar=13 piece=8
apricot | Apricot | 86.4 1.4 0.4 9.1 2 0.7 | 0.65 | 0 | release=juicyFruit piece=35 sugar=9
raspberries | Raspberries | 85.7 1.2 0.7 5.4 6.5 0.5 | 0.52 | 0 | release=juicyFruit sugar=5 piece=4
rhubarb | Rhubarb | 93.6 0.9 0.2 2.7 1.8 0.8 | 0.5 | 0.01 | release=juicyFruit
cranberries-dried | Dried cranberries | 15.8 0.2 1.1 77.1 5.3 0.3 | 0.5 | 0.01 | release=driedFruit sugar=65
lemon-zest | Lemon zest | 81.6 1.5 0.3 5.4 10.6 0.6 | 0.4 | 0.01 | piece=4 dose=1-8
orange-zest | Orange zest | 72.5 1.5 0.2 14.4 10.6 0.8 | 0.4 | 0.01 | piece=8 dose=1-8
cooking-apple | Cooking apple | 87.7 0.3 0.1 8.9 2.2 0.2 | 0.5 | 0 | release=fruit piece=200 sugar=9
sour-cherry | Sour cherries | 86.1 1 0.3 10.6 1.6 0.4 | 0.62 | 0 | release=juicyFruit sugar=9 piece=5
cherries-tinned | Cherries, from the jar | 80 0.7 0.2 17 1.3 0.4 | 0.7 | 0.01 | release=tinnedFruit tin=240 sugar=15
peaches-tinned | Peaches, tinned | 84 0.5 0.1 13.5 1.2 0.3 | 0.75 | 0.01 | release=tinnedFruit tin=250 sugar=12
berries-frozen | Mixed berries, frozen | 86 1 0.4 8.7 3.5 0.4 | 0.6 | 0 | release=juicyFruit sugar=7
lemon | Lemon, whole | 89 1.1 0.3 6.5 2.8 0.3 | 0.7 | 0 | release=juicyFruit piece=100 slice=8
lime | Lime, whole | 88.3 0.7 0.2 7.7 2.8 0.3 | 0.7 | 0 | release=juicyFruit piece=65
`,
};
