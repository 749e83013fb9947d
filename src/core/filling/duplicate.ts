/** Beginning again from a batch. */
import { DEFAULT_KITCHEN } from '../stored/kitchen';
import { LIMITS } from '../vocabulary/limits';
import { firstOf, NOTHING_NOTED } from '../stored/noted';
import { type Batch } from '../stored/schema';
import { cookOffOf } from './cook-off';
import { resolveLines } from './lines';
import { panContents } from './pan';

/** What boiled off, as the estimate of the next time. */
function measuredAsEstimate({ water, lines, ingredients }: Batch): Batch['water']['estimate'] {
  if (water.weighIns.length === 0) return water.estimate;
  const pan = panContents(resolveLines({ lines, ingredients }, DEFAULT_KITCHEN));
  return { by: 'grams', grams: Math.min(LIMITS.water.most, Math.round(cookOffOf(water, pan).grams)) };
}

/** A copy to cook again: nothing measured, timed, tasted or noted is carried over. */
export function duplicateBatch(batch: Batch, { id, title, at }: { id: string; title: string; at: string }): Batch {
  return {
    ...batch,
    id,
    title,
    revision: 0,
    writer: '',
    edits: [],
    createdAt: at,
    updatedAt: at,
    lines: batch.lines.map((line) => ({ ...line, ticked: false })),
    stagesDone: [],
    // What was weighed last time is this time's estimate.
    water: { ...batch.water, estimate: measuredAsEstimate(batch), weighIns: [], plannedG: 0 },
    season: { ...batch.season, tastings: [] },
    cool: { ...batch.cool, run: null, earlierRuns: [] },
    wrap: { ...batch.wrap, weighed: [], board: null, earlierBoards: [] },
    cook: { ...batch.cook, readings: [], run: null, earlierRuns: [] },
    taken: [],
    note: NOTHING_NOTED,
    lineage: firstOf(id),
    doneAt: null,
  };
}
