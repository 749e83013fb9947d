/** What the readings ask for now: so many minutes more, or a holding time, counted down; then measured again. */
import { View } from 'react-native';
import { readingsOfLoad } from '@/core/document/cook-runs';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { type useCookFit } from '@/data/cook-fit';
import { useRunTime } from '@/data/run-time';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { ticking } from './ticking';

const MINUTE = 60_000;

export type Fitted = ReturnType<typeof useCookFit>;

export function AgainTimer({ batch, assessment, kitchen, fitted }: StationProps & { fitted: Fitted }) {
  const p = usePalette();
  const { verdict, limit } = assessment;
  const { latest } = useRunTime(batch, 1000, 'cook');
  const { fit, isWorking, error } = fitted;
  const readings = readingsOfLoad(batch.cook);
  const last = readings[readings.length - 1];
  if (last === undefined || verdict.lowestC === null) return null;
  const lowest = formatTemperature(verdict.lowestC, kitchen.temperature);
  const needed = formatTemperature(limit.c, kitchen.temperature);
  if (verdict.outcome === 'pass') {
    return (
      <View role="status" style={{ borderLeftWidth: 4, borderLeftColor: p.leek, paddingLeft: 14, gap: 4 }}>
        <Heading level={2}>Hot enough, measured</Heading>
        <Sentence text={`*${lowest}* in the coldest of ${verdict.count}; ${needed} needed.`} />
        <Small>It holds for this load. {verdict.next.replace('Measured hot enough.', '').trim()}</Small>
      </View>
    );
  }
  const more = fit?.moreMinutes ?? null;
  const until =
    verdict.outcome === 'hold' && verdict.holdUntil !== null
      ? Date.parse(verdict.holdUntil)
      : verdict.outcome === 'fail' && more !== null
        ? Date.parse(last.at) + Math.ceil(more) * MINUTE
        : null;
  if (verdict.outcome !== 'fail' && verdict.outcome !== 'hold') return null;
  const left = until === null ? null : until - Date.parse(latest);
  return (
    <View
      role="status"
      aria-label="What the readings ask for"
      style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 4 }}
    >
      <Heading level={2}>
        {verdict.outcome === 'hold'
          ? `Keep it at ${needed} or more`
          : more === null
            ? 'Not hot enough: cook on'
            : `${formatMinutes(Math.ceil(more))} more, then measure again`}
      </Heading>
      <Sentence
        text={
          verdict.outcome === 'hold'
            ? `*${lowest}* is enough if it is held for ${formatMinutes(limit.holdMinutes)} by the clock.`
            : `*${lowest}* in the coldest; ${needed} needed. Back into the heat.`
        }
      />
      {left !== null && (
        <Body>
          {left > 0 ? <Strong>{ticking(left / MINUTE)}</Strong> : <Strong>Measure {verdict.needed} again now.</Strong>}
        </Body>
      )}
      {verdict.outcome === 'fail' && fit !== null && more === null && (
        <Small role="alert" style={{ color: p.beet }}>
          By these readings this heat never takes it there: time alone does not help. More heat, fewer at once, or the
          lid on.
        </Small>
      )}
      {verdict.outcome === 'fail' && fit === null && (
        <Small>
          {isWorking
            ? 'Working out how much longer …'
            : error !== null
              ? `How much longer could not be worked out (${error}).`
              : 'With the clock running it says how much longer.'}
        </Small>
      )}
    </View>
  );
}
