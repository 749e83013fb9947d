/** What a learned figure is called, and how it reads. */
import { type Lesson } from '../learning/learned';
import { EDGES } from '../vocabulary/edges';
import { EVERYTHING, LEARNED } from '../vocabulary/learned';
import { METHODS } from '../vocabulary/methods';
import { isIdOf } from '../vocabulary/records';
import { KIND_WORDS } from '../filling/takes';
import { formatNumber } from '../units/amount';

/** `Most loose liquid, a baked parcel of short pastry with a cooked or meatless filling` */
export function learnedLabel({ what, of }: Pick<Lesson, 'what' | 'of'>): string {
  const label = of === EVERYTHING ? LEARNED[what].label : `${LEARNED[what].label}, ${aboutOf(of)}`;
  return label.charAt(0).toUpperCase() + label.slice(1);
}

function aboutOf(of: string): string {
  if (isIdOf(EDGES, of)) return EDGES[of].label;
  const [method, dough, kind] = of.split(' ');
  if (!isIdOf(METHODS, method) || !isIdOf(KIND_WORDS, kind)) return of;
  const tolerance: Readonly<Record<string, { parcel: string }>> = METHODS[method].tolerance;
  return `${tolerance[dough]?.parcel ?? of} ${KIND_WORDS[kind]}${of.endsWith(' broth') ? ', with broth in it' : ''}`;
}

/** `6.2 g per 100 g` */
export const learnedFigure = (what: Lesson['what'], value: number): string =>
  `${formatNumber(value, LEARNED[what].digits)} ${LEARNED[what].unit}`;
