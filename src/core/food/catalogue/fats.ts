/** Fats. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const FATS: Table = {
  family: 'fat',
  rows: `
butter | Butter, unsalted | 17.5 0.9 81.1 0.1 0 0.1 | 0.95 | 0.03 | allergens=milk stick=113 block=250 pack=250
butter-salted | Butter, salted | 16 0.9 81.1 0.1 0 2 | 0.95 | 1.5 | allergens=milk stick=113
sunflower-oil | Sunflower oil | 0 0 100 0 0 0 | 0.92 | 0
olive-oil | Olive oil | 0 0 100 0 0 0 | 0.91 | 0
sesame-oil | Sesame oil | 0 0 100 0 0 0 | 0.92 | 0 | allergens=sesame dose=3-30
lard | Lard | 0 0 100 0 0 0 | 0.92 | 0 | hazard=cooked-animal
duck-fat | Duck fat | 0.2 0 99.8 0 0 0 | 0.92 | 0 | hazard=cooked-animal
rapeseed-oil | Rapeseed oil | 0 0 100 0 0 0 | 0.92 | 0
ghee | Clarified butter | 0.3 0.3 99.4 0 0 0 | 0.91 | 0 | allergens=milk
coconut-oil | Coconut oil | 0 0 100 0 0 0 | 0.92 | 0
margarine | Margarine | 16.5 0.2 80.5 0.7 0 2 | 0.95 | 1.5
suet | Suet | 4 1.5 94 0 0 0.1 | 0.5 | 0 | hazard=whole-meat
dripping | Beef dripping | 0.5 0 99.5 0 0 0 | 0.91 | 0 | hazard=cooked-animal
groundnut-oil | Groundnut oil | 0 0 100 0 0 0 | 0.92 | 0
corn-oil | Corn oil | 0 0 100 0 0 0 | 0.92 | 0
`,
};
