/** Salt: of the filling, and of the whole bite. */
import { lineOf } from '../document/new-line';
import { type Operation } from '../document/operations';
import { SALT_KINDS } from '../document/vocabulary/salt-kinds';
import { SCHOOLS } from '../document/vocabulary/schools';
import { type SaltAccount, USUAL_BITE_SALT, USUAL_FILLING_SALT } from '../filling/salt';
import { isSalt, SALT_ID } from '../food/ingredient';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { inSpoons } from '../units/spoons';
import { type Accounts } from './account';
import { type Candidate, type CheckState, HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { type CheckRule } from './rule';

const percent = (value: number): string => `${formatNumber(value, 2)} %`;
const range = ([low, high]: readonly [number, number]): string => `${low} to ${high} %`;
/** So far from the usual is Fix rather than Watch, in % points. House estimate. */
const FAR = 0.2;
/** Stretching a filling beyond this would be another recipe. */
const MOST_STRETCH = 1.6;
/** How far below the ceiling a saltless wrapper may leave the lower edge, in % points. House estimate. */
const CEILING_MARGIN = 0.1;

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
    why: reasons(accounts),
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
    headline: `Salt: ${salt.fillingPercent > high ? 'too salty' : salt.fillingPercent < low ? 'bland' : 'as it should be'}`,
    sentence: `*${percent(salt.fillingPercent)}* of the filling, ${percent(salt.bitePercent)} of the bite; aim for ${percent(salt.targetPercent)}.`,
  };
}

/** The usual band; its lower edge is raised where the wrapper brings so little salt that the bite would be bland. */
function bandOf({ neededPercent }: SaltAccount): { low: number; high: number } {
  const [low, high] = USUAL_FILLING_SALT;
  // At the ceiling itself there is nothing left to aim at.
  return { low: Math.max(low, Math.min(neededPercent, high - CEILING_MARGIN)), high };
}

function saltState(salt: SaltAccount): CheckState {
  const { low, high } = bandOf(salt);
  if (salt.fillingPercent < USUAL_FILLING_SALT[0] - FAR || salt.fillingPercent > high + FAR) return 'fix';
  return salt.fillingPercent < low || salt.fillingPercent > high ? 'watch' : 'good';
}

function candidates(accounts: Accounts, { value, band: [low, high] }: Judgement): Candidate[] {
  if (value === null || low === null || high === null) return [];
  if (value > high) return lessSalt(accounts);
  return value < low ? moreSalt(accounts) : [];
}

function moreSalt({ batch, kitchen, salt }: Accounts): Candidate[] {
  const grams = Math.round(salt.toAddG * 10) / 10;
  if (grams <= 0) return [];
  const kind = SALT_KINDS[kitchen.saltKind];
  const own = batch.lines.find((l) => l.ingredientId === SALT_ID && l.unit === 'g');
  const change: Operation = own
    ? { do: 'changeLine', id: own.id, to: { amount: own.amount + grams } }
    : { do: 'addLine', line: lineOf(batch.lines, SALT_ID, grams, SCHOOLS[batch.school].saltAt) };
  const spoons = inSpoons((grams / kind.gPerTsp) * 5);
  return [{ id: 'add-salt', label: `Add ${formatGrams(grams)} salt (${spoons}, ${kind.label})`, change: [change] }];
}

/** What brings less salt than this, g in a g, is counted as unsalted. */
const UNSALTED = 0.005;

function lessSalt({ batch, salt, lines, ledger }: Accounts): Candidate[] {
  const surplus = -salt.toAddG;
  const list: Candidate[] = [];
  const own = lines.find((l) => isSalt(l.ingredient));
  if (own) {
    const left = Math.max(0, Math.round((own.rawG - surplus) * 10) / 10);
    list.push({
      id: 'less-salt',
      label: left > 0 ? `Only ${formatGrams(left)} of added salt` : 'Leave out the added salt',
      change: [
        left > 0
          ? { do: 'changeLine', id: own.line.id, to: { amount: left, unit: 'g' } }
          : { do: 'removeLine', id: own.line.id },
      ],
    });
  }
  for (const { line, ingredient } of lines) {
    if (ingredient.lessSalt === null) continue;
    list.push({
      id: `reduced-${line.id}`,
      label: `Take reduced-salt ${ingredient.name.toLowerCase()}`,
      change: [{ do: 'changeLine', id: line.id, to: { ingredientId: ingredient.lessSalt } }],
    });
  }
  const factor = salt.fillingPercent / salt.targetPercent;
  const plain = lines.filter((l) => l.saltG / Math.max(1, l.readyG) < UNSALTED);
  const plainG = plain.reduce((sum, l) => sum + l.readyG, 0);
  const grow = plainG > 0 ? 1 + ((factor - 1) * ledger.finishedG) / plainG : Infinity;
  if (grow <= MOST_STRETCH) {
    list.push({
      id: 'stretch',
      label: `Stretch it: ${formatNumber((grow - 1) * 100, 0)} % more of everything unsalted`,
      change: plain.map((l) => ({
        do: 'changeLine',
        id: l.line.id,
        to: { amount: Math.round(batchAmount(batch, l.line.id) * grow * 10) / 10 },
      })),
    });
  }
  return list;
}

/** A fix that takes away less than this, % points, is none. */
const LEAST_GAIN = 0.02;

export const salt: CheckRule = {
  label: 'Salt',
  judge,
  candidates,
  choose: (tried, { value, band: [, high] }) =>
    tried.filter(
      ({ then }) =>
        value !== null && then.value !== null && (value <= (high ?? Infinity) || then.value < value - LEAST_GAIN),
    ),
  effect: (now, then) => `${percent(now.value ?? 0)} → ${percent(then.value ?? 0)}`,
};

const batchAmount = (batch: Accounts['batch'], id: string): number => batch.lines.find((l) => l.id === id)?.amount ?? 0;

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
    { text: 'Your own aim for a filling', figure: percent(kitchen.saltTargetPercent), source: 'Kitchen' },
    ...(salt.targetPercent > kitchen.saltTargetPercent + 0.005
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
