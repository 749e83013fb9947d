/**
 * What may mend a dry filling: less of the dry things that are the cause, soaking what soaks, more of what moistens it already,
 * and only then something new. And a pasty one: less of its starch.
 */
import { lineOf } from '../stored/new-line';
import { type Operation } from '../stored/operations';
import { SCHOOLS } from '../vocabulary/schools';
import { type ResolvedLine } from '../filling/lines';
import { accountDry, DRY_WATCH } from '../filling/dry';
import { moistOf } from '../filling/moist';
import { isThickener } from '../filling/paste';
import { formatGrams } from '../units/format';
import { inSpoons } from '../units/spoons';
import { type Accounts } from './account';
import { type Candidate } from './check';
import { type Group } from './moisture-groups';
import { LEAST_G, round1, WEIGHABLE, weighable } from './offering';
import { isPoured } from './poured';
import { spoken } from '../food/spoken-name';

/** Below this it is right again, g in 100 g. House estimate. */
const AIM = 1.5;
/** Less of a dry thing mends only where it wants so much of what is missing; of several together each so much. House estimates. */
const LEAST_CAUSE = 0.5;
const LEAST_SHARED = 0.15;
/** Where less than this share of it would be left, it is left out. House estimate. */
const LEAST_LEFT = 0.15;
/** Grain and the like that is soaked by itself before it goes in. */
const SOAKED_FIRST: readonly string[] = ['couscous', 'bulgur', 'soya-mince', 'potato-flakes'];

/** g of liquid or fat that is wanted beyond what is right. */
const missingOf = ({ ledger }: Accounts): number => Math.max(0, ledger.dry.grams - (AIM / 100) * ledger.finishedG);

/** Everything that may mend a dry filling, in the order in which a cook would think of it. */
export function juicier(accounts: Accounts): Candidate[] {
  const missing = missingOf(accounts);
  const [largest] = [...accounts.lines].sort((a, b) => b.readyG - a.readyG);
  const dry = accounts.lines
    .map((l) => ({ l, m: moistOf(l) }))
    .filter(({ m }) => m.dryBy === 'soaking' || m.dryBy === 'swelling')
    // What the filling is of is not taken out of it; it may be soaked.
    .filter(({ l }) => l !== largest || SOAKED_FIRST.includes(l.ingredient.id))
    .sort((a, b) => b.m.wants - a.m.wants);
  const causes = dry.filter(({ m }) => m.wants >= LEAST_CAUSE * missing);
  const shared = dry.filter(({ m }) => m.wants >= LEAST_SHARED * missing).map(({ l }) => l);
  const isShared = shared.length > 1 && sum(shared, (l) => moistOf(l).wants) >= LEAST_CAUSE * missing;
  return [
    ...causes.slice(0, 1).flatMap(({ l, m }) => lessAndMoist(l, keptOf(l, m.wants, missing), accounts)),
    ...causes.slice(0, 2).map(({ l, m }) => lessOf(l, m.wants, missing, accounts)),
    ...(causes.length === 0 && isShared ? [withoutAll(shared)] : []),
    ...moreOfItsOwn(accounts, missing),
    ...somethingNew(accounts, missing),
  ];
}

function lessOf(l: ResolvedLine, wants: number, missing: number, accounts: Accounts): Candidate {
  const { line, ingredient, rawG } = l;
  const name = spoken(ingredient.name);
  if (SOAKED_FIRST.includes(ingredient.id)) {
    const water = Math.round(wants / WEIGHABLE) * WEIGHABLE;
    return {
      id: `soak-${line.id}`,
      label: `Soak the ${name} in ${formatGrams(water)} hot water first`,
      change: [added(accounts, 'water', water, `for the ${name}`)],
    };
  }
  const grams = keptOf(l, wants, missing);
  return grams > 0
    ? {
        id: `less-${line.id}`,
        label: `Only ${formatGrams(grams)} of the ${name} instead of ${formatGrams(rawG)}`,
        change: [{ do: 'changeLine', id: line.id, to: { amount: grams, unit: 'g', weighed: 'raw' } }],
        group: LESS,
      }
    : {
        id: `without-${line.id}`,
        label: `Leave out the ${name}`,
        change: [{ do: 'removeLine', id: line.id }],
        group: LESS,
      };
}
/** Less of what is dry belongs to the dish. */
const LESS: Group = 'less';

/** g of a dry thing that may stay; none where hardly any would. */
function keptOf({ rawG }: ResolvedLine, wants: number, missing: number): number {
  const grams = Math.floor((rawG * (1 - missing / wants)) / WEIGHABLE) * WEIGHABLE;
  return grams >= Math.max(LEAST_G, LEAST_LEFT * rawG) ? grams : 0;
}

/** Where leaving a dry thing out would not be enough: a little of it stays, and what moistens goes in with it. */
function lessAndMoist(l: ResolvedLine, alone: number, accounts: Accounts): Candidate[] {
  if (SOAKED_FIRST.includes(l.ingredient.id) || !isDryWith(l, alone, accounts)) return [];
  const kept = Math.max(LEAST_G, Math.round((KEPT * l.rawG) / WEIGHABLE) * WEIGHABLE);
  if (kept >= l.rawG) return [];
  const less: Operation = { do: 'changeLine', id: l.line.id, to: { amount: kept, unit: 'g', weighed: 'raw' } };
  const then = dryWith(l, kept, accounts);
  const [moist] = somethingNew(accounts, then.grams - (AIM / 100) * then.finishedG, then.finishedG);
  const fewer = `Only ${formatGrams(kept)} of the ${spoken(l.ingredient.name)} instead of ${formatGrams(l.rawG)}`;
  return [
    {
      id: `less-and-moist-${l.line.id}`,
      label: `${fewer}; ${moist.label.charAt(0).toLowerCase()}${moist.label.slice(1)}`,
      change: [less, ...moist.change],
      group: LESS,
    },
  ];
}
/** Of a dry thing that is far too much so much stays. House estimate. */
const KEPT = 0.15;

