/** What may mend a wet filling, besides treating a line otherwise: boil off, pour less, bind. */
import { lineOf } from '../stored/new-line';
import { type Batch } from '../stored/schema';
import { type Release } from '../vocabulary/releases';
import { STAGES } from '../vocabulary/stages';
import { binderOf } from '../filling/binders';
import { chooseBinder } from '../filling/choose-binder';
import { compareBinders } from '../filling/compare-binders';
import { cookOffOf } from '../filling/cook-off';
import { STARCH_IN_FRUIT } from '../filling/ledger';
import { type ResolvedLine } from '../filling/lines';
import { panContents } from '../filling/pan';
import { isFruity } from '../filling/sweet';
import { isRawMince } from '../filling/uptake';
import { aimOf, whenToStop } from '../filling/when-to-stop';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { type Accounts } from './account';
import { type Candidate, type Figures } from './check';
import { LEAST_G, MOST_SHARE, round1, WEIGHABLE } from './offering';
import { isColdDish, isPoured } from './poured';
import { treating } from './treating';
import { spoken } from '../food/spoken-name';

/** Everything that may mend it. */
export const drier = (accounts: Accounts, figures: Figures): Candidate[] => [
  ...treating(accounts),
  ...(accounts.takes.kind === 'fruit' ? fruitAndStarch(accounts, figures) : together(accounts, figures)),
  ...milkSauce(accounts, figures),
  ...cookingOff(accounts),
  ...lessLiquid(accounts, figures),
  ...more(accounts, figures),
  ...binding(accounts, figures),
];

/** Of one line this way comes before that when several are treated at once. */
const FIRST_WAYS = ['mix', 'squeeze', 'fry', 'treat'];
/** A line that lets go of less than this share of all is left as it is. House estimate. */
const SHARE_OF_ALL = 0.12;

/** The wettest lines each treated as a cook would, all at once: where one alone is not enough. */
function together(accounts: Accounts, figures: Figures): Candidate[] {
  const singles = treating(accounts);
  const { lines } = accounts;
  const total = lines.reduce((sum, l) => sum + l.releaseG, 0);
  const wettest = lines
    .filter((l) => l.releaseG >= SHARE_OF_ALL * total)
    .sort((a, b) => b.releaseG - a.releaseG)
    .slice(0, 3);
  const rank = ({ group = '' }: Candidate): number => FIRST_WAYS.indexOf(group);
  const treated = wettest.flatMap((l): Candidate[] =>
    singles
      .filter((c) => c.id.startsWith(`prepare-${l.line.id}-`))
      .sort((a, b) => rank(a) - rank(b))
      .slice(0, 1),
  );
  const parts = wettest.reduce<Candidate[]>((so, l) => {
    // What the others no longer let go of need not be poured less.
    const spared = so.reduce((sum, { sparesG = 0 }) => sum + sparesG, 0);
    return [...so, ...lessLiquid(accounts, figures, spared).filter((c) => c.id === `less-${l.line.id}`)];
  }, treated);
  return joined('together', parts);
}

/** Several changes as one, by one tap; none where there are not several. */
function joined(group: 'together' | 'fruit', parts: readonly Candidate[]): Candidate[] {
  if (parts.length < 2) return [];
  const [head, ...tail] = parts.map((c) => c.label);
  return [
    {
      id: group,
      label: [head, ...tail.map((label) => label.charAt(0).toLowerCase() + label.slice(1))].join('; '),
      change: parts.flatMap((c) => c.change),
      minutes: Math.max(...parts.map((c) => c.minutes ?? 0)),
      group,
    },
  ];
}

/** Fruit keeps its juice, and starch thickens it; what was poured to it stays out. */
function fruitAndStarch(accounts: Accounts, figures: Figures): Candidate[] {
  const released = accounts.lines.reduce((sum, l) => sum + l.releaseG, 0);
  const poured = accounts.lines.filter((l) => isPoured(l) && l.releaseG >= SHARE_OF_ALL * released);
  if (poured.length === 0) return [];
  const without = poured.reduce((sum, l) => sum + l.releaseG, 0);
  const out = poured.map(({ line, ingredient }): Candidate => ({
    id: `without-${line.id}`,
    label: `Leave out the ${spoken(ingredient.name)}`,
    change: [{ do: 'removeLine', id: line.id }],
  }));
  return joined('fruit', [...out, ...binding(accounts, figures, without).slice(0, 1)]);
}

/** Richer than this it is cream, which is not made a sauce of with flour first. */
const CREAM_FAT = 0.12;

