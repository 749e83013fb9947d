/** Where rehearsals begin: six kitchens from gentle to hard, a batch of one’s own, a file; and those that go on or are over. */
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { type Rehearsal } from '@/core/stored/rehearsal';
import { REHEARSALS, type RehearsalKitchen } from '@/core/vocabulary/rehearsals';
import { KITCHENS_WITH_A_BATCH } from '@/core/rehearsal/kitchens-with-a-batch';
import { pickText } from '@/data/files';
import { messageOf, useBatch, useKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { begin, takeUp, useRehearsals } from '@/data/rehearsals';
import { isBroken } from '@/data/batch-store';
import { TextLink } from '@/ui/parts/text-link';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Rule } from '@/ui/parts/rule';
import { Body, Heading, Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const LEVELS = { gentle: 'gentle', middling: 'middling', hard: 'hard', any: '' } as const;

/** @param of a batch of one’s own to be rehearsed; null for the six kitchens */
export function RehearseScreen({ of }: { of: string | null }) {
  const own = useKitchen();
  const { data: batch } = useBatch(of ?? '');
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const mine = of !== null && batch && !isBroken(batch) ? batch : null;
  const start = async (kitchen: RehearsalKitchen) => {
    setBusy(true);
    try {
      router.navigate(`/batch/${await begin(kitchen, { of: mine, own })}/fill`);
    } catch (error) {
      say({ text: messageOf(error), kind: 'problem' });
    } finally {
      setBusy(false);
    }
  };
  const open = async () => {
    setProblem(null);
    const text = await pickText(['application/json', '.json']);
    if (text === null) return;
    if (!text.ok) return setProblem(text.problems.map(problemWords).join('. '));
    const taken = await takeUp(text.value, own);
    if ('problems' in taken) return setProblem(phrases.notOpened(taken.problems.slice(0, 3).map(problemWords)));
    router.navigate(`/batch/${taken.id}/fill`);
  };
  return (
    <PlaceScreen title="Rehearse" note={phrases.PRACTICE_KITCHEN} back>
      {mine !== null && (
        <View style={{ gap: 10 }}>
          <Heading level={2}>{mine.title}</Heading>
          {(['as-it-seems', 'drawn'] as const).map((id) => (
            <Kitchen key={id} id={id} isBusy={isBusy} onStart={() => void start(id)} />
          ))}
        </View>
      )}
      <View>
        <Heading level={2}>Six kitchens</Heading>
        {KITCHENS_WITH_A_BATCH.map((id) => (
          <Kitchen key={id} id={id} isBusy={isBusy} onStart={() => void start(id)} />
        ))}
      </View>
      <View style={{ gap: 8, alignItems: 'flex-start' }}>
        <Press
          title={phrases.OPEN_FILE}
          icon="tray-arrow-up"
          onPress={() => void open().catch((error: unknown) => setProblem(phrases.notOpenedFor(messageOf(error))))}
        />
        {problem !== null && <Problem text={problem} />}
        <Small>{phrases.SOMEBODY_ELSES}</Small>
      </View>
      <Before />
    </PlaceScreen>
  );
}

function Kitchen({ id, isBusy, onStart }: { id: RehearsalKitchen; isBusy: boolean; onStart: () => void }) {
  const { label, level, told } = REHEARSALS[id];
  return (
    <View role="article" aria-label={label} style={{ paddingVertical: 10, gap: 4 }}>
      <Rule />
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, paddingTop: 8 }}>
        <Heading level={3} style={{ flexShrink: 1 }}>
          {label}
        </Heading>
        <Small>{LEVELS[level]}</Small>
      </View>
      <Body>{told}</Body>
      <View style={{ alignItems: 'flex-start' }}>
        <Press title="Begin" label={`Begin: ${label}`} disabled={isBusy} onPress={onStart} />
      </View>
    </View>
  );
}

/** Those that go on, and those that are over. */
function Before() {
  const { data = [] } = useRehearsals();
  if (data.length === 0) return null;
  return (
    <View>
      <Heading level={2}>Yours</Heading>
      {data.map((rehearsal) => (
        <One key={rehearsal.id} rehearsal={rehearsal} />
      ))}
    </View>
  );
}

function One({ rehearsal }: { rehearsal: Rehearsal }) {
  const p = usePalette();
  const { id, kitchen, begun, endedAt, seed } = rehearsal;
  return (
    <View style={{ paddingVertical: 6 }}>
      <TextLink
        href={endedAt === null ? `/batch/${id}/fill` : `/rehearse/${id}`}
        style={{ fontFamily: SERIF, fontSize: 18, lineHeight: 26, color: p.ink, paddingVertical: 8 }}
      >
        {begun.title}
      </TextLink>
      <Small>{phrases.rehearsalRow(REHEARSALS[kitchen].label, seed, endedAt)}</Small>
    </View>
  );
}
