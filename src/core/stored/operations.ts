/** The small changes a batch is edited by. Each is plain JSON, and applying it is a pure function from batch to batch. */
import { type OwnIngredient } from './own-ingredient-schema';
import { placeLine, type Placing } from './place-line';
import { type LineFacts, scaleFilling } from './scale';
import { splitLine } from './split-line';
import { addReading, answerMissed, moveOffHeat, startRun, stopRun, type CoolingPlanFields } from './runs';
import { type Outcome } from './note-schema';
import { withOutcome, withoutOutcome } from './noted';
import { type Batch, type BoardRun, type CoolingRun, type Line, type Missed, type Taken, type Weighed } from './schema';
import { type BoardEnd, type RunEnd } from '../vocabulary/where-to';
import { MOST } from '../vocabulary/limits';
import { changeDough, changeForm } from './create';
import { type OwnDough } from './own-dough-schema';
import { type DoughId } from '../vocabulary/doughs';
import { type FormId } from '../forms';
import { type CookingPlanFields, type NewReading, numbered, startLoad, stopLoad } from './cook-runs';
import { moveOut, putAway, startBoard, stopBoard, takeOut } from './boards';
import { type Stage } from '../vocabulary/stages';

type Water = Batch['water'];

export type Operation =
  | { do: 'addLine'; line: Line }
  | { do: 'changeLine'; id: string; to: Partial<Omit<Line, 'id'>> }
  | { do: 'removeLine'; id: string }
  | ({ do: 'moveLine' } & Placing)
  | { do: 'splitLine'; id: string; newId: string; share: number; stage: Stage }
  | { do: 'keepIngredient'; ingredient: OwnIngredient }
  | ({ do: 'scaleFilling'; factor: number } & LineFacts)
  | { do: 'finishStage'; stage: Stage; done: boolean }
  | { do: 'setBatch'; to: Partial<Pick<Batch, 'title' | 'school' | 'count'>> }
  | { do: 'setWater'; to: Partial<Pick<Water, 'panG' | 'estimate' | 'plannedG' | 'drainedG'>> }
  | { do: 'addWeighIn'; weighIn: Water['weighIns'][number] }
  | { do: 'removeWeighIn'; weighIn: Water['weighIns'][number] }
  | { do: 'setSeason'; to: Partial<Pick<Batch['season'], 'heldBack'>> }
  | { do: 'addTasting'; tasting: Batch['season']['tastings'][number] }
  | { do: 'setCool'; to: Partial<CoolingPlanFields> }
  | { do: 'startCooling'; at: string }
  /** With where it goes, and the rules whose limit it has missed by then. */
  | { do: 'stopCooling'; at: string; goesTo?: RunEnd; missed?: readonly string[] }
  /** What was done where a limit was missed. */
  | { do: 'answerMissed'; missed: Missed }
  | { do: 'setOffHeat'; at: string }
  /** What has been until now, when the plan is changed on the way. */
  | { do: 'setPastLegs'; past: CoolingRun['past'] }
  | { do: 'addCoolReading'; reading: CoolingRun['readings'][number] }
  | { do: 'removeCoolReading'; reading: CoolingRun['readings'][number] }
  | { do: 'setWrap'; to: Partial<Omit<Batch['wrap'], 'weighed' | 'board' | 'earlierBoards'>> }
  /** Another form or dough, with what comes with it, from what there is when it is applied. */
  | { do: 'setForm'; form: FormId }
  | { do: 'setDough'; dough: DoughId; own: OwnDough | null }
  | { do: 'addWeighed'; weighed: Weighed }
  | { do: 'removeWeighed'; weighed: Weighed }
  | { do: 'startBoard' | 'putAway' | 'takeOut' | 'setOut'; at: string }
  /** With where the parcels go: into the heat where nothing is said. */
  | { do: 'stopBoard'; at: string; goesTo?: BoardEnd }
  | { do: 'addTap'; tap: BoardRun['taps'][number] }
  | { do: 'removeTap'; tap: BoardRun['taps'][number] }
  | { do: 'setCook'; to: Partial<CookingPlanFields> }
  /** A load goes into the heat, is said to have gone in at another time, and is taken out. */
  | { do: 'setIn' | 'stopLoad'; at: string }
  /** Which one, where it is put back into the heat; and how many, where that is said. */
  | { do: 'startLoad'; at: string; load?: number; parcels?: number | null }
  | { do: 'addReading'; reading: NewReading }
  | { do: 'removeReading'; reading: Batch['cook']['readings'][number] }
  /** What work on it really took; the oldest are let go. */
  | { do: 'addTaken'; taken: Taken }
  | { do: 'removeTaken'; taken: Taken }
  | { do: 'setNote'; to: Partial<Omit<Batch['note'], 'at' | 'outcomes' | 'measured'>> }
  /** What was found; the same thing at the same place is there once. */
  | { do: 'noteOutcome'; outcome: Outcome; at: string }
  | { do: 'dropOutcome'; what: Outcome['what']; where: Outcome['where'] }
  | { do: 'setMeasured'; to: Partial<Batch['note']['measured']> }
  /** It is done and leaves the Bench; null: it comes back. */
  | { do: 'setDone'; at: string | null };

