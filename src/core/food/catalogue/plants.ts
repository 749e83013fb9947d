/** Vegetables, roots, leaves, mushrooms, fruit, pulses and nuts. Composition: national food tables. */
import { family } from '../ingredient';

export const ROOTS = family(
  'root',
  [
    [
      'celeriac',
      'Celeriac',
      [88, 1.5, 0.3, 7.4, 1.8, 1],
      0.5,
      { salt: 0.25, allergens: ['celery'], aliases: ['celery root'] },
    ],
    ['carrot', 'Carrot', [88.3, 0.9, 0.2, 6.8, 2.8, 1], 0.46, { salt: 0.18 }],
    ['swede', 'Swede', [89.4, 1.1, 0.2, 6.3, 2.3, 0.8], 0.55, { salt: 0.03, aliases: ['rutabaga'] }],
    ['parsnip', 'Parsnip', [79.5, 1.2, 0.3, 13.1, 4.9, 1], 0.52, { salt: 0.03 }],
    ['turnip', 'Turnip', [91.9, 0.9, 0.1, 4.6, 1.8, 0.7], 0.55, { salt: 0.17 }],
    ['beetroot', 'Beetroot', [87.6, 1.6, 0.2, 6.8, 2.8, 1.1], 0.55, { salt: 0.2, aliases: ['beet'] }],
    [
      'white-radish',
      'White radish',
      [94.6, 0.6, 0.1, 2.5, 1.6, 0.6],
      0.5,
      { salt: 0.05, wetness: 'courgette', aliases: ['mooli', 'daikon'] },
    ],
    ['potato', 'Potato', [79.3, 2.1, 0.1, 15.3, 2.1, 1.1], 0.63, { salt: 0.02 }],
    ['sweet-potato', 'Sweet potato', [77.3, 1.6, 0.1, 17.1, 3, 1], 0.56, { salt: 0.14 }],
    [
      'mashed-potato',
      'Mashed potato, plain',
      [77.5, 1.7, 0.1, 18.2, 1.8, 0.7],
      1,
      { wetness: 'dry', binder: 'mashed-potato', aliases: ['mash'] },
    ],
  ],
  { wetness: 'root' },
);

export const LEAVES = [
  ...family(
    'leaf',
    [
      ['spinach', 'Spinach', [91.4, 2.9, 0.4, 1.4, 2.2, 1.7], 0.13, { salt: 0.2 }],
      ['chard', 'Chard', [92.7, 1.8, 0.2, 2.1, 1.6, 1.6], 0.15, { salt: 0.54, aliases: ['swiss chard', 'silverbeet'] }],
      ['kale', 'Kale', [89.6, 2.9, 1.5, 0.4, 4.1, 1.5], 0.1, { salt: 0.13 }],
      ['nettles', 'Nettle tops', [87.7, 2.7, 0.1, 0.6, 6.9, 2], 0.12],
    ],
    { wetness: 'tenderLeaf' },
  ),
  ...family('leaf', [
    [
      'white-cabbage',
      'White cabbage',
      [92.2, 1.3, 0.1, 3.3, 2.5, 0.6],
      0.38,
      { salt: 0.05, wetness: 'whiteCabbage', aliases: ['cabbage', 'green cabbage'] },
    ],
    ['red-cabbage', 'Red cabbage', [90.4, 1.4, 0.2, 5.3, 2.1, 0.6], 0.38, { salt: 0.07, wetness: 'whiteCabbage' }],
    [
      'chinese-cabbage',
      'Chinese cabbage',
      [94.4, 1.2, 0.2, 2, 1.2, 1],
      0.32,
      { salt: 0.03, wetness: 'chineseCabbage', aliases: ['chinese leaves', 'napa cabbage'] },
    ],
    [
      'sauerkraut',
      'Fermented cabbage',
      [92.5, 0.9, 0.1, 1.4, 2.9, 2.2],
      0.6,
      { salt: 1.6, wetness: 'fermented', aliases: ['sauerkraut'] },
    ],
  ]),
  ...family(
    'leaf',
    [
      ['parsley', 'Parsley', [87.7, 3, 0.8, 3, 3.3, 2.2], 0.16, { salt: 0.14 }],
      ['dill', 'Dill', [86, 3.5, 1.1, 4.9, 2.1, 2.4], 0.12, { salt: 0.15 }],
      [
        'coriander-leaf',
        'Coriander leaf',
        [92.2, 2.1, 0.5, 0.9, 2.8, 1.5],
        0.1,
        { salt: 0.12, aliases: ['cilantro', 'fresh coriander'] },
      ],
      ['mint', 'Mint', [81.5, 3.6, 0.9, 5.5, 6.8, 1.7], 0.12, { salt: 0.08 }],
      ['chives', 'Chives', [90.7, 3.3, 0.7, 1.9, 2.5, 1], 0.2, { salt: 0.01 }],
    ],
    { wetness: 'herb' },
  ),
];

