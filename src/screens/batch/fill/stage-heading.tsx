/** The heading of a stage: what it is, how much of it has gone in, and whether it is the last chance to season. */
import { STAGES } from '@/core/vocabulary/stages';
import { View } from 'react-native';
import { type StageProgress } from '@/core/filling/stage-progress';
import { type Operation } from '@/core/stored/operations';
import { Press } from '@/ui/parts/press';
import { Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

export function StageHeading({ progress, edit }: { progress: StageProgress; edit: (change: Operation) => void }) {
  const p = usePalette();
  const { stage, ticked, of, isOver, chance } = progress;
  const words = STAGES[stage];
  return (
    <View style={{ gap: 4, paddingBottom: 4 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <Heading level={3}>
            {words.title}
            <Small>{`  ${ticked > 0 ? phrases.tickedOf(ticked, of) : words.note}`}</Small>
          </Heading>
        </View>
        {ticked > 0 && (
          <Press
            title={isOver ? phrases.NOT_OVER_YET : phrases.STAGE_IS_OVER}
            kind="clear"
            onPress={() => edit({ do: 'finishStage', stage, done: !isOver })}
          />
        )}
      </View>
      {chance !== null && !isOver && (
        <Small style={{ borderLeftWidth: 3, borderLeftColor: p.turmeric, paddingLeft: 10, color: p.ink }}>
          {chance}
        </Small>
      )}
    </View>
  );
}
