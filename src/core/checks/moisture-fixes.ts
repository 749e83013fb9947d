/**
 * What may mend moisture, in a cook's order: what belongs to the dish first (mix it, squeeze it, simmer it down, less of what
 * was poured in), then another preparation, then what is in it already and binds, then a binder new to it.
 */
import { lineOf } from '../stored/new-line';
import { type Batch } from '../stored/schema';
import { SCHOOLS } from '../vocabulary/schools';
import { type Preparation, RELEASES } from '../vocabulary/releases';
import { STAGES } from '../vocabulary/stages';
import { BOARD_GOOD } from '../filling/board';
import { binderOf } from '../filling/binders';
import { compareBinders } from '../filling/compare-binders';
import { cookOffOf } from '../filling/cook-off';
import { type ResolvedLine } from '../filling/lines';
import { panContents } from '../filling/pan';
import { type Ledger, STARCH_IN_FRUIT } from '../filling/ledger';
import { aimOf, whenToStop } from '../filling/when-to-stop';
import { isFruity } from '../filling/sweet';
import { chooseBinder } from '../filling/choose-binder';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { inSpoons } from '../units/spoons';
import { type Accounts } from './account';
import { type Candidate, type Figures, type Judgement } from './check';
import { bindingPower, drynessOf, isPasty, starchPower } from './pasty';
import { type Mending, type Tried } from './rule';
import { per100 } from './moisture';

/** So many lines are tried with other preparations. */
const MOST_TREATED = 4;
/** And each with so many: tables stand in a cook's order. */
const MOST_WAYS = 3;
/** Where in the band wetting aims: the dry half. */
const JUICY = 0.35;
/** The liquid that is worked in. */
const LIQUID_ID = 'stock';
/** Nothing is offered that changes less than this, g, or adds more than this share of the filling. House estimates. */
const LEAST_G = 2;
const MOST_SHARE = 0.25;
/** What most kitchens weigh liquids to, g. */
const WEIGHABLE = 5;

/** The groups, in the order in which a cook would think of them, and how many of each are offered. */
const GROUPS = { mix: 1, squeeze: 2, fry: 1, 'cook-off': 1, less: 1, treat: 1, own: 1, bind: 2, wet: 3 } as const;
type Group = keyof typeof GROUPS;
const GROUP_IDS = Object.keys(GROUPS) as Group[];
/** More ways than these nobody reads at the stove. */
const MOST_OFFERED = 5;
/** These belong to the dish as it is made anyway: among them what mends most comes first. */
const OF_THE_DISH: readonly string[] = ['mix', 'squeeze', 'fry', 'cook-off', 'less'];
/** What belongs to the dish stays first even where it makes another check ask for something; it says so. */
const isOfTheDish = ({ group = '' }: Candidate): boolean => OF_THE_DISH.includes(group);

function candidates(accounts: Accounts, { figures }: Judgement): Candidate[] {
  const { ledger, lines } = accounts;
  if (!figures || ledger.problem !== null || lines.length === 0) return [];
  if (isWet(figures)) {
    return [
      ...treating(accounts),
      ...cookingOff(accounts),
      ...lessLiquid(accounts, figures),
      ...more(accounts),
      ...binding(accounts, figures),
    ];
  }
  if (drynessOf(ledger, lines) !== null) return juicier(accounts);
  return isPasty(ledger, lines) ? lessStarch(accounts) : [];
}

const isWet = ({ board, heat }: Figures): boolean => board.state !== 'good' || heat.value > heat.band[1];

/** Less change than this, g in 100 g, is none. */
const LEAST_GAIN = 0.3;
/** A change that brings less than this share of what is wanted does not come before one that brings all of it. */
const MENDS_MUCH = 0.45;
/** An hour of work and waiting is worth a gram and a half of liquid in 100 g. House estimate. */
const MINUTES_A_GRAM = 40;

