/** What a command is, and how its input is checked. */
import { type z } from 'zod';
import { problemsOf } from '@/core/stored/read';

/** Input that a command cannot take: one line per problem, `path: what is wrong, and what would be right`. */
export class InputError extends Error {
  constructor(readonly problems: readonly string[]) {
    super(problems.join('\n'));
  }
}

/** Takes parsed JSON, gives the object to print. Throws InputError. */
export type Command = (input: unknown) => unknown;

/** A command from a schema and a function. */
export function command<Input>(schema: z.ZodType<Input>, run: (input: Input) => unknown): Command {
  return (input) => {
    const parsed = schema.safeParse(input);
    if (!parsed.success) throw new InputError(problemsOf(parsed.error));
    return run(parsed.data);
  };
}
