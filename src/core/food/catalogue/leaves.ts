/** Leaves. Composition: national food tables. Fresh herbs without a table row: house estimate after similar ones. Columns as in `table.ts`. */
import { type Table } from '../table';

export const LEAVES: Table = {
  family: 'leaf',
  rows: `
spinach | Spinach | 91.4 2.9 0.4 1.4 2.2 1.7 | 0.13 | 0.2 | release=wiltingLeaf bunch=250 handful=30 bag=200 piece=2
white-cabbage | White cabbage | 92.2 1.3 0.1 3.3 2.5 0.6 | 0.38 | 0.05 | release=firmLeaf piece=900 head=900
chinese-cabbage | Chinese cabbage | 94.4 1.2 0.2 2 1.2 1 | 0.32 | 0.03 | release=juicyLeaf piece=700 head=700
sauerkraut | Fermented cabbage | 92.5 0.9 0.1 1.4 2.9 2.2 | 0.6 | 1.6 | release=jarred
parsley | Parsley | 87.7 3 0.8 3 3.3 2.2 | 0.16 | 0.14 | release=moist bunch=40 handful=12 sprig=1 tender dose=5-400
dill | Dill | 86 3.5 1.1 4.9 2.1 2.4 | 0.12 | 0.15 | release=moist bunch=25 handful=10 sprig=1 tender dose=5-400
coriander-leaf | Coriander leaf | 92.2 2.1 0.5 0.9 2.8 1.5 | 0.1 | 0.12 | release=moist bunch=40 handful=12 sprig=1 tender dose=5-400
chives | Chives | 90.7 3.3 0.7 1.9 2.5 1 | 0.2 | 0.01 | release=moist bunch=20 tender dose=5-400 handful=8
spinach-frozen | Spinach, frozen | 92 2.8 0.4 1.1 2.2 1.6 | 0.65 | 0.2 | release=frozenLeaf
mustard-greens-pickled | Pickled mustard greens | 89 2 0.3 1.7 2.5 4.8 | 0.65 | 4 | release=jarred
thyme | Thyme, fresh | 65.1 5.6 1.7 10.5 14 3.2 | 0.15 | 0.02 | release=moist sprig=1 bunch=15 dose=1-8
lettuce | Lettuce | 95 1.3 0.2 1.6 1.3 0.6 | 0.2 | 0.03 | release=juicyLeaf piece=350 head=350
herbs-fresh | Mixed soft herbs | 87 3.2 0.8 3.2 3.4 2 | 0.13 | 0.12 | release=moist bunch=40 handful=12 sprig=1 tender dose=5-4000
seaweed-dried | Seaweed, dried | 8 35 3 30 12 11 | 0.1 | 4 | release=driedSponge moist=seaweed
`,
};
