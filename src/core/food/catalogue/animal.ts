/** Meat, poultry, game, fish, eggs, dairy and fats. Composition: national food tables (USDA FoodData Central and the like). */
import { family } from '../ingredient';

export const MEAT = [
  ...family(
    'meat',
    [
      [
        'turkey-thigh-mince',
        'Turkey thigh mince',
        [72, 19, 8, 0, 0, 1],
        0.95,
        { salt: 0.18, aliases: ['turkey mince', 'ground turkey', 'minced turkey'] },
      ],
      [
        'turkey-breast-mince',
        'Turkey breast mince',
        [74.8, 22.6, 1.5, 0, 0, 1.1],
        0.95,
        { salt: 0.15, aliases: ['lean turkey mince'] },
      ],
      [
        'chicken-thigh-mince',
        'Chicken thigh mince',
        [73.2, 17.5, 8.1, 0, 0, 1.1],
        0.95,
        { salt: 0.15, aliases: ['chicken mince', 'ground chicken'] },
      ],
    ],
    { hazard: 'poultry', wetness: 'poultryMince' },
  ),
  ...family(
    'meat',
    [
      ['chicken-breast', 'Chicken breast', [74.8, 22.5, 2.6, 0, 0, 1.1], 0.9, { salt: 0.11 }],
      ['chicken-thigh', 'Chicken thigh', [75.7, 19.7, 4.1, 0, 0, 1], 0.9, { salt: 0.22 }],
      ['duck-breast', 'Duck, raw', [73.8, 18.3, 6, 0.9, 0, 1.1], 0.9, { salt: 0.19, aliases: ['duck meat'] }],
    ],
    { hazard: 'poultry', wetness: 'wholeMeat' },
  ),
  ...family(
    'meat',
    [
      [
        'pork-mince',
        'Pork mince',
        [61.1, 16.9, 21.2, 0, 0, 0.9],
        0.95,
        { salt: 0.14, aliases: ['ground pork', 'minced pork'] },
      ],
      [
        'pork-mince-lean',
        'Lean pork mince',
        [72, 20.5, 6.5, 0, 0, 1],
        0.95,
        { salt: 0.14, aliases: ['lean ground pork'] },
      ],
      [
        'beef-mince',
        'Beef mince',
        [61.9, 17.2, 20, 0, 0, 0.9],
        0.95,
        { salt: 0.17, aliases: ['ground beef', 'minced beef'] },
      ],
      [
        'beef-mince-lean',
        'Lean beef mince',
        [73, 21.3, 5, 0, 0, 1.1],
        0.95,
        { salt: 0.17, aliases: ['lean ground beef'] },
      ],
      [
        'lamb-mince',
        'Lamb mince',
        [59.5, 16.6, 23, 0, 0, 0.9],
        0.95,
        { salt: 0.15, aliases: ['ground lamb', 'mutton mince'] },
      ],
      ['venison-mince', 'Venison mince', [71.2, 21.6, 6.2, 0, 0, 1], 0.95, { salt: 0.19, aliases: ['ground venison'] }],
      ['sausage-meat', 'Sausage meat', [57, 14.5, 24.6, 1.5, 0, 2.4], 0.98, { salt: 1.7, wetness: 'mince' }],
    ],
    { hazard: 'minced-meat', wetness: 'mince' },
  ),
  ...family(
    'meat',
    [
      ['pork-shoulder', 'Pork shoulder', [67, 19, 13, 0, 0, 1], 0.9, { salt: 0.16 }],
      ['beef-shin', 'Beef shin', [72, 21.5, 5.5, 0, 0, 1], 0.9, { salt: 0.16, aliases: ['beef shank'] }],
      ['venison-shoulder', 'Venison, diced', [73.6, 23, 2.4, 0, 0, 1.1], 0.9, { salt: 0.13, aliases: ['venison'] }],
    ],
    { hazard: 'whole-meat', wetness: 'wholeMeat' },
  ),
  ...family(
    'meat',
    [
      [
        'duck-leg-braised',
        'Duck leg, braised',
        [62.5, 24.5, 11.8, 0, 0, 1.1],
        0.75,
        { salt: 0.3, aliases: ['braised duck', 'shredded duck'] },
      ],
      [
        'turkey-cooked',
        'Turkey, cooked',
        [65, 28.5, 5.2, 0, 0, 1.1],
        0.7,
        { salt: 0.2, aliases: ['roast turkey', 'leftover turkey'] },
      ],
      ['pork-braised', 'Pork shoulder, braised', [56, 26, 17, 0, 0, 1], 0.75, { salt: 0.2, aliases: ['pulled pork'] }],
      ['beef-braised', 'Beef shin, braised', [58, 31, 9.8, 0, 0, 1.1], 0.75, { salt: 0.2, aliases: ['braised beef'] }],
      ['ham', 'Ham, cooked', [72, 19.5, 4.5, 0.8, 0, 3.2], 0.8, { salt: 2.3, wetness: 'lowMoistureCheese' }],
    ],
    { hazard: 'cooked-animal', wetness: 'braisedMeat' },
  ),
  ...family('meat', [
    [
      'bacon',
      'Bacon',
      [52, 15, 28.5, 0.5, 0, 4],
      0.9,
      { salt: 3.5, hazard: 'whole-meat', wetness: 'lowMoistureCheese', aliases: ['streaky bacon', 'pancetta'] },
    ],
    [
      'pork-back-fat',
      'Pork back fat',
      [7.7, 2.9, 88.7, 0, 0, 0.2],
      0.92,
      { hazard: 'minced-meat', aliases: ['fatback'] },
    ],
  ]),
];

