/** Starches. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const STARCHES: Table = {
  family: 'starch',
  rows: `
wheat-flour | Plain flour | 11.9 10.3 1 73.6 2.7 0.5 | 0.53 | 0 | hazard=raw-flour allergens=gluten binder=flour
semolina | Semolina | 12.7 12.7 1.1 68.9 3.9 0.8 | 0.7 | 0 | hazard=raw-flour allergens=gluten binder=semolina
breadcrumbs-dry | Dry breadcrumbs | 6.5 13.4 5.3 67.5 4.5 2.8 | 0.45 | 1.8 | allergens=gluten binder=dry-crumbs
breadcrumbs-fresh | Fresh breadcrumbs | 36.5 9 3.3 46.5 2.7 2 | 0.25 | 1.2 | allergens=gluten binder=fresh-crumbs
couscous | Couscous, dry | 8.6 12.8 0.6 72.4 5 0.6 | 0.73 | 0 | allergens=gluten binder=couscous
oats | Rolled oats | 10.8 13.2 6.5 57.6 10.1 1.8 | 0.38 | 0 | allergens=gluten binder=oats
cornflour | Cornflour | 8.3 0.3 0.1 90.4 0.9 0.1 | 0.54 | 0 | binder=cornflour
potato-starch | Potato starch | 16 0.1 0.1 83.2 0.3 0.3 | 0.65 | 0 | binder=potato-starch
tapioca-starch | Tapioca starch | 11 0.2 0 87.8 0.9 0.1 | 0.51 | 0 | binder=tapioca
waxy-rice-flour | Waxy rice flour | 11.5 6.5 1 79 1.4 0.6 | 0.55 | 0 | binder=waxy-rice
potato-flakes | Potato flakes | 6.6 8.3 0.4 74.8 6.6 3.2 | 0.25 | 0.2 | binder=potato-flakes
rice-cooked | Rice, cooked | 68.4 2.7 0.3 27.8 0.4 0.4 | 0.75 | 0 | binder=cooked-grain
gelatine | Gelatine | 13 85.6 0.1 0 0 1.3 | 0.6 | 0 | binder=gelatine hazard=cooked-animal leaf=2 piece=2
bulgur | Bulgur, dry | 9 12.3 1.3 63.4 12.5 1.5 | 0.75 | 0.04 | binder=couscous allergens=gluten
rice | Rice, dry | 11.6 7.1 0.7 78.7 1.3 0.6 | 0.82 | 0.01 | release=driedGrain
bread | White bread | 36.5 9 3.3 46.5 2.7 2 | 0.25 | 1.2 | allergens=gluten piece=30 slice=30 moist=freshCrumbs
pasta-cooked | Pasta, cooked | 62.1 5.8 0.9 29 1.8 0.4 | 0.6 | 0.01 | allergens=gluten binder=cooked-grain
biscuit-crumbs | Biscuit crumbs | 4 6.5 16 70 2 1.5 | 0.4 | 0.7 | allergens=gluten+milk binder=dry-crumbs sugar=28 piece=7 moist=biscuit
`,
};
