/** Without meat: vegetables, pulses, egg, curd and cheese. */
import { known } from './known';

export const VEGETABLES = [
  known(
    'potato and curd cheese',
    'cooked half-moon noodle boil',
    `600 g floury potatoes, boiled and mashed
    250 g curd cheese, drained
    1 onion, chopped and browned
    30 g butter
    1¾ tsp salt
    ½ tsp pepper`,
    'A dry mash; it never runs.',
    [{ without: ['1¾ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'potato and fried onion',
    'cooked half-moon noodle boil',
    `1 kg potatoes, boiled and mashed
    2 large onions, chopped and browned
    60 g butter
    2½ tsp salt`,
    'Mash and onions in butter.',
    [{ plus: '300 ml milk', wrong: 'wet', first: /milk|cook off|simmer/i }],
  ),
  known(
    'sour cabbage and mushrooms',
    'cooked half-moon noodle boil',
    `500 g sauerkraut, squeezed
    250 g mushrooms, browned
    1 onion, chopped and sweated
    30 g butter
    1 tsp sugar
    ½ tsp pepper`,
    'Fried together until dry. The cabbage is salt enough.',
    [
      {
        without: ['500 g sauerkraut', '250 g mushrooms'],
        plus: '500 g sauerkraut\n250 g mushrooms, sliced',
        wrong: 'wet',
        first: /mushroom|sauerkraut|cook off/i,
      },
    ],
    { heat: 'ok' },
  ),
  known(
    'cabbage and egg buns',
    'cooked purse enriched bake',
    `700 g white cabbage, shredded and sweated
    3 hard-boiled eggs, chopped
    1 onion, chopped and sweated
    50 g butter
    1½ tsp salt
    1 tbsp chopped dill`,
    'Cabbage cooked until its water is gone.',
    [{ without: ['700 g white'], plus: '700 g white cabbage, shredded', wrong: 'wet', first: /cabbage/i }],
  ),
  known(
    'spinach, brined cheese and egg',
    'cooked pan-pie thin-sheets bake',
    `800 g spinach, wilted and squeezed
    250 g feta, crumbled
    3 eggs, beaten
    4 spring onions, chopped
    3 tbsp chopped dill
    ½ tsp salt`,
    'Wrung hard; the eggs set what is left.',
    [
      {
        without: ['800 g spinach'],
        plus: '600 g spinach, chopped',
        wrong: 'wet at the board',
        first: /spinach: wilted and squeezed/i,
      },
    ],
    { salt: 'ok' },
  ),
  known(
    'chard and ricotta',
    'cooked half-moon noodle boil',
    `500 g chard, wilted, squeezed and chopped
    300 g ricotta, drained
    50 g grated parmesan
    1 egg
    ½ tsp salt
    nutmeg`,
    'Greens like a dry cake in the hand, curd drained.',
    [
      {
        without: ['500 g chard'],
        plus: '500 g chard, chopped',
        wrong: 'wet at the board',
        first: /chard: wilted and squeezed/i,
      },
    ],
    { salt: 'ok', changed: 'chard brings salt: half a teaspoon, not a whole one' },
  ),
  known(
    'mushroom and buckwheat',
    'cooked half-moon noodle boil',
    `500 g mushrooms, chopped and fried until dry
    250 g cooked buckwheat
    2 onions, chopped and browned
    40 g butter
    1½ tsp salt`,
    'Grain and browned mushrooms: dry and dark.',
    [
      {
        without: ['500 g mushrooms', '250 g cooked'],
        plus: '500 g mushrooms, chopped',
        wrong: 'wet',
        first: /mushroom/i,
      },
    ],
  ),
  known(
    'pumpkin and onion',
    'cooked half-moon hot-water steam',
    `600 g pumpkin, roasted and mashed
    1 onion, chopped and browned
    40 g grated parmesan
    1¼ tsp salt
    1 pinch nutmeg`,
    'Roasted, not boiled, so that it stands up.',
    [
      {
        without: ['600 g pumpkin'],
        plus: '600 g pumpkin, boiled and mashed\n150 ml cream',
        wrong: 'wet',
        first: /pumpkin|cream|cook off/i,
      },
    ],
    { salt: 'ok', changed: 'roasting takes a quarter of the weight: the teaspoon and a quarter ends at 1.5 %' },
  ),
  known(
    'spiced lentils',
    'cooked half-moon short bake',
    `500 g cooked brown lentils
    2 onions, chopped and sweated
    2 tbsp tomato paste
    2 tsp cumin
    1½ tsp salt
    1 tbsp oil`,
    'Lentils, well drained, and fried onion.',
    [{ plus: '400 g tinned tomatoes', wrong: 'wet', first: /tomato|cook off/i }],
  ),
  known(
    'chickpeas and spinach',
    'cooked pocket short bake',
    `1 tin chickpeas, drained
    400 g frozen spinach, thawed and squeezed
    1 onion, chopped and sweated
    2 cloves garlic, crushed
    1 tsp salt
    1 tsp smoked paprika`,
    'Frozen leaves wrung out, pulses crushed.',
    [{ without: ['1 tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
    { changed: '1½ tsp on half a kilo was a slip of the writer: 1.8 % is salty to anyone; now 1 tsp' },
  ),
  known(
    'spiced potato and peas',
    'cooked half-moon short bake',
    `700 g potatoes, boiled and crushed
    200 g frozen peas
    1 onion, chopped and sweated
    2 tsp garam masala
    2 tsp salt
    1 tbsp grated ginger
    1 green chilli, chopped`,
    'Dry and hot; potato takes up what peas give.',
    [{ without: ['2 tsp salt'], plus: '3 tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
  known(
    'aubergine, pepper and tomato',
    'cooked pocket enriched bake',
    `2 aubergines, diced and fried
    2 red peppers, sliced and sweated
    400 g tomatoes, cooked down
    1 onion, chopped and sweated
    2 tbsp capers
    1 tsp salt`,
    'Stewed until the spoon stands.',
    [
      {
        without: ['400 g tomatoes', '2 red'],
        plus: '600 g tomatoes, chopped\n2 red peppers, sliced',
        wrong: 'wet',
        first: /tomato/i,
      },
    ],
    { heat: 'ok', salt: 'ok', changed: '0.8 % is the lower edge' },
  ),
  known(
    'tofu, cabbage and carrot buns',
    'cooked purse steamed-bun steam',
    `300 g firm tofu, pressed and crumbled
    300 g Chinese cabbage, salted and squeezed
    1 carrot, grated
    50 g glass noodles, soaked
    2 tbsp soy sauce
    1 tbsp sesame oil
    ½ tsp salt`,
    'Noodles take what the cabbage still has.',
    [
      {
        without: ['300 g firm', '300 g Chinese', '50 g glass'],
        plus: '400 g firm tofu\n400 g Chinese cabbage, shredded',
        wrong: 'wet at the board',
        first: /cabbage|tofu/i,
      },
    ],
  ),
  known(
    'egg, chives and vermicelli',
    'cooked half-moon noodle boil',
    `5 eggs, scrambled
    250 g garlic chives, chopped
    60 g glass noodles, soaked and chopped
    1½ tsp salt
    2 tbsp oil`,
    'Scrambled egg, leaves oiled before salt.',
    [{ without: ['1½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'leek and cheese',
    'cooked pocket rough-laminated bake',
    `4 leeks, sliced and sweated
    200 g mature cheddar, grated
    1 tbsp mustard
    2 tbsp creme fraiche
    ½ tsp salt`,
    'Leeks sweated dry, cheese holds.',
    [{ without: ['4 leeks', '2 tbsp creme'], plus: '4 leeks, sliced\n150 ml cream', wrong: 'wet', first: /leek/i }],
    { cooling: 'ok' },
  ),
  known(
    'brown onions and goat cheese',
    'cooked pocket rough-laminated bake',
    `1 kg onions, sliced and caramelised
    200 g soft goat's cheese
    1 tsp thyme leaves
    1 tsp salt
    1 tbsp balsamic vinegar`,
    'Onions cooked to a jam.',
    [{ without: ['1 kg onions'], plus: '1 kg onions, sliced', wrong: 'wet', first: /onion/i }],
    { cooling: 'ok' },
  ),
  known(
    'broccoli and cheddar',
    'cooked half-moon short bake',
    `400 g broccoli, blanched and chopped
    200 g cheddar, grated
    150 g cream cheese
    1 egg
    ¾ tsp salt`,
    'Blanched, shaken dry, bound with cheese.',
    [{ without: ['¾ tsp salt'], plus: '2 tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
  known(
    'beetroot and goat cheese',
    'cooked half-moon short bake',
    `400 g cooked beetroot, diced
    200 g goat's cheese
    50 g walnuts, chopped
    1 tsp salt
    1 tsp thyme`,
    'Boiled beet in dice gives little.',
    [{ without: ['1 tsp salt', "200 g goat's"], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'courgette, brined cheese and egg',
    'cooked pan-pie thin-sheets bake',
    `800 g courgettes, grated, salted and squeezed
    200 g feta
    2 eggs
    40 g semolina
    2 tbsp chopped mint`,
    'Salted, wrung, and semolina for what still comes.',
    [
      {
        without: ['800 g courgettes', '40 g semolina'],
        plus: '800 g courgettes, grated',
        wrong: 'wet at the board',
        first: /courgette.*: salted and squeezed/i,
      },
    ],
    { salt: 'ok' },
  ),
  known(
    'black beans, corn and cheese',
    'cooked half-moon short bake',
    `1 tin black beans, drained
    150 g sweetcorn, drained
    150 g cheddar, grated
    1 onion, chopped and sweated
    1 tsp cumin
    1 tsp salt`,
    'Beans half mashed.',
    [{ plus: '300 ml passata', wrong: 'wet', first: /passata|cook off|tomato/i }],
  ),
  known(
    'egg, rice and dill',
    'cooked pocket enriched bake',
    `6 hard-boiled eggs, chopped
    300 g cooked rice
    100 g spring onions, chopped
    60 g butter
    1½ tsp salt
    1 bunch dill, chopped`,
    'Buttered, it holds; onions are few.',
    [{ without: ['1½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'three cheeses, folded bread',
    'cooked half-moon enriched bake',
    `250 g low-moisture mozzarella, grated
    200 g ricotta, drained
    50 g grated parmesan
    1 egg
    1 tbsp chopped parsley`,
    'The dry kind of stretched cheese; nothing to weep.',
    [
      {
        without: ['250 g low-moisture', '200 g ricotta'],
        plus: '300 g fresh mozzarella, torn\n400 g tomatoes, chopped',
        wrong: 'wet',
        first: /tomato/i,
      },
    ],
  ),
  known(
    'paneer and peas',
    'cooked half-moon short bake',
    `300 g paneer, crumbled
    200 g frozen peas
    1 onion, chopped and browned
    2 tsp garam masala
    1¼ tsp salt
    1 tbsp grated ginger`,
    'Firm cheese, dry masala.',
    [{ plus: '150 ml yoghurt\n200 ml water', wrong: 'wet', first: /cook off|yoghurt|water|simmer/i }],
  ),
  known(
    'nettles and curd',
    'cooked half-moon noodle boil',
    `300 g nettles, blanched and squeezed
    300 g curd cheese, drained
    1 egg
    40 g dry breadcrumbs
    ¾ tsp salt`,
    'As with spinach: wrung, and crumbs.',
    [{ without: ['¾ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
    { changed: '300 g of nettles are a handful once wrung: 1¼ tsp was a slip; now ¾ tsp' },
  ),
  known(
    'cauliflower and potato',
    'cooked half-moon short bake',
    `400 g cauliflower, boiled and chopped
    300 g potatoes, boiled and crushed
    2 tsp curry powder
    1¼ tsp salt
    1 onion, sweated`,
    'Drained until it steams dry.',
    [{ without: ['1¼ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
];
