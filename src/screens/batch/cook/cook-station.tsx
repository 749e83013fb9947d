/** Cook: method, heat and time, then the thermometer. */
import { View } from 'react-native';
import { type Batch } from '@/core/batch/schema';
import { METHODS } from '@/core/heat/cooking';
import { formatTemperature } from '@/core/units/format';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { TemperatureField } from '../temperature-field';
import { Readings } from './readings';

const METHOD_LABELS = { steam: 'steam', boil: 'boil', bake: 'bake' } as const;
const OVEN_C = 190;

export function CookStation(props: StationProps) {
  const { batch, kitchen, edit, assessment } = props;
  const { cook } = batch;
  const set = (to: Partial<Omit<Batch['cook'], 'readings'>>, what: string) => edit({ do: 'setCook', to }, what);
  const medium = assessment.heat?.core?.mediumC;
  return (
    <View style={{ gap: 16 }}>
      <Readings {...props} />
      <Choices
        label="Method"
        value={cook.method}
        options={METHODS.map((value) => ({ value, label: METHOD_LABELS[value] }))}
        onChange={(method) => set({ method, mediumC: method === 'bake' ? OVEN_C : 100 }, 'method')}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label="Planned time"
          unit="min"
          value={cook.minutes}
          least={0.5}
          most={240}
          step={1}
          onChange={(minutes) => minutes !== null && set({ minutes }, 'minutes')}
        />
        <TemperatureField
          label="Parcels go in at"
          c={cook.startC}
          least={-25}
          most={60}
          step={1}
          scale={kitchen.temperature}
          onChange={(startC) => set({ startC }, 'startC')}
        />
        {cook.method === 'bake' && (
          <TemperatureField
            label={kitchen.fanOven ? 'Fan oven' : 'Oven'}
            c={cook.mediumC}
            least={60}
            most={300}
            step={5}
            scale={kitchen.temperature}
            onChange={(mediumC) => set({ mediumC }, 'oven')}
          />
        )}
      </View>
      {cook.method !== 'bake' && medium !== undefined && (
        <Small>Water boils at {formatTemperature(medium, kitchen.temperature)} where your kitchen is.</Small>
      )}
    </View>
  );
}
