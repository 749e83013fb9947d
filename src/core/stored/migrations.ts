/** Steps that bring older documents to the current version. They take what they find; validation follows. */

import { isId } from './is-id';
import { FIRST_APPLIANCES } from '../vocabulary/appliances';
import { kitchenToVersion11 } from './kitchen-to-version-11';
import { kitchenToVersion12 } from './kitchen-to-version-12';
import { kitchenToVersion9 } from './kitchen-to-version-9';
import { ownWithHazard } from './own-hazards';
import { FIRST_VESSELS } from '../vocabulary/vessels';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Version 2: lines know their cut and whether they have gone in; weigh-ins are kept one by one; own ingredients,
 * finished stages and tastings travel with the batch; a pan has a depth.
 */
export function toVersion2(document: Json): Json {
  const lines = Array.isArray(document.lines) ? (document.lines as unknown[]) : document.lines;
  return {
    ...document,
    version: 2,
    lines: Array.isArray(lines)
      ? lines.map((line) => (isObject(line) ? { ...line, cut: null, ticked: false } : line))
      : lines,
    ingredients: [],
    stagesDone: [],
    water: isObject(document.water) ? waterOf(document.water, document.updatedAt) : document.water,
    season: { heldBack: false, tastings: [] },
    wrap: isObject(document.wrap) ? { ...document.wrap, depthMm: null } : document.wrap,
  };
}

/** Version 3: cooling has a vessel, legs, stirring now and then, a share that is cooled now, and its readings. */
export function toVersion3(document: Json): Json {
  const { cool } = document;
  return {
    ...document,
    version: 3,
    cool: isObject(cool)
      ? {
          ...cool,
          vessel: { kind: 'tray', areaCm2: null },
          share: 1,
          legs: [],
          stirEveryMinutes: null,
          readings: [],
        }
      : cool,
  };
}

/**
 * Version 4: what was measured while it cooled belongs to a run; a batch says who stored it; ids of lines hold nothing that
 * means something in an address.
 */
export function toVersion4(document: Json): Json {
  const { cool, lines } = document;
  return {
    ...document,
    version: 4,
    writer: '',
    lines: Array.isArray(lines) ? lines.map(withSafeId(lines)) : lines,
    cool: isObject(cool) ? runsOf(cool, document.updatedAt) : cool,
  };
}

/** Version 5: ingredients of one's own know what the larder's do; tables of preparations are called by what happens in them. */
export const toVersion5 = (document: Json): Json => ({
  ...document,
  version: 5,
  ingredients: Array.isArray(document.ingredients) ? document.ingredients.map(withTraits) : document.ingredients,
});

/** What version 4 called the tables, after the food that they were first made for. */
const RELEASES_BEFORE: Readonly<Record<string, string>> = {
  tenderLeaf: 'wiltingLeaf',
  herb: 'moist',
  whiteCabbage: 'firmLeaf',
  chineseCabbage: 'juicyLeaf',
  onion: 'crisp',
  mushroom: 'spongy',
  courgette: 'watery',
  pepper: 'fleshy',
  tomato: 'pulpy',
  driedMushroom: 'driedSponge',
  fermented: 'jarred',
  stretchedCheese: 'dripping',
  lowMoistureCheese: 'firm',
  tofu: 'pressable',
};

function withTraits(own: unknown): unknown {
  if (!isObject(own)) return own;
  const { wetness, ...rest } = own;
  return {
    ...rest,
    release: typeof wetness === 'string' ? (RELEASES_BEFORE[wetness] ?? wetness) : wetness,
    // What followed the table of herbs lost its scent; every seasoning counted as a strong spice.
    isTender: wetness === 'herb',
    isStrong: own.family === 'seasoning',
    isLeavener: false,
    dose: null,
  };
}

const withSafeId = (lines: readonly unknown[]) => {
  const taken = new Set(lines.map((line) => (isObject(line) ? line.id : null)));
  return (line: unknown, i: number): unknown => {
    if (!isObject(line) || isId(line.id)) return line;
    let id = `line-${i + 1}`;
    while (taken.has(id)) id += '-again';
    taken.add(id);
    return { ...line, id };
  };
};

