/** The other days there are; a new one; and what was left out of this one. */
import { View } from 'react-native';
import { minuteOf } from '@/core/day/moments';
import { type Day } from '@/core/stored/day';
import { hereZone } from '@/data/day-plan';
import { discardDay, editDay, undoDay } from '@/data/days';
import { Fold } from '@/ui/parts/fold';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { AddTask } from './add-task';
import { dayWords } from '../dates';
import * as phrases from './words';

export function OtherDays({
  day,
  days,
  onChoose,
}: {
  day: Day;
  days: readonly Day[];
  onChoose: (id: string | 'new') => void;
}) {
  const others = days.filter((d) => d.id !== day.id);
  const leftOut = day.changes.filter((c) => c.isLeftOut);
  return (
    <View>
      <Fold title={phrases.OWN_STEPS} figure={stepsWords(day.added.length, leftOut.length)}>
        <AddTask day={day} />
        {leftOut.length > 0 && (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' }}>
            <Small>{phrases.stepsLeftOut(leftOut.length)}</Small>
            <Press
              title="Put back"
              onPress={() =>
                void editDay(
                  day.id,
                  leftOut.map((c) => ({ do: 'changeTask' as const, taskId: c.taskId, to: { isLeftOut: false } })),
                )
              }
            />
          </View>
        )}
      </Fold>
      <Fold title="Days" figure={others.length === 0 ? phrases.ONLY_THIS_ONE : `${others.length + 1}`}>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <Press title={phrases.PLAN_ANOTHER} icon="plus" onPress={() => onChoose('new')} />
          <Press title="Undo" icon="undo-variant" onPress={() => void undoDay(day.id)} />
          {day.run !== null && (
            <Press title={phrases.BEGIN_ANEW} onPress={() => void editDay(day.id, { do: 'stopDay' })} />
          )}
          <Press
            title={phrases.DELETE_THIS_DAY}
            icon="trash-can-outline"
            kind="clear"
            onPress={() => void discardDay(day)}
          />
        </View>
        {others.map((d) => (
          <Press
            key={d.id}
            kind="clear"
            title={phrases.dayInList(d.title, minuteOf(d.serveAt), hereZone(), dayWords(d.serveAt))}
            onPress={() => onChoose(d.id)}
          />
        ))}
      </Fold>
    </View>
  );
}

const stepsWords = (added: number, leftOut: number): string =>
  [added === 0 ? 'none' : `${added}`, ...(leftOut === 0 ? [] : [phrases.leftOutCount(leftOut)])].join(', ');
