/** Going in, stage by stage: what is ticked, what was forgotten, and where the last chance to season is. */
import { type Batch } from '../stored/schema';
import { HAZARDS } from '../vocabulary/foods';
import { type Stage, STAGE_IDS, STAGES } from '../vocabulary/stages';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

export interface StageProgress {
  stage: Stage;
  /** Lines that have gone in, of how many. */
  ticked: number;
  of: number;
  isOver: boolean;
  /** Said at the stage's heading; null for ordinary stages. */
  chance: string | null;
}

/** A stage is over when the cook says so, or when something of a later stage has gone in. */
function isOver(batch: Batch, stage: Stage): boolean {
  if (batch.stagesDone.includes(stage)) return true;
  const later = STAGE_IDS.slice(STAGE_IDS.indexOf(stage) + 1);
  return batch.lines.some((l) => l.ticked && later.includes(l.stage));
}

/** How far each stage that has lines has got. */
export function stageProgress(batch: Batch, lines: readonly ResolvedLine[]): StageProgress[] {
  const used = STAGE_IDS.filter((stage) => batch.lines.some((l) => l.stage === stage));
  const last = used.at(-1);
  const firstRaw = used.find((stage) =>
    lines.some(
      (l) =>
        l.line.stage === stage &&
        !l.preparation.cooked &&
        STAGES[stage].keepsRaw &&
        HAZARDS[l.ingredient.hazard].isRawAnimal,
    ),
  );
  const lastToTaste = firstRaw === undefined ? last : used[used.indexOf(firstRaw) - 1];
  return used.map((stage) => {
    const own = batch.lines.filter((l) => l.stage === stage);
    return {
      stage,
      ticked: own.filter((l) => l.ticked).length,
      of: own.length,
      isOver: isOver(batch, stage),
      chance: chanceOf(stage, last, lastToTaste),
    };
  });
}

function chanceOf(stage: Stage, last: Stage | undefined, lastToTaste: Stage | undefined): string | null {
  if (stage === last) {
    return stage === lastToTaste
      ? 'last chance to season: taste now'
      : 'last chance to season: cook a teaspoonful and taste that, never raw';
  }
  return stage === lastToTaste ? 'last chance to taste it as it is: what comes next is raw' : null;
}

/** What was listed but had not gone in when its stage was over. */
export function forgottenFindings(batch: Batch, nameOf: (ingredientId: string) => string): Finding[] {
  return batch.lines
    .filter((l) => !l.ticked && isOver(batch, l.stage))
    .map((l) => ({
      lineId: l.id,
      text: `${nameOf(l.ingredientId)} hasn’t gone in, and its stage is over. Can it still go in?`,
      fix: { label: 'It is in', change: [{ do: 'changeLine', id: l.id, to: { ticked: true } }] },
    }));
}
