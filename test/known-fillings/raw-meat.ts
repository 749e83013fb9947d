/** Raw meat, boiled, steamed and baked. */
import { known } from './known';

export const RAW_MEAT = [
  known(
    'pork and Chinese cabbage half-moons',
    'raw half-moon noodle boil',
    `500 g minced pork
    400 g Chinese cabbage, finely chopped, salted and squeezed
    2 spring onions, finely sliced
    1 thumb of ginger, grated
    2 tbsp soy sauce
    1 tbsp sesame oil
    ½ tsp salt
    1/4 tsp white pepper`,
    'The house filling: cabbage squeezed, meat stirred until sticky; juicy when bitten.',
    [
      {
        without: ['400 g Chinese'],
        plus: '500 g Chinese cabbage, finely chopped',
        wrong: 'wet at the board',
        first: /cabbage: salted and squeezed/i,
      },
      { without: ['2 tbsp soy', '½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ },
    ],
  ),
  known(
    'pork and garlic chives',
    'raw half-moon bought-skin boil',
    `1 lb ground pork
    200 g garlic chives, chopped
    1 egg
    1 tbsp light soy sauce
    1 tsp salt
    1 tbsp sesame oil
    1 tsp grated ginger`,
    'Chives go in raw and keep their juice if oiled; the egg holds it in the heat.',
    [{ plus: '200 ml cold water', wrong: 'wet at the board', first: /less|only|leave out|water/i }],
  ),
  known(
    'beef and pork with grated onion',
    'raw half-moon noodle boil',
    `500 g beef mince
    250 g minced pork
    2 onions, grated
    100 ml cold water
    2 tsp salt
    1 tsp ground black pepper`,
    'Water is beaten in until it is taken up; the broth inside is what people want.',
    [
      {
        without: ['100 ml cold'],
        plus: '400 ml cold water',
        wrong: 'wet at the board',
        first: /less|only|leave out|water/i,
      },
      { without: ['2 tsp salt'], plus: '2 tbsp salt', wrong: 'salty', first: /Only .* salt/ },
    ],
    { board: 'ok' },
  ),
  known(
    'lamb and onion purses',
    'raw purse noodle steam',
    `500 g lamb mince
    2 large onions, finely chopped
    100 ml water
    1½ tsp salt
    1 tsp ground cumin
    ½ tsp black pepper
    a handful of coriander, chopped`,
    'As much onion as meat is usual, and it must run when it is opened.',
    [{ without: ['1½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
    { board: 'ok' },
  ),
  known(
    'chicken, ginger and spring onion',
    'raw half-moon bought-skin steam',
    `450 g minced chicken thigh
    4 spring onions, sliced
    1 tbsp grated ginger
    1 tbsp soy sauce
    2 tsp cornflour
    1 tsp sesame oil
    ¾ tsp salt`,
    'Starch and stirring keep thigh meat springy; nothing wet in it.',
    [
      {
        plus: '150 g mushrooms, chopped\n300 ml chicken stock',
        wrong: 'wet at the board',
        first: /mushroom|less|only|stock/i,
      },
    ],
  ),
  known(
    'prawn and pork purses, open at the top',
    'raw purse bought-skin steam',
    `300 g raw peeled prawns, chopped
    150 g fatty minced pork
    1 egg white
    1 tbsp potato starch
    1 tbsp oyster sauce
    2 tsp fish sauce
    1 tsp sugar
    80 g tinned bamboo shoots, finely diced`,
    'Springy, with a bite of bamboo; starch and white hold what little runs.',
    [{ without: ['2 tsp fish'], plus: '3 tbsp fish sauce', wrong: 'salty', first: /fish sauce/i }],
  ),
  known(
    'pork with jellied stock, closed purses',
    'raw purse hot-water steam',
    `400 g minced pork
    150 g jellied chicken stock, diced
    1 tbsp soy sauce
    1 tsp salt
    1 tsp sugar
    2 tsp grated ginger
    1 spring onion, chopped`,
    'The soup is the point: set while it is wrapped, running when it is hot.',
    [{ without: ['150 g jellied'], plus: '250 ml chicken stock', wrong: 'wet at the board', first: /stock/i }],
    { salt: 'ok', changed: 'soup inside is seasoned up to 1.6 %; some would take less' },
  ),
  known(
    'beef and celery',
    'raw half-moon noodle boil',
    `500 g minced beef
    250 g celery, finely chopped
    1 small onion, grated
    2 tbsp soy sauce
    1 tbsp sunflower oil
    3/4 tsp salt
    60 ml cold stock`,
    'Celery is crisp and gives little in an hour; the stock is beaten in.',
    [{ without: ['60 ml cold'], plus: '250 ml cold stock', wrong: 'wet at the board', first: /stock/i }],
    { board: 'ok' },
  ),
  known(
    'pork and sour cabbage',
    'raw half-moon noodle boil',
    `500 g pork mince
    300 g sauerkraut, squeezed well
    1 spring onion, chopped
    1 tbsp oil
    ½ tsp salt
    1/2 tsp sugar`,
    'The cabbage brings salt and must be wrung out; then it is as any other.',
    [
      {
        without: ['300 g sauerkraut'],
        plus: '500 g sauerkraut',
        wrong: 'wet at the board',
        first: /sauerkraut|cabbage|kraut/i,
      },
    ],
  ),
  known(
    'turkey and celeriac',
    'raw purse steamed-bun steam',
    `600 g turkey thigh mince
    200 g celeriac, coarsely grated and sweated in butter
    1 onion, finely chopped and sweated
    1 tbsp soy sauce
    1½ tsp salt
    1 tbsp cornflour
    2 tsp thyme leaves`,
    'A lean bird with soft roots and a little starch: moist in the bun, not wet.',
    [
      {
        without: ['600 g turkey', '1 tbsp cornflour', '200 g', '1 onion'],
        plus: '600 g turkey breast mince\n200 g dry breadcrumbs',
        wrong: 'dry',
        first: /stock|leave out|less|only/i,
      },
    ],
  ),
  known(
    'pork buns, Sunday style',
    'raw purse steamed-bun steam',
    `500 g pork mince, 20 % fat
    3 spring onions, chopped
    2 tbsp soy sauce
    1 tbsp oyster sauce
    1 tsp sugar
    1 tbsp sesame oil
    1 tsp grated ginger
    80 ml water`,
    'Water stirred in one way until it is gone; the crumb drinks a spoonful.',
    [{ without: ['80 ml'], plus: '300 ml water', wrong: 'wet at the board', first: /water/i }],
  ),
  known(
    'beef and onion buns with curry',
    'raw purse steamed-bun steam',
    `500 g ground beef
    1 large onion, finely diced
    2 tsp curry powder
    1½ tsp salt
    1 tbsp oil
    2 tbsp potato starch`,
    'One onion to a pound of beef, starch to hold its juice.',
    [{ without: ['1½ tsp salt'], plus: '1 tsp sugar', wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'chicken and mushroom buns',
    'raw purse steamed-bun steam',
    `500 g chicken thigh mince
    30 g dried shiitake, soaked, squeezed and chopped
    1 tbsp ginger, grated
    2 tbsp soy sauce
    1 tbsp oyster sauce
    1 tbsp cornflour
    1 tsp sesame oil`,
    'Dried mushrooms, soaked and wrung out, bring taste and no water.',
    [{ plus: '300 g fresh mushrooms, chopped', wrong: 'wet at the board', first: /mushroom/i }],
  ),
  known(
    'mutton and carrot in hot-water skins',
    'raw half-moon hot-water steam',
    `500 g minced mutton
    200 g carrots, grated
    1 onion, finely chopped
    1½ tsp salt
    1 tsp ground cumin
    3 tbsp oil`,
    'Carrots are oiled first; they let go slowly.',
    [{ plus: '250 ml water', wrong: 'wet at the board', first: /water/i }],
  ),
  known(
    'lamb and pumpkin',
    'raw purse hot-water steam',
    `400 g lamb mince
    300 g pumpkin, grated
    1 onion, chopped
    1½ tsp salt
    ½ tsp ground black pepper`,
    'Pumpkin keeps lamb moist; much of it goes soft in the steam. Some salt it first.',
    [{ without: ['300 g pumpkin'], plus: '300 g courgettes, grated', wrong: 'wet at the board', first: /courgette/i }],
    { board: 'ok', heat: 'ok' },
  ),
  known(
    'beef, potato and swede pockets',
    'raw pocket short bake',
    `450 g beef skirt, diced small
    350 g potatoes, diced
    150 g swede, diced
    1 onion, chopped
    2 tsp salt
    1 tsp black pepper
    30 g butter`,
    'All raw, in dice: meat juice and onion make the gravy in the pastry.',
    [{ plus: '200 ml beef stock', wrong: 'wet', first: /stock/i }],
  ),
  known(
    'lamb rounds on enriched dough',
    'raw purse enriched bake',
    `500 g lamb mince
    1 large onion, finely chopped
    2 tbsp pine nuts
    1½ tsp salt
    1 tsp ground allspice
    2 tbsp thick yoghurt`,
    'Open at the top or closed, baked hot; the onion is the juice.',
    [
      {
        plus: '400 g chopped tomatoes, raw',
        wrong: 'wet at the board',
        first: /tomato/i,
      },
    ],
    { heat: 'ok', changed: 'judged as a closed purse: it is as wet as that may be' },
  ),
  known(
    'sausage meat and apple half-moons',
    'raw half-moon rough-laminated bake',
    `500 g sausage meat
    1 apple, grated
    1 small onion, finely chopped and sweated
    1 tbsp chopped sage
    40 g fresh breadcrumbs
    1/2 tsp black pepper`,
    'Sausage meat comes seasoned and bound; the crumbs take what the apple gives.',
    [{ plus: '2 tsp salt', wrong: 'salty', first: /salt/i }],
    { salt: 'ok' },
  ),
  known(
    'mince and onion pan pie',
    'raw pan-pie thin-sheets bake',
    `700 g minced beef
    2 onions, finely chopped
    2 tsp salt
    1 tsp pepper
    2 tbsp oil
    100 ml sparkling water`,
    'Wrung into thin sheets raw; the oven dries it as it cooks.',
    [{ without: ['100 ml sparkling'], plus: '600 g chopped tomatoes, raw', wrong: 'wet', first: /tomato/i }],
    { board: 'ok' },
  ),
  known(
    'pork and apple short-crust pockets',
    'raw pocket short bake',
    `500 g minced pork
    1 apple, diced
    1 onion, finely chopped
    1 tbsp mustard
    1 tsp salt
    1 tsp dried sage`,
    'One apple, one onion: moist under a short crust.',
    [{ plus: '250 ml cider', wrong: 'wet', first: /cider/i }],
  ),
  known(
    'chicken and leek pockets',
    'raw pocket rough-laminated bake',
    `500 g chicken thighs, diced
    2 leeks, sliced and sweated in butter
    2 tbsp creme fraiche
    1 tbsp plain flour
    1½ tsp salt
    1 tbsp chopped tarragon`,
    'Flour takes what the thigh lets go of; leeks are soft and dry.',
    [
      {
        without: ['2 leeks', '1 tbsp plain'],
        plus: '3 leeks, sliced\n150 ml cream',
        wrong: 'wet',
        first: /leek|cream|flour/i,
      },
    ],
  ),
  known(
    'beef and potato in yeasted dough',
    'raw pocket enriched bake',
    `400 g beef mince
    400 g potatoes, finely diced
    1 large onion, finely chopped
    2 tsp salt
    1 tsp pepper
    1 bay leaf`,
    'Dice small enough to be done with the bread.',
    [{ without: ['2 tsp salt'], plus: '1/4 tsp salt', wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'turkey, sage and oats',
    'raw half-moon short bake',
    `500 g turkey thigh mince
    1 onion, finely chopped and sweated
    40 g rolled oats
    1 egg
    1½ tsp salt
    1 tbsp chopped sage
    60 ml milk`,
    'Oats soaked in a little milk keep the bird moist.',
    [
      {
        without: ['60 ml milk', '1 egg', '40 g rolled', '500 g turkey'],
        plus: '400 g turkey breast mince\n150 g rolled oats',
        wrong: 'dry',
        first: /stock|leave out|less|only/i,
      },
    ],
  ),
  known(
    'veal and curd dumplings',
    'raw half-moon noodle boil',
    `400 g minced veal
    150 g curd cheese, drained overnight
    1 egg
    1 small onion, sweated
    1¼ tsp salt
    nutmeg
    2 tbsp chopped parsley`,
    'Curd keeps lean veal tender; no water in it but its own.',
    [{ without: ['1¼ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'sausage and fennel, boiled',
    'raw half-moon noodle boil',
    `400 g pork sausages, skins removed
    150 g ricotta
    1 egg yolk
    30 g grated parmesan
    1 tsp fennel seeds
    a little nutmeg`,
    'Sausages are salted; nothing more is needed.',
    [{ plus: '1 tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
];
