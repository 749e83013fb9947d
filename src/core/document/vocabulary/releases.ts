/**
 * Release tables: what a cook does to a wet ingredient before it goes in, and how much liquid it still lets go of afterwards.
 * Releases (g liquid from 100 g of the line as it goes in, by the time the parcel is cooked) and yields (g left of 1 g raw)
 * are house estimates to start from; the notebook tunes them.
 */
import { idsOf, recordsOf } from './records';

export interface Preparation {
  id: string;
  label: string;
  /** g of liquid that 100 g, as it goes in, lets go of. House estimate. */
  release: number;
  /** g left of 1 g raw: what is missing is water, and what there is more of is water taken up. House estimate. */
  yield: number;
  /** Where the lost water goes on the ledger. */
  losesTo: 'cookedOff' | 'drained' | 'none';
  /** g of salt per 100 g raw that stays in it, where salt is used to draw the water. House estimate. */
  keptSalt: number;
  /** Whether it is cooked through by then, so that it only needs reheating. */
  cooked: boolean;
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
  keptSalt: 0,
  cooked: false,
  takesStarch: false,
  rendersFat: 0,
  handsOnMinutes: 0,
  waitMinutes: 0,
  ...options,
});

const raw = (release: number, label = 'raw', rendersFat = 0) => prep('raw', label, release, { rendersFat });
/** 1.5 g salt per 100 g is usual; about 0.6 g of it stays after squeezing. */
const squeezed = (release: number, left: number) =>
  prep('salted-squeezed', 'salted and squeezed', release, {
    yield: left,
    losesTo: 'drained',
    keptSalt: 0.6,
    handsOnMinutes: 5,
    waitMinutes: 20,
  });
const sweated = (release: number, left: number) =>
  prep('sweated', 'sweated', release, { yield: left, losesTo: 'cookedOff', cooked: true, handsOnMinutes: 10 });

