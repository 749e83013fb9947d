/** Measures that recipes use beyond the core's units: other volumes, and things that are counted. */
import { parseUnit, type Unit } from '../units/units';

/** Volumes by other names, ml. Fluid ounce of US nutrition labelling (30 ml); pint and quart of 16 and 32 of them. */
const VOLUMES: Record<string, { ml: number; names: string[] }> = {
  cl: { ml: 10, names: ['cl', 'centilitre', 'centiliter'] },
  dl: { ml: 100, names: ['dl', 'decilitre', 'deciliter'] },
  'fl oz': { ml: 30, names: ['fl oz', 'fl. oz', 'fl. oz.', 'floz', 'fluid ounce'] },
  pint: { ml: 480, names: ['pint', 'pt'] },
  quart: { ml: 960, names: ['quart', 'qt'] },
  dessertspoon: { ml: 10, names: ['dessertspoon', 'dsp'] },
  // A pinch is what three fingers take, a dash twice that: house estimates.
  pinch: {
    ml: 0.3,
    names: [
      'pinch',
      'pinche',
      'little',
      'touch',
      'grating',
      'scraping',
      'hint',
      'twist',
      'grind',
      'bit',
      'scrape',
      'sprinkle',
      'sprinkling',
    ],
  },
  dash: { ml: 0.6, names: ['dash', 'dashe', 'shake'] },
  // What runs out of the bottle at once: house estimates.
  splash: { ml: 5, names: ['splash', 'splashe', 'drizzle', 'squirt', 'squeeze', 'trickle'] },
  glug: { ml: 15, names: ['glug', 'slosh', 'slug'] },
  dollop: { ml: 20, names: ['dollop', 'blob'] },
  mug: { ml: 250, names: ['mug', 'mugful'] },
  glass: { ml: 150, names: ['glass', 'glasse', 'wineglass'] },
};

/** Things counted; what one weighs stands with the ingredient, else the usual weight here, g (house estimates). */
const COUNTED: Record<string, { grams: number | null; names: string[] }> = {
  clove: { grams: null, names: ['clove'] },
  stalk: { grams: null, names: ['stalk', 'rib'] },
  stick: { grams: null, names: ['stick'] },
  bunch: { grams: 40, names: ['bunch', 'bunche'] },
  handful: { grams: 30, names: ['handful'] },
  sprig: { grams: 1, names: ['sprig'] },
  tin: { grams: 400, names: ['tin', 'can', 'jar', 'bottle'] },
  slice: { grams: 25, names: ['slice'] },
  rasher: { grams: 25, names: ['rasher'] },
  fillet: { grams: 150, names: ['fillet'] },
  head: { grams: null, names: ['head', 'bulb'] },
  ear: { grams: null, names: ['ear', 'cob'] },
  spear: { grams: null, names: ['spear'] },
  floret: { grams: 20, names: ['floret'] },
  pod: { grams: null, names: ['pod'] },
  half: { grams: null, names: ['half', 'halves'] },
  punnet: { grams: 200, names: ['punnet', 'basket'] },
  nest: { grams: 60, names: ['nest'] },
  wedge: { grams: null, names: ['wedge'] },
  log: { grams: 100, names: ['log'] },
  square: { grams: 5, names: ['square'] },
  ball: { grams: 125, names: ['ball'] },
  bag: { grams: 200, names: ['bag'] },
  tub: { grams: 200, names: ['tub', 'carton', 'pot'] },
  sheet: { grams: null, names: ['sheet'] },
  block: { grams: 280, names: ['block'] },
  pack: {
    grams: null,
    names: [
      'pack',
      'packet',
      'package',
      'pkg',
      'pkt',
      'sachet',
      'envelope',
      'pouch',
      'pouche',
      'container',
      'box',
      'boxe',
    ],
  },
  cube: { grams: 10, names: ['cube'] },
  leaf: { grams: 2, names: ['leaf', 'leave', 'leaves'] },
  thumb: {
    grams: 15,
    names: [
      'thumb',
      'thumb sized piece',
      'thumb sized knob',
      'thumb sized chunk',
      'knuckle',
      'inch piece',
      'inch knob',
    ],
  },
  knob: { grams: 15, names: ['knob'] },
  piece: { grams: null, names: ['piece', 'pc'] },
};

export type Measure =
  | { kind: 'unit'; id: Unit }
  | { kind: 'volume'; id: string; ml: number }
  | { kind: 'counted'; id: string; grams: number | null };

/** Reads a measure's name, singular or plural, with or without a full stop; null where the word is none. */
export function parseMeasure(text: string): Measure | null {
  const t = text.toLowerCase().replace(/\.$/, '').replace(/-/g, ' ');
  const singular = t.replace(/s$/, '');
  for (const [id, { ml, names }] of Object.entries(VOLUMES)) {
    if (names.includes(t) || names.includes(singular)) return { kind: 'volume', id, ml };
  }
  for (const [id, { grams, names }] of Object.entries(COUNTED)) {
    if (names.includes(t) || names.includes(singular)) return { kind: 'counted', id, grams };
  }
  const unit = parseUnit(text);
  return unit !== null && !['mm', 'cm', 'in', 'C', 'F'].includes(unit) ? { kind: 'unit', id: unit } : null;
}
