/**
 * What cooks and recipes call the larder's ingredients beside its own name for them: `id: name, name`. Apart from the facts,
 * because only who searches needs them.
 */

const NAMES = `
turkey-thigh-mince: turkey mince, ground turkey, minced turkey, minced turkey thigh
turkey-breast-mince: lean turkey mince
chicken-thigh-mince: chicken mince, ground chicken, minced chicken, minced chicken thigh
duck-breast: duck meat
pork-mince: ground pork, minced pork
pork-mince-lean: lean ground pork
beef-mince: ground beef, minced beef
beef-mince-lean: lean ground beef
lamb-mince: ground lamb, minced lamb, mutton mince, minced mutton
venison-mince: ground venison
sausage-meat: sausagemeat
beef-shin: beef shank
venison-shoulder: venison
duck-leg-braised: braised duck, shredded duck, braised duck leg, confit duck
turkey-cooked: roast turkey, leftover turkey, cooked turkey
pork-braised: pulled pork, braised pork, braised pork shoulder, slow-cooked pork
beef-braised: braised beef, braised beef cheek, pot roast, shredded beef
bacon: streaky bacon, smoked bacon, pancetta, lardons, bacon lardons
pork-back-fat: fatback, pork fat
chicken-breast-mince: lean chicken mince
duck-mince: ground duck
chicken-liver: chicken livers
chicken-cooked: roast chicken, rotisserie chicken, leftover chicken, leftover roast chicken, shredded chicken, poached chicken
goose-cooked: roast goose
lamb-shoulder: lamb
lamb-braised: braised lamb
beef-chuck: stewing beef, braising steak, beef
veal-mince: ground veal
pork-loin: pork fillet, pork tenderloin, pork chop, pork leg, pork
pork-liver: liver
venison-braised: braised venison
salt-beef: corned beef
smoked-sausage: kielbasa, smoked pork sausage, garlic sausage
cured-sausage: chorizo, pepperoni
salami: dry sausage, cured sausage
air-dried-ham: prosciutto, cured ham, parma ham, serrano ham
mixed-mince: beef and pork mince, half and half mince
duck-leg: duck legs
beef-skirt: skirt steak, bavette, beef flank
beef-rump: rump steak, beef sirloin, beef fillet, beef tenderloin, beef round, beef topside
beef-brisket: beef short rib, beef short ribs
beef-cheek: ox cheek, oxtail
beef-boiled: soup meat, cooked beef, leftover beef
beef-roast: leftover roast beef
pork-roast: cooked pork, barbecued pork, leftover pork
lamb-roast: cooked lamb, leftover lamb, roast mutton
duck-cooked: roast duck, leftover duck, cooked duck, duck confit
veal-shoulder: veal
lamb-leg: leg of lamb, lamb neck, mutton, lamb loin
goat-meat: kid
beef-liver: calf liver, lamb liver
kidney: lamb kidney, ox kidney, beef kidney
heart: beef heart, chicken hearts
sausage-raw: pork sausage, italian sausage, breakfast sausage, fresh sausage, sausage
chorizo-fresh: fresh chorizo, cooking chorizo
gammon: raw ham, cured pork
ham-hock: cooked ham hock, cooked gammon
back-bacon: bacon medallions
air-dried-beef: bresaola, beef jerky
smoked-air-dried-ham: speck, smoked cured ham
cooked-sausage: frankfurter, hot dog sausage, mortadella, bologna
blood-sausage: black pudding
duck-smoked: smoked duck breast, smoked goose
chicken-smoked: smoked turkey
meatballs: leftover meatballs
haddock-smoked: smoked fish, finnan haddock, smoked cod
cod: cod fillet, cod loin
prawns: shrimp, prawn, king prawns, tiger prawns, raw prawns
anchovy: anchovies, anchovy fillets
pollock: saithe, coley
tuna-tinned: canned tuna, tinned tuna
salmon-tinned: canned salmon, tinned salmon
sardines-tinned: canned sardines
prawns-cooked: cooked prawns, cooked shrimp
crab-cooked: crab
mussels-cooked: mussels
white-fish: hake, whiting, fish fillet, fish
flat-fish: plaice, sole, flounder, halibut, turbot
sea-bass: sea bream, bass, bream
catfish: tilapia, basa
pike: perch, zander, pike perch
tuna: swordfish, tuna steak, fresh tuna
white-fish-cooked: cooked cod, cooked haddock, cooked fish, leftover fish, poached fish
salmon-cooked: poached salmon, leftover salmon
herring-pickled: rollmops
herring-salted: salt herring, matjes
kipper: smoked herring, kippers
trout-smoked: hot-smoked trout, smoked eel, hot-smoked salmon
salt-cod: soaked salt cod, desalted cod
fish-roe: cod roe
surimi: surimi, imitation crab
lobster-cooked: lobster, crayfish, crayfish tails, langoustines
clams-cooked: clams, cockles
octopus-cooked: octopus
shrimps-dried: dried shrimp, dried prawns
mackerel-tinned: canned mackerel, tinned mackerel, tinned herring
fish-flakes: bonito flakes
egg: whole egg, beaten egg
egg-boiled: hard-boiled egg, boiled egg, cooked egg
egg-yolk-salted: salted duck egg yolk
milk: whole milk
cream: heavy cream, thick cream, cream
soured-cream: sour cream
yoghurt: yogurt, natural yoghurt
yoghurt-strained: strained yogurt, greek yoghurt, greek yogurt, thick yoghurt
curd-cheese: quark, fresh curd, pot cheese, farmer cheese
ricotta: whey cheese
stretched-cheese: fresh mozzarella, mozzarella
stretched-cheese-low: low-moisture mozzarella
brined-cheese: feta, feta cheese, white cheese
hard-cheese: cheddar, mature cheddar, grated cheese, hard cheese, cheese
grating-cheese: parmesan, pecorino, parmesan cheese
milk-semi: semi-skimmed milk, 2% milk
milk-skimmed: skim milk
buttermilk: kefir
cream-single: light cream, half and half
goat-cheese: goats cheese, goat's cheese, chevre
grilling-cheese: halloumi
pressed-cheese: paneer
alpine-cheese: gruyere, emmental, swiss cheese
young-cheese: gouda, edam
labneh: labneh, yogurt cheese
sheep-cheese: manchego
soft-ripened-cheese: brie, camembert
washed-cheese: raclette, taleggio, provolone
processed-cheese: cheese slices, american cheese
ricotta-salted: ricotta salata
custard: pastry cream
butter: butter, sweet butter
sunflower-oil: vegetable oil, oil, neutral oil
sesame-oil: toasted sesame oil
lard: pork dripping
duck-fat: goose fat
rapeseed-oil: canola oil
ghee: ghee
chicken-fat: schmaltz
dripping: tallow, beef fat
groundnut-oil: peanut oil
corn-oil: soybean oil, grapeseed oil, rice bran oil
walnut-oil: hazelnut oil
celeriac: celery root
swede: rutabaga
beetroot: beet
white-radish: mooli, daikon
potato: floury potato, baking potato, mashing potato, white potato
mashed-potato: mash
jerusalem-artichoke: sunchoke
potato-new: waxy potatoes, baby potatoes, salad potatoes
beetroot-cooked: cooked beetroot, boiled beetroot
cassava: yuca, taro
black-radish: radishes, radish
spinach: baby spinach, fresh spinach, spinach leaves
chard: swiss chard, silverbeet
white-cabbage: cabbage, green cabbage
chinese-cabbage: chinese leaves, napa cabbage
sauerkraut: sauerkraut
coriander-leaf: cilantro, fresh coriander, coriander
savoy-cabbage: spring cabbage, pointed cabbage
pak-choi: bok choy
rocket: arugula
spinach-frozen: frozen spinach, frozen leaf spinach
wild-garlic: ramsons
kimchi: kimchi
mustard-greens-pickled: pickled mustard greens, preserved vegetable
tarragon: tarragon
sage: sage, sage leaves
rosemary: rosemary
thyme: thyme, thyme leaves
oregano-fresh: fresh oregano
marjoram-fresh: fresh marjoram
garlic-chives: chinese chives, chinese leek
spring-greens: collard greens, collards, turnip greens
bitter-greens: turnip tops, broccoli rabe, cime di rapa, dandelion greens, mustard greens, wild greens
chicory: endive, escarole, frisee
lettuce: romaine
water-spinach: amaranth leaves, chrysanthemum greens, purslane
kale-frozen: frozen kale
celery-leaf: leaf celery
herbs-fresh: soft herbs, fresh herbs, herbs, mixed fresh herbs
lime-leaf: kaffir lime leaves, makrut lime leaves
seaweed-dried: nori, wakame
coleslaw-mix: coleslaw mix
onion: yellow onion, white onion, brown onion, cooking onion
spring-onion: scallion, green onion, salad onion
fried-onions: crispy onions
courgette: zucchini, summer squash
butternut: squash, winter squash
sweet-pepper: bell pepper, red pepper, green pepper, yellow pepper, pointed pepper, capsicum
peas: green peas, garden peas
sweetcorn: corn
aubergine: eggplant
green-beans: french beans
fennel: fennel bulb
bamboo-shoots: bamboo shoots
water-chestnuts: water chestnuts
chilli-fresh: chilli, chili, red chilli, green chilli
pepper-roasted: roasted peppers
broad-beans: fava beans
tomatoes-tinned: tinned tomatoes, canned tomatoes, tinned chopped tomatoes, chopped tinned tomatoes, canned chopped tomatoes, tinned plum tomatoes, tinned tomato
passata: sieved tomatoes, strained tomatoes
cherry-tomatoes: grape tomatoes
tomatoes-dried: sundried tomatoes
gherkins: pickles, pickled cucumbers
peas-frozen: frozen peas, petits pois
sweetcorn-frozen: frozen corn, frozen sweetcorn
vegetables-frozen: frozen mixed vegetables, frozen vegetables, mixed vegetables
broad-beans-frozen: frozen broad beans, frozen edamame
broccoli-frozen: frozen broccoli, frozen cauliflower
sugar-peas: mangetout, sugar snap peas, snow peas
marrow: bottle gourd, chayote, bitter gourd
small-pumpkin: acorn squash, kabocha, onion squash, red kuri squash
pumpkin-tinned: pumpkin puree, canned pumpkin
jackfruit-tinned: jackfruit, green jackfruit
palm-hearts: hearts of palm
chilli-pickled: pickled jalapenos, jalapeno slices, pepperoncini
jalapeno: jalapeno, green chile
onions-pickled: silverskin onions
tomatillo: green tomatoes
sweetcorn-creamed: creamed corn
mushroom: button mushroom, chestnut mushroom, cremini mushroom, white mushroom
wild-mushrooms: chanterelles
mushrooms-dried: dried shiitake, dried porcini, dried wild mushrooms, dried ceps, dried shiitake mushrooms, dried chinese mushrooms
mushrooms-soaked: soaked mushrooms
porcini: porcini, ceps
portobello: portobello, flat mushrooms, field mushrooms
wood-ear-dried: wood ear, black fungus, cloud ear
mushrooms-tinned: canned mushrooms, tinned mushrooms
prunes: dried plums, prune
raisins: sultanas, golden raisins
blueberries: bilberries
chestnuts: cooked chestnuts
lemon-zest: grated lemon rind
orange-zest: grated orange rind
cooking-apple: bramley apple, cooking apples, tart apple
sour-cherry: morello cherries, tart cherries
cherries-tinned: jarred cherries, tinned cherries, canned cherries
peach: nectarine
peaches-tinned: tinned fruit, tinned apricots, tinned pears
redcurrants: blackcurrants, white currants
berries-frozen: frozen berries, mixed berries, frozen raspberries, frozen blueberries
figs: fresh figs
orange: oranges, clementine, mandarin
lemon: lemons
lime: limes
apple-dried: dried apples, dried pears, dried pear
barberries: dried cherries, dried sour cherries
candied-peel: mixed peel, candied orange peel, candied fruit
ginger-crystallised: stem ginger, candied ginger
apple-sauce: applesauce, apple puree, stewed apple
cranberry-sauce: lingonberry jam, redcurrant jelly
fruit-butter: plum jam, prune paste, apple butter
lemon-preserved: preserved lemons
lentils-cooked: brown lentils, green lentils, puy lentils
chickpeas-cooked: chickpeas, garbanzo beans
black-beans: black beans
white-beans: white beans, cannellini beans, haricot beans
kidney-beans: kidney beans
split-peas: split peas
mung-beans: mung beans
soya-mince: textured vegetable protein
lentils: dried lentils, dry lentils
lentils-red: red lentils
chickpeas: dried chickpeas
beans-dry: dried beans, dried white beans, dried black beans
split-peas-dry: dried split peas, yellow split peas
mung-beans-dry: dried mung beans, split mung beans
butter-beans: lima beans, flageolet beans
pinto-beans: borlotti beans, black-eyed beans, black-eyed peas, mixed beans, beans
adzuki-cooked: adzuki beans, red beans
red-bean-paste: bean paste, sweet bean paste, lotus seed paste, sweet lotus paste
hummus: hummus, houmous
tofu-fried: tofu puffs
bean-curd-sheets: bean curd skin, dried tofu skin, yuba
almonds-ground: almond meal, ground nuts
almonds: flaked almonds
tahini: tahini
mixed-nuts: nuts, chopped nuts
hazelnuts-ground: ground walnuts
macadamias: brazil nuts
marzipan: almond paste
poppy-ground: ground poppy seeds, ground poppy seed
chia-seeds: chia seeds, flax seeds, linseed, ground flax
coconut-fresh: grated coconut, shredded coconut
wheat-flour: flour, wheat flour, all-purpose flour, white flour, self-raising flour
breadcrumbs-dry: dried breadcrumbs, bread crumbs, breadcrumbs
breadcrumbs-fresh: fresh bread crumbs
oats: porridge oats, oatmeal
cornflour: cornstarch, corn starch, maize starch
potato-starch: potato flour, potato fecula
tapioca-starch: tapioca, tapioca flour, cassava starch
waxy-rice-flour: glutinous rice flour, sticky rice flour
potato-flakes: instant mash
rice-cooked: cooked rice
gelatine: gelatin
wholemeal-flour: whole wheat flour
chickpea-flour: gram flour, besan
polenta: cornmeal
bulgur: bulgur wheat, cracked wheat
quinoa-cooked: quinoa
buckwheat-cooked: cooked buckwheat, buckwheat groats
millet-cooked: cooked millet
barley-cooked: cooked pearl barley, cooked barley
rice: long-grain rice, white rice
rice-noodles: rice vermicelli, rice noodles
breadcrumbs-coarse: panko
bread: slices of bread, bread
pasta-cooked: cooked pasta, noodles
couscous-cooked: cooked couscous
freekeh-cooked: cooked spelt, freekeh, farro, cooked farro, wheat berries
buckwheat: dry buckwheat, kasha
millet: dry millet, dry quinoa
barley: dry pearl barley, dry barley
glass-noodles-dry: glass noodles, cellophane noodles, mung bean noodles, dried glass noodles, bean thread noodles, vermicelli, sweet potato noodles
rice-noodles-dry: dried rice noodles, dried rice vermicelli
egg-noodles-cooked: egg noodles, cooked noodles
sago: sago
custard-powder: vanilla pudding powder, instant pudding
matzo-meal: cracker crumbs, crushed crackers
biscuit-crumbs: sponge fingers, amaretti, cake crumbs, digestive biscuits
stuffing: sage and onion stuffing, leftover stuffing
vital-gluten: seitan
water: cold water, hot water, boiling water, warm water, iced water, ice water, sparkling water, mineral water, tap water
stock: broth, bouillon
red-wine: wine
vinegar: cider vinegar, white vinegar
lemon-juice: juice of a lemon
stock-salted: salted stock
stock-gelled: stock jelly, jellied stock, jellied chicken stock, aspic
rice-wine: cooking wine, shaoxing wine
sweet-rice-wine: mirin
sherry: dry sherry
beer: ale, stout
lime-juice: juice of a lime
soya-milk: soy milk
vegetable-stock: vegetable broth
chicken-stock: chicken broth, turkey stock, poultry stock
beef-stock: beef broth, meat stock, meat broth, bone broth, veal stock, lamb stock, pork stock, game stock
fish-stock: dashi, fish broth, prawn stock
meat-juices: cooking juices, braising liquid, pan juices, roasting juices, cooking liquid, meat juices
gravy: leftover gravy
fortified-wine: port, madeira, marsala, vermouth
spirit: brandy, rum, vodka, cognac, whisky, kirsch
wine-vinegar: red wine vinegar, white wine vinegar, sherry vinegar
black-vinegar: chinkiang vinegar
fruit-juice: pear juice, cherry juice, pineapple juice, grape juice, cranberry juice, pomegranate juice
oat-milk: oat milk, almond milk, rice milk
brine: pickle juice, cabbage brine
coffee: tea, espresso
flower-water: rose water, orange blossom water
soy-sauce: light soy sauce, soya sauce
oyster-sauce: oyster sauce
miso: soya bean paste
mustard: prepared mustard, dijon mustard, yellow mustard
tomato-paste: tomato paste, tomato puree, tomato concentrate
worcester-sauce: worcestershire sauce
hot-sauce: tabasco
ketchup: ketchup
chilli-paste: harissa, sambal
bean-chilli-paste: doubanjiang
hoisin: hoisin sauce
pesto: pesto
olives-green: green olives, stuffed olives
olives-black: black olives, kalamata olives
capers-salted: salted capers
teriyaki: teriyaki sauce, sweet soy sauce, kecap manis
barbecue-sauce: bbq sauce, brown sauce
sweet-chilli-sauce: plum sauce, duck sauce
white-sauce-ready: white sauce, bechamel, cheese sauce
meat-sauce: bolognese sauce, bolognese, ragu, leftover stew, stew, beef stew, leftover beef stew, lamb stew, casserole, leftover casserole, leftover curry, leftover chilli, chilli con carne
tomato-sauce: pasta sauce, marinara sauce, pizza sauce
chutney: relish, mango chutney, pickle relish, sweet pickle
mustard-english: english mustard
shrimp-paste: prawn paste
fermented-chilli-paste: gochujang
soybean-paste: doenjang, yellow bean sauce, fermented bean paste
ginger-garlic-paste: ginger garlic paste
guacamole: avocado, guacamole
ginger: root ginger, fresh ginger
salt: table salt, fine salt, sea salt, kosher salt, salt flakes, coarse salt
stock-powder: bouillon powder, stock cube
sugar: caster sugar, white sugar, granulated sugar
black-pepper: pepper, ground pepper, peppercorns
cumin: ground cumin, cumin seeds
paprika: sweet paprika
allspice: pimento
chilli-flakes: chili flakes, red pepper flakes
thyme-dried: dried thyme
juniper: juniper berry
brown-sugar: muscovado, demerara sugar
icing-sugar: powdered sugar, confectioners sugar
syrup: corn syrup, treacle
jam: preserve
szechuan-pepper: szechuan pepper, sichuan pepper
cayenne: chilli powder, chili powder
coriander-seed: ground coriander, coriander seed, coriander seeds
caraway: caraway seeds
fennel-seed: fennel seeds
cloves: ground cloves
five-spice: five spice
curry-powder: curry, madras powder
ginger-ground: ground ginger
garlic-powder: garlic granules
mustard-seed: mustard seeds
nigella: nigella seeds
oregano-dried: oregano, dried oregano
marjoram-dried: marjoram, dried marjoram
mint-dried: dried mint
dill-dried: dried dill, dill weed
sage-dried: dried sage
rosemary-dried: dried rosemary
savory-dried: summer savory, dried savory
basil-dried: dried basil
parsley-dried: dried parsley
mixed-herbs: italian seasoning, herbes de provence, dried mixed herbs
bay: bay leaves
bicarbonate: baking soda
monosodium-glutamate: msg
noodle-alkali: alkali, lye powder
yeast-fresh: compressed yeast, baker’s yeast
yeast-dried: instant yeast, active dry yeast
mixed-spice: mixed spice, pumpkin spice, gingerbread spice, pumpkin pie spice
spice-blend: ras el hanout, baharat, berbere, cajun seasoning, taco seasoning, fajita seasoning, zaatar
chilli-powder-mild: mild chilli powder, ancho chilli, chipotle, aleppo pepper
chilli-dried: dried chillies, dried chilli, dried red chillies
asafoetida: hing
ajwain: carom seeds, anise seed, aniseed
amchur: amchoor, dried pomegranate powder
fenugreek-leaf: kasuri methi
vanilla-sugar: vanilla powder
vanilla-pod: vanilla bean, vanilla pods
onion-dried: dried onion, dried onions
garlic-salt: celery salt, onion salt, seasoned salt, herb salt
sherbet-acid: citric acid, cream of tartar
garlic-roasted: roasted garlic
`;

let read: ReadonlyMap<string, readonly string[]> | null = null;

/** The other names of an ingredient. */
export function aliasesOf(id: string): readonly string[] {
  read ??= new Map(
    NAMES.trim()
      .split('\n')
      .map((row) => [
        row.slice(0, row.indexOf(':')),
        row
          .slice(row.indexOf(':') + 1)
          .trim()
          .split(', '),
      ]),
  );
  return read.get(id) ?? [];
}
