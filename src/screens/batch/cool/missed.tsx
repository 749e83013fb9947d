/** A limit that was missed: what its authority says, and what was done. Until that is said, nothing goes on. */
import { View } from 'react-native';
import { adviceOf, wordsOfRule } from '@/core/cooling/rule-words';
import { type DeadlineOnClock } from '@/core/cooling/clock';
import { type Operation } from '@/core/stored/operations';
import { wasReheated } from '@/core/stored/runs';
import { type MissedAnswer, MISSED } from '@/core/vocabulary/missed';
import { now } from '@/data/hooks';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import * as phrases from './words';

/** One that the running clock has missed. */
export const MissedOnClock = ({ missed, ...props }: StationProps & { missed: DeadlineOnClock }) => (
  <MissedLimit {...props} rule={missed.rule} when={phrases.missedAgo(-missed.inMinutes)} />
);

/** @param when how long ago, in words; nothing where its clock is stopped and you haven’t said what you did */
export function MissedLimit({ batch, kitchen, edit, rule, when = '' }: StationProps & { rule: string; when?: string }) {
  const { advice, authority, canReheat } = adviceOf(rule);
  const p = usePalette();
  const name = `: ${wordsOfRule(rule, kitchen.temperature)}`;
  const answer = (did: MissedAnswer) => {
    const at = now(batch.id);
    const answered = { do: 'answerMissed' as const, missed: { rule, did, at } };
    // Reheated, it comes off the heat again: the clock begins anew, and remembers that it was.
    const then: Operation[] =
      did === 'reheated'
        ? [{ do: 'startCooling', at }]
        : batch.cool.run === null
          ? []
          : [{ do: 'stopCooling', at, goesTo: 'cold' }];
    void edit([answered, ...then]);
  };
  return (
    <View role="alert" style={{ borderWidth: 2, borderColor: p.beet, padding: 14, gap: 8, backgroundColor: p.fixBand }}>
      <Heading level={2}>{phrases.limitMissed(name)}</Heading>
      <Body>{advice}</Body>
      <Small style={{ color: p.ink }}>{phrases.whatWasDone(authority, when)}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {canReheat && !wasReheated(batch.cool) && (
          <Press title={MISSED.reheated.label} onPress={() => answer('reheated')} />
        )}
        <Press title={MISSED['thrown-away'].label} onPress={() => answer('thrown-away')} />
      </View>
      {batch.cool.run !== null && <Small>{phrases.RECORD_MISSED}</Small>}
    </View>
  );
}
