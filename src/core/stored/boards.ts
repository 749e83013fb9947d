/** The bench clock as it is kept: when the filling stood out, and what was closed meanwhile. */
import { MOST } from '../vocabulary/limits';
import { type Batch, type BoardRun } from './schema';
import { type BoardEnd } from '../vocabulary/where-to';

type Wrap = Batch['wrap'];

/** Starts the clock: the filling is on the bench. One that runs is over then. @param at ISO 8601 */
export const startBoard = (wrap: Wrap, at: string): Wrap => ({
  ...stopBoard(wrap, at),
  board: { stretches: [{ outAt: at, inAt: null }], taps: [] },
});

/**
 * Stops the clock and keeps it. The oldest of many goes.
 * @param to where the parcels go: those that wait for their turn in the heat stand out until then
 */
export function stopBoard(wrap: Wrap, at: string, to: BoardEnd = 'heat'): Wrap {
  if (wrap.board === null) return wrap;
  const over = { ...putAway(wrap.board, at), stoppedAt: at, to };
  return { ...wrap, board: null, earlierBoards: [...wrap.earlierBoards, over].slice(-MOST.earlierBoards) };
}

/** Back in the fridge, or closed and in the heat. */
export const putAway = (board: BoardRun, at: string): BoardRun => ({
  ...board,
  stretches: board.stretches.map((s) => (s.inAt === null ? { ...s, inAt: at } : s)),
});

/** Out of the fridge again. */
export const takeOut = (board: BoardRun, at: string): BoardRun =>
  board.stretches.some((s) => s.inAt === null)
    ? board
    : { ...board, stretches: [...board.stretches, { outAt: at, inAt: null }] };

/** It has stood out since another time than was said: the first stretch begins then. */
export const moveOut = (board: BoardRun, at: string): BoardRun => ({
  ...board,
  stretches: board.stretches.map((s, i) => (i === 0 ? { ...s, outAt: at } : s)),
});

/** Parcels closed so far. */
export const parcelsClosed = ({ taps }: BoardRun): number => taps.reduce((sum, tap) => sum + tap.parcels, 0);
