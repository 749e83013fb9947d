/** Fish that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_FISH: Table = {
  family: 'fish',
  rows: `
tuna-tinned | Tuna, tinned | 73 23.5 1.2 0 0 1.8 | 0.7 | 0.8 | release=tinnedFish hazard=cooked-animal allergens=fish tin=110
crab-cooked | Crab meat | 77.6 18.5 1.1 0.5 0 2 | 0.6 | 1 | release=tinnedFish hazard=cooked-animal allergens=crustaceans tin=120
sardines-tinned | Sardines, tinned | 60 24.6 11.5 0 0 3.4 | 0.85 | 1 | release=tinnedFish hazard=cooked-animal allergens=fish tin=90 piece=25
salmon-tinned | Salmon, tinned | 68 22 7 0 0 2.3 | 0.75 | 1 | release=tinnedFish hazard=cooked-animal allergens=fish tin=160
herring | Herring | 72 17.9 9 0 0 1.5 | 0.95 | 0.23 | release=oilyFish hazard=fish allergens=fish piece=120
pollock | Pollock | 81.5 17 0.8 0 0 1.2 | 0.95 | 0.25 | release=fish hazard=fish allergens=fish piece=160
trout | Trout | 71.9 20.5 6.2 0 0 1.2 | 0.95 | 0.13 | release=oilyFish hazard=fish allergens=fish piece=250
carp | Carp | 76.3 17.2 5.3 0 0 1.3 | 0.95 | 0.12 | release=oilyFish hazard=fish allergens=fish
monkfish | Monkfish | 83.2 14.5 1.5 0 0 1.1 | 0.95 | 0.1 | release=fish hazard=fish allergens=fish piece=200
catfish | Catfish | 80 16.4 2.8 0 0 1 | 0.95 | 0.11 | release=fish hazard=fish allergens=fish
pike | Pike | 78.9 19.3 0.7 0 0 1.2 | 0.95 | 0.1 | release=fish hazard=fish allergens=fish
herring-salted | Salted herring | 52 19 14 0 0 13 | 0.9 | 11 | release=brined hazard=cured allergens=fish
kipper | Kipper | 61 21 15 0 0 3 | 0.85 | 2 | release=oilyFish hazard=fish allergens=fish piece=160
salt-cod | Salt cod, soaked | 73 24 0.6 0 0 2.4 | 0.85 | 1.8 | release=fish hazard=fish allergens=fish
fish-roe | Fish roe | 68 22 6.4 1.5 0 2 | 1 | 0.3 | release=fish hazard=fish allergens=fish
lobster-cooked | Lobster, cooked | 78.1 19 0.9 0 0 1.9 | 0.7 | 1.2 | release=firm hazard=cooked-animal allergens=crustaceans
clams-cooked | Clams, cooked | 70 22 2 4.5 0 1.5 | 0.65 | 1.5 | release=tinnedFish hazard=cooked-animal allergens=molluscs tin=150 piece=4
octopus-cooked | Octopus, cooked | 70 24 1.8 3 0 1.5 | 0.75 | 1 | release=firm hazard=cooked-animal allergens=molluscs
shrimps-dried | Dried shrimps | 20 60 4 1 0 14 | 0.4 | 7 | release=driedSponge hazard=cured allergens=crustaceans
mackerel-tinned | Mackerel, tinned | 62 20 15.5 0 0 2.3 | 0.8 | 1 | release=tinnedFish hazard=cooked-animal allergens=fish tin=90
anchovy-paste | Anchovy paste | 45 20 17 4 0 13 | 1.1 | 10 | hazard=cured allergens=fish
oysters | Oysters | 83 9 2 4 0 1.8 | 1 | 1 | release=shellfish hazard=shellfish allergens=molluscs piece=14 dozen=168
oysters-smoked | Smoked oysters, tinned | 62 17 10 8 0 2.2 | 0.85 | 1.2 | release=firm hazard=cooked-animal allergens=molluscs tin=65
oysters-dried | Dried oysters | 20 48 9 15 0 8 | 0.5 | 5 | release=driedSponge hazard=cured allergens=molluscs
cuttlefish | Cuttlefish | =squid
squid-rings | Squid rings | =squid
octopus | Octopus, raw | 80 15 1 2.2 0 1.6 | 0.95 | 0.6 | release=fish hazard=shellfish allergens=molluscs
eel | Eel | 68 18.4 11.7 0 0 1.4 | 0.95 | 0.13 | release=oilyFish hazard=fish allergens=fish
eel-smoked | Smoked eel | 54 18 25 0 0 2.6 | 0.85 | 1.5 | release=firm hazard=cooked-animal allergens=fish
sprats | Sprats | =herring | piece=12
sprats-smoked | Smoked sprats | =mackerel-smoked | tin=110
sardines | Sardines, fresh | 69 20 9 0 0 1.6 | 0.95 | 0.25 | release=oilyFish hazard=fish allergens=fish piece=60
anchovies-fresh | Anchovies, fresh | =herring | piece=12
anchovies-white | Anchovies in vinegar | 66 21 8 1 0 3.4 | 0.9 | 2.5 | release=firmJar hazard=cured allergens=fish piece=6
hake | Hake | =white-fish | fillet=160 piece=160
whiting | Whiting | =white-fish | fillet=110
coley | Coley | =pollock | fillet=160
ling | Ling | =cod
halibut | Halibut | 79 18.5 1.5 0 0 1.3 | 0.95 | 0.17 | release=fish hazard=fish allergens=fish piece=170 fillet=170
turbot | Turbot | =flat-fish | fillet=150
plaice | Plaice | =flat-fish | fillet=120 piece=120
sole | Sole | =flat-fish | fillet=90 piece=110
flounder | Flounder | =flat-fish | fillet=120
sea-bream | Sea bream | =sea-bass | fillet=110
red-mullet | Mullet | =sea-bass | fillet=80
red-snapper | Snapper | =sea-bass | fillet=150
gurnard | Gurnard | =white-fish | fillet=100
tilapia | Tilapia | =catfish | fillet=120
pangasius | Pangasius | =catfish | fillet=150
perch | Perch | =pike | fillet=80
zander | Zander | =pike | fillet=150
sturgeon | Sturgeon | 76 16 4 0 0 1.1 | 0.95 | 0.13 | release=oilyFish hazard=fish allergens=fish
arctic-char | Char | =trout | fillet=150
rainbow-trout | Trout fillet | =trout | fillet=130 piece=250
salmon-fillet | Salmon fillet | =salmon | piece=150 fillet=150
salmon-mince | Salmon, minced | =salmon
salmon-hot-smoked | Hot-smoked salmon | 62 23 11 0 0 3.2 | 0.8 | 2.2 | release=firm hazard=cooked-animal allergens=fish
gravlax | Salt-cured salmon | =salmon-smoked
swordfish | Swordfish | 75 19 5 0 0 1.2 | 0.95 | 0.2 | release=oilyFish hazard=fish allergens=fish piece=170
fish-mince | Fish, minced | =white-fish
fish-pie-mix | Fish pie mixture | =white-fish
cod-smoked | Smoked cod | =haddock-smoked
mackerel-cooked | Mackerel, cooked | =salmon-cooked
trout-cooked | Trout, cooked | =salmon-cooked
tuna-in-oil | Tuna in oil, drained | 60 27 9 0 0 2 | 0.7 | 0.9 | release=firm hazard=cooked-animal allergens=fish tin=110
cod-liver | Cod liver, tinned | 27 5 66 0 0 1.5 | 0.95 | 1 | hazard=cooked-animal allergens=fish tin=110
cod-roe-smoked | Smoked cod roe | 68 18 6 3 0 5 | 1 | 3.5 | hazard=cured allergens=fish
caviar | Salted roe | 50 25 15 4 0 6 | 1.05 | 4 | hazard=cured allergens=fish
prawns-small | Prawns, small | =prawns | piece=5
prawns-large | Prawns, large | =prawns | piece=20
crab-raw | Crab, whole | =crab-cooked | piece=250
crab-brown | Brown crab meat | 70 15 10 1 0 2 | 0.9 | 1 | hazard=cooked-animal allergens=crustaceans
lobster-raw | Lobster tail, raw | 77 19 0.9 0 0 2 | 0.9 | 0.7 | release=shellfish hazard=shellfish allergens=crustaceans piece=120
crayfish | Crayfish tails, cooked | =lobster-cooked
langoustine | Langoustines, raw | =prawns | piece=30
scallops-small | Queen scallops | =scallops | piece=8
scallop-large | Scallops, large | =scallops | piece=30
scallops-dried | Dried scallops | 16 65 1.5 12 0 7 | 0.5 | 4 | release=driedSponge hazard=cured allergens=molluscs
mussels | Mussels, raw | 81 12 2.2 3.7 0 1.6 | 0.95 | 0.7 | release=shellfish hazard=shellfish allergens=molluscs piece=6
mussels-smoked | Smoked mussels, tinned | =oysters-smoked | tin=65
clams | Clams, raw | 82 12.8 1 2.6 0 1.9 | 0.95 | 1 | release=shellfish hazard=shellfish allergens=molluscs piece=8
cockles | Cockles, cooked | =clams-cooked
whelks | Whelks, cooked | =octopus-cooked
snails | Snails, cooked | 76 17 1.5 3 0 1.5 | 0.9 | 0.8 | release=firm hazard=cooked-animal allergens=molluscs piece=5 tin=120
seafood-mix | Mixed seafood, frozen | =squid | allergens=molluscs+crustaceans
fish-balls | Fish balls | 76 10 1.5 10 0 2.2 | 0.9 | 1.7 | release=firm hazard=cooked-animal allergens=fish piece=15 moist=sausage
fish-fingers | Breaded fish, cooked | 52 14 11 20 1 1.5 | 0.7 | 0.9 | release=firm hazard=cooked-animal allergens=fish+gluten piece=28
fish-dried | Dried fish | 15 70 3 0 0 11 | 0.3 | 4 | release=driedSponge hazard=cured allergens=fish
anchovies-dried | Dried anchovies | 18 60 6 1 0 14 | 0.3 | 8 | hazard=cured allergens=fish
squid-dried | Dried squid | 20 65 4 5 0 6 | 0.3 | 4 | release=driedSponge hazard=cured allergens=molluscs
roe-pressed | Pressed roe | 25 42 26 2 0 5 | 0.9 | 4 | hazard=cured allergens=fish
herring-cooked | Herring, cooked | =salmon-cooked
herring-tinned | Herring in sauce, tinned | 64 16 12 4 0 2 | 0.9 | 1.2 | release=firm hazard=cooked-animal allergens=fish tin=170
sardines-tomato | Sardines in tomato, tinned | 68 17 10 1.5 0 2.2 | 0.95 | 0.9 | release=sauce hazard=cooked-animal allergens=fish tin=120
pilchards-tinned | Pilchards, tinned | =sardines-tinned | tin=110
salmon-pink-tinned | Pink salmon, tinned | =salmon-tinned | tin=160
squid | Squid | 78.6 15.6 1.4 3.1 0 1.4 | 0.95 | 0.11 | release=fish hazard=shellfish allergens=molluscs piece=120
scallops | Scallops | 82.5 12.1 0.5 3.2 0 1.6 | 0.95 | 0.4 | release=fish hazard=shellfish allergens=molluscs piece=25
mussels-cooked | Mussels, cooked | 69 20 3.5 5.2 0 2 | 0.65 | 0.9 | release=firm hazard=cooked-animal allergens=molluscs piece=6
flat-fish | Flat fish | 80 17 1.5 0 0 1.2 | 0.95 | 0.25 | release=fish hazard=fish allergens=fish fillet=120 piece=150
sea-bass | Sea bass | 76.5 18.8 3.2 0 0 1.2 | 0.95 | 0.18 | release=fish hazard=fish allergens=fish fillet=110 piece=350
herring-pickled | Pickled herring | 55.2 14.2 18 9.6 0 2.9 | 0.9 | 2.2 | release=firmJar hazard=cured allergens=fish
surimi | Crab sticks | 74 8 0.5 15 0.2 2.3 | 0.85 | 1.6 | release=firm hazard=cooked-animal allergens=fish+crustaceans+egg piece=15 stick=15
fish-flakes | Dried fish flakes | 15 75 3 1 0 4.5 | 0.08 | 1.2 | allergens=fish
tuna | Tuna, raw | 68.1 27 3 0 0 1.4 | 0.95 | 0.1 | release=oilyFish hazard=fish allergens=fish piece=170
anchovy | Anchovy, salted | 50 27 9.7 0 0 13 | 1 | 12 | release=brined hazard=cured allergens=fish piece=4 fillet=4 tin=50
`,
};
