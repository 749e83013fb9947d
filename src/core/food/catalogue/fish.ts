/** Fish. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const FISH: Table = {
  family: 'fish',
  rows: `
haddock | Haddock | 82 16.5 0.5 0 0 1.1 | 0.95 | 0.3 | release=fish hazard=fish allergens=fish fillet=180 |
haddock-smoked | Smoked haddock | 72.6 23 0.9 0 0 3.5 | 0.9 | 2.5 | release=fish hazard=fish allergens=fish | smoked fish, finnan haddock
cod | Cod | 81.2 17.5 0.7 0 0 1.1 | 0.95 | 0.2 | release=fish hazard=fish allergens=fish fillet=180 | white fish
salmon | Salmon | 64.9 20.4 13.4 0 0 1.1 | 0.95 | 0.15 | release=fish hazard=fish allergens=fish fillet=150 |
prawns | Prawns, raw | 78.6 19.6 0.5 0.2 0 1.4 | 0.95 | 0.4 | release=fish hazard=shellfish allergens=crustaceans | shrimp, prawn
anchovy | Anchovy, salted | 50 27 9.7 0 0 13 | 1 | 12 | allergens=fish piece=4 fillet=4 tin=50 | anchovies, anchovy fillets
trout | Trout | 71.9 20.5 6.2 0 0 1.2 | 0.95 | 0.13 | release=fish hazard=fish allergens=fish |
pollock | Pollock | 81.5 17 0.8 0 0 1.2 | 0.95 | 0.25 | release=fish hazard=fish allergens=fish | saithe, coley
mackerel | Mackerel | 65 18.7 14.5 0 0 1.4 | 0.95 | 0.23 | release=fish hazard=fish allergens=fish |
herring | Herring | 72 17.9 9 0 0 1.5 | 0.95 | 0.23 | release=fish hazard=fish allergens=fish |
carp | Carp | 76.3 17.2 5.3 0 0 1.3 | 0.95 | 0.12 | release=fish hazard=fish allergens=fish |
tuna-tinned | Tuna, tinned | 73 23.5 1.2 0 0 1.8 | 0.7 | 0.8 | release=firm hazard=cooked-animal allergens=fish tin=110 | canned tuna, tinned tuna
salmon-tinned | Salmon, tinned | 68 22 7 0 0 2.3 | 0.75 | 1 | release=firm hazard=cooked-animal allergens=fish tin=160 | canned salmon, tinned salmon
sardines-tinned | Sardines, tinned | 60 24.6 11.5 0 0 3.4 | 0.85 | 1 | release=firm hazard=cooked-animal allergens=fish tin=90 | canned sardines
salmon-smoked | Smoked salmon | 71 19 4.8 0 0 4.6 | 0.9 | 3.5 | release=firm hazard=fish allergens=fish |
mackerel-smoked | Smoked mackerel | 51 19 26 0 0 3.5 | 0.85 | 2.2 | release=firm hazard=cooked-animal allergens=fish |
prawns-cooked | Prawns, cooked | 76.5 20.5 0.6 0.2 0 2 | 0.7 | 1.2 | release=firm hazard=cooked-animal allergens=crustaceans | cooked prawns, cooked shrimp
crab-cooked | Crab meat | 77.6 18.5 1.1 0.5 0 2 | 0.6 | 1 | release=firm hazard=cooked-animal allergens=crustaceans | crab
squid | Squid | 78.6 15.6 1.4 3.1 0 1.4 | 0.95 | 0.11 | release=fish hazard=shellfish allergens=molluscs |
scallops | Scallops | 82.5 12.1 0.5 3.2 0 1.6 | 0.95 | 0.4 | release=fish hazard=shellfish allergens=molluscs |
mussels-cooked | Mussels, cooked | 69 20 3.5 5.2 0 2 | 0.65 | 0.9 | release=firm hazard=cooked-animal allergens=molluscs | mussels
`,
};
