/** Salt of the filling and of the bite. */
import { type ResolvedLine } from './lines';
import { isSalt } from '../food/ingredient';
import { isSweetFilling } from './sweet';

/** Usual salt of a filling and of a whole bite, % by mass. House estimates, found by fillings that practitioners judged. */
export const USUAL_FILLING_SALT = [0.8, 1.8] as const;
export const USUAL_BITE_SALT = [0.9, 1.2] as const;
/** Below and above these it is Fix, % of the filling. House estimates, found likewise. */
export const FAR_FROM_USUAL_SALT = [0.5, 2.25] as const;
/** No target is raised further than this, however little salt the wrapper brings, %. House estimate. */
const MOST_TARGET = 1.5;
/** A bite with less is bland, whatever the filling has, %. House estimate. */
const BLAND_BITE_SALT = 0.6;
/** Of a sweet filling: a pinch wakes it. House estimates. */
export const USUAL_SWEET_SALT = [0, 0.6] as const;
const SWEET_TARGET = 0.2;

export interface SaltAccount {
  /** A sweet filling: a pinch is enough. */
  isSweet: boolean;
  /** g of salt in the filling, everything salty counted. */
  totalG: number;
  /** % of the finished filling. */
  fillingPercent: number;
  /** % of filling and wrapper together. */
  bitePercent: number;
  /** What the filling needs for the bite to reach its lower edge, %. */
  neededPercent: number;
  /** What the filling needs for the bite not to be bland, %. */
  blandBelowPercent: number;
  /** From here on the bite is too salty, %: a saltless wrapper bears a saltier filling. */
  saltyAbovePercent: number;
  /** What the filling should have, %, raised where the wrapper brings little salt. */
  targetPercent: number;
  /** g still to add to reach the target; below 0 where there is too much. */
  toAddG: number;
  /** g of salt that drew water out of a vegetable and ran off with it. */
  ranOffG: number;
  /** Each line's share, g, most first; lines that bring none are left out. */
  lines: { lineId: string; name: string; grams: number }[];
}

/** Of the salt that draws so much stays in what is squeezed: osmosis to equilibrium would leave 60 %, but the brine outside is stronger. House estimate. */
const STAYS = 0.45;
/** So much salt draws, at most, g per g of vegetable. House estimate. */
const DRAWS_AT_MOST = 0.015;
const DRAWS_AT_LEAST = 0.01;
/** % of the filling: with more than this the salt line is the one that was to draw, and not one more beside it. House estimate. */
const TOO_MUCH_FOR_BOTH = 1.5;

/**
 * g of salt that each line brings. Where vegetables are salted and squeezed, a salt line that is too much for seasoning alone
 * is the salt that drew: most of it ran off with the juice. Else some is taken to have been added for it.
 */
function saltOfLines(lines: readonly ResolvedLine[], finishedG: number): { grams: number[]; ranOffG: number } {
  const grams = lines.map((l) => l.saltG);
  const squeezed = lines.filter((l) => l.preparation.keptSalt > 0);
  const squeezedG = squeezed.reduce((sum, l) => sum + l.rawG, 0);
  const added = lines.reduce((sum, l, i) => sum + (isSalt(l.ingredient) ? grams[i] : 0), 0);
  const total = grams.reduce((sum, g) => sum + g, 0);
  const isTheDrawingSalt =
    squeezedG > 0 && added >= DRAWS_AT_LEAST * squeezedG && 100 * total > TOO_MUCH_FOR_BOTH * finishedG;
  if (!isTheDrawingSalt) return { grams, ranOffG: 0 };
  const drawingG = Math.min(added, DRAWS_AT_MOST * squeezedG);
  const ranOffG = (1 - STAYS) * drawingG;
  return {
    ranOffG,
    grams: lines.map((l, i) => {
      // What was taken to have been added for it is in that line already.
      if (l.preparation.keptSalt > 0) return grams[i] - (l.preparation.keptSalt * l.rawG) / 100;
      return isSalt(l.ingredient) ? grams[i] * (1 - ranOffG / added) : grams[i];
    }),
  };
}

/**
 * Accounts for salt.
 * @param finishedG g of finished filling: reducing concentrates salt
 * @param portionG g of filling in a parcel
 * @param wrapperG g of wrapper in a parcel
 * @param wrapperPercent salt of the wrapper, %
 * @param aimPercent the kitchen's own target for a filling, %
 */
export function accountSalt(
  lines: readonly ResolvedLine[],
  {
    finishedG,
    portionG,
    wrapperG,
    wrapperPercent,
    aimPercent,
  }: {
    finishedG: number;
    portionG: number;
    wrapperG: number;
    wrapperPercent: number;
    aimPercent: number;
  },
): SaltAccount {
  const { grams, ranOffG } = saltOfLines(lines, finishedG);
  const totalG = lines.reduce((total, _l, i) => total + grams[i], 0);
  const fillingPercent = finishedG > 0 ? (100 * totalG) / finishedG : 0;
  const bite = portionG + wrapperG;
  const ofBite = (filling: number): number => (portionG * filling + wrapperG * wrapperPercent) / bite;
  const isSweet = isSweetFilling(lines);
  const neededFor = (biteSalt: number): number => (biteSalt * bite - wrapperG * wrapperPercent) / portionG;
  const neededPercent = isSweet ? 0 : neededFor(USUAL_BITE_SALT[0]);
  const targetPercent = isSweet ? SWEET_TARGET : Math.max(aimPercent, Math.min(MOST_TARGET, neededPercent));
  return {
    isSweet,
    totalG,
    fillingPercent,
    bitePercent: ofBite(fillingPercent),
    neededPercent,
    saltyAbovePercent: neededFor(USUAL_BITE_SALT[1]),
    blandBelowPercent: isSweet ? 0 : neededFor(BLAND_BITE_SALT),
    targetPercent,
    // The salt itself adds to the mass: (total + x) / (finished + x) = target.
    toAddG: ((targetPercent / 100) * finishedG - totalG) / (1 - targetPercent / 100),
    ranOffG,
    lines: lines
      .map((l, i) => ({ lineId: l.line.id, name: l.ingredient.name, grams: grams[i] }))
      .filter((l) => l.grams > 0.005)
      .sort((a, b) => b.grams - a.grams),
  };
}
