/** Sauces. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const SAUCES: Table = {
  family: 'sauce',
  rows: `
soy-sauce | Soy sauce | 70 8 0.1 5.3 0.6 16 | 1.18 | 15 | dose=10-70 allergens=soya+gluten liquid less-salt=soy-sauce-reduced
soy-sauce-reduced | Reduced-salt soy sauce | 75 7.5 0.1 7 0.4 10 | 1.12 | 9 | allergens=soya+gluten liquid
fish-sauce | Fish sauce | 68 6 0 2 0 24 | 1.2 | 24 | allergens=fish liquid
mustard | Mustard | 83 3.7 3.3 2.2 4 3.6 | 1.05 | 2.8 | allergens=mustard dose=5-25
tomato-paste | Tomato purée, double | 73.5 4.3 0.5 14.8 4.1 2.8 | 1.1 | 0.2
capers | Capers | 84 2.4 0.9 2.2 3.2 7.3 | 0.6 | 6 | release=brined piece=0.3
olives | Olives | 75 1 15 1.8 3.3 3.9 | 0.6 | 3.5 | release=brined piece=4
hot-sauce | Hot chilli sauce | 89 0.6 0.4 2 0.8 7 | 1.05 | 6 | liquid
mayonnaise | Mayonnaise | 21.5 1 75 1 0 1.6 | 0.92 | 1.5 | allergens=egg+mustard moist=cream
curry-paste | Curry paste | 62 3 15 9 5 6 | 1.05 | 5
sweet-chilli-sauce | Sweet chilli sauce | 48 0.5 0.3 47 0.8 3.2 | 1.2 | 2.5 | sugar=40
meat-sauce | Meat sauce, made | 72 9.5 9 6.5 1.3 1.7 | 1.03 | 0.9 | release=meatSauce hazard=cooked-animal allergens=celery
tomato-sauce | Tomato sauce, made | 86 1.6 3 6.5 1.5 1.5 | 1.03 | 0.8 | release=sauce
chutney | Chutney | 48 0.8 0.3 47 1.8 2 | 1.15 | 1.4 | sugar=42 moist=jam
soybean-paste | Soybean paste | 50 12 5.5 14 4.5 14 | 1.15 | 12 | allergens=soya+gluten
miso | Miso | 43 12.8 6 20.5 5.4 12.2 | 1.15 | 11 | allergens=soya+gluten
`,
};
