/**
 * Moisture: what is loose while the parcel is filled, what runs in the heat, what the filling would still take, and whether its
 * starch makes paste. A cook sees one line: loose, right, or wanting.
 */
import { BOARD_EDGES, FIRM_WITHIN_THE_HOUR, WITHIN_THE_HOUR } from '../filling/board';
import { DRY_GOOD, DRY_WATCH, type DryAccount } from '../filling/dry';
import { PASTY_TIMES } from '../filling/paste';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { type Accounts } from './account';
import {
  type CheckState,
  type Figures,
  HOUSE,
  type Judgement,
  type MoistureFigure,
  type MoistureMark,
  nothingIn,
  ORDER,
  PLAIN,
  type Reason,
} from './check';
import { type CheckRule } from './rule';
import { spoken, spokenFirst } from '../food/spoken-name';

const UNIT = 'g per 100 g';
export const per100 = (value: number): string => formatNumber(value, 1);

export const moisture: CheckRule = { label: 'Moisture', judge };

const RIGHT = 'Moisture: right';
/** Half of the last figure that is shown: nobody is warned of 2.0 where 2 is right. */
const UNSEEN = 0.05;

/** Liquid loose when the parcel is closed. */
function whileFilling(accounts: Accounts): MoistureMark {
  const { board } = accounts.ledger;
  const edges = accounts.takes.board;
  const { good, watch } = edges ?? BOARD_EDGES;
  const value = board.per100;
  const state: CheckState = edges === null || value <= good + UNSEEN ? 'good' : value <= watch ? 'watch' : 'fix';
  const from = board.lines.slice(0, 2).map((l) => spoken(l.name));
  const most = from.length === 0 ? '' : `, most of it from ${from.join(' and ')}`;
  const limit =
    edges?.isSealed === true
      ? state === 'fix'
        ? `above ${formatNumber(watch)} the skin tears`
        : `up to ${formatNumber(good)} you can wrap it`
      : `the sheets take ${formatNumber(good)}`;
  return {
    value,
    band: [0, good],
    watch: edges && watch,
    state,
    headline: state === 'good' ? RIGHT : `Moisture: ${state === 'fix' ? 'too wet to wrap' : 'a little loose to wrap'}`,
    sentence: `*${per100(value)} g* in 100 g are loose while you fill${most}; ${limit}.`,
  };
}

/** An edge as it is said: `5`, `19.8`. */
const edge = (value: number): string => formatNumber(value, Math.abs(value - Math.round(value)) < UNSEEN ? 0 : 1);

/** Liquid loose in the cooked parcel. */
function inTheHeat({ ledger, takes }: Accounts): MoistureMark {
  const value = ledger.freePer100;
  const { wet } = takes;
  const state = moistureState(value, wet);
  const runs = value < UNSEEN ? '*Nothing* runs' : `*${per100(value)} g* run from 100 g`;
  return {
    value,
    band: [0, wet],
    watch: watchTo(wet),
    state,
    headline: state === 'good' ? RIGHT : 'Moisture: too wet',
    sentence: `${runs} while cooking; ${takes.wrapping} takes ${edge(wet)}${takes.isLearned ? ' in your kitchen' : ''}.`,
  };
}

/** Watch up to so much more than what is right, g in 100 g; a learned edge takes it along. */
const DRY_IS_WATCH = DRY_WATCH - DRY_GOOD;
/** What is said of a filling is rounded to what a cook weighs, g. */
const round5 = (grams: number): number => Math.max(5, Math.round(grams / 5) * 5);

/** What moistens a filling like this one, in words. */
const moistener = ({ salt, takes }: Accounts): string =>
  salt.isSweet ? 'milk, syrup or butter' : takes.kind === 'raw' ? 'stock or fat' : 'stock, sauce or butter';

/** What it would still take. */
function stillTakes(accounts: Accounts): MoistureMark {
  const { ledger, takes } = accounts;
  const { dry } = ledger;
  const value = dry.per100;
  const state: CheckState = value <= takes.dry + UNSEEN ? 'good' : value <= takes.dry + DRY_IS_WATCH ? 'watch' : 'fix';
  const isFloury = floury(dry);
  return {
    value,
    band: [0, takes.dry],
    watch: takes.dry + DRY_IS_WATCH,
    state,
    headline:
      state === 'good' ? RIGHT : `Moisture: ${isFloury ? 'dry and floury' : state === 'fix' ? 'dry' : 'a little dry'}`,
    sentence:
      dry.lines.length === 0
        ? ''
        : isFloury
          ? `${spokenFirst(dry.lines[0].name)} has too little to swell in: it would still take about *${formatGrams(round5(dry.grams))}*.`
          : `It would still take about *${formatGrams(round5(dry.grams))}* of ${moistener(accounts)}${mostFor(dry)}.`,
  };
}
const floury = ({ lines: [most] }: DryAccount): boolean => most?.dryBy === 'swelling';
/** One line that wants half of all, named. */
const mostFor = ({ lines: [most], wants }: DryAccount): string =>
  most && most.wants >= wants / 2 ? `, most of it for the ${spoken(most.name)}` : '';

