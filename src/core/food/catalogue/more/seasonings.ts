/** Seasonings that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_SEASONINGS: Table = {
  family: 'seasoning',
  rows: `
brown-sugar | Brown sugar | 1.3 0.1 0 98.1 0 0.5 | 0.85 | 0.07 | dose=2-20 sweet packs sugar=98
chilli-dried | Chillies, dried | 8 12 14 38 24 5.5 | 0.3 | 0.1 | strong dose=0.5-8 piece=1
pink-pepper | Pink peppercorns | 12 8 8 45 22 4.5 | 0.4 | 0.05 | strong dose=0.5-4
asafoetida | Asafoetida | 16 4 1 68 4 7 | 0.6 | 0.1 | strong dose=0.1-1
ajwain | Ajwain | 9 16 18 38 12 7 | 0.42 | 0.1 | strong dose=0.5-4
amchur | Dried mango powder | 8 3 1 73 10 4 | 0.5 | 0.1 | strong dose=1-10
fenugreek-leaf | Fenugreek leaves, dried | 8 22 6 34 23 7 | 0.15 | 0.2 | strong dose=0.5-5
sherbet-acid | Citric acid | 0 0 0 100 0 0 | 0.9 | 0 | strong dose=0.2-2
salt-low-sodium | Low-sodium salt | 0.5 0 0 0 0 99.5 | 1.15 | 35
salt-celery | Celery salt | =garlic-salt | allergens=celery
pepper-lemon | Lemon pepper | =spice-blend | salt=10
peppercorns-green | Green peppercorns | 80 3 1 10 4 2.5 | 0.6 | 1.2 | dose=1-20
chilli-kashmiri | Mild red chilli powder | =paprika | dose=1-15
chilli-ancho | Ancho chilli, dried | =chilli-dried | piece=12
cinnamon-stick | Cinnamon stick | =cinnamon | piece=3 stick=3
cardamom-pods | Cardamom pods | =cardamom | piece=0.2 pod=0.2
turmeric-fresh | Turmeric, fresh | =ginger | piece=12 thumb=15 dose=2-20
ginger-stem | Stem ginger in syrup | 27 0.3 0.1 71 1 0.3 | 1 | 0.05 | piece=18 ball=18 sugar=65
ginger-pickled | Pickled ginger | 85 0.4 0.2 10 1.5 2.5 | 0.9 | 2
vegetable-powder | Dried soup vegetables | =onion-dried | allergens=celery
bouquet-garni | Bouquet garni | =mixed-herbs | piece=3
lovage-dried | Lovage, dried | =parsley-dried | allergens=celery
lime-dried | Dried lime | 10 6 1 65 12 6 | 0.4 | 0.2 | piece=5 strong dose=0.5-5
tandoori | Tandoori spice | =spice-blend | salt=8
chaat-masala | Sour spice mixture | =spice-blend | salt=25
zaatar | Za'atar | 8 10 12 35 25 8 | 0.42 | 3 | allergens=sesame strong dose=2-30
dukkah | Dukkah | 4 17 45 16 12 5 | 0.5 | 2.5 | allergens=nuts+sesame
cajun | Cajun spice | =spice-blend | salt=12
taco-seasoning | Taco spice mixture | =spice-blend | salt=18 pack=30
bbq-rub | Barbecue rub | =spice-blend | salt=15
jerk-seasoning | Jerk seasoning | =spice-blend | salt=10
chicken-seasoning | Chicken seasoning | =spice-blend | salt=35
all-purpose-seasoning | All-purpose seasoning | =spice-blend | salt=45
adjika-dry | Georgian spice mixture | =spice-blend | salt=8
furikake | Rice sprinkle | 6 22 25 25 9 12 | 0.4 | 8 | allergens=fish+sesame
sausage-seasoning | Sausage seasoning | =spice-blend | salt=30
stock-cube | Stock cube | =stock-powder | piece=10 cube=10
stock-pot | Stock pot, jellied | 62 4 5 8 0 20 | 1.1 | 17 | piece=28 pot=28 allergens=celery
stock-dashi-powder | Dashi powder | =stock-powder | allergens=fish
onion-soup-mix | Onion soup mix, dry | 4 7 2 63 5 19 | 0.55 | 17 | pack=40 allergens=celery+gluten
nutritional-yeast | Nutritional yeast | 5 50 5 20 16 5 | 0.2 | 0.3 | dose=3-40
yeast-sachet | Dried yeast, sachet | =yeast-dried | pack=7 sachet=7
sugar-cube | Sugar cube | =sugar | piece=4 cube=4
sweetener | Sweetener, granulated | 2 0.5 0 97 0 0.3 | 0.15 | 0
treacle | Black treacle | 25 1 0 69 0 5 | 1.4 | 0.4 | sugar=62 moist=syrup
malt-extract | Malt extract | =syrup | allergens=gluten
chocolate-milk | Milk chocolate | 1.5 8 31 55 2.5 1.8 | 0.65 | 0.2 | allergens=milk+soya sugar=52 square=5 moist=melting
chocolate-white | White chocolate | 1.3 6.5 32 58 0 1.7 | 0.65 | 0.25 | allergens=milk+soya sugar=57 square=5 moist=melting
chocolate-chips | Chocolate chips | =chocolate | piece=0.3
cocoa-drink | Drinking chocolate | 2 6 5 80 4 2.5 | 0.5 | 0.4 | allergens=milk sugar=70
coffee-instant | Instant coffee | 4 14 0.5 65 10 8 | 0.25 | 0.1 | dose=1-15
matcha | Matcha | 5 30 5 22 32 6 | 0.4 | 0.02 | dose=2-20
almond-extract | Almond extract | =vanilla | dose=0.3-5
vanilla-paste | Vanilla paste | 40 0.3 0.2 58 0.5 0.5 | 1.15 | 0.02 | sugar=50
food-colour | Food colouring | =vanilla | dose=0.1-2
cream-of-tartar | Cream of tartar | 0 0 0 61 0 38 | 0.95 | 0 | leavener
ammonium-bicarbonate | Ammonium bicarbonate | =bicarbonate | leavener
liquid-smoke | Liquid smoke | 88 0 0 11 0 0.5 | 1.05 | 0 | liquid dose=0.3-5
celery-seed | Celery seed | 6 18.1 25.3 29.6 11.8 9.3 | 0.42 | 0.4 | allergens=celery strong dose=0.3-2
marjoram-dried | Marjoram, dried | 7.6 12.7 7 20.3 40.3 12.1 | 0.14 | 0.2 | strong dose=0.5-4
mint-dried | Mint, dried | 11.3 19.9 6 22.2 29.8 10.8 | 0.2 | 0.87 | strong dose=0.5-3
dill-dried | Dill, dried | 7.3 20 4.4 42.2 13.6 12.6 | 0.2 | 0.53 | strong dose=0.5-4
savory-dried | Savory, dried | 9 6.7 5.9 26.5 42.3 9.6 | 0.3 | 0.06 | strong dose=0.5-3
basil-dried | Basil, dried | 10.3 23 4.1 10.1 37.7 14.9 | 0.17 | 0.19 | strong dose=0.5-3
parsley-dried | Parsley, dried | 5.9 26.6 5.5 24 26.7 11.4 | 0.1 | 1.15 | strong dose=0.5-5
onion-dried | Onion flakes, dried | 4 9 0.5 74 9 3.3 | 0.25 | 0.05 | release=driedSponge
garlic-roasted | Garlic, roasted | 52 7 0.6 36 2.6 1.8 | 0.9 | 0.05 | clove=4 dose=3-60
fenugreek | Fenugreek | 8.8 23 6.4 33.8 24.6 3.4 | 0.75 | 0.17 | strong dose=0.5-3
sumac | Sumac | 11 4.5 15 36 28 5.5 | 0.45 | 2 | strong dose=1-25
nigella | Nigella seed | 6 20 38 20 11 4.5 | 0.55 | 0.2 | strong dose=1-6
cocoa | Cocoa powder | 3 19.6 13.7 20.9 37 5.8 | 0.42 | 0.05 | strong moist=crumbs
maple-syrup | Maple syrup | 32.4 0 0.1 67 0 0.5 | 1.32 | 0.02 | sugar=66 moist=syrup
icing-sugar | Icing sugar | 0.2 0 0 99.8 0 0 | 0.5 | 0 | sugar=100
mustard-seed | Mustard seed | 5.3 26.1 36.2 15.9 12.2 4.3 | 0.7 | 0.03 | allergens=mustard strong dose=1-8
mixed-spice | Mixed sweet spice | 10 6 6 45 28 4.5 | 0.42 | 0.1 | strong dose=0.5-5 sweet
chilli-powder-mild | Mild chilli powder | 10.8 13.5 14.3 15 34.8 9 | 0.42 | 4 | strong dose=1-15
lemongrass | Lemongrass | 70.6 1.8 0.5 23 2.5 1.8 | 0.4 | 0.01 | dose=2-30 piece=15 stalk=15 stick=15
vanilla-sugar | Vanilla sugar | 0.3 0 0.1 99.5 0 0 | 0.85 | 0 | sugar=99 sweet pack=8
five-spice | Five-spice powder | 9.5 8 9 33 35 5.5 | 0.42 | 0.1 | strong dose=1-5
garlic-powder | Garlic powder | 6.5 16.6 0.7 63.7 9 3.5 | 0.62 | 0.15 | strong dose=1-6
onion-powder | Onion powder | 5.4 10.4 1 63.9 15.2 4 | 0.48 | 0.19 | strong dose=1-10
mustard-powder | Mustard powder | 5.3 26.1 36.2 15.9 12.2 4.3 | 0.42 | 0.03 | allergens=mustard strong dose=0.5-5
sage-dried | Sage, dried | 8 10.6 12.8 20.4 40.3 8 | 0.14 | 0.03 | strong dose=0.3-2
rosemary-dried | Rosemary, dried | 9.3 4.9 15.2 21.5 42.6 6.5 | 0.24 | 0.13 | strong dose=0.3-2
monosodium-glutamate | Glutamate | 0.5 68 0 0 0 31.5 | 0.9 | 31 | strong
garam-masala | Garam masala | 9 13 14 35 22 6.5 | 0.42 | 0.13 | strong dose=1-12
caraway | Caraway | 9.9 19.8 14.6 11.9 38 5.9 | 0.45 | 0.04 | strong dose=1-6
fennel-seed | Fennel seed | 8.8 15.8 14.9 12.5 39.8 8.2 | 0.4 | 0.22 | strong dose=1-6
coriander-seed | Coriander, ground | 8.9 12.4 17.8 13.1 41.9 6 | 0.36 | 0.09 | strong dose=1-6
cayenne | Cayenne pepper | 8.1 12 17.3 29.4 27.2 6 | 0.38 | 0.08 | strong dose=0.2-3
szechuan-pepper | Numbing pepper | 11 10 7 38 29 5 | 0.35 | 0.05 | strong dose=0.5-4
oregano-dried | Oregano, dried | 9.9 9 4.3 26.4 42.5 7.9 | 0.2 | 0.06 | strong dose=0.5-3
bay | Bay leaf | 5.4 7.6 8.4 48.7 26.3 3.6 | 0.1 | 0.06 | piece=0.2 strong leaf=0.4
smoked-paprika | Smoked paprika | 11.2 14.1 12.9 19.1 34.9 7.7 | 0.46 | 0.17 | strong dose=1-10
curry-powder | Curry powder | 8.8 14.3 14 2.6 53.2 7.1 | 0.42 | 0.13 | strong dose=3-25
chilli-flakes | Chilli flakes | 8.1 12 17.3 29.4 27.2 6 | 0.36 | 0.08 | strong dose=0.5-5
`,
};
