/** The small changes a batch is edited by. Each is plain JSON, and applying it is a pure function from batch to batch. */
import { scaleFilling } from '../filling/scale';
import { type Batch, type Line } from './schema';

export type Operation =
  | { do: 'addLine'; line: Line }
  | { do: 'changeLine'; id: string; to: Partial<Omit<Line, 'id'>> }
  | { do: 'removeLine'; id: string }
  | { do: 'moveLine'; id: string; by: number }
  | { do: 'scaleFilling'; factor: number; cautious?: boolean }
  | { do: 'setBatch'; to: Partial<Pick<Batch, 'title' | 'school' | 'count'>> }
  | { do: 'setWater'; to: Partial<Batch['water']> }
  | { do: 'setCool'; to: Partial<Batch['cool']> }
  | { do: 'setWrap'; to: Partial<Batch['wrap']> }
  | { do: 'setCook'; to: Partial<Omit<Batch['cook'], 'readings'>> }
  | { do: 'addReading'; reading: Batch['cook']['readings'][number] }
  | { do: 'removeReading'; index: number }
  | { do: 'setNote'; to: Partial<Batch['note']> };

/** Applies a change. Ids that are not in the batch change nothing. */
export function apply(batch: Batch, change: Operation): Batch {
  switch (change.do) {
    case 'addLine':
      return { ...batch, lines: [...batch.lines, change.line] };
    case 'changeLine':
      return { ...batch, lines: batch.lines.map((l) => (l.id === change.id ? { ...l, ...change.to } : l)) };
    case 'removeLine':
      return { ...batch, lines: batch.lines.filter((l) => l.id !== change.id) };
    case 'moveLine':
      return { ...batch, lines: moved(batch.lines, change.id, change.by) };
    case 'scaleFilling':
      return scaleFilling(batch, change.factor, change.cautious ?? false);
    case 'setBatch':
      return { ...batch, ...change.to };
    case 'setWater':
      return { ...batch, water: { ...batch.water, ...change.to } };
    case 'setCool':
      return { ...batch, cool: { ...batch.cool, ...change.to } };
    case 'setWrap':
      return { ...batch, wrap: { ...batch.wrap, ...change.to } };
    case 'setCook':
      return { ...batch, cook: { ...batch.cook, ...change.to } };
    case 'addReading':
      return { ...batch, cook: { ...batch.cook, readings: [...batch.cook.readings, change.reading] } };
    case 'removeReading':
      return { ...batch, cook: { ...batch.cook, readings: batch.cook.readings.filter((_, i) => i !== change.index) } };
    case 'setNote':
      return { ...batch, note: { ...batch.note, ...change.to } };
  }
}

/** Moves a line up or down among the lines of its own stage. */
function moved(lines: readonly Line[], id: string, by: number): Line[] {
  const line = lines.find((l) => l.id === id);
  if (!line) return [...lines];
  const siblings = lines.filter((l) => l.stage === line.stage);
  const from = siblings.indexOf(line);
  const to = Math.min(siblings.length - 1, Math.max(0, from + by));
  siblings.splice(from, 1);
  siblings.splice(to, 0, line);
  let next = 0;
  return lines.map((l) => (l.stage === line.stage ? siblings[next++] : l));
}
