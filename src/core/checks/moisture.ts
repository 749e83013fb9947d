/** Moisture: liquid loose at the board, when it is wrapped, and in the heat, when it is eaten. The check shows the worse. */
import { BOARD_GOOD, BOARD_WATCH, FIRM_WITHIN_THE_HOUR, WITHIN_THE_HOUR } from '../filling/board';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { type Accounts } from './account';
import {
  type CheckState,
  type Figure,
  type Figures,
  HOUSE,
  type Judgement,
  nothingIn,
  PLAIN,
  type Reason,
  worse,
} from './check';
import { drynessOf, isPasty, LEAN_PERCENT, starchPower } from './pasty';
import { type CheckRule } from './rule';

const UNIT = 'g per 100 g';
export const per100 = (value: number): string => formatNumber(value, 1);

export const moisture: CheckRule = { label: 'Moisture', judge };

/** One of the two moments, judged. */
type Moment = Omit<Figure, 'value' | 'band'>;

/** Liquid loose when the parcel is closed. */
function atTheBoard({ ledger: { board } }: Accounts): Moment {
  const state = board.per100 > BOARD_WATCH ? 'fix' : board.per100 > BOARD_GOOD ? 'watch' : 'good';
  const from = board.lines.slice(0, 2).map((l) => l.name.toLowerCase());
  const of = from.length === 0 || state === 'good' ? '' : `, most of it from ${from.join(' and ')}`;
  return {
    state,
    deciding: board.per100,
    headline: `Moisture: ${state === 'fix' ? 'too wet to wrap' : state === 'watch' ? 'loose at the board' : 'as it should be'}`,
    sentence: `At the board *${per100(board.per100)} g* loose per 100 g${of}; to ${BOARD_GOOD} it wraps, above ${BOARD_WATCH} the skin tears and will not seal.`,
  };
}

/** Liquid loose in the cooked parcel. */
function inTheHeat(accounts: Accounts): Moment {
  const { ledger, lines, takes } = accounts;
  const { band, parcel } = takes;
  const [dry, wet] = band;
  const value = ledger.freePer100;
  const dryness = drynessOf(ledger, lines);
  const per = (grams: number): number => (100 * grams) / Math.max(1, ledger.finishedG);
  if (dryness !== null) {
    return {
      state: 'watch',
      deciding: dryness.because === 'absorbers' ? -per(dryness.figure) : dryness.figure - LEAN_PERCENT,
      headline: 'Moisture: dry',
      sentence:
        dryness.because === 'absorbers'
          ? `${dryness.name} could take up *${formatGrams(dryness.figure)}* more than runs: the meat ends dry, a ball loose in its shell.`
          : `*${formatNumber(dryness.figure, 1)} %* fat, neither mixed nor with starch: lean ${dryness.name.toLowerCase()} ends dry and dense.`,
    };
  }
  if (isPasty(ledger, lines)) {
    return {
      state: 'watch',
      deciding: -per(starchPower(ledger, lines) - ledger.heldByBinders),
      headline: 'Moisture: pasty, too much starch',
      sentence: `Starch could bind *${formatGrams(starchPower(ledger, lines))}*, at least twice what it was given.`,
    };
  }
  const state = moistureState(value, wet);
  return {
    state,
    deciding: value,
    headline: `Moisture: ${value > wet ? 'too wet' : 'as it should be'}`,
    sentence: `Free liquid *${per100(value)} g* per 100 g in the heat; ${parcel} takes ${formatNumber(dry)} to ${formatNumber(wet)}${takes.isLearned ? ' in your kitchen' : ''}.`,
  };
}

/** Both moments, and which of them decides. */
export function moistureFigures(accounts: Accounts): Figures {
  const { ledger, takes } = accounts;
  const [board, heat] = [atTheBoard(accounts), inTheHeat(accounts)];
  return {
    decides: board.state !== 'good' && worse(board.state, heat.state) ? 'board' : 'heat',
    board: { value: ledger.board.per100, band: [0, BOARD_GOOD], ...board },
    heat: { value: ledger.freePer100, band: takes.band, ...heat },
  };
}

