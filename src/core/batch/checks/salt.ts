/** Salt: of the filling, and of the whole bite. */
import { type SaltAccount, USUAL_FILLING_SALT } from '../../filling/salt';
import { formatNumber } from '../../units/amount';
import { formatGrams } from '../../units/format';
import { lineOf } from '../../filling/new-line';
import { inSpoons } from '../../units/spoons';
import { type Check, type CheckState, type Fix, HOUSE, type Reason } from '../check';
import { type Kitchen, SALT_KINDS } from '../kitchen';
import { apply, type Operation } from '../operations';
import { type Outline } from '../outline';
import { type Batch } from '../schema';

interface Context {
  batch: Batch;
  kitchen: Kitchen;
  outline: Outline;
  salt: SaltAccount;
  /** g of finished filling. */
  finishedG: number;
  /** The account after a change. */
  accountAfter(batch: Batch): SaltAccount;
}

const percent = (value: number): string => `${formatNumber(value, 2)} %`;
/** So far from the usual is Fix rather than Watch, in % points. House estimate. */
const FAR = 0.2;
/** Stretching a filling beyond this would be another recipe. */
const MOST_STRETCH = 1.6;
/** How far below the ceiling a saltless wrapper may leave the lower edge, in % points. House estimate. */
const CEILING_MARGIN = 0.1;

/** The salt check. */
export function checkSalt(context: Context): Check {
  const { outline, salt, kitchen } = context;
  const { low, high } = bandOf(salt);
  const common = {
    id: 'salt' as const,
    value: salt.fillingPercent,
    band: [low, high] as const,
    unit: '%',
    figure: percent(salt.fillingPercent),
    why: reasons(context),
    cautions: outline.goesInRaw ? ['Never taste it raw: cook a teaspoonful and taste that.'] : [],
    pending: false,
  };
  if (outline.lines.length === 0) {
    return {
      ...common,
      state: 'watch',
      headline: 'Salt: nothing in it yet',
      sentence: 'Everything salty is counted as it goes in.',
      value: null,
      figure: '–',
      fixes: [],
    };
  }
  const sentence = `*${percent(salt.fillingPercent)}* of the filling, ${percent(salt.bitePercent)} of the bite; aim for ${percent(salt.targetPercent)}.`;
  const state = saltState(salt);
  if (salt.fillingPercent > high) {
    return { ...common, state, headline: 'Salt: too salty', sentence, fixes: lessSalt(context) };
  }
  if (salt.fillingPercent < low) {
    return { ...common, state, headline: 'Salt: bland', sentence, fixes: moreSalt(context, kitchen) };
  }
  return { ...common, state, headline: 'Salt: as it should be', sentence, fixes: [] };
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

function promised(context: Context, id: string, label: string, change: Operation[]): Fix {
  const promise = context.accountAfter(change.reduce(apply, context.batch)).fillingPercent;
  return { id, label, change, promise, effect: `${percent(context.salt.fillingPercent)} → ${percent(promise)}` };
}

function moreSalt(context: Context, kitchen: Kitchen): Fix[] {
  const { batch, salt } = context;
  const grams = Math.round(salt.toAddG * 10) / 10;
  if (grams <= 0) return [];
  const kind = SALT_KINDS[kitchen.saltKind];
  const own = batch.lines.find((l) => l.ingredientId === 'salt' && l.unit === 'g');
  const change: Operation = own
    ? { do: 'changeLine', id: own.id, to: { amount: own.amount + grams } }
    : {
        do: 'addLine',
        line: lineOf(batch.lines, 'salt', grams, batch.school === 'cooked' ? 'simmer' : 'raw-mix'),
      };
  const spoons = inSpoons((grams / kind.gPerTsp) * 5);
  return [promised(context, 'add-salt', `Add ${formatGrams(grams)} salt (${spoons}, ${kind.label})`, [change])];
}

function lessSalt(context: Context): Fix[] {
  const { batch, salt, outline } = context;
  const surplus = -salt.toAddG;
  const fixes: Fix[] = [];
  const own = outline.lines.find((l) => l.ingredient.id === 'salt');
  if (own) {
    const left = Math.max(0, Math.round((own.rawG - surplus) * 10) / 10);
    const change: Operation =
      left > 0
        ? { do: 'changeLine', id: own.line.id, to: { amount: left, unit: 'g' } }
        : { do: 'removeLine', id: own.line.id };
    fixes.push(
      promised(
        context,
        'less-salt',
        left > 0 ? `Only ${formatGrams(left)} of added salt` : 'Leave out the added salt',
        [change],
      ),
    );
  }
  const soy = outline.lines.find((l) => l.ingredient.id === 'soy-sauce');
  if (soy) {
    fixes.push(
      promised(context, 'reduced-soy', 'Take reduced-salt soy sauce', [
        { do: 'changeLine', id: soy.line.id, to: { ingredientId: 'soy-sauce-reduced' } },
      ]),
    );
  }
  const factor = salt.fillingPercent / salt.targetPercent;
  const plain = outline.lines.filter((l) => l.saltG / Math.max(1, l.readyG) < 0.005);
  const plainG = plain.reduce((sum, l) => sum + l.readyG, 0);
  const grow = plainG > 0 ? 1 + ((factor - 1) * context.finishedG) / plainG : Infinity;
  if (grow <= MOST_STRETCH) {
    fixes.push(
      promised(
        context,
        'stretch',
        `Stretch it: ${formatNumber((grow - 1) * 100, 0)} % more of everything unsalted`,
        plain.map((l) => ({
          do: 'changeLine',
          id: l.line.id,
          to: { amount: Math.round(batchAmount(batch, l.line.id) * grow * 10) / 10 },
        })),
      ),
    );
  }
  return fixes.filter((f) => f.promise < salt.fillingPercent - 0.02);
}

const batchAmount = (batch: Batch, id: string): number => batch.lines.find((l) => l.id === id)?.amount ?? 0;

function reasons({ salt, outline, finishedG, kitchen }: Context): Reason[] {
  return [
    ...salt.lines.map((l) => ({
      text: l.name,
      figure: `${formatNumber(l.grams, 1)} g salt`,
      source: 'food tables; sauces as sold',
    })),
    { text: 'Salt in all', figure: `${formatNumber(salt.totalG, 1)} g` },
    { text: 'in a finished filling of', figure: formatGrams(finishedG) },
    { text: `Salt of the ${outline.dough.label}`, figure: percent(outline.doughSaltPercent), source: HOUSE },
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
    { text: 'Usual in a filling: 0.8 to 1.5 %; in a bite: 0.9 to 1.2 %', source: HOUSE },
  ];
}
