/**
 * What cooks and recipes call the larder's ingredients beside its own name for them: `id: name, name`. Apart from the facts,
 * because only who searches needs them.
 */

const NAMES = `
turkey-thigh-mince: turkey mince, ground turkey, minced turkey, minced turkey thigh, seven per cent fat turkey mince
turkey-breast-mince: lean turkey mince
chicken-thigh-mince: chicken mince, ground chicken, minced chicken, minced chicken thigh
duck-breast: duck meat
pork-mince: ground pork, minced pork
pork-mince-lean: lean ground pork
beef-mince: ground beef, minced beef
beef-mince-lean: lean ground beef
lamb-mince: ground lamb, minced lamb
venison-mince: ground venison
sausage-meat: sausagemeat
beef-shin: beef shank
venison-shoulder: venison
duck-leg-braised: braised duck, shredded duck, braised duck leg
turkey-cooked: roast turkey, leftover turkey, cooked turkey
pork-braised: pulled pork, braised pork, braised pork shoulder, slow-cooked pork
beef-braised: braised beef, pot roast, shredded beef, pulled beef
bacon: streaky bacon, smoked bacon
pork-back-fat: fatback, pork fat
chicken-breast-mince: lean chicken mince
duck-mince: ground duck
chicken-liver: chicken livers
chicken-cooked: roast chicken, whole roast chicken, rotisserie chicken, leftover chicken, leftover roast chicken, shredded chicken, poached chicken
goose-cooked: roast goose
lamb-shoulder: lamb
lamb-braised: braised lamb
beef-chuck: stewing beef, braising steak, beef
veal-mince: ground veal
pork-loin: pork
pork-liver: liver
venison-braised: braised venison
salt-beef: corned beef
smoked-sausage: kielbasa, smoked pork sausage, garlic sausage
cured-sausage: chorizo, pepperoni
salami: dry sausage, cured sausage
air-dried-ham: prosciutto, cured ham, parma ham, serrano ham
mixed-mince: beef and pork mince, half and half mince
duck-leg: duck legs
beef-skirt: skirt steak, bavette
beef-rump: rump steak, beef tenderloin
beef-cheek: ox cheek
beef-boiled: soup meat, cooked beef, leftover beef
beef-roast: leftover roast beef
pork-roast: cooked pork, barbecued pork, leftover pork
lamb-roast: cooked lamb, leftover lamb, roast mutton
duck-cooked: roast duck, leftover duck, cooked duck
veal-shoulder: veal
lamb-leg: leg of lamb
goat-meat: kid
kidney: beef kidney
heart: beef heart
sausage-raw: pork sausage, italian sausage, breakfast sausage, fresh sausage, sausage
chorizo-fresh: fresh chorizo, cooking chorizo
gammon: raw ham, cured pork
ham-hock: cooked ham hock, cooked gammon
back-bacon: bacon medallions
air-dried-beef: bresaola
smoked-air-dried-ham: speck, smoked cured ham
cooked-sausage: frankfurter, hot dog sausage, mortadella, bologna
blood-sausage: black pudding
duck-smoked: smoked duck breast
chicken-smoked: smoked turkey
meatballs: leftover meatballs
haddock-smoked: smoked fish, finnan haddock
cod: cod fillet, cod loin
prawns: shrimp, prawn, raw prawns, frozen prawns, frozen shrimp
anchovy: anchovies, anchovy fillets
tuna-tinned: canned tuna, tinned tuna
salmon-tinned: canned salmon, tinned salmon
sardines-tinned: canned sardines
prawns-cooked: cooked prawns, cooked shrimp, brown shrimps, peeled cooked shrimps, tinned prawns, tinned shrimp, canned shrimp
crab-cooked: crab, tinned crab, crabmeat, canned crab, lump crab
mussels-cooked: mussels
white-fish: fish fillet, fish
sea-bass: bass
tuna: tuna steak, fresh tuna
white-fish-cooked: cooked cod, cooked haddock, cooked fish, leftover fish, poached fish, flaked cod
salmon-cooked: poached salmon, leftover salmon
herring-pickled: rollmops
herring-salted: salt herring, matjes
kipper: smoked herring, kippers
trout-smoked: hot-smoked trout
salt-cod: soaked salt cod, desalted cod
fish-roe: cod roe
surimi: surimi, imitation crab
lobster-cooked: lobster, crayfish, langoustines
clams-cooked: clams, cockles
octopus-cooked: octopus
shrimps-dried: dried shrimp, dried prawns
mackerel-tinned: canned mackerel, tinned mackerel, tinned herring
fish-flakes: bonito flakes
egg: whole egg, beaten egg, pasteurised egg, liquid egg, egg product
egg-boiled: hard-boiled egg, boiled egg, cooked egg
egg-white: white of egg, whites
egg-yolk: yolk, yolks
egg-yolk-salted: salted duck egg yolk
milk: whole milk, long-life milk, uht milk
cream: heavy cream, thick cream, cream
soured-cream: sour cream
yoghurt: yogurt, natural yoghurt
yoghurt-strained: strained yogurt, greek yoghurt, greek yogurt, thick yoghurt
curd-cheese: quark, fresh curd, pot cheese, full-fat quark, creamy quark, quark 40 per cent
ricotta: whey cheese
stretched-cheese: fresh mozzarella, mozzarella
stretched-cheese-low: low-moisture mozzarella
brined-cheese: feta, feta cheese, white cheese, soaked feta
hard-cheese: cheddar, mature cheddar, grated cheese, hard cheese, cheese, mild cheddar-type cheese, mild cheddar, colby, monterey jack, jack cheese
grating-cheese: parmesan, parmesan cheese, ready grated hard cheese, grated parmesan
milk-semi: semi-skimmed milk, 2% milk, lactose-free milk
milk-skimmed: skim milk, milk and water, watered milk
cream-single: light cream, half and half
goat-cheese: goats cheese, goat's cheese, chevre
grilling-cheese: halloumi, grilling cheese block, halloumi block
pressed-cheese: paneer, paneer block, paneer cheese
alpine-cheese: gruyere, emmental, swiss cheese
young-cheese: gouda, edam, red-waxed cheese, edam cheese, young wheel cheese, gouda cheese, young gouda
labneh: labneh, yogurt cheese
sheep-cheese: manchego
soft-ripened-cheese: brie, camembert, brie-type cheese, brie cheese, camembert-type cheese, camembert cheese
washed-cheese: raclette, taleggio, provolone, melting cheese for slices, raclette cheese
processed-cheese: cheese slices, american cheese
ricotta-salted: ricotta salata
custard: pastry cream
butter: butter, sweet butter, butter block
sunflower-oil: vegetable oil, oil, neutral oil, oil spray, cooking spray, spring onion oil, scallion oil
sesame-oil: toasted sesame oil
lard: pork dripping
duck-fat: goose fat
rapeseed-oil: canola oil
ghee: ghee, brown butter, browned butter, beurre noisette, vegetable ghee
chicken-fat: schmaltz
dripping: tallow, beef fat, lamb dripping, lamb fat
groundnut-oil: peanut oil
corn-oil: grapeseed oil, rice bran oil
walnut-oil: hazelnut oil, pumpkin seed oil, linseed oil, flaxseed oil, hemp oil
celeriac: celery root
swede: rutabaga, diced mixed roots, mixed root vegetables, root vegetables, soup vegetables
beetroot: beet
white-radish: mooli, daikon
potato: floury potato, baking potato, mashing potato, white potato, jacket potato, russet potato
mashed-potato: mash
jerusalem-artichoke: sunchoke
potato-new: baby potatoes, oca, arrowhead bulb
beetroot-cooked: cooked beetroot, boiled beetroot
cassava: yuca, yuca root, yucca, manioc
spinach: baby spinach, fresh spinach, spinach leaves, young spinach, callaloo, orache, garden orache, good king henry, fat hen
chard: swiss chard, silverbeet
white-cabbage: cabbage, green cabbage
chinese-cabbage: chinese leaves, napa cabbage
sauerkraut: sauerkraut
coriander-leaf: cilantro, fresh coriander, coriander
savoy-cabbage: whole savoy, savoy
pak-choi: bok choy, tatsoi
rocket: arugula
spinach-frozen: frozen spinach, frozen leaf spinach
wild-garlic: ramsons
kimchi: kimchi
mustard-greens-pickled: pickled mustard greens, preserved vegetable
tarragon: tarragon, tarragon leaves
sage: sage, sage leaves
rosemary: rosemary, rosemary leaves, rosemary needles
thyme: thyme, thyme leaves, lemon thyme
oregano-fresh: fresh oregano, oregano leaves
marjoram-fresh: fresh marjoram, marjoram leaves
garlic-chives: chinese chives, chinese leek
spring-greens: collard greens, turnip greens, sprout tops, kalettes
bitter-greens: turnip tops, broccoli rabe, cime di rapa, dandelion greens, wild greens, turnip leaves
chicory: endive
water-spinach: amaranth leaves, chrysanthemum greens, purslane, malabar spinach, basella, saan choy
kale-frozen: frozen kale
celery-leaf: leaf celery
herbs-fresh: soft herbs, fresh herbs, herbs, mixed fresh herbs
lime-leaf: kaffir lime leaves, makrut lime leaves
seaweed-dried: nori, wakame
coleslaw-mix: coleslaw mix
onion: yellow onion, white onion, brown onion, cooking onion, mild white onion, frozen chopped onion, frozen onion
spring-onion: scallion, green onion, salad onion, bunch spring onions, bunching onion, welsh onion, negi, japanese leek
fried-onions: crispy onions, fried shallots, crispy shallots, crispy fried shallots, fried garlic flakes, crispy garlic
courgette: zucchini, summer squash, ratatouille vegetables, ratatouille mix
butternut: squash, winter squash
sweet-pepper: bell pepper, red pepper, green pepper, yellow pepper, pointed pepper, capsicum, red sweet pepper, red bell pepper, red capsicum, green sweet pepper, green bell pepper, green capsicum, orange sweet pepper, orange pepper, orange bell pepper, yellow bell pepper, yellow capsicum, orange capsicum, frozen sliced peppers, frozen peppers
peas: green peas, garden peas, in the pod peas, fresh peas, podded peas, shelled peas
sweetcorn: corn, tinned sweetcorn, canned corn, tinned corn, canned sweetcorn
aubergine: eggplant, thai aubergine, egg plant
green-beans: french beans
fennel: fennel bulb
bamboo-shoots: bamboo shoots, fresh boiled bamboo shoots, boiled bamboo shoots
water-chestnuts: water chestnuts
chilli-fresh: chilli, chili, red chilli, green chilli, red chillies, red chili pepper, finger chilli, green chillies, green chili, serrano pepper
pepper-roasted: roasted peppers, pepper and olive mix
broad-beans: fava beans
tomatoes-tinned: tinned tomatoes, canned tomatoes, tinned chopped tomatoes, chopped tinned tomatoes, canned chopped tomatoes, tinned plum tomatoes, tinned tomato, plum tomatoes in tins, peeled plum tomatoes, tinned whole tomatoes, canned whole tomatoes, peeled tomatoes, canned diced tomatoes, diced tomatoes tinned, polpa, crushed tomatoes, canned crushed tomatoes, finely chopped tinned tomatoes
passata: sieved tomatoes, strained tomatoes, passata with herbs, passata with basil, tomato passata
cherry-tomatoes: grape tomatoes
tomatoes-dried: sundried tomatoes, sun-dried tomato halves, dried tomatoes
cornichons: cornichon, cocktail gherkin
gherkins: pickles, pickled cucumbers, pickle spear, mixed pickled vegetables, giardiniera, mixed pickles, bread and butter pickles, pickled vegetables
peas-frozen: frozen peas, petits pois
sweetcorn-frozen: frozen corn, frozen sweetcorn
vegetables-frozen: frozen mixed vegetables, frozen vegetables, mixed vegetables
broad-beans-frozen: frozen broad beans, frozen edamame
broccoli-frozen: frozen broccoli, frozen cauliflower
sugar-peas: mangetout, sugar snap peas, snow peas
marrow: winter melon, wax gourd, ash gourd
small-pumpkin: kabocha, onion squash, red kuri squash
pumpkin-tinned: pumpkin puree, canned pumpkin
jackfruit-tinned: jackfruit, green jackfruit
palm-hearts: hearts of palm
chilli-pickled: pickled jalapenos, jalapeno slices, pepperoncini
jalapeno: jalapeno, green chile
onions-pickled: silverskin onions
sweetcorn-creamed: creamed corn
mushroom: button mushroom, chestnut mushroom, cremini mushroom, white mushroom, cremini, brown mushrooms, frozen mushrooms
wild-mushrooms: chanterelles, girolles, chanterelle mushrooms, fresh morels, morels, chicken of the woods
mushrooms-dried: dried shiitake, dried porcini, dried wild mushrooms, dried chinese mushrooms
mushrooms-soaked: soaked mushrooms
porcini: porcini, ceps, frozen ceps, frozen porcini
portobello: portobello, flat mushrooms, field mushrooms
wood-ear-dried: wood ear, black fungus, cloud ear
mushrooms-tinned: canned mushrooms, tinned mushrooms, pickled mushrooms, marinated mushrooms, salted mushrooms
prunes: dried plums, prune, soft prunes, ready-to-eat prunes, pitted prunes, stoned prunes
raisins: sultanas, golden raisins, mixed dried fruit, dried mixed fruit, dried fruit, chopped dried fruit
blueberries: bilberries, whortleberries, wimberries
chestnuts: ginkgo nuts, gingko nuts
lemon-zest: grated lemon rind
orange-zest: grated orange rind
cooking-apple: bramley apple, cooking apples, tart apple
sour-cherry: morello cherries, tart cherries, frozen sour cherries, frozen morello cherries
cherries-tinned: jarred cherries, tinned cherries, canned cherries
peach: frozen peaches
peaches-tinned: tinned fruit, tinned apricots, tinned pears
redcurrants: blackcurrants, white currants, black currants
berries-frozen: frozen berries, mixed berries, frozen raspberries, frozen blueberries
figs: fresh figs
orange: oranges
lemon: lemons, lemon slices
lime: limes
apple-dried: dried apples, dried pears, dried pear
barberries: dried cherries, dried sour cherries, goji berries
candied-peel: mixed peel, candied orange peel, candied fruit
ginger-crystallised: candied ginger
apple-sauce: applesauce, apple puree, stewed apple, jarred apple sauce
cranberry-sauce: lingonberry jam, redcurrant jelly, jarred cranberry sauce, cranberry relish, mint jelly
fruit-butter: plum jam, prune paste, apple butter, guava paste, quince paste, membrillo, quince cheese, fruit cheese, fruit paste, thick plum butter, powidl, lekvar, thick plum jam, rose hip paste, rosehip jam, sour fruit leather, fruit leather, tklapi
lemon-preserved: preserved lemons
lentils-cooked: brown lentils, green lentils, puy lentils, tinned lentils, canned lentils
chickpeas-cooked: chickpeas, garbanzo beans, tinned chickpeas, canned chickpeas, chick peas, garbanzos
black-beans: black beans, tinned black beans, canned black beans, turtle beans
white-beans: white beans, cannellini beans, haricot beans, white kidney beans, navy beans, great northern beans
kidney-beans: kidney beans, tinned kidney beans, canned kidney beans, red kidney beans
split-peas: split peas
mung-beans: mung beans
soya-mince: textured vegetable protein, dry soya chunks, soya protein chunks, textured soy, tvp
lentils: dried lentils, dry lentils, dry black lentils, beluga lentils, urad dal, black gram, whole urad, dry small green lentils, french lentils, dried puy lentils, green lentils dry
lentils-red: red lentils
chickpeas: dried chickpeas
beans-dry: dried beans, dried white beans, dried black beans, dry black beans, dry broad beans, dried fava beans, dried broad beans, dry adzuki beans, dried adzuki beans, dried red beans
split-peas-dry: dried split peas, yellow split peas, dry split black gram, split urad dal, urad, dry split chickpeas, chana dal, split gram, split, dry pigeon peas, toor dal, arhar dal
mung-beans-dry: dried mung beans, split mung beans
butter-beans: lima beans, flageolet beans
pinto-beans: black-eyed peas, mixed beans, beans
adzuki-cooked: adzuki beans, red beans
red-bean-paste: bean paste, sweet bean paste, lotus seed paste, sweet lotus paste, sweet white bean paste, shiroan, sweet mung bean paste, mung bean paste, lotus paste, sweet chestnut paste
hummus: hummus, houmous
tofu-fried: tofu puffs
bean-curd-sheets: bean curd skin, dried tofu skin, yuba
almonds-ground: almond meal, ground nuts, walnut meal
almonds: flaked almonds, sliced almonds, slivered almonds, blanched almonds, whole almonds
tahini: tahini, black sesame paste, black tahini, chinese sesame paste
mixed-nuts: nuts, chopped nuts
hazelnuts-ground: ground walnuts
marzipan: almond paste, sweet almond paste, frangipane, almond cream
poppy-ground: ground poppy seeds, ground poppy seed
chia-seeds: chia seeds, flax seeds, linseed, ground flax, flaxseed, ground linseed, milled linseed
coconut-fresh: grated coconut, shredded coconut, young flesh coconut, young coconut, frozen grated coconut
wheat-flour: maida, flour, wheat flour, all-purpose flour, white flour, pastry flour, cake flour, soft flour, 00 flour, plain white flour
breadcrumbs-dry: dried breadcrumbs, bread crumbs, breadcrumbs, golden breadcrumbs, golden crumbs, seasoned breadcrumbs, fine breadcrumbs, toasted breadcrumbs, rye crumbs, rye breadcrumbs, croutons, dried bread cubes, bread cubes
breadcrumbs-fresh: fresh bread crumbs
oats: porridge oats, oatmeal, medium oatmeal, pinhead oatmeal, steel-cut oats, jumbo oats, quick oats, instant oats
cornflour: cornstarch, corn starch, maize starch, instant thickener, thickening granules, sauce thickener, instant starch
potato-starch: potato flour, potato fecula, potato starch flour, sweet potato starch
tapioca-starch: tapioca, tapioca flour, cassava starch, cassava flour, manioc flour, tapioca starch flour
waxy-rice-flour: glutinous rice flour, sticky rice flour
potato-flakes: instant mash
rice-cooked: cooked rice, cooked sticky rice, cooked glutinous rice, cooked brown rice, cooked wild rice
gelatine: gelatin, gelatine sheets, leaf gelatine, gelatine leaves, sheet gelatine
wholemeal-flour: whole wheat flour, spelt flour, white spelt flour, barley flour, oat flour
chickpea-flour: gram flour, besan
polenta: cornmeal, fine maize meal, fine cornmeal, corn meal, maize meal, quick polenta
bulgur: bulgur wheat, cracked wheat, dry fine bulgur, fine bulgur, fine bulgur wheat, coarse bulgur
quinoa-cooked: quinoa
buckwheat-cooked: cooked buckwheat, buckwheat groats
millet-cooked: cooked millet
barley-cooked: cooked pearl barley, cooked barley
rice: long-grain rice, white rice, dry basmati rice, basmati rice, jasmine rice, basmati, dry short-grain rice, short grain rice, risotto rice, arborio rice, sushi rice, pudding rice, medium grain rice, round rice, dry sticky rice, glutinous rice, sticky rice
rice-noodles: rice vermicelli, rice noodles
breadcrumbs-coarse: panko
bread: slices of bread, bread, white bread slices, sliced bread, sandwich bread, toast bread, slices white bread, stale bread, old bread
pasta-cooked: cooked pasta, noodles, cooked wheat noodles, udon, udon noodles, ramen noodles, wheat noodles, soba, soba noodles
couscous-cooked: cooked couscous
freekeh-cooked: cooked spelt, freekeh, farro, cooked farro, wheat berries
buckwheat: dry buckwheat, kasha, dry roasted buckwheat, roasted buckwheat, toasted buckwheat groats
millet: dry millet, dry quinoa, red quinoa, white quinoa, dry amaranth grain, dry sorghum
barley: dry pearl barley, dry barley, dry freekeh or spelt, dry freekeh, farro dry, pearled spelt, dry spelt, pearl spelt
glass-noodles-dry: glass noodles, cellophane noodles, mung bean noodles, dried glass noodles, bean thread noodles, vermicelli, sweet potato noodles, dry sweet potato noodles, dangmyeon
rice-noodles-dry: dried rice noodles, dried rice vermicelli
egg-noodles-cooked: egg noodles, cooked noodles
sago: sago
custard-powder: vanilla pudding powder, instant pudding
matzo-meal: cracker crumbs
biscuit-crumbs: sponge fingers, amaretti, digestive biscuits
stuffing: sage and onion stuffing, leftover stuffing
vital-gluten: seitan, mock duck, wheat gluten
water: cold water, hot water, boiling water, warm water, iced water, ice water, sparkling water, mineral water, tap water, rice washing water, soda water, carbonated water, club soda, fizzy water
stock: broth, bouillon
red-wine: wine
vinegar: cider vinegar, white vinegar, apple cider vinegar, apple vinegar, distilled vinegar, distilled white vinegar, spirit vinegar, table vinegar
lemon-juice: juice of a lemon, bottled lemon juice, yuzu juice, verjuice
stock-salted: salted stock, from a cube chicken stock, stock made with a cube, chicken stock from a cube, ready-made chicken stock, cube stock, from a cube beef stock, beef stock made with a cube, beef stock from a cube
stock-gelled: stock jelly, jellied stock, jellied chicken stock, aspic, pork jelly stock, pork aspic, pork skin jelly, pork jelly, jellied pork stock, pork skin aspic, beef jelly stock, jellied beef stock, beef aspic
rice-wine: cooking wine, shaoxing wine, sake
sweet-rice-wine: mirin
sherry: dry sherry
beer: ale, stout, lager, pale ale, lager beer, dark beer, porter, dark ale
lime-juice: juice of a lime
soya-milk: soy milk
vegetable-stock: vegetable broth, mushroom stock
chicken-stock: chicken broth, turkey stock, poultry stock, duck stock, goose stock
beef-stock: beef broth, meat stock, meat broth, bone broth, veal stock, lamb stock, pork stock, game stock, pork bone broth, pig trotter stock
fish-stock: dashi, fish broth, prawn stock
meat-juices: cooking juices, braising liquid, pan juices, roasting juices, cooking liquid, meat juices, roasting tin juices
gravy: leftover gravy
fortified-wine: port, madeira, marsala, vermouth, sweet wine, dessert wine, muscat, plum wine, dry vermouth, madeira wine, port wine
spirit: brandy, rum, vodka, cognac, whisky, kirsch, dark rum, armagnac, calvados, whiskey, bourbon, gin, grappa
wine-vinegar: red wine vinegar, white wine vinegar, sherry vinegar, champagne vinegar, herb vinegar, tarragon vinegar, raspberry vinegar
black-vinegar: chinkiang vinegar
fruit-juice: pear juice, cherry juice, pineapple juice, grape juice, cranberry juice, pomegranate juice, coconut water, mango juice, peach juice, carrot juice, vegetable juice, beetroot juice
oat-milk: oat milk, rice milk
brine: pickle juice, cabbage brine, gherkin liquid, sauerkraut juice, olive brine
coffee: tea, espresso, strong tea, black tea, cold tea
flower-water: rose water, orange blossom water, orange flower water, orange blossom, rosewater
soy-sauce: light soy, light soy sauce, soya sauce, thin soy sauce, japanese soy sauce, shoyu, usukuchi
oyster-sauce: oyster sauce
miso: soya bean paste, red miso, aka miso, dark miso
mustard: prepared mustard, yellow mustard, mild yellow mustard, american mustard, german mustard, sweet mustard
tomato-paste: tomato paste, tomato puree, tomato concentrate, tube tomato purée, double concentrate
worcester-sauce: worcestershire sauce, worcestershire, worcester
hot-sauce: pepper sauce
ketchup: ketchup
chilli-paste: harissa, sambal, sambal oelek, rose harissa, harissa paste
bean-chilli-paste: doubanjiang
hoisin: hoisin sauce
pesto: pesto, basil pesto, green pesto, herb pesto, wild garlic pesto, rocket pesto, coriander pesto
olives-green: green olives, stuffed olives
olives-black: black olives, kalamata olives, purple olives, kalamata
capers-salted: salted capers
teriyaki: teriyaki sauce
barbecue-sauce: bbq sauce, smoky barbecue sauce, smoky bbq sauce
sweet-chilli-sauce: plum sauce, duck sauce, sweet and sour sauce
white-sauce-ready: white sauce, bechamel, made parsley sauce, made bread sauce
meat-sauce: bolognese sauce, bolognese, ragu, leftover stew, stew, beef stew, leftover beef stew, lamb stew, casserole, leftover casserole, leftover curry, leftover chilli, chilli con carne
tomato-sauce: pasta sauce, marinara sauce, pizza sauce
chutney: relish, mango chutney, pickle relish, sweet pickle, tomato chutney, onion chutney, caramelised onion chutney, apple chutney, plum chutney, red onion marmalade, onion marmalade, sweetcorn relish, burger relish
mustard-english: english mustard, wasabi paste, wasabi
shrimp-paste: prawn paste
fermented-chilli-paste: gochujang, korean chilli paste
soybean-paste: doenjang, yellow bean sauce, fermented bean paste, bean sauce, ground bean sauce, soybean and chilli paste, ssamjang
ginger-garlic-paste: ginger garlic paste, ginger paste, minced ginger from a jar, ginger puree, galangal paste, lemongrass paste
guacamole: guacamole
ginger: root ginger, fresh ginger, ginger root
salt: table salt, fine salt, sea salt, kosher salt, salt flakes, coarse salt
stock-powder: bouillon powder, chicken stock powder, chicken bouillon powder, chicken powder, chicken bouillon granules, mushroom seasoning, mushroom bouillon
sugar: caster sugar, white sugar, granulated sugar, pearl sugar, rock sugar, nib sugar, jam sugar, preserving sugar
black-pepper: pepper, ground pepper, peppercorns, mixed peppercorns, mixed pepper, four pepper mix, long pepper
cumin: ground cumin, cumin seeds, whole cumin seeds, whole cumin, jeera, black cumin, shah jeera
paprika: sweet paprika, hot paprika, sharp paprika, annatto, achiote, annatto paste, achiote paste
allspice: allspice berries, whole allspice, ground allspice
chilli-flakes: chili flakes, red pepper flakes, mild chilli flakes, aleppo pepper flakes, pul biber, urfa pepper
thyme-dried: dried thyme, ground thyme
juniper: juniper berry, crushed juniper
brown-sugar: muscovado, demerara sugar, dark brown sugar, dark muscovado, dark muscovado sugar, molasses sugar, soft dark brown sugar, light brown sugar, light muscovado, soft light brown sugar, soft brown sugar, palm sugar, jaggery, coconut sugar, piloncillo, gur, turbinado sugar, raw sugar, cane sugar
icing-sugar: powdered sugar, confectioners sugar
sugar-syrup: sugar syrup, simple syrup, stock syrup, light syrup, thin syrup, sugar and water syrup
syrup: corn syrup, agave syrup, agave nectar, date syrup, glucose syrup, rice syrup, malt syrup
jam: preserve, apricot jam, apricot preserve, apricot conserve, cranberry jelly, red currant jelly, crab apple jelly, quince jelly, apple jelly, gooseberry jam, strawberry jam, raspberry jam, blackcurrant jam, cherry jam, blackberry jam, blueberry jam, fig jam, rhubarb jam, rose petal jam, marmalade, orange marmalade, lemon marmalade, lime marmalade, ginger marmalade, peach jam, soft plum jam
szechuan-pepper: szechuan pepper, sichuan pepper
cayenne: chilli powder, chili powder, hot chilli powder, kashmiri chilli powder, red chilli powder
coriander-seed: ground coriander, coriander seed, coriander seeds, whole coriander seeds, coriander powder, dhania
caraway: caraway seeds
fennel-seed: fennel seeds
cloves: ground cloves, whole cloves, clove
five-spice: five spice
curry-powder: curry, madras powder, hot curry powder, medium curry powder, mild curry powder, curry spice
ginger-ground: ground ginger
garlic-powder: garlic granules, dried garlic flakes, dried garlic, garlic flakes
mustard-seed: mustard seeds, yellow mustard seeds, black mustard seeds, brown mustard seeds
nigella: nigella seeds
oregano-dried: oregano, dried oregano, mexican oregano, dried tarragon
marjoram-dried: marjoram, dried marjoram
mint-dried: dried mint, dried peppermint
dill-dried: dried dill, dill weed
sage-dried: dried sage, rubbed sage, ground sage
rosemary-dried: dried rosemary, ground rosemary
savory-dried: summer savory, dried savory, winter savory
basil-dried: dried basil
parsley-dried: dried parsley, dried chives, dried coriander leaf, dried cilantro, dried chervil
mixed-herbs: italian seasoning, herbes de provence, dried mixed herbs, provençal herbs, mixed herbs, dried italian herbs, italian herbs, italian herb mix, poultry seasoning
bay: bay leaves, dried bay leaf
bicarbonate: baking soda
monosodium-glutamate: msg, umami seasoning
noodle-alkali: alkali, lye powder
yeast-fresh: compressed yeast, baker’s yeast
yeast-dried: yeast, instant yeast, active dry yeast
mixed-spice: mixed spice, pumpkin spice, gingerbread spice, pumpkin pie spice, mulling spice, speculaas spice, apple pie spice, chai spice
spice-blend: ras el hanout, baharat, berbere, seven spice, lebanese seven spice, seven-spice chilli, shichimi, togarashi, five whole spices, panch phoron, pickling spice
chilli-powder-mild: mild chilli powder, ancho chilli, chipotle, aleppo pepper
chilli-dried: dried chillies, dried chilli, dried red chillies
asafoetida: hing
ajwain: carom seeds, anise seed, aniseed
amchur: amchoor, dried pomegranate powder
fenugreek-leaf: kasuri methi
vanilla-sugar: vanilla powder
vanilla-pod: vanilla bean, vanilla pods
onion-dried: dried onion, dried onions
garlic-salt: onion salt, seasoned salt, herb salt
sherbet-acid: citric acid, vinegar powder
garlic-roasted: roasted garlic
goat-mince: minced goat, ground goat, kid mince
rabbit-mince: minced rabbit, ground rabbit
rabbit-cooked: braised rabbit, leftover rabbit
hare: jugged hare
pigeon: squab, wood pigeon, pigeon breast
wild-duck: mallard, teal
game-mixed: game meat, diced game
ostrich: ostrich steak
bison: buffalo
bison-mince: ground bison, buffalo mince
reindeer: elk, moose meat, caribou
chicken-drumstick: drumsticks
chicken-leg: chicken leg quarter
chicken-whole: chicken, raw chicken
chicken-gizzard: gizzards, giblets
turkey-leg: turkey drumstick
turkey-whole: turkey, turkey meat
duck-liver: goose liver
duck-whole: duck
chicken-leg-roast: cooked chicken leg, roast chicken leg
chicken-breast-cooked: cooked chicken breast, poached chicken breast, roast chicken breast
chicken-tinned: canned chicken, tinned chicken
turkey-slices: sliced turkey, turkey ham, deli turkey
chicken-slices: deli chicken, chicken ham
pork-neck: pork collar, pork butt, boston butt, pork scrag
pork-cheek: pig cheek, pork jowl
pork-rib: spare rib, pork ribs
pork-leg: fresh ham
pork-fillet: pork tenderloin
pork-chop: pork steak
pork-hock: pork knuckle
pork-rind-crisp: pork scratchings, crackling
pork-belly-cooked: braised pork belly, cooked pork belly, roast pork belly
pork-fat-minced: minced pork fat
pork-skin: pork rind
beef-fillet: fillet steak
beef-sirloin: sirloin steak, strip steak
beef-ribeye: rib eye steak
beef-topside: silverside, beef round
beef-flank: flank steak, onglet, hanger steak
beef-neck: beef clod
ox-tongue-raw: beef tongue, tongue
ox-tongue: cooked tongue, sliced tongue
calf-liver: calves liver, veal liver
sweetbreads: lamb sweetbreads, veal sweetbreads
lung: lights
beef-steak: steak, minute steak
beef-mince-20: ground chuck, hamburger meat, hamburger, burger mince, ground round chuck
beef-mince-10: ground sirloin, ground round, steak mince
beef-tinned: canned beef, tinned stewed steak
beef-dried: beef jerky, biltong
beef-burger: beef burger, beef patty
lamb-neck: neck of lamb, scrag end
lamb-chop: lamb cutlet
lamb-loin: lamb fillet, lamb rump
mutton: hogget
lamb-mince-lean: lean minced lamb, lean ground lamb
mutton-mince: minced mutton, ground mutton
lamb-fat: tail fat, sheep fat
lamb-kofta: doner meat, kebab meat
veal-escalope: veal cutlet, veal schnitzel
veal-cooked: roast veal, braised veal
venison-haunch: haunch of venison, venison leg
venison-loin: venison fillet, venison steak
beef-sausage: beef sausages, beef banger
lamb-sausage: spicy lamb sausage
chicken-sausage: turkey sausage, poultry sausage
veal-sausage: white sausage, bratwurst
sausage-cooked: leftover sausages
cocktail-sausage: cocktail sausages, chipolata
chinese-sausage: chinese sausage, wind-dried sausage
spreading-sausage: soft cured sausage
liver-sausage: liverwurst
liver-pate: pate, chicken liver pate
haggis: haggis
white-pudding: oatmeal pudding
meatloaf: leftover meatloaf
cured-neck: coppa, cured collar
cured-cheek: guanciale, cured jowl
cured-back-fat: lardo, salo
pancetta: pancetta cubes, cubed pancetta
bacon-lardons: lardons, bacon bits, bacon pieces
ham-tinned: luncheon meat, canned ham, chopped pork and ham
gammon-cooked: baked ham, boiled ham
duck-confit: confit duck leg, confit duck, duck confit
pheasant-cooked: roast pheasant, leftover pheasant
game-cooked: braised game, game stew meat
goat-cooked: braised goat
liver-cooked: boiled liver, fried liver
heart-cooked: boiled heart
offal-cooked: cooked offal, boiled lung
beef-cheek-braised: braised ox cheek, braised beef cheek
brisket-cooked: cooked brisket, smoked brisket
oysters: shucked oysters
squid-rings: calamari
sprats: whitebait
sardines: fresh sardines, pilchards
anchovies-fresh: fresh anchovies
anchovies-white: white anchovies, marinated anchovies
coley: saithe, coalfish
ling: tusk, cusk
sole: lemon sole, dover sole
sea-bream: bream, dorade, gilthead
red-mullet: grey mullet, red mullet
red-snapper: red snapper, grouper, rockfish, redfish
pangasius: basa, river cobbler
zander: pike perch, walleye
arctic-char: arctic char
rainbow-trout: rainbow trout, sea trout
salmon-fillet: salmon steak, salmon portion
salmon-mince: minced salmon, salmon mince, salmon trimmings
salmon-hot-smoked: kiln-roasted salmon
gravlax: gravlax, gravad lax, cured salmon
fish-mince: minced fish, fish mince, fish paste raw
fish-pie-mix: fish pie mix, mixed fish, seafood pie mix
cod-smoked: smoked pollock, smoked white fish
tuna-in-oil: tuna in oil, tuna in olive oil
cod-liver: cod livers
caviar: caviar, salmon roe, lumpfish roe, trout roe
prawns-small: small prawns, small shrimp
prawns-large: large prawns, king prawns, jumbo shrimp, tiger prawns, large shrimp
crab-raw: dressed crab, brown crab, whole crab
lobster-raw: lobster tails
crayfish: crawfish, crayfish tails
langoustine: scampi
scallops-small: bay scallops, queenies
scallop-large: sea scallops, king scallops
scallops-dried: conpoy
whelks: sea snails
snails: snail, escargots
seafood-mix: seafood mix, mixed seafood, frozen seafood
fish-balls: fish cake asian
fish-fingers: fish fingers, breaded fish
fish-dried: stockfish, bombay duck
roe-pressed: bottarga
herring-tinned: tinned kippers
pilchards-tinned: sardines
quail-egg-boiled: boiled quail eggs, hard-boiled quail eggs
egg-salted: salted egg
egg-century: century egg, preserved egg
egg-tea: tea egg, soy egg
buffalo-mozzarella: buffalo mozzarella, burrata
mozzarella-pearls: mozzarella pearls, bocconcini
mozzarella-grated: grated mozzarella, shredded mozzarella, pizza cheese, grated pizza cheese
string-cheese: cheese strings, cheese sticks
smoked-stretched-cheese: smoked mozzarella, scamorza
cheddar-mature: sharp cheddar, extra mature cheddar, vintage cheddar, strong cheddar, strong cheese, mature cheese, sharp cheese
red-leicester: red leicester, double gloucester
crumbly-cheese: cheshire cheese, lancashire cheese, wensleydale, caerphilly
pecorino: pecorino romano, pecorino
aged-gouda: aged gouda, mature gouda, mimolette
havarti: havarti, fontina, tilsit, butterkase
emmental: emmental cheese, emmentaler, swiss
gruyere: gruyere cheese, comte, beaufort
washed-soft-cheese: munster, limburger, epoisses, reblochon
goat-log: goat log
goat-fresh: goat curd
feta-cow: salad cheese, greek style cheese, brined cheese, sheep's cheese in brine
bulgarian-cheese: bulgarian cheese, sirene, telemea
halloumi-light: light halloumi
queso-fresco: queso fresco, cotija, queso blanco
tvorog: tvorog, dry curd, dry cottage cheese, twarog, tvorog cheese, farmers cheese, farmer's cheese, baker's cheese
fromage-blanc: fromage frais, fromage blanc, petit suisse
cream-cheese-garlic: garlic and herb cheese, herb cream cheese, garlic cream cheese, soft cheese with herbs
cream-cheese-block: full-fat soft cheese, soft cheese
cheese-spread: spreadable cheese, cheese triangles
blue-strong: stilton, roquefort, gorgonzola, danish blue
blue-mild: dolcelatte, cambozola, gorgonzola dolce
provolone: provolone cheese, kashkaval, caciocavallo
oaxaca: oaxaca cheese, quesillo
vegan-cheese: vegan cheese, dairy-free cheese, cashew cheese
cream-soured-light: light sour cream, half-fat creme fraiche, smetana light
smetana: smetana
cream-extra-thick: extra thick double cream, thickened cream
cream-cooking: light cooking cream, half cream
yoghurt-low-fat: fat-free yoghurt, low fat yogurt, skimmed yoghurt
yoghurt-sheep: goat yoghurt, goats yogurt
yoghurt-plant: soya yoghurt, coconut yoghurt, dairy-free yoghurt
kefir: drinking yoghurt, ayran
milk-sheep: sheep's milk
dulce-de-leche: dulce de leche, caramelised condensed milk
caramel: toffee, fudge, caramel sauce, caramels
butter-spreadable: butter spread, light butter
butter-vegan: vegan butter, dairy-free spread, plant butter
vegetable-shortening: shortening, white vegetable fat, vegetable fat
suet-vegetable: shredded suet
soya-oil: soybean oil, soy oil
garlic-oil: garlic-infused oil, herb oil, basil oil
carrot-baby: chantenay carrots
carrot-frozen: frozen carrots, frozen peas and carrots
potato-roast: leftover roast potatoes
potato-waxy: charlotte potatoes, salad potato
potato-mash-butter: creamy mash, buttery mash, creamed potatoes
potato-chips: chips, french fries, fries, oven chips
potato-crisps: crisps, potato chips
hash-browns: hash browns, rosti
potato-tinned: canned potatoes, tinned new potatoes
taro: eddo, dasheen
radish-preserved: preserved daikon, salted radish, pickled radish
radish-red: radish, pink radish
daikon-dried: dried daikon
beetroot-vac: ready-cooked beetroot, vacuum-packed beetroot
burdock: gobo
jicama: yam bean
spinach-tinned: canned spinach
spinach-chopped-frozen: frozen chopped spinach, frozen spinach cubes
lambs-lettuce: corn salad, mache, lambs lettuce
pea-shoots: pea tops
beet-leaves: beet tops
radish-leaves: radish tops
dandelion: dandelion
wild-leaves: foraged greens, ground elder, mallow leaves, mallow
cavolo-nero: cavolo nero, tuscan kale, lacinato kale
cabbage-pointed: hispi cabbage, sweetheart cabbage, spring cabbage
choy-sum: yu choy, flowering cabbage
chinese-broccoli: gai lan, kailan
mustard-greens: gai choy, mustard leaves
sauerkraut-jar: jar of sauerkraut
preserved-mustard-stem: zha cai, sichuan preserved vegetable
preserved-mustard-dried: mei cai, dried mustard greens
vine-leaves: grape leaves
romaine: cos lettuce
little-gem: baby gem
salad-leaves: salad leaves, mixed leaves
endive-white: belgian endive
escarole: frisee, batavia
microgreens: mustard cress, garden cress, micro herbs
thai-basil: holy basil
savory-fresh: fresh savory
shiso: perilla, perilla leaves
vietnamese-coriander: laksa leaf, culantro, sawtooth herb
fenugreek-fresh: fresh methi, methi leaves, fresh fenugreek
kelp-dried: kombu, kelp
seaweed-fresh: samphire, fresh seaweed
onion-sweet: spanish onion, vidalia onion
onion-pearl: baby onions, button onions, silver onions
shallot-banana: echalion shallot, large shallot
garlic-paste: garlic puree, crushed garlic from a jar, jarred garlic
garlic-fresh-green: wet garlic, garlic shoots
asparagus-jar: tinned asparagus
artichoke-globe: artichoke, baby artichoke
artichoke-oil: grilled artichokes
green-beans-frozen: frozen green beans
green-beans-tinned: canned green beans
soya-sprouts: soybean sprouts
broccoli-tender: sprouting broccoli, broccolini, purple sprouting broccoli
chayote: christophine
chilli-birdseye: thai chilli, bird eye chilli, birds eye chillies
chilli-scotch: habanero, scotch bonnet chilli
chilli-mild: poblano, anaheim pepper, padron pepper, shishito, banana pepper, romano chilli
corn-cob: ear of corn, corn cob, sweetcorn cob
corn-baby: baby sweetcorn
cucumber-sour: sour pickles, salt-pickled cucumber, fermented cucumber, dill pickles
gourd-bitter: bitter melon, karela
gourd-bottle: dudhi, lauki, opo squash
gourd-ridge: loofah, turai, luffa
okra-frozen: frozen okra, ladies fingers
peas-tinned: canned peas, marrowfat peas
sweet-pepper-mini: mini pepper, snack peppers
sweet-pepper-long: romano pepper, ramiro pepper, pointed red pepper
sweet-pepper-pickled: pickled peppers, pickled red pepper
pepper-oil: antipasti peppers, chargrilled peppers
pimento: pimentos, piquillo peppers
squash-frozen: frozen butternut squash, frozen pumpkin
delicata: acorn squash
tomato-plum: roma tomato, san marzano tomato
tomato-green: unripe tomatoes
tomatoes-dried-oil: sundried tomatoes in oil, semi-dried tomatoes, sunblush tomatoes
vegetables-mixed-cooked: cooked vegetables, leftover vegetables, steamed vegetables
stir-fry-mix: stir fry mix, stir-fry vegetable mix
vegetables-grilled: antipasti vegetables, grilled vegetables, roasted vegetables
caponata: caponata, aubergine pickle
mushroom-duxelles: duxelles
shimeji: beech mushrooms, brown shimeji
porcini-dried: dried porcini mushrooms, dried cep, porcini dried
shiitake-dried: dried black mushrooms, chinese dried mushrooms, dried shiitake mushroom
mushroom-powder: porcini powder, dried mushroom powder
apple-eating: dessert apple, sweet apple, gala apple, fuji apple, golden delicious
apple-tart: granny smith, granny smith apple, braeburn, sharp apple
apple-pie-filling: apple pie filling, fruit pie filling
apricots-tinned: canned apricots
cherry-glace: candied cherries, maraschino cherries
cherry-pie-filling: cherry filling, blueberry pie filling
dates-medjool: medjool dates, fresh dates
dates-paste: date puree
dates-block: chopped dates, cooking dates, dried dates
fruit-cocktail: tinned fruit cocktail
grapes-seedless: seedless grapes, red grapes, green grapes
kiwi: kiwi
lemon-peel: lemon rind
lime-zest: grated lime zest, lime rind
lychee: longan, rambutan
mango-green: unripe mango
mango-pulp: mango puree
melon: honeydew, cantaloupe, watermelon
mincemeat: mincemeat, luxury mincemeat, sweet mincemeat
pear-tinned: canned pears
pear-asian: nashi pear, chinese pear
pineapple-tinned: canned pineapple, tinned pineapple chunks, pineapple rings
plum-sour-green: sour plums, greengage, tkemali plums
rhubarb-stalk: rhubarb sticks
tangerine: clementine, mandarin, satsuma
pomegranate-molasses: pomegranate molasses
tofu-soft: medium tofu, soft bean curd
tofu-extra-firm: pressed tofu, dry bean curd, five-spice tofu, bean curd
tofu-fermented: fermented tofu, white fermented tofu
soya-mince-ready: vegetarian mince, vegan mince, meat-free mince, plant-based mince, mycoprotein mince
plant-sausage: vegan sausage, veggie sausage, meat-free sausage
soybeans: soybeans, soya beans
lentils-pouch: ready-to-eat lentils, pouch lentils, pre-cooked lentils
chickpeas-roasted: roasted chickpeas
black-eyed-beans: black eye peas, cowpeas
baked-beans: baked beans
mixed-beans: bean salad, three bean salad
black-sesame-paste-sweet: black sesame filling
okara: okara
almond-butter: cashew butter, hazelnut butter, nut butter
hazelnut-spread: chocolate spread, hazelnut spread, chocolate hazelnut spread
chestnut-vac: whole chestnuts, cooked chestnuts, roasted chestnuts
chestnut-sweet: chestnut spread, chestnut jam, sweetened chestnut puree
praline: praline, peanut brittle
self-raising-flour: self-rising flour, dry batter mixture, pancake mix, tempura flour
corn-flour-masa: masa harina, masa
polenta-cooked: cooked polenta, set polenta
semolina-cooked: semolina pudding, semolina porridge
wheat-starch: wheat starch flour
pudding-powder: vanilla pudding, blancmange powder, custard mix
gelatine-powder: powdered gelatine, unflavoured gelatin
agar: agar-agar
psyllium: psyllium
xanthan: guar gum
bread-wholemeal: brown bread, wholewheat bread, rye bread
bread-roll: stale roll, kaiser roll, white roll
baguette: french bread, ciabatta
pitta: pitta bread, naan
crackers: cream crackers, crackers, water biscuits, soda crackers, crushed crackers
matzo: matzah
digestive: digestives, graham crackers, graham cracker crumbs, rich tea biscuits
ginger-biscuits: ginger nuts, gingersnaps, ginger snaps, gingerbread crumbs, speculoos
shortbread: butter biscuits
cake-crumbs: sponge cake, cake, madeira cake, sponge crumbs
cornflakes: corn flakes, crushed cornflakes, puffed rice, rice cereal
oats-cooked: cooked oats, porridge
wheat-bran: bran
rice-brown: wholegrain rice, wild rice
rice-pouch: microwave rice, leftover rice, day-old rice, boiled rice
risotto: leftover risotto
noodles-egg-dry: dried egg noodles, dry noodles, chow mein noodles
konjac-noodles: shirataki
pasta: dried pasta, macaroni, spaghetti, small pasta, orzo, lasagne sheets
pasta-fresh: fresh pasta
dumpling-dough-scraps: spaetzle
tortilla-crumbs: tortilla chips, corn chips, nachos
stuffing-mix: stuffing mix, sage and onion stuffing mix, dry stuffing mix
yorkshire: pancake, crepes, blini
water-pasta: pasta cooking water, potato water, potato cooking water, cooking water
water-mushroom: mushroom soaking liquid, mushroom liquid, soaking liquid
ice: ice cubes, ice
stock-vegetable-salted: vegetable bouillon
stock-reduced: demi-glace, glace de viande, meat glaze, reduced stock, jus
soup-condensed: condensed soup, cream of mushroom soup, condensed cream of mushroom soup, cream of chicken soup, condensed mushroom soup
soup-ready: soup, tomato soup, vegetable soup
wine-rice-cooking: salted rice wine, chinese cooking wine
liqueur: orange liqueur, almond liqueur, coffee liqueur
vinegar-balsamic-glaze: balsamic reduction, balsamic cream
vinegar-seasoned: sushi vinegar
coconut-milk-light: reduced-fat coconut milk
coconut-creamed-block: creamed coconut block
oat-cream: oat cream, soya cream, plant-based cream, cashew cream, dairy-free cream
gravy-granules: gravy powder, gravy mix, chicken gravy granules, instant gravy
gravy-thin: made-up gravy
soy-sweet: kecap manis, sweet dark soy
thin-sauce: ponzu, stir-fry sauce, steak sauce, tonkatsu sauce
liquid-seasoning: seasoning sauce, liquid aminos
black-bean-sauce: black bean paste salty, black bean garlic sauce
xo-sauce: xo sauce
chilli-crisp: crispy chilli oil, chilli oil with bits
chilli-garlic-sauce: chilli garlic sauce, sriracha
sriracha: chilli sauce, hot sauce thick
ajvar: ajvar, red pepper relish
pepper-paste: turkish pepper paste, biber salcasi, hot pepper paste
chipotle-paste: chipotle paste, chipotle in adobo
curry-sauce: tikka sauce, korma sauce, cooking sauce
tomato-sun-dried-paste: red pesto, sundried tomato pesto
tapenade: tapenade, black olive paste, olive tapenade
tzatziki: tzatziki, raita
salad-cream: tartare sauce, tartar sauce, remoulade, pink dressing, thousand island, burger sauce, ranch dressing, caesar dressing
mayonnaise-light: reduced fat mayonnaise, vegan mayonnaise
french-dressing: french dressing, italian dressing, salad dressing
mustard-dijon: dijon mustard, dijon
brown-sauce: fruity brown sauce
pickle-lime: mango pickle, achar, indian pickle
bechamel: thick bechamel, thick white sauce
cheese-sauce: cheese sauce, mornay sauce
bolognese-thick: thick bolognese, thick ragu, chilli cooked thick, cooked thick stew, thick stew, thick beef stew
satay-sauce: satay sauce
tamarind-block: tamarind pulp, tamarind block
miso-white: shiro miso, sweet miso, light miso
browning: kitchen browning
salt-low-sodium: lo salt
chilli-kashmiri: kashmiri chilli, korean chilli flakes, gochugaru
chilli-ancho: ancho chillies, guajillo chilli, pasilla chilli
cinnamon-stick: cinnamon bark, cassia bark, stick of cinnamon, stick cinnamon
cardamom-pods: green cardamom pods, black cardamom
turmeric-fresh: fresh turmeric, turmeric root
ginger-stem: stem ginger, preserved ginger
ginger-pickled: sushi ginger, gari
vegetable-powder: dried soup greens
lovage-dried: dried lovage
lime-dried: dried lime powder
tandoori: tandoori masala, chaat masala, tandoori mix
chaat-masala: chat masala
zaatar: zaatar, zatar
cajun: cajun seasoning, creole seasoning, blackened seasoning
taco-seasoning: taco seasoning, taco mix, fajita seasoning, fajita mix, chilli seasoning mix
bbq-rub: bbq rub, steak seasoning, meat rub
jerk-seasoning: jerk paste
chicken-seasoning: chicken salt
all-purpose-seasoning: seasoning salt, vegetable seasoning, universal seasoning, seasoning cube
adjika-dry: khmeli suneli, svanetian salt
stock-cube: bouillon cube, chicken stock cube, beef stock cube, vegetable stock cube, lamb stock cube, fish stock cube
stock-pot: stockpot, concentrated stock pot, stock concentrate, stock paste, bouillon paste
stock-dashi-powder: instant dashi
onion-soup-mix: dried onion soup, onion soup powder, packet soup mix
nutritional-yeast: yeast flakes
yeast-sachet: fast-action yeast, easy-bake yeast, dry yeast
sugar-cube: lump sugar
sweetener: granulated sweetener, stevia, erythritol, xylitol
treacle: treacle, molasses, blackstrap molasses
chocolate-milk: milk chocolate chips
chocolate-chips: dark chocolate chips, chocolate drops, plain chocolate, cooking chocolate, bittersweet chocolate
cocoa-drink: hot chocolate powder
coffee-instant: coffee granules, espresso powder
almond-extract: almond essence, orange extract, lemon extract, rum essence, peppermint extract
vanilla-paste: vanilla bean paste, vanilla essence
food-colour: food coloring
ammonium-bicarbonate: baker's ammonia
ham: ham cubes, diced ham, gammon steak cooked
cottage-cheese: low-fat cottage cheese, cottage cheese low fat
bacon-fat: chilli-spiced fat
kohlrabi: kohlrabi bulb
nettles: young nettles, nettles, nettle leaves, stinging nettles
kale: curly kale, green kale, red kale, moringa leaves
brussels-sprouts: sprouts
parsley: flat-leaf parsley, italian parsley, curly parsley
dill: dill fronds, dill leaves
mint: mint leaves, spearmint
basil: basil leaves
chives: snipped chives
chervil: chervil leaves
sorrel: sorrel leaves
lovage: lovage leaves
leek: white part leek, white of leek, frozen sliced leek, frozen leeks
garlic: elephant garlic
asparagus: asparagus spears, green asparagus, fern tips, fiddleheads, bracken
bean-sprouts: mung bean sprouts, beansprouts, alfalfa sprouts, sprouted seeds, lentil sprouts
broccoli: broccoli head, broccoli florets
cauliflower: cauliflower head, cauliflower florets, grated cauliflower, cauliflower rice, riced cauliflower
cucumber: persian cucumber, mini cucumber, lebanese cucumber
edamame: shelled edamame, soya beans green
pumpkin: pumpkin flesh, diced pumpkin
celery: rhubarb-like stalks, soffritto vegetables, soffritto mix, mirepoix, soffritto
tomato: beefsteak tomato, beef tomatoes, salad tomato
apricots-dried: soft dried apricots, ready-to-eat apricots
banana: ripe banana
cherry: sweet cherries, black cherries, frozen cherries
mango: frozen mango
plum: prune plums, zwetschgen, mirabelle, frozen plums
walnuts: walnut halves, walnut pieces
pine-nuts: pine kernels
pistachios: pistachio kernels, shelled pistachios, pistachio paste
pecans: pecan halves
sunflower-seeds: sunflower kernels
pumpkin-seeds: pumpkin kernels, pepitas, melon seeds, egusi, watermelon seeds
white-wine: dry white wine, rosé wine
cider: dry cider, hard cider, apple cider
orange-juice: freshly squeezed orange juice, grapefruit juice
olives: stoned mixed olives, pitted olives, stoned olives
capers: nonpareil capers
tamarind: tamarind concentrate
cinnamon: ground cinnamon, cinnamon powder
cardamom: ground cardamom, cardamom powder, cardamom seeds
star-anise: whole star anise
nutmeg: whole nutmeg, grated nutmeg, ground nutmeg
poppy-seeds: whole poppy seed, blue poppy seeds
mustard-powder: dry mustard, english mustard powder, ground mustard, horseradish powder
turmeric: ground turmeric, turmeric powder, haldi
honey: runny honey, clear honey, set honey, acacia honey
saffron: saffron threads, saffron strands
sumac: ground sumac
suet: shredded beef suet, beef suet
olive-oil: avocado oil
coconut-oil: cocoa butter
garlic-butter: herb butter, parsley butter
horseradish: horseradish root, fresh horseradish
salsify: black salsify
yam: chinese yam, mountain yam
okra: cactus paddles, nopales, cactus
oyster-mushroom: maitake, hen of the woods, hen-of-the-woods mushroom, maitake mushrooms
blackberries: frozen blackberries, brambles, mulberries
cranberries: frozen cranberries, lingonberries, cowberries, sea buckthorn, fresh barberries, zereshk
strawberries: frozen strawberries
peanuts: roasted peanuts, salted peanuts, crushed peanuts, groundnuts
sesame-seeds: black sesame seeds, black sesame, ground sesame, sesame meal
coconut-desiccated: coconut flakes, coconut chips, sweetened coconut, flaked coconut
semolina: fine semolina, semolina flour, farina, cream of wheat, durum flour
couscous: dry giant couscous, israeli couscous, pearl couscous
dark-soy: dark soy, mushroom soy sauce
fish-sauce: anchovy sauce, anchovy extract
curry-paste: thai curry paste, red curry paste, green curry paste, yellow curry paste, indian spice paste, tikka paste, madras paste, vindaloo paste, korma paste, balti paste
mayonnaise: rich egg mayonnaise, japanese mayonnaise, aioli, garlic mayonnaise
horseradish-sauce: horseradish from a jar, creamed horseradish, hot horseradish, beetroot horseradish
yeast-extract: yeast spread, savoury yeast spread, yeast extract spread
lemon-curd: citrus curd, lime curd, orange curd, passion fruit curd
onion-powder: onion granules
game-terrine: head cheese, brawn
noodles-instant: instant ramen, ramen noodles dry
lemongrass: lemon grass
milk-powder: buttermilk powder, dried milk
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