/** What is missing with another amount of a line, g, and the filling there then is. */
function dryWith(l: ResolvedLine, rawG: number, { lines, ledger }: Accounts): { grams: number; finishedG: number } {
  const share = rawG / l.rawG;
  const scaled = { ...l, rawG, readyG: share * l.readyG, releaseG: share * l.releaseG };
  const finishedG = ledger.finishedG - l.readyG + scaled.readyG;
  const goneG = ledger.cookedOffInPan + ledger.drainedByWeight;
  const { grams } = accountDry(
    lines.map((other) => (other === l ? scaled : other)),
    { goneG, looseG: 0, finishedG },
  );
  return { grams, finishedG };
}
const isDryWith = (l: ResolvedLine, rawG: number, accounts: Accounts): boolean => {
  const { grams, finishedG } = dryWith(l, rawG, accounts);
  return grams > (DRY_WATCH / 100) * finishedG;
};

/** Several dry things that are the cause only together. */
const withoutAll = (lines: readonly ResolvedLine[]): Candidate => ({
  id: 'without-dry',
  label: `Leave out the ${lines.map((l) => spoken(l.ingredient.name)).join(' and the ')}`,
  change: lines.map((l) => ({ do: 'removeLine' as const, id: l.line.id })),
});

/** What brings less than so much of its mass moistens only by the way. House estimate. */
const MOISTENS = 0.45;
/** Saltier than this it seasons, g in 100 g. House estimate. */
const SEASONS = 2;

const moistens = (l: ResolvedLine): boolean => {
  const { family, salt, sugar, liquid } = l.ingredient;
  if (salt > SEASONS || l.readyG <= 0) return false;
  const isMeantTo =
    isPoured(l) || family === 'fat' || (!liquid && (family === 'dairy' || family === 'sauce' || sugar >= 60));
  return isMeantTo && moistOf(l).brings >= MOISTENS * l.readyG;
};

/** More of what moistens it already: the most there is of it. */
function moreOfItsOwn({ lines, ledger }: Accounts, missing: number): Candidate[] {
  const [most] = lines.filter(moistens).sort((a, b) => b.readyG - a.readyG);
  if (!most) return [];
  const grams = weighable(missing / Math.max(0.2, moistOf(most).brings / most.readyG), ledger.finishedG);
  return [
    {
      id: `more-${most.line.id}`,
      label: `${formatGrams(grams)} more ${spoken(most.ingredient.name)}`,
      change: [
        { do: 'changeLine', id: most.line.id, to: { amount: round1(most.rawG + grams), unit: 'g', weighed: 'raw' } },
      ],
    },
  ];
}

/** What is new to it: into raw meat cold stock or fat; elsewhere something hot and butter, half and half. */
function somethingNew(accounts: Accounts, missing: number, finishedG = accounts.ledger.finishedG): Candidate[] {
  const { lines, salt, takes } = accounts;
  const all = weighable(missing, finishedG);
  if (takes.kind === 'raw') {
    return [
      {
        id: 'add-stock',
        label: `Work in ${formatGrams(all)} cold stock (${inSpoons(all)})`,
        change: [added(accounts, 'stock', all, 'a little at a time, until it’s absorbed')],
      },
      {
        id: 'add-fat',
        label: `Work in ${formatGrams(all)} soft fat or oil`,
        change: [added(accounts, 'sunflower-oil', all, 'worked in')],
      },
    ];
  }
  const isOfMeat = lines.some(({ ingredient: { family } }) => family === 'meat' || family === 'fish');
  const [id, words] = salt.isSweet
    ? ['milk', 'hot milk']
    : isOfMeat
      ? ['stock', 'stock']
      : ['soured-cream', 'soured cream'];
  const half = weighable(all / 2, finishedG);
  return [
    {
      id: 'moisten',
      label: `Stir in ${formatGrams(half)} ${words} and ${formatGrams(half)} butter`,
      change: [added(accounts, id, half, 'to moisten it'), added(accounts, 'butter', half, 'to moisten it')],
    },
  ];
}

/** A line more, at the moment at which late things go in. */
const added = ({ batch }: Accounts, id: string, grams: number, note: string): Candidate['change'][number] => ({
  do: 'addLine',
  line: lineOf(batch.lines, id, grams, SCHOOLS[batch.school].lateAt, note),
});

/** Against paste: less of the starch that is most; none of it where hardly any would be left. */
export function lessStarch({ lines, ledger: { paste } }: Accounts): Candidate[] {
  const [most] = lines.filter(isThickener).sort((a, b) => b.readyG - a.readyG);
  if (!most) return [];
  const grams = Math.round(most.rawG * Math.min(1, paste.liquid / Math.max(1, paste.power)));
  const name = spoken(most.ingredient.name);
  return grams >= LEAST_G
    ? [
        {
          id: `less-${most.line.id}`,
          label: `Only ${formatGrams(grams)} of the ${name} instead of ${formatGrams(most.rawG)}`,
          change: [{ do: 'changeLine', id: most.line.id, to: { amount: grams, unit: 'g' } }],
        },
      ]
    : [
        {
          id: `without-${most.line.id}`,
          label: `Leave out the ${name}`,
          change: [{ do: 'removeLine', id: most.line.id }],
        },
      ];
}

const sum = (lines: readonly ResolvedLine[], of: (l: ResolvedLine) => number): number =>
  lines.reduce((total, l) => total + of(l), 0);
