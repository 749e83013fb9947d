/** Whether a changed batch stays within its limits, without the validator. */
import { LIMITS, MOST, type Span } from '../vocabulary/limits';
import { type Batch } from './schema';
import { FORMS } from '../forms';
import { acrossOf, SHAPES, sizeOf } from '../forms/skins';

const within = (value: number | null, { least, most }: Span): boolean =>
  value === null || (value >= least && value <= most);

/**
 * Whether what fixes can change is within its limits. The validator says the same and more; this needs none of it, so that
 * nothing is offered that would be refused.
 */
export function isWithinLimits({ lines, ingredients, count, water, cool, wrap, cook }: Batch): boolean {
  const { estimate } = water;
  const boiledOff =
    estimate.by === 'grams' ? within(estimate.grams, LIMITS.water) : within(estimate.minutes, LIMITS.boilingMinutes);
  return (
    lines.length <= MOST.lines &&
    lines.every((l) => l.amount > 0 && within(l.amount, LIMITS.amount) && l.note.length <= MOST.note) &&
    ingredients.length <= MOST.ownInBatch &&
    within(count, LIMITS.count) &&
    boiledOff &&
    within(water.plannedG, LIMITS.water) &&
    within(water.drainedG, LIMITS.water) &&
    within(cool.depthMm, LIMITS.depthMm) &&
    within(cool.vessel.areaCm2, LIMITS.areaCm2) &&
    within(cool.share, LIMITS.share) &&
    cool.legs.length <= MOST.legs &&
    [...cool.legs, ...(cool.run?.past ?? [])].every(
      (leg) => within(leg.minutes, LIMITS.legMinutes) && within(leg.depthMm, LIMITS.depthMm),
    ) &&
    (cool.run?.past.length ?? 0) <= MOST.pastLegs &&
    within(wrap.portionG, LIMITS.portionG) &&
    SHAPES[wrap.skin.shape].sizes.every(({ key }) =>
      within(sizeOf(wrap.skin, key) ?? null, key === 'depthMm' ? LIMITS.panDepthMm : LIMITS.skinMm),
    ) &&
    within(wrap.thicknessMm, LIMITS.thicknessMm) &&
    within(wrap.doughG, LIMITS.doughG) &&
    wrap.rimMm < acrossOf(wrap.skin) / 2 &&
    (FORMS[wrap.form].shapes as readonly string[]).includes(wrap.skin.shape) &&
    cook.steps.every((step) => within(step.minutes, LIMITS.cookMinutes) && within(step.mediumC, LIMITS.mediumC))
  );
}
