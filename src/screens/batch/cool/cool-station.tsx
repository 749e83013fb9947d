/** Cool: where the hot filling stands, how deep, and what would be quicker. */
import { Pressable, View } from 'react-native';
import { type Batch } from '@/core/batch/schema';
import { formatMinutes } from '@/core/units/format';
import { BASES, PLACES } from '@/core/heat/surfaces';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { TemperatureField } from '../temperature-field';
import { type StationProps } from '../station-props';
import { VesselDrawing } from './vessel-drawing';

const PLACE_WORDS = { counter: 'counter', fridge: 'fridge', freezer: 'freezer', fan: 'by a fan' } as const;
const BASE_WORDS = { rack: 'rack', board: 'board', ice: 'ice and water' } as const;

export function CoolStation({ batch, assessment, kitchen, edit }: StationProps) {
  const p = usePalette();
  const forecast = assessment.heat?.cooling;
  if (!forecast)
    return (
      <Small>Lines that go in hot (cook first, simmer, off the heat) are cooled here before the rest goes in.</Small>
    );
  const { cool } = batch;
  const set = (to: Partial<Batch['cool']>, what: string) => edit({ do: 'setCool', to }, what);
  return (
    <View style={{ gap: 16 }}>
      <VesselDrawing depthMm={cool.depthMm} base={cool.base} covered={cool.covered} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}>
        <AmountField
          label="Depth"
          unit="mm"
          value={cool.depthMm}
          least={2}
          most={250}
          step={5}
          onChange={(depthMm) => depthMm !== null && set({ depthMm }, 'depth')}
        />
        <TemperatureField
          label="Off the heat at"
          c={cool.startC}
          least={20}
          most={105}
          step={1}
          scale={kitchen.temperature}
          onChange={(startC) => set({ startC }, 'start')}
        />
      </View>
      <Choices
        label="Place"
        value={cool.place}
        options={PLACES.map((value) => ({ value, label: PLACE_WORDS[value] }))}
        onChange={(place) => set({ place }, 'place')}
      />
      <Choices
        label="It stands on"
        value={cool.base}
        options={BASES.map((value) => ({ value, label: BASE_WORDS[value] }))}
        onChange={(base) => set({ base }, 'base')}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}>
        <Choices
          label="Cover"
          value={cool.covered ? 'yes' : 'no'}
          options={[
            { value: 'no', label: 'uncovered' },
            { value: 'yes', label: 'covered' },
          ]}
          onChange={(value) => set({ covered: value === 'yes' }, 'cover')}
        />
        <Choices
          label="Stirring"
          value={cool.stirred ? 'yes' : 'no'}
          options={[
            { value: 'no', label: 'left alone' },
            { value: 'yes', label: 'stirred often' },
          ]}
          onChange={(value) => set({ stirred: value === 'yes' }, 'stir')}
        />
      </View>
      <View>
        <Heading level={3} soft>
          What you could do instead
        </Heading>
        {forecast.alternatives.map((way) => (
          <Pressable
            key={way.id}
            role="button"
            aria-label={`${way.label}: ${way.minutes === null ? 'never cold enough' : formatMinutes(way.minutes)}. Needs ${way.needs}.`}
            onPress={() => set(way.to, 'way')}
            style={{
              minHeight: TOUCH,
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
              borderTopWidth: 1,
              borderTopColor: p.rule,
              paddingVertical: 6,
            }}
          >
            <View style={{ flex: 1 }}>
              <Body>{way.label}</Body>
              <Small>
                {way.needs}; loses {Math.round(way.evaporatedG)} g as steam
              </Small>
            </View>
            <Strong style={{ color: way.stages.every((stage) => stage.ok) && way.minutes !== null ? p.ink : p.beet }}>
              {way.minutes === null ? 'never' : formatMinutes(way.minutes)}
            </Strong>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
