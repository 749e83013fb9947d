/** Sweet fillings: fruit, curd, nuts, seeds, sweet beans. */
import { known } from './known';

export const SWEET = [
  known(
    'apple, raisins and crumbs',
    'raw pan-pie thin-sheets bake',
    `1 kg cooking apples, sliced
    100 g sugar
    60 g raisins
    60 g dry breadcrumbs
    1 tsp cinnamon
    40 g butter`,
    'Crumbs under the apples take the juice.',
    [{ without: ['60 g dry'], plus: '200 ml orange juice', wrong: 'wet', first: /juice|crumbs|cornflour|apple/i }],
  ),
  known(
    'stewed apple half-moons',
    'cooked half-moon short bake',
    `800 g apples, peeled, diced and cooked until soft
    80 g sugar
    1 tsp cinnamon
    1 tbsp lemon juice
    a pinch of salt`,
    'Cooked down to a thick sauce.',
    [{ plus: '2 tsp salt', wrong: 'salty', first: /salt/i }],
    { cooling: 'ok' },
  ),
  known(
    'sour cherries, boiled',
    'raw half-moon noodle boil',
    `500 g sour cherries, stoned
    80 g sugar
    20 g potato starch`,
    'Starch turns the juice to syrup inside.',
    [
      {
        without: ['20 g potato'],
        plus: '100 ml cherry juice',
        wrong: 'wet',
        first: /starch|cornflour|juice|cherries/i,
      },
    ],
    { heat: 'ok' },
  ),
  known(
    'plum and almond',
    'raw pocket short bake',
    `600 g plums, stoned and quartered
    80 g sugar
    60 g ground almonds
    1 tsp cinnamon
    1 tbsp cornflour`,
    'Almonds below, starch with the fruit.',
    [
      {
        without: ['60 g ground', '1 tbsp cornflour'],
        plus: '150 ml orange juice',
        wrong: 'wet',
        first: /juice|cornflour|plum|starch/i,
      },
    ],
    { heat: 'ok', changed: 'at the edge, as ripe plums are' },
  ),
  known(
    'blueberry hand pies',
    'raw half-moon short bake',
    `400 g blueberries
    80 g sugar
    25 g cornflour
    1 tbsp lemon juice`,
    'The usual dose of starch for berries.',
    [
      {
        without: ['25 g cornflour'],
        plus: '100 ml apple juice',
        wrong: 'wet',
        first: /cornflour|starch|blueberr|juice/i,
      },
    ],
    { board: 'ok', changed: 'a spoon of lemon juice runs until the starch is hot' },
  ),
  known(
    'walnuts, sugar and cinnamon',
    'raw pan-pie thin-sheets bake',
    `400 g walnuts, chopped
    100 g sugar
    60 g butter, melted
    2 tsp cinnamon`,
    'Dry by nature; syrup comes afterwards.',
    [{ plus: '1 tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
  known(
    'poppy seed and raisins',
    'cooked pocket enriched bake',
    `250 g ground poppy seeds
    250 ml milk
    100 g sugar
    50 g raisins
    2 tbsp honey
    30 g semolina
    1 tsp lemon zest`,
    'Scalded seeds swell and hold the milk.',
    [{ without: ['30 g semolina'], plus: '300 ml milk', wrong: 'wet', first: /cook off|simmer|milk/i }],
    { heat: 'ok' },
  ),
  known(
    'sweet red bean buns',
    'cooked purse steamed-bun steam',
    `500 g cooked adzuki beans, mashed
    150 g sugar
    40 g butter
    a pinch of salt`,
    'Stirred in the pan until it comes off the sides.',
    [{ plus: '1 tbsp salt', wrong: 'salty', first: /salt/i }],
    { cooling: 'ok' },
  ),
  known(
    'dates and nuts',
    'raw half-moon short bake',
    `400 g dates, chopped
    100 g walnuts, chopped
    30 g butter
    1 tsp cinnamon`,
    'A paste; no water in it.',
    [{ plus: '2 tsp salt', wrong: 'salty', first: /salt/i }],
  ),
  known(
    'sweet curd, raisins and yolk',
    'raw half-moon noodle boil',
    `500 g curd cheese, drained
    1 egg yolk
    60 g sugar
    40 g raisins
    1 tsp vanilla sugar`,
    'Drained curd stays in the skin.',
    [
      {
        without: ['500 g curd'],
        plus: '500 g cottage cheese\n150 ml milk',
        wrong: 'wet at the board',
        first: /milk|cheese/i,
      },
    ],
  ),
  known(
    'rhubarb and strawberry',
    'raw pocket short bake',
    `300 g rhubarb, sliced
    200 g strawberries, halved
    100 g sugar
    30 g cornflour`,
    'The wettest fruit there is; with so much starch it holds.',
    [{ without: ['30 g cornflour'], wrong: 'wet', first: /cornflour|starch|rhubarb|strawberr/i }],
    { board: 'ok', heat: 'ok' },
  ),
  known(
    'sweet pumpkin',
    'cooked purse steamed-bun steam',
    `500 g pumpkin, roasted and mashed
    80 g sugar
    40 g butter
    30 g waxy rice flour
    a pinch of salt`,
    'Stirred stiff with rice flour.',
    [{ plus: '1 tbsp salt', wrong: 'salty', first: /salt/i }],
    { cooling: 'ok', heat: 'ok', changed: 'one part of rice flour in twenty is pasty to some and wanted by others' },
  ),
  known(
    'pear and ginger',
    'raw pocket rough-laminated bake',
    `500 g pears, diced
    50 g sugar
    30 g ground almonds
    20 g crystallised ginger, chopped
    1 tbsp cornflour`,
    'Firm pears; almonds and starch for the juice.',
    [
      {
        without: ['30 g ground', '1 tbsp cornflour'],
        plus: '120 ml pear juice',
        wrong: 'wet',
        first: /juice|cornflour|pear|starch/i,
      },
    ],
  ),
];
