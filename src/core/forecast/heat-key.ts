/**
 * What heat depends on in a batch: words and bookkeeping ask for no new forecast, nor does a core reading or a tick. Whatever
 * is not known to be read by no forecast is part of it: too much costs a moment, too little shows another batch's figures.
 */
import { type Kitchen } from '../stored/kitchen-schema';
import { isRehearsal } from '../stored/rehearsal-id';
import { type Batch } from '../stored/schema';

/** Of the kitchen's settings these heat nothing. */
const NOT_OF_HEAT = {
  format: true,
  version: true,
  revision: true,
  writer: true,
  edits: true,
  temperature: true,
  theme: true,
  thermometer: true,
  frozen: true,
} as const satisfies Partial<Record<keyof Kitchen, true>>;

const kitchenParts = (kitchen: Kitchen): unknown[] =>
  Object.entries(kitchen)
    .filter(([field]) => !(field in NOT_OF_HEAT))
    .sort(([a], [b]) => (a < b ? -1 : 1));

/** All of it, as one text: the same text, the same forecasts. */
export function heatKey(batch: Batch, kitchen: Kitchen): string {
  const { lines, ingredients, water, cool, wrap, cook, count } = batch;
  // Of a clock it matters whether it runs, and what was measured; runs that are over, and core readings, change nothing.
  const { run, earlierRuns: _over, ...cooled } = cool;
  const clock = run !== null && run.readings.length + run.past.length > 0 ? run : run !== null;
  const { readings: _read, run: _load, earlierRuns: _done, ...cooking } = cook;
  // What was closed by now heats nothing; by the glaze it browns.
  const { board: _board, earlierBoards: _boards, ...wrapped } = wrap;
  const filled = lines.map(({ ticked: _ticked, note: _note, ...line }) => line);
  // In a rehearsal practice readings count.
  const counts = isRehearsal(batch.id);
  return JSON.stringify([
    counts,
    filled,
    ingredients,
    water,
    cooled,
    clock,
    wrapped,
    cooking,
    count,
    kitchenParts(kitchen),
  ]);
}
