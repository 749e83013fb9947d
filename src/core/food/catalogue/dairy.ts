/** Dairy. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const DAIRY: Table = {
  family: 'dairy',
  rows: `
milk | Milk | 88.1 3.2 3.3 4.8 0 0.7 | 1.03 | 0.1 | allergens=milk liquid | whole milk
cream | Double cream | 47.5 1.7 48 2.2 0 0.4 | 0.99 | 0.06 | allergens=milk liquid | heavy cream, cream
soured-cream | Soured cream | 74.5 2.4 18.5 3.9 0 0.7 | 1 | 0.1 | release=curd allergens=milk | sour cream
yoghurt | Plain yoghurt | 87.9 3.5 3.3 4.6 0 0.7 | 1.03 | 0.12 | release=curd allergens=milk | yogurt
yoghurt-strained | Strained yoghurt | 81 9 5 4.1 0 0.7 | 1.05 | 0.1 | release=firm allergens=milk | strained yogurt
curd-cheese | Curd cheese | 75 12 7.5 4 0 1.2 | 1 | 0.3 | release=curd allergens=milk | quark, fresh curd, pot cheese, farmer cheese
ricotta | Ricotta | 71.7 11.3 13 3 0 1 | 1 | 0.25 | release=curd allergens=milk | whey cheese
cottage-cheese | Cottage cheese | 79.8 11.1 4.3 3.4 0 1.4 | 0.95 | 0.9 | release=curd allergens=milk |
cream-cheese | Cream cheese | 53 6.1 34.2 5.4 0 1.3 | 0.98 | 0.8 | release=firm allergens=milk |
stretched-cheese | Fresh stretched cheese | 60 18 18.5 1.6 0 1.9 | 0.9 | 0.7 | release=dripping allergens=milk piece=125 ball=125 | fresh mozzarella, mozzarella
stretched-cheese-low | Low-moisture stretched cheese | 48 24 22.5 2.5 0 3 | 0.5 | 1.5 | release=firm allergens=milk grated | low-moisture mozzarella
brined-cheese | Brined white cheese | 55.2 14.2 21.3 4 0 5.2 | 0.65 | 2.8 | release=firm allergens=milk | feta, white cheese
hard-cheese | Medium hard cheese | 37 24 33.3 1.7 0 3.9 | 0.47 | 1.8 | allergens=milk grated | cheddar, grated cheese, cheese
grating-cheese | Hard grating cheese | 29.2 35.8 25.8 3.2 0 6 | 0.42 | 2 | allergens=milk binder=grating-cheese grated | parmesan, pecorino
milk-semi | Milk, semi-skimmed | 89.3 3.4 1.7 4.9 0 0.7 | 1.03 | 0.1 | liquid allergens=milk | semi-skimmed milk, 2% milk
milk-skimmed | Milk, skimmed | 90.8 3.4 0.1 5 0 0.7 | 1.03 | 0.1 | liquid allergens=milk | skim milk
buttermilk | Buttermilk | 89 3.4 1 5 0 0.8 | 1.03 | 0.2 | liquid allergens=milk | kefir
evaporated-milk | Evaporated milk | 74 6.8 7.6 10 0 1.5 | 1.07 | 0.27 | liquid allergens=milk |
cream-single | Single cream | 73.7 3 19 3.7 0 0.6 | 1 | 0.1 | liquid allergens=milk | light cream, half and half
creme-fraiche | Crème fraîche | 58 2.3 35 3 0 0.6 | 1 | 0.08 | release=curd allergens=milk |
mascarpone | Mascarpone | 47 4.6 44 3.8 0 0.6 | 1 | 0.1 | release=firm allergens=milk |
goat-cheese | Soft goat cheese | 60.5 18.5 18.5 0.9 0 1.6 | 0.9 | 1.1 | release=firm allergens=milk | goats cheese, chevre
blue-cheese | Blue cheese | 42.4 21.4 28.7 2.3 0 5.1 | 0.55 | 2.9 | release=firm allergens=milk |
grilling-cheese | Grilling cheese | 47 22 25 2 0 3.9 | 0.6 | 2.7 | release=firm allergens=milk | halloumi
smoked-cheese | Smoked cheese | 40 25 28 2 0 4.5 | 0.5 | 2 | allergens=milk |
pressed-cheese | Pressed fresh cheese | 54 19 22 3 0 1.8 | 0.7 | 0.1 | release=firm allergens=milk | paneer
alpine-cheese | Alpine cheese | 35 27.5 32 1 0 3.9 | 0.45 | 0.9 | allergens=milk | gruyere, emmental, swiss cheese
young-cheese | Young semi-hard cheese | 42 25 28 1.8 0 3.2 | 0.47 | 1.8 | allergens=milk | gouda, edam
condensed-milk | Sweetened condensed milk | 27 8 8.7 54.4 0 1.8 | 1.28 | 0.32 | allergens=milk |
`,
};
