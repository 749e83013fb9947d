/** Meat. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const MEAT: Table = {
  family: 'meat',
  rows: `
beef-chuck | Beef chuck | 68 19.5 11.5 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat
turkey-thigh-mince | Turkey thigh mince | 72 19 8 0 0 1 | 0.95 | 0.18 | release=poultryMince hazard=poultry
turkey-breast-mince | Turkey breast mince | 74.8 22.6 1.5 0 0 1.1 | 0.95 | 0.15 | release=poultryMince hazard=poultry
chicken-thigh-mince | Chicken thigh mince | 73.2 17.5 8.1 0 0 1.1 | 0.95 | 0.15 | release=poultryMince hazard=poultry
chicken-breast | Chicken breast | 74.8 22.5 2.6 0 0 1.1 | 0.9 | 0.11 | release=wholeMeat hazard=poultry piece=180
chicken-thigh | Chicken thigh | 75.7 19.7 4.1 0 0 1 | 0.9 | 0.22 | release=wholeMeat hazard=poultry piece=110
pork-mince | Pork mince | 61.1 16.9 21.2 0 0 0.9 | 0.95 | 0.14 | release=mince hazard=minced-meat
pork-mince-lean | Lean pork mince | 72 20.5 6.5 0 0 1 | 0.95 | 0.14 | release=mince hazard=minced-meat
beef-mince | Beef mince | 61.9 17.2 20 0 0 0.9 | 0.95 | 0.17 | release=mince hazard=minced-meat
beef-mince-lean | Lean beef mince | 73 21.3 5 0 0 1.1 | 0.95 | 0.17 | release=mince hazard=minced-meat
lamb-mince | Lamb mince | 59.5 16.6 23 0 0 0.9 | 0.95 | 0.15 | release=mince hazard=minced-meat
venison-mince | Venison mince | 71.2 21.6 6.2 0 0 1 | 0.95 | 0.19 | release=mince hazard=minced-meat
pork-shoulder | Pork shoulder | 67 19 13 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat
duck-leg-braised | Duck leg, braised | 62.5 24.5 11.8 0 0 1.1 | 0.75 | 0.3 | release=braisedMeat hazard=cooked-animal piece=160
turkey-cooked | Turkey, cooked | 65 28.5 5.2 0 0 1.1 | 0.7 | 0.2 | release=braisedMeat hazard=cooked-animal
pork-braised | Pork shoulder, braised | 56 26 17 0 0 1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
beef-braised | Beef shin, braised | 58 31 9.8 0 0 1.1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
ham | Ham, cooked | 72 19.5 4.5 0.8 0 3.2 | 0.8 | 2.3 | release=firm hazard=cooked-animal slice=25
bacon | Bacon | 52 15 28.5 0.5 0 4 | 0.9 | 3.5 | release=bacon hazard=whole-meat piece=25 rasher=25 slice=25
chicken-breast-mince | Chicken breast mince | 75.8 21.5 1.9 0 0 1.1 | 0.95 | 0.15 | release=poultryMince hazard=poultry
duck-mince | Duck mince | 66 16.5 16.5 0 0 1 | 0.95 | 0.17 | release=poultryMince hazard=poultry
chicken-cooked | Chicken, cooked | 63 28.5 7.4 0 0 1.1 | 0.6 | 0.2 | release=braisedMeat hazard=cooked-animal piece=700
goose-cooked | Goose, cooked | 56 26 17 0 0 1.1 | 0.7 | 0.2 | release=braisedMeat hazard=cooked-animal
lamb-braised | Lamb shoulder, braised | 57 26 16 0 0 1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
veal-mince | Veal mince | 72.8 19.4 6.8 0 0 1 | 0.95 | 0.2 | release=mince hazard=minced-meat
wild-boar-mince | Wild boar mince | 71 21 6.5 0 0 1 | 0.95 | 0.15 | release=mince hazard=minced-meat
venison-braised | Venison, braised | 64 30 4 0 0 1.2 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
smoked-sausage | Smoked sausage | 54 13.5 27.5 2 0 3 | 0.8 | 2.2 | release=firm hazard=cooked-animal piece=90 moist=sausage
salami | Salami | 36 22 36.5 1 0 4.5 | 0.8 | 4 | hazard=cured slice=6
mixed-mince | Mixed mince, beef and pork | 61.5 17 20.6 0 0 0.9 | 0.95 | 0.16 | release=mince hazard=minced-meat
goose | Goose, raw | 68.3 22.8 7.1 0 0 1.1 | 0.9 | 0.2 | release=wholeMeat hazard=poultry
beef-boiled | Beef, boiled | 58 30 11 0 0 1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
beef-roast | Beef, roast | 62 28.5 8 0 0 1.1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
pork-roast | Pork, roast | 58 27.5 13.3 0 0 1.1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
lamb-roast | Lamb, roast | 58.5 26 14 0 0 1.2 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal
duck-cooked | Duck, roast | 57 22.5 19.4 0 0 1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal piece=160
heart | Heart | 77 17 4.5 0.2 0 1.1 | 0.95 | 0.25 | release=wholeMeat hazard=whole-meat piece=250 moist=offal
sausage-raw | Pork sausage, raw | 57 14.5 24.6 1.5 0 2.4 | 0.98 | 1.7 | release=sausage hazard=minced-meat piece=65
duck-smoked | Smoked duck | 60 20 16 0.5 0 3 | 0.85 | 2.5 | release=firm hazard=cured
chicken-smoked | Smoked chicken | 68 24 5 0.5 0 2.5 | 0.75 | 1.8 | release=firm hazard=cooked-animal
`,
};
