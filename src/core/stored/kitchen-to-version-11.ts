/**
 * Version 11 of the kitchen: moisture is judged anew. A learned wet edge that means the same is carried over, moved as its house
 * estimate moved; of raw fillings in dry heat it meant something else, and how dry a filling may be is another figure now: these
 * are put aside, and the kitchen says so once.
 */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);

/** How far each wet edge moved with version 11, g in 100 g: by method and dough, then by filling. */
const WATER_SKIN = { raw: 2, cooked: 3, sweet: 0 };
const WATER_BUN = { raw: 3, cooked: 0, sweet: 0 };
const MOVED: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  ...Object.fromEntries(
    ['boil', 'steam', 'sear'].flatMap((method) => [
      ...['noodle', 'short', 'laminated', 'thin'].map((dough) => [`${method} ${dough}`, WATER_SKIN] as const),
      [`${method} yeasted`, WATER_BUN] as const,
    ]),
  ),
  ...Object.fromEntries(
    ['yeasted', 'noodle', 'short', 'laminated', 'thin'].flatMap((dough) => [
      [`fry ${dough}`, { cooked: 1, sweet: 2 }] as const,
      [`griddle ${dough}`, { cooked: 1, sweet: 0 }] as const,
    ]),
  ),
  'bake laminated': { cooked: 1, sweet: 0 },
  'bake short': { cooked: 0.5, sweet: 0 },
  'bake yeasted': { cooked: 1, sweet: 0 },
  'bake noodle': { cooked: 1, sweet: 0 },
  'bake thin': { cooked: 0, sweet: 0 },
};

/** Where a learned wet edge never goes, g in 100 g. */
const LEAST = 1;
const MOST = 35;
const within = (value: number): number => Math.min(MOST, Math.max(LEAST, value));

/** What became of a learned figure: as it is now, or put aside. */
function carried(learned: unknown): { kept?: unknown; aside?: Json } {
  if (!isObject(learned) || (learned.what !== 'wet-edge' && learned.what !== 'dry-edge')) return { kept: learned };
  const { what, of, value, evidence, estimate } = learned;
  const [method, dough, kind, broth] = String(of).split(' ');
  // What set broth may run is as it was.
  const moved = broth === 'broth' ? 0 : MOVED[`${method} ${dough}`]?.[kind];
  if (what === 'dry-edge' || moved === undefined || typeof value !== 'number' || typeof estimate !== 'number')
    return { aside: { what, of, value, batches: listOf(evidence).length } };
  return {
    kept: {
      ...learned,
      of: kind === 'sweet' ? `${method} ${dough} fruit` : of,
      estimate: estimate + moved,
      value: within(value + moved),
      evidence: listOf(evidence).map((e) =>
        isObject(e) && typeof e.x === 'number' ? { ...e, x: e.x + moved } : (e as Json),
      ),
    },
  };
}

export function kitchenToVersion11(kitchen: Json): Json {
  const all = listOf(kitchen.learned).map(carried);
  return {
    ...kitchen,
    version: 11,
    learned: all.flatMap(({ kept }) => (kept === undefined ? [] : [kept])),
    putAside: all.flatMap(({ aside }) => (aside === undefined ? [] : [aside])),
  };
}
