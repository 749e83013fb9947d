/** A rod: an appliance in use, or something that waits, which is hatched. */
import { G, Line, Rect } from 'react-native-svg';
import { type PlannedTask } from '@/core/day/day-plan';
import { usePalette } from '@/ui/theme/use-palette';

const WIDE = 12;
const HATCH = 7;

/** @param from and to px along; @param x its middle across; @param isLying along the other axis */
export function Rod({
  task,
  x,
  from,
  to,
  isLying = false,
}: {
  task: PlannedTask;
  x: number;
  from: number;
  to: number;
  isLying?: boolean;
}) {
  const p = usePalette();
  const length = Math.max(3, to - from);
  const isWaiting = !task.hasHands && task.kind !== 'load' && task.kind !== 'heat';
  const ink = task.state === 'running' ? p.beet : isWaiting ? p.steam : task.state === 'done' ? p.soft : p.ink;
  const lines = isWaiting ? Array.from({ length: Math.max(0, Math.floor((length - 2) / HATCH)) }, (_, i) => i) : [];
  const box = isLying
    ? { x: from, y: x - WIDE / 2, width: length, height: WIDE }
    : { x: x - WIDE / 2, y: from, width: WIDE, height: length };
  const ends = [from, from + length];
  return (
    <G>
      <Rect {...box} fill={p.paper} stroke={ink} strokeWidth={1.5} />
      {lines.map((i) => {
        const lineX = from + 2 + i * HATCH;
        return isLying ? (
          <Line
            key={i}
            x1={lineX}
            y1={x + WIDE / 2}
            x2={lineX + HATCH}
            y2={x - WIDE / 2}
            stroke={ink}
            strokeWidth={0.8}
          />
        ) : (
          <Line
            key={i}
            x1={x - WIDE / 2}
            y1={lineX + HATCH}
            x2={x + WIDE / 2}
            y2={lineX}
            stroke={ink}
            strokeWidth={0.8}
          />
        );
      })}
      {ends.map((endX) =>
        isLying ? (
          <Line
            key={endX}
            x1={endX}
            x2={endX}
            y1={x - WIDE / 2 - 4}
            y2={x + WIDE / 2 + 4}
            stroke={ink}
            strokeWidth={2}
          />
        ) : (
          <Line
            key={endX}
            x1={x - WIDE / 2 - 4}
            x2={x + WIDE / 2 + 4}
            y1={endX}
            y2={endX}
            stroke={ink}
            strokeWidth={2}
          />
        ),
      )}
    </G>
  );
}
