/** Where it stands, on what, covered or stirred, and where it stands before: the legs of the plan. */
import { LIMITS } from '@/core/vocabulary/limits';
import { airOf } from '@/core/cooling/air';
import { type Batch } from '@/core/stored/schema';
import { BASES } from '@/core/vocabulary/bases';
import { PLACES } from '@/core/vocabulary/places';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Body } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { type StationProps } from '../station-props';
import { LegsFields, newLeg } from './legs-fields';
import { StandsWhere } from './stands-where';
import * as phrases from './words';

type Cool = Batch['cool'];
const MOST_LEGS = 6;
/** How often it is stirred where it is stirred now and then, minutes, until the cook says otherwise. */
const USUAL_STIR_MINUTES = 10;

export function PlacePanel({ batch, kitchen, edit }: StationProps) {
  const { cool } = batch;
  const { legs } = cool;
  const set = (to: Partial<Cool>, what: string) => edit({ do: 'setCool', to }, what);
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
      <LegsFields legs={legs} lengths={kitchen.lengths} onChange={(to, what) => set({ legs: to }, what)} />
      {legs.length > 0 && (
        <Body>
          {phrases.thenPlace(
            legs.reduce((sum, leg) => sum + leg.minutes, 0),
            PLACES[cool.place].label,
            BASES[cool.base].label,
          )}
        </Body>
      )}
      <StandsWhere
        standing={cool}
        labels={{ place: legs.length > 0 ? 'Then' : 'Place', on: phrases.STANDS_ON, lid: 'Lid' }}
        // Another place has another air.
        onChange={(to, what) => set(what === 'place' ? { ...to, ambientC: null } : to, what)}
      >
        <TemperatureField
          label="Air there"
          c={airOf(cool, kitchen)}
          {...LIMITS.airC}
          step={1}
          scale={kitchen.temperature}
          onChange={(ambientC) => set({ ambientC }, 'air')}
        />
      </StandsWhere>
      <Stirred cool={cool} set={set} />
      {legs.length < MOST_LEGS && (
        <Press
          title={phrases.FIRST_ELSEWHERE}
          icon="plus"
          onPress={() => set({ legs: [...legs, newLeg(cool)] }, 'legs')}
        />
      )}
    </Fold>
  );
}

/** Left alone, stirred now and then, or all the time. */
const Stirred = ({ cool, set }: { cool: Cool; set: (to: Partial<Cool>, what: string) => void }) => (
  <>
    <Choices
      label="Stirred"
      value={cool.stirred ? 'always' : cool.stirEveryMinutes === null ? 'never' : 'every'}
      options={[
        { value: 'never', label: 'left alone' },
        { value: 'every', label: phrases.NOW_AND_THEN },
        { value: 'always', label: phrases.ALL_THE_TIME },
      ]}
      onChange={(value) =>
        set({ stirred: value === 'always', stirEveryMinutes: value === 'every' ? USUAL_STIR_MINUTES : null }, 'stir')
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
  </>
);
