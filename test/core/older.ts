/** What documents were like before. */
import { type Batch } from '@/core/stored/schema';

/** A wrap as versions 2 to 5 had it: one diameter, and nothing else that came since. */
export function wrapOfVersion5({
  form,
  dough,
  doughSaltPercent,
  skin,
  rimMm,
  thicknessMm,
  portionG,
  doughG,
}: Batch['wrap']) {
  if (skin.shape !== 'round') throw new Error('only round skins were known');
  const { diameterMm } = skin;
  return { form, dough, doughSaltPercent, diameterMm, rimMm, thicknessMm, depthMm: null, portionG, doughG };
}

/** Cooking as versions 1 to 6 had it: one medium, one time. */
export function cookOfVersion6({ method, steps: [{ mediumC, minutes }], startC, readings }: Batch['cook']) {
  return { method, startC, readings, mediumC: mediumC ?? 100, minutes };
}

/** A wrap as versions 6 to 12 had it: nothing bought was said to be thawed. */
export const wrapOfVersion12 = ({ isThawed: _isThawed, ...wrap }: Batch['wrap']) => wrap;

/** A batch as version 10 had it: without what version 11 added, which is the same for all older ones and looked at by itself. */
export function asVersion10({ edits: _edits, cool, wrap, cook, ...rest }: Batch) {
  const reading = ({ at, c }: { at: string; c: number }) => ({ at, c });
  const cooling = <Run extends NonNullable<Batch['cool']['run']>>({ missed: _missed, readings, ...run }: Run) => ({
    ...run,
    readings: readings.map(reading),
  });
  return {
    ...rest,
    cool: {
      ...cool,
      run: cool.run && cooling(cool.run),
      earlierRuns: cool.earlierRuns.map(({ to: _to, ...run }) => cooling(run)),
    },
    wrap: { ...wrapOfVersion12(wrap), earlierBoards: wrap.earlierBoards.map(({ to: _to, ...board }) => board) },
    cook: {
      ...cook,
      readings: cook.readings.map(({ round, c, at }) => ({ round, c, at })),
      run: cook.run && { inAt: cook.run.inAt },
      earlierRuns: cook.earlierRuns.map(({ inAt, outAt }) => ({ inAt, outAt })),
    },
  };
}
