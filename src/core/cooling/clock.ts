/** The clock of a cooling that is under way: minutes to wrap-ready, to the deadlines, and what was missed. Time is passed in. */
import { RULE_PACKS } from '../safety/packs';
import { type CoolingForecast, type Deadline } from './forecast';
import { minutesSince, readingMinutes } from '../document/runs';
import { type Batch } from '../document/schema';

/**
 * How a deadline stands. Kept: a reading was cold enough by then. Over: it has passed, and by the forecast it was cold
 * enough, but nobody measured. Missed: it has passed, and neither a reading nor the forecast says that it was.
 */
export type DeadlineState = 'open' | 'kept' | 'over' | 'missed';

export interface DeadlineOnClock extends Deadline {
  state: DeadlineState;
  /** Minutes to it; below 0 since then. */
  inMinutes: number;
  authority: string;
  /** What the authority says to do where it is missed. */
  advice: string;
}

export interface CoolingClock {
  /** Minutes since it came off the heat, by the latest time there is. */
  elapsed: number;
  /** Minutes to wrap-ready by the forecast; below 0 since then; null where it never gets there as it stands. */
  toWrapReady: number | null;
  deadlines: DeadlineOnClock[];
  /** The next deadline that is still open. */
  next: DeadlineOnClock | null;
  missed: DeadlineOnClock[];
  /** The latest reading is at or below wrap-ready: it has been measured, not only forecast. */
  isMeasuredReady: boolean;
  /** The temperature of the warmest place now, by the forecast, °C. */
  nowC: number;
  /** Every move from one leg to the next, in minutes from now, below 0 once it is past, and where it goes then. */
  moves: { inMinutes: number; place: Batch['cool']['place'] }[];
  /** By so many minutes the device’s clock has been set back since; 0 where it has not. */
  setBackMinutes: number;
}

const RULES = Object.values(RULE_PACKS).flatMap((pack) =>
  pack.cooling.map((rule) => ({ ...rule, authority: pack.authority })),
);

/** A later reading so much warmer, K, says that a cold one was not of the food. House estimate: a probe and where it is stuck. */
const CONTRADICTS = 3;
/** Clocks are put right by seconds; more than this is a clock set back, min. */
const PUT_RIGHT = 1;

/**
 * Reads the clock.
 * @param now what the device’s clock says, ISO 8601
 * @param latest the latest time ever seen in this run, ISO 8601: a clock set back does not give time back
 * @returns null where no clock runs
 */
export function coolingClock(
  batch: Batch,
  forecast: CoolingForecast,
  now: string,
  latest: string = now,
): CoolingClock | null {
  const { run, legs } = batch.cool;
  if (run === null) return null;
  const readings = readingMinutes(run);
  const said = minutesSince(run, now);
  const elapsed = Math.max(0, said, minutesSince(run, latest), ...readings.map((r) => r.minute));
  const { minutes, stages, targetC } = forecast;
  const deadlines = forecast.deadlines
    .map((deadline): DeadlineOnClock => {
      const rule = RULES.find((r) => r.id === deadline.rule);
      const inMinutes = deadline.atMinute - elapsed;
      const isInTime = stages.find((s) => s.rule === deadline.rule)?.ok ?? false;
      const state = coldInTime(readings, deadline)
        ? 'kept'
        : inMinutes > 0
          ? 'open'
          : isInTime
            ? 'over'
            : ('missed' as const);
      return { ...deadline, state, inMinutes, authority: rule?.authority ?? '', advice: rule?.missed ?? '' };
    })
    .sort((a, b) => a.atMinute - b.atMinute);
  const isOver = said < elapsed - PUT_RIGHT;
  let end = run.past.reduce((sum, leg) => sum + leg.minutes, 0);
  return {
    elapsed,
    toWrapReady: minutes === null ? null : minutes - elapsed,
    deadlines,
    next: deadlines.find((d) => d.state === 'open') ?? null,
    missed: deadlines.filter((d) => d.state === 'missed'),
    isMeasuredReady: readings.length > 0 && readings[readings.length - 1].c <= targetC,
    nowC: forecastAt(forecast, elapsed),
    moves: legs.map((leg, i) => {
      end += leg.minutes;
      return { inMinutes: end - elapsed, place: legs[i + 1]?.place ?? batch.cool.place };
    }),
    setBackMinutes: isOver ? elapsed - said : 0,
  };
}

/** A reading cold enough by the deadline, and none afterwards that says it was not of the food. */
const coldInTime = (readings: readonly { minute: number; c: number }[], { atMinute, belowC }: Deadline): boolean =>
  readings.some(
    (r) =>
      r.minute <= atMinute &&
      r.c <= belowC &&
      readings.every((after) => after.minute <= r.minute || after.c <= belowC + CONTRADICTS),
  );

/** The forecast temperature at a minute, °C; the last one beyond the curve. */
function forecastAt({ samples }: CoolingForecast, minute: number): number {
  const after = samples.findIndex((s) => s.minute >= minute);
  if (after < 0) return samples[samples.length - 1].centreC;
  if (after === 0) return samples[0].centreC;
  const [a, b] = [samples[after - 1], samples[after]];
  return a.centreC + ((b.centreC - a.centreC) * (minute - a.minute)) / (b.minute - a.minute);
}
