/** Food as one buys it: whole lemons for juice and zest, whole eggs for yolks, bunches of herbs, a jar of a spice. */
import { type Ingredient, isSpice } from '../food/ingredient';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';

/** What is needed of an ingredient, g. */
export interface Needed {
  grams: number;
  ingredient: Ingredient;
  for: Set<string>;
}

/** Bought whole, used in parts: of one, how many g of each part. House estimates. */
const WHOLE: readonly { id: string; name: string; one: string; parts: Readonly<Record<string, number>> }[] = [
  {
    id: 'lemons',
    name: 'Lemons',
    one: 'lemon',
    parts: { lemon: 100, 'lemon-juice': 40, 'lemon-zest': 4, 'lemon-peel': 15 },
  },
  { id: 'limes', name: 'Limes', one: 'lime', parts: { lime: 65, 'lime-juice': 25, 'lime-zest': 3 } },
  {
    id: 'oranges',
    name: 'Oranges',
    one: 'orange',
    parts: { orange: 130, 'orange-juice': 70, 'orange-zest': 8, 'orange-peel-strip': 20 },
  },
  { id: 'eggs', name: 'Eggs', one: 'egg', parts: { egg: 50, 'egg-boiled': 50, 'egg-yolk': 18, 'egg-white': 32 } },
];
/** These parts use one up together: an egg is eaten once, a lemon gives its zest and its juice. */
const USED_UP: readonly string[] = ['lemon', 'lime', 'orange', 'egg', 'egg-boiled'];

export interface Bought {
  id: string;
  name: string;
  amount: string;
  grams: number;
  for: Set<string>;
  ingredient: Ingredient;
}

/** So little less than a whole one is not bought for. */
const HARDLY = 0.08;
const whole = (many: number): number => Math.max(1, Math.ceil(many - HARDLY));

/** What is bought whole, counted over all its parts. */
function wholes(needs: readonly Needed[]): Bought[] {
  return WHOLE.flatMap(({ id, name, one, parts }) => {
    const used = needs.filter(({ ingredient }) => parts[ingredient.id] !== undefined);
    if (used.length === 0) return [];
    const of = ({ grams, ingredient }: Needed): number => grams / parts[ingredient.id];
    const eaten = used.filter((n) => USED_UP.includes(n.ingredient.id)).reduce((sum, n) => sum + of(n), 0);
    const shared = Math.max(0, ...used.filter((n) => !USED_UP.includes(n.ingredient.id)).map(of));
    const many = whole(eaten + shared);
    return [
      {
        id,
        name,
        amount: `${many} ${many === 1 ? one : name.toLowerCase()}`,
        grams: used.reduce((sum, n) => sum + n.grams, 0),
        for: new Set(used.flatMap((n) => [...n.for])),
        ingredient: used[0].ingredient,
      },
    ];
  });
}

/** From here on in kilos and litres. */
const KILO = 1000;

/** `1.2 kg`, `650 ml`, `4 (250 g)`, `1 bunch (30 g)`, `a jar (2 g)`. */
function amountWords(grams: number, { liquid, gPerMl, counts, family, dose }: Ingredient): string {
  if (liquid) {
    const ml = grams / gPerMl;
    return ml >= KILO ? `${formatNumber(ml / KILO, 1)} l` : `${formatNumber(ml, 0)} ml`;
  }
  const weight = grams >= KILO ? `${formatNumber(grams / KILO, 1)} kg` : formatGrams(grams);
  const { piece, bunch } = counts;
  if (bunch !== undefined && family !== 'vegetable') {
    const many = whole(grams / bunch);
    return `${many} ${many === 1 ? 'bunch' : 'bunches'} (${weight})`;
  }
  if (family === 'seasoning' && isSpice({ dose })) return `a jar (${weight})`;
  const isCounted =
    piece !== undefined && piece >= 20 && ['egg', 'allium', 'vegetable', 'root', 'fruit'].includes(family);
  return isCounted ? `${whole(grams / piece)} (${weight})` : weight;
}

/** The needs as they are bought, in no order. */
export function asBought(needs: readonly Needed[]): Bought[] {
  const inWholes = new Set(WHOLE.flatMap(({ parts }) => Object.keys(parts)));
  const others = needs.filter(({ ingredient }) => !inWholes.has(ingredient.id));
  return [
    ...wholes(needs),
    ...others.map(({ grams, ingredient, for: whom }) => ({
      id: ingredient.id,
      name: ingredient.name,
      amount: amountWords(grams, ingredient),
      grams,
      for: whom,
      ingredient,
    })),
  ];
}
