/** A batch in half a line. */
import { dayWords } from './dates';
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import { METHODS } from '@/core/vocabulary/methods';
import { SCHOOLS } from '@/core/vocabulary/schools';

/** `2nd` */
export function ordinal(n: number): string {
  const teen = n % 100 >= 11 && n % 100 <= 13;
  return `${n}${teen ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th')}`;
}

/** `2nd version, 14 November`, of what is not the first; else nothing. */
export const versionLine = ({ lineage, createdAt }: Batch): string =>
  lineage.number > 1 ? `${ordinal(lineage.number)} version, ${dayWords(createdAt)}` : '';

/** `24 purses, raw filling, steamed` */
export function batchLine(batch: Batch): string {
  const form = FORMS[batch.wrap.form].label;
  return `${batch.count} ${form}${batch.count === 1 ? '' : 's'}, ${SCHOOLS[batch.school].label}, ${METHODS[batch.cook.method].done}`;
}
