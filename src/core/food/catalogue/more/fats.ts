/** Fats that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_FATS: Table = {
  family: 'fat',
  rows: `
butter-spreadable | Spreadable butter | 33 0.6 64 0.6 0 1.5 | 0.95 | 1 | allergens=milk
butter-vegan | Plant-based butter | 20 0.3 78 0.5 0 1.2 | 0.95 | 0.9
vegetable-shortening | Vegetable shortening | 0 0 100 0 0 0 | 0.88 | 0
suet-vegetable | Vegetable suet | 1 1 86 12 0 0.2 | 0.6 | 0 | allergens=gluten
soya-oil | Soya oil | =corn-oil | allergens=soya
truffle-oil | Truffle oil | =olive-oil | dose=1-10
garlic-oil | Garlic oil | =olive-oil | dose=3-40
lemon-oil | Lemon oil | =olive-oil | dose=1-20
chicken-fat | Chicken fat | 0.2 0 99.8 0 0 0 | 0.92 | 0 | hazard=cooked-animal
walnut-oil | Walnut oil | 0 0 100 0 0 0 | 0.92 | 0 | allergens=nuts
mustard-oil | Mustard oil | 0 0 100 0 0 0 | 0.92 | 0 | allergens=mustard
bacon-fat | Bacon fat | 1 0.5 97.5 0 0 1 | 0.92 | 1 | hazard=cooked-animal
garlic-butter | Garlic butter | 17 1.2 78 2 0.3 1.7 | 0.95 | 1.2 | allergens=milk
chilli-oil | Chilli oil | 0.5 0.3 98.5 0.3 0.3 0.1 | 0.92 | 0.1 | dose=2-20
`,
};
