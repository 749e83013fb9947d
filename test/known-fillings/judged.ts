/** The known fillings put through the application, as pasting does it. */
import { assess } from '../../src/core/checks/assess';
import { CHECK_IDS, type CheckId, type CheckState, ORDER } from '../../src/core/checks/check';
import { type Assessment } from '../../src/core/checks/judgement';
import { forecastHeat } from '../../src/core/forecast/heat';
import { DEFAULT_KITCHEN } from '../../src/core/stored/kitchen';
import { batchInWords, type Question } from '../../src/core/recipe/to-batch';
import { type Fault, type KnownFilling, type Says, type Spoilt, spoiltLines, type Verdicts } from './known';

const COUNT = 24;

/**
 * @param hasWays other ways of cooling are worked out: ten forecasts more, for where one of them is what is asked
 * @param asked the checks whose fixes are asked for: each is worked out on the whole batch
 */
function assessed(
  known: KnownFilling,
  lines: readonly string[],
  { depthMm, hasWays, asked }: { depthMm?: number; hasWays: boolean; asked: readonly CheckId[] },
): { a: Assessment; questions: Question[] } {
  const { batch, questions } = batchInWords(
    {
      title: known.name,
      form: known.form,
      school: known.school,
      count: COUNT,
      lines,
      dough: known.dough,
      cook: { method: known.method },
      ...(depthMm === undefined ? {} : { cool: { depthMm } }),
    },
    { id: 'known', at: '2026-01-01T00:00:00Z' },
  );
  return {
    a: assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, hasWays ? 'ways' : 'first'), null, asked),
    questions,
  };
}

const agrees = (says: Says, state: CheckState): boolean => (says === 'ok' ? state !== 'fix' : state === says);

/** The number that a fault is about. */
function figuresOf({ checks, moisture, heat }: Assessment): Record<Fault, number> {
  const salt = checks.salt.value ?? 0;
  return {
    'wet at the board': moisture.board.value,
    wet: moisture.heat.value,
    dry: moisture.dry.value,
    pasty: moisture.paste.value,
    bland: salt,
    salty: salt,
    'slow to cool': heat?.cooling?.minutes ?? heat?.cooling?.samples.at(-1)?.minute ?? 0,
  };
}

interface JudgedKnown {
  /** Where it says otherwise than the one who makes it, in words. */
  disagrees: string[];
  /** What each check that asks for something offers first. */
  firstFixes: string[];
  figures: Record<Fault, number>;
  questions: Question[];
}

export function judgeKnown(known: KnownFilling): JudgedKnown {
  const { a, questions } = assessed(known, known.lines, {
    hasWays: known.first !== null,
    asked: known.first === null ? [] : CHECK_IDS,
  });
  const { board, heat, dry, paste } = a.moisture;
  // In the heat it is wet, dry, pasty or right: the worst of these.
  const [inHeat] = [heat, dry, paste].sort((x, y) => ORDER[y.state] - ORDER[x.state]);
  const { salt, cooling } = a.checks;
  const found: Record<keyof Verdicts, { state: CheckState; words: string }> = {
    board: { state: board.state, words: board.sentence },
    heat: { state: inHeat.state, words: inHeat.sentence },
    salt: { state: salt.state, words: salt.sentence },
    cooling: { state: cooling.state, words: cooling.sentence },
  };
  const moments = Object.keys(found) as (keyof Verdicts)[];
  const fixes = Object.values(a.checks).flatMap(({ state, fixes: [first] }) =>
    state === 'good' || first === undefined ? [] : [first.label],
  );
  return {
    disagrees: moments
      .filter((moment) => !agrees(known.says[moment], found[moment].state))
      .map(
        (moment) =>
          `${moment} is said to be ${known.says[moment]}, judged ${found[moment].state} (${found[moment].words})`,
      ),
    firstFixes: fixes,
    figures: figuresOf(a),
    questions,
  };
}

const CHECK_OF: Readonly<Record<Fault, CheckId>> = {
  'wet at the board': 'moisture',
  wet: 'moisture',
  dry: 'moisture',
  pasty: 'moisture',
  bland: 'salt',
  salty: 'salt',
  'slow to cool': 'cooling',
};

/** What the application says of a fault. */
const SAYS: Readonly<Record<Fault, (a: Assessment) => boolean>> = {
  'wet at the board': ({ moisture }) => moisture.board.state !== 'good',
  // Poured into the pan it is loose while it is wrapped, too, and that may be the worse.
  wet: ({ checks }) => /wet|loose/.test(checks.moisture.headline),
  dry: ({ checks }) => checks.moisture.headline.includes('dry'),
  pasty: ({ checks }) => checks.moisture.headline.includes('pasty'),
  bland: ({ checks }) => checks.salt.headline.includes('bland'),
  salty: ({ checks }) => checks.salt.headline.includes('too salty'),
  'slow to cool': ({ checks }) => checks.cooling.headline.includes('too slow'),
};

interface JudgedSpoilt {
  isCaught: boolean;
  isMendedRightly: boolean;
  figure: number;
  firstFix: string | null;
}

export function judgeSpoilt(known: KnownFilling, how: Spoilt): JudgedSpoilt {
  const { a } = assessed(known, spoiltLines(known, how), {
    depthMm: how.depthMm,
    hasWays: how.wrong === 'slow to cool',
    asked: [CHECK_OF[how.wrong]],
  });
  const firstFix = a.checks[CHECK_OF[how.wrong]].fixes[0]?.label ?? null;
  const isCaught = SAYS[how.wrong](a);
  return {
    isCaught,
    isMendedRightly: isCaught && firstFix !== null && how.first.test(firstFix),
    figure: figuresOf(a)[how.wrong],
    firstFix,
  };
}
