/** A batch in half a line. */
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import { METHODS } from '@/core/vocabulary/methods';
import { SCHOOLS } from '@/core/vocabulary/schools';

/** `24 purses, raw filling, steamed` */
export function batchLine(batch: Batch): string {
  const form = FORMS[batch.wrap.form].label;
  return `${batch.count} ${form}${batch.count === 1 ? '' : 's'}, ${SCHOOLS[batch.school].label}, ${METHODS[batch.cook.method].done}`;
}
