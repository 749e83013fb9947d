/** How much free liquid a parcel takes in the heat, and how dry it may be: by what fills it, its dough, its form and how it is cooked. */
import { type VentId } from '../vocabulary/edges';
import { type Learned } from '../learning/learned';
import { learnedOf } from '../learning/learned';
import { FORMS } from '../forms';
import { type FormId } from '../forms';
import { METHODS, type Method } from '../vocabulary/methods';
import { type DoughKind, type FillingKind } from '../vocabulary/methods/method';
import { BOARD_EDGES, type BoardEdges, SHEET_EDGES } from './board';
import { DRY_GOOD } from './dry';
import { type Ledger } from './ledger';

export interface Takes {
  kind: FillingKind;
  /** The most free liquid in the heat that is right, g in 100 g; there is no least. */
  wet: number;
  /** The most that it may still take of liquid or fat and be right, g in 100 g. */
  dry: number;
  /** What may be loose while it is filled; null in a tin of pastry or an open bun, where nothing is sealed. */
  board: BoardEdges | null;
  /** What is round it, as the sentence names it, and the whole parcel, as a learned figure does. */
  wrapping: string;
  parcel: string;
  /** g in 100 g of filling that leave as steam while it bakes. */
  ovenPer100: number;
  /** What its edges are learned under, and whether this kitchen's own decide. */
  of: string;
  isLearned: boolean;
}

/** What the sentence calls a filling of that kind. */
export const KIND_WORDS: Readonly<Record<FillingKind, string>> = {
  raw: 'with raw meat or fish in it',
  cooked: 'with a cooked or meatless filling',
  fruit: 'with fruit in it',
};

/** What the sentence calls the dough that is round it. */
const WRAPPINGS: Readonly<Record<DoughKind, string>> = {
  short: 'this pastry',
  laminated: 'this pastry',
  yeasted: 'this dough',
  noodle: 'this skin',
  thin: 'this thin sheet',
};

/** What an open mouth lets off in the oven, g in 100 g of filling. House estimate. */
const OPEN_PER_100 = 6;

/** g in 100 g of filling that leave as steam while a parcel bakes; 0 where it does not. */
export const bakesOff = ({ form, vent, method }: { form: FormId; vent: VentId; method: Method }): number =>
  !METHODS[method].dries
    ? 0
    : vent === 'mouth'
      ? Math.max(OPEN_PER_100, FORMS[form].bakesOffPer100)
      : FORMS[form].bakesOffPer100;

/** In a tin, and in a bun that is filled when it is baked, nothing is sealed: only thin sheets mind what is loose. */
const boardEdges = (form: FormId, dough: DoughKind): BoardEdges | null =>
  FORMS[form].isClosed && FORMS[form].size !== 'pan' ? BOARD_EDGES : dough === 'thin' ? SHEET_EDGES : null;

/** How much free liquid a parcel takes. */
export function takesOf(
  kind: FillingKind,
  { form, vent, method, dough }: { form: FormId; vent: VentId; method: Method; dough: DoughKind },
  learned: readonly Learned[] = [],
): Takes {
  const { parcel, ...edges } = METHODS[method].tolerance[dough];
  const { brothy } = FORMS[form];
  const wet = edges[kind];
  const holdsBroth =
    brothy !== null && vent !== 'mouth' && kind === 'raw' && dough !== 'yeasted' && !METHODS[method].isDry;
  const of = [method, dough, kind, ...(holdsBroth ? ['broth'] : [])].join(' ');
  const [ownWet, ownDry] = [learnedOf(learned, 'wet-edge', of), learnedOf(learned, 'still-takes', of)];
  return {
    kind,
    of,
    isLearned: ownWet !== null || ownDry !== null,
    wet: ownWet?.value ?? (holdsBroth ? Math.max(wet, brothy) : wet),
    dry: ownDry?.value ?? DRY_GOOD,
    board: boardEdges(form, dough),
    wrapping: dough === 'thin' && !METHODS[method].isDry ? WRAPPINGS.noodle : WRAPPINGS[dough],
    parcel: `${parcel} ${KIND_WORDS[kind]}`,
    ovenPer100: bakesOff({ form, vent, method }),
  };
}

/** Set broth is meant to run: what gelatine holds cold is room more, in a form that is closed, g in 100 g. */
export const brothRoom = (form: FormId, { setCold, finishedG }: Ledger): number =>
  FORMS[form].isClosed && finishedG > 0 ? (100 * setCold) / finishedG : 0;

/** What a parcel takes of a filling with such a ledger. */
export const withBroth = (takes: Takes, form: FormId, ledger: Ledger): Takes => ({
  ...takes,
  wet: takes.wet + brothRoom(form, ledger),
});
