/** Fruit. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const FRUIT: Table = {
  family: 'fruit',
  rows: `
apple | Apple | 85.6 0.3 0.2 11.4 2.4 0.2 | 0.5 | 0 | release=fruit piece=150 |
pear | Pear | 84 0.4 0.1 12.1 3.1 0.3 | 0.6 | 0 | release=fruit piece=170 |
prunes | Prunes | 30.9 2.2 0.4 56.8 7.1 2.6 | 0.7 | 0 | release=driedFruit piece=9 | dried plums, prune
raisins | Raisins | 15.4 3.1 0.5 75.5 3.7 1.9 | 0.65 | 0 | release=driedFruit allergens=sulphites | sultanas
plum | Plum | 87.2 0.7 0.3 10 1.4 0.4 | 0.65 | 0 | release=fruit piece=65 |
cherry | Cherries | 82.3 1.1 0.2 13.9 2.1 0.5 | 0.62 | 0 | release=fruit | sour cherries
apricot | Apricot | 86.4 1.4 0.4 9.1 2 0.7 | 0.65 | 0 | release=fruit piece=35 |
apricots-dried | Dried apricots | 30.9 3.4 0.5 55.3 7.3 2.6 | 0.55 | 0.03 | release=driedFruit allergens=sulphites |
blueberries | Blueberries | 84.2 0.7 0.3 12.1 2.4 0.2 | 0.62 | 0 | release=fruit | bilberries
raspberries | Raspberries | 85.7 1.2 0.7 5.4 6.5 0.5 | 0.52 | 0 | release=fruit |
blackberries | Blackberries | 88.2 1.4 0.5 4.3 5.3 0.4 | 0.6 | 0 | release=fruit |
strawberries | Strawberries | 91 0.7 0.3 5.7 2 0.4 | 0.62 | 0 | release=fruit |
rhubarb | Rhubarb | 93.6 0.9 0.2 2.7 1.8 0.8 | 0.5 | 0.01 | release=watery |
quince | Quince | 83.8 0.4 0.1 13.4 1.9 0.4 | 0.55 | 0.01 | release=fruit piece=250 |
cranberries | Cranberries | 87.3 0.5 0.1 8.4 3.6 0.1 | 0.42 | 0 | release=fruit |
cranberries-dried | Dried cranberries | 15.8 0.2 1.1 77.1 5.3 0.3 | 0.5 | 0.01 | release=driedFruit |
currants | Currants | 17 4 0.3 70 6.5 2.1 | 0.6 | 0.02 |  |
dates | Dates | 21 2.4 0.4 67 7.8 1.7 | 0.65 | 0.01 | piece=8 |
figs-dried | Dried figs | 30 3.3 0.9 54 9.8 1.9 | 0.6 | 0.03 | release=driedFruit piece=10 |
banana | Banana | 74.9 1.1 0.3 20.2 2.6 0.8 | 0.65 | 0 | piece=110 |
mango | Mango | 83.5 0.8 0.4 13.4 1.6 0.4 | 0.68 | 0 | release=fruit piece=250 |
pineapple | Pineapple | 86 0.5 0.1 11.7 1.4 0.2 | 0.68 | 0 | release=fruit |
pomegranate | Pomegranate seeds | 77.9 1.7 1.2 14.7 4 0.5 | 0.6 | 0.01 | release=fruit |
chestnuts | Chestnuts, cooked | 68.2 2.2 1.4 24 3.5 0.7 | 0.6 | 0.02 |  | cooked chestnuts
lemon-zest | Lemon zest | 81.6 1.5 0.3 5.4 10.6 0.6 | 0.4 | 0.01 | piece=4 dose=1-8 | grated lemon rind
orange-zest | Orange zest | 72.5 1.5 0.2 14.4 10.6 0.8 | 0.4 | 0.01 | piece=8 dose=1-8 | grated orange rind
`,
};
