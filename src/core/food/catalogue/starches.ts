/** Starches. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const STARCHES: Table = {
  family: 'starch',
  rows: `
wheat-flour | Plain flour | 11.9 10.3 1 73.6 2.7 0.5 | 0.53 | 0 | hazard=raw-flour allergens=gluten binder=flour | flour, wheat flour, all-purpose flour
semolina | Semolina | 12.7 12.7 1.1 68.9 3.9 0.8 | 0.7 | 0 | hazard=raw-flour allergens=gluten binder=semolina |
breadcrumbs-dry | Dry breadcrumbs | 6.5 13.4 5.3 67.5 4.5 2.8 | 0.45 | 1.8 | allergens=gluten binder=dry-crumbs | dried breadcrumbs, bread crumbs
breadcrumbs-fresh | Fresh breadcrumbs | 36.5 9 3.3 46.5 2.7 2 | 0.25 | 1.2 | allergens=gluten binder=fresh-crumbs | fresh bread crumbs
couscous | Couscous, dry | 8.6 12.8 0.6 72.4 5 0.6 | 0.73 | 0 | allergens=gluten binder=couscous |
oats | Rolled oats | 10.8 13.2 6.5 57.6 10.1 1.8 | 0.38 | 0 | allergens=gluten binder=oats | porridge oats, oatmeal
cornflour | Cornflour | 8.3 0.3 0.1 90.4 0.9 0.1 | 0.54 | 0 | binder=cornflour | cornstarch, corn starch, maize starch
potato-starch | Potato starch | 16 0.1 0.1 83.2 0.3 0.3 | 0.65 | 0 | binder=potato-starch | potato flour
tapioca-starch | Tapioca starch | 11 0.2 0 87.8 0.9 0.1 | 0.51 | 0 | binder=tapioca | tapioca, tapioca flour, cassava starch
waxy-rice-flour | Waxy rice flour | 11.5 6.5 1 79 1.4 0.6 | 0.55 | 0 | binder=waxy-rice | glutinous rice flour, sticky rice flour
potato-flakes | Potato flakes | 6.6 8.3 0.4 74.8 6.6 3.2 | 0.25 | 0.2 | binder=potato-flakes | instant mash
rice-cooked | Rice, cooked | 68.4 2.7 0.3 27.8 0.4 0.4 | 0.75 | 0 |  | cooked rice
gelatine | Gelatine | 13 85.6 0.1 0 0 1.3 | 0.6 | 0 | binder=gelatine leaf=2 | gelatin
bread-flour | Strong bread flour | 13.4 12 1.7 70 2.4 0.5 | 0.55 | 0 | binder=flour hazard=raw-flour allergens=gluten |
wholemeal-flour | Wholemeal flour | 10.7 13.2 2.5 61.3 10.7 1.6 | 0.52 | 0.01 | binder=flour hazard=raw-flour allergens=gluten | whole wheat flour
rye-flour | Rye flour | 11 9.8 1.3 64.5 11.9 1.2 | 0.5 | 0.01 | binder=flour hazard=raw-flour allergens=gluten |
rice-flour | Rice flour | 11.9 6 1.4 77.7 2.4 0.6 | 0.6 | 0 | binder=waxy-rice |
chickpea-flour | Chickpea flour | 10.3 22.4 6.7 47 10.8 2.8 | 0.4 | 0.16 | binder=flour | gram flour, besan
arrowroot | Arrowroot | 11.4 0.3 0.1 84.8 3.4 0.1 | 0.54 | 0.01 | binder=tapioca |
polenta | Polenta, dry | 10.3 8.1 3.6 69.6 7.3 1.1 | 0.68 | 0.02 | binder=semolina | cornmeal
bulgur | Bulgur, dry | 9 12.3 1.3 63.4 12.5 1.5 | 0.75 | 0.04 | binder=couscous allergens=gluten | bulgur wheat, cracked wheat
bulgur-cooked | Bulgur, cooked | 77.8 3.1 0.2 14.1 4.5 0.3 | 0.75 | 0.01 | allergens=gluten |
quinoa-cooked | Quinoa, cooked | 71.6 4.4 1.9 18.5 2.8 0.8 | 0.78 | 0.02 |  | quinoa
buckwheat-cooked | Buckwheat, cooked | 75.7 3.4 0.6 17.2 2.7 0.4 | 0.7 | 0.01 |  | buckwheat groats
millet-cooked | Millet, cooked | 71.4 3.5 1 22.4 1.3 0.4 | 0.73 | 0 |  | millet
barley-cooked | Pearl barley, cooked | 68.8 2.3 0.4 24.4 3.8 0.3 | 0.66 | 0.01 | allergens=gluten | pearl barley
rice | Rice, dry | 11.6 7.1 0.7 78.7 1.3 0.6 | 0.82 | 0.01 |  | long-grain rice, white rice
glass-noodles | Glass noodles, soaked | 78 0.1 0 21.5 0.3 0.1 | 0.6 | 0.01 |  | cellophane noodles, mung bean noodles
rice-noodles | Rice vermicelli, cooked | 75 1.8 0.2 22.5 0.4 0.1 | 0.6 | 0.02 |  | rice vermicelli, rice noodles
breadcrumbs-coarse | Coarse dry breadcrumbs | 7 12 4 70 4 2.6 | 0.22 | 1.2 | binder=dry-crumbs allergens=gluten | panko
bread | White bread | 36.5 9 3.3 46.5 2.7 2 | 0.25 | 1.2 | allergens=gluten piece=30 | slices of bread, bread
pasta-cooked | Pasta, cooked | 62.1 5.8 0.9 29 1.8 0.4 | 0.6 | 0.01 | allergens=gluten | cooked pasta, noodles
`,
};
