/** A day worked out from its documents: forecasts, tasks, problem. Takes long: for the worker. */
import { forecastBoard } from '../checks/board';
import { type HeatForecast, workOutHeat } from '../forecast/heat';
import { heatKey } from '../forecast/heat-key';
import { type Day } from '../stored/day-schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { FORMS } from '../forms';
import { type Serving } from '../vocabulary/servings';
import { type DayProblem, dayProblem, type Now } from './day-problem';
import { dayTasks, serveMinuteOf } from './day-tasks';
import { didOf } from './did';
import { minuteOf, timeOf } from './moments';
import { type BatchFacts, factsOf, type Forecasts } from './facts';
import { mendedCooling } from './red-checks';
import { type DayTask } from './task';

export interface DayInput {
  day: Day;
  /** Of the day, those that there are. */
  batches: readonly Batch[];
  kitchen: Kitchen;
  now: Now;
}

export interface WorkedOutDay extends DayInput {
  facts: BatchFacts[];
  tasks: DayTask[];
  of: DayProblem;
}

/** What has been forecast, so that a change of one batch does not cost the forecasts of all. */
export type Remembered = Map<string, Forecasts>;

/** Nobody remembers more days than this. */
const MOST = 60;

function forecastsOf(batch: Batch, kitchen: Kitchen, serving: Serving, remembered: Remembered): Forecasts {
  // What was cooled once is not offered another way.
  const key = [serving === 'frozen-ahead', batch.cool.earlierRuns.length > 0, heatKey(batch, kitchen)].join(' ');
  const kept = remembered.get(key);
  if (kept) return kept;
  const isFrozen = serving === 'frozen-ahead' && batch.cook.startC >= 0;
  const first = (b: Batch): HeatForecast => workOutHeat(b, kitchen).heat;
  const heat = batch.lines.length === 0 ? null : first(batch);
  const made: Forecasts = {
    heat,
    mended: heat === null ? null : mendedCooling(batch, kitchen, heat),
    frozen: isFrozen ? first({ ...batch, cook: { ...batch.cook, startC: kitchen.freezerC } }) : null,
    hardMinutes: serving === 'frozen-ahead' ? forecastBoard(batch, kitchen).hardMinutes : null,
  };
  remembered.set(key, made);
  const [oldest] = remembered.keys();
  if (remembered.size > MOST && oldest !== undefined) remembered.delete(oldest);
  return made;
}

/** What batches are called in a word: by their form (`Purses`, `Pies`), where no other is called so; else by their title. */
function shortNames(batches: readonly Batch[]): (batch: Batch) => string {
  const last = (b: Batch): string => FORMS[b.wrap.form].plural.split(' ').slice(-1)[0];
  return (batch) => {
    const name = last(batch);
    const isTaken = batches.some((b) => b.id !== batch.id && last(b) === name);
    return isTaken ? batch.title : name.charAt(0).toUpperCase() + name.slice(1);
  };
}

/** Works out a day, all but its plan. */
export function workOutDay(input: DayInput, remembered: Remembered = new Map()): WorkedOutDay {
  const { day, batches, kitchen, now } = input;
  const about = shortNames(batches);
  const facts = day.batches.flatMap((made) => {
    const batch = batches.find((b) => b.id === made.batchId);
    if (!batch) return [];
    const serveMinute = serveMinuteOf(day, made);
    return [
      factsOf(
        batch,
        kitchen,
        {
          about: about(batch),
          serving: made.serve,
          serveMinute,
          from: minuteOf(day.from),
          runsSince: day.run?.startedAt ?? null,
        },
        forecastsOf(batch, kitchen, made.serve, remembered),
        timeOf(now.minute),
      ),
    ];
  });
  const tasks = dayTasks(day, facts);
  return { ...input, facts, tasks, of: dayProblem(day, kitchen, tasks, now, didOf(day, tasks, batches)) };
}
