/**
 * What cooks do first where no number explains an outcome: common advice, none of it worked out. Two or three things each, by how
 * it was cooked.
 */
import { FORMS } from '../forms';
import { type Batch } from '../stored/schema';
import { METHODS } from '../vocabulary/methods';
import { type OutcomeId } from '../vocabulary/outcomes';

type Way = 'dry' | 'oil' | 'wet' | 'pan';
type Scale = 'C' | 'F';
/** What names a temperature is written in the kitchen’s scale. */
type Said = string | ((scale: Scale) => string);
type Advice = readonly Said[] | Partial<Record<Way | 'any', readonly Said[]>>;

const ADVICE: Readonly<Partial<Record<OutcomeId, Advice>>> = {
  soggy: {
    dry: [
      'Bake on a lower shelf, or on a tray heated with the oven.',
      'Dry the filling, or put crumbs under it.',
      'Cut a vent, so that steam gets out.',
    ],
    pan: [
      'Bake on a hot tray, low in the oven.',
      'Brush the bottom with egg or fat, or line it with crumbs.',
      'Let the filling cool and drain before it goes in.',
    ],
    oil: ['Fry fewer at once, in hotter oil.', 'Drain them on a rack, not on paper.'],
    wet: [
      'Put a cloth under the lid, so that drops don’t fall back.',
      'Serve them at once: skins soften as they stand.',
    ],
  },
  burst: [
    'Use less filling, and press the air out.',
    'Moisten the rim, and press it twice.',
    'Cook more gently, or cut a vent.',
  ],
  leaked: ['Keep the rim clean of filling, and press it twice.', 'Chill them before they go in.', 'Thicken what runs.'],
  pale: {
    any: ['Brush with egg or milk.', 'Heat the oven longer before they go in.', 'Move them up for the last minutes.'],
    oil: ['Fry hotter, and fewer at once.', 'Dry them before they go in.'],
  },
  'too-brown': [
    'Lay foil over them for the last third.',
    (scale) => `Set it ${scale === 'C' ? '10 to 15 °C' : '20 to 25 °F'} lower.`,
    'Leave sugar and honey out of the glaze.',
  ],
  tough: [
    'Knead less, and let the dough rest longer.',
    'Roll it thinner, and flour it less.',
    'Keep skins under a cloth.',
  ],
  'raw-dough': [
    'Roll it thinner where it lies double.',
    'Give it longer at a lower heat.',
    'Start on a hot tray or in full steam.',
  ],
  collapsed: [
    'Open the lid slowly, after a few minutes off the heat.',
    'Let it rise less before it goes in.',
    'Cut a vent for the steam.',
  ],
  'cold-centre': [
    'Make them smaller or flatter.',
    'Take the filling out of the fridge shortly before.',
    'Measure the thickest, and keep cooking.',
  ],
  watery: [
    'Squeeze, drain or sweat the wet things.',
    'Add a little starch or crumbs.',
    'Let it stand ten minutes before you cut it.',
  ],
  'veg-hard': ['Cut them smaller.', 'Cook them first.', 'Add them earlier.'],
  'mostly-dough': ['Roll it thinner.', 'Use a spoonful more in each.'],
  dry: [
    'Add a spoon of stock or fat.',
    'Cook it for a little less time.',
    'Use fattier mince, or vegetables with water in them.',
  ],
  dense: ['Mix in some stock, in one direction.', 'Add cabbage or crumbs.', 'Use fattier mince, and press it less.'],
  'loose-filling': [
    'Press the skin to the filling before you close it.',
    'Fill it a little fuller.',
    'Bind it with egg or starch.',
  ],
  hollow: ['Press the air out as you close them.', 'Fill them fuller.', 'Cut a vent.'],
  pasty: [
    'Use less flour or starch.',
    'Let it boil up once, then stop.',
    'Mix potatoes gently, and never in a machine.',
  ],
  lumps: ['Stir starch into cold liquid first.', 'Add liquid to flour and fat bit by bit.', 'Pass it through a sieve.'],
  'tough-prawns': [
    'Mix them in last, in large pieces.',
    'Salt them just before they go in.',
    'Cook them for less time.',
  ],
  greasy: ['Let the fat run off, and lift it cold.', 'Use leaner mince.', 'Add crumbs or cooked rice.'],
  bland: ['Salt it, then cook a teaspoonful and taste.', 'Add something sour at the end.', 'Add herbs when it’s cool.'],
  salty: ['Stretch it with something unsalted.', 'Salt the dough less.', 'Rinse what was cured or brined.'],
  sour: ['Add a little sugar or cream.', 'Use less of the sour things.'],
  'herb-strong': ['Use half as much.', 'Add it later, or dry instead of fresh.'],
  forgotten: ['Lay everything out before you begin.', 'Tick each line as it goes in.'],
  spat: ['Dry them with a cloth.', 'Close every seam, and leave out the vent.', 'Shake the ice off frozen ones.'],
  'long-bake': ['Check the oven with a thermometer.', 'Heat it longer before they go in.', 'Bake fewer at once.'],
  'cooled-slowly': ['Spread it thin, on metal.', 'Stand it over ice, and stir.', 'Cool it in two halves.'],
  'dough-tore': ['Chill it for half an hour.', 'Roll it thicker.', 'Let the filling get colder.'],
  'dough-sticky': [
    'Rest it ten minutes, then knead again.',
    'Hold a little of the water back.',
    'Flour the board, not the dough.',
  ],
  'dough-dry': ['Wrap it, and let it rest.', 'Wet your hands as you knead.', 'Add water by the teaspoon.'],
  'skins-dried': ['Keep a damp cloth over them.', 'Roll fewer ahead.'],
  unequal: ['Weigh the first three.', 'Cut a log by the ruler.', 'Use one spoon for all.'],
  'dough-left': ['Freeze it flat, or bake it as it is.', 'Make a little more filling.'],
  'filling-left': ['Freeze it, or eat it with rice.', 'Make a little more dough.'],
};

function wayOf({ cook, wrap }: Pick<Batch, 'cook' | 'wrap'>): Way {
  if (FORMS[wrap.form].size === 'pan') return 'pan';
  if (cook.method === 'fry') return 'oil';
  return METHODS[cook.method].isDry ? 'dry' : 'wet';
}

/** Two or three things that cooks do first; none of what is right. */
export function commonAdvice(what: OutcomeId, batch: Pick<Batch, 'cook' | 'wrap'>, scale: Scale): readonly string[] {
  return adviceFor(what, batch).map((sentence) => (typeof sentence === 'string' ? sentence : sentence(scale)));
}

function adviceFor(what: OutcomeId, batch: Pick<Batch, 'cook' | 'wrap'>): readonly Said[] {
  const advice = ADVICE[what];
  if (advice === undefined) return [];
  if (Array.isArray(advice)) return advice as readonly Said[];
  const by = advice as Partial<Record<Way | 'any', readonly Said[]>>;
  const way = wayOf(batch);
  return by[way] ?? (way === 'pan' ? by.dry : undefined) ?? by.any ?? by.dry ?? [];
}
