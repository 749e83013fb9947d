/** Pulses that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_PULSES: Table = {
  family: 'pulse',
  rows: `
chickpeas-cooked | Chickpeas, cooked | 60.2 8.9 2.6 19.8 7.6 0.9 | 0.68 | 0 | release=tinned tin=240
lentils | Lentils, dry | 9 24 1.5 49 13 2.7 | 0.85 | 0.02 | release=driedPulse
chickpeas | Chickpeas, dry | 8 20.5 6 50.5 12.2 2.8 | 0.8 | 0.06 | release=driedPulse
tofu-soft | Soft tofu | 84 8 4.5 2 0.3 0.8 | 1 | 0.02 | release=pressable allergens=soya block=350 pack=350
tofu-extra-firm | Extra-firm tofu | 70 16 9 2 1.5 1.2 | 0.95 | 0.03 | release=firm allergens=soya block=280 pack=280
tofu-marinated | Marinated tofu | 62 17 13 4 1.5 2.3 | 0.9 | 1.4 | release=firm allergens=soya pack=160
tofu-fermented | Fermented bean curd | 60 12 10 5 0.5 10 | 1.05 | 8.5 | allergens=soya piece=10
soya-mince-ready | Plant mince | 66 16 6 4 5 2 | 0.9 | 1 | release=firm allergens=soya+gluten
plant-sausage | Vegetarian sausage | 58 16 9 10 4 2.2 | 0.9 | 1.5 | release=firm allergens=soya+gluten piece=50
soybeans | Soya beans, cooked | 63 16.6 9 4 6 1.9 | 0.75 | 0 | release=tinned allergens=soya tin=240
natto | Natto | 55 19 11 7 5.4 1.9 | 0.9 | 0.02 | allergens=soya pack=45
lentils-pouch | Lentils, ready-cooked | =lentils-cooked | pack=250
chickpeas-roasted | Chickpeas, roasted | 5 21 6 55 11 3 | 0.6 | 0.8
black-eyed-beans | Black-eyed beans | =pinto-beans | tin=240
baked-beans | Baked beans in sauce | 72 5 0.5 16 4.5 1.6 | 1.05 | 0.9 | release=sauce tin=415
borlotti | Borlotti beans | =pinto-beans | tin=240
gigantes | Giant white beans | =butter-beans | tin=240
lupin | Lupin beans, in brine | 71 16 3 7 2.8 2 | 0.75 | 1.5 | release=brined
mixed-beans | Mixed beans, tinned | =pinto-beans | tin=240
black-sesame-paste-sweet | Sweet black sesame paste | 18 8 25 44 4 2 | 1.2 | 0.05 | allergens=sesame sugar=36 moist=nutPaste
falafel | Falafel, cooked | 40 13 18 22 6 3 | 0.7 | 1.2 | release=firm allergens=sesame piece=25
okara | Soya pulp | 80 4 2 3 10 0.9 | 0.8 | 0 | release=pressable allergens=soya
peanut-boiled | Peanuts, boiled | 42 14 22 12 8.5 1.5 | 0.65 | 1 | allergens=peanut
tempeh | Tempeh | 59.7 20.3 10.8 3 4.6 1.6 | 0.7 | 0.02 | allergens=soya
pinto-beans | Pinto beans, cooked | 63 9 0.7 17.2 9 1.2 | 0.75 | 0.01 | release=tinned tin=240
bean-curd-sheets | Bean curd sheets | 12 47 24 13 1 3.2 | 0.4 | 0.05 | release=driedSponge allergens=soya
tofu-smoked | Smoked tofu | 67 16.5 9.3 2 2 1.9 | 0.95 | 1.2 | release=firm allergens=soya
tofu-silken | Silken tofu | 88.7 5.5 3 1.8 0.2 0.7 | 1 | 0.03 | release=pressable allergens=soya
mung-beans | Mung beans, cooked | 72.7 7 0.4 11.5 7.6 0.8 | 0.85 | 0.01 | release=tinned
butter-beans | Butter beans, cooked | 70 7.8 0.4 14 7 1.1 | 0.75 | 0.02 | release=tinned tin=240
adzuki-cooked | Adzuki beans, cooked | 66.3 7.5 0.1 17.5 7.3 1.3 | 0.8 | 0.02 | release=tinned
split-peas | Split peas, cooked | 69.5 8.3 0.4 12.8 8.3 0.7 | 0.85 | 0.01 | release=tinned
split-peas-dry | Split peas, dry | 9 24 1.2 47 16 2.7 | 0.85 | 0.04 | release=driedPulse
mung-beans-dry | Mung beans, dry | 9 24 1.2 46 16 3.5 | 0.85 | 0.04 | release=driedPulse
refried-beans | Refried beans | 75 5 2 11.5 4.7 1.8 | 1.02 | 0.9 | tin=430 moist=soft
hummus | Chickpea purée | 65 7.5 15 6 5 1.7 | 1.02 | 1 | allergens=sesame moist=soft
tofu-fried | Fried tofu | 50 19 26 2.5 1 1.5 | 0.6 | 0.04 | release=firm allergens=soya piece=20
black-beans | Black beans, cooked | 65.7 8.9 0.5 15 8.7 1.2 | 0.75 | 0.01 | release=tinned tin=240
kidney-beans | Kidney beans, cooked | 66.9 8.7 0.5 15.4 7.4 1.1 | 0.75 | 0.01 | release=tinned tin=240
lentils-red | Red lentils, dry | 8 24 2 52 11 2.5 | 0.85 | 0.02 | release=driedPulse
red-bean-paste | Sweet red bean paste | 40 6 0.6 48 4.5 0.6 | 1.2 | 0.1 | sugar=40 moist=soft
`,
};