/** Starch against what it has to thicken. */
function pasty({ ledger: { paste } }: Accounts): MoistureMark {
  return {
    value: paste.times,
    band: [0, PASTY_TIMES],
    watch: null,
    state: paste.isPasty ? 'watch' : 'good',
    headline: paste.isPasty ? 'Moisture: pasty' : RIGHT,
    sentence: `The starch would thicken *${formatNumber(paste.times, 1)} times* the liquid there is; from ${formatNumber(PASTY_TIMES, 1)} it sets to a paste.`,
  };
}

/** All four, and which of them decides: the worst; wet is told before dry, dry to mend before pasty, pasty before a little dry. */
export function moistureFigures(accounts: Accounts): Figures {
  const heat = inTheHeat(accounts);
  // What runs is not missing: where it is too wet, nothing is said of what some of it would still take.
  const isWet = heat.state !== 'good';
  const quiet = (figure: MoistureMark): MoistureMark =>
    isWet ? { ...figure, state: 'good', headline: RIGHT } : figure;
  const figures = {
    heat,
    board: whileFilling(accounts),
    paste: quiet(pasty(accounts)),
    dry: quiet(stillTakes(accounts)),
  };
  const told: MoistureFigure[] = ['heat', 'board', 'paste', 'dry'];
  const decides = told.reduce((worst, id) => (ORDER[figures[id].state] > ORDER[figures[worst].state] ? id : worst));
  return { decides, isSealed: accounts.takes.board?.isSealed === true, ...figures };
}

/** How the station bar shows each: a pasty filling in times, a dry one by what it wants. */
const SHOWN: Readonly<Record<MoistureFigure, (value: number) => string>> = {
  board: per100,
  heat: per100,
  dry: (value) => `dry ${formatNumber(value)}`,
  paste: (value) => `${formatNumber(value, 1)}×`,
};

function judge(accounts: Accounts): Judgement {
  const { ledger } = accounts;
  const figures = moistureFigures(accounts);
  const { decides } = figures;
  const shown = figures[decides];
  const common = {
    ...PLAIN,
    id: 'moisture' as const,
    value: shown.value,
    band: shown.band,
    unit: decides === 'paste' ? 'times' : UNIT,
    figure: SHOWN[decides](shown.value),
    figures,
    why: accounts.isTrial ? [] : reasons(accounts),
  };
  if (accounts.lines.length === 0) {
    return {
      ...common,
      ...nothingIn('Moisture'),
      sentence: 'Add what goes in; the water is counted as you type.',
    };
  }
  if (ledger.problem) {
    return { ...common, state: 'watch', headline: 'Moisture: weigh again', sentence: ledger.problem };
  }
  return {
    ...common,
    state: shown.state,
    headline: shown.headline,
    sentence: [shown.sentence, otherMoment(figures), coldNote(accounts), steamNote(accounts)]
      .filter((part) => part !== '')
      .join(' '),
  };
}

/** A tenth over the wet edge, or half a gram, is Watch; beyond it Fix. */
const watchTo = (wet: number): number => wet + Math.max(0.5, 0.1 * wet);
function moistureState(value: number, wet: number): CheckState {
  if (value > watchTo(wet)) return 'fix';
  return value > wet + UNSEEN ? 'watch' : 'good';
}

/** The other moment, where it asks for something, too. */
function otherMoment({ decides, board, heat }: Figures): string {
  const other = decides === 'heat' ? board : decides === 'board' ? heat : null;
  return other === null || other.state === 'good' ? '' : other.sentence.replaceAll('*', '');
}

const coldNote = ({ ledger: { setCold } }: Accounts): string =>
  setCold >= 1 ? `Cold, ${formatGrams(setCold)} of it is jelly: it wraps firm and runs as broth when hot.` : '';

/** Where the verdict leans on steam that is still to leave, it says so. */
const steamNote = ({ ledger: { steamedOff, finishedG } }: Accounts): string =>
  steamedOff > finishedG * STEAM_WORTH_SAYING ? `(${formatGrams(steamedOff)} go off as steam while it cools.)` : '';