/** How far both moments are from where they should be, g in 100 g. */
function missOf({ board, heat }: Figures): number {
  return Math.max(0, board.value - BOARD_GOOD) + Math.max(0, heat.value - heat.band[1]);
}

/** In a cook's order; what hardly helps comes after what does. */
function choose(tried: readonly Tried[], now: Judgement): Tried[] {
  const { figures } = now;
  if (!figures) return [];
  if (!isWet(figures)) return choosePlainly(tried, now);
  const before = missOf(figures);
  const left = ({ then }: Tried): number => (then.figures ? missOf(then.figures) : before);
  const gain = (t: Tried): number => before - left(t);
  const cost = (t: Tried): number => left(t) + (t.candidate.minutes ?? 0) / MINUTES_A_GRAM;
  const helping = tried.filter((t) => gain(t) >= LEAST_GAIN);
  const chosen = GROUP_IDS.flatMap((group) =>
    helping
      .filter((t) => t.candidate.group === group && isBestOfItsLine(t, helping, gain))
      .sort((a, b) => cost(a) - cost(b))
      .slice(0, GROUPS[group]),
  );
  const order = (t: Tried): number => {
    const group = t.candidate.group ?? '';
    const rank = OF_THE_DISH.includes(group) ? 0 : GROUP_IDS.findIndex((id) => id === group);
    return gain(t) >= MENDS_MUCH * before ? rank : rank + GROUP_IDS.length;
  };
  return chosen.sort((a, b) => order(a) - order(b) || left(a) - left(b)).slice(0, MOST_OFFERED);
}

/** Of one line's preparations the first of its table that does nearly as much as the best: tables stand in a cook's order. */
function isBestOfItsLine(t: Tried, helping: readonly Tried[], gain: (t: Tried) => number): boolean {
  if (!t.candidate.id.startsWith('prepare-')) return true;
  const [change] = t.candidate.change;
  const lineId = change.do === 'changeLine' ? change.id : '';
  const ofLine = helping.filter(
    ({
      candidate: {
        id,
        change: [first],
        group,
      },
    }) => id.startsWith('prepare-') && group === t.candidate.group && first.do === 'changeLine' && first.id === lineId,
  );
  const best = Math.max(...ofLine.map(gain));
  return ofLine.find((other) => gain(other) >= NEARLY * best) === t;
}
const NEARLY = 0.8;

/** Against dry and pasty: whatever changes the verdict, in the order in which it was thought of. */
function choosePlainly(tried: readonly Tried[], now: Judgement): Tried[] {
  return tried.filter(({ then }) => then.headline !== now.headline && then.state !== 'fix').slice(0, GROUPS.wet);
}

const GROUP_OF: Readonly<Record<Preparation['treatment'], Group>> = {
  mix: 'mix',
  squeeze: 'squeeze',
  reduce: 'fry',
  cook: 'treat',
  soak: 'treat',
  none: 'treat',
};

/** Treating a wet line otherwise: the amount stays what it was before the treatment. */
function treating({ lines }: Accounts): Candidate[] {
  // Of many wet lines the wettest are worth the work.
  const untreated = lines
    .filter((l) => l.preparation.treatment === 'none' || l.preparation.release >= STILL_WET)
    .sort((a, b) => b.releaseG - a.releaseG)
    .slice(0, MOST_TREATED);
  return untreated.flatMap((l) =>
    RELEASES[l.ingredient.release]
      .filter((p) => isDrier(p, l) && !p.takesStarch && suits(l, p))
      .slice(0, MOST_WAYS)
      .map((p) => ({
        id: `prepare-${l.line.id}-${p.id}`,
        label: `${l.ingredient.name}: ${p.label}`,
        change: [
          {
            do: 'changeLine' as const,
            id: l.line.id,
            to: {
              preparation: p.id,
              weighed: 'raw' as const,
            },
          },
        ],
        minutes: p.handsOnMinutes + p.waitMinutes,
        group: groupFor(p, l),
      })),
  );
}

