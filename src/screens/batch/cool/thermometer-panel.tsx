/** The thermometer at Cool: a real probe by its name, or the simulated one. A lost or impossible signal cannot be recorded. */
import { useState } from 'react';
import { View } from 'react-native';
import { formatTemperature } from '@/core/units/format';
import { type Outcome } from '@/data/hooks';
import { type Thermometer, useProbeNames } from '@/data/probe-names';
import { type ThermometerState, useThermometer } from '@/data/thermometer';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';

type Props = StationProps & { onRead: (c: number) => Promise<Outcome> };

/** The choice that is no probe's name: those are letters, digits and hyphens. */
const SIMULATED = ' simulated';
const OTHER = ' other';
const NAME = /^[a-zA-Z0-9-]{1,64}$/;

const SOURCES: Record<NonNullable<ThermometerState['source']>, string> = {
  bridge: 'Simulated, by the server’s bridge: it cools otherwise than planned, drops out and slips, as probes do.',
  worker: 'Simulated, in this browser: it cools otherwise than planned, drops out and slips, as probes do.',
  probe: 'As it posts to the server’s bridge.',
};

export function ThermometerPanel(props: Props) {
  const [isOn, setOn] = useState(false);
  const [chosen, setChosen] = useState<Thermometer>({ is: 'simulated' });
  if (!isOn) {
    return (
      <View style={{ alignItems: 'flex-start' }}>
        <Press title="Use a thermometer" icon="thermometer" onPress={() => setOn(true)} />
      </View>
    );
  }
  return (
    <View style={{ gap: 10 }}>
      <Which chosen={chosen} onChoose={setChosen} />
      <Shown {...props} chosen={chosen} onAway={() => setOn(false)} />
    </View>
  );
}

/** Which thermometer: the simulated one, a probe that is heard, or one whose name is typed. */
function Which({ chosen, onChoose }: { chosen: Thermometer; onChoose: (to: Thermometer) => void }) {
  const heard = useProbeNames(true);
  const [typing, setTyping] = useState(false);
  const [name, setName] = useState('');
  const names = chosen.is === 'probe' && !heard.includes(chosen.name) ? [...heard, chosen.name] : heard;
  const isName = NAME.test(name.trim());
  const take = () => {
    if (!isName) return;
    onChoose({ is: 'probe', name: name.trim() });
    setTyping(false);
  };
  return (
    <View style={{ gap: 8 }}>
      <Choices
        label="Thermometer"
        value={typing ? OTHER : chosen.is === 'probe' ? chosen.name : SIMULATED}
        options={[
          { value: SIMULATED, label: 'simulated' },
          ...names.map((value) => ({ value, label: value })),
          { value: OTHER, label: 'another name' },
        ]}
        onChange={(value) => {
          setTyping(value === OTHER);
          if (value === SIMULATED) onChoose({ is: 'simulated' });
          else if (value !== OTHER) onChoose({ is: 'probe', name: value });
        }}
      />
      {typing && (
        <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <TextField
              label="Name that the probe posts under"
              value={name}
              onChange={setName}
              problem={name === '' || isName ? null : 'Letters, digits and hyphens, as in pot-1.'}
              placeholder="pot"
              most={64}
              onSubmit={take}
            />
          </View>
          <Press title="Listen" onPress={take} disabled={!isName} />
        </View>
      )}
    </View>
  );
}

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
          title="Take this reading"
          disabled={!isGood}
          onPress={() => signal !== null && signal.c !== null && answered(onRead(signal.c))}
        />
        <IconPress icon="close" label="Put the thermometer away" onPress={onAway} />
      </View>
      <Problem text={refusal} />
      {signal?.why != null && <Small style={{ color: p.beet }}>{signal.why} Not taken for a reading.</Small>}
      <Small>
        {chosen.is === 'probe' && signal === null
          ? `Waiting for “${chosen.name}” to post a reading.`
          : source === null
            ? 'Looking for the server …'
            : SOURCES[source]}
      </Small>
    </View>
  );
}
