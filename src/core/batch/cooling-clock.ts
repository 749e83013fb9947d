/** The clock of a cooling that is under way: minutes to wrap-ready, to the deadline, and what was missed. Time is passed in. */
import { RULE_PACKS } from '../safety/packs';
import { type CoolingForecast, type Deadline } from './cooling';
import { type Batch } from './schema';

export interface MissedDeadline extends Deadline {
  /** Minutes since it passed. */
  agoMinutes: number;
  authority: string;
  /** What the authority says to do. */
  advice: string;
}

export interface CoolingClock {
  /** Minutes since it came off the heat. */
  elapsed: number;
  /** Minutes to wrap-ready by the forecast; below 0 since then; null where it never gets there as it stands. */
  toWrapReady: number | null;
  /** The next deadline that is not over, and the minutes to it. */
  next: (Deadline & { inMinutes: number }) | null;
  /** Deadlines that passed while it was still too warm, by its readings or, failing those, by the forecast. */
  missed: MissedDeadline[];
  /** A reading at or below wrap-ready: it has been measured, not only forecast. */
  isMeasuredReady: boolean;
  /** The temperature of the warmest place now, by the forecast, °C. */
  nowC: number;
  /** Every move from one leg to the next, in minutes from now, below 0 once it is past, and where it goes then. */
  moves: { inMinutes: number; place: Batch['cool']['place'] }[];
}

const RULES = Object.values(RULE_PACKS).flatMap((pack) =>
  pack.cooling.map((rule) => ({ ...rule, authority: pack.authority })),
);

/**
 * Reads the clock.
 * @param now ISO 8601
 * @returns null where no clock runs
 */
export function coolingClock(batch: Batch, forecast: CoolingForecast, now: string): CoolingClock | null {
  const { offHeatAt, readings, legs } = batch.cool;
  if (offHeatAt === null) return null;
  const minuteOf = (at: string): number => (Date.parse(at) - Date.parse(offHeatAt)) / 60_000;
  const elapsed = Math.max(0, minuteOf(now));
  const { minutes, deadlines, stages, targetC } = forecast;
  const isOver = (d: Deadline): boolean => elapsed > d.atMinute;
  const stageOk = (rule: string): boolean => stages.find((s) => s.rule === rule)?.ok ?? true;
  const coldInTime = (d: Deadline): boolean => readings.some((r) => minuteOf(r.at) <= d.atMinute && r.c <= d.belowC);
  const open = deadlines.filter((d) => !isOver(d) && !coldInTime(d)).sort((a, b) => a.atMinute - b.atMinute);
  let end = 0;
  return {
    elapsed,
    toWrapReady: minutes === null ? null : minutes - elapsed,
    next: open[0] ? { ...open[0], inMinutes: open[0].atMinute - elapsed } : null,
    missed: deadlines
      .filter((d) => isOver(d) && !coldInTime(d) && !stageOk(d.rule))
      .map((d) => {
        const rule = RULES.find((r) => r.id === d.rule);
        return {
          ...d,
          agoMinutes: elapsed - d.atMinute,
          authority: rule?.authority ?? '',
          advice: rule?.missed ?? '',
        };
      }),
    isMeasuredReady: readings.some((r) => r.c <= targetC),
    nowC: forecastAt(forecast, elapsed),
    moves: legs.map((leg, i) => {
      end += leg.minutes;
      return { inMinutes: end - elapsed, place: legs[i + 1]?.place ?? batch.cool.place };
    }),
  };
}

/** The forecast temperature at a minute, °C; the last one beyond the curve. */
function forecastAt({ samples }: CoolingForecast, minute: number): number {
  const after = samples.findIndex((s) => s.minute >= minute);
  if (after < 0) return samples[samples.length - 1].centreC;
  if (after === 0) return samples[0].centreC;
  const [a, b] = [samples[after - 1], samples[after]];
  return a.centreC + ((b.centreC - a.centreC) * (minute - a.minute)) / (b.minute - a.minute);
}

/** Readings against the clock that runs; none without it. */
export function readingMinutes({
  offHeatAt,
  readings,
}: Pick<Batch['cool'], 'offHeatAt' | 'readings'>): { minute: number; c: number }[] {
  if (offHeatAt === null) return [];
  const start = Date.parse(offHeatAt);
  return readings.map(({ at, c }) => ({ minute: (Date.parse(at) - start) / 60_000, c }));
}