/** Version 3 kept readings of every cooling in one list, and what was past among the legs that were planned. */
function runsOf({ offHeatAt, readings, ...plan }: Json, updatedAt: unknown): Json {
  const read = (Array.isArray(readings) ? readings : []) as unknown[];
  const timeOf = (reading: unknown): number => (isObject(reading) ? Date.parse(String(reading.at)) : NaN);
  const start = typeof offHeatAt === 'string' ? Date.parse(offHeatAt) : Infinity;
  // A time that is none keeps its reading where the validator will name it.
  const before = read.filter((reading) => timeOf(reading) < start);
  const since = read.filter((reading) => !(timeOf(reading) < start));
  const elapsed = (Date.parse(String(updatedAt)) - start) / 60_000;
  const { past, legs } = splitLegs(plan.legs, elapsed);
  const [first, last] = [before[0], before[before.length - 1]];
  return {
    ...plan,
    legs,
    run: typeof offHeatAt === 'string' ? { offHeatAt, past, readings: since } : null,
    earlierRuns:
      isObject(first) && isObject(last)
        ? [{ offHeatAt: first.at, stoppedAt: last.at, past: [], readings: before }]
        : [],
  };
}

/** Legs that were over when the batch was last changed are past; the rest is still planned. */
function splitLegs(legs: unknown, elapsed: number): { past: unknown[]; legs: unknown } {
  if (!Array.isArray(legs)) return { past: [], legs };
  let end = 0;
  let over = 0;
  for (const leg of legs as unknown[]) {
    end += isObject(leg) && typeof leg.minutes === 'number' ? leg.minutes : Infinity;
    if (end <= elapsed) over += 1;
    else break;
  }
  return { past: legs.slice(0, over), legs: legs.slice(over) };
}

function waterOf({ cookOff, ...water }: Json, at: unknown): Json {
  const since = { weighIns: [] as Json[], plannedG: 0 };
  if (!isObject(cookOff)) return { ...water, cookOff };
  if (cookOff.by === 'estimate') return { ...water, ...since, estimate: { ...cookOff, by: 'grams' } };
  const { by: _by, panG, panWithFillingG, ...unknown } = cookOff;
  return {
    ...water,
    ...unknown,
    ...since,
    panG,
    estimate: { by: 'grams', grams: 0 },
    weighIns: [{ at, grams: panWithFillingG }],
  };
}

/**
 * The kitchen's steps. Version 2: own ingredients, tastings; 3: vessels, ice, a porch, fitted cooling; 4: who stored it; 5:
 * traits of own ingredients; 6: own doughs, cutters, scoops, how much portions differ; 7: what is
 * cooked in, and the thermometer in ice water; 8: figures learned from notes; 9: all of them by one law, with their reasons;
 * 10: own ingredients whose hazard was never chosen are asked again; which edits it holds; 11: learned edges
 * of moisture as they are judged now.
 */
const KITCHEN_STEPS: Record<number, (kitchen: Json) => Json> = {
  1: (kitchen) => ({ ...kitchen, version: 2, tastings: 0, ingredients: [] }),
  2: (kitchen) => ({
    ...kitchen,
    version: 3,
    porchC: 6,
    freezerC: -18,
    fridgeLitres: 150,
    iceKg: 1,
    vessels: FIRST_VESSELS,
    cooling: [],
  }),
  3: (kitchen) => ({ ...kitchen, version: 4, writer: '' }),
  4: toVersion5,
  10: kitchenToVersion11,
  11: kitchenToVersion12,
  9: kitchenToVersion10,
  8: kitchenToVersion9,
  7: (kitchen) => ({ ...kitchen, version: 8, learned: [] }),
  6: (kitchen) => ({ ...kitchen, version: 7, appliances: FIRST_APPLIANCES, thermometer: null }),
  5: (kitchen) => ({ ...kitchen, version: 6, doughs: [], cuttersMm: [], scoopsMl: [], portionSpread: null }),
};

function kitchenToVersion10(kitchen: Json): Json {
  const { ingredients } = kitchen;
  return {
    ...kitchen,
    version: 10,
    edits: [],
    ingredients: Array.isArray(ingredients)
      ? ingredients.map((own) => (isObject(own) ? ownWithHazard(own) : (own as unknown)))
      : ingredients,
  };
}

/** Brings a kitchen of any known version to the current one. */
export function kitchenToCurrent(json: unknown): unknown {
  let kitchen = json;
  while (isObject(kitchen) && typeof kitchen.version === 'number' && KITCHEN_STEPS[kitchen.version]) {
    kitchen = KITCHEN_STEPS[kitchen.version](kitchen);
  }
  return kitchen;
}
