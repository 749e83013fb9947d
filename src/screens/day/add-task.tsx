/** A step of the cook's own: anything that takes time on that day. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Day } from '@/core/stored/day';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { editDay } from '@/data/days';
import { newId } from '@/data/new-id';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { Body } from '@/ui/parts/text';
import * as phrases from './words';

const USUAL_MINUTES = 15;

export function AddTask({ day }: { day: Day }) {
  const [isOpen, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [minutes, setMinutes] = useState(USUAL_MINUTES);
  const [hasHands, setHands] = useState(true);
  const add = async () => {
    const task = { id: newId(), title: title.trim(), minutes, hasHands, before: null };
    const done = await editDay(day.id, { do: 'addTask', task });
    if (!done.ok) return;
    setTitle('');
    setOpen(false);
  };
  return (
    <View style={{ gap: 10 }}>
      {day.added.map((task) => (
        <View key={task.id} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>{phrases.ownStep(task.title, task.minutes)}</Body>
          <IconPress
            icon="close"
            label={phrases.takeStepOut(task.title)}
            onPress={() => void editDay(day.id, { do: 'dropTask', id: task.id })}
          />
        </View>
      ))}
      {isOpen ? (
        <View style={{ gap: 10 }}>
          <TextField
            label={phrases.WHAT_NEEDS_DOING}
            value={title}
            onChange={setTitle}
            placeholder={phrases.LAY_THE_TABLE}
            most={MOST.title}
            autoFocus
          />
          <AmountField
            label="Takes"
            unit="min"
            value={minutes}
            {...LIMITS.taskMinutes}
            step={5}
            whole
            onChange={(m) => m !== null && setMinutes(m)}
          />
          <Choices
            label="It takes"
            value={hasHands ? 'hands' : 'none'}
            options={[
              { value: 'hands', label: 'your hands' },
              { value: 'none', label: 'only time' },
            ]}
            onChange={(value) => setHands(value === 'hands')}
          />
          <Press title="Add it" kind="solid" disabled={title.trim() === ''} onPress={() => void add()} />
        </View>
      ) : (
        <Press title={phrases.ADD_A_STEP} icon="plus" onPress={() => setOpen(true)} />
      )}
    </View>
  );
}
