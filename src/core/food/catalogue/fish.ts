/** Fish. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const FISH: Table = {
  family: 'fish',
  rows: `
cod | Cod | 81.2 17.5 0.7 0 0 1.1 | 0.95 | 0.2 | release=fish hazard=fish allergens=fish fillet=180 piece=180
haddock | Haddock | 82 16.5 0.5 0 0 1.1 | 0.95 | 0.3 | release=fish hazard=fish allergens=fish fillet=180 piece=180
haddock-smoked | Smoked haddock | 72.6 23 0.9 0 0 3.5 | 0.9 | 2.5 | release=fish hazard=fish allergens=fish piece=170
salmon | Salmon | 64.9 20.4 13.4 0 0 1.1 | 0.95 | 0.15 | release=oilyFish hazard=fish allergens=fish fillet=150 piece=150
prawns | Prawns, raw | 78.6 19.6 0.5 0.2 0 1.4 | 0.95 | 0.4 | release=shellfish hazard=shellfish allergens=crustaceans piece=12
mackerel | Mackerel | 65 18.7 14.5 0 0 1.4 | 0.95 | 0.23 | release=oilyFish hazard=fish allergens=fish piece=250
salmon-smoked | Smoked salmon | 71 19 4.8 0 0 4.6 | 0.9 | 3.5 | release=firm hazard=cured allergens=fish
mackerel-smoked | Smoked mackerel | 51 19 26 0 0 3.5 | 0.85 | 2.2 | release=firm hazard=cooked-animal allergens=fish piece=80
prawns-cooked | Prawns, cooked | 76.5 20.5 0.6 0.2 0 2 | 0.7 | 1.2 | release=firm hazard=cooked-animal allergens=crustaceans tin=100
white-fish | White fish fillet | 81 17.5 0.8 0 0 1.1 | 0.95 | 0.2 | release=fish hazard=fish allergens=fish fillet=160 piece=160
white-fish-cooked | White fish, cooked | 75.5 22.5 0.9 0 0 1.2 | 0.75 | 0.25 | release=cookedFish hazard=cooked-animal allergens=fish
salmon-cooked | Salmon, cooked | 62 23.5 13.2 0 0 1.3 | 0.75 | 0.2 | release=cookedFish hazard=cooked-animal allergens=fish
trout-smoked | Smoked trout | 68 22 7 0 0 3.2 | 0.8 | 2.2 | release=firm hazard=cooked-animal allergens=fish piece=80
`,
};
