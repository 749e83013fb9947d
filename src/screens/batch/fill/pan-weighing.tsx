/** What has boiled off: by weighing the pan, which is best, or by estimate. And what was drained. */
import { View } from 'react-native';
import { type Batch } from '@/core/batch/schema';
import { formatGrams } from '@/core/units/format';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Heading, Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';

export function PanWeighing({ batch, assessment, edit }: StationProps) {
  const { water } = batch;
  if (assessment.panContentsG === 0) return null;
  const set = (to: Partial<Batch['water']>, what: string) => edit({ do: 'setWater', to }, what);
  const { cookOff } = water;
  const contents = assessment.panContentsG;
  const switchTo = (by: 'estimate' | 'weighing') =>
    set(
      {
        cookOff:
          by === 'estimate'
            ? { by, grams: cookOff.by === 'estimate' ? cookOff.grams : 0 }
            : {
                by,
                panG: water.panG ?? 0,
                panWithFillingG: Math.round(
                  (water.panG ?? 0) + contents - (cookOff.by === 'estimate' ? cookOff.grams : 0),
                ),
              },
      },
      'cook-off',
    );
  return (
    <View style={{ gap: 12 }}>
      <Heading level={3} soft>
        Cooked off
      </Heading>
      <Small>
        {formatGrams(contents)} go into the pan. Weighing pan and filling is the best way to know what has boiled off.
      </Small>
      <Choices
        label="Known by"
        value={cookOff.by}
        options={[
          { value: 'estimate', label: 'estimate' },
          { value: 'weighing', label: 'weighing the pan' },
        ]}
        onChange={switchTo}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}>
        {cookOff.by === 'estimate' ? (
          <AmountField
            label="Boiled off"
            unit="g"
            value={cookOff.grams}
            least={0}
            most={20_000}
            step={10}
            onChange={(grams) => grams !== null && set({ cookOff: { by: 'estimate', grams } }, 'boiled')}
          />
        ) : (
          <>
            <AmountField
              label="Empty pan"
              unit="g"
              value={cookOff.panG}
              least={0}
              most={20_000}
              onChange={(panG) => panG !== null && set({ panG, cookOff: { ...cookOff, panG } }, 'pan')}
            />
            <AmountField
              label="Pan with filling now"
              unit="g"
              value={cookOff.panWithFillingG}
              least={0}
              most={40_000}
              onChange={(grams) =>
                grams !== null && set({ cookOff: { ...cookOff, panWithFillingG: grams } }, 'pan-now')
              }
            />
          </>
        )}
        <AmountField
          label="Drained and weighed"
          unit="g"
          value={water.drainedG}
          least={0}
          most={20_000}
          onChange={(drainedG) => drainedG !== null && set({ drainedG }, 'drained')}
        />
      </View>
    </View>
  );
}
