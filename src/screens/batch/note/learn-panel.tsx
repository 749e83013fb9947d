/** What this kitchen could learn of the batch: each figure with its reason, kept only where the cook says so. */
import { View } from 'react-native';
import { PRIOR, wouldLearn } from '@/core/learning/learned';
import { learnedFigure, learnedLabel } from '@/core/notebook/learned-words';
import { type Taught } from '@/core/notebook/lessons';
import { now } from '@/data/hooks';
import { learnLesson } from '@/data/learning';
import { useWhy } from '@/data/notebook';
import { Body, Heading, Sentence, Small } from '@/ui/parts/text';
import { LearnPress } from '../learn-press';
import { type StationProps } from '../station-props';
import * as phrases from './words';

export function LearnPanel({ batch, kitchen }: StationProps) {
  const { data } = useWhy(batch, kitchen);
  if (data === undefined || data.lessons.length === 0) return null;
  return (
    <View role="region" aria-label={phrases.WHAT_KITCHEN_LEARNS} style={{ gap: 12 }}>
      <Heading level={2}>{phrases.WHAT_KITCHEN_LEARNS}</Heading>
      {data.lessons.map((lesson) => (
        <Lesson key={`${lesson.what} ${lesson.of}`} lesson={lesson} batch={batch} kitchen={kitchen} />
      ))}
    </View>
  );
}

function Lesson({ lesson, batch, kitchen }: { lesson: Taught } & Pick<StationProps, 'batch' | 'kitchen'>) {
  const { what, estimate, because } = lesson;
  const { before, after, batches, isSaid, isFrozen } = wouldLearn(kitchen.learned, lesson, batch.id);
  const label = learnedLabel(lesson);
  const keep = () =>
    learnLesson(
      kitchen,
      lesson,
      { batchId: batch.id, at: now(batch.id) },
      phrases.learned(label, learnedFigure(what, after)),
    );
  return (
    <View style={{ gap: 4, alignItems: 'flex-start' }}>
      <Body>
        {phrases.learnsFromTo(label, learnedFigure(what, before), isSaid, isFrozen, learnedFigure(what, after))}
      </Body>
      <Sentence text={because} />
      <Small>{phrases.estimateAndLearned(learnedFigure(what, estimate), batches, PRIOR)}</Small>
      {isFrozen ? (
        <Small>{phrases.IS_FROZEN}</Small>
      ) : isSaid ? (
        <Small>{phrases.HAS_SAID_SO}</Small>
      ) : (
        <LearnPress of={batch.id} title={phrases.LET_IT_LEARN} onPress={() => void keep()} />
      )}
    </View>
  );
}
