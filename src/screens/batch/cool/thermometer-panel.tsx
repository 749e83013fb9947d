/** The thermometer at Cool: a real probe by its name, or the practice one. A lost or impossible signal cannot be recorded. */
import { View } from 'react-native';
import { formatTemperature } from '@/core/units/format';
import { type Outcome } from '@/data/hooks';
import { type Source } from '@/core/vocabulary/sources';
import { sourceOf, type Thermometer } from '@/data/probe-names';
import { useThermometer } from '@/data/thermometer';
import { IconPress, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small, Strong } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { PracticeMark, TakeThermometer } from '../which-thermometer';
import * as phrases from './words';

type Props = StationProps & { onRead: (c: number, source: Source) => Promise<Outcome> };

export const ThermometerPanel = (props: Props) => (
  <TakeThermometer batchId={props.batch.id}>
    {(chosen, putAway) => <Shown {...props} chosen={chosen} onAway={putAway} />}
  </TakeThermometer>
);

function Shown({ batch, kitchen, chosen, onRead, onAway }: Props & { chosen: Thermometer; onAway: () => void }) {
  const p = usePalette();
  const { source, signal } = useThermometer(batch, kitchen, chosen);
  const { refusal, answered } = useRefusal();
  const isGood = signal?.state === 'good' && signal.c !== null;
  return (
    <View
      role="status"
      aria-label="Thermometer"
      style={{ borderWidth: 1.5, borderColor: isGood ? p.ink : p.beet, padding: 12, gap: 6 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Strong style={{ fontSize: 28, lineHeight: 34, flex: 1, color: isGood ? p.ink : p.beet }}>
          {signal === null
            ? '…'
            : isGood && signal.c !== null
              ? formatTemperature(signal.c, kitchen.temperature)
              : '– –'}
        </Strong>
        <Press
          title={phrases.TAKE_READING}
          disabled={!isGood}
          onPress={() => signal !== null && signal.c !== null && answered(onRead(signal.c, sourceOf(chosen)))}
        />
        <IconPress icon="close" label={phrases.PUT_THERMOMETER_AWAY} onPress={onAway} />
      </View>
      <Problem text={refusal} />
      {signal?.why != null && (
        <Small style={{ color: p.beet }}>
          {signal.why} {phrases.NOT_TAKEN}
        </Small>
      )}
      <PracticeMark batchId={batch.id} chosen={chosen} />
      <Small>
        {chosen.is === 'probe' && signal === null
          ? phrases.waitingFor(chosen.name)
          : source === null
            ? phrases.LOOKING_FOR_SERVER
            : phrases.SIGNAL_FROM[source]}
      </Small>
    </View>
  );
}
