/** Dairy. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const DAIRY: Table = {
  family: 'dairy',
  rows: `
milk | Milk | 88.1 3.2 3.3 4.8 0 0.7 | 1.03 | 0.1 | allergens=milk liquid release=liquid
cream | Double cream | 47.5 1.7 48 2.2 0 0.4 | 0.99 | 0.06 | allergens=milk liquid release=cream
soured-cream | Soured cream | 74.5 2.4 18.5 3.9 0 0.7 | 1 | 0.1 | release=cultured allergens=milk moist=cream
yoghurt | Plain yoghurt | 87.9 3.5 3.3 4.6 0 0.7 | 1.03 | 0.12 | release=yoghurt allergens=milk
yoghurt-strained | Strained yoghurt | 81 9 5 4.1 0 0.7 | 1.05 | 0.1 | release=firm allergens=milk moist=softCheese
curd-cheese | Curd cheese | 75 12 7.5 4 0 1.2 | 1 | 0.3 | release=curd allergens=milk
ricotta | Ricotta | 71.7 11.3 13 3 0 1 | 1 | 0.25 | release=curd allergens=milk moist=ricotta
cottage-cheese | Cottage cheese | 79.8 11.1 4.3 3.4 0 1.4 | 0.95 | 0.9 | release=wheyCurd allergens=milk
cream-cheese | Cream cheese | 53 6.1 34.2 5.4 0 1.3 | 0.98 | 0.8 | release=firm allergens=milk moist=softCheese
stretched-cheese | Fresh stretched cheese | 60 18 18.5 1.6 0 1.9 | 0.9 | 0.7 | release=dripping allergens=milk piece=125 ball=125
brined-cheese | Brined white cheese | 55.2 14.2 21.3 4 0 5.2 | 0.65 | 2.8 | release=brined allergens=milk pack=200 block=200
hard-cheese | Medium hard cheese | 37 24 33.3 1.7 0 3.9 | 0.47 | 1.8 | allergens=milk grated
grating-cheese | Hard grating cheese | 29.2 35.8 25.8 3.2 0 6 | 0.42 | 2 | allergens=milk binder=grating-cheese grated moist=hardCheese
buttermilk | Buttermilk | 89 3.4 1 5 0 0.8 | 1.03 | 0.2 | liquid release=liquid allergens=milk
goat-cheese | Soft goat cheese | 60.5 18.5 18.5 0.9 0 1.6 | 0.9 | 1.1 | release=firm allergens=milk piece=100
blue-cheese | Blue cheese | 42.4 21.4 28.7 2.3 0 5.1 | 0.55 | 2.9 | release=firm allergens=milk
smoked-cheese | Smoked cheese | 40 25 28 2 0 4.5 | 0.5 | 2 | allergens=milk
cream-whipping | Whipping cream | 58 2.2 36 3 0 0.5 | 0.99 | 0.07 | allergens=milk liquid release=cream
soft-ripened-cheese | Soft ripened cheese | 49 20.5 27 0.5 0 2.8 | 0.75 | 1.6 | release=firm allergens=milk piece=250
`,
};
