/** The data itself: all of it in one file and back, how full the store is and of what, and what is done put away into a file. */
import { lazy, Suspense, useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import useSWR from 'swr';
import { formatNumber } from '@/core/units/amount';
import { pickWhole } from '@/data/files';
import { messageOf, restoreDemo, useBatches } from '@/data/hooks';
import { say } from '@/data/notices';
import { measureRoom, NEARLY_FULL, ROOM } from '@/data/room';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Erase } from './erase';
import { Body, Small, Sentence } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const WholePreview = lazy(() => import('../whole-preview').then((m) => ({ default: m.WholePreview })));

const inMb = (letters: number): string =>
  letters < 1e5 ? `${formatNumber(Math.ceil(letters / 1000), 0)} KB` : `${formatNumber(letters / 1e6, 1)} MB`;
/** Fetched when it is wanted. */
const whole = () => import('@/data/whole');
const failed = (error: unknown): void => say({ text: phrases.notSaved(messageOf(error)), kind: 'problem' });

export function YourData() {
  const [opened, setOpened] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const open = async () => {
    setProblem(null);
    const text = await pickWhole();
    if (text === null) return;
    if (text.ok) setOpened(text.value);
    else setProblem(text.problems.map(problemWords).join('. '));
  };
  return (
    <View style={{ gap: 12, alignItems: 'flex-start' }}>
      <Small>{phrases.IN_BROWSER_ONLY}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        <Press
          title={phrases.SAVE_WHOLE_KITCHEN}
          icon="tray-arrow-down"
          kind="solid"
          onPress={() =>
            void whole()
              .then((w) => w.saveWhole())
              .catch(failed)
          }
        />
        <Press title={phrases.OPEN_KITCHEN_FILE} icon="tray-arrow-up" onPress={() => void open()} />
      </View>
      <Problem text={problem} />
      {opened !== null && (
        <Suspense fallback={<Small role="status">{phrases.READING_FILE}</Small>}>
          <WholePreview text={opened} onClose={() => setOpened(null)} />
        </Suspense>
      )}
      <HowFull />
      <Archive />
      <Press title={phrases.DEMO_AGAIN} onPress={() => void restoreDemo()} />
      <Small>{phrases.OWN_BATCHES_STAY}</Small>
      <Erase />
    </View>
  );
}

function HowFull() {
  const p = usePalette();
  const { data: batches } = useBatches();
  const { data } = useSWR(['room', batches], measureRoom);
  if (data === undefined) return null;
  const isNear = data.share >= NEARLY_FULL;
  return (
    <View role="group" aria-label={phrases.HOW_FULL} style={{ gap: 6, width: '100%', maxWidth: 520 }}>
      <Sentence text={phrases.roomTaken(inMb(data.used), inMb(ROOM))} />
      <View aria-hidden style={{ height: 12, borderWidth: 1, borderColor: p.ink, backgroundColor: p.paper }}>
        <View
          style={{
            height: '100%',
            width: `${Math.min(100, Math.max(0.5, 100 * data.share))}%`,
            backgroundColor: isNear ? p.beet : p.leek,
          }}
        />
      </View>
      {isNear && <Body role="alert">{phrases.NEARLY_FULL}</Body>}
      {data.groups.map(({ what, letters, count }) => (
        <Small key={what}>{phrases.recordsOf(what, inMb(letters), count)}</Small>
      ))}
    </View>
  );
}

/** What is done goes into a file first; only when the cook says that it is there is it taken away here. */
function Archive() {
  const { data } = useBatches();
  const done = (data?.batches ?? []).filter(({ doneAt }) => doneAt !== null);
  const [saved, setSaved] = useState<readonly { id: string }[] | null>(null);
  if (done.length === 0 && saved === null) return null;
  const save = async () => {
    const list = done.map(({ id }) => ({ id }));
    await (await whole()).saveBatches(list, 'archive.json');
    setSaved(list);
  };
  const remove = async () => {
    const batches = saved ?? [];
    const back = await (await whole()).removeBatches(batches);
    setSaved(null);
    say({
      text: phrases.batchesInFile(batches.length),
      kind: 'done',
      action: { label: phrases.BRING_THEM_BACK, run: async () => (await back()).refused.length === 0 },
    });
  };
  return (
    <View style={{ gap: 6, alignItems: 'flex-start' }}>
      <Press title={phrases.archiveDone(done.length)} onPress={() => void save().catch(failed)} />
      {saved !== null && (
        <>
          <Small>{phrases.LOOK_FOR_ARCHIVE}</Small>
          <Press title={phrases.TAKE_THEM_AWAY} onPress={() => void remove().catch(failed)} />
        </>
      )}
    </View>
  );
}
