/**
 * Release tables: what a cook does to a wet ingredient before it goes in, and how much liquid it still lets go of afterwards.
 * Releases (g liquid from 100 g of the line as it goes in, by the time the parcel is cooked) and yields (g left of 1 g raw)
 * are house estimates to start from; the notebook tunes them.
 */
import { idsOf, recordsOf } from './records';

/** What a cook does to it, so that fixes can be offered in a cook's order. */
export type Treatment = 'none' | 'mix' | 'squeeze' | 'reduce' | 'cook' | 'soak';

export interface Preparation {
  id: string;
  label: string;
  /** g of liquid that 100 g, as it goes in, lets go of by the time the parcel is cooked. House estimate. */
  release: number;
  /** g left of 1 g raw: what is missing is water, and what there is more of is water taken up. House estimate. */
  yield: number;
  /** Where the lost water goes on the ledger. */
  losesTo: 'cookedOff' | 'drained' | 'none';
  treatment: Treatment;
  /** g of salt per 100 g raw that stays in it, where salt is used to draw the water. House estimate. */
  keptSalt: number;
  /** Share of its own salt that stays in it. House estimate. */
  saltKept: number;
  /** Whether it is cooked through by then, so that it only needs reheating. */
  cooked: boolean;
  /** It is set or swollen already: what it would bind as when raw, it binds no more. */
  spent: boolean;
  /** g of liquid that a gram takes up once it is cooked: potato, grains, pulses. House estimate. */
  takesUp: number;
  /**
   * Share of what it lets go of that is loose when the parcel is closed; null where that is decided by what it is and when it
   * goes in. House estimate.
   */
  looseShare: number | null;
  /** It takes starch that would be a line of its own. */
  takesStarch: boolean;
  /** Share of its fat that melts out and runs by the time the parcel is hot. House estimate. */
  rendersFat: number;
  /** Minutes at the board or stove, and minutes of waiting, for about half a kilo. House estimate. */
  handsOnMinutes: number;
  waitMinutes: number;
}

type Options = Partial<Omit<Preparation, 'id' | 'label' | 'release'>>;
const prep = (id: string, label: string, release: number, options: Options = {}): Preparation => ({
  id,
  label,
  release,
  yield: 1,
  losesTo: 'none',
  treatment: 'none',
  keptSalt: 0,
  saltKept: 1,
  cooked: false,
  spent: false,
  takesUp: 0,
  looseShare: null,
  takesStarch: false,
  rendersFat: 0,
  handsOnMinutes: 0,
  waitMinutes: 0,
  ...options,
});

const raw = (release: number, label = 'raw', options: Options = {}) => prep('raw', label, release, options);
/** Cooked before it goes in; what it lost went up the chimney. */
const cooked = (id: string, label: string, release: number, left: number, handsOnMinutes: number, more: Options = {}) =>
  prep(id, label, release, {
    yield: left,
    losesTo: left < 1 ? 'cookedOff' : 'none',
    treatment: 'cook',
    cooked: true,
    handsOnMinutes,
    ...more,
  });
/** Wrung, pressed or left to drip. */
const drained = (id: string, label: string, release: number, left: number, more: Options = {}) =>
  prep(id, label, release, { yield: left, losesTo: 'drained', treatment: 'squeeze', handsOnMinutes: 3, ...more });
/** 1.5 g salt per 100 g is usual; about 0.6 g of it stays after squeezing. */
const squeezed = (release: number, left: number) =>
  drained('salted-squeezed', 'salted and squeezed', release, left, {
    keptSalt: 0.6,
    handsOnMinutes: 5,
    waitMinutes: 20,
  });
const sweated = (release: number, left: number) => cooked('sweated', 'sweated', release, left, 10);
const browned = (release: number, left: number, label = 'browned', more: Options = {}) =>
  cooked('browned', label, release, left, 12, more);
/** Wilting and blanching end in the same hard squeeze. */
const wilted = (release: number, left: number) =>
  drained('wilted-squeezed', 'wilted and squeezed', release, left, {
    cooked: true,
    saltKept: 0.5,
    handsOnMinutes: 8,
    waitMinutes: 5,
  });
const blanched = (release: number, left: number) =>
  drained('blanched-squeezed', 'blanched and squeezed', release, left, {
    cooked: true,
    saltKept: 0.5,
    handsOnMinutes: 8,
    waitMinutes: 5,
  });
