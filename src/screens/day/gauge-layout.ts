/**
 * Where the minutes of a day lie on its gauge. It is drawn to scale where something is done; where hands have nothing to do for
 * long it is shortened, and a step that is short still has room for its words.
 */
import { type PlannedTask } from '@/core/day/day-plan';

export interface Stretch {
  from: number;
  to: number;
  /** px from the beginning, and so long. */
  at: number;
  px: number;
  /** Shortened: nothing for hands meanwhile. */
  isShort: boolean;
}

interface Scale {
  /** px a minute, where it is to scale. */
  perMinute: number;
  /** Room for the words of a step, px. */
  least: number;
  /** A pause is drawn so long at most, px. */
  pause: number;
}

/** A pause longer than so many minutes is shortened. */
const LONG_PAUSE = 45;

/** Draws up the stretches between all beginnings and ends of what hands do. */
export function stretchesOf(tasks: readonly PlannedTask[], from: number, to: number, scale: Scale): Stretch[] {
  const hands = tasks.filter(({ hasHands }) => hasHands);
  const edges = [...new Set([from, to, ...hands.flatMap((t) => [t.start, t.end])])]
    .filter((m) => m >= from && m <= to)
    .sort((a, b) => a - b);
  let minute = 0;
  return edges.slice(1).map((end, i) => {
    const start = edges[i];
    const begun = hands.filter((t) => t.start === start).length;
    const isBusy = hands.some((t) => t.start <= start && t.end > start);
    const minutes = end - start;
    const isShort = !isBusy && minutes > LONG_PAUSE;
    const natural = minutes * scale.perMinute;
    const px = Math.max(isShort ? scale.pause : natural, begun * scale.least);
    const stretch = { from: start, to: end, at: minute, px, isShort };
    minute += px;
    return stretch;
  });
}

export const lengthOf = (stretches: readonly Stretch[]): number => {
  const last = stretches[stretches.length - 1];
  return last === undefined ? 0 : last.at + last.px;
};

/** px of a minute. */
export function placeOf(stretches: readonly Stretch[], minute: number): number {
  const [first] = stretches;
  if (first === undefined || minute <= first.from) return 0;
  const here = stretches.find((s) => minute <= s.to);
  return here === undefined ? lengthOf(stretches) : here.at + ((minute - here.from) / (here.to - here.from)) * here.px;
}

/** The minute at a place, px. */
export function minuteAt(stretches: readonly Stretch[], px: number): number {
  const here = stretches.find((s) => px <= s.at + s.px) ?? stretches[stretches.length - 1];
  if (here === undefined) return 0;
  return Math.round(here.from + ((px - here.at) / here.px) * (here.to - here.from));
}

/** Tasks that need no hands, side by side by what they stand in. */
export type Column = 'waits' | 'hob' | 'oven' | 'steamer' | 'fridge';
export const COLUMNS: readonly Column[] = ['waits', 'hob', 'oven', 'steamer', 'fridge'];

/** In which columns a task is drawn as a rod. */
export function columnsOf({ needs, hasHands, kind }: Pick<PlannedTask, 'needs' | 'hasHands' | 'kind'>): Column[] {
  const there = COLUMNS.filter((c) => c !== 'waits' && (needs[c] ?? 0) > 0);
  if (there.length > 0) return there;
  return hasHands || kind === 'heat' ? [] : ['waits'];
}
