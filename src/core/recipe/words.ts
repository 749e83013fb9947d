/** What the words of a name are worth: describing, naming a part, or changing the food into another. All in the singular. */

const setOf = (words: string): ReadonlySet<string> => new Set(words.split(/\s+/).filter((word) => word !== ''));

/** Small words. What stands after one of them says how it is treated, packed or meant, and seldom what it is. */
export const SMALL = setOf(`
  a an the of in into to with without from for on off at by about and or plus as its their then until per no not
  if very each all both some any more extra just well only also rather such like between n til till w
`);

/** How it is cut, sized, treated, bought or what it looks like: it stays the same food. */
export const DESCRIBING = setOf(`
  large small medium big little extra-large thick thin good fine finely coarse coarsely roughly thinly thickly freshly fresh
  chopped grated shredded sliced diced peeled trimmed washed rinsed drained squeezed cubed halved quartered torn
  crumbled melted softened cold warm hot room-temperature room temperature beaten toasted ripe firm fat fatty heavy-handed
  boneless boned skinless skinned packed heaped heaping level scant generous organic free-range unsalted lean plain whole
  cut cube cubed dice matchstick julienned deseeded seeded pitted stoned picked approx approximately
  snipped shaved crushed cracked slivered split cleaned thawed defrosted sifted lightly tender young baby mature long-grain
  quick cooking inch cm mm chunk strip ring wedge round thumb sized thumb-sized dry hand one two other side
  light dark soft hard sharp mild sweet bitter hot-smoked best quality thick-cut unsmoked curly flat-leaf flat
  spanish italian french greek english chinese japanese korean thai turkish polish german american asian danish swiss
  indian mexican russian hungarian irish scottish welsh dutch belgian vietnamese persian georgian ukrainian
  yellow green red white brown black golden purple pink orange coloured colored mixed pale
  raw uncooked core cored removed lengthways crosswise diagonally small-diced
  squeezed-dry leftover-free day-old stale homemade home-made bought shop-bought jar jarred tin tinned can canned
  natural fashioned old virgin pure low sodium low-fat reduced full-fat semi salted dusted floury waxy new
  baking mashing boiling roasting frying eating stewing braising stir-fry salad
  short long grain medium-grain streaky smooth crunchy chunky wholemeal strong full skimmed skim thin-skinned
  pointed round-headed vine bunched loose shelled unshelled podded shucked picked-over hulled topped tailed
  ready-made ready prepared instant fast-action easy-blend active all-purpose general purpose multi-purpose self-raising
  spicy smoky tangy nutty creamy rich extra-virgin light-coloured clear cloudy thickened set runny
  top middle end inner outer tender-stem baby-leaf mixed-leaf heritage heirloom seasonal frozen-raw
  regular ordinary normal usual favourite favorite decent nice superfine fine-ground medium-hot kept strained unstrained
  undyed dyed responsibly wild farmed line-caught corn-fed grass-fed outdoor-reared british local
  minus about-to standing resting rested worked pulled picked-through
  rough overnight beforehand soaked steeped marinated blanched wilted sweated sauteed browned seared mashed riced blitzed processed sieved hung
  simmered dissolved slaked whisked whipped crisped scooped broken dusted rehydrated wrung salted shucked filleted
  double triple thick-set pressed sliced-thin fine-cut shaven scraped brushed patted dried-off
`);

/** Parts and shapes: the word before them names the food. */
export const PARTS = setOf(`
  fillet breast thigh leg loin leaf floret stalk stick stem bulb clove head top tip chunk piece slice strip meat flesh
  cube dice trimming tail pod ear kernel half segment steak chop root rib heart bean seed pulp ball wedge cutlet tender
  tenderloin mini portion bit lardon berry spear log block neck shank haunch saddle knuckle shoulder joint brisket cheek
  side belly wing drumstick rack escalope medallion supreme goujon crown bunch sprig frond blade flake thread strand
  disc ring round square sheet curl nugget lump knob crumble mash flower blossom bud sprout grain
`);

/** Words of a state that make another food of what they stand with, wherever they stand. */
export const STATES = setOf(`
  smoked dried dry pickled cooked leftover roast roasted candied crystallised crystallized jellied poached boiled hard-boiled
  minced ground mince condensed evaporated fermented cured preserved
`);

/** Nouns that make another food of what stands before them. */
export const CHANGING = setOf(`
  stock broth bouillon soup sauce oil juice vinegar powder paste flour starch starchy crumb breadcrumb milk cream butter
  cheese noodle wine skin fat liver kidney bone roe wrapper pastry dough jam jelly syrup sugar salt chip crisp cracker biscuit
  cookie cake bread ketchup chutney relish gravy stew curry salad mayonnaise spread essence extract tea zest peel rind yolk
  seasoning blend mix sausage pudding pie dumpling roll bun burger water lard suet dripping ham bacon pate terrine
  puree coulis compote marmalade honey yoghurt yogurt ice granule cordial liqueur beer cider pickle dressing dip salsa
  pesto tapenade hummus custard curd shoot sweet candy chocolate cereal muesli granola pasta rice
  meal husk bran hull shell fudge toffee caramel glaze icing frosting filling stuffing coating batter rub marinade
`);

/** Before these, another food's name makes another thing of them: rice of cauliflower, cream of cashews, milk of oats. */
export const MADE_OF = setOf(
  `milk cream butter flour starch rice mince noodle shoot powder oil mayonnaise chip crisp cracker curry stew soup pie`,
);

/** Words for how it was made edible before it goes in: of meat and fish they make another food. */
export const COOKED_WORDS = setOf(
  'cooked leftover roast roasted rotisserie poached boiled braised pulled stewed confit barbecued slow-cooked steamed grilled flaked fried ready-cooked',
);
/** Food that the larder does not have, in the singular: asked after, and never taken for a name that is spelled nearly so. */
export const OTHER_FOODS = setOf(`
  limpet abalone conch urchin lamprey shark skate frog turtle
  emu moose bear seal whale insect cricket locust mealworm grasshopper
`);
export const MINCED_WORDS = setOf('mince minced ground');

/** Kitchen words that are no food: never taken for one that is spelled nearly so. */
export const KITCHEN = setOf(`
  colander bowl pan pot dish tray board spoon spoonful cup jug mug basin plate tin sieve oven fridge freezer night morning
  yesterday today tomorrow day week hour minute time rest kitchen garden shop market taste choice preference season serve
  serving people person grandmother mother aunt house recipe packet package container carton bottle bag box tube pouch
  handful pinch dash splash glug drizzle knob thing stuff something anything whatever amount quantity weight lot bit
  first second third last next little bigger smaller enough mixture filling topping glaze finger thumb fist palm size
  moonstone dust stone gold silver magic steam heat flame smoke ash wood paper cloth towel string
`);
