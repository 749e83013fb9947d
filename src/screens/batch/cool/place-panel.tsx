/** Where it stands, on what, covered or stirred, and where it stands before: the legs of the plan. */
import { LIMITS } from '@/core/vocabulary/limits';
import { View } from 'react-native';
import { airOf } from '@/core/cooling/air';
import { type Batch } from '@/core/stored/schema';
import { BASE_IDS, BASES } from '@/core/vocabulary/bases';
import { PLACE_IDS, PLACES } from '@/core/vocabulary/places';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { type StationProps } from '../station-props';
import { formatLength, type LengthUnit } from '@/core/units/lengths';
import * as phrases from './words';

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
    <Fold
      title={phrases.WHERE_IT_STANDS}
      figure={phrases.placeInShort(PLACES[cool.place].label, BASES[cool.base].label, cool.covered)}
    >
      <TemperatureField
        label={phrases.OFF_HEAT_AT}
        c={cool.startC}
        {...LIMITS.startC}
        step={1}
        scale={kitchen.temperature}
        onChange={(startC) => set({ startC }, 'start')}
      />
      {cool.legs.map((leg, i) => (
        <LegFields
          key={i}
          leg={leg}
          number={i + 1}
          lengths={kitchen.lengths}
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
          {phrases.thenPlace(
            cool.legs.reduce((sum, leg) => sum + leg.minutes, 0),
            PLACES[cool.place].label,
            BASES[cool.base].label,
          )}
        </Body>
      )}
      <Choices
        label={cool.legs.length > 0 ? 'Then' : 'Place'}
        value={cool.place}
        options={PLACE_IDS.map((value) => ({ value, label: PLACES[value].label }))}
        onChange={(place) => set({ place, ambientC: null }, 'place')}
      />
      <TemperatureField
        label="Air there"
        c={airOf(cool, kitchen)}
        {...LIMITS.airC}
        step={1}
        scale={kitchen.temperature}
        onChange={(ambientC) => set({ ambientC }, 'air')}
      />
      <Choices
        label={phrases.STANDS_ON}
        value={cool.base}
        options={BASE_IDS.map((value) => ({ value, label: BASES[value].label }))}
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
          { value: 'every', label: phrases.NOW_AND_THEN },
          { value: 'always', label: phrases.ALL_THE_TIME },
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
          {...LIMITS.stirEveryMinutes}
          step={1}
          onChange={(stirEveryMinutes) => stirEveryMinutes !== null && set({ stirEveryMinutes }, 'every')}
        />
      )}
      {cool.legs.length < MOST_LEGS && <Press title={phrases.FIRST_ELSEWHERE} icon="plus" onPress={addLeg} />}
    </Fold>
  );
}

interface LegProps {
  leg: Leg;
  number: number;
  lengths: LengthUnit;
  onChange: (to: Partial<Leg>) => void;
  onRemove: () => void;
}

function LegFields(props: LegProps) {
  const { leg, number, lengths, onChange, onRemove } = props;
  return (
    <View style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8 }}>
        <AmountField
          label={phrases.legFor(number)}
          unit="min"
          value={leg.minutes}
          {...LIMITS.legMinutes}
          step={5}
          onChange={(minutes) => minutes !== null && onChange({ minutes })}
        />
        <IconPress icon="close" label={phrases.takeLegAway(number)} onPress={onRemove} />
      </View>
      <Choices
        label={phrases.legPlace(number)}
        value={leg.place}
        options={PLACE_IDS.map((value) => ({ value, label: PLACES[value].label }))}
        onChange={(place) => onChange({ place })}
      />
      <Choices
        label={phrases.legOn(number)}
        value={leg.base}
        options={BASE_IDS.map((value) => ({ value, label: BASES[value].label }))}
        onChange={(base) => onChange({ base })}
      />
      <Choices
        label={phrases.legLid(number)}
        value={leg.covered ? 'covered' : 'open'}
        options={LIDS}
        onChange={(value) => onChange({ covered: value === 'covered' })}
      />
      {leg.depthMm !== null && <Small>{phrases.layDeep(formatLength(leg.depthMm, lengths, 0))}</Small>}
    </View>
  );
}
