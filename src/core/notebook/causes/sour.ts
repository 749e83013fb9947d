/** Causes of what tastes sour: sour things, and sugar that is missing beside sour fruit. */
import { isSweetFilling } from '../../filling/sweet';
import { type ResolvedLine } from '../../filling/lines';
import { ACID_PER_100 } from '../../vocabulary/acids';
import { formatNumber } from '../../units/amount';
import { formatGrams } from '../../units/format';
import { spoken } from '../../food/spoken-name';
import { type CauseRule, ramp, read } from '../cause';
import { type BatchNumbers } from '../numbers';

/** g of acid in a line as it goes in: what is squeezed out takes its acid along. */
const acidIn = ({ ingredient, readyG }: ResolvedLine): number => ((ACID_PER_100[ingredient.id] ?? 0) * readyG) / 100;

/** g of sugar: what is sugared, and what fruit has of itself. */
const sugarIn = ({ ingredient, composition, rawG, readyG }: ResolvedLine): number =>
  ingredient.family === 'fruit' ? composition.carbohydrate * readyG : (ingredient.sugar * rawG) / 100;

const sum = (lines: readonly ResolvedLine[], of: (l: ResolvedLine) => number): number =>
  lines.reduce((all, l) => all + of(l), 0);

const sourest = (lines: readonly ResolvedLine[]): string =>
  [...lines]
    .filter((l) => acidIn(l) > 0)
    .sort((a, b) => acidIn(b) - acidIn(a))
    .slice(0, 2)
    .map((l) => spoken(l.ingredient.name))
    .join(' and ');

/** A sweet filling tastes right with so many times as much sugar as acid; with this few it is plainly sour. House estimates. */
const RIGHT = 16;
const SOUR = 7;

/** g of sugar more that bring it there. */
export const sugarWanted = ({ accounts: { lines } }: Pick<BatchNumbers, 'accounts'>): number =>
  Math.max(0, RIGHT * sum(lines, acidIn) - sum(lines, sugarIn));

/** Acid in a savoury filling, g in 100 g: from here it is tasted, and from here it is sour. House estimates. */
const TASTED = 0.3;
const PLAINLY = 0.8;

export const sourCauses: readonly CauseRule[] = [
  {
    id: 'little-sugar',
    of: { sour: 1, bland: 0.3 },
    read: (n) => {
      const { lines } = n.accounts;
      const acid = sum(lines, acidIn);
      if (acid <= 0 || !isSweetFilling(lines)) return null;
      const times = sum(lines, sugarIn) / acid;
      return read(
        ramp(-times, -RIGHT, -SOUR),
        'Too little sugar for its sourness',
        `${formatGrams(sum(lines, sugarIn))} of sugar, its own counted, is *${formatNumber(times, 0)} times* the acid of ${sourest(lines)}; ${RIGHT} tastes right (our estimate).`,
        { evidence: ['by the larder'] },
      );
    },
  },
  {
    id: 'sour-things',
    of: { sour: 1 },
    read: ({ accounts: { lines, ledger } }) => {
      const acid = sum(lines, acidIn);
      if (acid <= 0 || ledger.finishedG <= 0 || isSweetFilling(lines)) return null;
      const per100 = (100 * acid) / ledger.finishedG;
      return read(
        ramp(per100, TASTED, PLAINLY),
        `Sour by nature: ${sourest(lines)}`,
        `*${formatNumber(per100, 1)} g* of acid in 100 g of filling; you taste it from ${formatNumber(TASTED, 1)} (our estimate).`,
        { evidence: ['by the larder'] },
      );
    },
  },
];
