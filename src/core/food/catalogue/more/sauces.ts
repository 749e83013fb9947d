/** Sauces that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_SAUCES: Table = {
  family: 'sauce',
  rows: `
chilli-paste | Chilli paste | 75 3 8 6 4 4 | 1.05 | 3
ketchup | Tomato ketchup | 68.5 1.2 0.2 26.5 0.6 3 | 1.15 | 2.3
tamari | Tamari | =soy-sauce | allergens=soya
soy-sweet | Sweet soy sauce | 38 3 0 52 0 7 | 1.3 | 6 | liquid allergens=soya+gluten sugar=48
coconut-aminos | Coconut aminos | 70 1 0 22 0 5 | 1.15 | 4.5 | liquid
thin-sauce | Thin salty sauce | 74 2 0.5 15 0.5 7 | 1.12 | 6 | liquid allergens=soya+gluten+fish+celery+mustard
ponzu | Citrus soy | 78 4 0 8 0 8 | 1.1 | 7.5 | liquid allergens=soya+gluten
liquid-seasoning | Liquid seasoning | 68 8 0.1 4 0 20 | 1.2 | 18 | liquid allergens=soya+gluten+celery
black-bean-sauce | Black bean sauce | 58 6 5 17 3 9 | 1.15 | 7.5 | allergens=soya+gluten
xo-sauce | Dried seafood sauce | 30 18 38 8 2 6 | 1 | 4.5 | allergens=crustaceans+molluscs+fish
chilli-crisp | Chilli crisp | 6 6 66 14 6 5 | 0.95 | 3 | allergens=soya
chilli-garlic-sauce | Chilli and garlic sauce | =chilli-paste | salt=5
sriracha | Thick chilli sauce | 76 1.5 1 16 2 5.5 | 1.1 | 4.5
ajvar | Red pepper paste, mild | 84 1.5 6 6 2 1.5 | 1.02 | 1.1 | release=sauce
pepper-paste | Red pepper paste | 70 3.5 3 14 4 8 | 1.1 | 6.5
chipotle-paste | Smoked chilli paste | 68 3 6 15 4 4.5 | 1.08 | 3.5
curry-sauce | Curry sauce, made | 80 2 7 8 1 1.6 | 1.04 | 1 | release=sauce tin=440 allergens=milk
tomato-sun-dried-paste | Sun-dried tomato paste | 58 4 22 11 4 3 | 1.05 | 2
tapenade | Olive paste | 60 1.5 28 3 3 5 | 1 | 4
taramasalata | Roe dip | 42 4 45 6 0.5 2.5 | 1 | 1.8 | hazard=cured allergens=fish+gluten
tzatziki | Yoghurt and cucumber dip | 83 4 7 4 0.5 1.2 | 1.02 | 0.8 | release=yoghurt allergens=milk
baba-ganoush | Aubergine dip | 74 2.5 14 5 3.5 1.4 | 1 | 0.9 | allergens=sesame
salad-cream | Salad cream | 50 1.5 30 16 0 2.2 | 1.02 | 1.8 | allergens=egg+mustard
mayonnaise-light | Light mayonnaise | 60 0.7 27 9 0.3 2.3 | 1 | 1.8 | allergens=egg+mustard
french-dressing | Vinaigrette | 40 0.5 52 5 0 2 | 0.98 | 1.6
mustard-dijon | Dijon-type mustard | =mustard | salt=5.5
mustard-honey | Honey mustard | 55 3 8 28 2 2.6 | 1.1 | 2 | allergens=mustard
brown-sauce | Brown sauce | 65 0.8 0.2 30 1 3 | 1.15 | 2.3
pickle-lime | Lime pickle | 62 2 15 6 4 11 | 1.05 | 9
piccalilli | Piccalilli | 80 1 0.6 14 1.5 2.6 | 1.08 | 1.9 | allergens=mustard
caperberries | Caperberries | =capers | piece=4
bechamel | Béchamel, thick | 72 4 9 12 0.4 1.3 | 1.06 | 0.7 | allergens=milk+gluten
cheese-sauce | Cheese sauce, made | 70 7 12 8 0.2 2 | 1.05 | 1.1 | allergens=milk+gluten release=sauce
hollandaise | Hollandaise | 35 3 58 2 0 1.5 | 0.97 | 1.1 | allergens=egg+milk hazard=egg
bolognese-thick | Bolognese, cooked thick | 66 13 12 6 1.2 1.6 | 1 | 0.9 | release=meatSauce hazard=cooked-animal allergens=celery
satay-sauce | Peanut sauce | 45 10 28 12 3 2.2 | 1.1 | 1.6 | allergens=peanut
tamarind-block | Tamarind, pressed | 30 2.8 0.6 60 5 2 | 1.1 | 0.1
miso-white | White miso | 42 9 3 36 4 6.5 | 1.15 | 5.5 | allergens=soya+gluten
browning | Gravy browning | 45 1 0 40 0 14 | 1.25 | 12 | liquid dose=1-8
chocolate-sauce | Chocolate sauce | 30 3 12 52 2.5 1 | 1.25 | 0.2 | allergens=milk sugar=45 moist=syrup
mint-sauce | Mint sauce | 68 1.5 0.3 24 2.5 3 | 1.1 | 2
capers-salted | Capers in salt | 70 2.4 0.8 2 3 21 | 0.65 | 18 | release=brined
teriyaki | Sweet soy glaze | 65 5 0.1 20 0.1 9 | 1.2 | 7 | liquid allergens=soya+gluten sugar=18
shrimp-paste | Shrimp paste | 38 26 2 3 0 28 | 1.15 | 24 | hazard=cured allergens=crustaceans dose=1-15
yeast-extract | Yeast extract | 34 34 0.5 17 3 12 | 1.25 | 10 | allergens=gluten+celery dose=1-10
guacamole | Avocado, mashed | 75 2 15 3 5.5 1.5 | 1 | 0.5 | moist=soft
olives-green | Green olives | 75.5 1 15.3 0.6 3.3 4.3 | 0.6 | 3.9 | release=brined piece=4 tin=160
salsa | Tomato salsa | 90 1.2 0.2 5.5 1.5 1.6 | 1.02 | 1 | release=sieved
horseradish-sauce | Horseradish sauce | 62 2.5 15 15 2.5 2.5 | 1.02 | 1.7 | allergens=milk+mustard
mustard-english | Hot mustard | 64 7 9 11 4 5 | 1.05 | 4 | allergens=mustard dose=3-25
wholegrain-mustard | Wholegrain mustard | 66 7.5 9.5 8 4 4.5 | 1.05 | 3.5 | allergens=mustard
barbecue-sauce | Barbecue sauce | 58 0.8 0.6 36 0.9 3.5 | 1.15 | 2.3 | allergens=mustard
fermented-chilli-paste | Fermented chilli paste | 43 5 1.5 40 4 8 | 1.15 | 6 | allergens=soya+gluten
dark-soy | Dark soy sauce | 58 7 0.1 19 0.5 16 | 1.25 | 14.5 | liquid allergens=soya+gluten
worcester-sauce | Worcester sauce | 76 0.5 0.1 18.5 0 5 | 1.1 | 2.8 | liquid allergens=fish dose=3-15
hoisin | Sweet bean sauce | 44 3.3 3.4 41 2.8 5 | 1.2 | 4 | allergens=soya+gluten+sesame
black-beans-fermented | Fermented black beans | 48 22 9 5 5 11 | 0.65 | 9 | allergens=soya
tamarind | Tamarind paste | 45 2 0.5 47 3 2.5 | 1.2 | 0.1
white-sauce-ready | White sauce, made | 78 4 8.5 8.3 0.2 1.1 | 1.03 | 0.6 | allergens=milk+gluten release=sauce
oyster-sauce | Oyster-type sauce | 64 2 0.2 22.5 0.3 11 | 1.2 | 10 | allergens=molluscs+gluten+soya liquid
bean-chilli-paste | Chilli bean paste | 57 7 8 7 4 17 | 1.1 | 15 | allergens=soya+gluten
ginger-garlic-paste | Ginger and garlic paste | 78 2.5 1 14 1.8 2.5 | 1.05 | 1.5 | dose=5-60
pesto | Basil and nut sauce | 40 5 46 4 1.5 3 | 1 | 2.2 | allergens=milk+nuts
olives-black | Black olives | 72 1 16.5 4.5 3.2 3 | 0.6 | 2.4 | release=brined piece=4 tin=160
`,
};
