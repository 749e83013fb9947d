/** The thermometer in a parcel: which one, what it shows, and whether it stands still. Only then it can be taken. */
import { useState } from 'react';
import { View } from 'react-native';
import { formatTemperature } from '@/core/units/format';
import { useCoreProbe, type PushedIn } from '@/data/core-probe';
import { type Outcome } from '@/data/hooks';
import { type Source } from '@/core/vocabulary/sources';
import { sourceOf, type Thermometer } from '@/data/probe-names';
import { IconPress, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small, Strong } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { PracticeMark, TakeThermometer } from '../which-thermometer';
import * as phrases from './words';

type Props = StationProps & {
  /** How many have been measured since the batch began: the next one is this parcel. */
  parcel: number;
  boilingC: number;
  /** Minutes since the load went in. */
  minute: () => number;
  /** @param pushedInAt when the tip went in, minutes since the load did: of then the reading is, however long it crept */
  onRead: (c: number, source: Source, pushedInAt: number) => Promise<Outcome>;
};

export const ProbePanel = (props: Props) => (
  <TakeThermometer batchId={props.batch.id}>
    {(chosen, putAway) => <Shown {...props} chosen={chosen} onAway={putAway} />}
  </TakeThermometer>
);

function Shown(props: Props & { chosen: Thermometer; onAway: () => void }) {
  const { batch, kitchen, boilingC, parcel, minute, chosen, onRead, onAway } = props;
  const p = usePalette();
  const [last, setLast] = useState<PushedIn | null>(null);
  // Another parcel: it is pushed in anew.
  const pushed = last?.parcel === parcel ? last : null;
  const push = () => setLast({ parcel, times: (pushed?.times ?? 0) + 1, minute: pushed?.minute ?? minute() });
  const { state, c, why } = useCoreProbe(batch, kitchen, boilingC, chosen, pushed);
  const { refusal, answered } = useRefusal();
  const isSteady = state === 'steady' && c !== null;
  return (
    <View
      role="status"
      aria-label="Thermometer"
      style={{ borderWidth: 1.5, borderColor: isSteady ? p.leek : p.ink, padding: 12, gap: 8 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Strong style={{ fontSize: 28, lineHeight: 34, flex: 1, color: state === 'metal' ? p.beet : p.ink }}>
          {c === null ? '– –' : formatTemperature(c, kitchen.temperature)}
        </Strong>
        <Press
          title="Take it"
          label={phrases.TAKE_READING}
          kind="solid"
          disabled={!isSteady}
          onPress={() => isSteady && pushed !== null && answered(onRead(c, sourceOf(chosen), pushed.minute))}
        />
        <IconPress icon="close" label={phrases.PUT_THERMOMETER_AWAY} onPress={onAway} />
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Press title={pushed === null ? phrases.IT_IS_IN : phrases.PUSHED_IN_AGAIN} onPress={push} />
        <Small style={{ flex: 1, color: state === 'metal' || state === 'lost' ? p.beet : p.soft }}>
          {isSteady ? phrases.STANDS_STILL : pushed === null ? phrases.PUSH_IN_THEN_TAP : (why ?? '…')}
        </Small>
      </View>
      <Problem text={refusal} />
      <PracticeMark batchId={batch.id} chosen={chosen} />
      <Small>
        {phrases.probeIsSlow(chosen.is === 'practice' ? phrases.PRACTICE_LAGS : phrases.liveFrom(chosen.name))}
      </Small>
    </View>
  );
}