const STEAM_WORTH_SAYING = 0.01;

function reasons({ ledger, lines, takes, steamLeftOut }: Accounts): Reason[] {
  const loudest = [...ledger.lines].sort((a, b) => b.letsGo - a.letsGo).filter((l) => l.letsGo >= 0.5);
  const binders = ledger.lines.filter((l) => l.canHold > 0);
  const { board } = ledger;
  return [
    ...board.lines.map((l) => ({
      text: `While you fill: ${l.name}, ${l.preparation}, lets go of`,
      figure: formatGrams(l.grams),
      source: HOUSE,
    })),
    ...(board.lines.length > 0
      ? [
          {
            text: `Within the hour leaves and watery vegetables let go of ${Math.round(100 * WITHIN_THE_HOUR)} % of their juice, firm ones of ${Math.round(100 * FIRM_WITHIN_THE_HOUR)} %, meat and fruit of none; egg and uncooked starch hold none yet`,
            source: HOUSE,
          },
        ]
      : []),
    ...(board.byMeatG > 0.5
      ? [{ text: 'Taken up by the meat it is worked into', figure: formatGrams(board.byMeatG), source: HOUSE }]
      : []),
    ...(board.byOthersG > 0.5
      ? [
          {
            text: 'Held by what soaks, and by what was boiled with it',
            figure: formatGrams(board.byOthersG),
            source: HOUSE,
          },
        ]
      : []),
    ...loudest.map((l) => ({
      text: `While cooking: ${l.name}, ${l.preparation}, lets go of`,
      figure: formatGrams(l.letsGo),
      source: lines.find((r) => r.line.id === l.lineId)?.ingredient.liquid ? 'its water; food tables' : HOUSE,
    })),
    { text: 'Cooked off so far, preparations included', figure: formatGrams(ledger.cookedOff) },
    { text: 'Drained or squeezed out', figure: formatGrams(ledger.drained) },
    ...(ledger.steamedOff > 0.05
      ? [{ text: 'Steamed off while cooling', figure: formatGrams(ledger.steamedOff), source: 'cooling forecast' }]
      : []),
    ...(steamLeftOut > 0.5
      ? [{ text: 'Steam from a cooling that’s too slow, not counted', figure: formatGrams(steamLeftOut) }]
      : []),
    ...(ledger.heldByMeat > 0.5
      ? [{ text: 'Kept by the meat that took it up', figure: formatGrams(ledger.heldByMeat), source: HOUSE }]
      : []),
    ...dryReasons(ledger.dry, takes.dry),
    ...(ledger.paste.power > 1
      ? [
          {
            text: `Liquid its starch could thicken, of the ${formatGrams(ledger.paste.liquid)} there is`,
            figure: formatGrams(ledger.paste.power),
            source: HOUSE,
          },
        ]
      : []),
    ...binders.map((l) => ({ text: `${l.name} can hold`, figure: formatGrams(l.canHold), source: HOUSE })),
    { text: 'Runs while cooking', figure: formatGrams(ledger.free) },
    ...(ledger.driedInOven > 0.05
      ? [{ text: 'of which the oven takes', figure: formatGrams(ledger.driedInOven), source: HOUSE }]
      : []),
    { text: 'in a finished filling of', figure: formatGrams(ledger.finishedG) },
    {
      text: `What ${takes.parcel} takes before it soaks or bursts`,
      figure: `${edge(takes.wet)} g per 100 g`,
      source: takes.isLearned ? 'learned in your kitchen' : HOUSE,
    },
  ];
}

/** Each dry thing with what it wants; what is brought against it. */
function dryReasons({ lines, brings, caught, grams, per100: wantsPer100 }: DryAccount, right: number): Reason[] {
  const dry = lines.filter((l) => l.wants >= 1).slice(0, 5);
  if (dry.length === 0) return [];
  return [
    ...dry.map((l) => ({
      text: `To eat moist, ${spoken(l.name)} wants`,
      figure: formatGrams(l.wants),
      source: HOUSE,
    })),
    { text: 'Liquid, fat and juice that moisten it', figure: formatGrams(brings), source: HOUSE },
    ...(caught > 0.5
      ? [
          {
            text: 'of which juice of raw meat that crumbs and starch catch',
            figure: formatGrams(caught),
            source: HOUSE,
          },
        ]
      : []),
    {
      // Beside "right" nothing may sound as if it were missing.
      text: wantsPer100 <= right + UNSEEN ? 'Room for more, not needed' : 'It would still take',
      figure: formatGrams(grams),
    },
  ];
}
