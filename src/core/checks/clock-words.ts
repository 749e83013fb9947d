/** A batch's clocks that run, each in a line: which load, how much is left, and what it waits for. */
import { coolingClock } from '../cooling/clock';
import { boardClock } from '../cooling/board-clock';
import { cookClock, minutesIn } from '../cooking/cook-clock';
import { wrapSeconds } from '../learning/learned';
import { nextLoad } from '../stored/cook-runs';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { formatMinutes } from '../units/format';
import { type Assessment } from './judgement';

export interface RunningClock {
  station: 'cool' | 'wrap' | 'cook';
  /** What stands between asterisks is what it shows. */
  text: string;
  /** Something is to be done now. */
  isDue: boolean;
}

const left = (minutes: number): string => `*${formatMinutes(Math.max(1, Math.ceil(minutes)))} left*`;

function ofCook({ cook }: Batch, { loads }: Assessment, now: string): RunningClock[] {
  const { run } = cook;
  if (run === null) return [];
  const all = Math.max(loads?.loads ?? 1, nextLoad(cook) - 1, run.load);
  const which = all > 1 ? `Load ${run.load} of ${all} cooking` : 'Cooking';
  const clock = cookClock(cook, minutesIn(run, now));
  return [
    clock.next === null
      ? { station: 'cook', text: `${which}: *measure now*`, isDue: true }
      : { station: 'cook', text: `${which}: ${left(clock.left)}, ${clock.next.ahead}`, isDue: false },
  ];
}

function ofCool(batch: Batch, { heat }: Assessment, now: string): RunningClock[] {
  const forecast = heat?.cooling;
  if (batch.cool.run === null || !forecast) return [];
  const clock = coolingClock(batch, forecast, now, now);
  if (clock === null) return [];
  if (clock.missed.length > 0) return [{ station: 'cool', text: 'Cooling: *limit missed*', isDue: true }];
  if (clock.readySince !== null) return [{ station: 'cool', text: 'Cooled: *wrap now*', isDue: true }];
  const { toWrapReady } = clock;
  if (toWrapReady === null) return [{ station: 'cool', text: 'Cooling: *too warm here* to get there', isDue: true }];
  return [
    toWrapReady <= 0
      ? { station: 'cool', text: 'Cooling: *measure now*', isDue: true }
      : { station: 'cool', text: `Cooling: ${left(toWrapReady)}, then measure`, isDue: false },
  ];
}

function ofBoard({ wrap, count }: Batch, { exposure }: Assessment, kitchen: Kitchen, now: string): RunningClock[] {
  if (wrap.board === null) return [];
  const clock = boardClock(wrap.board, {
    now,
    count,
    roomC: kitchen.roomC,
    usualSeconds: wrapSeconds(wrap.edge, kitchen),
    beforeMinutes: exposure.beforeBoardMinutes,
  });
  const out = formatMinutes(Math.floor(clock.inAllMinutes));
  return [
    {
      station: 'wrap',
      text: `*${clock.closed} of ${count} closed*, filling out ${out}`,
      isDue: exposure.counts && clock.leftMinutes <= 0,
    },
  ];
}

/** @param now ISO 8601, the latest there is */
export const runningClocks = (batch: Batch, kitchen: Kitchen, assessment: Assessment, now: string): RunningClock[] => [
  ...ofCook(batch, assessment, now),
  ...ofCool(batch, assessment, now),
  ...ofBoard(batch, assessment, kitchen, now),
];
