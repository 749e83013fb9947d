/** What collides, by how much, and what would mend it: one tap each, tried out before it is offered. */
import { View } from 'react-native';
import { conflictSentences } from '@/core/day/conflict-words';
import { type DayPlan } from '@/core/day/day-plan';
import { type Remedy } from '@/core/day/remedies';
import { minuteOf } from '@/core/day/moments';
import { type Day } from '@/core/stored/day';
import { troubleOf } from '@/core/day/trouble';
import { editDay, undoDay } from '@/data/days';
import { editBatch, editKitchen, takeBack } from '@/data/hooks';
import { say } from '@/data/notices';
import { Disc } from '@/ui/parts/disc';
import { Press } from '@/ui/parts/press';
import { Heading, Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { formatMoment } from './day-clock';
import * as phrases from './words';

interface Props {
  day: Day;
  plan: DayPlan;
  remedies: readonly Remedy[];
  stage: string;
  zone: string;
}

/** So few minutes are made up on the way: said, but nothing to be mended. House estimate. */
const TIGHT = 5;

/** So many remedies are shown. */
const MOST = 5;

/** Makes the change in all documents that it touches; the notice takes all of it back. */
async function mend(day: Day, { label, change }: Remedy): Promise<void> {
  const back: (() => Promise<boolean>)[] = [];
  for (const { batchId, operations } of change.batches) {
    const done = await editBatch(batchId, operations);
    if (!done.ok) return;
    const { step } = done;
    if (step !== null) back.push(() => takeBack(batchId, step));
  }
  if (change.kitchen.length > 0) {
    const done = await editKitchen(change.kitchen);
    if (!done.ok) return;
    back.push(async () => (await editKitchen(change.kitchenBack)).ok);
  }
  if (change.day.length > 0) {
    const done = await editDay(day.id, change.day);
    if (!done.ok) return;
    back.push(() => undoDay(day.id));
  }
  say({
    text: phrases.plannedAnew(label),
    kind: 'done',
    action: {
      label: 'Undo',
      run: async () => {
        let isBack = true;
        for (const step of [...back].reverse()) isBack = (await step()) && isBack;
        return isBack;
      },
    },
  });
}

export function Collision({ day, plan, remedies, stage, zone }: Props) {
  const p = usePalette();
  // How late all of it would be is not said of a first try: while it is looked at, it begins earlier.
  const isFirstTry = stage === 'planning' && plan.overdue.length === 0;
  const sentences = conflictSentences(
    isFirstTry ? { ...plan, conflicts: plan.conflicts.filter(({ kind }) => kind !== 'too-late') } : plan,
  );
  if (sentences.length === 0) return null;
  const serve = minuteOf(day.serveAt);
  const isTight = plan.overdue.length === 0 && troubleOf(plan.conflicts) <= TIGHT;
  return (
    <View role="region" aria-label={isTight ? phrases.IT_IS_TIGHT : 'What collides'} style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <Disc sign={isTight ? 'watch' : 'fix'} label={isTight ? 'Watch' : 'Fix'} />
        <Heading level={2}>{isTight ? phrases.IT_IS_TIGHT : 'It collides'}</Heading>
      </View>
      {sentences.map((sentence) => (
        <Sentence key={sentence} text={sentence} />
      ))}
      {(isTight ? [] : remedies.slice(0, MOST)).map((remedy) => (
        <View key={remedy.id} style={{ borderLeftWidth: 3, borderLeftColor: p.leek, paddingLeft: 12, gap: 4 }}>
          <Press title={remedy.label} onPress={() => void mend(day, remedy)} />
          <Small>
            {remedy.mends === 'all'
              ? phrases.thenAllFits(formatMoment(remedy.startMinute, serve, zone))
              : phrases.stillCollide(remedy.leftMinutes)}
          </Small>
        </View>
      ))}
      {!isTight && remedies.length === 0 && stage === 'done' && <Small>{phrases.NOTHING_MENDS}</Small>}
    </View>
  );
}
