/**
 * Lines as recipes have them, and what a reader takes them for. `text > id grams preparation`, of which grams and preparation
 * may be missing; `a + b` where a line names two foods; `note` where it is not filling. Written without regard to how lines are read.
 */
export const RECIPE_LINES = `
500 g minced pork > pork-mince 500
1 lb ground beef (80/20) > beef-mince 454
400 g mixed mince > mixed-mince 400
minced pork shoulder, 600 g > pork-mince 600
700g lean beef mince > beef-mince-lean 700
300 g turkey mince > turkey-thigh-mince 300
250 g ground lamb > lamb-mince 250
1½ lb ground chicken > chicken-thigh-mince 680
500 g chicken thighs, boned and minced > chicken-thigh-mince 500
450 g veal mince > veal-mince 450
200 g venison mince > venison-mince 200
400 g pork belly, finely diced > pork-belly 400
600 g beef skirt, cut into 1 cm dice > beef-skirt 600
1 kg stewing beef, cubed > beef-chuck 1000
300 g cooked ham, diced > ham 300
4 slices of ham, shredded > ham 100
150 g smoked bacon lardons > bacon 150
6 rashers streaky bacon, chopped and fried > bacon 150
200 g chorizo, skinned and diced > cured-sausage 200
100g prosciutto, torn > air-dried-ham 100
3 pork sausages, skins removed > sausage-raw 195
400 g sausage meat > sausage-meat 400
400 g leftover roast chicken, shredded > chicken-cooked 400
2 cups cooked chicken, chopped > chicken-cooked
300 g pulled pork > pork-braised 300
250 g leftover roast beef, finely chopped > beef-roast 250
350 g boiled beef, minced > beef-boiled 350
500 g boneless chicken thighs, diced > chicken-thigh 500
2 chicken breasts, poached and shredded > chicken-breast
400 g duck legs, confit and shredded > duck-leg 400 shredded
200 g chicken livers, trimmed > chicken-liver 200
300 g lamb shoulder, finely chopped > lamb-shoulder 300
250 g corned beef > salt-beef 250
100 g salami, chopped > salami 100
ground pork and ground beef, 250 g each > pork-mince 250 + beef-mince 250
1 tbsp lard > lard
300 ml beef stock > beef-stock 300
1 cup chicken broth > chicken-stock 240
150 ml hot vegetable stock > vegetable-stock 150
100 ml fish stock > fish-stock 100
2 tbsp braising liquid > meat-juices
4 tbsp leftover gravy > gravy
200 g jellied stock > stock-gelled 200
1 chicken stock cube > stock-powder 10
1 tsp vegetable bouillon powder > stock-powder
100 ml dry white wine > white-wine 99
a splash of sherry > sherry
2 tbsp rice wine > rice-wine
50 ml water > water 50
½ cup cold water > water 120
2-3 tablespoons iced water > water
300 ml whole milk > milk 309
150 ml double cream > cream
3 tbsp single cream > cream-single
4 heaped tbsp crème fraîche > creme-fraiche
200 g sour cream > soured-cream 200
250 g Greek yoghurt > yoghurt-strained 250
200 g natural yoghurt, strained overnight > yoghurt 200
250 g ricotta, drained > ricotta 250 drained-overnight
500 g quark > curd-cheese 500
400 g cottage cheese, drained in a sieve > cottage-cheese 400 drained-overnight
200 g feta, crumbled > brined-cheese 200
1 x 200 g pack feta cheese > brined-cheese 200
125 g ball mozzarella, torn and drained > stretched-cheese 125
150 g low-moisture mozzarella, grated > stretched-cheese-low 150
100 g mature cheddar, grated > hard-cheese 100
1 cup grated parmesan > grating-cheese
50 g gruyère > alpine-cheese 50
150 g soft goat's cheese > goat-cheese 150
100 g blue cheese, crumbled > blue-cheese 100
200 g paneer, grated > pressed-cheese 200
250 g halloumi, coarsely grated > grilling-cheese 250
1 tub (180 g) cream cheese > cream-cheese 180
2 eggs > egg 100
1 large egg, beaten > egg
3 hard-boiled eggs, chopped > egg-boiled 150
2 eggs, hard-boiled and chopped > egg-boiled 100
4 eggs, scrambled > egg 200 scrambled
1 egg yolk > egg-yolk 18
2 egg whites > egg-white 64
1 egg, to glaze > note
beaten egg, for brushing > note
500 g cod fillet, skinned and diced > cod 500
400 g smoked haddock, poached and flaked > haddock-smoked 400 flaked
300 g cooked salmon, flaked > salmon-cooked 300
200 g smoked salmon trimmings > salmon-smoked 200
2 x 145 g cans tuna, drained > tuna-tinned
1 400 g can chopped tomatoes > tomatoes-tinned 400
250 g cooked peeled prawns > prawns-cooked 250
300 g raw king prawns, peeled and chopped > prawns-large 300
200 g white crab meat > crab-cooked 200
4 anchovy fillets, chopped > anchovy 16
250 g smoked mackerel fillets, skin removed > mackerel-smoked 250
500 g skinless white fish fillet, minced > white-fish 500 worked
1 onion, finely chopped > onion 150
2 large onions, sliced and caramelised > onion browned
1 medium onion, finely chopped and fried until golden > onion 150 browned
1 small red onion, diced > red-onion
4 spring onions, finely sliced > spring-onion 60
a bunch of scallions, chopped > spring-onion 100
3 shallots, minced > shallot 90
2 leeks, washed, sliced and sweated in butter > leek 400 sweated
3 cloves of garlic, crushed > garlic 15
2 fat garlic cloves > garlic
1 tsp garlic powder > garlic-powder
1-inch piece of ginger, grated > ginger
a thumb-sized piece of fresh ginger, peeled and grated > ginger 15
1 tsp ground ginger > ginger-ground
100 g Chinese chives, chopped > garlic-chives 100
2 tbsp snipped chives > chives
1/2 head Chinese cabbage, finely chopped > chinese-cabbage 350
300 g napa cabbage, salted and squeezed > chinese-cabbage 300 salted-squeezed
400 g white cabbage, finely shredded > white-cabbage 400
quarter of a red cabbage, shredded > red-cabbage 225
500 g spinach, washed, wilted and squeezed dry > spinach 500 wilted-squeezed
2 handfuls of baby spinach > spinach 60
250 g frozen spinach, thawed and squeezed > spinach-frozen 250 squeezed
1 bag (200 g) kale, stalks removed > kale 200
300 g Swiss chard, blanched and chopped > chard 300 blanched-squeezed
500 g sauerkraut, drained and squeezed > sauerkraut 500 squeezed
200 g kimchi, squeezed > kimchi 200 squeezed
1 kg floury potatoes, peeled > potato 1000
600 g potatoes, boiled and mashed > potato 600 boiled-mash
2 medium potatoes, peeled and cut into small dice > potato 340 diced
300 g leftover mashed potato > mashed-potato 300
2 carrots, coarsely grated > carrot 160 raw
1 large carrot, finely diced > carrot diced
200 g celeriac, grated > celeriac 200 raw
150 g swede, diced > swede 150 diced
2 sticks celery, finely chopped > celery 80
1 small sweet potato, roasted > sweet-potato roasted
3 cooked beetroot, diced > beetroot-cooked 240
2 courgettes, grated, salted and squeezed > courgette 400 salted-squeezed
1 large zucchini, grated > courgette
2 aubergines, roasted > aubergine 600 roasted
1 red bell pepper, deseeded and diced > sweet-pepper 160
2 roasted red peppers from a jar, drained > pepper-roasted
400 g tin chopped tomatoes > tomatoes-tinned 400
2 ripe tomatoes, chopped > tomato 200
3 tbsp tomato paste > tomato-paste
250 g chestnut mushrooms, sliced > mushroom 250
200 g mushrooms, finely chopped and fried until dry > mushroom 200 browned
20 g dried porcini, soaked > mushrooms-dried 20 soaked
6 dried shiitake mushrooms, soaked, squeezed and sliced > shiitake-dried soaked
500 g butternut squash, roasted > butternut 500
400 g pumpkin, boiled and mashed > pumpkin 400 boiled-mash
150 g frozen peas > peas-frozen 150
1 cup frozen mixed vegetables > vegetables-frozen
1 small tin sweetcorn, drained > sweetcorn
100 g green beans, blanched and chopped > green-beans 100
200 g broccoli florets, blanched > broccoli 200
1 tin chickpeas, drained and rinsed > chickpeas-cooked 240
400 g can black beans, drained > black-beans 240
200 g red lentils > lentils-red 200
250 g cooked puy lentils > lentils-cooked 250
150 g cooked rice > rice-cooked 150
1 cup cooked brown rice > rice-cooked
50 g glass noodles, soaked and chopped > glass-noodles-dry 50 soaked
100 g vermicelli, soaked in hot water > glass-noodles-dry 100 soaked
300 g firm tofu, pressed and crumbled > tofu 300 pressed
1 block (280 g) smoked tofu, diced > tofu-smoked 280
50 g fresh breadcrumbs > breadcrumbs-fresh 50
3 tbsp dried breadcrumbs > breadcrumbs-dry
2 slices white bread, soaked in milk and squeezed > bread 60
40 g rolled oats > oats 40
2 tbsp plain flour > wheat-flour
30 g flour > wheat-flour 30
1 tbsp cornstarch > cornflour
2 tsp potato starch mixed with 2 tbsp water > potato-starch + water
1 heaped tbsp cornflour, slaked with a little water > cornflour
50 g semolina > semolina 50
25 g butter > butter 25
1 tbsp salted butter > butter-salted
2 tbsp olive oil > olive-oil
1 tbsp vegetable oil > sunflower-oil
1 tsp toasted sesame oil > sesame-oil
oil, for frying > note
vegetable oil for deep-frying > note
2 tbsp soy sauce > soy-sauce
1 tbsp dark soy sauce > dark-soy
2 tsp fish sauce > fish-sauce
1 tbsp oyster sauce > oyster-sauce
2 tbsp hoisin sauce > hoisin
1 tsp Worcestershire sauce > worcester-sauce
1 tbsp Dijon mustard > mustard-dijon
2 tsp wholegrain mustard > wholegrain-mustard
1 tsp English mustard powder > mustard-powder
2 tbsp capers, rinsed > capers rinsed
60 g green olives, pitted and sliced > olives-green 60
12 black olives, stoned > olives-black 48
2 tbsp tomato ketchup > ketchup
1 tbsp harissa > chilli-paste
2 tbsp mango chutney > chutney
1 tbsp balsamic vinegar > balsamic-vinegar
1 tsp red wine vinegar > wine-vinegar
juice of 1 lemon > lemon-juice 40
zest and juice of 1 lemon > lemon-zest + lemon-juice
juice of half a lime > lime-juice
grated zest of 1 orange > orange-zest
1 tbsp lemon juice > lemon-juice
1 tsp salt > salt 6
salt and pepper > salt + black-pepper
½ tsp fine sea salt > salt 3
salt, to taste > salt
freshly ground black pepper > black-pepper
1/4 tsp white pepper > white-pepper
a pinch of nutmeg > nutmeg
1 tsp ground cumin > cumin
2 tsp cumin seeds, toasted > cumin
1 tsp sweet paprika > paprika
1 tsp smoked paprika > smoked-paprika
½ tsp chilli flakes > chilli-flakes
1 green chilli, deseeded and finely chopped > chilli-fresh 15
1 tbsp curry powder > curry-powder
2 tsp garam masala > garam-masala
1 tsp turmeric > turmeric
1 tsp ground coriander > coriander-seed
small bunch of coriander, chopped > coriander-leaf
2 tbsp chopped fresh coriander > coriander-leaf
a handful of parsley, chopped > parsley 12
1 tbsp chopped flat-leaf parsley > parsley
2 tbsp chopped dill > dill
1 tsp dried oregano > oregano-dried
1 tsp dried thyme > thyme-dried
4 sprigs thyme, leaves only > thyme 4
1 bay leaf > bay
10 mint leaves, torn > mint
1 tbsp sugar > sugar
80 g caster sugar > sugar 80
50 g soft brown sugar > brown-sugar 50
2 tbsp honey > honey
1 tsp ground cinnamon > cinnamon
1 tsp vanilla extract > vanilla
1 sachet vanilla sugar > vanilla-sugar 8
500 g Bramley apples, peeled, cored and sliced > cooking-apple 500
2 apples, peeled and diced > apple 300
400 g sour cherries, stoned > sour-cherry 400
300 g blueberries > blueberries 300
250 g frozen mixed berries > berries-frozen 250
60 g raisins, soaked in rum > raisins 60 soaked
100 g prunes, chopped > prunes 100
50 g dried apricots, diced > apricots-dried 50
100 g ground almonds > almonds-ground 100
75 g walnuts, chopped > walnuts 75
2 tbsp pine nuts, toasted > pine-nuts
1 tbsp sesame seeds > sesame-seeds
250 g ground poppy seeds > poppy-ground 250
500 g red bean paste > red-bean-paste 500
200 g dates, pitted > dates 200
2 sheets puff pastry > note
500 g strong bread flour, for the dough > note
20 round dumpling wrappers > note
flour, for dusting > note
soured cream, to serve > note
sesame seeds, to sprinkle > note
250 g minced beef or lamb > beef-mince 250
1 tbsp + 1 tsp soy sauce > soy-sauce
1 lb 2 oz potatoes, diced > potato 510 diced
about 300 g leeks, trimmed and sliced > leek 300
a 5 cm piece of ginger, cut into matchsticks > ginger
2 cups shredded cabbage, packed > white-cabbage
scant cup of milk > milk
1 level tsp bicarbonate of soda > bicarbonate
500 g pork mince, 20 % fat > pork-mince 500
1 kg onions, sliced > onion 1000
200 g bean sprouts, blanched and squeezed > bean-sprouts 200
100 g water chestnuts, finely chopped > water-chestnuts 100
80 g tinned bamboo shoots, diced > bamboo-shoots 80
150 g nettle tops, blanched > nettles 150 blanched-squeezed
100 g wild garlic, chopped > wild-garlic 100
60 g gherkins, finely chopped > gherkins 60
2 tbsp horseradish sauce > horseradish-sauce
3 tbsp pesto > pesto
200 ml passata > passata 206
100 ml coconut milk > coconut-milk 97
`;
