/** How much free liquid a parcel takes in the heat: by what fills it, its dough, its form and how it is cooked. */
import { type VentId } from '../vocabulary/edges';
import { type Learned } from '../learning/learned';
import { learnedOf } from '../learning/learned';
import { FORMS } from '../forms';
import { type FormId } from '../forms';
import { METHODS, type Method } from '../vocabulary/methods';
import { type Band, type DoughKind, type FillingKind } from '../vocabulary/methods/method';

export interface Takes {
  kind: FillingKind;
  band: Band;
  /** The parcel, as the sentence names it. */
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
  sweet: 'with a sweet one',
};

/** A band is at least so wide, g in 100 g. House estimate. */
const LEAST_BAND = 2;

/** What an open mouth lets off in the oven, g in 100 g of filling. House estimate. */
const OPEN_PER_100 = 6;

/** g in 100 g of filling that leave as steam while a parcel bakes; 0 where it does not. */
export const bakesOff = ({ form, vent, method }: { form: FormId; vent: VentId; method: Method }): number =>
  !METHODS[method].dries
    ? 0
    : vent === 'mouth'
      ? Math.max(OPEN_PER_100, FORMS[form].bakesOffPer100)
      : FORMS[form].bakesOffPer100;

/** How much free liquid a parcel takes. */
export function takesOf(
  kind: FillingKind,
  { form, vent, method, dough }: { form: FormId; vent: VentId; method: Method; dough: DoughKind },
  learned: readonly Learned[] = [],
): Takes {
  const { parcel, ...bands } = METHODS[method].tolerance[dough];
  const { brothy } = FORMS[form];
  const [dry, wet] = bands[kind];
  const holdsBroth =
    brothy !== null && vent !== 'mouth' && kind === 'raw' && dough !== 'yeasted' && !METHODS[method].isDry;
  const usual: Band = [dry, holdsBroth ? Math.max(wet, brothy) : wet];
  const of = [method, dough, kind, ...(holdsBroth ? ['broth'] : [])].join(' ');
  const [least, most] = [learnedOf(learned, 'dry-edge', of), learnedOf(learned, 'wet-edge', of)];
  // The edges never meet.
  const wetEdge = Math.max(most?.value ?? usual[1], usual[0] + LEAST_BAND);
  return {
    kind,
    of,
    isLearned: least !== null || most !== null,
    band: [Math.min(least?.value ?? usual[0], wetEdge - LEAST_BAND), wetEdge],
    parcel: `${parcel} ${KIND_WORDS[kind]}`,
    ovenPer100: bakesOff({ form, vent, method }),
  };
}
