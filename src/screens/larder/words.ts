/** What Larder says: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatNumber } from '@/core/units/amount';

// Always at home.
export const ALWAYS_AT_HOME = 'Always at home';
export const NOT_ON_LIST = 'Shopping lists leave these out. Find something below to add it.';
export const isNotAtHome = (name: string): string => `${name} isn’t always at home`;

// What is known of a food.
export const oneWeighs = (what: string, g: number): string => `one ${what} ${formatNumber(g)} g`;
export const cupWeighs = (gPerMl: number, cupMl: number): string => `a cup ${formatNumber(gPerMl * cupMl, 0)} g`;
export const LOSES_SCENT = 'Loses its scent when heated';
export const STRONG_SPICE = 'A strong spice';
export const MAKES_IT_RISE = 'Makes it rise';
export const PER100 = 'g per 100 g';
export const preparationsOf = (name: string): string => `Preparations of ${name}`;
export const LETS_GO_OF = 'lets go of';
export const usualDose = (fromG: number, toG: number): string =>
  `Usual: ${formatNumber(fromG)} to ${formatNumber(toG)} g a kilogram of filling (our estimate).`;
export const atHome = (name: string): string => `${name} at home`;

// What stands on the screen itself.
export const isInLarder = (name: string): string => `“${name}” is in your Larder.`;
export const isOutOfLarder = (name: string): string => `“${name}” is out of your Larder. Batches that use it keep it.`;
export const BRING_IT_BACK = 'Bring it back';
/** @param count null while they are not all read yet */
export const ingredientsHere = (count: number | null, own: number): string =>
  `${count === null ? 'All' : formatNumber(count, 0)} ingredients${own > 0 ? ` and ${own} of your own` : ''}. Composition from national food tables; releases and minutes are our estimates.`;
export const ADD_YOUR_OWN = 'Add one of your own';
export const OPENING_LARDER = 'Opening the Larder …';
export const nothingCalled = (text: string): string => `Nothing is called “${text}”. Try another name for it.`;
export const showAll = (found: number): string => `Show all ${found}`;

// Doughs of one’s own.
export const OWN_DOUGHS = 'Doughs of your own';
export const doughInWords = (parts: readonly string[], dough: string): string =>
  `${parts.join(', ')} %; made like ${dough}.`;
export const takeOutOfLarder = (name: string): string => `Take ${name} out of the Larder`;

// A food of one’s own.
export const KEEPS_ITS_WATER = 'keeps its water';
export const LIQUID_OR_SAUCE = 'a liquid or sauce';
export const LIKE_FIRM_CHEESE = 'like firm cheese';
export const LIKE_A_ROOT = 'like a root';
export const LIKE_A_LEAF = 'like a leaf';
export const LIKE_AN_ONION = 'like an onion';
export const LIKE_DICED_MEAT = 'like diced meat';
export const LOSES_SCENT_IN_HEAT = 'loses its scent when heated';
export const A_STRONG_SPICE = 'a strong spice';
export const MAKES_RISE = 'makes it rise';
export const USUAL_FROM = 'Usual, from (optional)';
export const USUAL_TO = 'Usual, to (optional)';
export const INGREDIENT_OF_YOUR_OWN = 'An ingredient of your own';
export const COPY_FROM_PACKET = 'Copy the figures from the packet. The rest of 100 g is its water.';
export const WHAT_IS_IT_CALLED = 'What is it called?';
export const notKeptYet = (wrong: readonly string[]): string => `Not kept yet: ${wrong.join(' ')}`;
export const FIBRE = 'Fibre (0 if not said)';
export const MG_PER100 = 'mg per 100 g';
export const ENERGY = 'Energy (to check)';
export const KJ_PER100 = 'kJ per 100 g';
export const PACKET_GIVES = 'The packet gives';
export const waterLeft = (per100: number): string => `That leaves water: ${formatNumber(per100, 1)} g in 100 g `;
export const HARDLY_ANYTHING_ELSE = '(almost only water: are the figures in?)';
export const IN_A_FILLING = 'In a filling it is';
export const MILLILITRE_WEIGHS = 'A millilitre weighs';
export const ONE_PIECE = 'One piece (optional)';
export const WHAT_IT_DOES = 'What it does';
export const PER_KG_FILLING = 'g per kg of filling';
export const RAW_IT_IS = 'Raw, it is';

// Which meat, which fish.
export const WHAT_ARE_THESE = 'What are these?';
export const WHAT_ARE_THESE_RAW = 'What are these, raw?';
export const STRICTEST_UNTIL_SAID = 'This decides how hot they must get. Until you say, the strictest rule holds.';
export const rawIs = (name: string): string => `${name}, raw, is`;
