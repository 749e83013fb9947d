/** Leaves that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_LEAVES: Table = {
  family: 'leaf',
  rows: `
mint | Mint | 81.5 3.6 0.9 5.5 6.8 1.7 | 0.12 | 0.08 | release=moist bunch=30 handful=10 sprig=1 tender dose=5-400 leaf=0.3
sage | Sage, fresh | 78 3.5 2.5 6.5 8 1.8 | 0.12 | 0.01 | release=moist dose=2-10 leaf=0.4 piece=0.4 bunch=15 sprig=1.5
basil | Basil | 92.1 3.2 0.6 1 1.6 1.5 | 0.1 | 0.01 | release=moist bunch=30 handful=10 tender dose=5-400 leaf=0.5 sprig=1
garlic-chives | Garlic chives | 90.5 2.6 0.5 3 2.4 0.9 | 0.22 | 0.01 | release=moist bunch=100 dose=20-500 piece=3
oregano-fresh | Oregano, fresh | 78 4 1.5 7 7.5 2 | 0.12 | 0.02 | release=moist sprig=1 bunch=15
rosemary | Rosemary, fresh | 67.8 3.3 5.9 6.6 14.1 2.4 | 0.15 | 0.07 | release=moist sprig=2 dose=1-6 bunch=20
pak-choi | Pak choi | 95.3 1.5 0.2 1.2 1 0.8 | 0.3 | 0.17 | release=juicyLeaf piece=150
red-cabbage | Red cabbage | 90.4 1.4 0.2 5.3 2.1 0.6 | 0.38 | 0.07 | release=firmLeaf piece=900 head=900
water-spinach | Water spinach | 92.5 2.6 0.2 1 2.1 1.6 | 0.13 | 0.28 | release=wiltingLeaf
kale-frozen | Kale, frozen | 90 3 1 1.5 3.2 1.3 | 0.5 | 0.1 | release=frozenLeaf
lime-leaf | Lime leaves | 70 4 1 15 8 2 | 0.12 | 0 | piece=0.5 dose=0.5-5
spinach-tinned | Spinach, tinned | 92 2.8 0.5 1.3 2.2 1.2 | 0.9 | 0.5 | release=jarred tin=230
spinach-chopped-frozen | Chopped spinach, frozen | =spinach-frozen | piece=45 cube=45
lambs-lettuce | Lamb's lettuce | =watercress | bag=80 handful=15
pea-shoots | Pea shoots | =watercress | bag=80 handful=15
beet-leaves | Beetroot leaves | =beet-greens | bunch=150
radish-leaves | Radish leaves | =bitter-greens | bunch=80
dandelion | Dandelion leaves | =bitter-greens | handful=20
wild-leaves | Wild leaves, mixed | =bitter-greens | handful=20
cavolo-nero | Black kale | =kale | bunch=200
kale-baby | Baby kale | =kale | bag=150
collards | Collards | =spring-greens | bunch=250
cabbage-pointed | Pointed cabbage | =savoy-cabbage | piece=600 head=600
cabbage-flat | Flat cabbage | =white-cabbage | piece=1200
pak-choi-baby | Baby pak choi | =pak-choi | piece=100 head=100
choy-sum | Choy sum | =pak-choi | bunch=250
chinese-broccoli | Chinese broccoli | =spring-greens | bunch=250
mizuna | Mizuna | =rocket | bag=80
mustard-greens | Mustard greens | =bitter-greens | bunch=250
sauerkraut-jar | Sauerkraut, from a jar | =sauerkraut | tin=500
preserved-mustard-stem | Preserved mustard stem | 77 2.5 0.3 6 3 11 | 0.6 | 9 | release=brined
preserved-mustard-dried | Dried preserved mustard | 25 13 1.5 30 14 16 | 0.3 | 12 | release=driedSponge
vine-leaves | Vine leaves, in brine | 78 4 1 5 7 5 | 0.4 | 4 | release=brined piece=4
banana-leaf | Banana leaf | 80 3 1 10 5 1 | 0.2 | 0
romaine | Romaine | =lettuce | piece=350 head=350
iceberg | Iceberg lettuce | =lettuce | piece=500 head=500
little-gem | Little gem | =lettuce | piece=120 head=120
salad-leaves | Mixed salad leaves | =lettuce | bag=100 handful=20
endive-white | White chicory | =chicory | piece=130 head=130
escarole | Escarole | =chicory | piece=300 head=300
microgreens | Cress | =watercress | punnet=30
coriander-root | Coriander roots | =coriander-leaf | piece=3
thai-basil | Thai basil | =basil | bunch=30 handful=10 leaf=0.5
savory-fresh | Savory, fresh | =oregano-fresh | sprig=1
fennel-fronds | Fennel fronds | =dill | handful=10
carrot-tops | Carrot tops | =parsley | bunch=80
shiso | Shiso | =mint | leaf=0.7 piece=0.7
epazote | Epazote | =oregano-fresh | sprig=1
vietnamese-coriander | Vietnamese coriander | =coriander-leaf | bunch=30
fenugreek-fresh | Fenugreek leaves, fresh | =spinach | bunch=100
pandan | Pandan leaf | =lime-leaf | piece=3
nori-sheets | Nori sheets | =seaweed-dried | sheet=2.5 piece=2.5
kelp-dried | Dried kelp | 10 6 1 45 8 30 | 0.2 | 8 | piece=5 moist=seaweed
seaweed-fresh | Seaweed, fresh | 86 2 0.5 4 2 5 | 0.5 | 2.5 | release=brined
beet-greens | Beet greens | 91 2.2 0.1 0.6 3.7 2.3 | 0.15 | 0.57 | release=wiltingLeaf
sorrel | Sorrel | 93 2 0.7 0.3 2.9 1.1 | 0.13 | 0.01 | release=wiltingLeaf bunch=80 handful=15
watercress | Watercress | 95.1 2.3 0.1 0.8 0.5 1.2 | 0.14 | 0.1 | release=wiltingLeaf
chervil | Chervil | 87 3.5 0.8 4.5 2.4 1.8 | 0.12 | 0.03 | release=moist tender sprig=1 bunch=20 handful=8
marjoram-fresh | Marjoram, fresh | 80 3.5 1.3 6.5 6.7 2 | 0.12 | 0.02 | release=moist sprig=1 bunch=15
lovage | Lovage | 87 3.5 0.5 4 3 2 | 0.12 | 0.05 | release=moist allergens=celery dose=3-15 sprig=2 handful=8
bitter-greens | Bitter greens | 92.5 2 0.3 1.5 2.8 1 | 0.12 | 0.1 | release=wiltingLeaf bunch=250 handful=30
chicory | Chicory | 94 1.2 0.2 2 1.9 0.7 | 0.35 | 0.02 | release=juicyLeaf piece=130 head=130
radicchio | Radicchio | 93.1 1.4 0.3 3.6 0.9 0.7 | 0.17 | 0.06 | release=juicyLeaf piece=250 head=250
celery-leaf | Celery leaves | 88 3 0.6 3.5 3.2 1.7 | 0.14 | 0.25 | release=moist allergens=celery tender
curry-leaf | Curry leaves | 66.3 6.1 1 16 6.4 4 | 0.12 | 0.05 | dose=1-8 sprig=1 piece=0.2
cabbage-pickled-whole | Pickled cabbage leaves | 91 1.2 0.2 3 2.2 2.4 | 0.5 | 1.8 | release=jarred
nettles | Nettle tops | 87.7 2.7 0.1 0.6 6.9 2 | 0.12 | 0 | release=wiltingLeaf handful=15 bag=150
wild-garlic | Wild garlic | 89 2.7 0.5 3.8 2.5 1.3 | 0.12 | 0.02 | release=wiltingLeaf tender dose=5-400
spring-greens | Spring greens | 90 3 0.5 2 3.6 1 | 0.15 | 0.05 | release=firmLeaf handful=30
chard | Chard | 92.7 1.8 0.2 2.1 1.6 1.6 | 0.15 | 0.54 | release=wiltingLeaf bunch=300 handful=30 piece=25
kale | Kale | 89.6 2.9 1.5 0.4 4.1 1.5 | 0.1 | 0.13 | release=wiltingLeaf bunch=200 handful=30 bag=200 piece=15
savoy-cabbage | Savoy cabbage | 91 2 0.1 3 3.1 0.8 | 0.3 | 0.07 | release=firmLeaf piece=900 head=900
rocket | Rocket | 91.7 2.6 0.7 2.1 1.6 1.4 | 0.08 | 0.07 | release=wiltingLeaf piece=3
coleslaw-mix | Shredded cabbage and carrot | 91.5 1.2 0.1 4.2 2.5 0.6 | 0.3 | 0.08 | release=firmLeaf
kimchi | Spicy fermented cabbage | 92.5 1.5 0.5 1.8 1.6 2.3 | 0.65 | 1.7 | release=jarred
tarragon | Tarragon, fresh | 84 4 1 6 3 2 | 0.12 | 0.02 | release=moist sprig=1 bunch=15 tender dose=3-20
brussels-sprouts | Brussels sprouts | 86 3.4 0.3 5.2 3.8 1.4 | 0.4 | 0.06 | release=firmLeaf piece=18
`,
};
