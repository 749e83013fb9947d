/** Each station's one answer, which stands first: what a cook comes to it for, in a line. */
import { FORMS } from '../forms';
import { type CoolingForecast } from '../cooling/forecast';
import { MEDIA } from '../vocabulary/media';
import { type Batch } from '../stored/schema';
import { type Kitchen } from '../stored/kitchen';
import { plannedMinutes } from '../stored/cooking';
import { formatNumber } from '../units/amount';
import { formatMinutes, formatTemperature, formatWeight } from '../units/format';
import { formatLength } from '../units/lengths';
import { type Assessment } from './judgement';

/** `24 purses`, `1 pan pie` */
export const counted = (count: number, form: Batch['wrap']['form']): string =>
  `${count} ${count === 1 ? FORMS[form].label : FORMS[form].plural}`;

/** Fill: how much filling there is, and how many it fills. */
export function fillAnswer({ count, wrap, lines }: Batch, { ledger, portion, checks }: Assessment): string {
  if (lines.length === 0) return `Nothing in it yet: ${counted(count, wrap.form)} of ${formatNumber(wrap.portionG)} g.`;
  const isEven = checks.fit.fits?.even?.state === 'good';
  const fills = Math.floor(portion.fromFilling + 1e-9);
  const each = `${formatNumber(wrap.portionG)} g`;
  const weight = `*${formatWeight(ledger.finishedG)}* of filling`;
  return isEven || fills === count
    ? `${weight} for *${counted(count, wrap.form)}* of ${each}.`
    : `${weight} fills *${fills}* at ${each}; you plan ${count}.`;
}

/** Cook: how long, in what, in how many loads. */
export function cookAnswer({ cook, count, wrap }: Batch, { loads }: Assessment, { temperature }: Kitchen): string {
  const minutes = plannedMinutes(cook);
  const [step] = cook.steps;
  const heat = step.mediumC === null ? '' : ` at ${formatTemperature(step.mediumC, temperature)}`;
  const how =
    cook.steps.length === 1
      ? `*${formatMinutes(minutes)}*, ${MEDIA[step.medium].label}${heat}`
      : `*${formatMinutes(minutes)}* in ${cook.steps.length} steps`;
  if (loads === null || loads.loads <= 1) return `${how}: all ${counted(count, wrap.form)} at once.`;
  return `${how}: *${loads.loads} loads* of ${loads.atOnce}, ${formatMinutes(loads.allMinutes)} in all.`;
}

/** Cool: how much lies how deep. When it is ready, the check beneath says. */
export function coolAnswer(kitchen: Kitchen, { massG, depthMm }: CoolingForecast): string {
  return `*${formatWeight(massG)}*, *${formatLength(depthMm, kitchen.lengths, 0)}* deep.`;
}