/** Milk with nothing to thicken it is made a sauce, not boiled away; what thickens it already, there is too little of. */
function milkSauce(accounts: Accounts, figures: Figures): Candidate[] {
  const { lines, ledger, takes, batch } = accounts;
  if (figures.heat.state === 'good' || takes.kind !== 'cooked') return [];
  const isMilk = ({ line, ingredient }: ResolvedLine): boolean =>
    ingredient.liquid &&
    ingredient.family === 'dairy' &&
    ingredient.composition.fat < CREAM_FAT &&
    STAGES[line.stage].isInPan;
  const milkG = lines.filter(isMilk).reduce((sum, l) => sum + l.releaseG, 0);
  if (milkG < ledger.free / 2) return [];
  const flour = lines.find((l) => l.ingredient.id === 'wheat-flour');
  const isThickened = lines.some((l) => {
    const binder = binderOf(l);
    return binder !== undefined && (binder.isGrain || binder.isThickener);
  });
  if (!flour && isThickened) return [];
  const grams = Math.ceil(surplusOf(accounts, figures, true) / FLOUR_HOLDS / WEIGHABLE) * WEIGHABLE;
  if (grams < LEAST_G) return [];
  return [
    {
      id: 'milk-sauce',
      label: flour
        ? `${formatGrams(grams)} more flour in the sauce`
        : `Thicken the milk with ${formatGrams(grams)} flour, cooked in the butter first`,
      change: [
        flour
          ? { do: 'changeLine', id: flour.line.id, to: { amount: round1(flour.rawG + grams), unit: 'g' } }
          : { do: 'addLine', line: lineOf(batch.lines, 'wheat-flour', grams, 'simmer', 'cooked in the butter') },
      ],
      group: 'thicken',
    },
  ];
}
/** Flour, cooked out, holds so much, g a gram (white-sauce scale). */
const FLOUR_HOLDS = 10;

function cookingOff({ batch: { water }, lines, ledger, takes }: Accounts): Candidate[] {
  if (isColdDish(lines)) return [];
  const stop = whenToStop(lines, water, ledger, takes);
  if (!stop || stop.toGoG < LEAST_G) return [];
  const weighs = water.panG === null ? 'the filling in the pan weighs' : 'pan and filling weigh';
  const soFar = cookOffOf(water, panContents(lines));
  const to: Partial<Pick<Batch['water'], 'estimate' | 'plannedG'>> =
    soFar.by === 'weighing'
      ? { plannedG: round1(water.plannedG + stop.toGoG) }
      : { estimate: { by: 'grams', grams: round1(soFar.grams + stop.toGoG) } };
  const label = `Cook off ${formatGrams(stop.toGoG)} more: stop when ${weighs} ${formatGrams(stop.readsG)}`;
  // A sauce is simmered down; what runs out of leaves is rather squeezed out of them.
  const group = lines.some((l) => STAGES[l.line.stage].isInPan && (isPoured(l) || isSaucy(l))) ? 'cook-off' : 'treat';
  return [{ id: 'cook-off', label, change: [{ do: 'setWater', to }], group }];
}

/** Made to be simmered: sauces, tomatoes, tins with their liquid. */
const isSaucy = ({ ingredient: { family, release }, preparation }: ResolvedLine): boolean =>
  family === 'sauce' || SAUCY.includes(release) || preparation.id === 'with-liquid';
const SAUCY: readonly Release[] = ['pulpy', 'sieved', 'passata', 'sauce'];

/** g of liquid in 100 g of filling that are aimed at while filling. */
const aimAtBoard = ({ board }: Figures): number => board.band[1] / 2;

/** Of what is poured to mince so much is asked for at most, g a gram: well within what it takes up. */
const POURED_TO_MINCE = 0.33;

