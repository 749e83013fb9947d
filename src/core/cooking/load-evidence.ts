/** Core readings that count, load by load: what each load has been through, by its clocks. */
import { inAtOf, loadsOf, readingsOfLoad } from '../stored/cook-runs';
import { isRehearsal } from '../stored/rehearsal-id';
import { type Batch } from '../stored/schema';
import { type Counted, coreEvidence, type InHeat, type LeftOut, type Reading } from '../safety/evidence';
import { minuteOf } from '../stored/moments';

/** A core reading against the clock: epoch minutes. */
export type LoadReading = Batch['cook']['readings'][number] & Reading;

/** A load as it was cooked and measured. */
export interface CookedLoad {
  load: number;
  parcels: number;
  isOut: boolean;
  counted: readonly Counted<LoadReading>[];
  left: readonly LeftOut<LoadReading>[];
}

/**
 * Loads in the heat or measured, in order.
 * @param atOnce parcels in a load where nobody has said
 * @param soonest minutes in the heat before which the middle cannot have a temperature; null where nobody knows
 */
export function cookedLoads(
  { id, cook, cool, wrap, count }: Pick<Batch, 'id' | 'cook' | 'cool' | 'wrap' | 'count'>,
  atOnce: number,
  soonest: InHeat['soonest'],
): { loads: CookedLoad[]; toCome: number } {
  const runs = [...cook.earlierRuns, ...(cook.run ? [{ ...cook.run, outAt: null }] : [])];
  let left = count;
  const loads = loadsOf(cook).map((load): CookedLoad => {
    const stays = runs
      .filter((run) => run.load === load)
      .map(({ inAt, outAt }) => ({ inMinute: minuteOf(inAt), outMinute: outAt === null ? null : minuteOf(outAt) }));
    const noted = runs.find((run) => run.load === load && run.parcels !== null)?.parcels ?? null;
    const parcels = noted ?? Math.max(1, Math.min(atOnce, left));
    left -= parcels;
    const readings = readingsOfLoad(cook, load).map((reading): LoadReading => ({
      ...reading,
      minute: minuteOf(reading.at),
    }));
    const { counted, left: leftOut } = coreEvidence(
      readings,
      { stays, notBefore: notBefore(cool, wrap), soonest },
      { isRehearsal: isRehearsal(id) },
    );
    return {
      load,
      parcels,
      isOut: stays.length > 0 && stays[stays.length - 1].outMinute !== null,
      counted,
      left: leftOut,
    };
  });
  return { loads, toCome: Math.max(0, left) };
}

/** Before it was wrapped nothing can have been cooked: where no load's clock was started, the others tell. */
function notBefore({ run, earlierRuns }: Batch['cool'], { board, earlierBoards }: Batch['wrap']): number | null {
  const beginnings = [
    ...[...earlierRuns, ...(run ? [run] : [])].map(({ offHeatAt }) => offHeatAt),
    ...[...earlierBoards, ...(board ? [board] : [])].flatMap(({ taps }) => taps.slice(0, 1).map(({ at }) => at)),
  ].map(minuteOf);
  return beginnings.length === 0 ? null : Math.max(...beginnings);
}

/** Readings of a load that count, in minutes since it went in: for a fit and for the curve. None where no clock was started. */
export function countedInHeat(
  batch: Pick<Batch, 'id' | 'cook' | 'cool' | 'wrap' | 'count'>,
  load: number,
  soonest: InHeat['soonest'] = null,
): Counted<LoadReading>[] {
  const inAt = inAtOf(batch.cook, load);
  const { loads } = cookedLoads(batch, batch.count, soonest);
  const { counted = [] } = loads.find((l) => l.load === load) ?? {};
  return inAt === null ? [] : counted.map((reading) => ({ ...reading, minute: reading.minute - minuteOf(inAt) }));
}

/**
 * The same for comparing with what the heat does: what is measured when the load is out says how it came out, and no heat has
 * reached it since.
 */
export function readingsInHeat(
  batch: Pick<Batch, 'id' | 'cook' | 'cool' | 'wrap' | 'count'>,
  load: number,
  soonest: InHeat['soonest'] = null,
): Counted<LoadReading>[] {
  const inAt = inAtOf(batch.cook, load);
  const out = [...batch.cook.earlierRuns].reverse().find((run) => run.load === load)?.outAt;
  const isOut = batch.cook.run?.load !== load && out !== undefined && inAt !== null;
  const end = isOut ? minuteOf(out) - minuteOf(inAt) : Infinity;
  return countedInHeat(batch, load, soonest).map((reading) => ({ ...reading, minute: Math.min(reading.minute, end) }));
}
