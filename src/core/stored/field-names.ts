/** What a field is called beside its input: refusals name it so. */
import { type Kitchen } from './kitchen-schema';
import { type Batch } from './schema';

/** Fields by the words that stand beside them on screen. */
const WORDS: Record<string, string> = {
  title: 'Name of the batch',
  count: 'Pieces',
  lines: 'The filling',
  ingredients: 'Ingredients of your own',
  'water.panG': 'Empty pan',
  'water.drainedG': 'Drained and weighed',
  'water.estimate.grams': 'Boiled off',
  'water.estimate.minutes': 'Boiling, lid off',
  'water.estimate.panMm': 'Pan across',
  'water.plannedG': 'Still to boil off',
  'water.weighIns': 'Weigh-ins',
  'season.tastings': 'Tastings',
  'cool.depthMm': 'Depth',
  'cool.vessel.areaCm2': 'Its floor',
  'cool.legs': 'Places before',
  'cool.run.past': 'Places so far',
  'cool.run.readings': 'Readings',
  'wrap.portionG': 'Filling in each',
  'wrap.skin.diameterMm': 'Skin across',
  'wrap.skin.lengthMm': 'Long',
  'wrap.skin.widthMm': 'Wide',
  'wrap.skin.sideMm': 'Side',
  'wrap.skin.sheetsBelow': 'Sheets below',
  'wrap.skin.sheetsAbove': 'Sheets above',
  'wrap.rimMm': 'Rim kept free',
  'wrap.thicknessMm': 'Thickness',
  'wrap.skin.depthMm': 'Pan deep',
  'wrap.doughG': 'Dough at hand',
  'wrap.spareShare': 'Spare dough',
  'wrap.ownDough.name': 'Name of the dough',
  'wrap.packet.count': 'In the packet',
  'wrap.packet.grams': 'The packet weighs',
  'wrap.weighed': 'Pieces weighed',
  'wrap.board.taps': 'Pieces closed',
  'wrap.board.stretches': 'Times on the bench',
  'cook.steps': 'Steps of cooking',
  'cook.load': 'At once',
  'cook.liquidG': 'Oil or water in the pot',
  'cook.readings': 'Readings',
  'cook.earlierRuns': 'Loads that are done',
  appliances: 'What you cook in',
  'note.words': 'In your own words',
  'note.outcomes': 'What came out',
  'note.tasters': 'Who ate it',
  'note.forWhom': 'For whom',
  'note.measured.parcelBeforeG': 'One before cooking',
  'note.measured.parcelAfterG': 'The same one after',
  'note.measured.fillingLeftG': 'Filling left',
  'note.measured.doughLeftG': 'Dough left',
  'note.measured.wastedG': 'Thrown away',
  'note.measured.cutAfterMinutes': 'Cut after',
  vessels: 'Vessels',
  cooling: 'How it cools here',
  saltTargetPercent: 'Salt you aim for',
};

const DAY_WORDS: Record<string, string> = {
  title: 'Name of the day',
  serveAt: 'Served at',
  from: 'Not before',
  batches: 'What is made',
  carryMinutes: 'On the way',
  helpers: 'Helpers',
  away: 'Nobody there',
  spareShare: 'Spare time',
  rings: 'Rings',
  benches: 'Places to work',
  pins: 'Pinned',
  changes: 'Minutes',
  added: 'Your own task',
};

export function nameInBatch(batch: Batch, path: string, nameOf: (id: string) => string | undefined): string {
  const [list, index, ...field] = path.split('.');
  const line = list === 'lines' && index !== undefined ? batch.lines[Number(index)] : undefined;
  if (!line) return WORDS[path] ?? path;
  const own = batch.ingredients.find((i) => i.id === line.ingredientId);
  const name = own?.name ?? nameOf(line.ingredientId) ?? `Line ${Number(index) + 1}`;
  const part = field.join(' ');
  return part === 'amount' || part === '' ? name : `${name}, ${part}`;
}

export const nameInDay = (path: string): string => DAY_WORDS[path.split('.')[0]] ?? path;

export function nameInKitchen(kitchen: Kitchen, path: string): string {
  const [list, index] = path.split('.');
  if (list === 'vessels' && index !== undefined) return kitchen.vessels[Number(index)]?.name ?? path;
  if (list === 'appliances' && index !== undefined) return kitchen.appliances[Number(index)]?.name ?? path;
  if (list === 'ingredients' && index !== undefined) return kitchen.ingredients[Number(index)]?.name ?? path;
  return WORDS[path] ?? path;
}
