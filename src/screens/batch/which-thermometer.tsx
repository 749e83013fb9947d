/**
 * Which thermometer: a real one that is heard, one whose name is typed, or the practice probe. In a rehearsal the practice probe
 * is the thermometer; in a real batch nobody is given it without asking.
 */
import { type ReactNode, useState } from 'react';
import { View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Thermometer, useProbeNames } from '@/data/probe-names';
import { Choices, Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

/** Choices that are no probe's name: those are letters, digits and hyphens. */
const PRACTICE = ' practice';
const OTHER = ' other';
const NAME = /^[a-zA-Z0-9-]{1,64}$/;

/** The thermometer that is chosen: in a rehearsal its own; else the first real one that is heard, or none yet. */
function useThermometerChoice(batchId: string): {
  chosen: Thermometer | null;
  names: readonly string[];
  choose: (to: Thermometer) => void;
} {
  const [said, setSaid] = useState<Thermometer | null>(null);
  const isReal = !isRehearsal(batchId);
  const heard = useProbeNames(isReal);
  const [first] = heard;
  const usual: Thermometer | null = !isReal
    ? { is: 'practice' }
    : first === undefined
      ? null
      : { is: 'probe', name: first };
  const chosen = said ?? usual;
  const names = chosen?.is === 'probe' && !heard.includes(chosen.name) ? [...heard, chosen.name] : heard;
  return { chosen, names, choose: setSaid };
}

/** A button to take one in hand; taken, it is asked which, and until then nothing is listened to. */
export function TakeThermometer({
  batchId,
  children,
}: {
  batchId: string;
  /** What is shown of the one that is chosen. */
  children: (chosen: Thermometer, putAway: () => void) => ReactNode;
}) {
  const [isInHand, setInHand] = useState(false);
  const putAway = () => setInHand(false);
  return isInHand ? (
    <InHand batchId={batchId} putAway={putAway}>
      {(chosen) => children(chosen, putAway)}
    </InHand>
  ) : (
    <View style={{ alignItems: 'flex-start' }}>
      <Press title={phrases.USE_THERMOMETER} icon="thermometer" onPress={() => setInHand(true)} />
    </View>
  );
}

function InHand({
  batchId,
  putAway,
  children,
}: {
  batchId: string;
  putAway: () => void;
  children: (chosen: Thermometer) => ReactNode;
}) {
  const which = useThermometerChoice(batchId);
  const { chosen } = which;
  return (
    <View style={{ gap: 10 }}>
      {!isRehearsal(batchId) && <WhichThermometer {...which} />}
      {chosen === null ? (
        <View style={{ alignItems: 'flex-start' }}>
          <Press title={phrases.PUT_IT_AWAY} onPress={putAway} />
        </View>
      ) : (
        children(chosen)
      )}
    </View>
  );
}

function WhichThermometer({ chosen, names, choose }: Omit<ReturnType<typeof useThermometerChoice>, 'batchId'>) {
  const [typing, setTyping] = useState(false);
  const [name, setName] = useState('');
  const isName = NAME.test(name.trim());
  const confirm = () => {
    if (!isName) return;
    choose({ is: 'probe', name: name.trim() });
    setTyping(false);
  };
  return (
    <View style={{ gap: 8 }}>
      <Choices
        label="Thermometer"
        value={typing ? OTHER : chosen === null ? '' : chosen.is === 'probe' ? chosen.name : PRACTICE}
        options={[
          ...names.map((value) => ({ value, label: value })),
          { value: OTHER, label: 'another name' },
          { value: PRACTICE, label: 'practice probe' },
        ]}
        onChange={(value) => {
          setTyping(value === OTHER);
          if (value === PRACTICE) choose({ is: 'practice' });
          else if (value !== OTHER) choose({ is: 'probe', name: value });
        }}
      />
      {chosen === null && !typing && <Small>{phrases.NO_THERMOMETER}</Small>}
      {typing && (
        <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <TextField
              label={phrases.NAME_OF_PROBE}
              value={name}
              onChange={setName}
              problem={name === '' || isName ? null : phrases.NAME_FOR_EXAMPLE}
              placeholder="pot"
              most={64}
              onSubmit={confirm}
            />
          </View>
          <Press title="Listen" onPress={confirm} disabled={!isName} />
        </View>
      )}
    </View>
  );
}

/** Where practice readings are shown: they are none. */
export function PracticeMark({ batchId, chosen }: { batchId: string; chosen: Thermometer }) {
  const p = usePalette();
  if (chosen.is !== 'practice' || isRehearsal(batchId)) return null;
  return (
    <Small role="note" style={{ color: p.beet, borderLeftWidth: 3, borderLeftColor: p.beet, paddingLeft: 10 }}>
      {phrases.PRACTICE_PROBE}
    </Small>
  );
}
