/** The clock of a cooling that is under way: minutes to wrap-ready, to the deadlines, and what was missed. Time is passed in. */
import { minutesSince } from '../stored/runs';
import { type Batch } from '../stored/schema';
import { endOf, temperatureAt } from '../safety/exposure';
import { WARM_MINUTES, warmMinutes } from '../safety/cooled';
import { SHALLOW_MM, WARM_RULE } from '../safety/packs';
import { isAtMost } from '../safety/threshold';
import { type CoolingForecast, type Deadline } from './forecast';
import { disagrees } from './learned';
import { adviceOf, ruleById } from './rule-words';

/**
 * How a deadline stands. Kept: a reading was cold enough by then, or it was in the cold as the rule asks. Over: it has passed,
 * and by the forecast it was cold enough, but nobody measured. Missed: it has passed, and neither says that it was.
 */
export type DeadlineState = 'open' | 'kept' | 'over' | 'missed';

export interface DeadlineOnClock extends Deadline {
  state: DeadlineState;
  /** Minutes to it; below 0 since then. */
  inMinutes: number;
  authority: string;
  /** What the authority says to do where it is missed; and whether it may then be reheated and cooled again. */
  advice: string;
  canReheat: boolean;
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
  /** Minutes since the reading that says it may be wrapped; null where none does, or where it does not hold any more. */
  readySince: number | null;
  /** The temperature of the warmest place now, by the forecast through its readings, °C. */
  nowC: number;
  /** Every move from one leg to the next, in minutes from now, below 0 once it is past, and where it goes then. */
  moves: { inMinutes: number; place: Batch['cool']['place'] }[];
  /** By so many minutes the device’s clock has been set back since; 0 where it has not. */
  setBackMinutes: number;
}

/** Clocks are put right by seconds; more than this is a clock set back, min. */
const PUT_RIGHT = 1;
/** A reading at the target holds as long as the curve through it stays within this of it, K. House estimate. */
const HOLDS_K = 0.5;

/**
 * Reads the clock.
 * @param now what the device’s clock says, ISO 8601
 * @param latest the latest time ever seen in this run, ISO 8601: a clock set back does not give time back
 * @returns null where no clock runs
 */
export function coolingClock(
  batch: Pick<Batch, 'cool'>,
  forecast: CoolingForecast,
  now: string,
  latest: string = now,
): CoolingClock | null {
  const { run, legs } = batch.cool;
  if (run === null) return null;
  const { minutes, readings } = forecast;
  const byClock = minutesSince(run, now);
  const elapsed = Math.max(0, byClock, minutesSince(run, latest), endOf(readings));
  const deadlines = [
    ...forecast.deadlines.map((deadline) => onClock(deadline, forecast, elapsed)),
    ...warmTooLong(forecast, elapsed),
  ].sort((a, b) => a.atMinute - b.atMinute);
  const missed = deadlines.filter((d) => d.state === 'missed');
  const isOver = byClock < elapsed - PUT_RIGHT;
  let end = run.past.reduce((sum, leg) => sum + leg.minutes, 0);
  return {
    elapsed,
    toWrapReady: minutes === null ? null : minutes - elapsed,
    deadlines,
    next: deadlines.find((d) => d.state === 'open') ?? null,
    missed,
    readySince: missed.length > 0 ? null : readySince(forecast, elapsed),
    nowC: temperatureAt(forecast.track, elapsed),
    moves: legs.map((leg, i) => {
      end += leg.minutes;
      return { inMinutes: end - elapsed, place: legs[i + 1]?.place ?? batch.cool.place };
    }),
    setBackMinutes: isOver ? elapsed - byClock : 0,
  };
}

function onClock(deadline: Deadline, forecast: CoolingForecast, elapsed: number): DeadlineOnClock {
  const inMinutes = deadline.atMinute - elapsed;
  return {
    ...deadline,
    ...adviceOf(deadline.rule),
    inMinutes,
    state: isKept(deadline, forecast, elapsed)
      ? 'kept'
      : inMinutes > 0
        ? 'open'
        : isForecast(deadline, forecast)
          ? 'over'
          : 'missed',
  };
}

/** A reading cold enough by the deadline; or in the cold by then, as the rule asks. */
function isKept(
  { rule, atMinute }: Deadline,
  { readings, coldAtMinute, depthMm }: CoolingForecast,
  elapsed: number,
): boolean {
  const limit = ruleById(rule)?.rule;
  if (limit === undefined) return false;
  if (limit.kind === 'fall') return readings.some((r) => r.minute <= atMinute && isAtMost(r.c, limit.to));
  const isThere = coldAtMinute !== null && coldAtMinute <= Math.min(atMinute, elapsed);
  return (
    (isThere && depthMm <= SHALLOW_MM) || readings.some((r) => r.minute <= atMinute && isAtMost(r.c, limit.coldTo))
  );
}

/** By the forecast it was cold enough by then: as cold as the rule asks, and no other temperature. */
function isForecast({ rule, atMinute }: Deadline, { track, coldAtMinute }: CoolingForecast): boolean {
  const limit = ruleById(rule)?.rule;
  if (limit === undefined) return false;
  if (limit.kind === 'fall') return isAtMost(temperatureAt(track, atMinute), limit.to);
  // A deep pot in the fridge has not met it, nor is it thrown away for that: what holds whatever the pack decides.
  return coldAtMinute !== null && coldAtMinute <= atMinute;
}

/** The warmest place too long between hot and half-way: missed, whatever the pack. */
function warmTooLong({ track, deadlines }: CoolingForecast, elapsed: number): DeadlineOnClock[] {
  if (deadlines.length === 0) return [];
  const warm = warmMinutes({ track, heatedAtMinute: elapsed });
  if (warm <= WARM_MINUTES.fix) return [];
  const since = warm - WARM_MINUTES.fix;
  return [
    {
      rule: WARM_RULE.id,
      limitMinutes: WARM_RULE.limitMinutes,
      belowC: null,
      ...adviceOf(WARM_RULE.id),
      atMinute: elapsed - since,
      inMinutes: -since,
      state: 'missed',
    },
  ];
}

/** Minutes since the last reading, where it was cold enough and by the curve through it still is. */
function readySince({ readings, track, targetC, fit }: CoolingForecast, elapsed: number): number | null {
  const last = readings[readings.length - 1];
  // Readings that fit no cooling of this filling are of something else, or of another time.
  if (last === undefined || last.c > targetC || (fit !== null && disagrees(fit))) return null;
  return temperatureAt(track, elapsed) <= targetC + HOLDS_K ? elapsed - last.minute : null;
}
