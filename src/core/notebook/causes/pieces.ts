/** Hard vegetables that went in raw: the middle is hot long before they are soft. */
import { type ResolvedLine } from '../../filling/lines';
import { STAGES } from '../../vocabulary/stages';
import { formatNumber } from '../../units/amount';
import { formatMinutes } from '../../units/format';
import { spoken } from '../../food/spoken-name';
import { type CauseRule, ramp, read } from '../cause';

/** Roots in dice want so many minutes in a hot filling, grated so many. House estimates. */
const DICE_MIN = 20;
const GRATED_MIN = 5;
/** Fewer of them than this share nobody finds. House estimate. */
const FOUND = 0.03;

const wants = ({ ingredient, preparation, line }: ResolvedLine): number =>
  ingredient.family !== 'root' || preparation.cooked || STAGES[line.stage].isHot
    ? 0
    : line.cut === 'grated' || preparation.id === 'grated'
      ? GRATED_MIN
      : DICE_MIN;

export const pieceCauses: readonly CauseRule[] = [
  {
    id: 'raw-pieces',
    of: { 'veg-hard': 1 },
    read: (n) => {
      const { lines } = n.accounts;
      const all = lines.reduce((sum, l) => sum + l.readyG, 0);
      const [hardest] = lines.filter((l) => wants(l) > 0).sort((a, b) => wants(b) - wants(a) || b.readyG - a.readyG);
      if (hardest === undefined || all <= 0) return null;
      const hot = n.core?.minutes ?? n.inHeatMinutes;
      const had = Math.max(0, n.inHeatMinutes - hot);
      const share = ramp(hardest.readyG / all, 0, FOUND);
      return read(
        share * ramp(wants(hardest) - had, 0, DICE_MIN / 2),
        'Went in raw, in pieces',
        `${spoken(hardest.ingredient.name)} wants about *${formatMinutes(wants(hardest))}* in the hot filling; hot after ${formatMinutes(Math.round(hot))}, it had ${formatNumber(had, 0)}.`,
        { evidence: ['by the forecast; our estimate'], isMeasured: n.isTimed },
      );
    },
  },
];
