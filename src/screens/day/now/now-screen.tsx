/** Cook this now: one batch, one thing to do at a time, readable at arm’s length, one tap for done. */
import { router } from 'expo-router';
import { useMemo } from 'react';
import { ScrollView, View } from 'react-native';
import { oneBatchTasks, oneNow, planOne } from '@/core/day/one-batch';
import { minuteOf, timeOf } from '@/core/day/moments';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { useAssessment } from '@/data/heat';
import { useBatch, useStoredKitchen } from '@/data/hooks';
import { useSteps } from '@/data/one-steps';
import { isBroken } from '@/data/batch-store';
import { useNow } from '@/data/use-now';
import { useWakeLock } from '@/data/use-wake-lock';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { NoticeBar } from '@/ui/shell/notice-bar';
import { usePalette } from '@/ui/theme/use-palette';
import { LostScreen } from '../../lost-screen';
import { UnreadScreen } from '../../unread-screen';
import { Beside } from './beside';
import { NowActions } from './now-actions';
import { OneThing } from './one-thing';
import { ReadAloud } from './read-aloud';
import * as phrases from '../words';

export function NowScreen({ id }: { id: string }) {
  const { data, error, mutate } = useBatch(id);
  const stored = useStoredKitchen(id);
  if (data === undefined || stored === undefined)
    return error ? <UnreadScreen error={error} again={() => void mutate()} /> : null;
  if (!data || isBroken(data)) return <LostScreen />;
  return <Now batch={data} kitchen={stored.kitchen} />;
}

function Now({ batch, kitchen }: { batch: Batch; kitchen: Kitchen }) {
  const p = usePalette();
  const { assessment } = useAssessment(batch, kitchen);
  const steps = useSteps(batch.id);
  const at = useNow(1000, batch.id);
  const minute = minuteOf(at);
  useWakeLock(true);
  const begun = steps === undefined || steps.length === 0 ? null : Math.min(...steps.map(({ start }) => start));
  const isWorking = assessment.checks.core.pending || steps === undefined;
  const tasks = useMemo(
    // The seconds of the clock change nothing of the work.
    () => (isWorking ? [] : oneBatchTasks(batch, kitchen, assessment.heat, timeOf(minute), begun)),
    [isWorking, batch, kitchen, assessment.heat, minute, begun],
  );
  const plan = useMemo(() => planOne(tasks, steps ?? [], minute), [tasks, steps, minute]);
  const now = oneNow(plan, minute);
  return (
    <View style={{ flex: 1, backgroundColor: p.ground }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 4, paddingHorizontal: 8, paddingTop: 6 }}>
        <IconPress
          icon="arrow-left"
          label={phrases.backTo(batch.title)}
          onPress={() => router.navigate(`/batch/${batch.id}/fill`)}
        />
        <View style={{ flex: 1 }}>
          <Heading level={1} style={{ fontSize: 20, lineHeight: 25 }}>
            {batch.title}
          </Heading>
          {now.of > 0 && <Small>{phrases.stepsDone(now.done, now.of)}</Small>}
        </View>
        <ReadAloud task={now.now} />
      </View>
      {/* In large letters its steps are longer than the screen, and nothing in them can be tapped: the keyboard scrolls it. */}
      <ScrollView
        role="main"
        tabIndex={0}
        contentContainerStyle={{ padding: 18, gap: 18, maxWidth: 900, width: '100%', alignSelf: 'center' }}
      >
        {isWorking ? (
          <Body role="status">{phrases.WORKING_OUT_STEPS}</Body>
        ) : now.isOver ? (
          <AllDone batch={batch} />
        ) : now.now === null ? (
          <Body>{phrases.NOTHING_TO_COOK}</Body>
        ) : (
          <>
            <OneThing
              batch={batch}
              kitchen={kitchen}
              now={now}
              at={at}
              isBegun={begun !== null}
              limit={assessment.limit}
            />
            <Beside batch={batch} kitchen={kitchen} now={now} plan={plan} at={at} />
          </>
        )}
      </ScrollView>
      <NoticeBar />
      {now.now !== null && !now.isOver && (
        <NowActions batch={batch} plan={plan} task={now.now} isBegun={begun !== null} />
      )}
    </View>
  );
}

function AllDone({ batch }: { batch: Batch }) {
  return (
    <View role="status" style={{ gap: 14, alignItems: 'flex-start' }}>
      <Heading level={2} style={{ fontSize: 34, lineHeight: 40 }}>
        All done
      </Heading>
      <Body style={{ fontSize: 22, lineHeight: 30 }}>{phrases.AT_FIRST_BITE}</Body>
      <Press title="Open Note" kind="solid" onPress={() => router.navigate(`/batch/${batch.id}/note`)} />
    </View>
  );
}
