/** What a command is, and how its input is checked. */
import { type z } from 'zod';
import { type Problem, problemsOf, problemWords } from '@/core/stored/problem';

/** Input that a command cannot take: one line per problem, `path: what is wrong, and what would be right`. */
export class InputError extends Error {
  readonly problems: readonly string[];

  /** @param problems as they are read, or in a command's own words */
  constructor(problems: readonly (Problem | string)[]) {
    const words = problems.map((problem) => (typeof problem === 'string' ? problem : problemWords(problem)));
    super(words.join('\n'));
    this.problems = words;
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
