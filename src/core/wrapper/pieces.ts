/** Dividing a dough evenly: by weight, along a log with marks, by halving. */

export interface Pieces {
  /** One piece, g. */
  pieceG: number;
  /** Rolled to a ball, mm across. */
  ballMm: number;
  /** So many logs, of so many pieces each (the last may have fewer), so thick and so long. */
  logs: number;
  perLog: number;
  logMm: number;
  thickMm: number;
  /** Where to cut, mm from the log's end; its own end is not among them. */
  marksMm: number[];
  /** Halve so often, then cut every part into so many. */
  halvings: number;
  then: number;
}

/** A log is rolled a little thinner than the ball of a piece: pieces come out about as long as thick. House estimate. */
const THINNER = 0.92;
/** Longer than this no board takes it, mm. House estimate. */
const LONGEST_MM = 400;

/**
 * Divides a dough.
 * @param count pieces, at least 1 @param pieceG one, g @param density kg/m³
 */
export function divide(count: number, pieceG: number, density: number): Pieces {
  const volume = (pieceG / density) * 1e6;
  const ballMm = Math.cbrt((6 * volume) / Math.PI);
  const thickMm = Math.round(ballMm * THINNER);
  const eachMm = volume / ((Math.PI * thickMm ** 2) / 4);
  const logs = Math.max(1, Math.ceil((count * eachMm) / LONGEST_MM));
  const perLog = Math.ceil(count / logs);
  let halvings = 0;
  let then = count;
  while (then % 2 === 0 && then > 1) {
    halvings += 1;
    then /= 2;
  }
  return {
    pieceG,
    ballMm,
    logs: Math.ceil(count / perLog),
    perLog,
    logMm: perLog * eachMm,
    thickMm,
    marksMm: Array.from({ length: perLog - 1 }, (_, i) => (i + 1) * eachMm),
    halvings,
    then,
  };
}