/** Tables by how an ingredient behaves; the first entry is the one assumed. */
export const RELEASES = recordsOf<readonly Preparation[]>()({
  dry: [raw(0, 'as it is')],
  wiltingLeaf: [
    raw(35),
    prep('wilted-squeezed', 'wilted and squeezed', 4, {
      yield: 0.5,
      losesTo: 'drained',
      cooked: true,
      handsOnMinutes: 8,
      waitMinutes: 5,
    }),
    squeezed(10, 0.6),
  ],
  moist: [raw(8)],
  firmLeaf: [raw(22), squeezed(7, 0.78), sweated(5, 0.75)],
  juicyLeaf: [raw(30), squeezed(7, 0.65), sweated(5, 0.65)],
  crisp: [
    raw(22),
    sweated(6, 0.75),
    prep('browned', 'browned', 2, { yield: 0.5, losesTo: 'cookedOff', cooked: true, handsOnMinutes: 25 }),
  ],
  spongy: [
    raw(40),
    prep('browned', 'browned dry', 4, { yield: 0.5, losesTo: 'cookedOff', cooked: true, handsOnMinutes: 12 }),
  ],
  watery: [raw(45, 'grated, raw'), squeezed(12, 0.6)],
  squash: [
    raw(25, 'grated, raw'),
    prep('boiled-mash', 'boiled and mashed', 18, { cooked: true, handsOnMinutes: 8, waitMinutes: 20 }),
    prep('roasted-mash', 'roasted and mashed', 8, {
      yield: 0.75,
      losesTo: 'cookedOff',
      cooked: true,
      handsOnMinutes: 8,
      waitMinutes: 45,
    }),
  ],
  root: [
    raw(12, 'grated, raw'),
    sweated(4, 0.85),
    squeezed(6, 0.8),
    prep('boiled-mash', 'boiled and mashed', 5, { cooked: true, handsOnMinutes: 8, waitMinutes: 20 }),
    prep('roasted', 'roasted in dice', 2, {
      yield: 0.7,
      losesTo: 'cookedOff',
      cooked: true,
      handsOnMinutes: 6,
      waitMinutes: 35,
    }),
  ],
  fleshy: [raw(25), sweated(8, 0.75)],
  pulpy: [
    raw(50, 'chopped, raw'),
    prep('cooked-down', 'cooked down', 10, { yield: 0.5, losesTo: 'cookedOff', cooked: true, handsOnMinutes: 20 }),
  ],
  fruit: [raw(12), sweated(6, 0.8)],
  driedSponge: [
    raw(0, 'dry, as it is'),
    prep('soaked', 'soaked and squeezed', 6, { yield: 4, handsOnMinutes: 3, waitMinutes: 30 }),
  ],
  driedFruit: [
    raw(0, 'as it is'),
    prep('soaked', 'soaked and drained', 4, { yield: 1.3, handsOnMinutes: 2, waitMinutes: 60 }),
  ],
  jarred: [
    raw(25, 'from the jar'),
    prep('squeezed', 'squeezed', 10, { yield: 0.8, losesTo: 'drained', handsOnMinutes: 2 }),
  ],
  curd: [
    raw(12, 'as it is'),
    prep('drained-overnight', 'drained overnight', 3, {
      yield: 0.88,
      losesTo: 'drained',
      handsOnMinutes: 2,
      waitMinutes: 600,
    }),
  ],
  dripping: [
    raw(15, 'as it is', 0.1),
    prep('drained-overnight', 'torn and drained', 6, {
      yield: 0.88,
      losesTo: 'drained',
      rendersFat: 0.1,
      handsOnMinutes: 3,
      waitMinutes: 120,
    }),
  ],
  firm: [raw(3, 'as it is', 0.15)],
  pressable: [
    raw(15, 'as it is'),
    prep('pressed', 'pressed', 5, { yield: 0.85, losesTo: 'drained', handsOnMinutes: 2, waitMinutes: 30 }),
  ],
  mince: [
    raw(20, 'raw', 0.25),
    prep('worked', 'salted and worked', 8, { rendersFat: 0.12, handsOnMinutes: 5 }),
    prep('worked-starch', 'salted and worked with starch', 5, {
      takesStarch: true,
      rendersFat: 0.08,
      handsOnMinutes: 5,
    }),
    prep('browned', 'browned dry', 3, {
      yield: 0.72,
      losesTo: 'cookedOff',
      cooked: true,
      rendersFat: 0.35,
      handsOnMinutes: 12,
    }),
  ],
  poultryMince: [
    raw(16, 'raw', 0.25),
    prep('worked', 'salted and worked', 6, { rendersFat: 0.12, handsOnMinutes: 5 }),
    prep('browned', 'browned dry', 3, {
      yield: 0.75,
      losesTo: 'cookedOff',
      cooked: true,
      rendersFat: 0.35,
      handsOnMinutes: 12,
    }),
  ],
  wholeMeat: [
    raw(14, 'diced, raw', 0.15),
    prep('browned', 'browned', 6, {
      yield: 0.75,
      losesTo: 'cookedOff',
      cooked: true,
      rendersFat: 0.2,
      handsOnMinutes: 12,
    }),
  ],
  braisedMeat: [prep('shredded', 'braised and shredded', 6, { cooked: true, rendersFat: 0.1 })],
  fish: [
    raw(15, 'raw', 0.1),
    prep('flaked', 'cooked, flaked and drained', 4, {
      yield: 0.82,
      losesTo: 'drained',
      cooked: true,
      rendersFat: 0.1,
      handsOnMinutes: 8,
      waitMinutes: 12,
    }),
  ],
});

export type Release = keyof typeof RELEASES;
export const RELEASE_IDS = idsOf(RELEASES);

/** A preparation by id; the first of the table where the id is not in it. */
export function preparation(release: Release, id: string): Preparation {
  const table = RELEASES[release];
  return table.find((p) => p.id === id) ?? table[0];
}
