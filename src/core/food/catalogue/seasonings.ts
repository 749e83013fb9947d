/** Seasonings. Composition: national food tables. Juniper, numbing pepper, sumac and mixtures: house estimate after similar foods. Columns as in `table.ts`. */
import { type Table } from '../table';

export const SEASONINGS: Table = {
  family: 'seasoning',
  rows: `
ginger | Ginger | 78.9 1.8 0.8 15.8 2 0.8 | 0.45 | 0.03 | release=crisp piece=15 thumb=15 strong dose=3-40
salt | Salt | 0.2 0 0 0 0 99.8 | 1.2 | 100
stock-powder | Stock powder | 3 10 14 20 1 52 | 0.75 | 50 | allergens=celery piece=10 cube=10
sugar | Sugar | 0.1 0 0 99.9 0 0 | 0.85 | 0 | dose=2-25 sweet sugar=100
honey | Honey | 17.1 0.3 0 82.2 0.2 0.2 | 1.42 | 0 | sugar=82 moist=syrup
black-pepper | Black pepper | 12.5 10.4 3.3 44 25.3 4.5 | 0.46 | 0.05 | strong dose=0.5-6
nutmeg | Nutmeg | 6.2 5.8 36.3 28.5 20.8 2.3 | 0.44 | 0.04 | strong dose=0.3-2 piece=5
cumin | Cumin | 8.1 17.8 22.3 33.7 10.5 7.6 | 0.42 | 0.43 | strong dose=1-6
paprika | Paprika | 11.2 14.1 12.9 19.1 34.9 7.7 | 0.46 | 0.17 | strong dose=1-15
allspice | Allspice | 8.5 6.1 8.7 50.5 21.6 4.7 | 0.4 | 0.2 | strong dose=0.5-3 piece=0.1
thyme-dried | Thyme, dried | 7.8 9.1 7.4 26.9 37 11.7 | 0.2 | 0.14 | strong dose=0.5-3
juniper | Juniper berries | 20 4 12 40 20 4 | 0.4 | 0 | piece=0.3 strong dose=0.5-4
syrup | Golden syrup | 19 0.3 0 80 0 0.7 | 1.42 | 0.7 | sugar=79 moist=syrup
jam | Jam | 30.5 0.4 0.1 67.5 1.1 0.3 | 1.3 | 0.08 | sugar=65 moist=jam
chocolate | Dark chocolate | 1.4 7.8 42.6 35 10.9 2.3 | 0.65 | 0.05 | allergens=milk+soya sugar=35 moist=melting
white-pepper | White pepper | 11.4 10.4 2.1 48.5 26.2 1.6 | 0.48 | 0.01 | strong dose=0.5-3
cardamom | Cardamom | 8.3 10.8 6.7 40.5 28 5.8 | 0.4 | 0.05 | strong dose=0.3-2
cinnamon | Cinnamon | 10.6 4 1.2 27.5 53.1 3.6 | 0.52 | 0.03 | strong dose=0.5-4 sweet
cloves | Cloves, ground | 9.9 6 13 31.6 33.9 5.6 | 0.43 | 0.7 | strong dose=0.2-1 piece=0.08
star-anise | Star anise | 9.5 17.6 15.9 35.4 14.6 7 | 0.4 | 0.04 | strong dose=0.3-2 piece=1.5
turmeric | Turmeric | 12.9 9.7 3.3 44.4 22.7 7.1 | 0.62 | 0.07 | strong dose=0.5-3
ginger-ground | Ginger, ground | 9.9 9 4.2 57.5 14.1 5.2 | 0.36 | 0.07 | strong dose=0.5-4
saffron | Saffron | 11.9 11.4 5.9 61.5 3.9 5.4 | 0.14 | 0.38 | strong dose=0.02-0.3
mace | Mace | 8.2 6.7 32.4 30.3 20.2 2.2 | 0.36 | 0.2 | strong dose=0.3-2
mixed-herbs | Mixed dried herbs | 8.5 10 6 28 37 10 | 0.2 | 0.2 | strong dose=0.5-4
bicarbonate | Bicarbonate of soda | 0.2 0 0 0 0 99 | 0.92 | 69 | dose=2-5 leavener
baking-powder | Baking powder | 5 0 0 27 0.2 67 | 0.9 | 27 | strong moist=neither
noodle-alkali | Noodle alkali, powder | 1 0 0 0 0 98 | 1 | 60 | dose=2-5 leavener
yeast-fresh | Fresh yeast | 70 12 1.5 8 7 1.5 | 0.9 | 0.1 | strong
yeast-dried | Dried yeast | 5 40 7.6 14 27 6 | 0.65 | 0.13 | strong
vanilla | Vanilla extract | 87 0.1 0.1 12.6 0 0.3 | 0.88 | 0.02 | liquid strong
spice-blend | Savoury spice mixture | 9 12 12 38 22 7 | 0.42 | 0.6 | strong dose=2-30
galangal | Galangal | 78 1.5 1 15 3 1.2 | 0.45 | 0.02 | piece=15 thumb=15 dose=2-20
vanilla-pod | Vanilla pod | 25 4 15 40 13 3 | 0.5 | 0 | piece=3 strong
garlic-salt | Garlic salt | 1 2 0.1 9 1 87 | 1.1 | 85
`,
};