/** Half of the salt of what lies in brine goes into an hour's water. House estimate. */
const rinsed = (release: number, label = 'soaked an hour, drained') =>
  prep('rinsed', label, release, { treatment: 'soak', saltKept: 0.5, handsOnMinutes: 2, waitMinutes: 60 });
/** Cooked grain and mash take up so much, g a gram; boiled potato and pulses, whose cells are whole, less. House estimates. */
export const STARCHY_TAKES_UP = 0.15;
const WHOLE_TAKES_UP = 0.05;
/** Cooked, pulled meat soaks up sauce between its fibres, g a gram. House estimate. */
const SOAKS_UP: Options = { takesUp: 0.1 };
const swollen = (
  id: string,
  label: string,
  times: number,
  handsOnMinutes: number,
  waitMinutes: number,
  takesUp = STARCHY_TAKES_UP,
) =>
  prep(id, label, 0, {
    yield: times,
    treatment: 'soak',
    cooked: true,
    spent: true,
    takesUp,
    handsOnMinutes,
    waitMinutes,
  });
/** From a tin or jar with all that is in it: of 400 g 240 are the food. */
const WITH_LIQUID = prep('with-liquid', 'with its liquid', 40, { looseShare: 1 });

/** Raw meat mixed until it sticks is what a raw filling is made of: the first of the table. */
const mince = (loose: number, worked: number) => [
  prep('worked', 'mixed with salt until sticky', worked, { treatment: 'mix', rendersFat: 0.12, handsOnMinutes: 5 }),
  raw(loose, 'loose, not mixed', { rendersFat: 0.25 }),
  prep('worked-starch', 'mixed with salt and starch until sticky', Math.min(worked, 5), {
    treatment: 'mix',
    takesStarch: true,
    rendersFat: 0.08,
    handsOnMinutes: 5,
  }),
  browned(3, 0.72, 'browned dry', { rendersFat: 0.35 }),
  cooked('simmered', 'simmered in sauce', 4, 0.78, 15, { rendersFat: 0.35 }),
];

const DICED = prep('diced', 'in dice, raw', 3);
const GRATED = raw(12, 'grated, raw');
const root = (extra: Options) => [
  sweated(4, 0.85),
  squeezed(6, 0.8),
  cooked('boiled', 'boiled in dice', 3, 1, 6, { waitMinutes: 12, ...extra }),
  cooked('boiled-mash', 'boiled and mashed', 3, 1, 8, { waitMinutes: 20, ...extra }),
  cooked('roasted', 'roasted', 2, 0.7, 6, { waitMinutes: 35, ...extra }),
  cooked('browned', 'fried', 2, 0.8, 12, extra),
];

/** Share of its salt that fish keeps when it is poached and flaked. House estimate. */
const POACHED_KEEPS = 0.75;

/** Salt is dissolved in the whey: about a quarter goes with it. House estimate. */
const WHEY_TAKES_SALT: Options = { saltKept: 0.75 };

