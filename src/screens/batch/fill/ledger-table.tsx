/** The water ledger line by line. */
import { formatNumber } from '@/core/units/amount';
import { Fold } from '@/ui/parts/fold';
import { PairTable } from '@/ui/parts/pair-table';
import { type ShownProps } from '../station-props';

const whole = (grams: number): string => formatNumber(grams, 0);

/** Folded, where it stands under the list. */
export function LedgerFold(props: ShownProps) {
  const { ledger } = props.assessment;
  if (ledger.lines.length === 0) return null;
  return (
    <Fold title="Where the water is" figure={`${whole(ledger.broughtIn)} g brought in`}>
      <LedgerTable {...props} isUntitled />
    </Fold>
  );
}

export function LedgerTable({ assessment: { ledger }, isUntitled = false }: ShownProps & { isUntitled?: boolean }) {
  if (ledger.lines.length === 0) return null;
  const ways = [
    { name: 'cooked off', grams: ledger.cookedOff },
    { name: 'drained', grams: ledger.drained },
    { name: 'steamed off while cooling', grams: ledger.steamedOff },
    { name: 'held by binders', grams: ledger.heldByBinders },
    { name: 'held by the food', grams: ledger.heldByTissue },
    { name: 'the oven takes', grams: ledger.driedInOven },
  ].filter((way) => way.grams >= 0.5);
  return (
    <PairTable
      title="Where the water is"
      isUntitled={isUntitled}
      note={`grams, in ${whole(ledger.finishedG)} g of finished filling`}
      columns={['brings', 'lets go']}
      rows={[
        ...ledger.lines.map((l) => ({
          name: l.name,
          note: l.preparation,
          figures: [whole(l.brings), whole(l.letsGo)],
        })),
        { name: 'brought in', figures: [whole(ledger.broughtIn), whole(ledger.released)], sum: true },
        ...ways.map((way) => ({ name: way.name, figures: [`−${whole(way.grams)}`, ''] })),
        { name: 'runs while cooking', figures: [whole(ledger.free - ledger.driedInOven), ''], sum: true },
      ]}
    />
  );
}
