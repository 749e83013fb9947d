/** The water ledger line by line. */
import { formatNumber } from '@/core/units/amount';
import { Fold } from '@/ui/parts/fold';
import { PairTable } from '@/ui/parts/pair-table';
import { type ShownProps } from '../station-props';
import * as phrases from './words';

const whole = (grams: number): string => formatNumber(grams, 0);

/** Folded, where it stands under the list. */
export function LedgerFold(props: ShownProps) {
  const { ledger } = props.assessment;
  if (ledger.lines.length === 0) return null;
  return (
    <Fold title={phrases.WHERE_WATER_IS} figure={phrases.broughtIn(whole(ledger.broughtIn))}>
      <LedgerTable {...props} isUntitled />
    </Fold>
  );
}

export function LedgerTable({ assessment: { ledger }, isUntitled = false }: ShownProps & { isUntitled?: boolean }) {
  if (ledger.lines.length === 0) return null;
  const ways = [
    { name: 'cooked off', grams: ledger.cookedOff },
    { name: 'drained', grams: ledger.drained },
    { name: phrases.STEAMED_OFF, grams: ledger.steamedOff },
    { name: phrases.HELD_BY_BINDERS, grams: ledger.heldByBinders },
    { name: phrases.HELD_BY_FOOD, grams: ledger.heldByTissue },
    { name: phrases.OVEN_TAKES, grams: ledger.driedInOven },
  ].filter((way) => way.grams >= 0.5);
  return (
    <PairTable
      title={phrases.WHERE_WATER_IS}
      isUntitled={isUntitled}
      note={phrases.gramsInFinished(whole(ledger.finishedG))}
      columns={['brings', 'lets go']}
      rows={[
        ...ledger.lines.map((l) => ({
          name: l.name,
          note: l.preparation,
          figures: [whole(l.brings), whole(l.letsGo)],
        })),
        { name: 'brought in', figures: [whole(ledger.broughtIn), whole(ledger.released)], sum: true },
        ...ways.map((way) => ({ name: way.name, figures: [`−${whole(way.grams)}`, ''] })),
        { name: phrases.RUNS_WHILE_COOKING, figures: [whole(ledger.free - ledger.driedInOven), ''], sum: true },
      ]}
    />
  );
}
