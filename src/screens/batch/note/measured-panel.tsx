/** What was weighed and timed at the end. All of it may be left empty. */
import { View } from 'react-native';
import { LIMITS } from '@/core/document/limits';
import { type Batch } from '@/core/document/schema';
import { AmountField } from '@/ui/parts/amount-field';
import { Heading, Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';

type Field = keyof Batch['note']['measured'];

const FIELDS: readonly { field: Field; label: string; unit: string; limits: (typeof LIMITS)[keyof typeof LIMITS] }[] = [
  { field: 'parcelBeforeG', label: 'One before the heat', unit: 'g', limits: LIMITS.parcelG },
  { field: 'parcelAfterG', label: 'The same after it', unit: 'g', limits: LIMITS.parcelG },
  { field: 'fillingLeftG', label: 'Filling left', unit: 'g', limits: LIMITS.leftG },
  { field: 'doughLeftG', label: 'Dough left', unit: 'g', limits: LIMITS.leftG },
  { field: 'wastedG', label: 'Thrown away', unit: 'g', limits: LIMITS.leftG },
  { field: 'cutAfterMinutes', label: 'Cut after', unit: 'min', limits: LIMITS.cutAfterMinutes },
];

export function MeasuredPanel({ batch, edit }: Pick<StationProps, 'batch' | 'edit'>) {
  const { measured } = batch.note;
  return (
    <View style={{ gap: 8 }}>
      <Heading level={2}>What you weighed</Heading>
      <Small>Leave empty what nobody looked at. What is weighed makes the causes surer.</Small>
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
      </View>
    </View>
  );
}
