/** Recipes as five households write them; none of them is in the table of known fillings. */
export interface Household {
  name: string;
  form: string;
  school: 'Raw' | 'Cooked' | 'Part-cooked';
  text: string;
  /** Whether something is really wrong with it: the check, and what is to be done first. */
  wrong?: { check: string; first: RegExp };
}

export const HOUSEHOLDS: readonly Household[] = [
  {
    name: 'a grandmother’s card',
    form: 'half-moon',
    school: 'Cooked',
    text: `Granny's potato and cheese half-moons

1 kg floury potatoes, peeled
250g farmer cheese
1 large onion, finely chopped
2 oz butter
1 1/2 tsp salt
pepper

Boil the potatoes, drain them and mash while hot. Fry the onion in the butter until golden.
Mix everything when it has cooled.`,
  },
  {
    name: 'a student’s phone',
    form: 'half-moon',
    school: 'Raw',
    text: `400g pork mince
half a small napa cabbage, chopped + salted, squeeze it out!!
3 spring onions
2 tbsp soy sauce, 1 tsp sesame oil
1 thumb ginger grated
1 tsp sugar
1 tsp cornstarch`,
  },
  {
    name: 'a weekend cook’s print-out',
    form: 'pocket',
    school: 'Cooked',
    text: `Steak and mushroom pockets
Serves 6

Ingredients
For the filling:
• 600 g braising steak, cut into 1.5 cm dice
• 1 tbsp vegetable oil
• 2 onions, roughly chopped
• 250 g chestnut mushrooms, quartered
• 2 tbsp plain flour
• 300 ml beef stock
• 1 tbsp Worcestershire sauce
• a few sprigs of thyme
• salt and freshly ground black pepper

For the pastry:
• 500 g plain flour
• 250 g cold butter
• 1 egg, beaten, to glaze

Method
1. Brown the steak in the oil in batches. Fry the onions and the mushrooms until all their liquid has gone.
2. Stir in the flour, then add the stock, Worcestershire sauce and thyme. Simmer until the meat is tender and the gravy is thick.
3. Leave to cool completely before filling the pastry.`,
  },
  {
    name: 'a blog of few words',
    form: 'purse',
    school: 'Raw',
    text: `Ingredients:
1 lb ground chicken (thigh)
1 cup finely shredded carrot
2 cloves garlic, minced
1 tbsp fish sauce
1 tsp white sugar
2 tsp potato starch
1/4 cup chopped cilantro
1/2 tsp salt`,
  },
  {
    name: 'a spoilt one: nothing was wrung or bound',
    form: 'pan pie',
    school: 'Raw',
    wrong: { check: 'Moisture', first: /^Spinach: wilted and squeezed/ },
    text: `Green pie
900 g fresh spinach, washed and chopped
4 spring onions, sliced
200 g feta
2 eggs
150 ml milk
a pinch of nutmeg`,
  },
];