export const ALLIUMS = family(
  'allium',
  [
    ['onion', 'Onion', [89.1, 1.1, 0.1, 7.6, 1.7, 0.4], 0.65, { salt: 0.01 }],
    ['leek', 'Leek', [83, 1.5, 0.3, 12.4, 1.8, 1], 0.38, { salt: 0.05 }],
    ['shallot', 'Shallot', [79.8, 2.5, 0.1, 13.6, 3.2, 0.8], 0.65, { salt: 0.03 }],
    [
      'spring-onion',
      'Spring onion',
      [89.8, 1.8, 0.2, 4.7, 2.6, 0.8],
      0.42,
      { salt: 0.04, aliases: ['scallion', 'green onion'] },
    ],
    ['garlic', 'Garlic', [58.6, 6.4, 0.5, 31, 2.1, 1.5], 0.6, { salt: 0.04, wetness: 'herb' }],
  ],
  { wetness: 'onion' },
);

export const VEGETABLES = [
  ...family('mushroom', [
    [
      'mushroom',
      'Mushrooms',
      [92.5, 3.1, 0.3, 2.3, 1, 0.9],
      0.3,
      { salt: 0.01, wetness: 'mushroom', aliases: ['button mushroom', 'chestnut mushroom'] },
    ],
  ]),
  ...family('vegetable', [
    [
      'courgette',
      'Courgette',
      [94.8, 1.2, 0.3, 2.1, 1, 0.6],
      0.5,
      { salt: 0.02, wetness: 'courgette', aliases: ['zucchini', 'summer squash'] },
    ],
    ['cucumber', 'Cucumber', [95.2, 0.7, 0.1, 3.1, 0.5, 0.4], 0.55, { wetness: 'courgette' }],
    ['pumpkin', 'Pumpkin', [91.6, 1, 0.1, 6, 0.5, 0.8], 0.5, { wetness: 'squash' }],
    [
      'butternut',
      'Butternut squash',
      [86.4, 1, 0.1, 9.7, 2, 0.8],
      0.55,
      { salt: 0.01, wetness: 'squash', aliases: ['squash', 'winter squash'] },
    ],
    [
      'sweet-pepper',
      'Sweet pepper',
      [92.2, 1, 0.3, 3.9, 2.1, 0.5],
      0.62,
      { wetness: 'pepper', aliases: ['bell pepper', 'red pepper', 'capsicum'] },
    ],
    ['tomato', 'Tomato', [94.5, 0.9, 0.2, 2.7, 1.2, 0.5], 0.75, { wetness: 'tomato' }],
    ['celery', 'Celery', [95.4, 0.7, 0.2, 1.4, 1.6, 0.8], 0.42, { salt: 0.2, wetness: 'onion', allergens: ['celery'] }],
    ['peas', 'Peas', [78.9, 5.4, 0.4, 8.8, 5.7, 0.9], 0.61, { salt: 0.01, aliases: ['green peas', 'garden peas'] }],
    ['sweetcorn', 'Sweetcorn', [76, 3.3, 1.4, 16.7, 2, 0.6], 0.65, { salt: 0.04, aliases: ['corn'] }],
  ]),
  ...family('seasoning', [
    [
      'ginger',
      'Ginger',
      [78.9, 1.8, 0.8, 15.8, 2, 0.8],
      0.45,
      { salt: 0.03, wetness: 'onion', aliases: ['root ginger', 'fresh ginger'] },
    ],
  ]),
];

export const FRUIT = family('fruit', [
  ['apple', 'Apple', [85.6, 0.3, 0.2, 11.4, 2.4, 0.2], 0.5, { wetness: 'fruit' }],
  ['pear', 'Pear', [84, 0.4, 0.1, 12.1, 3.1, 0.3], 0.6, { wetness: 'fruit' }],
  ['prunes', 'Prunes', [30.9, 2.2, 0.4, 56.8, 7.1, 2.6], 0.7, { aliases: ['dried plums', 'prune'] }],
  ['raisins', 'Raisins', [15.4, 3.1, 0.5, 75.5, 3.7, 1.9], 0.65, { aliases: ['sultanas'], allergens: ['sulphites'] }],
]);

export const PULSES = [
  ...family('pulse', [
    ['tofu', 'Firm tofu', [78.5, 12.3, 6.5, 1.2, 0.7, 0.9], 1, { salt: 0.03, wetness: 'tofu', allergens: ['soya'] }],
    [
      'lentils-cooked',
      'Lentils, cooked',
      [69.6, 9, 0.4, 12.2, 7.9, 0.8],
      0.83,
      { wetness: 'lowMoistureCheese', aliases: ['lentils'] },
    ],
    [
      'chickpeas-cooked',
      'Chickpeas, cooked',
      [60.2, 8.9, 2.6, 19.8, 7.6, 0.9],
      0.68,
      { wetness: 'lowMoistureCheese', aliases: ['chickpeas', 'garbanzo beans'] },
    ],
  ]),
  ...family('nut', [
    ['walnuts', 'Walnuts', [4.1, 15.2, 65.2, 7, 6.7, 1.8], 0.45, { allergens: ['nuts'] }],
    [
      'almonds-ground',
      'Ground almonds',
      [4.4, 21.2, 49.9, 9.1, 12.5, 3],
      0.42,
      { allergens: ['nuts'], binder: 'ground-nuts', aliases: ['almond meal', 'ground nuts'] },
    ],
    ['sesame-seeds', 'Sesame seeds', [4.7, 17.7, 49.7, 11.7, 11.8, 4.5], 0.6, { allergens: ['sesame'] }],
    ['pumpkin-seeds', 'Pumpkin seeds', [5.2, 30.2, 49.1, 4.7, 6, 4.8], 0.55],
  ]),
];
