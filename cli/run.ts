/** A command, from its words and its input to what is printed; without a process of its own, so that tests ask it directly. */
import { type Command, InputError } from './command';
import { planCommand } from './commands/day';
import { balanceCommand, doughCommand, sheetCommand } from './commands/dough';
import { convertCommand, ingredientCommand, parseCommand } from './commands/food';
import {
  conductCommand,
  cookCommand,
  coolCommand,
  fryCommand,
  lethalityCommand,
  spreadCommand,
  thermalCommand,
} from './commands/heat';
import { causesCommand } from './commands/notebook';
import { assessCommand, fitCommand } from './commands/parcel';
import { safeCommand } from './commands/safety';
import { batchCommand, recipeCommand } from './commands/recipe';

const COMMANDS: Record<string, Command> = {
  conduct: conductCommand,
  thermal: thermalCommand,
  cool: coolCommand,
  lethality: lethalityCommand,
  ingredient: ingredientCommand,
  parse: parseCommand,
  convert: convertCommand,
  fit: fitCommand,
  dough: doughCommand,
  sheet: sheetCommand,
  balance: balanceCommand,
  cook: cookCommand,
  fry: fryCommand,
  spread: spreadCommand,
  assess: assessCommand,
  batch: batchCommand,
  recipe: recipeCommand,
  plan: planCommand,
  causes: causesCommand,
  safe: safeCommand,
};

/** So many problems are listed; the rest are counted. */
const MOST_PROBLEMS = 20;
/** Some editors begin a file with it. */
const BYTE_ORDER_MARK = /^\uFEFF/;

/** What a process prints, and how it ends. */
interface Printed {
  status: 0 | 2;
  stdout: string;
  stderr: string;
}

/**
 * Runs a command. Bad input ends with status 2, nothing on standard output, one line per problem on standard error.
 * @param words COMMAND [--file INPUT.json]
 * @param read a file's text, or standard input's where none is named
 */
export function run(words: readonly string[], read: (file: string | undefined) => string): Printed {
  try {
    return { status: 0, stdout: `${JSON.stringify(resultOf(words, read), null, 2)}\n`, stderr: '' };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const more = error.problems.length - MOST_PROBLEMS;
    const listed = more > 0 ? [...error.problems.slice(0, MOST_PROBLEMS), `(and ${more} more)`] : error.problems;
    return { status: 2, stdout: '', stderr: `${listed.join('\n')}\n` };
  }
}

function resultOf(words: readonly string[], read: (file: string | undefined) => string): unknown {
  const [name, flag, file, ...rest] = words;
  const known = Object.keys(COMMANDS).join(', ');
  if (name === undefined || !Object.hasOwn(COMMANDS, name)) {
    throw new InputError([
      `command: ${name === undefined ? 'is missing' : `"${name}" is not known`}; would be one of ${known}`,
    ]);
  }
  if (rest.length > 0 || (flag !== undefined && (flag !== '--file' || file === undefined))) {
    throw new InputError(['arguments: would be COMMAND [--file INPUT.json]']);
  }
  return COMMANDS[name](parse(textOf(file, read)));
}

function textOf(file: string | undefined, read: (file: string | undefined) => string): string {
  try {
    return read(file);
  } catch (error) {
    throw new InputError([`--file: ${file ?? 'standard input'} cannot be read (${(error as Error).message})`]);
  }
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text.replace(BYTE_ORDER_MARK, ''));
  } catch (error) {
    throw new InputError([`(input): is not JSON (${(error as Error).message})`]);
  }
}
