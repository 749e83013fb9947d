/** The thermometer in a parcel: which one, what it shows, and whether it stands still. Only then it can be taken. */
import { useState } from 'react';
import { View } from 'react-native';
import { formatTemperature } from '@/core/units/format';
import { useCoreProbe, type PushedIn } from '@/data/core-probe';
import { type Outcome } from '@/data/hooks';
import { isRehearsal } from '@/core/document/rehearsal';
import { type Source } from '@/core/document/vocabulary/sources';
import { sourceOf, type Thermometer } from '@/data/probe-names';
import { IconPress, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small, Strong } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { PracticeMark, useThermometerChoice, WhichThermometer } from '../which-thermometer';

type Props = StationProps & {
  /** How many have been measured since the batch began: the next one is this parcel. */
  parcel: number;
  boilingC: number;
  /** Minutes since the load went in. */
  minute: () => number;
  /** @param pushedInAt when the tip went in, minutes since the load did: of then the reading is, however long it crept */
  onRead: (c: number, source: Source, pushedInAt: number) => Promise<Outcome>;
};

export function ProbePanel(props: Props) {
  const [isOn, setOn] = useState(false);
  if (isOn) return <InHand {...props} onAway={() => setOn(false)} />;
  return (
    <View style={{ alignItems: 'flex-start' }}>
      <Press title="Use a thermometer" icon="thermometer" onPress={() => setOn(true)} />
    </View>
  );
}

/** Taken in hand, it is asked which; until then nothing is listened to. */
function InHand(props: Props & { onAway: () => void }) {
  const { batch, parcel, minute, onAway } = props;
  const [pushed, setPushed] = useState<PushedIn | null>(null);
  const which = useThermometerChoice(batch.id);
  const { chosen } = which;
  // Another parcel: it is pushed in anew.
  const here = pushed?.parcel === parcel ? pushed : null;
  const push = () => setPushed({ parcel, times: (here?.times ?? 0) + 1, minute: here?.minute ?? minute() });
  return (
    <View style={{ gap: 10 }}>
      {!isRehearsal(batch.id) && <WhichThermometer {...which} />}
      {chosen === null ? (
        <View style={{ alignItems: 'flex-start' }}>
          <Press title="Put it away" onPress={onAway} />
        </View>
      ) : (
        <Shown {...props} chosen={chosen} pushed={here} onPush={push} />
      )}
    </View>
  );
}

function Shown(
  props: Props & { chosen: Thermometer; pushed: PushedIn | null; onPush: () => void; onAway: () => void },
) {
  const { batch, kitchen, boilingC, chosen, pushed, onRead, onPush, onAway } = props;
  const p = usePalette();
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
          label="Take this reading"
          kind="solid"
          disabled={!isSteady}
          onPress={() => isSteady && pushed !== null && answered(onRead(c, sourceOf(chosen), pushed.minute))}
        />
        <IconPress icon="close" label="Put the thermometer away" onPress={onAway} />
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Press title={pushed === null ? 'It is in' : 'Pushed in again'} onPress={onPush} />
        <Small style={{ flex: 1, color: state === 'metal' || state === 'lost' ? p.beet : p.soft }}>
          {isSteady ? 'It stands still.' : pushed === null ? 'Push it in, then tap.' : (why ?? '…')}
        </Small>
      </View>
      <Problem text={refusal} />
      <PracticeMark batchId={batch.id} chosen={chosen} />
      <Small>
        {chosen.is === 'practice'
          ? 'It lags, drops out and touches metal, as probes do.'
          : `Live from “${chosen.name}”.`}{' '}
        A probe creeps to what it is in: a thin one within half a minute, a thick one within two.
      </Small>
    </View>
  );
}