/** Of these salting and wringing is for what goes in raw. */
const SWEATED_RATHER: readonly string[] = [
  'firmLeaf',
  'juicyLeaf',
  'root',
  'dicedRoot',
  'potato',
  'squash',
  'sieved',
  'pulpy',
];

/** What is in the pan already is only left there longer; fruit that goes in raw is not boiled first. */
function groupFor({ treatment, cooked }: Preparation, { line, ingredient }: ResolvedLine): Group {
  const isInPan = STAGES[line.stage].isInPan;
  if (treatment === 'cook' && isInPan) return 'fry';
  if (treatment === 'squeeze' && isInPan && !cooked && SWEATED_RATHER.includes(ingredient.release)) return 'treat';
  return treatment === 'reduce' && !isInPan && ingredient.family === 'fruit' ? 'treat' : GROUP_OF[treatment];
}

/** A preparation that still lets go of so much, g in 100 g, may be exchanged for a drier one. House estimate. */
const STILL_WET = 10;

const isDrier = (p: Preparation, { preparation, ingredient }: ResolvedLine): boolean =>
  // Liquid is boiled down to a stop weight, not by a word.
  !ingredient.liquid && p.release < preparation.release;

/** Raw meat and fish that go in raw stay raw: cooking them first would be another school. */
const suits = (l: ResolvedLine, p: Preparation): boolean =>
  !p.cooked || l.ingredient.hazard === 'none' || STAGES[l.line.stage].isInPan;

function cookingOff({ batch: { water }, lines, ledger, takes }: Accounts): Candidate[] {
  const stop = whenToStop(lines, water, ledger, takes.band);
  if (!stop || stop.toGoG < LEAST_G) return [];
  const weighs = water.panG === null ? 'the filling in the pan weighs' : 'pan and filling weigh';
  const soFar = cookOffOf(water, panContents(lines));
  const to: Partial<Pick<Batch['water'], 'estimate' | 'plannedG'>> =
    soFar.by === 'weighing'
      ? { plannedG: round1(water.plannedG + stop.toGoG) }
      : { estimate: { by: 'grams', grams: round1(soFar.grams + stop.toGoG) } };
  const label = `Cook off ${formatGrams(stop.toGoG)} more: stop when ${weighs} ${formatGrams(stop.readsG)}`;
  return [{ id: 'cook-off', label, change: [{ do: 'setWater', to }], group: 'cook-off' }];
}

const round1 = (value: number): number => Math.max(0, Math.round(value * 10) / 10);

/** Salty and sour liquids season: they are not there for their water. */
const isPoured = ({ ingredient: { liquid, salt, family, dose } }: ResolvedLine): boolean =>
  liquid && salt < 2 && dose === null && (family === 'liquid' || family === 'dairy');

/** Less of what was poured in, cold or into the pan, as far as it is too much. */
function lessLiquid({ lines, ledger, takes }: Accounts, { board, heat }: Figures): Candidate[] {
  const aim = aimOf(takes.band);
  const perHundred = Math.max(board.value - BOARD_GOOD / 2, heat.value > heat.band[1] ? heat.value - aim : 0);
  const surplus = (perHundred / 100) * ledger.finishedG;
  return lines.filter(isPoured).flatMap((l): Candidate[] => {
    const water = Math.max(0.3, l.composition.water);
    const left = l.rawG - (surplus / water) * (l.rawG / Math.max(1, l.readyG));
    const grams = Math.max(0, Math.floor(left / WEIGHABLE) * WEIGHABLE);
    if (l.rawG - grams < LEAST_G) return [];
    const name = l.ingredient.name.toLowerCase();
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
        // What is in the pan is rather boiled down than left out.
        group: STAGES[l.line.stage].isInPan ? 'treat' : 'less',
      },
    ];
  });
}

