/** Starches, crumbs, sauces, liquids, salt and seasonings. Composition: national food tables; salt of sauces as sold. */
import { family } from '../ingredient';

export const STARCHES = [
  ...family(
    'starch',
    [
      [
        'wheat-flour',
        'Plain flour',
        [11.9, 10.3, 1, 73.6, 2.7, 0.5],
        0.53,
        { binder: 'flour', hazard: 'raw-flour', aliases: ['flour', 'wheat flour', 'all-purpose flour'] },
      ],
      ['semolina', 'Semolina', [12.7, 12.7, 1.1, 68.9, 3.9, 0.8], 0.7, { binder: 'semolina', hazard: 'raw-flour' }],
      [
        'breadcrumbs-dry',
        'Dry breadcrumbs',
        [6.5, 13.4, 5.3, 67.5, 4.5, 2.8],
        0.45,
        { salt: 1.8, binder: 'dry-crumbs', aliases: ['dried breadcrumbs', 'bread crumbs'] },
      ],
      [
        'breadcrumbs-fresh',
        'Fresh breadcrumbs',
        [36.5, 9, 3.3, 46.5, 2.7, 2],
        0.25,
        { salt: 1.2, binder: 'fresh-crumbs', aliases: ['fresh bread crumbs'] },
      ],
      ['couscous', 'Couscous, dry', [8.6, 12.8, 0.6, 72.4, 5, 0.6], 0.73, { binder: 'couscous' }],
      [
        'oats',
        'Rolled oats',
        [10.8, 13.2, 6.5, 57.6, 10.1, 1.8],
        0.38,
        { binder: 'oats', aliases: ['porridge oats', 'oatmeal'] },
      ],
    ],
    { allergens: ['gluten'] },
  ),
  ...family('starch', [
    [
      'cornflour',
      'Cornflour',
      [8.3, 0.3, 0.1, 90.4, 0.9, 0.1],
      0.54,
      { binder: 'cornflour', aliases: ['cornstarch', 'corn starch', 'maize starch'] },
    ],
    [
      'potato-starch',
      'Potato starch',
      [16, 0.1, 0.1, 83.2, 0.3, 0.3],
      0.65,
      { binder: 'potato-starch', aliases: ['potato flour'] },
    ],
    [
      'tapioca-starch',
      'Tapioca starch',
      [11, 0.2, 0, 87.8, 0.9, 0.1],
      0.51,
      { binder: 'tapioca', aliases: ['tapioca', 'tapioca flour', 'cassava starch'] },
    ],
    [
      'waxy-rice-flour',
      'Waxy rice flour',
      [11.5, 6.5, 1, 79, 1.4, 0.6],
      0.55,
      { binder: 'waxy-rice', aliases: ['glutinous rice flour', 'sticky rice flour'] },
    ],
    [
      'potato-flakes',
      'Potato flakes',
      [6.6, 8.3, 0.4, 74.8, 6.6, 3.2],
      0.25,
      { salt: 0.2, binder: 'potato-flakes', aliases: ['instant mash'] },
    ],
    ['rice-cooked', 'Rice, cooked', [68.4, 2.7, 0.3, 27.8, 0.4, 0.4], 0.75, { aliases: ['cooked rice'] }],
    ['gelatine', 'Gelatine', [13, 85.6, 0.1, 0, 0, 1.3], 0.6, { binder: 'gelatine', aliases: ['gelatin'] }],
  ]),
];

export const LIQUIDS = family(
  'liquid',
  [
    ['water', 'Water', [100, 0, 0, 0, 0, 0], 1],
    [
      'stock',
      'Stock, unsalted',
      [96.5, 1.8, 0.4, 0.9, 0, 0.4],
      1,
      { salt: 0.1, aliases: ['broth', 'bouillon', 'chicken stock', 'vegetable stock'] },
    ],
    // Alcohol has no thermal properties of its own here: it boils off like the water it is counted with.
    ['red-wine', 'Red wine', [97, 0.1, 0, 2.6, 0, 0.3], 0.99, { allergens: ['sulphites'], aliases: ['wine'] }],
    // Acids are counted with the carbohydrate.
    ['vinegar', 'Vinegar', [94, 0, 0, 5.8, 0, 0.2], 1.01, { aliases: ['cider vinegar', 'wine vinegar'] }],
    ['lemon-juice', 'Lemon juice', [92.3, 0.4, 0.2, 6.6, 0.3, 0.2], 1.02, { aliases: ['juice of a lemon'] }],
  ],
  { liquid: true },
);

