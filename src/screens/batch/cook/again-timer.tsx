/** What the readings of a load ask for now: so many minutes more, or a holding time, counted down; then measured again. */
import { View } from 'react-native';
import { nextWords, restWords, type LoadVerdict } from '@/core/safety/loads';
import { written } from '@/core/safety/threshold';
import { formatTemperature } from '@/core/units/format';
import { type useCookFit } from '@/data/cook-fit';
import { now } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { countdown } from '../../clock-time';
import * as phrases from './words';

const MINUTE = 60_000;

export type Fitted = ReturnType<typeof useCookFit>;

type Props = StationProps & { fitted: Fitted; load: number; judged: LoadVerdict | null };

export function AgainTimer(props: Props) {
  const { batch, assessment, kitchen, fitted, judged, load } = props;
  const p = usePalette();
  const { limit } = assessment;
  const { latest } = useRunTime(batch, 1000, 'cook');
  const { fit } = fitted;
  if (judged === null || judged.lowestC === null) return null;
  const scale = kitchen.temperature;
  const lowest = formatTemperature(judged.lowestC, scale);
  const needed = written(limit.at, scale);
  if (judged.outcome === 'pass') {
    return (
      <View role="status" style={{ borderLeftWidth: 4, borderLeftColor: p.leek, paddingLeft: 14, gap: 4 }}>
        <Heading level={2}>{phrases.HOT_ENOUGH_MEASURED}</Heading>
        <Sentence text={phrases.coldestOf(lowest, judged.count, needed)} />
        <Small>{phrases.holdsForLoad(restWords(limit))}</Small>
      </View>
    );
  }
  const { counted = [] } = assessment.cooked.find((l) => l.load === load) ?? {};
  const last = counted[counted.length - 1];
  const more = judged.isOut ? null : (fit?.moreMinutes ?? null);
  const until =
    judged.outcome === 'hold' && judged.holdUntilMinute !== null
      ? judged.holdUntilMinute * MINUTE
      : judged.outcome === 'fail' && more !== null && last !== undefined
        ? Date.parse(last.at) + Math.ceil(more) * MINUTE
        : null;
  if (judged.outcome !== 'fail' && judged.outcome !== 'hold') return null;
  const left = until === null ? null : until - Date.parse(latest);
  return (
    <View
      role="status"
      aria-label={phrases.WHAT_READINGS_ASK}
      style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 4 }}
    >
      <Heading level={2}>
        {judged.outcome === 'hold'
          ? phrases.keepItAt(needed)
          : judged.isOut
            ? phrases.BACK_INTO_HEAT
            : more === null
              ? phrases.COOK_ON
              : phrases.moreThenMeasure(more)}
      </Heading>
      <Sentence
        text={
          judged.outcome === 'hold'
            ? phrases.enoughIfHeld(lowest, limit.holdMinutes)
            : phrases.coldestAndNeeded(lowest, needed, judged.isOut, nextWords(judged, limit, scale))
        }
      />
      {left !== null && (
        <Body>
          {left > 0 ? (
            <Strong>{countdown(left / 1000)}</Strong>
          ) : (
            <Strong>{phrases.measureAgainNow(judged.needed)}</Strong>
          )}
        </Body>
      )}
      {judged.outcome === 'fail' && judged.isOut && <BackIn {...props} />}
      {judged.outcome === 'fail' && !judged.isOut && (
        <HowLong fitted={fitted} isNever={fit !== null && more === null} />
      )}
    </View>
  );
}

/** A load that came out too cold goes in again: the same load, with its clock. */
function BackIn({ batch, edit, load }: Props) {
  const parcels = batch.cook.earlierRuns.find((run) => run.load === load)?.parcels ?? null;
  return (
    <View style={{ alignItems: 'flex-start' }}>
      <Press
        title={phrases.loadBackIn(load)}
        icon="timer-outline"
        onPress={() => void edit({ do: 'startLoad', at: now(batch.id), load, parcels })}
      />
    </View>
  );
}

function HowLong({ fitted: { fit, isWorking, error }, isNever }: { fitted: Fitted; isNever: boolean }) {
  const p = usePalette();
  if (isNever)
    return (
      <Small role="alert" style={{ color: p.beet }}>
        {phrases.NEVER_HOT_ENOUGH}
      </Small>
    );
  if (fit !== null) return null;
  return (
    <Small>
      {isWorking ? phrases.WORKING_OUT_HOW_LONG : error !== null ? phrases.notWorkedOut(error) : phrases.START_TO_SEE}
    </Small>
  );
}
