/** What was planned for a pan, against what is usual in it. */
import { mainStep, plannedMinutes } from '../../stored/cooking';
import { stepsOf } from '../../stored/ways-to-cook';
import { MEDIA, type MediumId, ONE_SIDED } from '../../vocabulary/media';
import { METHODS } from '../../vocabulary/methods';
import { WAY_TO_COOK_IDS } from '../../vocabulary/ways-to-cook';
import { type FormId, FORMS } from '../../forms';
import { formatMinutes, formatTemperature } from '../../units/format';
import { ramp } from '../cause';
import { type BatchNumbers } from '../numbers';

/** In a pan: so much hotter than is usual, K, and so many times as long. From where it counts to where it is beyond doubt. House estimates. */
const HOTTER_K = [15, 45] as const;
const LONGER = [1.4, 2.5] as const;

/** As long as the longest ready-made way of cooking in it takes, minutes; null where none is in it. */
function usualIn(medium: MediumId, form: FormId): number | null {
  const all = WAY_TO_COOK_IDS.map((way) => ({ steps: stepsOf(way, form) })).filter(
    (way) => mainStep(way).medium === medium,
  );
  return all.length === 0 ? null : Math.max(...all.map(plannedMinutes));
}

/** How much of it was planned too hot or too long, 0 to 1, and the sentence that says so. */
export function plannedHot(n: BatchNumbers): { strength: number; sentence: string } {
  const { cook, wrap } = n.batch;
  const t = (c: number): string => formatTemperature(Math.round(c), n.kitchen.temperature);
  const { medium, mediumC } = mainStep(cook);
  if (!ONE_SIDED.includes(medium)) return { strength: 0, sentence: '' };
  const { usualC } = MEDIA[medium];
  const usualMinutes = usualIn(medium, wrap.form) ?? METHODS[cook.method].usualMinutes[FORMS[wrap.form].size];
  const hot = ramp((mediumC ?? usualC) - usualC, ...HOTTER_K);
  const long = ramp(n.inHeatMinutes / usualMinutes, ...LONGER);
  return {
    strength: Math.max(hot, long),
    sentence:
      hot >= long
        ? `The pan was to be at *${t(mediumC ?? usualC)}*; ${t(usualC)} is usual.`
        : `*${formatMinutes(Math.round(n.inHeatMinutes))}* in the pan; ${formatMinutes(usualMinutes)} is usual.`,
  };
}
