/** What may mend the salt: the grams that are missing, or a cook's ways out of too much. */
import { lineOf } from '../stored/new-line';
import { type Operation } from '../stored/operations';
import { RELEASES } from '../vocabulary/releases';
import { SALT_KINDS } from '../vocabulary/salt-kinds';
import { SCHOOLS } from '../vocabulary/schools';
import { USUAL_BITE_SALT } from '../filling/salt';
import { isSalt, SALT_ID } from '../food/ingredient';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { inSpoons } from '../units/spoons';
import { type Accounts } from './account';
import { type Candidate, type Judgement } from './check';
import { percent, SLACK } from './salt';
import { type Mending } from './rule';
import { spoken, spokenFirst } from '../food/spoken-name';

/** Stretching a filling beyond this would be another recipe. */
const MOST_STRETCH = 1.6;

function candidates(accounts: Accounts, { value, band: [low, high] }: Judgement): Candidate[] {
  if (value === null || low === null || high === null) return [];
  if (value > high + SLACK) return lessSalt(accounts);
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

/** Brings so little salt that leaving it out would spoil the dish and mend nothing, g. House estimate. */
const LITTLE_G = 1;
/** A change smaller than this is not worth a spoon, g. */
const LEAST_G = 0.3;

/**
 * The way out of a very salty filling, in a cook's order: less of the added salt, the brined thing soaked, the reduced kind,
 * less of the saltiest, more of what is bland; something always is.
 */
function lessSalt({ batch, salt, lines, ledger }: Accounts): Candidate[] {
  const surplus = -salt.toAddG;
  const list: Candidate[] = [];
  const own = lines.find((l) => isSalt(l.ingredient));
  if (own) {
    const left = Math.max(0, Math.round((own.rawG - surplus) * 10) / 10);
    list.push({
      id: 'less-salt',
      label: left >= LEAST_G ? `Only ${formatGrams(left)} of added salt` : 'Leave out the added salt',
      change: [
        left >= LEAST_G
          ? { do: 'changeLine', id: own.line.id, to: { amount: left, unit: 'g' } }
          : { do: 'removeLine', id: own.line.id },
      ],
    });
  }
  const salty = lines.filter((l) => !isSalt(l.ingredient) && l.saltG > LITTLE_G).sort((a, b) => b.saltG - a.saltG);
  for (const { line, ingredient, preparation } of salty) {
    const soak = RELEASES[ingredient.release].find((p) => p.saltKept < preparation.saltKept);
    if (soak) {
      list.push({
        id: `soak-${line.id}`,
        label: `${spokenFirst(ingredient.name)}: ${soak.label}`,
        change: [{ do: 'changeLine', id: line.id, to: { preparation: soak.id, weighed: 'raw' } }],
      });
    }
    if (ingredient.lessSalt !== null) {
      list.push({
        id: `reduced-${line.id}`,
        label: `Take reduced-salt ${spoken(ingredient.name)}`,
        change: [{ do: 'changeLine', id: line.id, to: { ingredientId: ingredient.lessSalt } }],
      });
    }
  }
  for (const l of salty.slice(0, MOST_SALTY)) {
    // What is not there any more is missing from the mass, too: (total − s x) / (finished − x) = target.
    const share = l.saltG / Math.max(1, l.readyG);
    const target = salt.targetPercent / 100;
    const away = (salt.totalG - target * ledger.finishedG) / Math.max(0.001, share - target);
    const left = Math.max(0, Math.floor((l.readyG - away) * (l.rawG / Math.max(1, l.readyG))));
    if (share <= target * 2 || l.rawG - left < LEAST_G) continue;
    const name = spoken(l.ingredient.name);
    list.push({
      id: `less-${l.line.id}`,
      label:
        left > 0
          ? `Only ${formatGrams(left)} of the ${name} instead of ${formatGrams(l.rawG)}`
          : `Leave out the ${name}`,
      change: [
        left > 0
          ? { do: 'changeLine', id: l.line.id, to: { amount: left, unit: 'g', weighed: 'raw' } }
          : { do: 'removeLine', id: l.line.id },
      ],
    });
  }
  const factor = salt.fillingPercent / Math.max(0.01, salt.targetPercent);
  const plain = lines.filter((l) => l.saltG / Math.max(1, l.readyG) < UNSALTED);
  const plainG = plain.reduce((sum, l) => sum + l.readyG, 0);
  const grow = plainG > 0 ? 1 + ((factor - 1) * ledger.finishedG) / plainG : Infinity;
  if (grow <= (list.length === 0 ? MOST_STRETCH_ALONE : MOST_STRETCH)) {
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
  if (salt.bitePercent > USUAL_BITE_SALT[1] && batch.wrap.doughSaltPercent !== 0) {
    list.push({
      id: 'saltless-dough',
      label: 'Make the dough without salt: it evens out in the bite',
      change: [{ do: 'setWrap', to: { doughSaltPercent: 0 } }],
    });
  }
  return list;
}

/** Of so many of the saltiest less is offered. */
const MOST_SALTY = 2;
/** Where nothing else can be done, a filling is stretched further. */
const MOST_STRETCH_ALONE = 4;

/** So many fixes are offered. */
const MOST_FIXES = 5;
/** A fix that takes away less than this, % points, is none. */
const LEAST_GAIN = 0.02;

export const saltFixes: Mending = {
  candidates,
  // Less salt in the dough changes the bite, not the filling: it stays, as the last way out.
  choose: (tried, { value, band: [, high] }) => {
    const helping = tried.filter(
      ({ candidate, then }) =>
        value !== null &&
        then.value !== null &&
        (value <= (high ?? Infinity) || then.value < value - LEAST_GAIN || candidate.id === 'saltless-dough'),
    );
    return helping.slice(0, MOST_FIXES);
  },
  effect: (now, then) => `${percent(now.value ?? 0)} → ${percent(then.value ?? 0)}`,
};

const batchAmount = (batch: Accounts['batch'], id: string): number => batch.lines.find((l) => l.id === id)?.amount ?? 0;
