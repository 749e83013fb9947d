/** The pot of oil or water: how much is in it, what the flame does, how far it falls and when it is back. */
import { View } from 'react-native';
import { type PotForecast } from '@/core/cooking/pot-of';
import { highWords, potWords } from '@/core/checks/load-words';
import { MOST_FALL_K } from '@/core/heat/liquids';
import { type Appliance } from '@/core/stored/kitchen';
import { LIMITS } from '@/core/vocabulary/limits';
import { FLAME_IDS, FLAMES } from '@/core/vocabulary/flames';
import { formatTemperature } from '@/core/units/format';
import { Curve } from '@/ui/curve';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Heading, Sentence, Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { PowerPanel } from './power-panel';
import * as phrases from './words';

const FLAME_OPTIONS = FLAME_IDS.map((value) => ({ value, label: FLAMES[value].label }));

export function PotPanel({ pot, appliance, ...props }: StationProps & { pot: PotForecast; appliance: Appliance }) {
  const { batch, kitchen, edit } = props;
  const isOil = pot.medium === 'oil';
  return (
    <View style={{ gap: 12 }}>
      <Heading level={3}>{isOil ? 'The oil' : 'The water'}</Heading>
      <Sentence text={potWords(pot, kitchen.temperature)} />
      <PotCurve pot={pot} scale={kitchen.temperature} />
      <AmountField
        label={isOil ? phrases.OIL_IN_POT : phrases.WATER_IN_POT}
        unit="g"
        value={batch.cook.liquidG ?? pot.liquidG}
        {...LIMITS.liquidG}
        step={100}
        onChange={(liquidG) => edit({ do: 'setCook', to: { liquidG } }, 'liquidG', 'beside')}
        optional
      />
      <Small>{phrases.hobGives(highWords(pot), pot.powerW, appliance.powerW)}</Small>
      {isOil && (
        <Choices
          label="The flame"
          value={batch.cook.flame}
          options={FLAME_OPTIONS}
          onChange={(flame) => void edit({ do: 'setCook', to: { flame } }, 'flame')}
        />
      )}
      <PowerPanel {...props} pot={pot} appliance={appliance} />
    </View>
  );
}

/** Room above what it is set to, and below where it falls to, K. */
const ROOM_K = 14;

function PotCurve({ pot, scale }: { pot: PotForecast; scale: 'C' | 'F' }) {
  const shown = (c: number): string => formatTemperature(c, scale);
  const { samples, setC, lowestC, medium } = pot;
  const least = setC - MOST_FALL_K;
  return (
    <Curve
      points={samples.map(({ minute, potC }) => ({ minute, main: potC, second: setC }))}
      labels={{ main: medium === 'oil' ? 'oil' : 'water', second: medium === 'oil' ? phrases.AS_IT_IS_SET : 'boiling' }}
      label={phrases.liquidFalls(medium, shown(setC), shown(lowestC))}
      height={170}
      target={{ c: least, side: 'above', text: phrases.withinK(MOST_FALL_K, scale) }}
      marks={[]}
      yMax={setC + ROOM_K}
      yMin={Math.min(least, lowestC) - ROOM_K}
      formatC={shown}
    />
  );
}
