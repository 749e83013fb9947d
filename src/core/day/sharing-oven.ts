/** Two batches that want nearly the same heat share an oven: at the temperature in the middle, their minutes worked out anew. */
import { formatMinutes, formatTemperature } from '../units/format';
import { type BatchFacts } from './facts';
import { type DayTask } from './task';

/** So far apart they may be, K. House estimate, as cooks have it. */
const NEAR_K = 15;
/** On its way to hot a parcel is about so warm, °C: what it takes goes by how far the oven is above that. House estimate. */
const ON_THE_WAY_C = 40;
/** Ovens are set to this, K. */
const SET_K = 5;

/** The one temperature of an oven task; null where it has several, or none. */
function heatOf({ ways }: DayTask): number | null {
  const c = Number(ways?.oven ?? NaN);
  return Number.isFinite(c) && c > 0 ? c : null;
}

/** For each temperature the one that it is baked at, where others lie near. */
function middles(all: readonly number[]): Map<number, number> {
  const sorted = [...new Set(all)].sort((a, b) => a - b);
  const middle = new Map<number, number>();
  for (let i = 0; i < sorted.length;) {
    const near = sorted.filter((c) => c >= sorted[i] && c - sorted[i] <= NEAR_K);
    const middleC = SET_K * Math.round((near[0] + near[near.length - 1]) / 2 / SET_K);
    for (const c of near) middle.set(c, middleC);
    i += near.length;
  }
  return middle;
}

/** Puts what is baked at nearly the same heat into one oven. @param tasks of all batches @param all what is known of them */
export function shareOven(tasks: readonly DayTask[], all: readonly BatchFacts[]): DayTask[] {
  const [first] = all;
  if (first === undefined) return [...tasks];
  const scale = first.kitchen.temperature;
  const middle = middles(tasks.flatMap((task) => heatOf(task) ?? []));
  return tasks.map((task) => {
    const c = heatOf(task);
    const sharedC = c === null ? undefined : middle.get(c);
    if (c === null || sharedC === undefined || sharedC === c) return task;
    const minutes =
      task.kind === 'load' ? Math.round((task.minutes * (c - ON_THE_WAY_C)) / (sharedC - ON_THE_WAY_C)) : task.minutes;
    const again = (words: string): string =>
      words
        .replace(formatTemperature(c, scale), formatTemperature(sharedC, scale))
        .replace(formatMinutes(task.minutes), formatMinutes(minutes));
    return {
      ...task,
      minutes,
      title: again(task.title),
      how: again(task.how),
      ways: { ...task.ways, oven: String(sharedC) },
    };
  });
}
