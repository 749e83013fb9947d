/** Where it stands, on what, covered or stirred, and where it stands before: the legs of the plan. */
import { View } from 'react-native';
import { ambientOf } from '@/core/batch/cooling-plan';
import { type Batch } from '@/core/batch/schema';
import { BASES, PLACES } from '@/core/heat/surfaces';
import { formatMinutes } from '@/core/units/format';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { TemperatureField } from '../temperature-field';
import { type StationProps } from '../station-props';
import { BASE_WORDS, PLACE_WORDS } from './words';

type Cool = Batch['cool'];
type Leg = Cool['legs'][number];
const MOST_LEGS = 6;
const LIDS = [
  { value: 'open', label: 'open' },
  { value: 'covered', label: 'covered' },
] as const;

export function PlacePanel({ batch, kitchen, edit }: StationProps) {
  const { cool } = batch;
  const set = (to: Partial<Cool>, what: string) => edit({ do: 'setCool', to }, what);
  const setLegs = (legs: Leg[], what: string) => set({ legs }, what);
  const addLeg = () =>
    setLegs(
      [
        ...cool.legs,
        {
          minutes: 20,
          depthMm: null,
          base: cool.base === 'ice' ? 'rack' : cool.base,
          place: 'counter',
          ambientC: null,
          covered: false,
          stirred: false,
          stirEveryMinutes: null,
        },
      ],
      'legs',
    );
  return (
    <View style={{ gap: 14 }}>
      <Heading level={3}>Where it stands</Heading>
      <TemperatureField
        label="Off the heat at"
        c={cool.startC}
        least={20}
        most={105}
        step={1}
        scale={kitchen.temperature}
        onChange={(startC) => set({ startC }, 'start')}
      />
      {cool.legs.map((leg, i) => (
        <LegFields
          key={i}
          leg={leg}
          number={i + 1}
          onChange={(to) =>
            setLegs(
              cool.legs.map((l, j) => (j === i ? { ...l, ...to } : l)),
              `leg-${i}`,
            )
          }
          onRemove={() =>
            setLegs(
              cool.legs.filter((_, j) => j !== i),
              'legs',
            )
          }
        />
      ))}
      {cool.legs.length > 0 && (
        <Body>
          After {formatMinutes(cool.legs.reduce((sum, leg) => sum + leg.minutes, 0))}: {PLACE_WORDS[cool.place]},{' '}
          {BASE_WORDS[cool.base]}
        </Body>
      )}
      <Choices
        label={cool.legs.length > 0 ? 'Then' : 'Place'}
        value={cool.place}
        options={PLACES.map((value) => ({ value, label: PLACE_WORDS[value] }))}
        onChange={(place) => set({ place, ambientC: null }, 'place')}
      />
      <TemperatureField
        label="Air there"
        c={ambientOf(cool, kitchen)}
        least={-40}
        most={45}
        step={1}
        scale={kitchen.temperature}
        onChange={(ambientC) => set({ ambientC }, 'air')}
      />
      <Choices
        label="It stands on"
        value={cool.base}
        options={BASES.map((value) => ({ value, label: BASE_WORDS[value] }))}
        onChange={(base) => set({ base }, 'base')}
      />
      <Choices
        label="Lid"
        value={cool.covered ? 'covered' : 'open'}
        options={LIDS}
        onChange={(value) => set({ covered: value === 'covered' }, 'lid')}
      />
      <Choices
        label="Stirred"
        value={cool.stirred ? 'always' : cool.stirEveryMinutes === null ? 'never' : 'every'}
        options={[
          { value: 'never', label: 'left alone' },
          { value: 'every', label: 'now and then' },
          { value: 'always', label: 'all the time' },
        ]}
        onChange={(value) =>
          set({ stirred: value === 'always', stirEveryMinutes: value === 'every' ? 10 : null }, 'stir')
        }
      />
      {cool.stirEveryMinutes !== null && (
        <AmountField
          label="Stirred every"
          unit="min"
          value={cool.stirEveryMinutes}
          least={1}
          most={120}
          step={1}
          onChange={(stirEveryMinutes) => stirEveryMinutes !== null && set({ stirEveryMinutes }, 'every')}
        />
      )}
      {cool.legs.length < MOST_LEGS && <Press title="First somewhere else" icon="plus" onPress={addLeg} />}
    </View>
  );
}

function LegFields(props: { leg: Leg; number: number; onChange: (to: Partial<Leg>) => void; onRemove: () => void }) {
  const { leg, number, onChange, onRemove } = props;
  return (
    <View style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8 }}>
        <AmountField
          label={`Leg ${number}: for`}
          unit="min"
          value={leg.minutes}
          least={1}
          most={24 * 60}
          step={5}
          onChange={(minutes) => minutes !== null && onChange({ minutes })}
        />
        <IconPress icon="close" label={`Take leg ${number} away`} onPress={onRemove} />
      </View>
      <Choices
        label={`Leg ${number}: place`}
        value={leg.place}
        options={PLACES.map((value) => ({ value, label: PLACE_WORDS[value] }))}
        onChange={(place) => onChange({ place })}
      />
      <Choices
        label={`Leg ${number}: on`}
        value={leg.base}
        options={BASES.map((value) => ({ value, label: BASE_WORDS[value] }))}
        onChange={(base) => onChange({ base })}
      />
      <Choices
        label={`Leg ${number}: lid`}
        value={leg.covered ? 'covered' : 'open'}
        options={LIDS}
        onChange={(value) => onChange({ covered: value === 'covered' })}
      />
      {leg.depthMm !== null && <Small>{`It lay ${Math.round(leg.depthMm)} mm deep then.`}</Small>}
    </View>
  );
}
