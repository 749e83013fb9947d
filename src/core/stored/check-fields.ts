/** Checks top-level fields of a document by its definition. */
import { type z } from '../zod';
import { type CheckedFields, type Fields } from './changing';
import { daySchema } from './day-schema';
import { kitchenSchema } from './kitchen-schema';
import { type Problem, problemsOf } from './problem';
import { batchSchema } from './schema';
import { DAY_FORMAT, KITCHEN_FORMAT } from '../vocabulary/formats';

type Shape = Readonly<Record<string, z.ZodType>>;
const SHAPES: Readonly<Record<string, Shape>> = {
  [KITCHEN_FORMAT]: kitchenSchema.shape,
  [DAY_FORMAT]: daySchema.shape,
};

/** Checks fields of a batch, a kitchen or a day. */
export function checkFields(format: string, fields: Fields): CheckedFields {
  const shape = SHAPES[format] ?? batchSchema.shape;
  const problems: Problem[] = [];
  const texts: Record<string, string> = {};
  for (const [field, value] of Object.entries(fields)) {
    if (!Object.hasOwn(shape, field)) {
      problems.push({ code: 'unknown-field', path: field, text: 'is not a known field' });
      continue;
    }
    const read = shape[field].safeParse(value);
    if (read.success) {
      // The validator takes blanks off a text.
      if (typeof read.data === 'string') texts[field] = read.data;
    } else problems.push(...problemsOf(read.error, field));
  }
  return { problems, texts };
}
