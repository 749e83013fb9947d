/** What the readings of a load ask for now: so many minutes more, or a holding time, counted down; then measured again. */
import { View } from 'react-native';
import { nextWords, restWords, type LoadVerdict } from '@/core/safety/loads';
import { written } from '@/core/safety/threshold';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { type useCookFit } from '@/data/cook-fit';
import { now } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { countdown } from '../../clock-time';

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
        <Heading level={2}>Hot enough, measured</Heading>
        <Sentence text={`*${lowest}* in the coldest of ${judged.count}; ${needed} needed.`} />
        <Small>It holds for this load. {restWords(limit)}</Small>
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
      aria-label="What the readings ask for"
      style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 4 }}
    >
      <Heading level={2}>
        {judged.outcome === 'hold'
          ? `Keep it at ${needed} or more`
          : judged.isOut
            ? 'Not hot enough: back into the heat'
            : more === null
              ? 'Not hot enough: cook on'
              : `${formatMinutes(Math.ceil(more))} more, then measure again`}
      </Heading>
      <Sentence
        text={
          judged.outcome === 'hold'
            ? `*${lowest}* is enough if you hold it for ${formatMinutes(limit.holdMinutes)} by the clock.`
            : `*${lowest}* in the coldest; ${needed} needed. ${judged.isOut ? nextWords(judged, limit, scale) : 'Back into the heat.'}`
        }
      />
      {left !== null && (
        <Body>
          {left > 0 ? <Strong>{countdown(left / 1000)}</Strong> : <Strong>Measure {judged.needed} again now.</Strong>}
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
        title={`Load ${load} is back in: start the clock`}
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
        At this heat it will never get hot enough. More heat, fewer at once, or the lid on.
      </Small>
    );
  if (fit !== null) return null;
  return (
    <Small>
      {isWorking
        ? 'Working out how much longer …'
        : error !== null
          ? `How much longer could not be worked out (${error}).`
          : 'Start the clock to see how much longer.'}
    </Small>
  );
}
