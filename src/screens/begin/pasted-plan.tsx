/** A pasted recipe as a plan to be looked over: what was found, what is asked, what the checks say, and then it is begun. */
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { type PlanSaid } from '@/core/recipe/plan';
import { keepBatch, useKitchen } from '@/data/hooks';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Body, Small } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { PlanCard } from './plan-card';
import { usePlan } from './use-plan';
import * as phrases from './words';

/** So many notes are shown; all of them are kept. */
const SHOWN_NOTES = 12;

export function PastedPlan({ text, onText }: { text: string; onText: (text: string) => void }) {
  const { ingredients: own } = useKitchen();
  const [said, setSaid] = useState<readonly PlanSaid[]>([]);
  /** Fixes taken, filling by filling: they hold for this text, whatever else is said of it. */
  const [mends, setMends] = useState<{ of: string; by: readonly (readonly Operation[])[] }>({ of: '', by: [] });
  const taken = (i: number): readonly Operation[] => (mends.of === text ? (mends.by[i] ?? []) : []);
  const { plan, isReading, problem } = usePlan(text, own, said);
  if (problem !== null) return <Problem text={problem} />;
  if (plan === null) return <Small role="status">Reading …</Small>;
  if (plan.plans.length === 0) return <Body role="status">{phrases.NO_FOOD_FOUND}</Body>;
  const batches = plan.plans.map(({ batch }, i) => mended(batch, taken(i)));
  const begin = async () => {
    for (const batch of batches) if (!(await keepBatch({ ...batch, revision: 0 }))) return;
    router.replace(`/batch/${batches[0].id}/fill`);
  };
  return (
    <View style={{ gap: 22 }} aria-busy={isReading}>
      <Small role="status">{isReading ? 'Reading …' : foundWords(batches)}</Small>
      {plan.plans.map((planned, i) => (
        <PlanCard
          key={i}
          planned={planned}
          batch={batches[i]}
          onSay={(to) => setSaid(corrected(said, i, to))}
          onAnswer={(part, becomes) => onText(replaced(text, part, becomes))}
          onMend={(change) =>
            setMends({ of: text, by: plan.plans.map((_, n) => (n === i ? [...taken(n), ...change] : taken(n))) })
          }
        />
      ))}
      {plan.notes.length > 0 && (
        <View role="list" aria-label={phrases.LEFT_OUT_OF_SUMS}>
          <Small>{phrases.LEFT_OUT_OF_SUMS_ARE}</Small>
          {plan.notes.slice(0, SHOWN_NOTES).map((note, i) => (
            <Small role="listitem" key={`${i} ${note}`}>
              {note}
            </Small>
          ))}
          {plan.notes.length > SHOWN_NOTES && <Small>{phrases.andMore(plan.notes.length, SHOWN_NOTES)}</Small>}
        </View>
      )}
      <InFoot>
        <Press
          title={phrases.beginTheseBatches(batches.length)}
          kind="solid"
          disabled={isReading}
          onPress={() => void begin()}
        />
      </InFoot>
    </View>
  );
}

/** The draft with what was mended in it; its revision counts the mends, so that its checks are worked out anew. */
const mended = (batch: Batch, change: readonly Operation[]): Batch => ({
  ...change.reduce(apply, batch),
  revision: change.length,
});

const foundWords = (batches: readonly Batch[]): string =>
  phrases.fillingsFound(
    batches.length,
    batches.reduce((sum, { lines }) => sum + lines.length, 0),
  );

/** What is said of one filling, over what was said of it before. */
const corrected = (corrections: readonly PlanSaid[], i: number, to: PlanSaid): PlanSaid[] => {
  const all = Array.from({ length: Math.max(corrections.length, i + 1) }, (_, n) => corrections[n] ?? {});
  all[i] = { ...all[i], ...to };
  return all;
};

/** The text with a part of it said otherwise; what does not stand in it word for word comes as a line of its own. */
function replaced(text: string, part: string, becomes: string): string {
  return text.includes(part) ? text.replace(part, () => becomes) : `${becomes}\n${text}`;
}
