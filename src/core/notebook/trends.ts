/** How batches went, one after another: each with the one sentence that it says. With their forecasts, so for a worker. */
import { forecastHeat } from '../forecast/heat';
import { paceOfBatch } from '../cooling/board-clock';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { lastTaken } from '../stored/taken';
import { type FormId, FORMS } from '../forms';
import { isGood, type OutcomeId, OUTCOMES } from '../vocabulary/outcomes';
import { formatNumber } from '../units/amount';
import { type BatchNumbers, numbersOf } from './numbers';

export type TrendId = 'free-liquid' | 'salt' | 'minutes' | 'readings' | 'pace';

export interface TrendPoint {
  batchId: string;
  title: string;
  /** When it was noted or done, ISO 8601. */
  at: string;
  value: number;
}

export interface Trend {
  id: TrendId;
  title: string;
  unit: string;
  digits: number;
  points: TrendPoint[];
  /** What is usual or aimed for, where that is one for all. */
  aim: number | null;
  /** The one thing it says. */
  sentence: string;
}

export interface FormOutcomes {
  form: FormId;
  label: string;
  batches: number;
  right: number;
  faults: { what: OutcomeId; label: string; count: number }[];
  sentence: string;
}

/** So many of the latest are looked at: what was long ago was another kitchen. */
const LATEST = 20;

const whenOf = ({ doneAt, note, updatedAt }: Batch): string => doneAt ?? note.at ?? updatedAt;
const mean = (values: readonly number[]): number => values.reduce((sum, v) => sum + v, 0) / Math.max(1, values.length);

interface Looked {
  batch: Batch;
  n: BatchNumbers;
}

/** What can be seen of the noted batches, the oldest first. @returns trends with at least one point */
export function trendsOf(batches: readonly Batch[], kitchen: Kitchen): Trend[] {
  const looked = [...batches]
    .sort((a, b) => whenOf(a).localeCompare(whenOf(b)))
    .slice(-LATEST)
    .filter(({ lines }) => lines.length > 0)
    .map((batch): Looked => ({ batch, n: numbersOf(batch, kitchen, forecastHeat(batch, kitchen, 'first')) }));
  return [freeLiquid(looked), salt(looked), minutes(looked), readings(looked), pace(looked)].filter(
    ({ points }) => points.length > 0,
  );
}

function series(looked: readonly Looked[], value: (one: Looked) => number | null): TrendPoint[] {
  return looked.flatMap((one) => {
    const v = value(one);
    const { id: batchId, title } = one.batch;
    return v === null || !Number.isFinite(v) ? [] : [{ batchId, title, at: whenOf(one.batch), value: v }];
  });
}

const of = (part: number, all: number): string => `${part} of ${all}`;

function freeLiquid(looked: readonly Looked[]): Trend {
  const points = series(looked, ({ n }) => Math.max(0, n.heat.value));
  const inside = looked.filter(({ n }) => n.heat.value >= n.heat.band[0] && n.heat.value <= n.heat.band[1]).length;
  const wet = looked.filter(({ n }) => n.heat.value > n.heat.band[1]).length;
  return {
    id: 'free-liquid',
    title: 'Loose liquid while cooking',
    unit: 'g per 100 g',
    digits: 1,
    points,
    aim: null,
    sentence: `*${of(inside, looked.length)}* within what their pieces take${wet > 0 ? `, ${wet} wetter` : ''}.`,
  };
}

function salt(looked: readonly Looked[]): Trend {
  const savoury = looked.filter(({ n }) => !n.accounts.salt.isSweet);
  const points = series(savoury, ({ n }) => n.accounts.salt.fillingPercent);
  const off = mean(savoury.map(({ n }) => n.accounts.salt.fillingPercent - n.accounts.salt.targetPercent));
  return {
    id: 'salt',
    title: 'Salt of the filling',
    unit: '%',
    digits: 2,
    points,
    aim: savoury.length === 0 ? null : mean(savoury.map(({ n }) => n.accounts.salt.targetPercent)),
    sentence: `On average *${formatNumber(Math.abs(off), 2)} points ${off < 0 ? 'under' : 'over'}* what was aimed for.`,
  };
}

function minutes(looked: readonly Looked[]): Trend {
  const timed = looked.filter(({ n }) => n.isTimed);
  const points = series(timed, ({ n }) => n.inHeatMinutes - n.plannedMinutes);
  const by = mean(points.map(({ value }) => value));
  return {
    id: 'minutes',
    title: 'Cooking minutes, against the plan',
    unit: 'min',
    digits: 0,
    points,
    aim: 0,
    sentence:
      Math.abs(by) < 1
        ? '*As planned* on average.'
        : `On average *${formatNumber(Math.abs(by), 0)} min ${by > 0 ? 'longer' : 'shorter'}* than planned.`,
  };
}

function readings(looked: readonly Looked[]): Trend {
  const points = series(looked, ({ n }) => (n.lowestC === null ? null : n.lowestC - n.accounts.limit.c));
  const over = points.filter(({ value }) => value >= 0).length;
  return {
    id: 'readings',
    title: 'Lowest reading, over its limit',
    unit: 'K',
    digits: 0,
    points,
    aim: 0,
    sentence: `*${of(over, points.length)}* reached it by their last readings.`,
  };
}

function pace(looked: readonly Looked[]): Trend {
  const points = series(looked, ({ batch }) => {
    const taken = lastTaken(batch, 'wrap');
    const seconds = paceOfBatch(batch.wrap) ?? (taken === null ? null : (60 * taken.minutes) / batch.count);
    return seconds === null || seconds <= 0 ? null : 3600 / seconds;
  });
  const values = points.map(({ value }) => value);
  return {
    id: 'pace',
    title: 'Pieces an hour',
    unit: 'an hour',
    digits: 0,
    points,
    aim: null,
    sentence:
      values.length < 2
        ? `*${formatNumber(values[0] ?? 0, 0)}* in the one that was timed.`
        : `From *${formatNumber(values[0], 0)}* to *${formatNumber(values[values.length - 1], 0)}*; the most was ${formatNumber(Math.max(...values), 0)}.`,
  };
}

/** What came out of each form, the one that is made most first. */
export function outcomesByForm(batches: readonly Batch[]): FormOutcomes[] {
  const by = new Map<FormId, Batch[]>();
  for (const batch of batches)
    if (batch.note.outcomes.length > 0) by.set(batch.wrap.form, [...(by.get(batch.wrap.form) ?? []), batch]);
  return [...by]
    .map(([form, made]) => {
      const right = made.filter(({ note }) => note.outcomes.every(({ what }) => isGood(what))).length;
      const counts = new Map<OutcomeId, number>();
      for (const { note } of made)
        for (const what of new Set(note.outcomes.map((o) => o.what)))
          if (!isGood(what)) counts.set(what, (counts.get(what) ?? 0) + 1);
      const faults = [...counts]
        .map(([what, count]) => ({ what, label: OUTCOMES[what].label, count }))
        .sort((a, b) => b.count - a.count);
      const label = FORMS[form].plural;
      const [most] = faults;
      return {
        form,
        label,
        batches: made.length,
        right,
        faults,
        sentence: `${label[0].toUpperCase()}${label.slice(1)}: right in *${of(right, made.length)}*${most === undefined ? '' : `; most often ${most.label} (${most.count})`}.`,
      };
    })
    .sort((a, b) => b.batches - a.batches);
}
