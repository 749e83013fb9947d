/** Twenty-six more, from other households' hands, each with one that is spoilt. */
import { known } from './known';

export const OTHER_HANDS = [
  known(
    'pork and garlic chive, stock beaten in',
    'raw half-moon noodle boil',
    `500g pork mince, shoulder
    150 g garlic chives, chopped
    2 tbsp soy sauce
    1 tbsp sesame oil
    150 ml chicken stock, beaten in a spoonful at a time
    1/2 tsp salt
    1 thumb ginger, grated`,
    'A third of its weight in stock, beaten in: the meat holds it and they burst with juice.',
    [
      {
        without: ['150 ml chicken'],
        plus: '450 ml chicken stock, poured in',
        wrong: 'wet at the board',
        first: /stock/,
      },
    ],
  ),
  known(
    'turkey the day after',
    'cooked pocket short bake',
    `400 g leftover roast turkey, shredded
    150 g leftover stuffing
    120 ml gravy
    3 tbsp cranberry sauce
    a good pinch of salt`,
    'Gravy and sauce make cold turkey moist again.',
    [
      {
        without: ['150 g leftover', '120 ml', '3 tbsp'],
        plus: '250 g cold cooked rice',
        wrong: 'dry',
        first: /stock|butter|gravy/i,
      },
    ],
    { salt: 'ok' },
  ),
  known(
    'tuna, sweetcorn and mayo',
    'cooked pocket rough-laminated bake',
    `2 tins tuna, drained
    1 small tin sweetcorn, drained
    4 tbsp mayonnaise
    100g cheddar, grated
    black pepper`,
    'Mayonnaise and melted cheese against dry tuna.',
    [
      {
        without: ['2 tins', '1 small'],
        plus: '2 tins tuna in brine, not drained\n1 tin sweetcorn with its water',
        wrong: 'wet at the board',
        first: /drain/i,
      },
    ],
    { cooling: 'ok' },
  ),
  known(
    'curried potatoes and peas',
    'cooked triangle oil-egg fry',
    `450 g potatoes, boiled, in small dice
    150g frozen peas, thawed
    1 onion, fried soft
    2 tbsp oil
    2 tsp curry powder
    1 1/4 tsp salt`,
    'Dry potatoes in spiced oil; nothing runs.',
    [
      {
        plus: '80 g dry breadcrumbs\n60 g oats',
        without: ['2 tbsp oil'],
        wrong: 'dry',
        first: /crumbs|oats/i,
      },
    ],
  ),
  known(
    'apples, sugar, a little cornflour',
    'cooked pocket rough-laminated bake',
    `600 g cooking apples, peeled and diced
    75g sugar
    1 tsp cinnamon
    25 g butter
    1 tbsp cornflour`,
    'The starch takes the juice.',
    [
      {
        without: ['600 g', '1 tbsp cornflour'],
        plus: '800 g apples, grated',
        wrong: 'wet',
        first: /cornflour|starch|apple/i,
      },
    ],
    { heat: 'ok', cooling: 'ok' },
  ),
  known(
    'ricotta and spinach pillows',
    'cooked pillow noodle boil',
    `300 g frozen spinach, thawed and squeezed dry
    250g ricotta, drained
    60 g hard cheese, finely grated
    1 egg yolk
    nutmeg
    1/2 tsp salt`,
    'Everything dry before it is mixed.',
    [
      {
        without: ['300 g frozen', '250g'],
        plus: '300 g frozen spinach, just thawed\n250 g ricotta',
        wrong: 'wet at the board',
        first: /spinach/i,
      },
    ],
  ),
  known(
    'chicken and leek under a lid',
    'cooked pan-pie short bake',
    `600 g chicken thighs, poached and shredded
    2 leeks, softened in butter
    50 g butter
    50 g plain flour, cooked in the butter
    400 ml milk
    150 ml chicken stock
    1 3/4 tsp salt`,
    'A white sauce that stands.',
    [{ without: ['50 g plain'], wrong: 'wet', first: /flour/i }],
  ),
  known(
    'beef skirt, potato and swede',
    'raw pocket short bake',
    `400 g beef skirt, cut small
    300 g potatoes, diced small
    150 g swede, diced small
    1 onion, chopped
    1 3/4 tsp salt
    1 tsp pepper`,
    'All raw into the pasty; its own juice is the gravy.',
    [{ plus: '150 g oats', wrong: 'dry', first: /oats/i }],
  ),
  known(
    'lentils, sweet potato and brined cheese',
    'cooked purse bread bake',
    `250 g cooked lentils
    300 g sweet potato, roasted and mashed
    100 g feta, crumbled
    1 onion, fried
    2 tbsp olive oil
    1 tsp cumin
    1/2 tsp salt`,
    'Mash holds the lentils.',
    [{ plus: '150 g bulgur wheat, uncooked', wrong: 'dry', first: /bulgur/i }],
    { salt: 'ok' },
  ),
  known(
    'poppy seed roll',
    'cooked roll enriched bake',
    `200 g ground poppy seeds
    200 ml milk
    80 g sugar
    50 g raisins
    2 tbsp honey
    20 g butter`,
    'Scalded with the milk until it is a paste.',
    [{ without: ['200 ml', '2 tbsp', '20 g'], wrong: 'dry', first: /milk|butter/i }],
  ),
  known(
    'walnuts and honey',
    'cooked triangle thin-sheets bake',
    `250 g walnuts, chopped
    90 g honey
    50 g butter
    1 tsp cinnamon`,
    'Honey and butter hold chopped nuts.',
    [
      {
        without: ['90 g', '50 g'],
        plus: '80 g dry breadcrumbs\n30 g sugar',
        wrong: 'dry',
        first: /crumb|milk|butter/i,
      },
    ],
  ),
  known(
    'prawns and bamboo',
    'raw purse noodle steam',
    `400 g raw prawns, chopped
    100 g fatty pork mince
    80 g bamboo shoots, drained and chopped
    1 tbsp cornflour
    2 tsp sesame oil
    1 tsp salt
    1 tsp sugar`,
    'Springy, and juicy by the pork.',
    [{ plus: '3 tsp salt', wrong: 'salty', first: /salt/i }],
  ),
  known(
    'kimchi and tofu',
    'cooked half-moon noodle steam',
    `300 g firm tofu, pressed and crumbled
    200 g kimchi, squeezed and chopped
    80 g glass noodles, soaked
    3 spring onions, sliced
    1 tbsp sesame oil
    1 tbsp soy sauce`,
    'Pressed and squeezed, it stays dry enough to fold.',
    [
      {
        without: ['300 g', '200 g', '80 g'],
        plus: '300 g tofu, crumbled\n300 g kimchi with its juice',
        wrong: 'wet at the board',
        first: /fermented cabbage|tofu/i,
      },
    ],
  ),
  known(
    'cheese and onion',
    'cooked pocket short bake',
    `300 g mature cheddar, grated
    3 onions, sliced and sweated
    300 g potatoes, boiled and mashed
    1 tsp mustard
    pepper`,
    'The cheese is salt and sauce enough.',
    [{ without: ['3 onions', '300 g pot'], plus: '5 onions, chopped raw', wrong: 'wet', first: /onion/i }],
  ),
  known(
    'fine fried mushrooms',
    'cooked pocket rough-laminated bake',
    `500 g mushrooms, finely chopped and fried until dry
    2 shallots, chopped and fried
    50 g butter
    40 g fresh breadcrumbs
    a handful of parsley, chopped
    1 tsp salt`,
    'All their water is gone in the pan.',
    [{ without: ['500 g'], plus: '500 g mushrooms, sliced', wrong: 'wet', first: /mushroom/i }],
    { salt: 'ok', cooling: 'ok' },
  ),
  known(
    'lamb and onion flat breads',
    'raw flat-round bread griddle',
    `400 g minced lamb
    1 onion, grated
    1 tsp salt
    2 tsp ground cumin
    a handful of parsley`,
    'Thin and juicy; fat lamb bastes itself.',
    [{ plus: '5 tomatoes, chopped', wrong: 'wet', first: /tomato/i }],
    { board: 'ok' },
  ),
  known(
    'Sunday roast in pastry',
    'cooked half-moon short bake',
    `350 g cold roast beef, cut small
    200 g cold mashed potatoes
    100 ml gravy
    1 tbsp horseradish sauce
    1/2 tsp salt`,
    'Gravy brings back what roasting took.',
    [
      {
        without: ['200 g', '100 ml', '1 tbsp'],
        plus: '200 g cooked rice, cold',
        wrong: 'dry',
        first: /stock|gravy|butter/i,
      },
    ],
    { salt: 'ok' },
  ),
  known(
    'home-made sweet bean paste',
    'cooked purse steamed-bun steam',
    `300 g dried adzuki beans, boiled and mashed
    200 g sugar
    60 g oil
    pinch of salt`,
    'Cooked until it leaves the pan.',
    [{ plus: '400 ml water', wrong: 'wet', first: /water|cook off/i }],
  ),
  known(
    'cream cheese and blueberries',
    'cooked pocket rough-laminated bake',
    `250 g cream cheese
    1 egg yolk
    60g sugar
    100 g blueberries
    1 tbsp cornflour`,
    'A few berries in a stiff cream.',
    [
      {
        without: ['250 g', '100 g', '1 tbsp'],
        plus: '100 g cream cheese\n500 g blueberries, frozen, thawed',
        wrong: 'wet',
        first: /cornflour|starch|blueberr/i,
      },
    ],
    { heat: 'ok' },
  ),
  known(
    'egg and chive pockets',
    'cooked pocket hot-water griddle',
    `6 eggs, scrambled
    200 g garlic chives, chopped
    50 g glass noodles, soaked
    2 tbsp oil
    1 tsp salt`,
    'Noodles take what the chives give.',
    [{ plus: '400 g courgettes, grated', wrong: 'wet', first: /courgette/i }],
    { board: 'ok' },
  ),
  known(
    'cod and potato',
    'cooked half-moon short bake',
    `400 g cod, poached and flaked
    300 g mashed potato
    50g butter
    2 tbsp parsley
    3/4 tsp salt
    zest of a lemon`,
    'Butter is its sauce.',
    [{ without: ['50g', '300 g'], plus: '120 g dry breadcrumbs', wrong: 'dry', first: /crumbs/i }],
  ),
  known(
    'chilli beef',
    'cooked half-moon short bake',
    `500 g beef mince, browned
    1 onion, chopped and softened
    1 tin chopped tomatoes, cooked right down
    2 tsp cumin
    1 1/2 tsp salt
    1 tsp chilli flakes`,
    'Simmered until the spoon leaves a trail.',
    [
      {
        without: ['1 tin'],
        plus: '1 tin chopped tomatoes\n300 ml beef stock',
        wrong: 'wet',
        first: /cook off|stock|tomato/i,
      },
    ],
  ),
  known(
    'chicken and cabbage, steamed',
    'raw purse noodle steam',
    `500 g chicken mince
    1 onion, finely chopped
    100 g white cabbage, finely chopped
    2 tbsp oil
    a bunch of coriander, chopped
    1 tbsp grated ginger
    1 1/4 tsp salt`,
    'Onion, cabbage and oil make lean chicken juicy.',
    [{ without: ['1 onion', '100 g', '2 tbsp'], plus: '120 g dry breadcrumbs', wrong: 'dry', first: /crumbs/i }],
    { board: 'ok' },
  ),
  known(
    'dates and walnuts',
    'cooked half-moon short bake',
    `250 g dates, chopped
    100 g walnuts, chopped
    50 g butter
    100 ml orange juice
    1/2 tsp cinnamon`,
    'Cooked with juice to a soft paste.',
    [{ without: ['50 g', '100 ml'], plus: '100 g desiccated coconut', wrong: 'dry', first: /coconut|milk|butter/i }],
  ),
  known(
    'chicken in white sauce',
    'cooked pocket bread bake',
    `300 g cooked chicken, diced
    40 g butter
    40 g flour, cooked in the butter
    350 ml milk
    80 g cheddar, grated
    1/2 tsp salt`,
    'Cold, it stands in the spoon.',
    [{ without: ['40 g flour'], plus: '160 g flour, cooked in the butter', wrong: 'pasty', first: /flour/i }],
  ),
  known(
    'cottage cheese and dill',
    'cooked flat-round bread griddle',
    `500 g cottage cheese, drained overnight
    1 egg
    3 tbsp chopped dill
    3/4 tsp salt`,
    'Drained, it does not leak.',
    [{ without: ['500 g', '1 egg'], plus: '500 g cottage cheese', wrong: 'wet', first: /drain/i }],
    { salt: 'ok' },
  ),
];
