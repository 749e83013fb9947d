/** What is said of the water in a pan that steams. */
import { LACE_PER_100, type PanWater } from '../cooking/pan-water';
import { formatNumber } from '../units/amount';
import { formatMinutes } from '../units/format';

/** Gone so much sooner or later than the step ends is worth a word, share. House estimate. */
const WORTH = 0.25;

/** How much, when it is gone, and how that sounds. */
export function panWaterWords({ waterG, spoons, goneAfter, isOwn }: PanWater, minutes: number): string {
  const spoon = spoons <= 12 ? `, ${formatNumber(spoons)} tablespoons` : '';
  const gone = `gone after about *${formatMinutes(Math.max(1, Math.round(goneAfter)))}*`;
  const much = `*${formatNumber(waterG, 0)} g* of water${spoon}: ${gone}. Then the bubbling turns to a sizzle: lid off.`;
  if (!isOwn) return much;
  if (goneAfter < minutes * (1 - WORTH))
    return `${much} That’s before the step ends: the rest of it fries, and may burn.`;
  return goneAfter > minutes * (1 + WORTH)
    ? `${much} Later than the step ends: pour the rest off, or leave the lid off until it sizzles.`
    : much;
}

/** What the starch leaves; null without any. */
export function laceWords({ starchPer100 }: PanWater): string | null {
  if (starchPer100 === 0) return null;
  const [least, most] = LACE_PER_100;
  const figure = `${formatNumber(starchPer100, 1)} g of starch in 100 g of water`;
  if (starchPer100 < least) return `${figure}: hardly a lace. ${least} to ${most} g make one (our estimate).`;
  return starchPer100 > most
    ? `${figure}: a thick crust that sticks. ${least} to ${most} g make a lace (our estimate).`
    : `${figure}, stirred up again before it goes in: when the water is gone a lace is left, crisp when it lets go of the pan.`;
}
