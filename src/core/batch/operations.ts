/** The small changes a batch is edited by. Each is plain JSON, and applying it is a pure function from batch to batch. */
import { type OwnIngredient } from '../food/own-ingredient';
import { placeLine, type Placing } from '../filling/place-line';
import { scaleFilling } from '../filling/scale';
import { splitLine } from '../filling/split-line';
import { type Batch, type Line } from './schema';
import { type Stage } from './vocabulary';

type Water = Batch['water'];

export type Operation =
  | { do: 'addLine'; line: Line }
  | { do: 'changeLine'; id: string; to: Partial<Omit<Line, 'id'>> }
  | { do: 'removeLine'; id: string }
  | ({ do: 'moveLine' } & Placing)
  | { do: 'splitLine'; id: string; newId: string; share: number; stage: Stage }
  | { do: 'keepIngredient'; ingredient: OwnIngredient }
  | { do: 'scaleFilling'; factor: number; cautious?: boolean }
  | { do: 'finishStage'; stage: Stage; done: boolean }
  | { do: 'setBatch'; to: Partial<Pick<Batch, 'title' | 'school' | 'count'>> }
  | { do: 'setWater'; to: Partial<Pick<Water, 'panG' | 'estimate' | 'plannedG' | 'drainedG'>> }
  | { do: 'addWeighIn'; weighIn: Water['weighIns'][number] }
  | { do: 'removeWeighIn'; index: number }
  | { do: 'setSeason'; to: Partial<Pick<Batch['season'], 'heldBack'>> }
  | { do: 'addTasting'; tasting: Batch['season']['tastings'][number] }
  | { do: 'setCool'; to: Partial<Omit<Batch['cool'], 'readings'>> }
  | { do: 'addCoolReading'; reading: Batch['cool']['readings'][number] }
  | { do: 'removeCoolReading'; index: number }
  | { do: 'setWrap'; to: Partial<Batch['wrap']> }
  | { do: 'setCook'; to: Partial<Omit<Batch['cook'], 'readings'>> }
  | { do: 'addReading'; reading: Batch['cook']['readings'][number] }
  | { do: 'removeReading'; index: number }
  | { do: 'setNote'; to: Partial<Batch['note']> };

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
      return scaleFilling(batch, change.factor, change.cautious ?? false);
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
      return withWater(batch, { weighIns: batch.water.weighIns.filter((_, i) => i !== change.index), plannedG: 0 });
    case 'setSeason':
      return { ...batch, season: { ...batch.season, ...change.to } };
    case 'addTasting':
      return { ...batch, season: { ...batch.season, tastings: [...batch.season.tastings, change.tasting] } };
    case 'setCool':
      return { ...batch, cool: { ...batch.cool, ...change.to } };
    case 'addCoolReading':
      return { ...batch, cool: { ...batch.cool, readings: byTime([...batch.cool.readings, change.reading]) } };
    case 'removeCoolReading':
      return { ...batch, cool: { ...batch.cool, readings: batch.cool.readings.filter((_, i) => i !== change.index) } };
    case 'setWrap':
      return { ...batch, wrap: { ...batch.wrap, ...change.to } };
    case 'setCook':
      return { ...batch, cook: { ...batch.cook, ...change.to } };
    case 'addReading':
      return { ...batch, cook: { ...batch.cook, readings: [...batch.cook.readings, change.reading] } };
    case 'removeReading':
      return { ...batch, cook: { ...batch.cook, readings: batch.cook.readings.filter((_, i) => i !== change.index) } };
    case 'setNote':
      return { ...batch, note: { ...batch.note, ...change.to } };
  }
}

const byTime = <R extends { at: string }>(readings: R[]): R[] =>
  readings.sort((a, b) => Date.parse(a.at) - Date.parse(b.at));

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
