/** Liquids. Composition: national food tables. Alcohol is counted with water, acid with carbohydrate. Columns as in `table.ts`. */
import { type Table } from '../table';

export const LIQUIDS: Table = {
  family: 'liquid',
  rows: `
water | Water | 100 0 0 0 0 0 | 1 | 0 | liquid |
stock | Stock, unsalted | 96.5 1.8 0.4 0.9 0 0.4 | 1 | 0.1 | liquid | broth, bouillon, chicken stock, vegetable stock
red-wine | Red wine | 97 0.1 0 2.6 0 0.3 | 0.99 | 0 | allergens=sulphites liquid | wine
vinegar | Vinegar | 94 0 0 5.8 0 0.2 | 1.01 | 0 | liquid | cider vinegar, wine vinegar
lemon-juice | Lemon juice | 92.3 0.4 0.2 6.6 0.3 0.2 | 1.02 | 0 | liquid piece=40 | juice of a lemon
stock-salted | Stock, salted | 96 1.2 0.4 0.9 0 1.2 | 1 | 0.8 | liquid | salted stock
stock-gelled | Gelled stock | 93 5.2 0.6 0.5 0 0.7 | 1 | 0.2 | liquid | stock jelly, aspic
white-wine | White wine | 97 0.1 0 2.6 0 0.3 | 0.99 | 0 | liquid allergens=sulphites |
rice-wine | Rice wine | 94 0.4 0 5.2 0 0.2 | 0.99 | 0.1 | liquid | cooking wine, shaoxing wine
sweet-rice-wine | Sweet rice wine | 62 0.2 0 37.5 0 0.2 | 1.16 | 0.05 | liquid | mirin
sherry | Sherry | 95 0.2 0 4.5 0 0.3 | 1 | 0.02 | liquid allergens=sulphites | dry sherry
beer | Beer | 96 0.5 0 3.3 0 0.2 | 1.01 | 0.01 | liquid allergens=gluten | ale, stout
cider | Cider | 95.5 0 0 4.2 0 0.3 | 1.01 | 0.01 | liquid allergens=sulphites |
rice-vinegar | Rice vinegar | 94 0.2 0 5.6 0 0.2 | 1.01 | 0.02 | liquid |
balsamic-vinegar | Balsamic vinegar | 76.5 0.5 0 22.4 0 0.6 | 1.08 | 0.06 | liquid allergens=sulphites |
lime-juice | Lime juice | 90.8 0.4 0.1 8 0.4 0.3 | 1.02 | 0 | liquid piece=25 | juice of a lime
orange-juice | Orange juice | 88.3 0.7 0.2 10.2 0.2 0.4 | 1.04 | 0 | liquid piece=70 |
apple-juice | Apple juice | 88.2 0.1 0.1 11.1 0.2 0.2 | 1.04 | 0.01 | liquid |
coconut-milk | Coconut milk | 73 2 21.3 2 1 0.7 | 0.97 | 0.04 | liquid tin=400 |
soya-milk | Soya milk | 91 3.3 1.8 2.8 0.5 0.6 | 1.02 | 0.1 | liquid allergens=soya | soy milk
`,
};
