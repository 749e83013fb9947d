/** Fish and shellfish, raw, cooked and smoked. */
import { known } from './known';

export const FISH = [
  known(
    'white fish and dill, boiled',
    'raw half-moon noodle boil',
    `500 g cod fillet, minced
    1 onion, finely chopped and sweated
    1 egg white
    30 g butter, diced
    1¼ tsp salt
    a small bunch of dill, chopped
    1 tbsp potato starch`,
    'Fish is worked with salt until it sticks; butter makes it tender.',
    [{ plus: '150 ml cream\n100 ml milk', wrong: 'wet at the board', first: /cream|milk|less|only/i }],
  ),
  known(
    'salmon and spinach parcels',
    'raw pocket rough-laminated bake',
    `400 g salmon fillet, diced
    300 g spinach, wilted and squeezed
    100 g cream cheese
    1 tsp salt
    1 tbsp chopped dill
    zest of 1 lemon`,
    'Spinach wrung dry, or the bottom is lost.',
    [
      {
        without: ['300 g spinach'],
        plus: '300 g fresh spinach, chopped',
        wrong: 'wet at the board',
        first: /spinach: wilted and squeezed/i,
      },
    ],
  ),
  known(
    'prawns and chives in bought skins',
    'raw half-moon bought-skin steam',
    `400 g raw prawns, peeled and chopped
    1 tbsp cornflour
    1 egg white
    1 tsp salt
    1 tsp sesame oil
    30 g chives, snipped
    1 tsp grated ginger`,
    'Salted cold and late; starch gives the snap.',
    [{ without: ['1 tsp salt'], plus: '3 tbsp soy sauce\n1 tbsp fish sauce', wrong: 'salty', first: /sauce/i }],
    { salt: 'ok', changed: 'prawns are salty themselves' },
  ),
  known(
    'flaked white fish and leek pie',
    'cooked pan-pie thin-sheets bake',
    `600 g cooked white fish, flaked
    400 g leeks, sweated
    500 ml milk
    50 g plain flour
    50 g butter
    2 tsp salt
    1 tbsp chopped parsley`,
    'A binding white sauce: it stands on the spoon.',
    [
      {
        without: ['50 g plain'],
        plus: '20 g plain flour',
        wrong: 'wet',
        first: /cook off|simmer|flour/i,
      },
    ],
    { cooling: 'fix', first: /spread|tray/i, changed: '1.6 kg of sauce in one pot misses the two hours: it is spread' },
  ),
  known(
    'tuna and pepper half-moons',
    'cooked half-moon short bake',
    `2 x 160 g tins of tuna, drained
    1 onion, chopped and sweated
    1 red pepper, diced and sweated
    200 g chopped tomatoes, cooked down
    10 black olives, sliced
    1 hard-boiled egg, chopped
    ½ tsp salt`,
    'Cooked until the oil shows again: dry enough for pastry.',
    [
      {
        without: ['200 g chopped'],
        plus: '400 g tinned tomatoes',
        wrong: 'wet',
        first: /cook off|cooked down|tomato/i,
      },
    ],
  ),
  known(
    'salmon, potato and dill',
    'cooked half-moon short bake',
    `300 g cooked salmon, flaked
    300 g mashed potato
    2 spring onions, chopped
    2 tbsp chopped dill
    1¼ tsp salt
    1 tbsp lemon juice`,
    'Potato holds it; nothing runs.',
    [{ without: ['1¼ tsp salt'], wrong: 'bland', first: /^Add .* salt/ }],
  ),
  known(
    'smoked mackerel and horseradish',
    'cooked pocket rough-laminated bake',
    `250 g smoked mackerel, flaked
    300 g boiled potatoes, crushed
    2 tbsp creme fraiche
    1 tbsp grated horseradish
    1 tbsp chopped chives
    1/2 tsp black pepper`,
    'The fish salts the whole of it.',
    [{ plus: '1 tbsp capers\n2 tsp salt', wrong: 'salty', first: /salt/i }],
    { cooling: 'ok', changed: 'laminated dough asks for colder than a kitchen is' },
  ),
  known(
    'prawn, leek and cream cheese',
    'cooked half-moon short bake',
    `300 g cooked peeled prawns, chopped
    2 leeks, sweated
    150 g cream cheese
    1 tsp cornflour
    ½ tsp salt
    1 tbsp lemon juice
    1 tbsp chopped dill`,
    'Folded together cold; a spoon of starch for safety.',
    [{ plus: '200 ml milk', wrong: 'wet', first: /cook off|milk/i }],
    { heat: 'ok' },
  ),
  known(
    'smoked haddock and egg',
    'cooked pan-pie short bake',
    `400 g smoked haddock, poached, flaked and drained
    3 hard-boiled eggs, chopped
    300 ml milk
    35 g flour
    35 g butter
    200 g leeks, sweated
    2 tbsp chopped parsley`,
    'Sauce thick enough to hold eggs up; the fish brings the salt.',
    [{ without: ['35 g flour'], plus: '10 g flour', wrong: 'wet', first: /cook off|simmer|flour/i }],
  ),
];
