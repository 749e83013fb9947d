/** What goes on beside the one thing, what can be begun in passing, and the next two. */
import { View } from 'react-native';
import { type OneNow } from '@/core/day/one-batch';
import { type PlannedTask } from '@/core/day/day-plan';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { beginStep, endStep } from '@/data/one-steps';
import { Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { clockTime, countdown } from '../../clock-time';
import * as phrases from '../words';

interface Props {
  batch: Batch;
  kitchen: Kitchen;
  now: OneNow;
  plan: readonly PlannedTask[];
  at: string;
}

export function Beside({ batch, now, plan, at }: Props) {
  const beside = now.running.filter((task) => task !== now.now);
  return (
    <View style={{ gap: 10 }}>
      {beside.map((task) => (
        <View key={task.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
          <Body style={{ flex: 1, fontSize: 19, lineHeight: 26 }}>{task.title}</Body>
          <Strong style={{ fontSize: 22 }}>{countdown(Math.max(0, task.due * 60 - Date.parse(at) / 1000))}</Strong>
          <Press title="Done" label={`${task.title}: done`} onPress={() => void endStep(batch, plan, task)} />
        </View>
      ))}
      {now.inPassing.map((task) => (
        <View key={task.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
          <Body style={{ flex: 1, fontSize: 19, lineHeight: 26 }}>{phrases.inPassing(task.title)}</Body>
          <Press title="Begin" label={`${task.title}: begin`} onPress={() => void beginStep(batch, task)} />
        </View>
      ))}
      {now.next.length > 0 && (
        <View role="list" aria-label={phrases.NEXT_TWO} style={{ gap: 6 }}>
          <Small>Then</Small>
          {now.next.map((task) => (
            <View role="listitem" key={task.id} style={{ flexDirection: 'row', gap: 12 }}>
              <Body soft style={{ fontSize: 19, lineHeight: 26 }}>
                {clockTime(task.start * 60_000)}
              </Body>
              <Body style={{ flex: 1, fontSize: 19, lineHeight: 26 }}>{task.title}</Body>
            </View>
          ))}
        </View>
      )}
      <Small>{phrases.allDoneAbout(clockTime(now.endMinute * 60_000))}</Small>
    </View>
  );
}