export const SAUCES = [
  ...family('sauce', [
    [
      'soy-sauce',
      'Soy sauce',
      [70, 8, 0.1, 5.3, 0.6, 16],
      1.18,
      { salt: 15, liquid: true, allergens: ['soya', 'gluten'], aliases: ['light soy sauce', 'soya sauce'] },
    ],
    [
      'soy-sauce-reduced',
      'Reduced-salt soy sauce',
      [75, 7.5, 0.1, 7, 0.4, 10],
      1.12,
      { salt: 9, liquid: true, allergens: ['soya', 'gluten'] },
    ],
    ['fish-sauce', 'Fish sauce', [68, 6, 0, 2, 0, 24], 1.2, { salt: 24, liquid: true, allergens: ['fish'] }],
    [
      'oyster-sauce',
      'Oyster-type sauce',
      [64, 2, 0.2, 22.5, 0.3, 11],
      1.2,
      { salt: 10, liquid: true, allergens: ['molluscs', 'gluten', 'soya'], aliases: ['oyster sauce'] },
    ],
    [
      'miso',
      'Miso',
      [43, 12.8, 6, 20.5, 5.4, 12.2],
      1.15,
      { salt: 11, allergens: ['soya', 'gluten'], aliases: ['soya bean paste'] },
    ],
    [
      'mustard',
      'Mustard',
      [83, 3.7, 3.3, 2.2, 4, 3.6],
      1.05,
      { salt: 2.8, allergens: ['mustard'], aliases: ['prepared mustard'] },
    ],
    [
      'tomato-paste',
      'Tomato purée, double',
      [73.5, 4.3, 0.5, 14.8, 4.1, 2.8],
      1.1,
      { salt: 0.2, aliases: ['tomato paste', 'tomato puree', 'tomato concentrate'] },
    ],
    ['capers', 'Capers', [84, 2.4, 0.9, 2.2, 3.2, 7.3], 0.6, { salt: 6 }],
    ['olives', 'Olives', [75, 1, 15, 1.8, 3.3, 3.9], 0.6, { salt: 3.5 }],
  ]),
];

export const SEASONINGS = family('seasoning', [
  ['salt', 'Salt', [0.2, 0, 0, 0, 0, 99.8], 1.2, { salt: 100, aliases: ['table salt', 'fine salt', 'sea salt'] }],
  [
    'stock-powder',
    'Stock powder',
    [3, 10, 14, 20, 1, 52],
    0.75,
    { salt: 50, allergens: ['celery'], aliases: ['bouillon powder', 'stock cube'] },
  ],
  ['sugar', 'Sugar', [0.1, 0, 0, 99.9, 0, 0], 0.85, { aliases: ['caster sugar', 'white sugar'] }],
  ['honey', 'Honey', [17.1, 0.3, 0, 82.2, 0.2, 0.2], 1.42],
  [
    'black-pepper',
    'Black pepper',
    [12.5, 10.4, 3.3, 44, 25.3, 4.5],
    0.46,
    { salt: 0.05, aliases: ['pepper', 'ground pepper'] },
  ],
  ['nutmeg', 'Nutmeg', [6.2, 5.8, 36.3, 28.5, 20.8, 2.3], 0.44, { salt: 0.04 }],
  ['cumin', 'Cumin', [8.1, 17.8, 22.3, 33.7, 10.5, 7.6], 0.42, { salt: 0.43 }],
  ['paprika', 'Paprika', [11.2, 14.1, 12.9, 19.1, 34.9, 7.7], 0.46, { salt: 0.17 }],
  ['allspice', 'Allspice', [8.5, 6.1, 8.7, 50.5, 21.6, 4.7], 0.4, { salt: 0.2, aliases: ['pimento'] }],
  [
    'chilli-flakes',
    'Chilli flakes',
    [8.1, 12, 17.3, 29.4, 27.2, 6],
    0.36,
    { salt: 0.08, aliases: ['chili flakes', 'red pepper flakes'] },
  ],
  ['thyme-dried', 'Thyme, dried', [7.8, 9.1, 7.4, 26.9, 37, 11.7], 0.2, { salt: 0.14, aliases: ['dried thyme'] }],
  // No table row: house estimate after similar berries.
  ['juniper', 'Juniper berries', [20, 4, 12, 40, 20, 4], 0.4, { aliases: ['juniper berry'] }],
]);
