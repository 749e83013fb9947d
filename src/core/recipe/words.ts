/** What the words of a name are worth: describing, naming a part, or changing the food into another. */

const setOf = (words: string): ReadonlySet<string> => new Set(words.split(/\s+/).filter((word) => word !== ''));

/** How it is cut, sized, treated or bought: it stays the same food. In the singular. */
export const DESCRIBING = setOf(`
  large small medium big little extra-large extra thick thin good fine finely coarse coarsely roughly thinly thickly freshly fresh
  chopped grated shredded sliced diced peeled trimmed washed rinsed drained squeezed cubed halved quartered torn
  crumbled melted softened cold warm hot room-temperature room temperature beaten toasted ripe firm fat fatty heavy-handed
  boneless boned skinless skinned packed heaped heaping level scant generous organic free-range unsalted lean plain whole
  cut into cube cubed dice matchstick julienned deseeded seeded pitted stoned picked about approx approximately of the a an in
  with without from and its their clove stalk stick bulb sprig snipped shaved crushed cracked slivered split
  cleaned thawed defrosted sifted lightly well very tender young baby mature long-grain quick cooking
  inch cm mm piece chunk strip ring wedge slice round thumb sized thumb-sized knob dry hand one two each other side
  light dark soft hard sharp mild sweet bitter hot-smoked best quality thick-cut unsmoked curly flat-leaf flat leaf
  spanish italian french greek english chinese japanese korean thai turkish polish german american asian danish swiss
  yellow green red white brown black golden purple pink orange coloured colored mixed
  raw uncooked trimming head top core cored removed lengthways crosswise diagonally small-diced 
  squeezed-dry leftover-free day-old stale homemade home-made bought shop-bought jar jarred tin can tinned canned
  natural fashioned old virgin pure low sodium fat low-fat reduced full-fat semi salted dusted floury waxy new
`);

/** Parts and shapes: the word before them names the food. */
export const PARTS = setOf(`
  fillet breast thigh leg loin leaf floret stalk stick stem bulb clove head top tip chunk piece slice strip meat flesh
  cube dice trimming tail pod ear kernel half segment steak chop root rib heart bean seed pulp round ball wedge cutlet tender
  tenderloin mini portion bit lardon berry top
`);

/** Without being part of the name that was found, these make another food of it. */
export const CHANGING = setOf(`
  stock broth bouillon soup mince minced ground sauce oil juice vinegar powder paste flour starch starchy crumb breadcrumb milk cream butter
  cheese noodle wine smoked dried dry pickled cooked leftover roast candied crystallised skin fat liver kidney
  bone roe wrapper sheet pastry dough jam jelly syrup sugar salt chip crisp cracker biscuit cake bread ketchup chutney
  gravy stew curry salad mayonnaise spread essence extract flake bouillon cube jellied tea zest peel rind yolk seasoning
  blend mix sausage pudding pie dumpling roll bun burger nugget ball water boiled hard-boiled poached
`);

/** Words for how it was made edible before it goes in: of meat and fish they make another food. */
export const COOKED_WORDS = setOf(
  'cooked leftover roast roasted rotisserie poached boiled braised pulled stewed confit barbecued slow-cooked steamed grilled flaked',
);
/** Food that the larder does not have, in the singular: asked after, and never taken for a name that is spelled nearly so. */
export const OTHER_FOODS = setOf(`
  oyster whelk snail winkle limpet abalone conch cuttlefish urchin eel lamprey shark skate sprat whitebait frog turtle
  hare pigeon squab quail partridge grouse guinea ostrich emu goat kid mutton boar elk moose reindeer kangaroo horse bear
  tripe brain sweetbread tongue trotter cheek oxtail spleen lung marrow gizzard head caul rind testicle udder
  insect cricket locust mealworm
`);
export const MINCED_WORDS = setOf('mince minced ground');
