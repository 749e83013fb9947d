/** The rule of a step, to be taken hold of: dragged along the day it is pinned where it is let go. */
import { useState } from 'react';
import { PanResponder, View } from 'react-native';
import { type PlannedTask } from '@/core/day/day-plan';
import { type Day } from '@/core/stored/day';
import { Strong } from '@/ui/parts/text';
import { useStable } from '@/ui/parts/use-stable';
import { usePalette } from '@/ui/theme/use-palette';
import { minuteAt, placeOf, type Stretch } from './gauge-layout';
import { pinTo } from './pin-to';
import { formatClock } from './day-clock';

interface Props {
  day: Day;
  task: PlannedTask;
  zone: string;
  stretches: readonly Stretch[];
  /** px from the beginning of the gauge to this handle, and its length. */
  from: number;
  length: number;
  /** Across. */
  across: number;
  isLying?: boolean;
}

/** A finger that moves less than this does not drag, px. */
const SLOP = 6;
const WIDE = 40;

export function StepHandle(props: Props) {
  const { task, zone, stretches, from, length, across, isLying = false } = props;
  const p = usePalette();
  const [moved, setMoved] = useState<number | null>(null);
  const along = (g: { dx: number; dy: number }): number => (isLying ? g.dx : g.dy);
  const move = useStable((g: { dx: number; dy: number }) => setMoved(Math.abs(along(g)) > SLOP ? along(g) : null));
  const release = useStable((g: { dx: number; dy: number }) => {
    setMoved(null);
    if (Math.abs(along(g)) > SLOP)
      void pinTo(props.day, task, minuteAt(stretches, placeOf(stretches, task.start) + along(g)), zone);
  });
  const [pan] = useState(() =>
    PanResponder.create({
      onStartShouldSetPanResponder: () => true,
      onPanResponderMove: (_e, g) => move(g),
      onPanResponderTerminate: () => setMoved(null),
      onPanResponderRelease: (_e, g) => release(g),
    }),
  );
  if (task.state !== 'planned') return null;
  const position = from + (moved ?? 0);
  return (
    <View
      {...pan.panHandlers}
      aria-hidden
      testID={`handle ${task.id}`}
      style={[
        { position: 'absolute', touchAction: 'none', cursor: 'grab' } as object,
        isLying
          ? { left: position, top: across - WIDE / 2, width: Math.max(8, length), height: WIDE }
          : { top: position, left: across - WIDE / 2, height: Math.max(8, length), width: WIDE },
        moved === null ? null : { borderWidth: 2, borderColor: p.beet, zIndex: 2 },
      ]}
    >
      {moved !== null && (
        <Strong style={{ position: 'absolute', left: WIDE + 4, backgroundColor: p.paper, color: p.beet }}>
          {formatClock(minuteAt(stretches, placeOf(stretches, task.start) + moved), zone)}
        </Strong>
      )}
    </View>
  );
}
