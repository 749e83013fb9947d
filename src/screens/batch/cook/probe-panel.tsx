/** The thermometer in a parcel: which one, what it shows, and whether it stands still. Only then it can be taken. */
import { useState } from 'react';
import { View } from 'react-native';
import { formatTemperature } from '@/core/units/format';
import { useCoreProbe, type PushedIn } from '@/data/core-probe';
import { type Outcome } from '@/data/hooks';
import { type Thermometer, useProbeNames } from '@/data/probe-names';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small, Strong } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';

/** The choice that is no probe's name: those are letters, digits and hyphens. */
const SIMULATED = ' simulated';

type Props = StationProps & {
  /** How many have been measured since the batch began: the next one is this parcel. */
  parcel: number;
  boilingC: number;
  /** Minutes since the load went in. */
  minute: () => number;
  /** @param pushedInAt when the tip went in, minutes since the load did: of then the reading is, however long it crept */
  onRead: (c: number, from: Thermometer, pushedInAt: number) => Promise<Outcome>;
};

export function ProbePanel(props: Props) {
  const { parcel, minute } = props;
  const [isOn, setOn] = useState(false);
  const [chosen, setChosen] = useState<Thermometer>({ is: 'simulated' });
  const [pushed, setPushed] = useState<PushedIn | null>(null);
  if (!isOn) {
    return (
      <View style={{ alignItems: 'flex-start' }}>
        <Press title="Use a thermometer" icon="thermometer" onPress={() => setOn(true)} />
      </View>
    );
  }
  // Another parcel: it is pushed in anew.
  const here = pushed?.parcel === parcel ? pushed : null;
  const push = () => setPushed({ parcel, times: (here?.times ?? 0) + 1, minute: here?.minute ?? minute() });
  return (
    <View style={{ gap: 10 }}>
      <Which chosen={chosen} onChoose={setChosen} />
      <Shown
        {...props}
        chosen={chosen}
        pushed={here}
        onPush={push}
        onAway={() => {
          setOn(false);
          setPushed(null);
        }}
      />
    </View>
  );
}

/** The simulated one, or a real one that is heard. */
function Which({ chosen, onChoose }: { chosen: Thermometer; onChoose: (to: Thermometer) => void }) {
  const names = useProbeNames(true);
  if (names.length === 0) return null;
  return (
    <Choices
      label="Thermometer"
      value={chosen.is === 'probe' ? chosen.name : SIMULATED}
      options={[{ value: SIMULATED, label: 'simulated' }, ...names.map((value) => ({ value, label: value }))]}
      onChange={(value) => onChoose(value === SIMULATED ? { is: 'simulated' } : { is: 'probe', name: value })}
    />
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
          onPress={() => isSteady && pushed !== null && answered(onRead(c, chosen, pushed.minute))}
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
      <Small>
        {chosen.is === 'simulated'
          ? 'Simulated: the heat is otherwise than planned, each parcel differs, and it lags, drops out and touches metal, as probes do.'
          : 'As it posts to the server’s bridge.'}{' '}
        A probe creeps to what it is in: a thin one within half a minute, a thick one within two.
      </Small>
    </View>
  );
}
