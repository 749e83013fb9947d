/**
 * What a food is taken as where the larder has nothing nearer: a jam as an ordinary jam, a cheese as a middling hard one.
 * Each class stands for its middling composition and the strictest hazard that anything of it has; the cook is told, and
 * changes it with a tap.
 */

interface FoodClass {
  /** Words, in the singular, that name it; one of them is the head of the name. */
  words: string;
  /** Words one of which has to stand beside it. */
  with?: string;
  /** Words none of which may stand beside it: a cake of fish is no cake. */
  without?: string;
  /** The larder's row. */
  id: string;
  /** "an ordinary jam" */
  as: string;
}

/** The first that fits is taken: what is told apart by a second word stands before what is not. */
const CLASSES: readonly FoodClass[] = [
  { words: 'jam jelly marmalade preserve conserve compote coulis', id: 'jam', as: 'an ordinary jam' },
  { words: 'chutney relish', id: 'chutney', as: 'an ordinary chutney' },
  { words: 'pickle', id: 'gherkins', as: 'an ordinary pickle' },
  { words: 'cheese', with: 'blue veined', id: 'blue-cheese', as: 'an ordinary blue cheese' },
  { words: 'cheese', with: 'goat', id: 'goat-cheese', as: 'a soft goat cheese' },
  {
    words: 'cheese',
    with: 'cream spreadable spread soft garlic herb light',
    id: 'cream-cheese',
    as: 'an ordinary cream cheese',
  },
  { words: 'cheese', with: 'curd fresh farmer pot cottage white', id: 'curd-cheese', as: 'an ordinary fresh curd' },
  { words: 'cheese', with: 'brined salad', id: 'brined-cheese', as: 'an ordinary brined cheese' },
  { words: 'cheese', with: 'smoked', id: 'smoked-cheese', as: 'an ordinary smoked cheese' },
  { words: 'cheese', with: 'ripened rind', id: 'soft-ripened-cheese', as: 'an ordinary soft ripened cheese' },
  { words: 'cheese', id: 'hard-cheese', as: 'a medium hard cheese' },
  { words: 'sausage banger wurst', with: 'smoked', id: 'smoked-sausage', as: 'an ordinary smoked sausage' },
  { words: 'sausage', with: 'dry dried cured', id: 'salami', as: 'an ordinary dry sausage' },
  { words: 'sausage banger wurst', id: 'sausage-raw', as: 'an ordinary raw sausage' },
  { words: 'ham', id: 'ham', as: 'an ordinary cooked ham' },
  { words: 'bacon', id: 'bacon', as: 'ordinary bacon' },
  { words: 'fish', with: 'smoked', id: 'haddock-smoked', as: 'an ordinary smoked fish' },
  { words: 'fish', with: 'oily', id: 'mackerel', as: 'an ordinary oily fish' },
  { words: 'fish', id: 'white-fish', as: 'an ordinary white fish' },
  { words: 'shellfish seafood', id: 'prawns', as: 'ordinary raw shellfish' },
  { words: 'offal giblet', id: 'heart', as: 'ordinary offal' },
  { words: 'poultry fowl bird', id: 'chicken-thigh', as: 'ordinary poultry' },
  { words: 'mince', id: 'mince-unsaid', as: 'mince of an unnamed meat' },
  { words: 'meat', with: 'minced ground', id: 'mince-unsaid', as: 'mince of an unnamed meat' },
  { words: 'meat', with: 'cooked leftover roast', id: 'meat-cooked-unsaid', as: 'cooked meat of no name' },
  { words: 'meat', id: 'meat-unsaid', as: 'an unnamed raw meat' },
  { words: 'pate terrine', id: 'liver-pate', as: 'an ordinary pâté' },
  { words: 'lettuce salad', id: 'lettuce', as: 'an ordinary lettuce' },
  { words: 'cabbage', id: 'white-cabbage', as: 'an ordinary cabbage' },
  { words: 'green shoot cress leaf', id: 'spinach', as: 'an ordinary leafy green' },
  { words: 'herb', with: 'dried dry', id: 'mixed-herbs', as: 'an ordinary dried herb' },
  { words: 'herb', id: 'herbs-fresh', as: 'an ordinary soft herb' },
  { words: 'mushroom fungus', with: 'dried', id: 'mushrooms-dried', as: 'ordinary dried mushrooms' },
  { words: 'mushroom fungus', id: 'mushroom', as: 'ordinary mushrooms' },
  { words: 'squash gourd pumpkin', id: 'butternut', as: 'an ordinary squash' },
  { words: 'potato', id: 'potato', as: 'an ordinary potato' },
  { words: 'onion', id: 'onion', as: 'an ordinary onion' },
  { words: 'tomato', id: 'tomato', as: 'an ordinary tomato' },
  { words: 'pepper', with: 'hot chilli chili', id: 'chilli-fresh', as: 'an ordinary fresh chilli' },
  { words: 'chilli chili chile', id: 'chilli-fresh', as: 'an ordinary fresh chilli' },
  { words: 'pea', id: 'peas', as: 'ordinary peas' },
  { words: 'bean', with: 'dried dry', id: 'beans-dry', as: 'ordinary dried beans' },
  { words: 'bean', id: 'white-beans', as: 'ordinary cooked beans' },
  { words: 'lentil pulse', id: 'lentils-cooked', as: 'ordinary cooked lentils' },
  { words: 'root vegetable', with: 'root', id: 'carrot', as: 'an ordinary root' },
  { words: 'vegetable veg veggie', id: 'vegetables-frozen', as: 'ordinary mixed vegetables' },
  { words: 'sprout', id: 'bean-sprouts', as: 'ordinary sprouts' },
  { words: 'apple', id: 'apple', as: 'an ordinary apple' },
  { words: 'pear', id: 'pear', as: 'an ordinary pear' },
  { words: 'plum', id: 'plum', as: 'an ordinary plum' },
  { words: 'cherry', id: 'cherry', as: 'ordinary cherries' },
  { words: 'berry', with: 'dried', id: 'cranberries-dried', as: 'ordinary dried berries' },
  { words: 'berry currant', id: 'berries-frozen', as: 'ordinary berries' },
  { words: 'fruit', with: 'dried dry', id: 'raisins', as: 'ordinary dried fruit' },
  { words: 'fruit', id: 'plum', as: 'an ordinary juicy fruit' },
  { words: 'nut kernel', id: 'mixed-nuts', as: 'ordinary nuts' },
  { words: 'seed', id: 'sunflower-seeds', as: 'ordinary seeds' },
  { words: 'oil', id: 'sunflower-oil', as: 'an ordinary oil' },
  { words: 'margarine shortening', id: 'margarine', as: 'an ordinary spread' },
  { words: 'fat suet', id: 'lard', as: 'an ordinary cooking fat' },
  { words: 'vinegar', id: 'vinegar', as: 'an ordinary vinegar' },
  { words: 'wine', id: 'white-wine', as: 'an ordinary wine' },
  { words: 'liqueur cordial brandy schnapps spirit', id: 'spirit', as: 'an ordinary spirit' },
  { words: 'juice', id: 'fruit-juice', as: 'an ordinary fruit juice' },
  { words: 'stock broth bouillon', with: 'cube powder granule', id: 'stock-powder', as: 'ordinary stock powder' },
  { words: 'stock broth bouillon', id: 'stock', as: 'an ordinary stock' },
  { words: 'soup', id: 'soup-condensed', as: 'an ordinary thick soup' },
  { words: 'gravy', id: 'gravy', as: 'an ordinary gravy' },
  { words: 'stew curry casserole ragu', id: 'meat-sauce', as: 'an ordinary stew' },
  { words: 'sauce dressing glaze marinade', with: 'soy soya soybean', id: 'soy-sauce', as: 'an ordinary soy sauce' },
  { words: 'sauce', with: 'chilli chili hot pepper', id: 'hot-sauce', as: 'an ordinary chilli sauce' },
  { words: 'sauce', with: 'sweet fruit', id: 'sweet-chilli-sauce', as: 'an ordinary sweet sauce' },
  { words: 'sauce', with: 'tomato', id: 'tomato-sauce', as: 'an ordinary tomato sauce' },
  { words: 'sauce', with: 'bean', id: 'soybean-paste', as: 'an ordinary bean sauce' },
  { words: 'sauce dressing', id: 'thin-sauce', as: 'an ordinary salty sauce' },
  { words: 'paste', with: 'chilli chili pepper curry spice', id: 'curry-paste', as: 'an ordinary spice paste' },
  { words: 'paste', with: 'bean soy soya', id: 'soybean-paste', as: 'an ordinary bean paste' },
  { words: 'paste', with: 'nut almond sesame', id: 'tahini', as: 'an ordinary nut paste' },
  { words: 'mustard', id: 'mustard', as: 'an ordinary mustard' },
  { words: 'mayonnaise mayo aioli', id: 'mayonnaise', as: 'an ordinary mayonnaise' },
  { words: 'syrup molasses nectar', id: 'syrup', as: 'an ordinary syrup' },
  { words: 'honey', id: 'honey', as: 'an ordinary honey' },
  { words: 'sugar sweetener', id: 'sugar', as: 'ordinary sugar' },
  { words: 'chocolate', id: 'chocolate', as: 'ordinary dark chocolate' },
  { words: 'sweet candy toffee fudge caramel', id: 'caramel', as: 'an ordinary soft caramel' },
  { words: 'biscuit cookie cracker wafer', id: 'biscuit-crumbs', as: 'an ordinary biscuit' },
  {
    words: 'cake sponge muffin brownie',
    without: 'fish crab rice potato oat salmon prawn bean',
    id: 'cake-crumbs',
    as: 'an ordinary cake',
  },
  { words: 'crumb', id: 'breadcrumbs-dry', as: 'ordinary dry crumbs' },
  { words: 'bread loaf roll bun baguette toast', id: 'bread', as: 'ordinary bread' },
  { words: 'pasta noodle macaroni', id: 'pasta-cooked', as: 'ordinary cooked pasta' },
  { words: 'rice', id: 'rice-cooked', as: 'ordinary cooked rice' },
  { words: 'flour', id: 'wheat-flour', as: 'an ordinary flour' },
  { words: 'starch', id: 'cornflour', as: 'an ordinary starch' },
  { words: 'cereal flake muesli granola', id: 'oats', as: 'an ordinary cereal' },
  { words: 'milk', id: 'milk', as: 'ordinary milk' },
  { words: 'cream', id: 'cream-whipping', as: 'an ordinary cream' },
  { words: 'yoghurt yogurt', id: 'yoghurt', as: 'an ordinary yoghurt' },
  { words: 'butter', with: 'nut almond cashew peanut seed', id: 'peanut-butter', as: 'an ordinary nut butter' },
  { words: 'puree mash', id: 'pumpkin-tinned', as: 'an ordinary purée' },
  { words: 'salt', id: 'garlic-salt', as: 'an ordinary seasoned salt' },
  { words: 'spice masala seasoning rub', id: 'spice-blend', as: 'an ordinary spice mixture' },
  {
    words: 'powder mix blend',
    with: 'spice curry chilli seasoning masala herb',
    id: 'spice-blend',
    as: 'an ordinary spice mixture',
  },
  { words: 'extract essence flavouring', id: 'vanilla', as: 'an ordinary extract' },
  { words: 'zest peel rind', id: 'orange-zest', as: 'an ordinary citrus zest' },
  { words: 'seaweed algae', id: 'seaweed-dried', as: 'an ordinary dried seaweed' },
  { words: 'tofu', id: 'tofu', as: 'ordinary tofu' },
  { words: 'egg', id: 'egg', as: 'an ordinary egg' },
];

const of = (words: string): readonly string[] => words.split(' ');

/**
 * The class that a name belongs to by its head.
 * @param head the word, in the singular, that says what it is
 * @param words all words of the name
 */
export function classOf(head: string, words: ReadonlySet<string>): { id: string; as: string } | null {
  const found = CLASSES.find(
    (one) =>
      of(one.words).includes(head) &&
      (one.with === undefined || of(one.with).some((word) => words.has(word))) &&
      !(one.without !== undefined && of(one.without).some((word) => words.has(word))),
  );
  return found ? { id: found.id, as: found.as } : null;
}

/** All rows that classes name, for whoever checks them. */
export const CLASS_ROWS: readonly string[] = CLASSES.map(({ id }) => id);
