/** Meat. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const MEAT: Table = {
  family: 'meat',
  rows: `
turkey-thigh-mince | Turkey thigh mince | 72 19 8 0 0 1 | 0.95 | 0.18 | release=poultryMince hazard=poultry | turkey mince, ground turkey, minced turkey
turkey-breast-mince | Turkey breast mince | 74.8 22.6 1.5 0 0 1.1 | 0.95 | 0.15 | release=poultryMince hazard=poultry | lean turkey mince
chicken-thigh-mince | Chicken thigh mince | 73.2 17.5 8.1 0 0 1.1 | 0.95 | 0.15 | release=poultryMince hazard=poultry | chicken mince, ground chicken
chicken-breast | Chicken breast | 74.8 22.5 2.6 0 0 1.1 | 0.9 | 0.11 | release=wholeMeat hazard=poultry piece=180 |
chicken-thigh | Chicken thigh | 75.7 19.7 4.1 0 0 1 | 0.9 | 0.22 | release=wholeMeat hazard=poultry piece=110 |
duck-breast | Duck, raw | 73.8 18.3 6 0.9 0 1.1 | 0.9 | 0.19 | release=wholeMeat hazard=poultry | duck meat
pork-mince | Pork mince | 61.1 16.9 21.2 0 0 0.9 | 0.95 | 0.14 | release=mince hazard=minced-meat | ground pork, minced pork
pork-mince-lean | Lean pork mince | 72 20.5 6.5 0 0 1 | 0.95 | 0.14 | release=mince hazard=minced-meat | lean ground pork
beef-mince | Beef mince | 61.9 17.2 20 0 0 0.9 | 0.95 | 0.17 | release=mince hazard=minced-meat | ground beef, minced beef
beef-mince-lean | Lean beef mince | 73 21.3 5 0 0 1.1 | 0.95 | 0.17 | release=mince hazard=minced-meat | lean ground beef
lamb-mince | Lamb mince | 59.5 16.6 23 0 0 0.9 | 0.95 | 0.15 | release=mince hazard=minced-meat | ground lamb, mutton mince
venison-mince | Venison mince | 71.2 21.6 6.2 0 0 1 | 0.95 | 0.19 | release=mince hazard=minced-meat | ground venison
sausage-meat | Sausage meat | 57 14.5 24.6 1.5 0 2.4 | 0.98 | 1.7 | release=mince hazard=minced-meat piece=65 |
pork-shoulder | Pork shoulder | 67 19 13 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat |
beef-shin | Beef shin | 72 21.5 5.5 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat | beef shank
venison-shoulder | Venison, diced | 73.6 23 2.4 0 0 1.1 | 0.9 | 0.13 | release=wholeMeat hazard=whole-meat | venison
duck-leg-braised | Duck leg, braised | 62.5 24.5 11.8 0 0 1.1 | 0.75 | 0.3 | release=braisedMeat hazard=cooked-animal piece=160 | braised duck, shredded duck
turkey-cooked | Turkey, cooked | 65 28.5 5.2 0 0 1.1 | 0.7 | 0.2 | release=braisedMeat hazard=cooked-animal | roast turkey, leftover turkey
pork-braised | Pork shoulder, braised | 56 26 17 0 0 1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal | pulled pork
beef-braised | Beef shin, braised | 58 31 9.8 0 0 1.1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal | braised beef
ham | Ham, cooked | 72 19.5 4.5 0.8 0 3.2 | 0.8 | 2.3 | release=firm hazard=cooked-animal slice=25 |
bacon | Bacon | 52 15 28.5 0.5 0 4 | 0.9 | 3.5 | release=firm hazard=whole-meat piece=25 rasher=25 slice=25 | streaky bacon, pancetta
pork-back-fat | Pork back fat | 7.7 2.9 88.7 0 0 0.2 | 0.92 | 0 | hazard=minced-meat | fatback
chicken-breast-mince | Chicken breast mince | 75.8 21.5 1.9 0 0 1.1 | 0.95 | 0.15 | release=poultryMince hazard=poultry | lean chicken mince
duck-mince | Duck mince | 66 16.5 16.5 0 0 1 | 0.95 | 0.17 | release=poultryMince hazard=poultry | ground duck
turkey-thigh | Turkey thigh | 74 19.5 5 0 0 1 | 0.9 | 0.18 | release=wholeMeat hazard=poultry |
chicken-liver | Chicken liver | 76.5 16.9 4.8 0.7 0 1.1 | 1 | 0.18 | release=wholeMeat hazard=poultry | chicken livers
pheasant | Pheasant | 72 23.6 3.6 0 0 1.3 | 0.9 | 0.1 | release=wholeMeat hazard=poultry |
rabbit | Rabbit | 72.8 20.5 5.6 0 0 1.1 | 0.9 | 0.1 | release=wholeMeat hazard=whole-meat |
chicken-cooked | Chicken, cooked | 63 28.5 7.4 0 0 1.1 | 0.6 | 0.2 | release=braisedMeat hazard=cooked-animal | roast chicken, leftover chicken, shredded chicken, cooked chicken
goose-cooked | Goose, cooked | 56 26 17 0 0 1.1 | 0.7 | 0.2 | release=braisedMeat hazard=cooked-animal | roast goose
lamb-shoulder | Lamb shoulder | 66 18 15 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat | lamb
lamb-braised | Lamb shoulder, braised | 57 26 16 0 0 1 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal | braised lamb
beef-chuck | Beef chuck | 68 19.5 11.5 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat | stewing beef, braising steak, beef
veal-mince | Veal mince | 72.8 19.4 6.8 0 0 1 | 0.95 | 0.2 | release=mince hazard=minced-meat | ground veal
pork-belly | Pork belly | 50 13.5 36 0 0 0.6 | 0.9 | 0.1 | release=wholeMeat hazard=whole-meat |
pork-loin | Pork loin | 72.5 21.5 5 0 0 1.1 | 0.9 | 0.13 | release=wholeMeat hazard=whole-meat | pork fillet, pork
pork-liver | Pork liver | 71.1 21.4 3.7 2.5 0 1.4 | 1 | 0.2 | release=wholeMeat hazard=whole-meat | liver
wild-boar | Wild boar | 72.5 21.5 3.3 0 0 1 | 0.9 | 0.15 | release=wholeMeat hazard=whole-meat |
wild-boar-mince | Wild boar mince | 71 21 6.5 0 0 1 | 0.95 | 0.15 | release=mince hazard=minced-meat |
venison-braised | Venison, braised | 64 30 4 0 0 1.2 | 0.75 | 0.2 | release=braisedMeat hazard=cooked-animal | braised venison
salt-beef | Salt beef, cooked | 60 18 18.5 0.5 0 3 | 0.75 | 2.5 | release=firm hazard=cooked-animal | corned beef
smoked-sausage | Smoked sausage | 54 13.5 27.5 2 0 3 | 0.8 | 2.2 | release=firm hazard=cooked-animal |
cured-sausage | Cured paprika sausage | 32 24 38 1.5 0 4.5 | 0.8 | 3.5 | hazard=whole-meat | chorizo
salami | Salami | 36 22 36.5 1 0 4.5 | 0.8 | 4 |  | dry sausage
air-dried-ham | Air-dried ham | 51 27 15 0.3 0 6.5 | 0.7 | 5.5 |  | prosciutto, cured ham
`,
};
