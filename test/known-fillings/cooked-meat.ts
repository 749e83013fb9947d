/** Meat that is cooked before it is wrapped. */
import { known } from './known';

export const COOKED_MEAT = [
  known(
    'browned beef, simmered nearly dry',
    'cooked half-moon short bake',
    `500 g minced beef, browned
    2 onions, chopped and sweated
    150 ml beef stock, simmered until nearly dry
    1 tbsp plain flour
    1¼ tsp salt
    1 tsp paprika
    ½ tsp ground cumin`,
    'Cooked until a spoon drawn through leaves a track.',
    [
      {
        without: ['150 ml beef'],
        plus: '300 ml beef stock',
        wrong: 'wet',
        first: /cook off|simmer/i,
      },
      { without: ['1¼ tsp salt'], wrong: 'bland', first: /^Add .* salt/ },
    ],
  ),
  known(
    'beef, egg and olive half-moons',
    'cooked half-moon short bake',
    `500 g beef mince, browned
    3 onions, chopped and sweated
    2 hard-boiled eggs, chopped
    60 g green olives, sliced
    2 tsp paprika
    1 tsp cumin
    1 tsp salt
    100 ml stock, cooked down`,
    'Much onion, cooked soft; egg and olive go in cold.',
    [
      {
        without: ['60 g green', '1 tsp salt'],
        plus: '200 g green olives, sliced\n1½ tbsp salt',
        wrong: 'salty',
        first: /salt/i,
      },
    ],
  ),
  known(
    'chicken and mushroom in white sauce',
    'cooked pan-pie rough-laminated bake',
    `600 g cooked chicken, shredded
    300 g mushrooms, fried until dry
    400 ml milk
    45 g flour
    45 g butter
    1½ tsp salt
    2 tsp thyme`,
    'Sauce that holds its shape when cold; under puff it must not run.',
    [
      {
        without: ['300 g mushrooms', '45 g flour'],
        plus: '300 g mushrooms, sliced\n25 g flour',
        wrong: 'wet',
        first: /cook off|simmer|mushroom/i,
      },
      { depthMm: 110, wrong: 'slow to cool', first: /spread|tray|ice/i },
    ],
    { cooling: 'ok' },
  ),
  known(
    'pulled pork buns',
    'cooked purse steamed-bun steam',
    `600 g braised pork shoulder, shredded
    100 ml braising liquid, reduced until syrupy
    2 tbsp hoisin sauce
    2 spring onions, sliced
    1 tbsp soy sauce`,
    'Just sauce enough to coat.',
    [{ without: ['100 ml braising'], plus: '300 ml braising liquid', wrong: 'wet', first: /cook off|simmer|reduce/i }],
  ),
  known(
    'braised duck and prunes',
    'cooked pocket short bake',
    `500 g braised duck leg, shredded
    100 g prunes, chopped
    200 ml stock
    20 g flour
    1 onion, browned
    1½ tsp salt
    1 tsp thyme`,
    'Flour binds the gravy to a glaze.',
    [
      { without: ['20 g flour'], wrong: 'wet', first: /cook off|simmer/i },
      { depthMm: 120, wrong: 'slow to cool', first: /spread|tray|ice/i },
    ],
  ),
  known(
    'ham and leek pie',
    'cooked pan-pie short bake',
    `400 g cooked ham, diced
    4 leeks, sliced and sweated
    400 ml milk
    45 g flour
    45 g butter
    1 tsp mustard
    ½ tsp black pepper`,
    'The ham is the salt; sauce stiff enough to cut.',
    [{ plus: '1½ tbsp salt', wrong: 'salty', first: /salt/i }],
    {
      salt: 'ok',
      cooling: 'fix',
      first: /spread|tray/i,
      changed: '1.7 kg in one pot misses the two hours: it is spread',
    },
  ),
  known(
    'beef and cabbage buns',
    'cooked purse enriched bake',
    `450 g ground beef, browned
    1 onion, chopped and sweated
    500 g white cabbage, shredded and sweated
    1½ tsp salt
    1 tsp pepper`,
    'Cabbage fried until it is soft and dry, then it fills a bun without soaking it.',
    [{ without: ['500 g white'], plus: '500 g white cabbage, shredded', wrong: 'wet', first: /cabbage/i }],
  ),
  known(
    'curried mince and peas',
    'cooked half-moon short bake',
    `500 g lamb mince, browned
    1 onion, chopped and browned
    150 g frozen peas
    1 tbsp curry powder
    1¼ tsp salt
    100 ml water, simmered away
    1 tsp grated ginger
    2 cloves garlic, crushed`,
    'Cooked until dry; peas give nothing much.',
    [{ without: ['100 ml water'], plus: '300 ml water', wrong: 'wet', first: /cook off|simmer/i }],
  ),
  known(
    'sausage, white bean and kale',
    'cooked pocket short bake',
    `400 g sausage meat, browned
    1 tin white beans, drained
    200 g kale, wilted and squeezed
    1 onion, chopped and sweated
    2 cloves garlic
    ½ tsp salt`,
    'Beans mash a little and hold it all.',
    [{ plus: '1½ tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
  known(
    'chicken and potato curry puffs',
    'cooked half-moon rough-laminated bake',
    `300 g chicken thigh, diced and browned
    400 g potatoes, diced and boiled
    1 onion, chopped and browned
    2 tbsp curry powder
    1½ tsp salt
    100 ml coconut milk, cooked down`,
    'Potato broken at the edges thickens what is left.',
    [{ without: ['100 ml coconut'], plus: '300 ml coconut milk', wrong: 'wet', first: /cook off|simmer/i }],
    { cooling: 'ok' },
  ),
  known(
    'lamb and aubergine sheets',
    'cooked pan-pie thin-sheets bake',
    `500 g lamb mince, browned
    2 aubergines, roasted
    1 onion, chopped and sweated
    200 g tomatoes, cooked down
    1½ tsp salt
    1 tsp cinnamon
    100 g feta, crumbled`,
    'Roasted flesh is soft and fairly dry.',
    [{ without: ['200 g tomatoes'], plus: '800 g tinned chopped tomatoes', wrong: 'wet', first: /tomato|cook off/i }],
  ),
  known(
    'chicken liver and onion',
    'cooked half-moon noodle boil',
    `400 g chicken livers, fried
    2 onions, chopped and browned
    40 g butter
    1 tsp salt
    1/2 tsp pepper
    1 tsp marjoram`,
    'Fried through, chopped; a soft dry paste.',
    [{ without: ['1 tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'boiled beef and fried onions',
    'cooked half-moon noodle boil',
    `500 g boiled beef, minced
    3 onions, chopped and browned
    50 g lard
    1½ tsp salt
    1 tsp pepper
    100 ml beef broth`,
    'Soup meat is dry: it takes a ladle of broth and is the better for it.',
    [{ without: ['100 ml beef'], plus: '400 ml beef broth', wrong: 'wet', first: /cook off|simmer|broth|stock/i }],
    { heat: 'ok', board: 'ok' },
  ),
  known(
    'roast pork buns with sauce',
    'cooked purse steamed-bun steam',
    `400 g roast pork, diced
    150 ml water
    2 tbsp oyster sauce
    1 tbsp soy sauce
    2 tbsp sugar
    20 g cornflour
    1 shallot, sweated`,
    'Sauce boiled thick until it clings, then chilled.',
    [{ without: ['20 g cornflour'], wrong: 'wet', first: /cook off|simmer/i }],
  ),
  known(
    'minced meat and rice',
    'cooked pocket enriched bake',
    `400 g mixed mince, browned
    300 g cooked rice
    1 large onion, sweated
    2 hard-boiled eggs, chopped
    1½ tsp salt
    2 tbsp chopped parsley
    60 ml stock`,
    'Rice takes the stock; egg is chopped in cold.',
    [{ without: ['1½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'bacon, potato and onion',
    'cooked half-moon enriched bake',
    `250 g smoked bacon, diced and fried
    2 onions, chopped and sweated
    400 g potatoes, boiled and mashed
    ½ tsp black pepper`,
    'Bacon salts it all.',
    [{ plus: '1½ tbsp salt', wrong: 'salty', first: /salt/i }],
    { salt: 'ok' },
  ),
  known(
    'beef and ale',
    'cooked pocket short bake',
    `600 g stewing beef, braised and shredded
    200 ml ale, cooked down
    2 onions, browned
    25 g flour
    150 ml beef stock
    1½ tsp salt
    1 tsp thyme`,
    'Gravy reduced and floured until it coats.',
    [
      { without: ['25 g flour', '150 ml beef'], plus: '400 ml beef stock', wrong: 'wet', first: /cook off|simmer/i },
      { depthMm: 120, wrong: 'slow to cool', first: /spread|tray|ice/i },
    ],
  ),
  known(
    'chorizo, potato and pepper',
    'cooked half-moon short bake',
    `200 g chorizo, diced and fried
    400 g potatoes, diced and boiled
    1 red pepper, diced and sweated
    1 onion, chopped and sweated
    ½ tsp salt`,
    'Fat and paprika coat dry potatoes.',
    [{ plus: '1½ tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
];
