/** Cook: method, heat and time, then the thermometer. */
import { LIMITS } from '@/core/document/limits';
import { View } from 'react-native';
import { type Batch } from '@/core/document/schema';
import { METHOD_IDS, METHODS } from '@/core/document/vocabulary/methods';
import { formatTemperature } from '@/core/units/format';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { Readings } from './readings';

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
        options={METHOD_IDS.map((value) => ({ value, label: METHODS[value].label }))}
        onChange={(method) => set({ method, mediumC: METHODS[method].usualC }, 'method')}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label="Planned time"
          unit="min"
          value={cook.minutes}
          {...LIMITS.cookMinutes}
          step={1}
          onChange={(minutes) => minutes !== null && set({ minutes }, 'minutes')}
        />
        <TemperatureField
          label="Parcels go in at"
          c={cook.startC}
          {...LIMITS.cookStartC}
          step={1}
          scale={kitchen.temperature}
          onChange={(startC) => set({ startC }, 'startC')}
        />
        {METHODS[cook.method].isSet && (
          <TemperatureField
            label={kitchen.fanOven ? 'Fan oven' : 'Oven'}
            c={cook.mediumC}
            {...LIMITS.mediumC}
            step={5}
            scale={kitchen.temperature}
            onChange={(mediumC) => set({ mediumC }, 'oven')}
          />
        )}
      </View>
      {!METHODS[cook.method].isSet && medium !== undefined && (
        <Small>Water boils at {formatTemperature(medium, kitchen.temperature)} where your kitchen is.</Small>
      )}
    </View>
  );
}
