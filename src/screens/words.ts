/** A batch in half a line. */
import { type Batch } from '@/core/document/schema';
import { FORMS } from '@/core/document/vocabulary/forms';
import { METHODS } from '@/core/document/vocabulary/methods';
import { SCHOOLS } from '@/core/document/vocabulary/schools';

/** `24 purses, raw filling, steamed` */
export function batchLine(batch: Batch): string {
  const form = FORMS[batch.wrap.form].label;
  return `${batch.count} ${form}${batch.count === 1 ? '' : 's'}, ${SCHOOLS[batch.school].label}, ${METHODS[batch.cook.method].done}`;
}