/** Applies a change. Ids that are not in the batch change nothing. */
export function apply(batch: Batch, change: Operation): Batch {
  switch (change.do) {
    case 'addLine':
      return { ...batch, lines: [...batch.lines, change.line] };
    case 'changeLine':
      return { ...batch, lines: batch.lines.map((l) => (l.id === change.id ? { ...l, ...change.to } : l)) };
    case 'removeLine':
      return withLines(
        batch,
        batch.lines.filter((l) => l.id !== change.id),
      );
    case 'moveLine':
      return { ...batch, lines: placeLine(batch.lines, change) };
    case 'splitLine':
      return { ...batch, lines: splitLine(batch.lines, change) };
    case 'keepIngredient': {
      const others = batch.ingredients.filter((own) => own.id !== change.ingredient.id);
      return { ...batch, ingredients: [...others, change.ingredient] };
    }
    case 'scaleFilling':
      return scaleFilling(batch, change.factor, change);
    case 'finishStage': {
      const others = batch.stagesDone.filter((stage) => stage !== change.stage);
      return { ...batch, stagesDone: change.done ? [...others, change.stage] : others };
    }
    case 'setBatch':
      return { ...batch, ...change.to };
    case 'setWater':
      return withWater(batch, change.to);
    case 'addWeighIn':
      // A weighing overrides what was thought and what was planned.
      return withWater(batch, { weighIns: [...batch.water.weighIns, change.weighIn], plannedG: 0 });
    case 'removeWeighIn':
      return withWater(batch, { weighIns: without(batch.water.weighIns, change.weighIn), plannedG: 0 });
    case 'setSeason':
      return { ...batch, season: { ...batch.season, ...change.to } };
    case 'addTasting':
      return { ...batch, season: { ...batch.season, tastings: [...batch.season.tastings, change.tasting] } };
    case 'setCool':
      return { ...batch, cool: { ...batch.cool, ...change.to } };
    case 'startCooling':
      return { ...batch, cool: startRun(batch.cool, change.at) };
    case 'stopCooling':
      return { ...batch, cool: stopRun(batch.cool, change.at, change.goesTo, change.missed) };
    case 'answerMissed':
      return { ...batch, cool: answerMissed(batch.cool, change.missed) };
    case 'setOffHeat':
      return withRun(batch, (run) => moveOffHeat(run, change.at));
    case 'setPastLegs':
      return withRun(batch, (run) => ({ ...run, past: change.past }));
    case 'addCoolReading':
      return withRun(batch, (run) => addReading(run, change.reading));
    case 'removeCoolReading':
      return withRun(batch, (run) => ({ ...run, readings: without(run.readings, change.reading) }));
    case 'setWrap':
      return { ...batch, wrap: { ...batch.wrap, ...change.to } };
    case 'setForm':
      return withWrap(batch, (wrap) => ({ ...wrap, ...changeForm(change.form, wrap) }));
    case 'setDough':
      return withWrap(batch, (wrap) => ({ ...wrap, ...changeDough(change.dough, wrap), ownDough: change.own }));
    case 'addWeighed':
      return withWrap(batch, (wrap) => ({ ...wrap, weighed: [...wrap.weighed, change.weighed] }));
    case 'removeWeighed':
      return withWrap(batch, (wrap) => ({ ...wrap, weighed: without(wrap.weighed, change.weighed) }));
    case 'startBoard':
      return withWrap(batch, (wrap) => startBoard(wrap, change.at));
    case 'stopBoard':
      return withWrap(batch, (wrap) => stopBoard(wrap, change.at, change.goesTo));
    case 'putAway':
      return withBoard(batch, (board) => putAway(board, change.at));
    case 'takeOut':
      return withBoard(batch, (board) => takeOut(board, change.at));
    case 'setOut':
      return withBoard(batch, (board) => moveOut(board, change.at));
    case 'addTap':
      return withBoard(batch, (board) => ({ ...board, taps: [...board.taps, change.tap] }));
    case 'removeTap':
      return withBoard(batch, (board) => ({ ...board, taps: without(board.taps, change.tap) }));
    case 'setCook':
      return { ...batch, cook: { ...batch.cook, ...change.to } };
    case 'startLoad':
      return { ...batch, cook: startLoad(batch.cook, change.at, change.load, change.parcels) };
    case 'setIn':
      return batch.cook.run === null
        ? batch
        : { ...batch, cook: { ...batch.cook, run: { ...batch.cook.run, inAt: change.at } } };
    case 'stopLoad':
      return { ...batch, cook: stopLoad(batch.cook, change.at) };
    case 'addReading':
      return {
        ...batch,
        cook: { ...batch.cook, readings: [...batch.cook.readings, numbered(batch.cook, change.reading)] },
      };
    case 'removeReading':
      return { ...batch, cook: { ...batch.cook, readings: without(batch.cook.readings, change.reading) } };
    case 'addTaken':
      return { ...batch, taken: [...batch.taken, change.taken].slice(-MOST.taken) };
    case 'removeTaken':
      return { ...batch, taken: without(batch.taken, change.taken) };
    case 'setNote':
      return { ...batch, note: { ...batch.note, ...change.to } };
    case 'noteOutcome':
      return { ...batch, note: withOutcome(batch.note, change.outcome, change.at) };
    case 'dropOutcome':
      return { ...batch, note: withoutOutcome(batch.note, change) };
    case 'setMeasured':
      return { ...batch, note: { ...batch.note, measured: { ...batch.note.measured, ...change.to } } };
    case 'setDone':
      return { ...batch, doneAt: change.at };
  }
}