export const FISH = [
  ...family(
    'fish',
    [
      ['haddock', 'Haddock', [82, 16.5, 0.5, 0, 0, 1.1], 0.95, { salt: 0.3 }],
      [
        'haddock-smoked',
        'Smoked haddock',
        [72.6, 23, 0.9, 0, 0, 3.5],
        0.9,
        { salt: 2.5, aliases: ['smoked fish', 'finnan haddock'] },
      ],
      ['cod', 'Cod', [81.2, 17.5, 0.7, 0, 0, 1.1], 0.95, { salt: 0.2, aliases: ['white fish'] }],
      ['salmon', 'Salmon', [64.9, 20.4, 13.4, 0, 0, 1.1], 0.95, { salt: 0.15 }],
    ],
    { hazard: 'fish', wetness: 'fish', allergens: ['fish'] },
  ),
  ...family('fish', [
    [
      'prawns',
      'Prawns, raw',
      [78.6, 19.6, 0.5, 0.2, 0, 1.4],
      0.95,
      { salt: 0.4, hazard: 'shellfish', wetness: 'fish', allergens: ['crustaceans'], aliases: ['shrimp', 'prawn'] },
    ],
    [
      'anchovy',
      'Anchovy, salted',
      [50, 27, 9.7, 0, 0, 13],
      1,
      { salt: 12, hazard: 'none', allergens: ['fish'], aliases: ['anchovies', 'anchovy fillets'] },
    ],
  ]),
];

export const EGGS = family(
  'egg',
  [
    ['egg', 'Egg', [76.2, 12.6, 9.5, 0.7, 0, 1.1], 1.03, { salt: 0.36, aliases: ['whole egg', 'beaten egg'] }],
    ['egg-yolk', 'Egg yolk', [52.3, 15.9, 26.5, 3.6, 0, 1.7], 1.03, { salt: 0.12 }],
    ['egg-white', 'Egg white', [87.6, 10.9, 0.2, 0.7, 0, 0.6], 1.03, { salt: 0.42 }],
  ],
  { hazard: 'egg', allergens: ['egg'], binder: 'egg' },
);

