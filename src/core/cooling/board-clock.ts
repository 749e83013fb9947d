/**
 * The bench clock: seconds a parcel, when the last will be closed, how long the filling has stood between 5 and 60 °C, how warm
 * it is by now, and when the rule's hours are up. Time is passed in.
 */
import { parcelsClosed } from '../stored/boards';
import { type Kitchen } from '../stored/kitchen-schema';
import { wrapSeconds } from '../learning/learned';
import { type Batch, type BoardRun } from '../stored/schema';
import { SHAPES } from '../forms/skins';
import { standingIn } from '../safety/exposure';
import { later } from '../stored/moments';

/** Warned so long before, min. House estimate: time to clear a shelf. */
export const BOARD_WARNING = 15;
/** The last so many taps say how quickly it goes now. */
const LATEST_TAPS = 6;

export interface BoardClock {
  closed: number;
  left: number;
  /** Seconds a parcel, from the latest taps; null before two of them. */
  secondsEach: number | null;
  /** Minutes until the last is closed, and when, ISO 8601. */
  toGoMinutes: number;
  lastAt: string;
  /** Minutes on the bench so far, all stretches together; and out of the cold in all, with what was before it came here. */
  outMinutes: number;
  inAllMinutes: number;
  isOut: boolean;
  limitMinutes: number;
  /** Minutes until the rule's hours are up, if it stays out; below 0 since then. */
  leftMinutes: number;
  /** The rule's last word: out for so long, it is thrown away. */
  mostMinutes: number;
  isTooLong: boolean;
  /** It will not be done by then: so many parts of the filling out of the fridge at a time; 1 where all may stand out. */
  parts: number;
}

/** Minutes a filling has stood out by a time, all stretches together. */
export const outMinutesAt = ({ stretches }: Pick<BoardRun, 'stretches'>, now: string): number =>
  stretches.reduce(
    (sum, { outAt, inAt }) => sum + Math.max(0, (Date.parse(inAt ?? now) - Date.parse(outAt)) / 60_000),
    0,
  );

/** Of the rule's hours so much is planned on: the rest is for what goes wrong. House estimate. */
const PLANNED_SHARE = 0.8;

/** Filling and closing all of a batch, minutes, as it is planned; a pan is one piece of work. */
export function wrapMinutesOf(
  { count, wrap }: Pick<Batch, 'count' | 'wrap'>,
  kitchen: Pick<Kitchen, 'learned'>,
): number {
  const isPan = SHAPES[wrap.skin.shape].isPan;
  return isPan ? PAN_MINUTES * count : (count * wrapSeconds(wrap.edge, kitchen)) / 60;
}
/** Lining, filling and closing a pan, minutes. House estimate. */
export const PAN_MINUTES = 9;

/** So many parts of the filling out at a time, so that none stands out longer than it may. */
export const partsFor = (wrapMinutes: number, limitMinutes: number): number =>
  Math.max(1, Math.ceil(wrapMinutes / (limitMinutes * PLANNED_SHARE) - 1e-9));

/**
 * Reads the clock.
 * @param now ISO 8601; @param usualSeconds a parcel usually takes here, before two have been tapped
 * @param beforeMinutes out of the cold before it came to the bench: cooling is the same time
 */
export function boardClock(
  board: BoardRun,
  {
    now,
    count,
    roomC,
    usualSeconds,
    beforeMinutes = 0,
  }: { now: string; count: number; roomC: number; usualSeconds: number; beforeMinutes?: number },
): BoardClock {
  const closed = parcelsClosed(board);
  const left = Math.max(0, count - closed);
  const secondsEach = paceOf(board);
  const pace = secondsEach ?? usualSeconds;
  const lastTap = board.taps.length > 0 ? Date.parse(board.taps[board.taps.length - 1].at) : Date.parse(now);
  // The one under the hands counts from the last tap.
  const sinceTap = Math.min(pace, Math.max(0, (Date.parse(now) - lastTap) / 1000));
  const toGoMinutes = left === 0 ? 0 : Math.max(0, left * pace - sinceTap) / 60;
  const outMinutes = outMinutesAt(board, now);
  const inAllMinutes = beforeMinutes + outMinutes;
  const { limitMinutes, mostMinutes } = standingIn(roomC);
  return {
    closed,
    left,
    secondsEach,
    toGoMinutes,
    lastAt: later(now, toGoMinutes),
    outMinutes,
    inAllMinutes,
    isOut: board.stretches.some((s) => s.inAt === null),
    limitMinutes,
    leftMinutes: limitMinutes - inAllMinutes,
    mostMinutes,
    isTooLong: inAllMinutes > mostMinutes,
    parts:
      inAllMinutes + toGoMinutes <= limitMinutes ? 1 : partsFor(toGoMinutes, Math.max(1, limitMinutes - inAllMinutes)),
  };
}

/** Seconds a parcel as they were last closed here, on the clock that runs or the one before; null where none was timed. */
export const paceOfBatch = ({ board, earlierBoards }: Pick<Batch['wrap'], 'board' | 'earlierBoards'>): number | null =>
  [...earlierBoards, ...(board ? [board] : [])].map(paceOf).reduceRight((found, pace) => found ?? pace, null);

/** Seconds a parcel by the latest taps. A pause in the fridge is none of it. */
function paceOf({ taps, stretches }: BoardRun): number | null {
  const latest = taps.slice(-LATEST_TAPS);
  if (latest.length < 2) return null;
  const [first, last] = [latest[0], latest[latest.length - 1]];
  const parcels = latest.slice(1).reduce((sum, tap) => sum + tap.parcels, 0);
  const away = stretches.reduce((sum, { inAt }, i) => {
    const next = stretches[i + 1]?.outAt;
    if (inAt === null || next === undefined) return sum;
    const from = Math.max(Date.parse(inAt), Date.parse(first.at));
    const to = Math.min(Date.parse(next), Date.parse(last.at));
    return sum + Math.max(0, to - from);
  }, 0);
  return (Date.parse(last.at) - Date.parse(first.at) - away) / 1000 / parcels;
}

interface BoardEvent {
  id: string;
  kind: 'near' | 'over';
  text: string;
}

/** What is due on the bench clock between two looks at it; at the first look, what is near or over by then. */
export function boardEvents(before: BoardClock | null, now: BoardClock): BoardEvent[] {
  if (!now.isOut) return [];
  const hours = `${now.limitMinutes / 60} h`;
  if (now.isTooLong && before?.isTooLong !== true)
    return [
      {
        id: 'board-most',
        kind: 'over',
        text: `the filling has been out of the cold for more than ${now.mostMinutes / 60} h in all. Throw it away.`,
      },
    ];
  if (!now.isTooLong && now.leftMinutes <= 0 && (before === null || before.leftMinutes > 0))
    return [
      {
        id: 'board-over',
        kind: 'over',
        text: `the filling has been out of the cold for ${hours} in all, cooling and bench together. Cook what is closed now, and don’t keep the rest.`,
      },
    ];
  const isNear = (clock: BoardClock): boolean => clock.leftMinutes <= BOARD_WARNING;
  if (isNear(now) && now.leftMinutes > 0 && (before === null || !isNear(before)))
    return [
      {
        id: 'board-near',
        kind: 'near',
        text: `${Math.ceil(now.leftMinutes)} min until the filling has been out for ${hours} in all: put the rest in the fridge, or cook.`,
      },
    ];
  return [];
}
