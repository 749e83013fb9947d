/** Times as they stand on the screen, here. */
import { lightFormat } from 'date-fns/lightFormat';

/** `12:47`. @param at epoch ms or ISO 8601 */
export const clockTime = (at: number | string): string => lightFormat(new Date(at), 'HH:mm');

const HOUR_S = 3600;
const two = (n: number): string => String(n).padStart(2, '0');

/** `4:05`, from an hour on `1:04:05`: a length of time as a clock counts it. @param seconds below nought it is nought */
export function countdown(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  const [minutes, rest] = [Math.floor(s / 60), two(s % 60)];
  return s < HOUR_S ? `${minutes}:${rest}` : `${Math.floor(s / HOUR_S)}:${two(minutes % 60)}:${rest}`;
}
