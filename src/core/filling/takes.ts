/** How much free liquid a parcel takes in the heat: by what fills it, its dough, its form and how it is cooked. */
import { FORMS } from '../document/vocabulary/forms';
import { type FormId } from '../document/vocabulary/forms';
import { METHODS, type Method } from '../document/vocabulary/methods';
import { type Band, type DoughKind, type FillingKind } from '../document/vocabulary/methods/method';

export interface Takes {
  kind: FillingKind;
  band: Band;
  /** The parcel, as the sentence names it. */
  parcel: string;
  /** g in 100 g of filling that leave as steam while it bakes. */
  ovenPer100: number;
}

/** What the sentence calls a filling of that kind. */
export const KIND_WORDS: Readonly<Record<FillingKind, string>> = {
  raw: 'with raw meat or fish in it',
  cooked: 'with a cooked or meatless filling',
  sweet: 'with a sweet one',
};

/** g in 100 g of filling that leave as steam while a parcel bakes; 0 where it does not. */
export const bakesOff = ({ form, method }: { form: FormId; method: Method }): number =>
  METHODS[method].dries ? FORMS[form].bakesOffPer100 : 0;

/** How much free liquid a parcel takes. */
export function takesOf(
  kind: FillingKind,
  { form, method, dough }: { form: FormId; method: Method; dough: DoughKind },
): Takes {
  const { parcel, ...bands } = METHODS[method].tolerance[dough];
  const { brothy } = FORMS[form];
  const [dry, wet] = bands[kind];
  const holdsBroth = brothy !== null && kind === 'raw' && dough !== 'yeasted' && !METHODS[method].dries;
  return {
    kind,
    band: [dry, holdsBroth ? Math.max(wet, brothy) : wet],
    parcel: `${parcel} ${KIND_WORDS[kind]}`,
    ovenPer100: bakesOff({ form, method }),
  };
}
