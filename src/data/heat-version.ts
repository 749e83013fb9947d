/**
 * What heat depends on in a batch, under a short name: words and bookkeeping do not start a new forecast, nor does the same
 * batch read again. Whatever is not known to be read by no forecast is part of it: a name that is too long costs a moment, one
 * that is too short shows another batch's figures.
 */
import { type Kitchen } from '@/core/document/kitchen';
import { type Batch } from '@/core/document/schema';

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

function partsOf(batch: Batch, kitchen: Kitchen): readonly unknown[] {
  const { lines, ingredients, water, cool, wrap, cook, count } = batch;
  // Of a clock it matters whether it runs, and what was measured; runs that are over, and core readings, change nothing.
  const { run, earlierRuns: _over, ...cooled } = cool;
  const clock = run !== null && run.readings.length + run.past.length > 0 ? run : run !== null;
  const { readings: _read, run: _load, earlierRuns: _done, ...cooking } = cook;
  // What was closed by now, and the word of the glaze, heat nothing.
  const { board: _board, earlierBoards: _boards, glaze: _glaze, ...wrapped } = wrap;
  return [lines, ingredients, water, cooled, clock, wrapped, cooking, count, kitchenParts(kitchen)];
}

interface Known {
  batch: Batch;
  kitchen: Kitchen;
  text: string;
  version: string;
}

/** So many versions are remembered: of a few batches the present one and the one before it. */
const REMEMBERED = 12;
let known: Known[] = [];
let count = 0;

/** The version of a batch as heat sees it: the same name for the same forecast. */
export function heatVersion(batch: Batch, kitchen: Kitchen): string {
  const same = known.find((k) => k.batch === batch && k.kitchen === kitchen);
  if (same) return same.version;
  const text = JSON.stringify([batch.id, ...partsOf(batch, kitchen)]);
  const version = known.find((k) => k.text === text)?.version ?? `v${++count}`;
  known = [{ batch, kitchen, text, version }, ...known.filter((k) => k.text !== text)].slice(0, REMEMBERED);
  return version;
}
