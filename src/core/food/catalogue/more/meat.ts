/** Meat that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_MEAT: Table = {
  family: 'meat',
  rows: `
air-dried-ham | Air-dried ham | 51 27 15 0.3 0 6.5 | 0.7 | 5.5 | hazard=cured slice=15
pork-belly | Pork belly | 50 13.5 36 0 0 0.6 | 0.9 | 0.1 | release=wholeMeat hazard=whole-meat
turkey-thigh | Turkey thigh | 74 19.5 5 0 0 1 | 0.9 | 0.18 | release=wholeMeat hazard=poultry
duck-leg | Duck leg, raw | 67 17 15 0 0 1 | 0.9 | 0.2 | release=wholeMeat hazard=poultry piece=280
cooked-sausage | Cooked sausage | 60 12.5 23.5 1.2 0 2.9 | 0.85 | 2 | release=firm hazard=cooked-animal piece=50 moist=sausage
beef-rump | Beef rump | 72.5 22 4.5 0 0 1 | 0.9 | 0.15 | release=wholeMeat hazard=whole-meat piece=200
lamb-shoulder | Lamb shoulder | 66 18 15 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat
pork-back-fat | Pork back fat | 7.7 2.9 88.7 0 0 0.2 | 0.92 | 0 | hazard=whole-meat
sausage-meat | Sausage meat | 57 14.5 24.6 1.5 0 2.4 | 0.98 | 1.7 | release=sausage hazard=minced-meat piece=65
goat-meat | Goat | 75.8 20.6 2.3 0 0 1.1 | 0.9 | 0.2 | release=wholeMeat hazard=whole-meat
air-dried-beef | Air-dried beef | 54 33 4 0.5 0 6 | 0.7 | 5 | hazard=cured
smoked-air-dried-ham | Smoked air-dried ham | 48 26 19 0.5 0 6 | 0.75 | 5.3 | hazard=cured
blood-sausage | Blood sausage | 47 14.5 30 5 0.5 2.5 | 0.95 | 1.8 | release=firm hazard=cooked-animal moist=sausage
mince-unsaid | Mince, meat not said | =pork-mince | hazard=poultry
meat-unsaid | Meat, not said which | =pork-shoulder | hazard=poultry
meat-cooked-unsaid | Cooked meat, not said which | =pork-roast
goat-mince | Goat mince | =venison-mince
rabbit-mince | Rabbit mince | =venison-mince
rabbit-cooked | Rabbit, cooked | =venison-braised
rabbit-leg | Rabbit leg | =rabbit | piece=180
hare | Hare | =venison-shoulder
pigeon | Pigeon | =duck-breast | piece=120
partridge | Partridge | =pheasant | piece=250
quail-meat | Quail | =pheasant | piece=120
grouse | Grouse | =pheasant | piece=350
guinea-fowl | Guinea fowl | =pheasant | piece=900
wild-duck | Wild duck | =duck-breast | piece=400
game-mixed | Mixed game, diced | =venison-shoulder | hazard=poultry
ostrich | Ostrich | =beef-rump | hazard=poultry
kangaroo | Kangaroo | =venison-shoulder
bison | Bison | =beef-rump
bison-mince | Bison mince | =beef-mince-lean
reindeer | Reindeer | =venison-shoulder
horse-meat | Horse meat | =beef-rump
camel-meat | Camel | =beef-chuck
chicken-drumstick | Chicken drumstick | =chicken-thigh | piece=75
chicken-leg | Chicken leg | =chicken-thigh | piece=190
chicken-wing | Chicken wing | 66 18.3 15 0 0 0.8 | 0.9 | 0.2 | release=wholeMeat hazard=poultry piece=35
chicken-whole | Chicken, whole | =chicken-thigh | piece=1000
chicken-heart | Chicken heart | =heart | hazard=poultry piece=10
chicken-gizzard | Chicken gizzard | 79 17.7 2.1 0 0 1.1 | 0.95 | 0.18 | release=wholeMeat hazard=poultry piece=25
turkey-leg | Turkey leg | =turkey-thigh | piece=600
turkey-whole | Turkey, raw | =turkey-thigh
turkey-liver | Turkey liver | =chicken-liver
duck-liver | Duck liver | =chicken-liver
duck-whole | Duck, whole | =duck-leg | piece=1200
duck-heart | Duck heart | =heart | hazard=poultry
goose-leg | Goose leg | =goose | piece=400
chicken-leg-roast | Chicken leg, cooked | =chicken-cooked | piece=120
chicken-breast-cooked | Chicken breast, cooked | 65 30 3.6 0 0 1.1 | 0.6 | 0.2 | release=braisedMeat hazard=cooked-animal piece=140
chicken-tinned | Chicken, tinned | =chicken-cooked | tin=140 salt=0.9
turkey-slices | Turkey slices, cured | 72 19 2.5 3 0 3.2 | 0.8 | 2.2 | release=firm hazard=cooked-animal slice=20
chicken-slices | Chicken slices, cured | =turkey-slices | slice=20
pork-neck | Pork neck | =pork-shoulder
pork-cheek | Pork cheek | =beef-cheek | piece=80
pork-rib | Pork rib meat | =pork-belly
pork-leg | Pork leg | =pork-loin
pork-fillet | Pork fillet | 74.5 21.8 2.6 0 0 1.1 | 0.9 | 0.13 | release=wholeMeat hazard=whole-meat piece=400
pork-chop | Pork chop | =pork-loin | piece=160
pork-hock | Pork hock, raw | =pork-shoulder
pork-rind-crisp | Pork crackling | 3 61 31 0 0 4 | 0.2 | 3 | hazard=cooked-animal
pork-kidney | Pork kidney | =kidney | piece=140
pork-heart | Pork heart | =heart | piece=250
pork-belly-cooked | Pork belly, braised | 44 18 37 0 0 0.9 | 0.8 | 0.3 | release=braisedMeat hazard=cooked-animal
pork-pulled-sauce | Pulled pork in sauce | =meat-sauce | release=braisedMeat hazard=cooked-animal
pork-ribs-cooked | Pork ribs, cooked | =pork-roast
pork-fat-minced | Pork fat, minced | =pork-back-fat
pork-skin | Pork skin | 55 26 18 0 0 0.5 | 0.9 | 0.2 | hazard=whole-meat
beef-fillet | Beef fillet | =beef-rump | piece=180
beef-sirloin | Beef sirloin | =beef-rump | piece=225
beef-ribeye | Beef rib-eye | =beef-brisket | piece=250
beef-topside | Beef topside | =beef-rump
beef-flank | Beef flank | =beef-skirt
beef-neck | Beef neck | =beef-chuck
beef-rib | Beef short rib | =beef-brisket
oxtail | Oxtail | =beef-brisket
ox-tongue-raw | Ox tongue, raw | 65 15 17 2 0 0.8 | 0.95 | 0.2 | release=wholeMeat hazard=whole-meat
ox-tongue | Ox tongue, cooked | 56 19.5 22 0.3 0 1.4 | 0.85 | 1 | release=firm hazard=cooked-animal slice=25
ox-heart | Ox heart | =heart
beef-kidney | Ox kidney | =kidney | piece=350
lamb-kidney | Lamb kidney | =kidney | piece=55
lamb-liver | Lamb liver | =beef-liver
calf-liver | Calf liver | =beef-liver
tripe | Tripe | 84 12 3.7 0 0 0.5 | 0.95 | 0.2 | release=wholeMeat hazard=whole-meat
sweetbreads | Sweetbreads | 76 16 6 0 0 1.3 | 0.95 | 0.2 | release=wholeMeat hazard=whole-meat
brains | Brains | 79 10.5 9 0 0 1.3 | 1 | 0.3 | release=wholeMeat hazard=whole-meat
lung | Lung | =kidney
beef-steak | Beef steak | =beef-rump | piece=200
beef-mince-20 | Beef mince, twenty per cent fat | =beef-mince
beef-mince-10 | Beef mince, ten per cent fat | 68 20 10.5 0 0 1 | 0.95 | 0.17 | release=mince hazard=minced-meat
beef-tinned | Stewed beef, tinned | =meat-sauce | release=braisedMeat hazard=cooked-animal tin=350
beef-dried | Dried beef strips | 25 45 12 11 0 6 | 0.6 | 4.5 | hazard=cured
pastrami | Pastrami | 66 22 7 1 0 3.6 | 0.8 | 2.5 | release=firm hazard=cooked-animal slice=15
beef-burger | Beef burger, raw | =beef-mince | release=mince hazard=minced-meat piece=115
lamb-neck | Lamb neck | =lamb-shoulder
lamb-shank | Lamb shank | =lamb-leg | piece=350
lamb-chop | Lamb chop | =lamb-shoulder | piece=110
lamb-loin | Lamb loin | =lamb-leg
lamb-breast | Lamb breast | =pork-belly | release=wholeMeat hazard=whole-meat
mutton | Mutton | =lamb-shoulder
lamb-mince-lean | Lean lamb mince | 70 20 9 0 0 1 | 0.95 | 0.16 | release=mince hazard=minced-meat
mutton-mince | Mutton mince | =lamb-mince
lamb-fat | Lamb tail fat | =pork-back-fat
lamb-kofta | Kebab meat, cooked | =meatballs
veal-escalope | Veal escalope | =veal-shoulder | piece=120
veal-breast | Veal breast | =lamb-leg
veal-cooked | Veal, cooked | =beef-roast
venison-haunch | Venison haunch | =venison-shoulder
venison-loin | Venison loin | =venison-shoulder
venison-sausage | Venison sausage, raw | 64 17 15 2 0 2.2 | 0.95 | 1.6 | release=sausage hazard=minced-meat piece=65
beef-sausage | Beef sausage, raw | =sausage-raw | release=sausage hazard=minced-meat piece=65
lamb-sausage | Lamb sausage, raw | =sausage-raw | piece=60
chicken-sausage | Chicken sausage, raw | 66 16 14 1.5 0 2.4 | 0.95 | 1.7 | release=sausage hazard=poultry piece=65
veal-sausage | Veal sausage, scalded | =cooked-sausage | piece=100
sausage-cooked | Pork sausage, cooked | 50 18 24 4 0.5 2.9 | 0.85 | 2 | release=firm hazard=cooked-animal piece=50 moist=sausage
cocktail-sausage | Small cooked sausages | =cooked-sausage | piece=12
chinese-sausage | Sweet dried sausage | 20 22 42 12 0 4 | 0.85 | 3.2 | release=firm hazard=cured piece=40
spreading-sausage | Spreading sausage | 32 15 46 2 0 4 | 0.95 | 3.2 | hazard=cured moist=sausage
liver-sausage | Liver sausage | 54 13 28 3 0 2.3 | 1 | 1.8 | hazard=cooked-animal moist=sausage
liver-pate | Liver pâté | 56 13 26 3 0 2 | 1 | 1.6 | hazard=cooked-animal moist=sausage
game-terrine | Meat terrine | =liver-pate
haggis | Oat and offal pudding | 49 11 20 17 1 2 | 0.95 | 1.6 | release=firm hazard=cooked-animal moist=sausage
white-pudding | White pudding | =blood-sausage
meatloaf | Meatloaf, cooked | =meatballs | slice=80
cured-neck | Cured pork neck | =air-dried-ham | slice=8
cured-cheek | Cured pork cheek | 21 8 67 0 0 4 | 0.9 | 3.6 | hazard=whole-meat
cured-back-fat | Cured back fat | 8 3 85 0 0 3.5 | 0.9 | 3 | hazard=cured
pancetta | Pancetta | =bacon | slice=12
bacon-lardons | Bacon lardons | =bacon
turkey-bacon | Turkey bacon | 65 18 13 2 0 3.5 | 0.9 | 2.7 | release=bacon hazard=poultry slice=15 rasher=15
ham-dry-cured | Dry-cured ham | =air-dried-ham | slice=12
ham-tinned | Ham, tinned | =ham | tin=340
gammon-cooked | Gammon, cooked | =ham | slice=60
goose-smoked | Smoked goose | =duck-smoked
duck-confit | Duck leg, confit | 54 24 21 0 0 1.6 | 0.75 | 1.2 | release=braisedMeat hazard=cooked-animal piece=150
pheasant-cooked | Pheasant, cooked | =turkey-cooked
game-cooked | Game, braised | =venison-braised
goat-cooked | Goat, braised | =lamb-braised
liver-cooked | Liver, cooked | 64 25 5 4 0 1.4 | 0.95 | 0.3 | release=firm hazard=cooked-animal moist=offal
heart-cooked | Heart, cooked | =beef-boiled
offal-cooked | Offal, cooked | =liver-cooked
beef-cheek-braised | Beef cheek, braised | =beef-braised
brisket-cooked | Brisket, cooked | 55 28 15 0 0 1.2 | 0.75 | 0.4 | release=braisedMeat hazard=cooked-animal
rabbit-whole | Rabbit, whole | =rabbit | piece=1200
pheasant | Pheasant | 72 23.6 3.6 0 0 1.3 | 0.9 | 0.1 | release=wholeMeat hazard=poultry piece=700
rabbit | Rabbit | 72.8 20.5 5.6 0 0 1.1 | 0.9 | 0.1 | release=wholeMeat hazard=whole-meat piece=1000
pork-liver | Pork liver | 71.1 21.4 3.7 2.5 0 1.4 | 1 | 0.2 | release=wholeMeat hazard=whole-meat piece=120 moist=offal
wild-boar | Wild boar | 72.5 21.5 3.3 0 0 1 | 0.9 | 0.15 | release=wholeMeat hazard=whole-meat
salt-beef | Salt beef, cooked | 60 18 18.5 0.5 0 3 | 0.75 | 2.5 | release=firm hazard=cooked-animal
chicken-skin | Chicken skin | 54.2 13.3 32.4 0 0 0.4 | 0.9 | 0.16 | hazard=poultry
beef-skirt | Beef skirt | 70 20.5 8.5 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat
beef-cheek | Beef cheek | 72 20 7 0 0 1 | 0.9 | 0.2 | release=wholeMeat hazard=whole-meat piece=350
veal-shoulder | Veal shoulder | 75 19.8 4.1 0 0 1.1 | 0.9 | 0.2 | release=wholeMeat hazard=whole-meat
kidney | Kidney | 77 17 4.5 0.3 0 1.2 | 1 | 0.45 | release=wholeMeat hazard=whole-meat piece=100 moist=offal
ham-hock | Ham hock, cooked | 66 22 9 0 0 3 | 0.75 | 2.2 | release=braisedMeat hazard=cooked-animal
venison-shoulder | Venison, diced | 73.6 23 2.4 0 0 1.1 | 0.9 | 0.13 | release=wholeMeat hazard=whole-meat
turkey-breast | Turkey breast | 74.8 23.5 0.7 0 0 1.1 | 0.9 | 0.12 | release=wholeMeat hazard=poultry piece=600
chicken-liver | Chicken liver | 76.5 16.9 4.8 0.7 0 1.1 | 1 | 0.18 | release=wholeMeat hazard=poultry piece=30 moist=offal
beef-brisket | Beef brisket | 64 18.5 16.5 0 0 0.9 | 0.9 | 0.18 | release=wholeMeat hazard=whole-meat
lamb-leg | Lamb leg | 71 20 8 0 0 1.1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat
gammon | Gammon, raw | 70 18.5 8 0 0 3.5 | 0.9 | 2.8 | release=wholeMeat hazard=whole-meat slice=120
meatballs | Meatballs, cooked | 58 17 17.5 5 0.6 1.9 | 0.75 | 1.3 | release=firm hazard=cooked-animal piece=30 moist=sausage
duck-breast | Duck, raw | 73.8 18.3 6 0.9 0 1.1 | 0.9 | 0.19 | release=wholeMeat hazard=poultry piece=180
pork-loin | Pork loin | 72.5 21.5 5 0 0 1.1 | 0.9 | 0.13 | release=wholeMeat hazard=whole-meat piece=160
beef-liver | Beef liver | 70.8 20.4 3.6 3.9 0 1.3 | 1 | 0.18 | release=wholeMeat hazard=whole-meat piece=120 moist=offal
cured-sausage | Cured paprika sausage | 32 24 38 1.5 0 4.5 | 0.8 | 3.5 | release=firm hazard=cured piece=225
chorizo-fresh | Paprika sausage, fresh | 52 16 27.5 1.5 0 3 | 0.95 | 2.3 | release=sausage hazard=minced-meat piece=65
back-bacon | Back bacon | 64 17 15 0.3 0 3.7 | 0.9 | 3.2 | release=bacon hazard=whole-meat piece=30 rasher=30 slice=30
ham-smoked | Smoked ham | 70 20.5 5 0.8 0 3.4 | 0.8 | 2.6 | release=firm hazard=cured slice=25
beef-shin | Beef shin | 72 21.5 5.5 0 0 1 | 0.9 | 0.16 | release=wholeMeat hazard=whole-meat
`,
};
