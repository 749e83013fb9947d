/** Arrow keys on a step: earlier or later, as the gauge lies. react-native-web hands keys on; the types of Pressable do not say so. */
import { type PlannedTask } from '@/core/day/day-plan';
import { type Day } from '@/core/stored/day';
import { PIN_STEP, pinTo } from './pin-to';

interface Key {
  nativeEvent: { key: string };
  preventDefault: () => void;
}

export function arrowKeys(
  day: Day,
  task: PlannedTask,
  zone: string,
  [earlier, later]: readonly [string, string],
): object {
  return {
    onKeyDown: (event: Key) => {
      const { key } = event.nativeEvent;
      const by = key === earlier ? -PIN_STEP : key === later ? PIN_STEP : 0;
      if (by === 0 || task.state !== 'planned') return;
      event.preventDefault();
      void pinTo(day, task, task.start + by, zone);
    },
  };
}