function judge(accounts: Accounts): Judgement {
  const { ledger } = accounts;
  const figures = moistureFigures(accounts);
  const { decides } = figures;
  const shown = figures[decides];
  const common = {
    ...PLAIN,
    id: 'moisture' as const,
    value: shown.deciding,
    band: shown.band,
    unit: UNIT,
    figure: per100(shown.value),
    figures,
    why: accounts.isTrial ? [] : reasons(accounts),
  };
  if (accounts.lines.length === 0) {
    return {
      ...common,
      ...nothingIn('Moisture'),
      sentence: 'Add what goes into the filling, and the water is accounted for as you type.',
    };
  }
  if (ledger.problem) {
    return { ...common, state: 'watch', headline: 'Moisture: weigh again', sentence: ledger.problem };
  }
  return {
    ...common,
    state: shown.state,
    headline: shown.headline,
    sentence: [shown.sentence, otherMoment(accounts, decides), coldNote(accounts), steamNote(accounts)]
      .filter((part) => part !== '')
      .join(' '),
  };
}

/** A tenth over the wet edge, or half a gram, is Watch; beyond it Fix. */
function moistureState(value: number, wet: number): CheckState {
  if (value > wet + Math.max(0.5, 0.1 * wet)) return 'fix';
  return value > wet ? 'watch' : 'good';
}

/** The other figure, in short. */
function otherMoment({ ledger, takes: { band } }: Accounts, decides: 'board' | 'heat'): string {
  return decides === 'board'
    ? `In the heat ${per100(ledger.freePer100)} g; ${formatNumber(band[0])} to ${formatNumber(band[1])} is right.`
    : `At the board ${per100(ledger.board.per100)} g.`;
}

const coldNote = ({ ledger: { setCold } }: Accounts): string =>
  setCold >= 1 ? `Cold, ${formatGrams(setCold)} of it is set by gelatine: it wraps as a jelly and runs when hot.` : '';

/** Where the verdict leans on steam that is still to leave, it says so. */
const steamNote = ({ ledger: { steamedOff, finishedG } }: Accounts): string =>
  steamedOff > finishedG * STEAM_WORTH_SAYING
    ? `Counted on: ${formatGrams(steamedOff)} that leave as steam while it cools.`
    : '';
const STEAM_WORTH_SAYING = 0.01;

function reasons({ ledger, lines, takes, steamLeftOut }: Accounts): Reason[] {
  const loudest = [...ledger.lines].sort((a, b) => b.letsGo - a.letsGo).filter((l) => l.letsGo >= 0.5);
  const binders = ledger.lines.filter((l) => l.canHold > 0);
  const { board } = ledger;
  return [
    ...board.lines.map((l) => ({
      text: `At the board: ${l.name}, ${l.preparation}, has let go of`,
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
      text: `In the heat: ${l.name}, ${l.preparation}, lets go of`,
      figure: formatGrams(l.letsGo),
      source: lines.find((r) => r.line.id === l.lineId)?.ingredient.liquid ? 'its water; food tables' : HOUSE,
    })),
    { text: 'Cooked off so far, preparations included', figure: formatGrams(ledger.cookedOff) },
    { text: 'Drained or squeezed out', figure: formatGrams(ledger.drained) },
    ...(ledger.steamedOff > 0.05
      ? [{ text: 'Steamed off while cooling', figure: formatGrams(ledger.steamedOff), source: 'cooling forecast' }]
      : []),
    ...(steamLeftOut > 0.5
      ? [{ text: 'Steam of a cooling that is too slow, not counted on', figure: formatGrams(steamLeftOut) }]
      : []),
    ...(ledger.heldByMeat > 0.5
      ? [{ text: 'Kept by the meat that took it up', figure: formatGrams(ledger.heldByMeat), source: HOUSE }]
      : []),
    ...binders.map((l) => ({ text: `${l.name} can hold`, figure: formatGrams(l.canHold), source: HOUSE })),
    { text: 'Left free', figure: formatGrams(ledger.free) },
    ...(ledger.driedInOven > 0.05
      ? [{ text: 'of which the oven takes', figure: formatGrams(ledger.driedInOven), source: HOUSE }]
      : []),
    { text: 'in a finished filling of', figure: formatGrams(ledger.finishedG) },
    {
      text: `What ${takes.parcel} takes before it soaks or bursts`,
      source: takes.isLearned ? 'learned in your kitchen' : HOUSE,
    },
  ];
}
