/** Some of it cooked and cooled, the rest raw. */
import { known } from './known';

export const PART_COOKED = [
  known(
    'venison and juniper',
    'part-cooked half-moon short bake',
    `500 g venison mince
    150 g smoked bacon, diced and fried
    1 onion, chopped and sweated
    200 g mushrooms, browned dry
    1 tsp salt
    1 tsp juniper berries, crushed
    40 g fresh breadcrumbs`,
    'Lean game with bacon fat, mushrooms and crumbs: moist enough.',
    [{ without: ['200 g mushrooms'], plus: '700 g mushrooms, sliced', wrong: 'wet at the board', first: /mushroom/i }],
    { salt: 'ok', changed: 'with 150 g of bacon a teaspoon of salt is on the high side' },
  ),
  known(
    'pork, half browned',
    'part-cooked purse steamed-bun steam',
    `300 g pork mince, browned
    300 g pork mince
    1 onion, chopped and sweated
    2 tbsp soy sauce
    ½ tsp salt
    1 tbsp cornflour
    1 tsp sesame oil`,
    'Half of it browned makes a looser crumb.',
    [{ without: ['2 tbsp soy', '½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
    {
      salt: 'ok',
      cooling: 'ok',
      changed:
        'the browned half waits in the fridge before raw meat joins it; a teaspoon and two spoons of soy were a slip, now half a teaspoon',
    },
  ),
  known(
    'beef, rice and cabbage',
    'part-cooked half-moon enriched bake',
    `400 g minced beef
    200 g cooked rice
    250 g white cabbage, shredded and sweated
    1 onion, chopped and sweated
    1½ tsp salt
    1/2 tsp pepper`,
    'Cooked rice and cabbage take the juice of the raw meat.',
    [
      {
        without: ['250 g white'],
        plus: '250 g white cabbage, shredded\n250 ml tomato passata',
        wrong: 'wet',
        first: /passata|tomato|cabbage/i,
      },
    ],
  ),
  known(
    'chicken, leek and potato',
    'part-cooked pocket short bake',
    `500 g minced chicken
    300 g potatoes, boiled and diced
    2 leeks, sweated
    1½ tsp salt
    1 tsp thyme
    2 tbsp cream`,
    'Potato drinks the spoon of cream.',
    [{ without: ['1½ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
    { cooling: 'ok', changed: 'raw chicken waits until the rest is fridge-cold: the last stretch is in the fridge' },
  ),
  known(
    'prawn, glass noodle and egg',
    'part-cooked half-moon bought-skin boil',
    `250 g raw prawns, chopped
    3 eggs, scrambled
    50 g glass noodles, soaked and chopped
    100 g garlic chives, chopped
    1¼ tsp salt
    1 tbsp sesame oil`,
    'Egg and noodles soak up what prawns let go of.',
    [{ plus: '200 g courgette, grated', wrong: 'wet at the board', first: /courgette/i }],
    { salt: 'ok', changed: 'prawns are salty themselves' },
  ),
  known(
    'lamb, lentil and mint',
    'part-cooked half-moon short bake',
    `400 g lamb mince
    200 g cooked lentils
    1 onion, chopped and browned
    1½ tsp salt
    1 tsp cumin
    20 g mint, chopped`,
    'Lentils hold; mint goes in cold.',
    [{ without: ['1½ tsp salt'], plus: '2 tbsp salt', wrong: 'salty', first: /salt/i }],
  ),
];