/** Less of what was poured in, cold or into the pan, as far as it is too much. @param sparedG g that something else takes care of */
function lessLiquid(accounts: Accounts, figures: Figures, sparedG = 0): Candidate[] {
  const { lines, ledger, takes } = accounts;
  const { board, heat } = figures;
  const perHundred = Math.max(
    board.state === 'good' ? 0 : board.value - aimAtBoard(figures),
    heat.state === 'good' ? 0 : heat.value - aimOf(takes.wet),
  );
  // What is left out makes the filling less, too: of the smaller one it is to be the aim.
  const aim = (heat.state === 'good' ? aimAtBoard(figures) : aimOf(takes.wet)) / 100;
  const surplus = Math.max(0, (perHundred / 100) * ledger.finishedG - sparedG) / (1 - aim);
  const minceG = takes.kind === 'raw' ? lines.filter(isRawMince).reduce((sum, l) => sum + l.readyG, 0) : 0;
  return lines.filter(isPoured).flatMap((l): Candidate[] => {
    const { isInPan, keepsRaw } = STAGES[l.line.stage];
    const water = Math.max(0.3, l.composition.water);
    const enough = l.rawG - (surplus / water) * (l.rawG / Math.max(1, l.readyG));
    const most = minceG > 0 && keepsRaw ? Math.min(enough, POURED_TO_MINCE * minceG) : enough;
    const grams = Math.max(0, Math.floor(most / WEIGHABLE) * WEIGHABLE);
    if (l.rawG - grams < LEAST_G) return [];
    const name = spoken(l.ingredient.name);
    return [
      {
        id: `less-${l.line.id}`,
        label:
          grams > 0
            ? `Only ${formatGrams(grams)} of the ${name} instead of ${formatGrams(l.rawG)}`
            : `Leave out the ${name}`,
        change: [
          grams > 0
            ? { do: 'changeLine', id: l.line.id, to: { amount: grams, unit: 'g', weighed: 'raw' } }
            : { do: 'removeLine', id: l.line.id },
        ],
        sparesG: (l.releaseG * (l.rawG - grams)) / Math.max(1, l.rawG),
        // What is in the pan is rather boiled down than left out; a cold dish is not boiled for it.
        group: isInPan && !isColdDish(lines) ? 'treat' : 'less',
      },
    ];
  });
}

/** g of liquid that are too much, at the moment that asks for more; what does not work cold is for the heat alone. */
function surplusOf({ ledger, takes }: Accounts, figures: Figures, worksCold: boolean): number {
  const heat = ledger.free - ledger.driedInOven - (aimOf(takes.wet) / 100) * ledger.finishedG;
  const board = ledger.board.looseG - (aimAtBoard(figures) / 100) * ledger.finishedG;
  const isTooWet = figures.heat.state !== 'good';
  return Math.max(0, isTooWet ? heat : 0, worksCold && figures.board.state !== 'good' ? board : 0);
}

/** More of what binds it already. */
function more(accounts: Accounts, figures: Figures): Candidate[] {
  const { lines, ledger, takes } = accounts;
  const thickened = milkSauce(accounts, figures).map(({ change: [first] }) =>
    first.do === 'changeLine' ? first.id : '',
  );
  return lines.flatMap((l): Candidate[] => {
    const binder = binderOf(l);
    if (thickened.includes(l.line.id)) return [];
    if (!binder || binder.coldOnly || binder.isFood || binder.isEgg) return [];
    const surplus = surplusOf(accounts, figures, !binder.isThickener || STAGES[l.line.stage].isInPan);
    if (surplus <= 0) return [];
    const grams = Math.ceil(surplus / (binder.capacity + aimOf(takes.wet) / 100));
    if (grams < LEAST_G || grams > MOST_SHARE * ledger.finishedG || grams > l.readyG) return [];
    return [
      {
        id: `more-${l.line.id}`,
        label: `${formatGrams(grams)} more ${spoken(l.ingredient.name)}`,
        change: [{ do: 'changeLine', id: l.line.id, to: { amount: round1(l.rawG + grams), unit: 'g' } }],
        group: 'own',
      },
    ];
  });
}

/** The binders that most kitchens have, of those that are compared; for the board only what soaks. @param sparedG g that something else takes care of */
function binding(accounts: Accounts, figures: Figures, sparedG = 0): Candidate[] {
  const { batch, lines, ledger, takes } = accounts;
  const hasPan = panContents(lines) > 0;
  const isForBoard = sparedG === 0 && figures.board.state !== 'good' && figures.heat.state === 'good';
  // What is boiled with it works at both moments: the dose is for the one that asks for more.
  const aim = isForBoard ? aimAtBoard(figures) : aimOf(takes.wet);
  const finishedG = ledger.finishedG - sparedG;
  const free = surplusOf(accounts, figures, isForBoard || hasPan) - sparedG + (aim / 100) * ledger.finishedG;
  const loose = { free: Math.max(0, free), finishedG };
  return compareBinders(loose, aim, isFruity(lines) ? STARCH_IN_FRUIT : 1)
    .filter((option) => option.isAtHand && option.grams >= LEAST_G && option.grams <= MOST_SHARE * ledger.finishedG)
    .filter((option) => !isForBoard || option.needsC === null)
    .map((option) => ({
      id: `bind-${option.id}`,
      label: `Add ${formatNumber(option.grams)} g ${option.label} (${option.spoons})`,
      change: chooseBinder(batch, option, hasPan),
      doseG: option.grams,
      // Fruit is thickened with starch as a matter of course.
      group: option.isStarch && isFruity(lines) ? 'thicken' : 'bind',
    }));
}
