/** Liquids. Composition: national food tables. Alcohol is counted with water, acid with carbohydrate. Columns as in `table.ts`. */
import { type Table } from '../table';

export const LIQUIDS: Table = {
  family: 'liquid',
  rows: `
water | Water | 100 0 0 0 0 0 | 1 | 0 | liquid release=liquid
stock | Stock, unsalted | 96.5 1.8 0.4 0.9 0 0.4 | 1 | 0.1 | liquid release=liquid hazard=cooked-animal
vinegar | Vinegar | 94 0 0 5.8 0 0.2 | 1.01 | 0 | liquid dose=3-60
lemon-juice | Lemon juice | 92.3 0.4 0.2 6.6 0.3 0.2 | 1.02 | 0 | liquid piece=40 dose=3-60
stock-gelled | Gelled stock | 93 5.2 0.6 0.5 0 0.7 | 1 | 0.2 | liquid hazard=cooked-animal
white-wine | White wine | 97 0.1 0 2.6 0 0.3 | 0.99 | 0 | liquid allergens=sulphites release=liquid
lime-juice | Lime juice | 90.8 0.4 0.1 8 0.4 0.3 | 1.02 | 0 | liquid piece=25 dose=3-60
vegetable-stock | Vegetable stock, unsalted | 98 0.4 0.1 1 0 0.4 | 1 | 0.1 | liquid release=liquid
chicken-stock | Chicken stock, unsalted | 96.5 1.8 0.4 0.9 0 0.4 | 1 | 0.1 | liquid release=liquid hazard=cooked-animal
beef-stock | Beef stock, unsalted | 96.5 1.9 0.3 0.8 0 0.5 | 1 | 0.1 | liquid release=liquid hazard=cooked-animal
fish-stock | Fish stock | 97 1.6 0.4 0.5 0 0.5 | 1 | 0.2 | liquid release=liquid allergens=fish hazard=cooked-animal
gravy | Gravy, thick | 86 2.5 3 6.5 0.2 1.5 | 1.04 | 0.9 | release=sauce hazard=cooked-animal allergens=gluten
spirit | Brandy or rum | 99.5 0 0 0.4 0 0 | 0.95 | 0 | liquid release=liquid
fruit-juice | Fruit juice | 87.5 0.3 0.1 11.5 0.2 0.3 | 1.04 | 0.01 | liquid release=liquid sugar=11
`,
};
