/** One parcel in figures, and what runs out first. */
import { formatNumber } from '@/core/units/amount';
import { formatGrams } from '@/core/units/format';
import { FORMS } from '@/core/forms';
import { Fold } from '@/ui/parts/fold';
import { Measured } from '@/ui/parts/measured';
import { PairTable } from '@/ui/parts/pair-table';
import { type ShownProps } from '../station-props';
import { Scales } from './scales';

/** Folded, where it stands under the rest: the pair of scales and the table. */
export function BalanceFold(props: ShownProps) {
  return (
    <Fold title="Balance" figure={leftWords(props)}>
      <Measured>{(width) => <Scales {...props} width={Math.min(width, 420)} />}</Measured>
      <BalanceTable {...props} isUntitled />
    </Fold>
  );
}

const leftWords = ({ assessment: { portion, checks } }: ShownProps): string =>
  portion.left.of === 'nothing' || checks.fit.fits?.even?.state === 'good'
    ? 'they run out together'
    : `${formatGrams(portion.left.grams)} of ${portion.left.of} left over`;

export function BalanceTable({ isUntitled = false, ...props }: ShownProps & { isUntitled?: boolean }) {
  const { batch, assessment } = props;
  const { portion, fit, ledger } = assessment;
  const isPan = FORMS[batch.wrap.form].sizeWord === 'pan';
  return (
    <PairTable
      title="Balance"
      isUntitled={isUntitled}
      note={isUntitled ? undefined : leftWords(props)}
      rows={[
        { name: 'Filling in each', note: portion.spoon, figures: [formatGrams(portion.portionG)] },
        { name: isPan ? 'Sheets of each' : 'Skin of each', figures: [formatGrams(portion.wrapperG)] },
        { name: 'One piece', figures: [formatGrams(portion.parcelG)], sum: true },
        { name: 'Filling to wrapper', figures: [`${formatNumber(fit.ratio, 2)} : 1`] },
        { name: 'Finished filling', figures: [formatGrams(ledger.finishedG)] },
        { name: 'Pieces the filling makes', figures: [formatNumber(portion.fromFilling, 1)] },
        ...(portion.fromDough === null
          ? []
          : [{ name: 'Pieces the dough makes', figures: [formatNumber(portion.fromDough, 1)] }]),
        { name: `Dough for ${batch.count}`, note: 'without trimmings', figures: [formatGrams(portion.doughNeededG)] },
        {
          name: `Filling shared over ${batch.count}`,
          note: 'uses it up exactly',
          figures: [formatGrams(portion.evenPortionG)],
        },
      ]}
    />
  );
}
