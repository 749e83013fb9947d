/** What nobody makes: doughs that do not stand a way of cooking, and why. Cooks' common knowledge; what is left out goes. */
import { type DoughId, DOUGHS } from './doughs';
import { type Method, METHODS } from './methods';

const FALLS_APART = 'it falls apart in water';
const STAYS_RAW = 'its fat melts before it sets, and it stays raw and greasy';
const NEVER_LIFTS = 'its layers never lift in steam';
const SOAKS = 'it soaks and tears';

const NEVER: Readonly<Partial<Record<DoughId, Partial<Record<Method, string>>>>> = {
  short: { boil: FALLS_APART, steam: STAYS_RAW, griddle: STAYS_RAW, sear: STAYS_RAW },
  'oil-egg': { boil: FALLS_APART, steam: STAYS_RAW, sear: STAYS_RAW },
  'rough-laminated': { boil: FALLS_APART, steam: NEVER_LIFTS, griddle: STAYS_RAW, sear: STAYS_RAW },
  spiral: { boil: FALLS_APART, steam: NEVER_LIFTS, sear: STAYS_RAW },
  'thin-sheets': { boil: SOAKS, steam: SOAKS, sear: SOAKS },
  'bought-sheets': { boil: SOAKS, steam: SOAKS, sear: SOAKS },
  enriched: { boil: FALLS_APART },
  griddle: { boil: FALLS_APART },
};

/** Why nobody cooks this dough so: `it falls apart in water`; null where somebody does. */
export const whyNever = (dough: DoughId, method: Method): string | null => NEVER[dough]?.[method] ?? null;

/** What it is cooked by instead: the first of these that it stands. */
const INSTEAD: readonly Method[] = ['bake', 'fry', 'steam', 'boil', 'griddle', 'sear'];
export const methodInstead = (dough: DoughId): Method =>
  INSTEAD.find((method) => whyNever(dough, method) === null) ?? 'bake';

/** `Rubbed-in short pastry isn’t boiled: it falls apart in water.`; null where it goes. */
export function neverWords(dough: DoughId, method: Method): string | null {
  const why = whyNever(dough, method);
  if (why === null) return null;
  const { label } = DOUGHS[dough];
  const isMany = label.endsWith('sheets') || label.endsWith('skins');
  return `${label[0].toUpperCase()}${label.slice(1)} ${isMany ? 'aren’t' : 'isn’t'} ${METHODS[method].done}: ${isMany ? why.replace(/^it /, 'they ').replace('soaks and tears', 'soak and tear') : why}.`;
}
