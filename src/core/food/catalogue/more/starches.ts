/** Starches that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_STARCHES: Table = {
  family: 'starch',
  rows: `
self-raising-flour | Self-raising flour | =wheat-flour | salt=0.9
buckwheat-flour | Buckwheat flour | 12 12.6 3.1 61 10 2.2 | 0.55 | 0.03 | binder=flour
corn-flour-masa | Maize flour, treated | 10 8.5 3.8 70 6.5 1.3 | 0.5 | 0.02 | binder=semolina
polenta-cooked | Polenta, cooked | 82 1.7 0.5 14.5 1 0.3 | 1.02 | 0.01 | binder=cooked-grain
semolina-cooked | Semolina, cooked | 80 3 1.5 14 0.7 0.6 | 1.05 | 0.1 | binder=cooked-grain allergens=gluten+milk
wheat-starch | Wheat starch | =cornflour | allergens=gluten
pudding-powder | Pudding powder | =custard-powder | pack=37
gelatine-powder | Gelatine powder | =gelatine | pack=12 sachet=12
agar | Agar powder | 9 5 0.3 0 82 3.5 | 0.6 | 0.3 | binder=gelatine dose=2-12
pectin | Pectin | 9 0.3 0.3 88 0 2 | 0.8 | 0.4 | dose=2-20
psyllium | Psyllium husk | 8 2 0.5 4 83 2.5 | 0.5 | 0.2 | binder=oats
xanthan | Xanthan gum | 10 4 0 0 78 8 | 0.7 | 3 | dose=0.5-6
bread-wholemeal | Wholemeal bread | 40 10.5 2.5 39 6 2 | 0.4 | 1 | allergens=gluten slice=36 piece=36
bread-roll | Bread roll | =bread | piece=55
baguette | Baguette | =bread | piece=250 slice=15
pitta | Flatbread | 33 9 1.5 53 2.5 1.4 | 0.4 | 1 | allergens=gluten piece=60
brioche | Brioche | 30 9 13 44 1.5 1.5 | 0.35 | 0.9 | allergens=gluten+egg+milk piece=50 slice=35
crackers | Savoury crackers | 4 9 14 66 3.5 3 | 0.4 | 1.8 | allergens=gluten binder=dry-crumbs piece=4
oatcakes | Oatcakes | 4 10 20 56 7 2.5 | 0.45 | 1.5 | allergens=gluten binder=oats piece=11
matzo | Matzo | =matzo-meal | piece=30 sheet=30
digestive | Sweet wholemeal biscuits | =biscuit-crumbs | piece=15
ginger-biscuits | Ginger biscuits | =biscuit-crumbs | piece=10
shortbread | Shortbread | 4 6 26 60 2 1.2 | 0.5 | 0.8 | allergens=gluten+milk binder=dry-crumbs piece=17 sugar=17
cake-crumbs | Cake crumbs | 24 5.5 16 52 1 1.5 | 0.4 | 0.6 | allergens=gluten+egg+milk binder=fresh-crumbs sugar=30 moist=freshCrumbs
meringue | Meringue | 4 5 0.1 90 0 0.5 | 0.15 | 0.2 | allergens=egg sugar=88 piece=15
cornflakes | Cornflakes | 3 7.5 0.9 84 3 2 | 0.12 | 1.5 | binder=dry-crumbs
oats-cooked | Porridge, cooked | 83 2.5 1.3 11 1.7 0.4 | 1.03 | 0.02 | allergens=gluten binder=cooked-grain
wheat-germ | Wheat germ | 6 27 9 42 13 4 | 0.4 | 0.02 | binder=oats allergens=gluten
wheat-bran | Wheat bran | 10 15 4.3 22 43 6 | 0.25 | 0.01 | binder=oats allergens=gluten
rice-brown | Brown rice, dry | 11 7.5 2.8 73 3.5 1.3 | 0.8 | 0.01 | release=driedGrain
rice-pouch | Rice, ready-cooked | =rice-cooked | pack=250
risotto | Risotto, leftover | 70 4 5 19 0.8 1.2 | 1 | 0.9 | binder=cooked-grain allergens=milk
noodles-egg-dry | Egg noodles, dry | 10 13 3 70 3 1.2 | 0.4 | 0.3 | release=driedNoodle allergens=gluten+egg nest=60
noodles-instant | Instant noodles, dry | 4 9 17 63 3 4 | 0.4 | 2.5 | release=driedNoodle allergens=gluten pack=70
konjac-noodles | Konjac noodles | 96 0.1 0 0.5 3 0.3 | 0.9 | 0.05 | release=jarred
pasta | Pasta, dry | 10 13 1.5 71 3 0.9 | 0.5 | 0.01 | release=driedNoodle allergens=gluten
pasta-fresh | Pasta, fresh | 28 11 2.5 55 2.5 1 | 0.5 | 0.1 | allergens=gluten+egg
macaroni-cheese | Macaroni cheese, leftover | 68 7 8 14.5 1 1.6 | 0.95 | 0.9 | allergens=gluten+milk hazard=cooked-animal
gnocchi | Potato gnocchi | 52 4.5 0.7 38 2.5 1.8 | 0.7 | 1.2 | allergens=gluten
dumpling-dough-scraps | Spaetzle, cooked | =pasta-cooked | allergens=gluten+egg
tortilla-crumbs | Tortilla chips, crushed | 2 7 23 61 5 2 | 0.3 | 1.1 | moist=crumbs
stuffing-mix | Stuffing mixture, dry | 7 11 4 67 6 4.5 | 0.4 | 3.2 | allergens=gluten+celery binder=dry-crumbs pack=85
yorkshire | Pancakes, cooked | 55 7 9 27 1 1.4 | 0.6 | 0.6 | allergens=gluten+egg+milk hazard=cooked-animal piece=50
popcorn | Popcorn | 3 12 5 63 15 1.5 | 0.06 | 0.01
millet | Millet, dry | 9 11 4.2 64.5 8.5 3 | 0.8 | 0.01 | release=driedGrain
sago | Tapioca pearls | 11 0.2 0 87.8 0.9 0.1 | 0.75 | 0 | binder=tapioca
oat-bran | Oat bran | 6.5 17.3 7 50.8 15.4 2.9 | 0.4 | 0.01 | allergens=gluten binder=oats
stuffing | Bread stuffing, made | 62 4.5 8 21 2.5 1.8 | 0.75 | 1.2 | allergens=gluten+egg+celery binder=fresh-crumbs hazard=cooked-animal moist=brined
rice-cake | Rice cakes, sliced | 50 4 0.5 44 1 0.4 | 0.7 | 0.5 | binder=cooked-grain
rye-flour | Rye flour | 11 9.8 1.3 64.5 11.9 1.2 | 0.5 | 0.01 | binder=flour hazard=raw-flour allergens=gluten
arrowroot | Arrowroot | 11.4 0.3 0.1 84.8 3.4 0.1 | 0.54 | 0.01 | binder=tapioca
millet-cooked | Millet, cooked | 71.4 3.5 1 22.4 1.3 0.4 | 0.73 | 0 | binder=cooked-grain
buckwheat | Buckwheat, dry | 10 12.5 3 62.5 10 2 | 0.75 | 0.02 | release=driedGrain
barley | Pearl barley, dry | 10 9.9 1.2 62.2 15.6 1.1 | 0.82 | 0.02 | release=driedGrain allergens=gluten
egg-noodles-cooked | Egg noodles, cooked | 67.7 4.5 2.1 24 1.2 0.5 | 0.65 | 0.1 | allergens=gluten+egg binder=cooked-grain
custard-powder | Custard powder | 10 0.4 0.2 88 0.5 0.8 | 0.6 | 0.8 | binder=cornflour
matzo-meal | Matzo meal | 5 10 1.4 80 3 0.6 | 0.5 | 0.02 | allergens=gluten binder=dry-crumbs
polenta | Polenta, dry | 10.3 8.1 3.6 69.6 7.3 1.1 | 0.68 | 0.02 | binder=semolina
quinoa-cooked | Quinoa, cooked | 71.6 4.4 1.9 18.5 2.8 0.8 | 0.78 | 0.02 | binder=cooked-grain
rice-noodles | Rice vermicelli, cooked | 75 1.8 0.2 22.5 0.4 0.1 | 0.6 | 0.02 | binder=cooked-grain
rice-noodles-dry | Rice vermicelli, dry | 11 6 0.6 80 1.6 0.6 | 0.3 | 0.3 | release=driedNoodle
buckwheat-cooked | Buckwheat, cooked | 75.7 3.4 0.6 17.2 2.7 0.4 | 0.7 | 0.01 | binder=cooked-grain
barley-cooked | Pearl barley, cooked | 68.8 2.3 0.4 24.4 3.8 0.3 | 0.66 | 0.01 | allergens=gluten binder=cooked-grain
freekeh-cooked | Spelt or freekeh, cooked | 66.6 5.5 0.9 22.5 3.9 0.6 | 0.75 | 0.01 | allergens=gluten binder=cooked-grain
vital-gluten | Seitan | 62 25 2 8 1 1.6 | 0.8 | 1.2 | release=firm allergens=gluten+soya
chickpea-flour | Chickpea flour | 10.3 22.4 6.7 47 10.8 2.8 | 0.4 | 0.16 | binder=flour
couscous-cooked | Couscous, cooked | 72.6 3.8 0.2 21.8 1.4 0.2 | 0.65 | 0.01 | allergens=gluten binder=cooked-grain
glass-noodles-dry | Glass noodles, dry | 13.4 0.2 0.1 85.6 0.5 0.3 | 0.3 | 0.02 | release=driedNoodle
bread-flour | Strong bread flour | 13.4 12 1.7 70 2.4 0.5 | 0.55 | 0 | binder=flour hazard=raw-flour allergens=gluten
wholemeal-flour | Wholemeal flour | 10.7 13.2 2.5 61.3 10.7 1.6 | 0.52 | 0.01 | binder=flour hazard=raw-flour allergens=gluten
bulgur-cooked | Bulgur, cooked | 77.8 3.1 0.2 14.1 4.5 0.3 | 0.75 | 0.01 | allergens=gluten binder=cooked-grain
rice-flour | Rice flour | 11.9 6 1.4 77.7 2.4 0.6 | 0.6 | 0 | binder=waxy-rice
glass-noodles | Glass noodles, soaked | 78 0.1 0 21.5 0.3 0.1 | 0.6 | 0.01 | binder=cooked-grain
breadcrumbs-coarse | Coarse dry breadcrumbs | 7 12 4 70 4 2.6 | 0.22 | 1.2 | binder=dry-crumbs allergens=gluten
`,
};
