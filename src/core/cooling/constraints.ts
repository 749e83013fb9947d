/** How cold a filling must be before it is wrapped, and everything that asks for it. */
import { HAZARDS } from '../vocabulary/foods';
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from '../filling/lines';
import { goesInRaw } from '../filling/raw';
import { type Ingredient } from '../food/ingredient';
import { thermalProperties } from '../food/thermal';
import { type Dough } from '../wrapper/dough';
import { formatTemperature } from '../units/format';
import { type Kitchen } from '../stored/kitchen-schema';

export interface CoolTarget {
  /** The hot part must be no warmer than this, °C. */
  c: number;
  because: string;
  /** What that makes of the mixture with what is cold, °C, where it is the mixture that counts. */
  mixtureC?: number;
}

/** Cheese that is meant to stay in pieces, herbs that lose their scent, egg that sets. House estimates, as cooks do it. */
const CHEESE_C = 35;
const HERB_C = 45;
const EGG_C = 45;
/** No warmer than this may what is mixed with raw meat or fish become. House estimate. */
const RAW_MIXTURE_C = 12;
/** Heat capacities are taken at this temperature. */
const AROUND_C = 40;

/** Curd and finely grated cheese are mixed in anyway. */
export const isCheeseInPieces = ({ family, liquid, composition, release, binder }: Ingredient): boolean =>
  family === 'dairy' &&
  !liquid &&
  composition.protein > 0.1 &&
  release !== 'curd' &&
  release !== 'yoghurt' &&
  binder === undefined;

/** Heat that a line gives off for each degree, J/K; a line is worked out once, whatever else of the batch is tried. */
function heatOf(l: ResolvedLine): number {
  const remembered = HEATS.get(l);
  if (remembered !== undefined) return remembered;
  const heat = (l.readyG / 1000) * thermalProperties(l.composition, AROUND_C).heatCapacity;
  HEATS.set(l, heat);
  return heat;
}
const HEATS = new WeakMap<ResolvedLine, number>();

/** Heat for each degree of what is hot, and of what comes cold to it, J/K. */
function heatsOf(lines: readonly ResolvedLine[]): { hot: number; cold: number } {
  let [hot, cold] = [0, 0];
  for (const l of lines) {
    if (STAGES[l.line.stage].isHot) hot += heatOf(l);
    else cold += heatOf(l);
  }
  return { hot, cold };
}

/**
 * Everything that asks for a cold filling, the coldest first, each with its reason.
 * @param kitchen how cold its fridge is, °C, and the scale it is told in
 */
export function coolConstraints(
  lines: readonly ResolvedLine[],
  wrapper: Dough,
  kitchen: Pick<Kitchen, 'fridgeC' | 'temperature'>,
): CoolTarget[] {
  const { fridgeC: coldC } = kitchen;
  const t = (c: number): string => formatTemperature(c, kitchen.temperature);
  const { hot, cold } = heatsOf(lines);
  // How warm the hot part may be so that the mixture is no warmer: Σ m c T / Σ m c.
  const mixture = (c: number): number => (hot > 0 ? (c * (hot + cold) - cold * coldC) / hot : Infinity);
  const isMixed = cold > 0;
  const wrapC = isMixed ? mixture(wrapper.wrapReadyC) : wrapper.wrapReadyC;
  const constraints: CoolTarget[] = [
    {
      c: wrapC,
      because: `${wrapper.label}: ${wrapper.wrapReadyWhy}`,
      ...(isMixed ? { mixtureC: wrapper.wrapReadyC } : {}),
    },
  ];
  for (const l of lines) {
    const { name, hazard, isTender } = l.ingredient;
    if (goesInRaw(l)) {
      constraints.push(
        HAZARDS[hazard].isFlesh || hazard === 'unknown'
          ? {
              c: mixture(RAW_MIXTURE_C),
              because: `${name} ${hazard === 'unknown' ? 'could be raw meat: you haven’t said' : 'goes in raw'}: the mixture must be no warmer than ${t(RAW_MIXTURE_C)}`,
              mixtureC: RAW_MIXTURE_C,
            }
          : { c: EGG_C, because: `${name} would set above ${t(EGG_C)}, and from then on it is raw food on the bench` },
      );
    } else if (l.line.stage === 'when-cool' && isTender) {
      constraints.push({ c: HERB_C, because: `${name} loses its scent above ${t(HERB_C)}` });
    } else if (l.line.stage === 'when-cool' && isCheeseInPieces(l.ingredient)) {
      constraints.push({ c: CHEESE_C, because: `${name} is to stay in pieces` });
    }
  }
  return constraints.sort((a, b) => a.c - b.c);
}