const withRun = (batch: Batch, change: (run: CoolingRun) => CoolingRun): Batch =>
  batch.cool.run === null ? batch : { ...batch, cool: { ...batch.cool, run: change(batch.cool.run) } };

const withWrap = (batch: Batch, change: (wrap: Batch['wrap']) => Batch['wrap']): Batch => ({
  ...batch,
  wrap: change(batch.wrap),
});

const withBoard = (batch: Batch, change: (board: BoardRun) => BoardRun): Batch =>
  withWrap(batch, (wrap) => (wrap.board === null ? wrap : { ...wrap, board: change(wrap.board) }));

/** Takes one measurement away, the one that is meant and not the one that now stands in its place. */
function without<M extends { at: string }>(list: readonly M[], gone: M): M[] {
  const same = (m: M): boolean => (Object.keys(gone) as (keyof M)[]).every((key) => m[key] === gone[key]);
  const index = list.findIndex(same);
  return list.filter((_, i) => i !== index);
}

const withWater = (batch: Batch, to: Partial<Water>): Batch => ({ ...batch, water: { ...batch.water, ...to } });

/** Own ingredients that no line uses any more do not stay behind. */
function withLines(batch: Batch, lines: Line[]): Batch {
  const used = new Set(lines.map((l) => l.ingredientId));
  const ingredients = batch.ingredients.filter((own) => used.has(own.id));
  return {
    ...batch,
    lines,
    ingredients: ingredients.length === batch.ingredients.length ? batch.ingredients : ingredients,
  };
}