/** g of liquid that are too much, at the moment that asks for more; what does not work cold is for the heat alone. */
function surplusOf({ ledger, takes }: Accounts, worksCold: boolean): number {
  const heat = ledger.free - ledger.driedInOven - (aimOf(takes.band) / 100) * ledger.finishedG;
  const board = ledger.board.looseG - (BOARD_GOOD / 2 / 100) * ledger.finishedG;
  const isTooWet = ledger.freePer100 > takes.band[1];
  return Math.max(0, isTooWet ? heat : 0, worksCold ? board : 0);
}

/** More of what binds it already. */
function more(accounts: Accounts): Candidate[] {
  const { lines, ledger, takes } = accounts;
  return lines.flatMap((l): Candidate[] => {
    const binder = binderOf(l);
    if (!binder || binder.coldOnly || binder.isFood || binder.isEgg) return [];
    const surplus = surplusOf(accounts, !binder.isThickener || STAGES[l.line.stage].isInPan);
    if (surplus <= 0) return [];
    const grams = Math.ceil(surplus / (binder.capacity + aimOf(takes.band) / 100));
    if (grams < LEAST_G || grams > MOST_SHARE * ledger.finishedG || grams > l.readyG) return [];
    return [
      {
        id: `more-${l.line.id}`,
        label: `${formatGrams(grams)} more ${l.ingredient.name.toLowerCase()}`,
        change: [{ do: 'changeLine', id: l.line.id, to: { amount: round1(l.rawG + grams), unit: 'g' } }],
        group: 'own',
      },
    ];
  });
}

/** The binders that most kitchens have, of those that are compared; for the board only what soaks. */
function binding(accounts: Accounts, { board, heat }: Figures): Candidate[] {
  const { batch, lines, ledger, takes } = accounts;
  const hasPan = panContents(lines) > 0;
  const isForBoard = board.state !== 'good' && heat.value <= heat.band[1];
  // What is boiled with it works at both moments: the dose is for the one that asks for more.
  const aim = isForBoard ? BOARD_GOOD / 2 : aimOf(takes.band);
  const free = surplusOf(accounts, isForBoard || hasPan) + (aim / 100) * ledger.finishedG;
  const loose = { free, finishedG: ledger.finishedG };
  return compareBinders(loose, aim, isFruity(lines) ? STARCH_IN_FRUIT : 1)
    .filter((option) => option.isAtHand && option.grams >= LEAST_G && option.grams <= MOST_SHARE * ledger.finishedG)
    .filter((option) => !isForBoard || option.needsC === null)
    .map((option) => ({
      id: `bind-${option.id}`,
      label: `Add ${formatNumber(option.grams)} g ${option.label} (${option.spoons})`,
      change: chooseBinder(batch, option, hasPan),
      // Fruit is thickened with starch as a matter of course.
      group: option.isStarch && isFruity(lines) ? 'less' : 'bind',
    }));
}

/** Against dry: mix it, less of what soaks, liquid worked in where the dish takes any. */
function juicier({ batch, lines, ledger, takes }: Accounts): Candidate[] {
  const dryness = drynessOf(ledger, lines);
  const line = lines.find((l) => l.line.id === dryness?.lineId);
  if (!dryness || !line) return [];
  const mixing = lines
    .filter((l) => RELEASES[l.ingredient.release].some((p) => p.id === 'worked') && l.preparation.treatment === 'none')
    .map((l): Candidate => ({
      id: `prepare-${l.line.id}-worked`,
      label: `${l.ingredient.name}: mix with salt until sticky`,
      change: [{ do: 'changeLine', id: l.line.id, to: { preparation: 'worked' } }],
    }));
  const [dry, wet] = takes.band;
  const aim = dry + JUICY * (wet - dry);
  const spare = Math.max(0, bindingPower(ledger) - ledger.heldByBinders);
  const wanted =
    Math.round(
      Math.min(MOST_SHARE * ledger.finishedG, (aim / 100) * ledger.finishedG - ledger.free + spare) / WEIGHABLE,
    ) * WEIGHABLE;
  const { lateAt } = SCHOOLS[batch.school];
  const add: Candidate[] =
    wanted < LEAST_G || takes.kind === 'sweet'
      ? []
      : [
          {
            id: 'add-stock',
            label: `Work in ${wanted} g cold stock (${inSpoons(wanted)})`,
            change: [
              {
                do: 'addLine',
                line: lineOf(batch.lines, LIQUID_ID, wanted, lateAt, 'a little at a time, until it is taken up'),
              },
            ],
          },
        ];
  return [...mixing, ...(dryness.because === 'absorbers' ? lessOf(line, ledger) : []), ...add];
}

