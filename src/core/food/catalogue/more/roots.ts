/** Roots that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_ROOTS: Table = {
  family: 'root',
  rows: `
beetroot | Beetroot | 87.6 1.6 0.2 6.8 2.8 1.1 | 0.55 | 0.2 | release=dicedRoot piece=110
sweet-potato | Sweet potato | 77.3 1.6 0.1 17.1 3 1 | 0.56 | 0.14 | release=potato piece=200
beetroot-cooked | Beetroot, cooked | 87 1.7 0.2 7.2 2.5 1.1 | 0.6 | 0.2 | release=cookedRoot piece=80
potato-new | New potatoes | 81.5 1.7 0.1 14 1.6 1 | 0.65 | 0.02 | release=potato piece=50
cassava | Cassava | 59.7 1.4 0.3 36.3 1.8 0.6 | 0.62 | 0.04 | release=potato piece=400
black-radish | Black radish | 93 1.2 0.1 3 2 0.8 | 0.52 | 0.05 | release=watery piece=250
carrot-baby | Baby carrots | =carrot | piece=12
carrot-frozen | Carrots, frozen | =carrot | release=frozenFirm
potato-roast | Roast potatoes | 66 2.8 4.5 23.5 2.2 1 | 0.6 | 0.1 | release=firm
potato-waxy | Waxy potatoes | =potato-new | piece=120
potato-mash-butter | Mashed potato with butter | 75 1.8 4.2 16 1.6 1.2 | 1 | 0.6 | binder=mashed-potato allergens=milk
potato-chips | Chips, cooked | 55 3.2 9 29 3 1 | 0.45 | 0.3 | release=firm
potato-crisps | Potato crisps | 2 6 33 53 4.5 1.8 | 0.12 | 1.3
hash-browns | Grated potato, fried | 62 2.2 9 23 2 1.3 | 0.6 | 0.8 | release=firm
potato-tinned | Potatoes, tinned | =potato-new | tin=340
potato-purple | Purple potato | =potato | piece=120
taro | Taro | 70.6 1.5 0.2 22 4.1 1.2 | 0.62 | 0.03 | release=potato piece=200
turnip-pickled | Pickled turnip | 91 1 0.1 3 2 3 | 0.65 | 2 | release=firmJar
turnip-baby | Baby turnip | =turnip | piece=45
radish-preserved | Preserved radish | 60 4 0.5 17 5 13 | 0.55 | 11 | release=brined
radish-red | Radishes, red | =white-radish | piece=12 bunch=150
daikon-dried | Dried radish | 15 9 0.7 60 11 6 | 0.25 | 0.6 | release=driedSponge
beetroot-baby | Baby beetroot, cooked | =beetroot-cooked | piece=35
beetroot-vac | Beetroot, vacuum-packed | =beetroot-cooked | pack=250
beetroot-golden | Golden beetroot | =beetroot | piece=110
burdock | Burdock | 80 1.5 0.2 14 3.3 0.9 | 0.55 | 0.01 | release=dicedRoot
jicama | Jicama | =water-chestnuts | release=dicedRoot
jerusalem-artichoke | Jerusalem artichoke | 78 2 0 15.8 1.6 2.5 | 0.6 | 0.01 | release=dicedRoot piece=60
salsify | Salsify | 77 3.3 0.2 15.3 3.3 0.9 | 0.55 | 0.05 | release=dicedRoot piece=80
kohlrabi | Kohlrabi | 91 1.7 0.1 2.6 3.6 1 | 0.55 | 0.05 | release=dicedRoot piece=250
parsley-root | Parsley root | 84 2.9 0.6 6.6 4.3 1.3 | 0.52 | 0.03 | release=dicedRoot piece=80
yam | Yam | 69.6 1.5 0.2 23.8 4.1 0.8 | 0.6 | 0.02 | release=potato piece=400
turnip | Turnip | 91.9 0.9 0.1 4.6 1.8 0.7 | 0.55 | 0.17 | release=dicedRoot piece=120
white-radish | White radish | 94.6 0.6 0.1 2.5 1.6 0.6 | 0.5 | 0.05 | release=watery piece=350
parsnip | Parsnip | 79.5 1.2 0.3 13.1 4.9 1 | 0.52 | 0.03 | release=dicedRoot piece=120
`,
};
