/** Dairy that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_DAIRY: Table = {
  family: 'dairy',
  rows: `
mascarpone | Mascarpone | 47 4.6 44 3.8 0 0.6 | 1 | 0.1 | release=firm allergens=milk moist=cream
creme-fraiche | Crème fraîche | 58 2.3 35 3 0 0.6 | 1 | 0.08 | release=cultured allergens=milk moist=cream
cream-single | Single cream | 73.7 3 19 3.7 0 0.6 | 1 | 0.1 | liquid release=cream allergens=milk
stretched-cheese-low | Low-moisture stretched cheese | 48 24 22.5 2.5 0 3 | 0.5 | 1.5 | release=firm allergens=milk grated
grilling-cheese | Grilling cheese | 47 22 25 2 0 3.9 | 0.6 | 2.7 | release=firm allergens=milk block=225 piece=225
washed-cheese | Melting mountain cheese | 40 25 29 1.5 0 3.5 | 0.5 | 1.7 | allergens=milk grated slice=25
processed-cheese | Processed cheese | 46 17 25 6 0 5 | 0.9 | 2.6 | allergens=milk slice=20 moist=softCheese
ricotta-salted | Salted whey cheese | 50 18 22 3 0 6 | 0.6 | 4 | release=brined allergens=milk moist=hardCheese
goat-milk | Goat milk | 87 3.6 4.1 4.5 0 0.8 | 1.03 | 0.12 | allergens=milk liquid release=liquid
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
tvorog | Dry curd cheese | 67 18 9 3 0 1.3 | 0.95 | 0.1 | release=firm allergens=milk moist=brined
fromage-blanc | Fresh soft cheese | 80 8 8 3.5 0 0.8 | 1.02 | 0.1 | release=leanCurd allergens=milk
cream-cheese-garlic | Garlic and herb soft cheese | =cream-cheese
cream-cheese-block | Cream cheese block | =cream-cheese | block=225 pack=225 tub=180
cheese-spread | Cheese spread | 56 11 22 5 0 4 | 1 | 2.2 | allergens=milk moist=softCheese
blue-strong | Strong blue cheese | =blue-cheese
blue-mild | Creamy blue cheese | 48 18 29 1 0 3.6 | 0.8 | 2 | release=firm allergens=milk
smoked-cheese-soft | Smoked processed cheese | =processed-cheese
provolone | Firm stretched cheese | =washed-cheese | slice=20
oaxaca | Melting string cheese | =stretched-cheese-low
vegan-cheese | Plant-based cheese | 48 1 23 22 2 4 | 0.5 | 2 | grated
cream-soured-light | Light soured cream | 80 3.5 10 5 0 0.8 | 1 | 0.1 | release=cultured allergens=milk moist=cream
smetana | Thick soured cream | 68 2.6 25 3.5 0 0.6 | 1 | 0.1 | release=cultured allergens=milk moist=cream
clotted-cream | Clotted cream | 32 1.6 63.5 2.3 0 0.4 | 0.98 | 0.05 | allergens=milk moist=cream
cream-extra-thick | Extra-thick cream | =cream
cream-cooking | Cooking cream | 74 3 15 5 0 0.8 | 1 | 0.1 | liquid release=cream allergens=milk
yoghurt-low-fat | Low-fat yoghurt | 85 5 1 7 0 1 | 1.03 | 0.15 | release=yoghurt allergens=milk
yoghurt-sheep | Sheep yoghurt | 81 6 7 5 0 0.9 | 1.03 | 0.15 | release=yoghurt allergens=milk
yoghurt-plant | Plant yoghurt | 86 4 2.5 5 0.5 0.8 | 1.03 | 0.15 | release=yoghurt
skyr | Skyr | 83 11 0.2 4 0 0.8 | 1.03 | 0.1 | release=firm allergens=milk moist=softCheese
kefir | Kefir | =buttermilk
milk-sheep | Sheep milk | 82 5.6 6.5 5 0 0.9 | 1.03 | 0.12 | liquid release=liquid allergens=milk
whey | Whey | 93.5 0.8 0.3 5 0 0.5 | 1.02 | 0.15 | liquid release=liquid allergens=milk
dulce-de-leche | Milk caramel | 28 7 7.5 55 0 1.8 | 1.25 | 0.3 | allergens=milk sugar=50 moist=jam
caramel | Soft caramel | 12 3 16 67 0 1.2 | 1.2 | 0.6 | allergens=milk sugar=55 moist=jam
ice-cream | Ice cream | 61 3.5 11 23.5 0 0.9 | 0.6 | 0.2 | allergens=milk sugar=21
rice-pudding | Rice pudding | 76 3.3 2.5 17 0.2 0.7 | 1.05 | 0.1 | allergens=milk tin=400 sugar=9 moist=softCheese
coconut-yoghurt | Coconut cream yoghurt | =yoghurt-plant
condensed-milk | Sweetened condensed milk | 27 8 8.7 54.4 0 1.8 | 1.28 | 0.32 | allergens=milk moist=jam
hard-goat-cheese | Hard goat cheese | 35 25 33 2.5 0 4 | 0.47 | 1.8 | allergens=milk grated
sheep-cheese | Sheep cheese, hard | 37 24 32 2 0 4.5 | 0.45 | 2.2 | allergens=milk grated
evaporated-milk | Evaporated milk | 74 6.8 7.6 10 0 1.5 | 1.07 | 0.27 | liquid release=cream allergens=milk
pressed-cheese | Pressed fresh cheese | 54 19 22 3 0 1.8 | 0.7 | 0.1 | release=firm allergens=milk block=226 pack=226
labneh | Yoghurt cheese | 72 9 11 6 0 1.5 | 1 | 1 | release=firm allergens=milk moist=softCheese
milk-powder | Milk powder | 2.5 26.3 26.7 38.4 0 6.1 | 0.5 | 0.95 | allergens=milk moist=smallGrain
alpine-cheese | Alpine cheese | 35 27.5 32 1 0 3.9 | 0.45 | 0.9 | allergens=milk
young-cheese | Young semi-hard cheese | 42 25 28 1.8 0 3.2 | 0.47 | 1.8 | allergens=milk
custard | Custard, thick | 74 4 6 15 0 0.7 | 1.08 | 0.15 | hazard=cooked-animal allergens=milk+egg sugar=11 moist=softCheese
milk-semi | Milk, semi-skimmed | 89.3 3.4 1.7 4.9 0 0.7 | 1.03 | 0.1 | liquid release=liquid allergens=milk
milk-skimmed | Milk, skimmed | 90.8 3.4 0.1 5 0 0.7 | 1.03 | 0.1 | liquid release=liquid allergens=milk
cream-cheese-light | Light cream cheese | 68 8 15 7 0 1.5 | 1 | 0.9 | release=firm allergens=milk moist=softCheese
quark-low-fat | Low-fat quark | 82 12.5 0.3 4 0 0.8 | 1.02 | 0.1 | release=leanCurd allergens=milk
`,
};