/** So much of it that what runs is taken up and a tenth of the filling more; else none of it. */
function lessOf({ line, ingredient, rawG, readyG }: ResolvedLine, ledger: Ledger): Candidate[] {
  const name = ingredient.name.toLowerCase();
  const holds = ledger.lines.find((row) => row.lineId === line.id)?.canHold ?? 0;
  const enough = (ledger.released + DRY_ENOUGH * ledger.finishedG) / Math.max(0.1, holds / Math.max(1, readyG));
  const grams = Math.floor(enough / WEIGHABLE) * WEIGHABLE;
  const less: Candidate = {
    id: `less-${line.id}`,
    label: `Only ${formatGrams(grams)} of the ${name} instead of ${formatGrams(rawG)}`,
    change: [{ do: 'changeLine', id: line.id, to: { amount: grams, unit: 'g', weighed: 'raw' } }],
  };
  return [
    ...(grams >= LEAST_G && grams < rawG ? [less] : []),
    { id: `without-${line.id}`, label: `Leave out the ${name}`, change: [{ do: 'removeLine', id: line.id }] },
  ];
}
/** What dry things may still take up, as a share of the filling: well below where it is dry. */
const DRY_ENOUGH = 0.1;

/** Against paste: less of the starch that is most. */
function lessStarch({ lines, ledger }: Accounts): Candidate[] {
  const given = Math.max(0, ledger.released - ledger.cookedOffInPan - ledger.steamedOff);
  const share = given / Math.max(1, starchPower(ledger, lines));
  return lines
    .filter((l) => binderOf(l)?.isThickener === true && binderOf(l)?.isFood === false)
    .sort((a, b) => b.readyG - a.readyG)
    .slice(0, 1)
    .flatMap((l): Candidate[] => {
      const grams = Math.round(l.rawG * share);
      const name = l.ingredient.name.toLowerCase();
      return [
        ...(grams >= LEAST_G
          ? [
              {
                id: `less-${l.line.id}`,
                label: `Only ${formatGrams(grams)} of the ${name} instead of ${formatGrams(l.rawG)}`,
                change: [{ do: 'changeLine' as const, id: l.line.id, to: { amount: grams, unit: 'g' as const } }],
              },
            ]
          : []),
        {
          id: `without-${l.line.id}`,
          label: `Leave out the ${name}`,
          change: [{ do: 'removeLine' as const, id: l.line.id }],
        },
      ];
    });
}

export const moistureFixes: Mending = {
  candidates,
  choose,
  staysFirst: isOfTheDish,
  effect: (now, then) => {
    // Dry and pasty: what is missing, and what there is then.
    if ((now.value ?? 0) < 0) return `${per100(now.value ?? 0)} → ${per100(then.value ?? 0)}`;
    const of = (id: 'board' | 'heat'): string =>
      `${per100(now.figures?.[id].value ?? 0)} → ${per100(then.figures?.[id].value ?? 0)}`;
    const id = now.figures?.decides ?? 'heat';
    return id === then.figures?.decides ? of(id) : `at the board ${of('board')}, in the heat ${of('heat')}`;
  },
};
