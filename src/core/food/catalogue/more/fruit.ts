/** Fruit that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_FRUIT: Table = {
  family: 'fruit',
  rows: `
chestnuts | Chestnuts, cooked | 68.2 2.2 1.4 24 3.5 0.7 | 0.6 | 0.02 | piece=9 moist=driedFruit
dates | Dates | 21 2.4 0.4 67 7.8 1.7 | 0.65 | 0.01 | piece=8 sugar=63 release=driedFruit moist=moistDried
blueberries | Blueberries | 84.2 0.7 0.3 12.1 2.4 0.2 | 0.62 | 0 | release=juicyFruit sugar=10 piece=1.2
persimmon | Persimmon | 80.3 0.6 0.2 15 3.6 0.3 | 0.65 | 0 | release=fruit piece=170 sugar=12
barberries | Dried barberries | 15 3 1 70 8 3 | 0.4 | 0.02 | release=driedFruit sugar=40
candied-peel | Candied peel | 20 0.3 0.3 74 4.8 0.4 | 0.7 | 0.1 | sugar=70 moist=neither
ginger-crystallised | Crystallised ginger | 16 0.3 0.2 82 1 0.3 | 0.75 | 0.1 | sugar=78 moist=neither
apple-eating | Eating apple | =apple | piece=150
apple-tart | Tart eating apple | =apple | piece=160
apple-pie-filling | Apple pie filling, tinned | 73 0.2 0.1 25.5 1 0.3 | 1.08 | 0.05 | release=sauce sugar=20 tin=385
apple-crab | Crab apple | =apple | piece=25
apricots-tinned | Apricots, tinned | =peaches-tinned | tin=240
cherry-glace | Glacé cherries | 23 0.4 0.1 75 1 0.3 | 0.75 | 0.05 | piece=5 sugar=66
cherry-pie-filling | Cherry pie filling, tinned | =apple-pie-filling | tin=400
damson | Damsons | =plum | piece=15
dates-medjool | Large soft dates | =dates | piece=22
dates-paste | Date paste | 25 2.3 0.4 64 7 1.6 | 1.2 | 0.01 | sugar=60 moist=jam
dates-block | Dates, pressed block | =dates | block=250
elderberries | Elderberries | 80 0.7 0.5 11.5 7 0.6 | 0.6 | 0 | release=juicyFruit sugar=7
fruit-cocktail | Fruit cocktail, tinned | =peaches-tinned | tin=250
grapefruit | Grapefruit | =orange | piece=230
grapes-seedless | Grapes, seedless | =grapes | piece=5 bunch=400
guava | Guava | 81 2.5 1 9 5.4 1.4 | 0.65 | 0 | release=fruit piece=90 sugar=9
kiwi | Kiwi fruit | 83.9 1.1 0.5 11.7 3 0.7 | 0.65 | 0 | release=juicyFruit piece=75 sugar=9
kumquat | Kumquat | =orange | piece=15
lemon-peel | Lemon peel | =lemon-zest | piece=15 strip=2
lime-zest | Lime zest | =lemon-zest | piece=3 dose=1-8
loquat | Loquat | =apricot | piece=25
lychee | Lychee | =grapes | piece=15
mango-green | Green mango | =apple | piece=250
mango-pulp | Mango pulp, tinned | 80 0.5 0.2 18 1 0.3 | 1.05 | 0.01 | release=sauce sugar=16 tin=850
melon | Melon | 90 0.8 0.2 7.7 0.9 0.6 | 0.65 | 0.02 | release=juicyFruit piece=900 sugar=8
mincemeat | Fruit mincemeat | 25 0.6 6 65 2.5 0.9 | 1.2 | 0.1 | allergens=sulphites sugar=58 tin=410 moist=jam
nectarine | Nectarine | =peach | piece=130
orange-peel-strip | Orange peel | =orange-zest | strip=3 piece=20
papaya | Papaya | =melon | piece=400
passion-fruit | Passion fruit | 73 2.2 0.7 13 10.4 0.8 | 1 | 0.05 | piece=20 sugar=11
pear-tinned | Pears, tinned | =peaches-tinned | tin=240
pear-asian | Asian pear | =pear | piece=250
pineapple-tinned | Pineapple, tinned | =peaches-tinned | tin=260 ring=40 slice=40
plum-sour-green | Green plum | =plum | piece=15
rhubarb-stalk | Rhubarb stalks | =rhubarb | stick=70 stalk=70 piece=70
tangerine | Tangerine | =orange | piece=75
tamarillo | Tamarillo | =tomato | piece=60
pomegranate-whole | Pomegranate | =pomegranate | piece=150
pomegranate-molasses | Pomegranate syrup | 28 0.6 0.2 69 0 1.5 | 1.3 | 0.1 | sugar=60 moist=syrup
quince | Quince | 83.8 0.4 0.1 13.4 1.9 0.4 | 0.55 | 0.01 | release=fruit piece=250 sugar=9
pineapple | Pineapple | 86 0.5 0.1 11.7 1.4 0.2 | 0.68 | 0 | release=fruit sugar=10 piece=900 slice=80 ring=80
pomegranate | Pomegranate seeds | 77.9 1.7 1.2 14.7 4 0.5 | 0.6 | 0.01 | release=juicyFruit sugar=13 piece=150
gooseberries | Gooseberries | 87.9 0.9 0.6 5.9 4.3 0.5 | 0.6 | 0 | release=juicyFruit sugar=6 piece=4
redcurrants | Redcurrants | 84 1.4 0.2 9.5 4.3 0.6 | 0.55 | 0 | release=juicyFruit sugar=7
grapes | Grapes | 80.5 0.7 0.2 17 0.9 0.5 | 0.62 | 0.01 | release=juicyFruit piece=5 sugar=16
figs | Figs, fresh | 79.1 0.8 0.3 16.3 2.9 0.7 | 0.6 | 0 | release=fruit piece=50 sugar=16
cranberry-sauce | Cranberry sauce | 58 0.3 0.1 40 1.2 0.2 | 1.15 | 0.03 | sugar=36 moist=jam
fruit-butter | Plum butter | 40 1.2 0.2 55 3 0.6 | 1.25 | 0.02 | sugar=50 moist=jam
lemon-curd | Lemon curd | 30 3 10 56 0.2 0.5 | 1.2 | 0.15 | allergens=egg+milk sugar=45 hazard=cooked-animal moist=jam
lemon-preserved | Preserved lemon | 72 1 0.3 6 4 16 | 0.9 | 14 | release=brined piece=40 dose=3-60
figs-dried | Dried figs | 30 3.3 0.9 54 9.8 1.9 | 0.6 | 0.03 | release=driedFruit piece=10 sugar=48
mango | Mango | 83.5 0.8 0.4 13.4 1.6 0.4 | 0.68 | 0 | release=fruit piece=250 sugar=13
apricots-dried | Dried apricots | 30.9 3.4 0.5 55.3 7.3 2.6 | 0.55 | 0.03 | release=driedFruit allergens=sulphites sugar=53 piece=7
blackberries | Blackberries | 88.2 1.4 0.5 4.3 5.3 0.4 | 0.6 | 0 | release=juicyFruit sugar=5 piece=5
strawberries | Strawberries | 91 0.7 0.3 5.7 2 0.4 | 0.62 | 0 | release=juicyFruit sugar=5 piece=12
cranberries | Cranberries | 87.3 0.5 0.1 8.4 3.6 0.1 | 0.42 | 0 | release=juicyFruit sugar=4 piece=1
banana | Banana | 74.9 1.1 0.3 20.2 2.6 0.8 | 0.65 | 0 | piece=110 sugar=13 moist=soft
peach | Peach | 88.9 0.9 0.3 7.9 1.5 0.4 | 0.65 | 0 | release=juicyFruit piece=130 sugar=8
orange | Orange, flesh | 86.8 0.9 0.1 9.4 2.4 0.4 | 0.68 | 0 | release=juicyFruit piece=130 sugar=9
apple-dried | Dried apple | 31.8 0.9 0.3 57.2 8.7 1.1 | 0.35 | 0.2 | release=driedFruit allergens=sulphites sugar=57
currants | Currants | 17 4 0.3 70 6.5 2.1 | 0.6 | 0.02 | sugar=63 release=driedFruit
apple-sauce | Apple sauce | 84 0.2 0.1 14 1.4 0.2 | 1.05 | 0.01 | sugar=13 release=sauce
`,
};
