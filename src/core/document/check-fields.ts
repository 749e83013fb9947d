/** Checks top-level fields of a document by its definition. */
import { type z } from '../zod';
import { type CheckedFields, type Fields } from './changing';
import { kitchenSchema } from './kitchen-schema';
import { problemsOf } from './read';
import { batchSchema } from './schema';
import { KITCHEN_FORMAT } from './vocabulary/formats';

/** Checks fields of a batch or a kitchen. */
export function checkFields(format: string, fields: Fields): CheckedFields {
  const shape: Readonly<Record<string, z.ZodType>> =
    format === KITCHEN_FORMAT ? kitchenSchema.shape : batchSchema.shape;
  const problems: { path: string; text: string }[] = [];
  const texts: Record<string, string> = {};
  for (const [field, value] of Object.entries(fields)) {
    if (!Object.hasOwn(shape, field)) {
      problems.push({ path: field, text: 'is not a known field' });
      continue;
    }
    const read = shape[field].safeParse(value);
    if (read.success) {
      // The validator takes blanks off a text.
      if (typeof read.data === 'string') texts[field] = read.data;
      continue;
    }
    for (const problem of problemsOf(read.error, field)) {
      const colon = problem.indexOf(': ');
      problems.push({ path: problem.slice(0, colon), text: problem.slice(colon + 2) });
    }
  }
  return { problems, texts };
}