/** Tables by how an ingredient behaves; the first entry is the one assumed. */
export const RELEASES = recordsOf<readonly Preparation[]>()({
  dry: [raw(0, 'as it is')],
  liquid: [
    raw(0, 'as it is'),
    prep('beaten', 'beaten in by the spoonful', 0, { treatment: 'mix', handsOnMinutes: 5 }),
    cooked('simmered-down', 'simmered down by half', 0, 0.5, 10, { treatment: 'reduce' }),
    cooked('simmered-dry', 'simmered until nearly dry', 0, 0.2, 15, { treatment: 'reduce' }),
  ],
  cream: [raw(0, 'as it is'), cooked('simmered-down', 'simmered until thick', 0, 0.65, 10, { treatment: 'reduce' })],
  sauce: [raw(15, 'as it is'), cooked('simmered-down', 'simmered until thick', 6, 0.75, 10, { treatment: 'reduce' })],
  meatSauce: [
    prep('raw', 'as it is', 18, { cooked: true, rendersFat: 0.3 }),
    cooked('cooked-down', 'cooked down', 5, 0.8, 15, { treatment: 'reduce', rendersFat: 0.3 }),
  ],
  wiltingLeaf: [
    raw(50),
    wilted(4, 0.33),
    blanched(5, 0.36),
    squeezed(10, 0.6),
    prep('wilted', 'wilted, not squeezed', 45, {
      yield: 0.8,
      losesTo: 'drained',
      cooked: true,
      looseShare: 1,
      handsOnMinutes: 6,
    }),
  ],
  frozenLeaf: [
    raw(40, 'thawed, as it is', { looseShare: 1 }),
    drained('squeezed', 'thawed and squeezed', 5, 0.5, { cooked: true }),
    drained('squeezed-hard', 'thawed and squeezed very hard', 5, 0.45, { cooked: true, handsOnMinutes: 5 }),
  ],
  frozenFirm: [raw(5, 'thawed', { cooked: true }), cooked('sweated', 'cooked dry in the pan', 2, 0.9, 6)],
  moist: [raw(8)],
  firmLeaf: [raw(28), squeezed(7, 0.78), sweated(5, 0.75), blanched(7, 0.85), browned(3, 0.6, 'fried brown')],
  juicyLeaf: [raw(45), squeezed(7, 0.65), sweated(5, 0.65), blanched(7, 0.75)],
  crisp: [raw(22), sweated(6, 0.75), browned(2, 0.5, 'browned', { handsOnMinutes: 25 }), blanched(6, 0.9)],
  spongy: [raw(40), browned(4, 0.5, 'browned dry'), cooked('sweated', 'cooked until soft', 12, 0.7, 8)],
  watery: [
    raw(45, 'grated, raw'),
    squeezed(12, 0.6),
    prep('diced', 'in dice, raw', 22),
    sweated(10, 0.7),
    cooked('roasted', 'roasted', 8, 0.65, 5, { waitMinutes: 25 }),
  ],
  aubergine: [
    raw(30, 'in dice, raw'),
    browned(4, 0.65, 'fried'),
    cooked('roasted', 'roasted and drained', 6, 0.65, 8, { waitMinutes: 35 }),
    squeezed(12, 0.75),
    cooked('sweated', 'cooked until soft', 8, 0.75, 15),
  ],
  squash: [
    raw(25, 'grated, raw'),
    prep('diced', 'in dice, raw', 10),
    cooked('boiled-mash', 'boiled and mashed', 28, 1, 8, { waitMinutes: 20 }),
    cooked('dried-mash', 'boiled, mashed and dried over the heat', 10, 0.78, 18, { waitMinutes: 20 }),
    cooked('roasted-mash', 'roasted and mashed', 8, 0.75, 8, { waitMinutes: 45 }),
    cooked('roasted', 'roasted in dice', 5, 0.75, 6, { waitMinutes: 30 }),
    sweated(10, 0.8),
    squeezed(10, 0.75),
  ],
  // Grated where nothing else is said, as carrots are; the others in dice.
  root: [GRATED, DICED, ...root({})],
  dicedRoot: [DICED, GRATED, ...root({})],
  potato: [
    DICED,
    GRATED,
    ...root({ takesUp: WHOLE_TAKES_UP }).map((p) => (p.id === 'boiled-mash' ? { ...p, takesUp: STARCHY_TAKES_UP } : p)),
  ],
  fleshy: [raw(25), sweated(8, 0.75), cooked('roasted', 'roasted and peeled', 7, 0.7, 10, { waitMinutes: 30 })],
  pulpy: [
    raw(50, 'chopped, raw'),
    cooked('cooked-down', 'cooked down', 10, 0.5, 20, { treatment: 'reduce' }),
    cooked('roasted', 'roasted', 14, 0.6, 5, { waitMinutes: 40 }),
    drained('drained-overnight', 'seeded and drained', 30, 0.75, { handsOnMinutes: 5, waitMinutes: 20 }),
  ],
  sieved: [
    raw(50, 'as it is'),
    cooked('cooked-down', 'cooked down', 10, 0.5, 20, { treatment: 'reduce' }),
    drained('drained-overnight', 'drained', 35, 0.7, { waitMinutes: 10 }),
  ],
  // Sieved and cooked already: it is cooked down, not drained.
  passata: [raw(50, 'as it is'), cooked('cooked-down', 'cooked down', 10, 0.5, 20, { treatment: 'reduce' })],
  fruit: [
    raw(22),
    prep('grated', 'grated, raw', 40, { looseShare: 0.4 }),
    sweated(6, 0.8),
    cooked('cooked-soft', 'cooked until soft', 8, 0.85, 12),
    cooked('cooked-down', 'cooked down', 3, 0.65, 25, { treatment: 'reduce' }),
  ],
  juicyFruit: [
    raw(35),
    cooked('cooked-soft', 'cooked until soft', 25, 0.85, 12),
    cooked('cooked-down', 'cooked down', 6, 0.55, 25, { treatment: 'reduce' }),
    drained('drained-overnight', 'sugared and drained', 25, 0.8, { waitMinutes: 60 }),
  ],
  driedSponge: [
    prep('soaked', 'soaked and squeezed', 6, { yield: 4, treatment: 'soak', handsOnMinutes: 3, waitMinutes: 30 }),
    raw(0, 'dry, as it is'),
  ],
  driedFruit: [
    raw(0, 'as it is', { takesUp: 0.25 }),
    prep('soaked', 'soaked and drained', 4, { yield: 1.3, treatment: 'soak', handsOnMinutes: 2, waitMinutes: 60 }),
  ],
  driedGrain: [swollen('boiled', 'cooked', 2.8, 5, 25), raw(0, 'dry, as it is', { takesUp: 1.8 })],
  driedPulse: [
    swollen('boiled', 'cooked and drained', 2.4, 5, 60, WHOLE_TAKES_UP),
    raw(0, 'dry, as it is', { takesUp: 0.8 }),
  ],
  // Soaked, not boiled: they swell on in the parcel.
  driedNoodle: [swollen('soaked', 'soaked and drained', 3.3, 3, 15, 0.3), raw(0, 'dry, as it is', { takesUp: 2.5 })],
  tinned: [raw(2, 'drained', { takesUp: WHOLE_TAKES_UP }), WITH_LIQUID],
  // Firm in its tin or jar: shoots, hearts, small onions. What is poured off is off.
  firmJar: [
    raw(4, 'drained', { looseShare: 0.4 }),
    WITH_LIQUID,
    drained('squeezed', 'squeezed', 2, 0.95, { handsOnMinutes: 2 }),
    drained('rinsed-squeezed', 'rinsed and squeezed', 2, 0.95, { saltKept: 0.5, handsOnMinutes: 4 }),
    browned(2, 0.8, 'fried dry'),
  ],
  jarred: [
    raw(25, 'from the jar', { looseShare: 0.8 }),
    WITH_LIQUID,
    drained('squeezed', 'squeezed', 10, 0.8, { handsOnMinutes: 2 }),
    drained('rinsed-squeezed', 'rinsed and squeezed', 10, 0.85, { saltKept: 0.5, handsOnMinutes: 4 }),
    browned(4, 0.6, 'fried dry'),
  ],
  brined: [raw(3, 'as it is', { rendersFat: 0.1 }), rinsed(4)],
  curd: [
    raw(12, 'as it is'),
    drained('drained-overnight', 'drained overnight', 3, 0.88, { handsOnMinutes: 2, waitMinutes: 600 }),
  ],
  // Thin cream and whey stand between the grains: a tub drains a third, low-fat quark a fifth.
  wheyCurd: [
    raw(32, 'from the tub', { looseShare: 0.6 }),
    drained('drained-overnight', 'drained overnight', 5, 0.68, {
      ...WHEY_TAKES_SALT,
      handsOnMinutes: 2,
      waitMinutes: 600,
    }),
  ],
  leanCurd: [
    raw(20, 'as it is', { looseShare: 0.3 }),
    drained('drained-overnight', 'drained overnight', 5, 0.82, {
      ...WHEY_TAKES_SALT,
      handsOnMinutes: 2,
      waitMinutes: 600,
    }),
  ],
  // Fat keeps the whey in.
  cultured: [
    raw(8, 'as it is'),
    drained('drained-overnight', 'hung overnight', 3, 0.85, { handsOnMinutes: 2, waitMinutes: 600 }),
  ],
  yoghurt: [
    raw(45, 'as it is', { looseShare: 0.4 }),
    drained('drained-overnight', 'strained overnight', 8, 0.6, {
      ...WHEY_TAKES_SALT,
      handsOnMinutes: 2,
      waitMinutes: 600,
    }),
  ],
  dripping: [
    raw(15, 'as it is', { rendersFat: 0.1 }),
    drained('drained-overnight', 'torn and drained', 6, 0.88, { rendersFat: 0.1, waitMinutes: 120 }),
  ],
  firm: [raw(3, 'as it is', { rendersFat: 0.15 })],
  cookedRoot: [raw(6, 'as it is'), prep('grated', 'grated', 15, { looseShare: 0.6 })],
  bacon: [raw(5, 'as it is', { rendersFat: 0.2 }), browned(1, 0.65, 'fried', { rendersFat: 0.3 })],
  pressable: [
    raw(18, 'as it is', { looseShare: 0.4 }),
    drained('pressed', 'pressed', 5, 0.85, { handsOnMinutes: 2, waitMinutes: 30 }),
    browned(3, 0.75, 'fried'),
  ],
  egg: [
    raw(0, 'raw, beaten'),
    cooked('scrambled', 'scrambled', 3, 0.92, 6, { spent: true }),
    cooked('boiled', 'hard-boiled', 0, 1, 3, { spent: true, waitMinutes: 10 }),
  ],
  mince: mince(20, 8),
  poultryMince: mince(16, 6),
  sausage: [
    raw(8, 'as it is', { rendersFat: 0.15 }),
    browned(3, 0.78, 'browned dry', { rendersFat: 0.35 }),
    cooked('simmered', 'simmered in sauce', 4, 0.82, 15, { rendersFat: 0.35 }),
  ],
  wholeMeat: [
    raw(14, 'diced, raw', { rendersFat: 0.15 }),
    browned(6, 0.75, 'browned', { rendersFat: 0.2 }),
    cooked('cooked', 'poached or roasted, chopped', 5, 0.72, 5, { ...SOAKS_UP, waitMinutes: 30, rendersFat: 0.2 }),
    cooked('shredded', 'braised and shredded', 6, 0.62, 10, { ...SOAKS_UP, waitMinutes: 150, rendersFat: 0.2 }),
  ],
  braisedMeat: [prep('shredded', 'cooked, cut or shredded', 6, { ...SOAKS_UP, cooked: true, rendersFat: 0.1 })],
  oilyFish: [
    raw(10, 'raw, in pieces', { rendersFat: 0.1 }),
    prep('worked', 'minced, mixed with salt until sticky', 6, { treatment: 'mix', rendersFat: 0.1, handsOnMinutes: 6 }),
    cooked('flaked', 'cooked, flaked and drained', 4, 0.82, 8, {
      losesTo: 'drained',
      saltKept: POACHED_KEEPS,
      rendersFat: 0.1,
      waitMinutes: 12,
    }),
  ],
  fish: [
    raw(15, 'raw, in pieces', { rendersFat: 0.1 }),
    prep('worked', 'minced, mixed with salt until sticky', 6, { treatment: 'mix', rendersFat: 0.1, handsOnMinutes: 6 }),
    cooked('flaked', 'cooked, flaked and drained', 4, 0.82, 8, {
      losesTo: 'drained',
      saltKept: POACHED_KEEPS,
      rendersFat: 0.1,
      waitMinutes: 12,
    }),
  ],
  shellfish: [
    prep('worked', 'chopped, mixed until sticky', 6, { treatment: 'mix', handsOnMinutes: 5 }),
    raw(15, 'raw, in pieces'),
    cooked('flaked', 'cooked and drained', 4, 0.78, 6, { losesTo: 'drained' }),
  ],
  tinnedFish: [raw(3, 'drained', { rendersFat: 0.15 }), WITH_LIQUID],
  tinnedFruit: [
    raw(22, 'drained'),
    WITH_LIQUID,
    cooked('cooked-down', 'cooked down', 6, 0.6, 20, { treatment: 'reduce' }),
  ],
  cookedFish: [prep('flaked', 'flaked', 4, { cooked: true, rendersFat: 0.1 })],
});

export type Release = keyof typeof RELEASES;
export const RELEASE_IDS = idsOf(RELEASES);

/** Whether a table holds a preparation; `raw` means "as it comes" in every table. */
export const hasPreparation = (release: Release, id: string): boolean =>
  id === 'raw' || RELEASES[release].some((p) => p.id === id);

/** A preparation by id; the first of the table where the id is not in it. */
export function preparation(release: Release, id: string): Preparation {
  const table = RELEASES[release];
  return table.find((p) => p.id === id) ?? table[0];
}
