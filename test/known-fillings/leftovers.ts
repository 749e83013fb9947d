/** What is left of yesterday. */
import { known } from './known';

export const LEFTOVERS = [
  known(
    'roast beef, gravy and potatoes',
    'cooked pocket short bake',
    `300 g leftover roast beef, diced
    300 g boiled potatoes, diced
    100 g cooked carrots, diced
    80 ml thick gravy
    1 tsp salt`,
    'Gravy that is stiff when cold.',
    [{ without: ['80 ml thick'], plus: '350 ml beef stock', wrong: 'wet', first: /cook off|simmer|stock/i }],
    { heat: 'ok' },
  ),
  known(
    'roast chicken, rice and cheese',
    'cooked half-moon enriched bake',
    `300 g leftover roast chicken, shredded
    250 g cooked rice
    120 g cheddar, grated
    2 spring onions, sliced
    1 tsp salt`,
    'Dry things that melt together.',
    [{ without: ['1 tsp salt', '120 g cheddar'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'turkey, stuffing and cranberry',
    'cooked pocket short bake',
    `350 g cooked turkey, shredded
    150 g sage and onion stuffing
    80 g cranberry sauce
    1 tbsp mustard
    ½ tsp salt`,
    'The day after; stuffing takes the juice.',
    [{ plus: '300 ml turkey stock', wrong: 'wet', first: /cook off|simmer|stock/i }],
  ),
  known(
    'mash, cabbage and bacon',
    'cooked half-moon enriched bake',
    `400 g leftover mashed potato
    250 g cabbage, shredded and sweated
    120 g bacon, fried
    ½ tsp pepper`,
    'Fried together; bacon salts it.',
    [{ plus: '1½ tbsp salt', wrong: 'salty', first: /salt/i }],
    { salt: 'ok' },
  ),
  known(
    'thick meat sauce',
    'cooked half-moon enriched bake',
    `600 g bolognese sauce, cooked down
    80 g grated parmesan
    30 g dry breadcrumbs`,
    'Sauce reduced until it mounds; crumbs for the rest.',
    [
      {
        without: ['600 g bolognese', '30 g dry'],
        plus: '500 g minced beef, browned\n500 ml passata',
        wrong: 'wet',
        first: /cook off|simmer|passata|tomato/i,
      },
    ],
  ),
  known(
    'cold pork and apple sauce',
    'cooked half-moon rough-laminated bake',
    `350 g leftover roast pork, diced
    100 g apple sauce
    1 onion, chopped and sweated
    1 tsp salt
    1 tbsp chopped sage`,
    'Just enough sauce to hold the dice.',
    [{ without: ['1 tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
    { cooling: 'ok' },
  ),
];
