/** Times of day as the kitchen likes them: of 24 hours or of 12. */
export type Hours = 24 | 12;

/** `17:05`; `5:05 pm`. @param hour 0 to 23 */
export function timeOfDay(hour: number, minute: number, hours: Hours): string {
  const two = String(minute).padStart(2, '0');
  if (hours === 24) return `${String(hour).padStart(2, '0')}:${two}`;
  return `${hour % 12 === 0 ? 12 : hour % 12}:${two}\u00a0${hour < 12 ? 'am' : 'pm'}`;
}
