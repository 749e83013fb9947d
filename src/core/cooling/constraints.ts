/** How cold a filling must be before it is wrapped, and everything that asks for it. */
import { type ResolvedLine } from '../filling/lines';
import { goesInRaw } from '../filling/raw';
import { type Ingredient } from '../food/ingredient';
import { type Dough } from '../wrapper/dough';

export interface CoolTarget {
  c: number;
  because: string;
}

/** Cheese that is meant to stay in pieces, and herbs that lose their scent in the heat. House estimates. */
const CHEESE_C = 25;
const HERB_C = 40;
const EGG_C = 40;
const RAW_C = 10;

/** Curd and finely grated cheese are mixed in anyway. */
const isCheeseInPieces = ({ family, liquid, composition, release, binder }: Ingredient): boolean =>
  family === 'dairy' && !liquid && composition.protein > 0.1 && release !== 'curd' && binder === undefined;

/** Everything that asks for a cold filling, the coldest first, each with its reason. */
export function coolConstraints(lines: readonly ResolvedLine[], wrapper: Dough): CoolTarget[] {
  const constraints: CoolTarget[] = [{ c: wrapper.wrapReadyC, because: `${wrapper.label}: ${wrapper.wrapReadyWhy}` }];
  for (const l of lines) {
    const { name, hazard, isTender } = l.ingredient;
    if (goesInRaw(l)) {
      // Egg alone sets above 40 °C; on the way to the parcel it is raw food all the same.
      const why = hazard === 'egg' ? `it would set above ${EGG_C} °C, and it goes in raw` : 'it goes in raw';
      constraints.push({ c: RAW_C, because: `${name}: ${why}: anything warmer warms it` });
    } else if (l.line.stage === 'when-cool' && isTender) {
      constraints.push({ c: HERB_C, because: `${name} loses its scent above ${HERB_C} °C` });
    } else if (l.line.stage === 'when-cool' && isCheeseInPieces(l.ingredient)) {
      constraints.push({ c: CHEESE_C, because: `${name} is to stay in pieces` });
    }
  }
  return constraints.sort((a, b) => a.c - b.c);
}
