/** Salt of the filling and of the bite. */
import { type ResolvedLine } from './lines';
import { isSweetFilling } from './sweet';

/** Usual salt of a filling and of a whole bite, % by mass. House estimates. */
export const USUAL_FILLING_SALT = [0.8, 1.5] as const;
export const USUAL_BITE_SALT = [0.9, 1.2] as const;
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
  /** Each line's share, g, most first; lines that bring none are left out. */
  lines: { lineId: string; name: string; grams: number }[];
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
  const totalG = lines.reduce((total, l) => total + l.saltG, 0);
  const fillingPercent = finishedG > 0 ? (100 * totalG) / finishedG : 0;
  const bite = portionG + wrapperG;
  const ofBite = (filling: number): number => (portionG * filling + wrapperG * wrapperPercent) / bite;
  const isSweet = isSweetFilling(lines);
  const neededFor = (biteSalt: number): number => (biteSalt * bite - wrapperG * wrapperPercent) / portionG;
  const neededPercent = isSweet ? 0 : neededFor(USUAL_BITE_SALT[0]);
  const targetPercent = isSweet ? SWEET_TARGET : Math.max(aimPercent, Math.min(USUAL_FILLING_SALT[1], neededPercent));
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
    lines: lines
      .filter((l) => l.saltG > 0.005)
      .map((l) => ({ lineId: l.line.id, name: l.ingredient.name, grams: l.saltG }))
      .sort((a, b) => b.grams - a.grams),
  };
}
