/**
 * Version 11: a reading says where it comes from, of which load and of which parcel; a load, which one it is and how many were in
 * it; a bench clock, where the parcels went; a cooling, which limits it missed. A document knows which edits it holds.
 */
import { ownWithHazard } from './own-hazards';
import { isRehearsal } from './rehearsal-id';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? (value as unknown[]) : []);
const each = (value: unknown, change: (item: Json, at: number) => Json): unknown =>
  Array.isArray(value) ? value.map((item, index) => (isObject(item) ? change(item, index) : (item as unknown))) : value;
const timeOf = (value: unknown): number => Date.parse(String(value));

/** What stood for longer between two clocks had been in the cold, minutes. House estimate. */
const AT_ONCE = 60;

export function toVersion11(document: Json): Json {
  const { cool, cook, wrap, id, ingredients } = document;
  // Until then nothing said where a reading came from; only in a rehearsal it can be told.
  const source = { by: typeof id === 'string' && isRehearsal(id) ? 'practice' : 'typed' };
  return {
    ...document,
    version: 11,
    edits: [],
    ingredients: each(ingredients, ownWithHazard),
    cool: isObject(cool) ? coolOf(cool, source, isObject(wrap) ? wrap : {}) : cool,
    cook: isObject(cook) ? cookOf(cook, source) : cook,
    wrap: isObject(wrap) ? wrapOf(wrap, isObject(cook) ? cook : {}) : wrap,
  };
}

function coolOf(cool: Json, source: Json, wrap: Json): Json {
  const outs = [...listOf(wrap.earlierBoards), wrap.board]
    .filter(isObject)
    .map((board) => timeOf(listOf(board.stretches).find(isObject)?.outAt));
  const wentToBoard = (run: Json): boolean =>
    outs.some((out) => Math.abs(out - timeOf(run.stoppedAt)) <= AT_ONCE * 60_000);
  const runOf = (run: Json): Json => ({ ...run, readings: each(run.readings, (r) => ({ ...r, source })), missed: [] });
  return {
    ...cool,
    run: isObject(cool.run) ? runOf(cool.run) : cool.run,
    earlierRuns: each(cool.earlierRuns, (run) => ({ ...runOf(run), to: wentToBoard(run) ? 'board' : 'cold' })),
  };
}

function cookOf(cook: Json, source: Json): Json {
  const earlierRuns = each(cook.earlierRuns, (run, index) => ({ ...run, load: index + 1, parcels: null }));
  const run = isObject(cook.run) ? { ...cook.run, load: listOf(cook.earlierRuns).length + 1, parcels: null } : cook.run;
  const starts = [...listOf(earlierRuns), run].filter(isObject).map(({ inAt, load }) => ({ at: timeOf(inAt), load }));
  const taken = new Map<string, number>();
  const readings = each(cook.readings, (reading) => {
    const load = [...starts].reverse().find(({ at }) => at <= timeOf(reading.at))?.load ?? 1;
    const round = `${String(load)} ${String(reading.round)}`;
    const parcel = (taken.get(round) ?? 0) + 1;
    taken.set(round, parcel);
    return { ...reading, load, parcel, source };
  });
  return { ...cook, earlierRuns, run, readings };
}

function wrapOf(wrap: Json, cook: Json): Json {
  const firstIn = [...listOf(cook.earlierRuns), cook.run].find(isObject)?.inAt;
  const wentToHeat = (board: Json): boolean =>
    firstIn !== undefined && Math.abs(timeOf(firstIn) - timeOf(board.stoppedAt)) <= AT_ONCE * 60_000;
  return {
    ...wrap,
    earlierBoards: each(wrap.earlierBoards, (board) => ({ ...board, to: wentToHeat(board) ? 'heat' : 'cold' })),
  };
}
