/** The other days there are; a new one; and what was left out of this one. */
import { View } from 'react-native';
import { weekdayOf } from '@/core/day/clock-words';
import { minuteOf } from '@/core/day/moments';
import { type Day } from '@/core/stored/day';
import { hereZone } from '@/data/day-plan';
import { discardDay, editDay, undoDay } from '@/data/days';
import { Fold } from '@/ui/parts/fold';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { AddTask } from './add-task';
import { dayWords } from '../dates';

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
      <Fold title="Steps of your own" figure={stepsWords(day.added.length, leftOut.length)}>
        <AddTask day={day} />
        {leftOut.length > 0 && (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' }}>
            <Small>{leftOut.length === 1 ? 'One step is left out.' : `${leftOut.length} steps are left out.`}</Small>
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
      <Fold title="Days" figure={others.length === 0 ? 'only this one' : `${others.length + 1}`}>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <Press title="Plan another day" icon="plus" onPress={() => onChoose('new')} />
          <Press title="Undo" icon="undo-variant" onPress={() => void undoDay(day.id)} />
          {day.run !== null && (
            <Press title="Begin the day anew" onPress={() => void editDay(day.id, { do: 'stopDay' })} />
          )}
          <Press title="Delete this day" icon="trash-can-outline" kind="clear" onPress={() => void discardDay(day)} />
        </View>
        {others.map((d) => (
          <Press
            key={d.id}
            kind="clear"
            title={`${d.title}, ${weekdayOf(minuteOf(d.serveAt), hereZone())} ${dayWords(d.serveAt)}`}
            onPress={() => onChoose(d.id)}
          />
        ))}
      </Fold>
    </View>
  );
}

const stepsWords = (added: number, leftOut: number): string =>
  [added === 0 ? 'none' : `${added}`, ...(leftOut === 0 ? [] : [`${leftOut} left out`])].join(', ');
