/** Things by their everyday names, each with what usually goes with it: its form, dough, way of cooking and filling. */
import { type FormId } from '../forms';
import { type DoughId } from '../vocabulary/doughs';
import { idsOf, recordsOf } from '../vocabulary/records';
import { type School } from '../vocabulary/schools';
import { type WayToCook } from '../vocabulary/ways-to-cook';

interface EverydayRecord {
  /** What it is called most, and what else. */
  name: string;
  plural: string;
  also: string;
  form: FormId;
  dough: DoughId;
  way: WayToCook;
  school: School;
  /** Filling usual in each, g, where the form is made smaller or larger for other things. House estimate. */
  portionG?: number;
}

/** In the order in which they are shown: boiled and steamed, baked, fried, pans. What goes with each: house estimates. */
export const EVERYDAY = recordsOf<EverydayRecord>()({
  dumpling: {
    name: 'Dumpling',
    plural: 'Dumplings',
    also: 'folded, half-moon',
    form: 'half-moon',
    dough: 'noodle',
    way: 'boil',
    school: 'raw',
  },
  'pan-fried': {
    name: 'Pan-fried dumpling',
    plural: 'Pan-fried dumplings',
    also: 'crisp below, steamed above',
    form: 'half-moon',
    dough: 'hot-water',
    way: 'sear-steam',
    school: 'raw',
  },
  gathered: {
    name: 'Gathered dumpling',
    plural: 'Gathered dumplings',
    also: 'purse, pleated at the top',
    form: 'purse',
    dough: 'noodle',
    way: 'steam',
    school: 'raw',
    portionG: 22,
  },
  'steamed-bun': {
    name: 'Steamed bun',
    plural: 'Steamed buns',
    also: 'yeasted, pleated at the top',
    form: 'purse',
    dough: 'steamed-bun',
    way: 'steam',
    school: 'raw',
  },
  'folded-bun': {
    name: 'Folded bun',
    plural: 'Folded buns',
    also: 'steamed empty, filled after',
    form: 'folded-bun',
    dough: 'steamed-bun',
    way: 'steam-empty',
    school: 'cooked',
  },
  pasta: {
    name: 'Filled pasta',
    plural: 'Filled pasta',
    also: 'pillow, two squares',
    form: 'pillow',
    dough: 'noodle',
    way: 'boil',
    school: 'cooked',
  },
  'hand-pie': {
    name: 'Hand pie',
    plural: 'Hand pies',
    also: 'two rounds, a crimped rim',
    form: 'double-round',
    dough: 'short',
    way: 'bake',
    school: 'cooked',
  },
  pasty: {
    name: 'Pasty',
    plural: 'Pasties',
    also: 'one large round, folded',
    form: 'pocket',
    dough: 'short',
    way: 'bake',
    school: 'raw',
  },
  turnover: {
    name: 'Turnover',
    plural: 'Turnovers',
    also: 'a square of puff, folded',
    form: 'triangle',
    dough: 'rough-laminated',
    way: 'bake',
    school: 'cooked',
    portionG: 35,
  },
  envelope: {
    name: 'Puff parcel',
    plural: 'Puff parcels',
    also: 'envelope, corners in the middle',
    form: 'envelope',
    dough: 'rough-laminated',
    way: 'bake',
    school: 'cooked',
  },
  roll: {
    name: 'Roll',
    plural: 'Rolls',
    also: 'a rope of filling in a strip',
    form: 'roll',
    dough: 'rough-laminated',
    way: 'bake',
    school: 'raw',
  },
  'baked-bun': {
    name: 'Baked bun',
    plural: 'Baked buns',
    also: 'a soft square pinched shut',
    form: 'closed-square',
    dough: 'enriched',
    way: 'bake',
    school: 'cooked',
  },
  'three-cornered': {
    name: 'Three-cornered pie',
    plural: 'Three-cornered pies',
    also: 'a round drawn up at three sides',
    form: 'three-corners',
    dough: 'bread',
    way: 'bake',
    school: 'cooked',
  },
  'flag-triangle': {
    name: 'Cheese flag',
    plural: 'Cheese flags',
    also: 'a strip of thin sheet, folded',
    form: 'flag-triangle',
    dough: 'thin-sheets',
    way: 'bake',
    school: 'cooked',
  },
  samosa: {
    name: 'Samosa shape',
    plural: 'Fried triangles',
    also: 'triangle, deep-fried',
    form: 'triangle',
    dough: 'oil-egg',
    way: 'fry',
    school: 'cooked',
    portionG: 25,
  },
  'fried-half-moon': {
    name: 'Fried half-moon',
    plural: 'Fried half-moons',
    also: 'a round, folded and sealed',
    form: 'half-moon',
    dough: 'oil-egg',
    way: 'fry',
    school: 'cooked',
    portionG: 30,
  },
  'spring-roll': {
    name: 'Spring roll',
    plural: 'Spring rolls',
    also: 'rolled up, sides tucked in',
    form: 'wound-roll',
    dough: 'bought-skin',
    way: 'fry',
    school: 'cooked',
  },
  flatbread: {
    name: 'Filled flatbread',
    plural: 'Filled flatbreads',
    also: 'gathered, rolled flat',
    form: 'flat-round',
    dough: 'griddle',
    way: 'griddle',
    school: 'cooked',
  },
  'pan-pie': {
    name: 'Pan pie',
    plural: 'Pan pie',
    also: 'thin sheets below and above',
    form: 'pan-pie',
    dough: 'thin-sheets',
    way: 'bake',
    school: 'cooked',
  },
  'lidded-pie': {
    name: 'Pie with a lid',
    plural: 'Pie with a lid',
    also: 'short pastry in a pan',
    form: 'pan-pie',
    dough: 'short',
    way: 'bake',
    school: 'cooked',
  },
});
export type EverydayId = keyof typeof EVERYDAY;
export const EVERYDAY_IDS = idsOf(EVERYDAY);
