/**
 * One exposure clock for a batch: out of the cold and below 60 °C while it cooled, on the board, and waiting for its turn in the
 * heat. Cool, the bench clock and the loads' clocks tell of one and the same time; it is counted once, whichever of them ran.
 */
import { minutesSince } from '../stored/runs';
import { type Batch } from '../stored/schema';
import { PLACES } from '../vocabulary/places';
import { type SafetyState } from '../safety/cooled';
import { DANGER, minuteAtMost, standingIn, throughReadings, type Track } from '../safety/exposure';
import { HALF_WAY, SHALLOW_MM } from '../safety/packs';
import { partsFor } from './board-clock';
import { type CoolReading, runEvidence } from './evidence-of';
import { type CoolingForecast } from './forecast';
import { isRehearsal } from '../stored/rehearsal-id';
import { minuteOf } from '../stored/moments';

/** From when until when it was out, epoch minutes; open where it still is. */
interface Out {
  what: 'cooling' | 'board' | 'waiting';
  from: number;
  to: number | null;
}

export interface Exposure {
  /** Whether anything in it spoils within hours, and why. */
  counts: boolean;
  why: string;
  /** Minutes out of the cold, of the part that is out longest. */
  coolingMinutes: number;
  boardMinutes: number;
  waitingMinutes: number;
  minutes: number;
  /** Before it came to the board where the bench clock now runs. */
  beforeBoardMinutes: number;
  /** Some of it is forecast, not yet happened. */
  isForecast: boolean;
  /** So many parts of the filling are to be out at a time, the rest in the fridge; 1 where all may. */
  parts: number;
  limitMinutes: number;
  mostMinutes: number;
  state: SafetyState;
}

/** What the exposure clock is asked with. */
interface Known {
  perishable: { counts: boolean; why: string };
  cooling: CoolingForecast | null;
  /** Filling and closing all of them, minutes, as planned. */
  wrapMinutes: number;
  /** The last load waits so long in the kitchen for its turn, minutes, as planned. */
  waitMinutes: number;
  roomC: number;
  /** Parcels that have not been in the heat. */
  toCome: number;
}

/** Reads the exposure clock. @param now ISO 8601; null where only what is stored is asked */
export function exposureOf(
  batch: Pick<Batch, 'id' | 'cool' | 'wrap' | 'cook'>,
  circumstances: Known,
  now: string | null,
): Exposure {
  const limits = standingIn(circumstances.roomC);
  const { counts, why } = circumstances.perishable;
  const outs = counts ? outsOf(batch, circumstances.cooling) : [];
  const worst = counts ? longestOf(batch, outs, circumstances.toCome, now) : NOTHING;
  const planned = counts ? plannedBeside(batch, circumstances, outs, worst, limits.limitMinutes) : NOT_PLANNED;
  const sum = {
    coolingMinutes: worst.cooling + planned.cooling,
    boardMinutes: worst.board + planned.board,
    waitingMinutes: worst.waiting + planned.waiting,
  };
  const minutes = sum.coolingMinutes + sum.boardMinutes + sum.waitingMinutes;
  const outAt = batch.wrap.board?.stretches[0].outAt;
  return {
    counts,
    why,
    ...sum,
    minutes,
    beforeBoardMinutes: outAt === undefined ? 0 : total(sumUntil(outs, minuteOf(outAt))),
    isForecast: planned.cooling + planned.board + planned.waiting > 0,
    parts: planned.parts,
    ...limits,
    state: minutes > limits.mostMinutes ? 'fix' : minutes > limits.limitMinutes ? 'watch' : 'good',
  };
}

/** Every stretch that it was out, by the clocks that ran. */
function outsOf({ id, cool, wrap }: Pick<Batch, 'id' | 'cool' | 'wrap'>, forecast: CoolingForecast | null): Out[] {
  const world = { isRehearsal: isRehearsal(id) };
  const last = cool.earlierRuns[cool.earlierRuns.length - 1];
  const run = cool.run ?? last ?? null;
  const boards = [...wrap.earlierBoards, ...(wrap.board ? [{ ...wrap.board, stoppedAt: null, to: null }] : [])].filter(
    ({ stretches }) => run === null || minuteOf(stretches[0].outAt) >= minuteOf(run.offHeatAt),
  );
  const outs: Out[] =
    run === null ? [] : [coolingOut(cool, run, cool.run === null ? last.stoppedAt : null, forecast, world)];
  const began = boards[0]?.stretches[0].outAt;
  // Cold enough, it stood there until somebody began to wrap it.
  if (cool.run === null && last?.to === 'board')
    outs.push({ what: 'board', from: minuteOf(last.stoppedAt), to: began === undefined ? null : minuteOf(began) });
  boards.forEach(({ stretches, stoppedAt, to }, i) => {
    for (const { outAt, inAt } of stretches)
      outs.push({ what: 'board', from: minuteOf(outAt), to: inAt === null ? null : minuteOf(inAt) });
    const next = boards[i + 1]?.stretches[0].outAt;
    if (stoppedAt !== null && to === 'heat')
      outs.push({ what: 'waiting', from: minuteOf(stoppedAt), to: next === undefined ? null : minuteOf(next) });
  });
  return outs;
}

