/** One parcel in figures, and what runs out first. */
import { formatNumber } from '@/core/units/amount';
import { formatGrams } from '@/core/units/format';
import { FORMS } from '@/core/forms';
import { Fold } from '@/ui/parts/fold';
import { Measured } from '@/ui/parts/measured';
import { PairTable } from '@/ui/parts/pair-table';
import { type ShownProps } from '../station-props';
import { Scales } from './scales';
import * as phrases from './words';

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
    ? phrases.RUN_OUT_TOGETHER
    : phrases.leftOver(portion.left.grams, portion.left.of);

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
        { name: phrases.FILLING_IN_EACH, note: portion.spoon, figures: [formatGrams(portion.portionG)] },
        { name: isPan ? phrases.SHEETS_OF_EACH : phrases.SKIN_OF_EACH, figures: [formatGrams(portion.wrapperG)] },
        { name: 'One piece', figures: [formatGrams(portion.parcelG)], sum: true },
        { name: phrases.FILLING_TO_WRAPPER, figures: [`${formatNumber(fit.ratio, 2)} : 1`] },
        { name: 'Finished filling', figures: [formatGrams(ledger.finishedG)] },
        { name: phrases.PIECES_FILLING_MAKES, figures: [formatNumber(portion.fromFilling, 1)] },
        ...(portion.fromDough === null
          ? []
          : [{ name: phrases.PIECES_DOUGH_MAKES, figures: [formatNumber(portion.fromDough, 1)] }]),
        {
          name: phrases.doughFor(batch.count),
          note: 'without trimmings',
          figures: [formatGrams(portion.doughNeededG)],
        },
        {
          name: phrases.fillingSharedOver(batch.count),
          note: phrases.USES_IT_UP,
          figures: [formatGrams(portion.evenPortionG)],
        },
      ]}
    />
  );
}
