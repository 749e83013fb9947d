/** Above a rehearsed batch: that it is one, its own time, how fast it goes, and when people come. */
import { router } from 'expo-router';
import { View } from 'react-native';
import useSWR from 'swr';
import { type Rehearsal } from '@/core/stored/rehearsal';
import { REHEARSALS } from '@/core/vocabulary/rehearsals';
import { msOf } from '@/data/clock';
import { messageOf } from '@/data/hooks';
import { say } from '@/data/notices';
import { endRehearsal, heardOf, useRehearsal } from '@/data/rehearsals';
import { useNow } from '@/data/use-now';
import { Choices, Press } from '@/ui/parts/press';
import { Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { clockTime } from '../../clock-time';
import { useClock } from './use-clock';
import * as phrases from './words';

const SPEEDS = ['0', '1', '10', '60'] as const;
const WORDS: Record<(typeof SPEEDS)[number], string> = { 0: 'stop', 1: '1×', 10: '10×', 60: '60×' };

export function RehearsalBar({ id }: { id: string }) {
  const { data } = useRehearsal(id);
  return data ? <Bar rehearsal={data} /> : null;
}

function Bar({ rehearsal }: { rehearsal: Rehearsal }) {
  const p = usePalette();
  const { id, kitchen, endedAt } = rehearsal;
  const isOver = endedAt !== null;
  const { speed, choose } = useClock(id, isOver);
  const now = useNow(speed === 0 ? 0 : 1000, id);
  // Drawn again as it stands still: a stopped clock shows the minute it stopped at.
  const shown = speed === 0 ? new Date(msOf(id)).toISOString() : now;
  const finish = async () => {
    try {
      await endRehearsal(id);
      router.navigate(`/rehearse/${id}`);
    } catch (error) {
      say({ text: messageOf(error), kind: 'problem' });
    }
  };
  return (
    <View
      role="region"
      aria-label="Rehearsal"
      style={{
        backgroundColor: p.held,
        borderBottomWidth: 2,
        borderBottomColor: p.steam,
        paddingHorizontal: 16,
        paddingVertical: 6,
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'flex-end',
        columnGap: 16,
        rowGap: 4,
      }}
    >
      <View style={{ flexDirection: 'row', flexGrow: 1, alignItems: 'center', columnGap: 12 }}>
        <View style={{ flex: 1, minWidth: 150 }}>
          <Small style={{ color: p.ink }}>Rehearsal: {REHEARSALS[kitchen].label}</Small>
          <Coming rehearsal={rehearsal} now={shown} />
        </View>
        <Strong role="timer" aria-label={phrases.ITS_CLOCK} style={{ fontSize: 28, lineHeight: 34 }}>
          {clockTime(shown)}
        </Strong>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        {!isOver && (
          <Choices
            label="Time goes"
            value={SPEEDS.find((value) => Number(value) === speed) ?? '1'}
            options={SPEEDS.map((value) => ({ value, label: WORDS[value] }))}
            onChange={(value) => choose(Number(value))}
          />
        )}
        <Press
          title={isOver ? 'Debrief' : 'End it'}
          label={isOver ? phrases.TO_DEBRIEF : phrases.END_AND_DEBRIEF}
          onPress={() => void finish()}
        />
      </View>
    </View>
  );
}

/** When people come: as they said, until one hears otherwise. */
function Coming({ rehearsal, now }: { rehearsal: Rehearsal; now: string }) {
  const p = usePalette();
  const { id, serveAt } = rehearsal;
  const { data } = useSWR(['heard', id], () => heardOf(rehearsal), { revalidateOnFocus: false });
  const isHeard = data !== undefined && data !== null && Date.parse(now) >= Date.parse(data.heardAt);
  return isHeard ? (
    <Strong role="status" style={{ fontSize: 15, lineHeight: 20, color: p.beet }}>
      {phrases.theyRang(clockTime(data.comeAt), clockTime(serveAt))}
    </Strong>
  ) : (
    <Small style={{ color: p.ink }}>{phrases.peopleCome(clockTime(serveAt))}</Small>
  );
}