export const DAIRY = family(
  'dairy',
  [
    ['milk', 'Milk', [88.1, 3.2, 3.3, 4.8, 0, 0.7], 1.03, { salt: 0.1, liquid: true, aliases: ['whole milk'] }],
    [
      'cream',
      'Double cream',
      [47.5, 1.7, 48, 2.2, 0, 0.4],
      0.99,
      { salt: 0.06, liquid: true, aliases: ['heavy cream', 'cream'] },
    ],
    [
      'soured-cream',
      'Soured cream',
      [74.5, 2.4, 18.5, 3.9, 0, 0.7],
      1,
      { salt: 0.1, aliases: ['sour cream'], wetness: 'curd' },
    ],
    [
      'yoghurt',
      'Plain yoghurt',
      [87.9, 3.5, 3.3, 4.6, 0, 0.7],
      1.03,
      { salt: 0.12, wetness: 'curd', aliases: ['yogurt'] },
    ],
    [
      'yoghurt-strained',
      'Strained yoghurt',
      [81, 9, 5, 4.1, 0, 0.7],
      1.05,
      { salt: 0.1, wetness: 'lowMoistureCheese', aliases: ['strained yogurt'] },
    ],
    [
      'curd-cheese',
      'Curd cheese',
      [75, 12, 7.5, 4, 0, 1.2],
      1,
      { salt: 0.3, wetness: 'curd', aliases: ['quark', 'fresh curd', 'pot cheese', 'farmer cheese'] },
    ],
    ['ricotta', 'Ricotta', [71.7, 11.3, 13, 3, 0, 1], 1, { salt: 0.25, wetness: 'curd', aliases: ['whey cheese'] }],
    ['cottage-cheese', 'Cottage cheese', [79.8, 11.1, 4.3, 3.4, 0, 1.4], 0.95, { salt: 0.9, wetness: 'curd' }],
    ['cream-cheese', 'Cream cheese', [53, 6.1, 34.2, 5.4, 0, 1.3], 0.98, { salt: 0.8, wetness: 'lowMoistureCheese' }],
    [
      'stretched-cheese',
      'Fresh stretched cheese',
      [60, 18, 18.5, 1.6, 0, 1.9],
      0.9,
      { salt: 0.7, wetness: 'stretchedCheese', aliases: ['fresh mozzarella', 'mozzarella'] },
    ],
    [
      'stretched-cheese-low',
      'Low-moisture stretched cheese',
      [48, 24, 22.5, 2.5, 0, 3],
      0.5,
      { salt: 1.5, wetness: 'lowMoistureCheese', aliases: ['low-moisture mozzarella'] },
    ],
    [
      'brined-cheese',
      'Brined white cheese',
      [55.2, 14.2, 21.3, 4, 0, 5.2],
      0.65,
      { salt: 2.8, wetness: 'lowMoistureCheese', aliases: ['feta', 'white cheese'] },
    ],
    [
      'hard-cheese',
      'Medium hard cheese',
      [37, 24, 33.3, 1.7, 0, 3.9],
      0.47,
      { salt: 1.8, aliases: ['cheddar', 'grated cheese', 'cheese'] },
    ],
    [
      'grating-cheese',
      'Hard grating cheese',
      [29.2, 35.8, 25.8, 3.2, 0, 6],
      0.42,
      { salt: 2, binder: 'grating-cheese', aliases: ['parmesan', 'pecorino'] },
    ],
  ],
  { allergens: ['milk'] },
);

export const FATS = [
  ...family(
    'fat',
    [
      [
        'butter',
        'Butter, unsalted',
        [17.5, 0.9, 81.1, 0.1, 0, 0.1],
        0.95,
        { salt: 0.03, aliases: ['butter', 'sweet butter'] },
      ],
      ['butter-salted', 'Butter, salted', [16, 0.9, 81.1, 0.1, 0, 2], 0.95, { salt: 1.5 }],
    ],
    { allergens: ['milk'] },
  ),
  ...family('fat', [
    [
      'sunflower-oil',
      'Sunflower oil',
      [0, 0, 100, 0, 0, 0],
      0.92,
      { aliases: ['vegetable oil', 'oil', 'neutral oil', 'rapeseed oil', 'canola oil'] },
    ],
    ['olive-oil', 'Olive oil', [0, 0, 100, 0, 0, 0], 0.91],
    [
      'sesame-oil',
      'Sesame oil',
      [0, 0, 100, 0, 0, 0],
      0.92,
      { allergens: ['sesame'], aliases: ['toasted sesame oil'] },
    ],
    ['lard', 'Lard', [0, 0, 100, 0, 0, 0], 0.92, { aliases: ['pork dripping'] }],
    ['duck-fat', 'Duck fat', [0.2, 0, 99.8, 0, 0, 0], 0.92, { aliases: ['goose fat'] }],
  ]),
];
