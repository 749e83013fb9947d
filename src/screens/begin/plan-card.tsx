/** One filling of a pasted recipe: its title, five checks with their first mends, what was found and from which words, its lines. */
import { View } from 'react-native';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { type Planned, type PlanSaid } from '@/core/recipe/plan';
import { inUnits } from '@/core/recipe/plan/found-words';
import { useKitchen } from '@/data/hooks';
import { useAssessment } from '@/data/heat';
import { Heading } from '@/ui/parts/text';
import { AskRow } from './ask-row';
import { FoundRow } from './found-row';
import { PlanChecks } from './plan-checks';
import { PlanLines } from './plan-lines';
import * as phrases from './words';

interface Props {
  planned: Planned;
  /** With what was mended in it. */
  batch: Batch;
  onSay: (to: PlanSaid) => void;
  onAnswer: (text: string, becomes: string) => void;
  onMend: (change: readonly Operation[]) => void;
}

export function PlanCard({ planned, batch, onSay, onAnswer, onMend }: Props) {
  const kitchen = useKitchen();
  const { assessment, isStale } = useAssessment(batch, kitchen);
  return (
    <View role="article" aria-label={batch.title} style={{ gap: 14 }}>
      <Heading level={2}>{batch.title}</Heading>
      {planned.asks
        .filter(({ question }) => question !== null)
        .map((ask, i) => (
          <AskRow key={`${i} ${ask.text}`} ask={ask} onAnswer={onAnswer} />
        ))}
      <PlanChecks assessment={assessment} isStale={isStale} onMend={onMend} />
      <View role="list" aria-label={phrases.WHAT_WAS_FOUND}>
        {planned.found.map((found) => (
          <FoundRow key={found.what} found={inUnits(found, planned.batch, kitchen)} batch={batch} onSay={onSay} />
        ))}
      </View>
      <PlanLines batch={batch} asks={planned.asks} onAnswer={onAnswer} />
    </View>
  );
}
