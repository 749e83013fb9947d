/** What readings say of an appliance, in words. */
import { type ApplianceHeat } from '../stored/kitchen-schema';
import { MEDIA } from '../vocabulary/media';
import { formatNumber } from '../units/amount';
import { formatDifference, formatMinutes } from '../units/format';
import { NOT_SETTLED } from '../fitting/words';
import { type CookFit } from '../forecast/cook-fit';

/** Readings so far off their own fit teach nothing, K. House estimate. */
const DISAGREES_K = 6;
/** Less than this is nothing to speak of: share of the coefficients, and K. */
const SAME = 0.05;
const SAME_K = 2;

/** How it heats: `0.8 times as well as is usual, and 6 °C cooler than it is set to`. */
function heatWords({ factor, biasK }: Pick<ApplianceHeat, 'factor' | 'biasK'>, scale: 'C' | 'F'): string {
  const parts = [
    ...(Math.abs(factor - 1) >= SAME ? [`*${formatNumber(factor, 2)}* times as well as is usual`] : []),
    ...(Math.abs(biasK) >= SAME_K
      ? [`about *${formatDifference(Math.abs(biasK), scale)}* ${biasK > 0 ? 'hotter' : 'cooler'} than it is set to`]
      : []),
  ];
  return parts.length === 0 ? 'as is usual' : parts.join(', and ');
}

/** What a load's readings say; `agrees` is false where they fit no cooking of these parcels. */
export function fitWords(fit: CookFit, name: string, scale: 'C' | 'F'): { agrees: boolean; text: string } {
  if (fit.residualK > DISAGREES_K) {
    return {
      agrees: false,
      text: `The readings don’t fit these pieces. They are ${formatDifference(fit.residualK, scale)} off at least. Are the start time and starting temperature right? Was the tip in the middle?`,
    };
  }
  const time = (minutes: number | null): string =>
    minutes === null ? 'never' : formatMinutes(Math.round(minutes * 2) / 2);
  const count = `${fit.readings} ${fit.readings === 1 ? 'reading' : 'readings'}`;
  return {
    agrees: true,
    text: `By ${count} “${name}” heats ${heatWords(fit, scale)} (${MEDIA[fit.medium].label}): ${time(fit.assumedMinutes)} become *${time(fit.minutes)}*.${fit.isSettled ? '' : ` ${NOT_SETTLED}`}`,
  };
}

/** What is kept of an appliance. */
export const learnedWords = (heat: ApplianceHeat, scale: 'C' | 'F'): string =>
  `Your kitchen has learned that it heats ${heatWords(heat, scale).replaceAll('*', '')} here, from ${heat.readings} readings.`;
