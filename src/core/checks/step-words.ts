/** A step of cooking in words: `oven, on a tray, 190 °C, 34 min`. */
import { MEDIA } from '../vocabulary/media';
import { type CookStep } from '../vocabulary/media/step';
import { formatNumber } from '../units/amount';
import { formatTemperature } from '../units/format';

export function stepWords({ medium, mediumC, minutes, turn }: CookStep, scale: 'C' | 'F'): string {
  const heat = mediumC === null ? '' : `, ${formatTemperature(mediumC, scale)}`;
  return `${turn ? 'turned, ' : ''}${MEDIA[medium].label}${heat}, ${formatNumber(minutes)}\u00a0min`;
}
