/** Vegetables that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_VEGETABLES: Table = {
  family: 'vegetable',
  rows: `
broccoli | Broccoli | 89.3 2.8 0.4 4 2.6 0.9 | 0.36 | 0.08 | release=dicedRoot piece=400 head=400 floret=20
sweetcorn | Sweetcorn | 76 3.3 1.4 16.7 2 0.6 | 0.65 | 0.04 | tin=260 release=tinned
cucumber | Cucumber | 95.2 0.7 0.1 3.1 0.5 0.4 | 0.55 | 0 | release=watery piece=350
green-beans | Green beans | 90.3 1.8 0.2 4.3 2.7 0.7 | 0.45 | 0.01 | release=dicedRoot piece=6
cauliflower | Cauliflower | 92.1 1.9 0.3 3 2 0.8 | 0.43 | 0.08 | release=dicedRoot piece=700 head=700 floret=20
plantain | Plantain | 65.3 1.3 0.4 29.6 2.3 1.2 | 0.65 | 0.01 | release=dicedRoot piece=180
jackfruit-tinned | Young jackfruit, tinned | 92 1 0.3 2 3.8 1 | 0.7 | 0.6 | release=jarred tin=225
palm-hearts | Palm hearts, tinned | 90.2 2.5 0.6 2.2 2.4 1.8 | 0.65 | 1.1 | release=firmJar tin=220
lotus-root | Lotus root | 79.1 2.6 0.1 12.4 4.9 1 | 0.6 | 0.1 | release=dicedRoot piece=200
tomatillo | Tomatillo | 91.6 1 1 3.9 1.9 0.6 | 0.65 | 0 | release=pulpy piece=35
asparagus-white | White asparagus | =asparagus | piece=40 spear=40 bunch=500
asparagus-jar | Asparagus, from a jar | 94 1.8 0.2 1 1.3 1.2 | 0.75 | 0.8 | release=firmJar tin=200
artichoke-globe | Globe artichoke | =artichoke-hearts | piece=120 salt=0.2
artichoke-oil | Artichokes in oil | 72 2 14 4 5 1.5 | 0.8 | 1 | release=brined
beans-runner-frozen | Runner beans, frozen | =runner-beans | release=frozenFirm
green-beans-frozen | Green beans, frozen | =green-beans | release=frozenFirm
green-beans-tinned | Green beans, tinned | =green-beans | release=firmJar tin=220 salt=0.6
soya-sprouts | Soya bean sprouts | =bean-sprouts | allergens=soya
broccoli-tender | Long-stemmed broccoli | =broccoli | piece=20 stalk=20 bunch=200
romanesco | Romanesco | =cauliflower | piece=600 head=600
celery-heart | Celery heart | =celery | piece=300 head=400 bunch=450
chayote | Chayote | =marrow | piece=250
chilli-birdseye | Bird's eye chilli | =chilli-fresh | piece=1.5 dose=0.5-8
chilli-scotch | Scotch bonnet | =chilli-fresh | piece=10 dose=0.5-6
chilli-mild | Mild green chilli | =sweet-pepper | piece=45
corn-cob | Corn on the cob | =sweetcorn | piece=100 ear=100 cob=100
corn-baby | Baby corn | 91 2.2 0.4 3 2.5 0.6 | 0.6 | 0.02 | release=crisp piece=9 tin=200
courgette-baby | Baby courgette | =courgette | piece=25
courgette-flower | Courgette flowers | =courgette | piece=10
cucumber-sour | Salted cucumber | 93.5 0.7 0.1 2 1 3 | 0.65 | 2.4 | release=jarred piece=60
drumstick | Moringa pods | =okra | piece=40
gourd-bitter | Bitter gourd | =marrow | piece=150
gourd-bottle | Bottle gourd | =marrow | piece=600
gourd-ridge | Ridge gourd | =marrow | piece=200
okra-frozen | Okra, frozen | =okra | piece=10
peas-tinned | Peas, tinned | 80 5 0.5 8.5 5 1 | 0.7 | 0.5 | release=tinned tin=180
peas-mushy | Mushy peas | 77 6 0.5 12 3.5 0.9 | 1.02 | 0.5 | tin=300 moist=soft
peas-sugar-snap | Sugar snaps | =sugar-peas | piece=5
sweet-pepper-mini | Mini sweet peppers | =sweet-pepper | piece=30
sweet-pepper-long | Long sweet pepper | =sweet-pepper | piece=110
sweet-pepper-pickled | Pickled sweet peppers | 90 1 0.3 5 1.5 2.2 | 0.7 | 1.4 | release=firmJar piece=25
pepper-oil | Peppers in oil | 75 1.2 15 5 2 1.8 | 0.85 | 1.2 | release=brined
pimento | Pimento, from a jar | =pepper-roasted | piece=40
squash-frozen | Squash, frozen diced | =butternut | release=frozenFirm
spaghetti-squash | Spaghetti squash | =pumpkin | piece=1000
delicata | Delicata squash | =small-pumpkin | piece=450
patty-pan | Patty pan squash | =courgette | piece=60
tomato-plum | Plum tomato | =tomato | piece=75
tomato-green | Green tomato | =tomato | piece=100
tomatoes-dried-oil | Sun-dried tomatoes in oil | 54 5 14 17.5 5.8 4 | 0.55 | 1.5 | piece=6 tin=180 moist=driedFruit
tomatoes-cherry-tinned | Cherry tomatoes, tinned | =tomatoes-tinned | tin=400
vegetables-mixed-cooked | Vegetables, cooked | 86 2 0.5 7.5 3 0.8 | 0.65 | 0.1 | release=firm
stir-fry-mix | Stir-fry vegetables | =bean-sprouts | bag=300
vegetables-grilled | Vegetables, grilled in oil | 78 1.6 10 6.5 2.5 1.2 | 0.8 | 0.8 | release=brined
avocado | Avocado | 73.2 2 14.7 1.8 6.7 1.6 | 0.6 | 0.02 | piece=140 moist=soft
banana-blossom | Banana blossom, tinned | =palm-hearts | tin=225
water-chestnuts-fresh | Water chestnuts, fresh | =water-chestnuts | piece=12
lotus-root-frozen | Lotus root, sliced | =lotus-root | slice=12
ratatouille | Ratatouille | 86 1.2 4.5 5 2 1 | 1 | 0.6 | release=sauce tin=380
caponata | Aubergine relish | 76 1.3 10 9 3 1.2 | 1 | 0.9 | release=sauce
cornichons | Cornichons | =gherkins | piece=8
water-chestnuts | Water chestnuts, tinned | 86.4 0.9 0.1 9.8 2.5 0.3 | 0.6 | 0.02 | release=dicedRoot tin=140
okra | Okra | 89.6 1.9 0.2 4.3 3.2 0.9 | 0.42 | 0.02 | release=dicedRoot piece=12
artichoke-hearts | Artichoke hearts | 86 2.9 0.3 4.5 5.2 1.2 | 0.7 | 0.6 | release=firmJar piece=35
runner-beans | Runner beans | 91 1.6 0.4 3.2 2.6 0.7 | 0.45 | 0 | release=dicedRoot piece=12
marrow | Marrow | 95.6 0.5 0.2 2.2 0.9 0.5 | 0.5 | 0 | release=watery piece=900
beetroot-pickled | Pickled beetroot | 88 1 0.1 8 1.7 1.2 | 0.65 | 0.7 | release=firmJar piece=30
onions-pickled | Pickled onions | 92 0.9 0.1 4 1.3 1.7 | 0.65 | 1.2 | release=firmJar piece=10
sweetcorn-creamed | Creamed sweetcorn | 78.7 1.7 0.4 17 1.2 1 | 1.02 | 0.6 | tin=400
broad-beans | Broad beans | 73 7.9 0.7 9.2 7.5 1.1 | 0.6 | 0.06
edamame | Edamame | 72.8 11.9 5.2 3.7 5.2 1.2 | 0.63 | 0.02 | allergens=soya
sugar-peas | Sugar peas | 88.9 2.8 0.2 4.9 2.6 0.6 | 0.42 | 0.01 | release=crisp piece=4
small-pumpkin | Hokkaido pumpkin | 86 1.5 0.4 9.5 2 0.8 | 0.55 | 0.01 | release=squash piece=1000
asparagus | Asparagus | 93.2 2.2 0.1 1.8 2.1 0.6 | 0.55 | 0.01 | release=crisp piece=17 spear=17 bunch=250
fennel | Fennel | 90.2 1.2 0.2 4.2 3.1 1.1 | 0.37 | 0.13 | release=crisp piece=230
jalapeno | Jalapeño, fresh | 91.7 0.9 0.4 3.7 2.8 0.5 | 0.5 | 0 | release=fleshy piece=18 dose=2-40
broad-beans-frozen | Broad beans, frozen | 74 7.5 0.6 9.5 7.3 1 | 0.6 | 0.03 | release=frozenFirm
broccoli-frozen | Broccoli, frozen | 90.5 2.8 0.3 2.5 3 0.8 | 0.45 | 0.06 | release=frozenFirm
cherry-tomatoes | Cherry tomatoes | 93.5 1 0.2 3.5 1.2 0.6 | 0.62 | 0.01 | release=pulpy piece=15
sweetcorn-frozen | Sweetcorn, frozen | 76.5 3 1 16.5 2.3 0.6 | 0.62 | 0.01 | release=frozenFirm
tomatoes-dried | Sun-dried tomatoes | 14.6 14.1 3 43.5 12.3 12.5 | 0.23 | 5 | piece=4 moist=driedFruit
`,
};
