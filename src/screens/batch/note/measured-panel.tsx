/** What was weighed and timed at the end. All of it may be left empty. */
import { View } from 'react-native';
import { LIMITS } from '@/core/vocabulary/limits';
import { type Batch } from '@/core/stored/schema';
import { lastTaken, sayTaken } from '@/core/stored/taken';
import { plannedWork } from '@/core/notebook/planned-work';
import { now } from '@/data/hooks';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Field = keyof Batch['note']['measured'];

const FIELDS: readonly { field: Field; label: string; unit: string; limits: (typeof LIMITS)[keyof typeof LIMITS] }[] = [
  { field: 'parcelBeforeG', label: phrases.ONE_BEFORE, unit: 'g', limits: LIMITS.parcelG },
  { field: 'parcelAfterG', label: phrases.SAME_AFTER, unit: 'g', limits: LIMITS.parcelG },
  { field: 'fillingLeftG', label: 'Filling left', unit: 'g', limits: LIMITS.leftG },
  { field: 'doughLeftG', label: 'Dough left', unit: 'g', limits: LIMITS.leftG },
  { field: 'wastedG', label: 'Thrown away', unit: 'g', limits: LIMITS.leftG },
  { field: 'cutAfterMinutes', label: 'Cut after', unit: 'min', limits: LIMITS.cutAfterMinutes },
];

/** Minutes that work really took, as they are typed in where no clock ran. */
const WORK = [
  { what: 'load', label: phrases.IN_THE_HEAT },
  { what: 'wrap', label: phrases.FILLING_AND_CLOSING },
  { what: 'rise', label: phrases.ROSE_FOR },
] as const;

export function MeasuredPanel({
  batch,
  kitchen,
  assessment,
  edit,
}: Pick<StationProps, 'batch' | 'kitchen' | 'assessment' | 'edit'>) {
  const { measured } = batch.note;
  const noted =
    FIELDS.filter(({ field }) => measured[field] !== null).length +
    WORK.filter(({ what }) => lastTaken(batch, what) !== undefined).length;
  const planned = plannedWork(batch, kitchen, assessment);
  return (
    <Fold title={phrases.WHAT_YOU_WEIGHED} figure={noted === 0 ? 'nothing yet' : `${noted} noted`}>
      <Small>{phrases.LEAVE_BLANK}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {FIELDS.map(({ field, label, unit, limits }) => (
          <AmountField
            key={field}
            label={label}
            unit={unit}
            value={measured[field]}
            least={limits.least}
            most={limits.most}
            optional
            onChange={(value) => edit({ do: 'setMeasured', to: { [field]: value } }, field, 'beside')}
          />
        ))}
        {WORK.filter(({ what }) => planned[what] !== null).map(({ what, label }) => (
          <AmountField
            key={what}
            label={label}
            unit="min"
            value={lastTaken(batch, what)?.minutes ?? null}
            {...LIMITS.taskMinutes}
            optional
            onChange={(minutes) =>
              edit(sayTaken(batch, what, { minutes, planned: planned[what] ?? 1, at: now(batch.id) }), what, 'beside')
            }
          />
        ))}
      </View>
    </Fold>
  );
}
