/** What is made on a day, and how each is served. */
import { View } from 'react-native';
import { type Day } from '@/core/stored/day';
import { SERVING_IDS, SERVINGS } from '@/core/vocabulary/servings';
import { editDay, undoDay } from '@/data/days';
import { useBatches } from '@/data/hooks';
import { say } from '@/data/notices';
import { TextLink } from '@/ui/parts/text-link';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Small } from '@/ui/parts/text';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine } from '../batch-line';
import * as phrases from './words';

export function MadePanel({ day }: { day: Day }) {
  const p = usePalette();
  const { data } = useBatches();
  const batches = data?.batches ?? [];
  const others = batches.filter((b) => b.doneAt === null && day.batches.every((made) => made.batchId !== b.id));
  return (
    <Fold
      title={phrases.WHAT_YOU_MAKE}
      figure={`${day.batches.length} ${day.batches.length === 1 ? 'batch' : 'batches'}`}
      isOpenWide
      isOpenAtFirst={day.batches.length === 0}
    >
      {day.batches.map(({ batchId, serve }) => {
        const batch = batches.find((b) => b.id === batchId);
        const title = batch?.title ?? phrases.BATCH_GONE;
        return (
          <View key={batchId} style={{ gap: 6 }}>
            <Rule />
            <View style={{ flexDirection: 'row', alignItems: 'center' }}>
              <View style={{ flex: 1 }}>
                {batch ? (
                  <TextLink
                    href={`/batch/${batchId}/fill`}
                    style={{ fontFamily: SERIF, fontSize: 17, lineHeight: 24, color: p.ink, paddingVertical: 8 }}
                  >
                    {title}
                  </TextLink>
                ) : (
                  <Small>{phrases.leftOutOfPlan(title)}</Small>
                )}
                {batch && <Small>{batchLine(batch)}</Small>}
                {batch?.lines.length === 0 && <Small>{phrases.NOTHING_IN_FILLING}</Small>}
              </View>
              <IconPress
                icon="close"
                label={phrases.takeOutOfDay(title)}
                onPress={() =>
                  void editDay(day.id, { do: 'takeBatchOut', batchId }).then(
                    (done) =>
                      done.ok &&
                      say({
                        text: phrases.isOutOfDay(title),
                        kind: 'done',
                        action: { label: phrases.PUT_IT_BACK, run: () => undoDay(day.id) },
                      }),
                  )
                }
              />
            </View>
            {batch && (
              <Choices
                label={phrases.howBatchServed(title)}
                value={serve}
                options={SERVING_IDS.map((value) => ({ value, label: SERVINGS[value].label }))}
                onChange={(to) => void editDay(day.id, { do: 'setServing', batchId, to: { serve: to } })}
              />
            )}
          </View>
        );
      })}
      {others.length > 0 && (
        <View style={{ gap: 6 }}>
          <Rule />
          <Small>{phrases.PUT_IN_ANOTHER}</Small>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {others.map((b) => (
              <Press
                key={b.id}
                title={b.title}
                icon="plus"
                onPress={() =>
                  void editDay(day.id, { do: 'putBatch', batchId: b.id, serve: day.batches[0]?.serve ?? 'now' })
                }
              />
            ))}
          </View>
        </View>
      )}
    </Fold>
  );
}
