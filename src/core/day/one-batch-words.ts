/** The card of one batch that is cooked now, in words: as it stands there, and as it is read aloud. */
import { formatMinutes } from '../units/format';
import { type Limit } from '../safety/core-limit';
import { written } from '../safety/threshold';
import { type PlannedTask } from './day-plan';

/** What a thermometer must say before it is out. A forecast never does: only a reading. */
export const neededWords = ({ at, kind }: Limit, scale: 'C' | 'F'): string =>
  kind === 'safety'
    ? `Measure three of the thickest: *${written(at, scale)}* in the middle.`
    : `Measure one of the thickest: *${written(at, scale)}* in the dough.`;

/** What there is of a step to be said: what, how much, and what shows that it is done. */
export function spokenStep({ title, how, doneWhen, warning, minutes, hasHands }: PlannedTask): string {
  const time = hasHands ? '' : `It takes about ${formatMinutes(minutes)}.`;
  return [`${title}.`, how === '' ? '' : `${how}.`, time, warning ?? '', `Done when: ${doneWhen}`]
    .filter((part) => part !== '')
    .join(' ')
    .replace(/\.\./g, '.')
    .replaceAll('°C', 'degrees Celsius')
    .replaceAll('°F', 'degrees Fahrenheit');
}