/** From leaving 60 °C until it is in the cold, or until its clock was stopped. */
function coolingOut(
  cool: Batch['cool'],
  run: Pick<NonNullable<Batch['cool']['run']>, 'offHeatAt' | 'readings' | 'past'>,
  stoppedAt: string | null,
  forecast: CoolingForecast | null,
  world: { isRehearsal: boolean },
): Out {
  const began = minuteOf(run.offHeatAt);
  const track = forecast === null ? null : trackOf(forecast, cool.run === null ? runEvidence(run, world).counted : []);
  const leaves60 = track === null ? 0 : (minuteAtMost(track, DANGER.toC) ?? 0);
  const cold = doorOf(cool, run, forecast, track);
  const stopped = stoppedAt === null ? null : minutesSince(run, stoppedAt);
  const ends = [cold, stopped].filter((m) => m !== null);
  const to = ends.length === 0 ? null : began + Math.max(0, Math.min(...ends));
  const from = began + leaves60;
  return { what: 'cooling', from: to === null ? from : Math.min(from, to), to };
}

const trackOf = ({ track }: CoolingForecast, readings: readonly CoolReading[]): Track =>
  throughReadings(
    track,
    readings.map(({ minute, c }) => ({ minute, c })),
  );

/** When the cold takes it: shallow at the door, deep once it is half-way; null where it does not. Minutes since off the heat. */
function doorOf(
  cool: Batch['cool'],
  { past }: { past: Batch['cool']['legs'] },
  forecast: CoolingForecast | null,
  track: Track | null,
): number | null {
  let minute = 0;
  for (const leg of [...past, ...cool.legs, { place: cool.place, minutes: 0 }]) {
    if (PLACES[leg.place].isCold) {
      const isShallow = forecast !== null && forecast.depthMm <= SHALLOW_MM;
      return isShallow || track === null ? minute : Math.max(minute, minuteAtMost(track, HALF_WAY.c) ?? Infinity);
    }
    minute += leg.minutes;
  }
  return null;
}

interface Sum {
  cooling: number;
  board: number;
  waiting: number;
}
const NOTHING: Sum = { cooling: 0, board: 0, waiting: 0 };
const total = ({ cooling, board, waiting }: Sum): number => cooling + board + waiting;

/** What the load that was out longest has behind it; what is still to go into the heat counts until now. */
function longestOf({ cook }: Pick<Batch, 'cook'>, outs: readonly Out[], toCome: number, now: string | null): Sum {
  const runs = [...cook.earlierRuns, ...(cook.run ? [cook.run] : [])];
  const first = new Map<number, number>();
  for (const { load, inAt } of runs) if (!first.has(load)) first.set(load, minuteOf(inAt));
  const last = Math.max(...outs.map(({ from, to }) => to ?? from));
  const ends = [...first.values(), ...(toCome > 0 || first.size === 0 ? [now === null ? last : minuteOf(now)] : [])];
  return ends.map((end) => sumUntil(outs, end)).reduce((a, b) => (total(b) > total(a) ? b : a), NOTHING);
}

function sumUntil(outs: readonly Out[], end: number): Sum {
  const sum = { ...NOTHING };
  // No minute counts twice, where two clocks ran at once.
  let counted = -Infinity;
  for (const { what, from, to } of [...outs].sort((a, b) => a.from - b.from)) {
    const [begin, stop] = [Math.max(from, counted), Math.min(to ?? Infinity, end)];
    if (stop <= begin) continue;
    sum[what] += stop - begin;
    counted = stop;
  }
  return sum;
}

interface Planned extends Sum {
  parts: number;
}
const NOT_PLANNED: Planned = { ...NOTHING, parts: 1 };

/** What is still to come, by the plan: cooling until wrap-ready, the board, the last load's waiting. */
function plannedBeside(
  { cool, wrap, cook }: Pick<Batch, 'cool' | 'wrap' | 'cook'>,
  { cooling, wrapMinutes, waitMinutes, toCome }: Known,
  outs: readonly Out[],
  done: Sum,
  limitMinutes: number,
): Planned {
  const isInHeat = cook.run !== null || cook.earlierRuns.length > 0;
  if (toCome <= 0 || isInHeat) return NOT_PLANNED;
  const hasCooled = cool.run === null && outs.some(({ what }) => what === 'cooling');
  const cools = cooling === null || hasCooled ? 0 : Math.max(0, plannedCooling(cooling) - done.cooling);
  const isOnBoard = wrap.board !== null || wrap.earlierBoards.length > 0;
  if (isOnBoard) return { ...NOTHING, parts: 1 };
  const before = total(done) + cools;
  const parts =
    before + wrapMinutes <= limitMinutes
      ? 1
      : Math.min(MOST_PARTS, partsFor(wrapMinutes, Math.max(1, limitMinutes - before)));
  return { cooling: cools, board: wrapMinutes / parts, waiting: waitMinutes, parts };
}

/** A filling is not taken out in more parts than this. House estimate. */
const MOST_PARTS = 4;

/** Minutes out of the cold until wrap-ready, by the plan. */
function plannedCooling({ track, minutes, stall, coldAtMinute, depthMm }: CoolingForecast): number {
  const from = minuteAtMost(track, DANGER.toC) ?? 0;
  const ready = stall?.minutes ?? minutes ?? Infinity;
  const door =
    coldAtMinute === null
      ? Infinity
      : depthMm <= SHALLOW_MM
        ? coldAtMinute
        : Math.max(coldAtMinute, minuteAtMost(track, HALF_WAY.c) ?? Infinity);
  const end = Math.min(ready, door);
  return Number.isFinite(end) ? Math.max(0, end - from) : 0;
}
