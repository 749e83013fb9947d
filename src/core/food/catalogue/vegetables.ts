/** Vegetables. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const VEGETABLES: Table = {
  family: 'vegetable',
  rows: `
courgette | Courgette | 94.8 1.2 0.3 2.1 1 0.6 | 0.5 | 0.02 | release=watery piece=200
pumpkin | Pumpkin | 91.6 1 0.1 6 0.5 0.8 | 0.5 | 0 | release=squash piece=2000
butternut | Butternut squash | 86.4 1 0.1 9.7 2 0.8 | 0.55 | 0.01 | release=squash piece=900
sweet-pepper | Sweet pepper | 92.2 1 0.3 3.9 2.1 0.5 | 0.62 | 0 | release=fleshy piece=160
tomato | Tomato | 94.5 0.9 0.2 2.7 1.2 0.5 | 0.75 | 0 | release=pulpy piece=100
celery | Celery | 95.4 0.7 0.2 1.4 1.6 0.8 | 0.42 | 0.2 | release=crisp allergens=celery piece=40 stalk=40 stick=40
peas | Peas | 78.9 5.4 0.4 8.8 5.7 0.9 | 0.61 | 0.01
aubergine | Aubergine | 92.3 1 0.2 2.9 3 0.7 | 0.4 | 0.01 | release=aubergine piece=300
bean-sprouts | Bean sprouts | 90.4 3 0.2 4.1 1.8 0.4 | 0.44 | 0.02 | release=juicyLeaf handful=50 bag=300
chilli-fresh | Chilli, fresh | 88 1.9 0.4 7.3 1.5 0.9 | 0.5 | 0.02 | release=fleshy piece=15 dose=2-25
pepper-roasted | Roasted peppers, jar | 91.5 1 0.3 4.2 1.5 1.5 | 0.8 | 0.9 | release=jarred piece=90
tomatoes-tinned | Tomatoes, tinned | 93.5 1.2 0.2 3.2 1 0.9 | 1 | 0.1 | release=sieved tin=400
passata | Passata | 91 1.6 0.2 5 1.3 0.9 | 1.03 | 0.2 | release=passata
gherkins | Gherkins | 93 0.6 0.2 2.2 1.1 2.9 | 0.65 | 2 | release=firmJar piece=50
peas-frozen | Peas, frozen | 79.5 5.2 0.4 8.5 5.5 0.9 | 0.58 | 0.15 | release=frozenFirm
vegetables-frozen | Mixed vegetables, frozen | 82 3.3 0.5 9.5 4 0.7 | 0.58 | 0.1 | release=frozenFirm
pumpkin-tinned | Pumpkin purée, tinned | 90 1.1 0.3 5.2 2.9 0.7 | 1.02 | 0.01 | release=squash tin=400
chilli-pickled | Pickled chillies | 91 1 0.5 3 2 2.5 | 0.6 | 2 | release=firmJar dose=3-60 piece=5
bamboo-shoots | Bamboo shoots, tinned | 94 1.7 0.4 1.8 1.4 0.7 | 0.6 | 0.02 | release=firmJar tin=140
`,
};
