/** Dairy. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const DAIRY: Table = {
  family: 'dairy',
  rows: `
milk | Milk | 88.1 3.2 3.3 4.8 0 0.7 | 1.03 | 0.1 | allergens=milk liquid release=liquid
cream | Double cream | 47.5 1.7 48 2.2 0 0.4 | 0.99 | 0.06 | allergens=milk liquid release=cream
soured-cream | Soured cream | 74.5 2.4 18.5 3.9 0 0.7 | 1 | 0.1 | release=curd allergens=milk
yoghurt | Plain yoghurt | 87.9 3.5 3.3 4.6 0 0.7 | 1.03 | 0.12 | release=yoghurt allergens=milk
yoghurt-strained | Strained yoghurt | 81 9 5 4.1 0 0.7 | 1.05 | 0.1 | release=firm allergens=milk
curd-cheese | Curd cheese | 75 12 7.5 4 0 1.2 | 1 | 0.3 | release=curd allergens=milk
ricotta | Ricotta | 71.7 11.3 13 3 0 1 | 1 | 0.25 | release=curd allergens=milk
cottage-cheese | Cottage cheese | 79.8 11.1 4.3 3.4 0 1.4 | 0.95 | 0.9 | release=curd allergens=milk
cream-cheese | Cream cheese | 53 6.1 34.2 5.4 0 1.3 | 0.98 | 0.8 | release=firm allergens=milk
stretched-cheese | Fresh stretched cheese | 60 18 18.5 1.6 0 1.9 | 0.9 | 0.7 | release=dripping allergens=milk piece=125 ball=125
stretched-cheese-low | Low-moisture stretched cheese | 48 24 22.5 2.5 0 3 | 0.5 | 1.5 | release=firm allergens=milk grated
brined-cheese | Brined white cheese | 55.2 14.2 21.3 4 0 5.2 | 0.65 | 2.8 | release=brined allergens=milk pack=200 block=200
hard-cheese | Medium hard cheese | 37 24 33.3 1.7 0 3.9 | 0.47 | 1.8 | allergens=milk grated
grating-cheese | Hard grating cheese | 29.2 35.8 25.8 3.2 0 6 | 0.42 | 2 | allergens=milk binder=grating-cheese grated
milk-semi | Milk, semi-skimmed | 89.3 3.4 1.7 4.9 0 0.7 | 1.03 | 0.1 | liquid release=liquid allergens=milk
milk-skimmed | Milk, skimmed | 90.8 3.4 0.1 5 0 0.7 | 1.03 | 0.1 | liquid release=liquid allergens=milk
buttermilk | Buttermilk | 89 3.4 1 5 0 0.8 | 1.03 | 0.2 | liquid release=liquid allergens=milk
evaporated-milk | Evaporated milk | 74 6.8 7.6 10 0 1.5 | 1.07 | 0.27 | liquid release=cream allergens=milk
cream-single | Single cream | 73.7 3 19 3.7 0 0.6 | 1 | 0.1 | liquid release=cream allergens=milk
creme-fraiche | Crème fraîche | 58 2.3 35 3 0 0.6 | 1 | 0.08 | release=curd allergens=milk
mascarpone | Mascarpone | 47 4.6 44 3.8 0 0.6 | 1 | 0.1 | release=firm allergens=milk
goat-cheese | Soft goat cheese | 60.5 18.5 18.5 0.9 0 1.6 | 0.9 | 1.1 | release=firm allergens=milk piece=100
blue-cheese | Blue cheese | 42.4 21.4 28.7 2.3 0 5.1 | 0.55 | 2.9 | release=firm allergens=milk
grilling-cheese | Grilling cheese | 47 22 25 2 0 3.9 | 0.6 | 2.7 | release=firm allergens=milk block=225 piece=225
smoked-cheese | Smoked cheese | 40 25 28 2 0 4.5 | 0.5 | 2 | allergens=milk
pressed-cheese | Pressed fresh cheese | 54 19 22 3 0 1.8 | 0.7 | 0.1 | release=firm allergens=milk block=226 pack=226
alpine-cheese | Alpine cheese | 35 27.5 32 1 0 3.9 | 0.45 | 0.9 | allergens=milk
young-cheese | Young semi-hard cheese | 42 25 28 1.8 0 3.2 | 0.47 | 1.8 | allergens=milk
condensed-milk | Sweetened condensed milk | 27 8 8.7 54.4 0 1.8 | 1.28 | 0.32 | allergens=milk
cream-whipping | Whipping cream | 58 2.2 36 3 0 0.5 | 0.99 | 0.07 | allergens=milk liquid release=cream
labneh | Yoghurt cheese | 72 9 11 6 0 1.5 | 1 | 1 | release=firm allergens=milk
quark-low-fat | Low-fat quark | 82 12.5 0.3 4 0 0.8 | 1.02 | 0.1 | release=curd allergens=milk
hard-goat-cheese | Hard goat cheese | 35 25 33 2.5 0 4 | 0.47 | 1.8 | allergens=milk grated
sheep-cheese | Sheep cheese, hard | 37 24 32 2 0 4.5 | 0.45 | 2.2 | allergens=milk grated
soft-ripened-cheese | Soft ripened cheese | 49 20.5 27 0.5 0 2.8 | 0.75 | 1.6 | release=firm allergens=milk piece=250
washed-cheese | Melting mountain cheese | 40 25 29 1.5 0 3.5 | 0.5 | 1.7 | allergens=milk grated slice=25
processed-cheese | Processed cheese | 46 17 25 6 0 5 | 0.9 | 2.6 | allergens=milk slice=20
ricotta-salted | Salted whey cheese | 50 18 22 3 0 6 | 0.6 | 4 | release=brined allergens=milk
cream-cheese-light | Light cream cheese | 68 8 15 7 0 1.5 | 1 | 0.9 | release=firm allergens=milk
milk-powder | Milk powder | 2.5 26.3 26.7 38.4 0 6.1 | 0.5 | 0.95 | allergens=milk
goat-milk | Goat milk | 87 3.6 4.1 4.5 0 0.8 | 1.03 | 0.12 | allergens=milk liquid release=liquid
custard | Custard, thick | 74 4 6 15 0 0.7 | 1.08 | 0.15 | hazard=cooked-animal allergens=milk+egg sugar=11
buffalo-mozzarella | Buffalo stretched cheese | 62 15 20 1 0 1.2 | 0.9 | 0.6 | release=dripping allergens=milk piece=125 ball=125
mozzarella-pearls | Small fresh cheese balls | =stretched-cheese | piece=8 ball=8
mozzarella-grated | Grated stretched cheese | =stretched-cheese-low
string-cheese | String cheese | =stretched-cheese-low | piece=28 stick=28
smoked-stretched-cheese | Smoked stretched cheese | =stretched-cheese-low
cheddar-mature | Mature cheddar-type cheese | =hard-cheese
red-leicester | Red hard cheese | =hard-cheese
crumbly-cheese | Crumbly white hard cheese | 42 23 31 0.1 0 3.6 | 0.45 | 1.5 | allergens=milk grated
pecorino | Sheep grating cheese | =grating-cheese | salt=4
aged-gouda | Aged semi-hard cheese | 36 27 31 0.5 0 4.5 | 0.45 | 2 | allergens=milk grated
havarti | Mild melting cheese | =young-cheese
emmental | Holed mountain cheese | 36 28.5 29 0.5 0 3.5 | 0.45 | 0.5 | allergens=milk grated
gruyere | Firm mountain cheese | 33 29 32 0.4 0 4.3 | 0.45 | 1.5 | allergens=milk grated
washed-soft-cheese | Soft washed-rind cheese | =soft-ripened-cheese
goat-log | Goat cheese log | =goat-cheese | piece=100
goat-fresh | Fresh goat cheese | 66 14 15 2.5 0 1.5 | 1 | 1 | release=curd allergens=milk
feta-cow | Cow's brined cheese | =brined-cheese | block=200 pack=200
bulgarian-cheese | Creamy brined cheese | 58 13 22 3 0 4.5 | 0.8 | 2.6 | release=brined allergens=milk
halloumi-light | Light grilling cheese | =grilling-cheese | block=225
queso-fresco | Fresh crumbling cheese | 52 18 24 3 0 3.2 | 0.8 | 1.8 | release=firm allergens=milk
tvorog | Dry curd cheese | 67 18 9 3 0 1.3 | 0.95 | 0.1 | release=firm allergens=milk
fromage-blanc | Fresh soft cheese | 80 8 8 3.5 0 0.8 | 1.02 | 0.1 | release=curd allergens=milk
cream-cheese-garlic | Garlic and herb soft cheese | =cream-cheese
cream-cheese-block | Cream cheese block | =cream-cheese | block=225 pack=225 tub=180
cheese-spread | Cheese spread | 56 11 22 5 0 4 | 1 | 2.2 | allergens=milk
blue-strong | Strong blue cheese | =blue-cheese
blue-mild | Creamy blue cheese | 48 18 29 1 0 3.6 | 0.8 | 2 | release=firm allergens=milk
smoked-cheese-soft | Smoked processed cheese | =processed-cheese
provolone | Firm stretched cheese | =washed-cheese | slice=20
oaxaca | Melting string cheese | =stretched-cheese-low
vegan-cheese | Plant-based cheese | 48 1 23 22 2 4 | 0.5 | 2 | grated
cream-soured-light | Light soured cream | 80 3.5 10 5 0 0.8 | 1 | 0.1 | release=curd allergens=milk
smetana | Thick soured cream | 68 2.6 25 3.5 0 0.6 | 1 | 0.1 | release=curd allergens=milk
clotted-cream | Clotted cream | 32 1.6 63.5 2.3 0 0.4 | 0.98 | 0.05 | allergens=milk
cream-extra-thick | Extra-thick cream | =cream
cream-cooking | Cooking cream | 74 3 15 5 0 0.8 | 1 | 0.1 | liquid release=cream allergens=milk
yoghurt-low-fat | Low-fat yoghurt | 85 5 1 7 0 1 | 1.03 | 0.15 | release=yoghurt allergens=milk
yoghurt-sheep | Sheep yoghurt | 81 6 7 5 0 0.9 | 1.03 | 0.15 | release=yoghurt allergens=milk
yoghurt-plant | Plant yoghurt | 86 4 2.5 5 0.5 0.8 | 1.03 | 0.15 | release=yoghurt
skyr | Skyr | 83 11 0.2 4 0 0.8 | 1.03 | 0.1 | release=firm allergens=milk
kefir | Kefir | =buttermilk
milk-sheep | Sheep milk | 82 5.6 6.5 5 0 0.9 | 1.03 | 0.12 | liquid release=liquid allergens=milk
whey | Whey | 93.5 0.8 0.3 5 0 0.5 | 1.02 | 0.15 | liquid release=liquid allergens=milk
dulce-de-leche | Milk caramel | 28 7 7.5 55 0 1.8 | 1.25 | 0.3 | allergens=milk sugar=50
caramel | Soft caramel | 12 3 16 67 0 1.2 | 1.2 | 0.6 | allergens=milk sugar=55
ice-cream | Ice cream | 61 3.5 11 23.5 0 0.9 | 0.6 | 0.2 | allergens=milk sugar=21
rice-pudding | Rice pudding | 76 3.3 2.5 17 0.2 0.7 | 1.05 | 0.1 | allergens=milk tin=400 sugar=9
coconut-yoghurt | Coconut cream yoghurt | =yoghurt-plant
`,
};
