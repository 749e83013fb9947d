/** Salt: of the filling, and of the whole bite. */
import {
  FAR_FROM_USUAL_SALT,
  type SaltAccount,
  USUAL_BITE_SALT,
  USUAL_FILLING_SALT,
  USUAL_SWEET_SALT,
} from '../filling/salt';
import { learnedOf, saltAim } from '../learning/learned';
import { EVERYTHING } from '../vocabulary/learned';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { type Accounts } from './account';
import { type CheckState, HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { type CheckRule } from './rule';

export const percent = (value: number): string => `${formatNumber(value, 2)} %`;
const range = ([low, high]: readonly [number, number]): string => `${low} to ${high} %`;
/** A saltless wrapper raises the low edge no further than this, %. House estimate. */
const MOST_LOW = 1;
/** So little over the edge nobody tastes, % points. */
export const SLACK = 0.05;
/** So far over the edge a sweet filling is Fix, % points. House estimate. */
const FAR_FROM_SWEET = 0.2;
/** Less than this that ran off is not worth a word, g. */
const WORTH_SAYING_G = 0.5;

function judge(accounts: Accounts): Judgement {
  const { salt } = accounts;
  const { low, high } = bandOf(salt);
  const common = {
    ...PLAIN,
    id: 'salt' as const,
    value: salt.fillingPercent,
    band: [low, high] as const,
    unit: '%',
    figure: percent(salt.fillingPercent),
    why: accounts.isTrial ? [] : reasons(accounts),
    cautions: accounts.goesInRaw ? ['Never taste it raw: cook a teaspoonful and taste that.'] : [],
  };
  if (accounts.lines.length === 0) {
    return {
      ...common,
      ...nothingIn('Salt'),
      sentence: 'Everything salty is counted as it goes in.',
    };
  }
  return {
    ...common,
    state: saltState(salt),
    headline: `Salt: ${salt.fillingPercent > high + SLACK ? 'too salty' : salt.fillingPercent < low ? 'bland' : 'right'}`,
    sentence: salt.isSweet
      ? `*${percent(salt.fillingPercent)}* salt. A sweet filling wants a pinch, up to ${percent(high)}.`
      : `*${percent(salt.fillingPercent)}* salt in the filling, ${percent(salt.bitePercent)} in the bite; ${rightSalt(accounts)}.${ranOff(salt)}`,
  };
}

/** What is right where it is, and what to aim for where it is not: an aim beside “right” reads as if it were wrong. */
function rightSalt(accounts: Accounts): string {
  const { salt } = accounts;
  const { low, high } = bandOf(salt);
  const aim = `aim for ${percent(salt.targetPercent)}${isLearned(accounts) ? ' in your kitchen' : ''}`;
  if (saltState(salt) !== 'good') return aim;
  // What nobody tastes over the edge is right, too: no figure stands beside a range that it is not in.
  const upTo = salt.fillingPercent > high ? formatNumber(salt.fillingPercent, 2) : formatNumber(high, 1);
  return `${formatNumber(Math.floor(10 * low + 1e-9) / 10, 1)} to ${upTo} % is right`;
}

const ranOff = ({ ranOffG }: SaltAccount): string =>
  ranOffG >= WORTH_SAYING_G ? ` ${formatGrams(ranOffG)} of salt ran off with the squeezed juice.` : '';

const isLearned = ({ kitchen }: Accounts): boolean => learnedOf(kitchen.learned, 'salt', EVERYTHING) !== null;

/** The usual band; the low edge is raised where the wrapper brings little salt. */
function bandOf({ blandBelowPercent, isSweet }: SaltAccount): { low: number; high: number } {
  if (isSweet) return { low: USUAL_SWEET_SALT[0], high: USUAL_SWEET_SALT[1] };
  const [low, high] = USUAL_FILLING_SALT;
  return { low: Math.max(low, Math.min(blandBelowPercent, MOST_LOW)), high };
}

const saltState = (salt: SaltAccount): CheckState => STATES[saltTaste(salt)];
const STATES = { bland: 'fix', 'little-bland': 'watch', right: 'good', 'little-salty': 'watch', salty: 'fix' } as const;

/**
 * What a filling tastes of on its own, so many % of salt in it: the edges of the check, so that tongue and check agree.
 * @param percentSalt as planned, where nothing else is given
 */
export function saltTaste(salt: SaltAccount, percentSalt = salt.fillingPercent): keyof typeof STATES {
  const { low, high } = bandOf(salt);
  const [bland, salty] = salt.isSweet ? [0, high + FAR_FROM_SWEET] : FAR_FROM_USUAL_SALT;
  if (percentSalt < bland) return 'bland';
  if (percentSalt < low) return 'little-bland';
  if (percentSalt > salty) return 'salty';
  return percentSalt > high + SLACK ? 'little-salty' : 'right';
}

export const salt: CheckRule = { label: 'Salt', judge };

/** What is aimed for: as it was set, or as this kitchen has learned it. */
function aimReason(kitchen: Accounts['kitchen']): Reason {
  const learned = learnedOf(kitchen.learned, 'salt', EVERYTHING);
  return learned === null
    ? { text: 'Your own aim for a filling', figure: percent(kitchen.saltTargetPercent), source: 'Kitchen' }
    : {
        text: `Aim for a filling in your kitchen, learned from ${learned.evidence.length} ${learned.evidence.length === 1 ? 'batch' : 'batches'}; set to ${percent(learned.estimate)}`,
        figure: percent(learned.value),
        source: 'your kitchen',
      };
}

function reasons({ salt, dough, doughSaltPercent, ledger, kitchen }: Accounts): Reason[] {
  return [
    ...salt.lines.map((l) => ({
      text: l.name,
      figure: `${formatNumber(l.grams, 1)} g salt`,
      source: 'food tables; sauces as sold',
    })),
    { text: 'Salt in all', figure: `${formatNumber(salt.totalG, 1)} g` },
    { text: 'in a finished filling of', figure: formatGrams(ledger.finishedG) },
    { text: `Salt of the ${dough.label}`, figure: percent(doughSaltPercent), source: HOUSE },
    { text: 'Salt of the whole bite', figure: percent(salt.bitePercent) },
    aimReason(kitchen),
    ...(salt.targetPercent > saltAim(kitchen) + 0.005
      ? [
          {
            text: 'Raised, because the wrapper brings little salt, to',
            figure: percent(salt.targetPercent),
            source: HOUSE,
          },
        ]
      : []),
    {
      text: `Usual in a filling: ${range(USUAL_FILLING_SALT)}; in a bite: ${range(USUAL_BITE_SALT)}`,
      source: HOUSE,
    },
  ];
}
