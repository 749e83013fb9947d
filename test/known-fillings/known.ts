/**
 * Ordinary fillings as households word them, and what one who makes them would say, written before they were put through the
 * application. A verdict is changed only with a reason beside it (`changed`).
 */
import { type FormId } from '../../src/core/forms';
import { type DoughId } from '../../src/core/vocabulary/doughs';
import { type Method } from '../../src/core/vocabulary/methods';
import { type School } from '../../src/core/vocabulary/schools';

/** Good: nothing to be done. Watch: it will do; one could mend it. Fix: it must be mended. `ok`: cooks are divided, good or watch. */
export type Says = 'good' | 'ok' | 'watch' | 'fix';

export interface Verdicts {
  /** Wet when it is wrapped. */
  board: Says;
  /** Juicy, dry, pasty or wet in the heat. */
  heat: Says;
  salt: Says;
  cooling: Says;
}

export type Fault = 'wet at the board' | 'wet' | 'dry' | 'pasty' | 'bland' | 'salty' | 'slow to cool';

export interface Spoilt {
  /** Lines left out, by how they begin. */
  without?: readonly string[];
  /** Lines more. */
  plus?: string;
  /** Another household's pot: its filling's depth, mm. */
  depthMm?: number;
  wrong: Fault;
  /** What the first fix says. */
  first: RegExp;
}

export interface KnownFilling {
  name: string;
  school: School;
  form: FormId;
  dough: DoughId;
  method: Method;
  lines: readonly string[];
  says: Verdicts;
  /** What one would do first, where there is something to do; null where nothing. */
  first: RegExp | null;
  why: string;
  spoilt: readonly Spoilt[];
  /** Why a verdict was changed after the first run. */
  changed?: string;
}

const FINE: Verdicts = { board: 'good', heat: 'good', salt: 'good', cooling: 'good' };

/** `'raw half-moon noodle boil'` and lines, one below the other. */
export function known(
  name: string,
  what: `${School} ${FormId} ${DoughId} ${Method}`,
  lines: string,
  why: string,
  spoilt: readonly Spoilt[],
  says: Partial<Verdicts> & { first?: RegExp; changed?: string } = {},
): KnownFilling {
  const [school, form, dough, method] = what.split(' ') as [School, FormId, DoughId, Method];
  const { first = null, changed, ...verdicts } = says;
  return {
    name,
    school,
    form,
    dough,
    method,
    lines: listed(lines),
    says: { ...FINE, ...verdicts },
    first,
    why,
    spoilt,
    ...(changed === undefined ? {} : { changed }),
  };
}

const listed = (lines: string): string[] =>
  lines
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** The lines of a spoilt version. */
export const spoiltLines = ({ lines }: KnownFilling, { without = [], plus = '' }: Spoilt): string[] => [
  ...lines.filter((line) => !without.some((beginning) => line.startsWith(beginning))),
  ...listed(plus),
];
