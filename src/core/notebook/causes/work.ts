/** Causes on the bench: skins, dough, filling and dough that do not come out even, lumps, prawns in salt. */
import { DOUGHS } from '../../vocabulary/doughs';
import { STAGES } from '../../vocabulary/stages';
import { binderOf } from '../../filling/binders';
import { HAZARDS } from '../../vocabulary/foods';
import { type Dough, dough as doughOf } from '../../wrapper/dough';
import { formatNumber } from '../../units/amount';
import { formatGrams, formatMinutes } from '../../units/format';
import { type CauseRule, ramp, read } from '../cause';
import { type BatchNumbers } from '../numbers';

/** Work between mixing and closing: by the bench clock, else by what wrapping took. */
function benchMinutes({ bench, batch }: BatchNumbers): { minutes: number; isClock: boolean } | null {
  if (bench !== null) return { minutes: Math.max(bench.minutes, bench.outMinutes), isClock: true };
  const wrapped = batch.taken.filter(({ what }) => what === 'wrap');
  return wrapped.length === 0 ? null : { minutes: wrapped.reduce((sum, w) => sum + w.minutes, 0), isClock: false };
}

/** Water for flour, %, by the formula: what is poured in, and what eggs and dairy bring. */
function waterOf({ accounts: { dough } }: BatchNumbers): { own: number; usual: number } | null {
  const own = dough.composition.water;
  const usual = DOUGHS[dough.id].packet ? own : usualWater(dough.id);
  return { own, usual };
}

const usualWater = (id: Dough['id']): number => doughOf(id).composition.water;

export const workCauses: readonly CauseRule[] = [
  {
    id: 'long-on-bench',
    of: { 'skins-dried': 1, soggy: 0.7, leaked: 0.4, 'dough-dry': 0.5, tough: 0.4, 'dough-sticky': 0.3 },
    read: (n) => {
      const seen = benchMinutes(n);
      if (seen === null) return null;
      return read(
        ramp(seen.minutes, 35, 90),
        'Long on the bench',
        `*${formatMinutes(Math.round(seen.minutes))}* from the first to the last piece: skins dry out, and closed ones soak through.`,
        { evidence: [seen.isClock ? 'by the bench clock' : 'by what wrapping took'], isMeasured: true },
      );
    },
  },
  {
    id: 'wet-dough',
    of: { 'dough-sticky': 1, 'dough-tore': 0.4, tough: 0.2 },
    read: (n) => {
      const water = waterOf(n);
      if (water === null) return null;
      return read(
        ramp(water.own - water.usual, 0.01, 0.05),
        'More water in the dough',
        `*${formatNumber(100 * water.own, 0)} %* of it is water, where ${formatNumber(100 * water.usual, 0)} is usual for it.`,
        { evidence: ['by its formula'] },
      );
    },
  },
  {
    id: 'stiff-dough',
    of: { 'dough-dry': 1, 'dough-tore': 0.6, tough: 0.6, burst: 0.2 },
    read: (n) => {
      const water = waterOf(n);
      if (water === null) return null;
      return read(
        ramp(water.usual - water.own, 0.01, 0.05),
        'Less water in the dough',
        `*${formatNumber(100 * water.own, 0)} %* of it is water, where ${formatNumber(100 * water.usual, 0)} is usual for it.`,
        { evidence: ['by its formula'] },
      );
    },
  },
  {
    id: 'flour-differs',
    of: { 'dough-sticky': 0.4, 'dough-dry': 0.4 },
    read: ({ accounts: { dough } }) =>
      read(
        dough.parts.length === 0 ? 0 : 0.4,
        'Flour and weather differ',
        'Flours take up *a tenth* more or less water: hold some back, and add it by the spoon.',
        { evidence: ['our estimate; it can’t be measured here'] },
      ),
  },
  {
    id: 'much-dough',
    of: { 'dough-left': 1 },
    read: ({ accounts: { balance }, batch: { note, wrap } }) => {
      const need = balance.doughNeededG;
      const made = wrap.doughG ?? need * (1 + wrap.spareShare);
      const over = made / Math.max(1, need) - 1;
      const left = note.measured.doughLeftG;
      return read(
        ramp(over, 0.05, 0.3),
        'More dough than skins',
        `${formatGrams(made)} of dough for skins of ${formatGrams(need)}: *${formatNumber(100 * over, 0)} %* over.`,
        { evidence: [left === null ? 'as planned' : `${formatGrams(left)} left, weighed`], isMeasured: left !== null },
      );
    },
  },
  {
    id: 'little-filling',
    of: { 'dough-left': 1 },
    read: ({ accounts: { balance, ledger }, batch: { count, wrap } }) => {
      const share = balance.fromFilling / count;
      return read(
        ramp(1 - share, 0.03, 0.2),
        'Filling for fewer',
        `${formatGrams(ledger.finishedG)} of filling makes *${formatNumber(balance.fromFilling)}* of ${count} at ${formatGrams(wrap.portionG)}.`,
        { evidence: ['worked out'] },
      );
    },
  },
  {
    id: 'much-filling',
    of: { 'filling-left': 1 },
    read: ({ accounts: { balance, ledger }, batch: { count, note, wrap } }) => {
      const over = ledger.finishedG / Math.max(1, count * wrap.portionG) - 1;
      const left = note.measured.fillingLeftG;
      return read(
        ramp(over, 0.03, 0.2),
        'Filling for more',
        `${formatGrams(ledger.finishedG)} of filling is for *${formatNumber(balance.fromFilling)}*; ${count} were made.`,
        {
          evidence: [left === null ? 'worked out' : `${formatGrams(left)} left, weighed`],
          isMeasured: left !== null,
        },
      );
    },
  },
  {
    id: 'little-dough',
    of: { 'filling-left': 1 },
    read: ({ accounts: { balance }, batch: { count } }) => {
      const { fromDough } = balance;
      if (fromDough === null) return null;
      return read(
        ramp(1 - fromDough / count, 0.03, 0.2),
        'Dough for fewer',
        `The dough makes *${formatNumber(fromDough)}* skins of ${count}.`,
        { evidence: ['as planned'] },
      );
    },
  },
  {
    id: 'starch-into-hot',
    of: { lumps: 1 },
    read: ({ accounts: { lines } }) => {
      const hot = lines.filter((l) => binderOf(l)?.isThickener === true && STAGES[l.line.stage].isHot);
      return read(
        hot.length === 0 ? 0 : 0.6,
        'Starch into hot liquid',
        `*${hot.map((l) => l.ingredient.name.toLowerCase()).join(', ')}* went in hot: sprinkled and stirred at once, or stirred with cold water first, it stays smooth.`,
        { evidence: ['by its stage'] },
      );
    },
  },
  {
    id: 'prawns-in-salt',
    of: { 'tough-prawns': 1 },
    read: (n) => {
      const raw = n.accounts.lines.filter(
        (l) => ['shellfish', 'fish'].includes(l.ingredient.hazard) && HAZARDS[l.ingredient.hazard].isRawAnimal,
      );
      const seen = benchMinutes(n);
      if (raw.length === 0 || seen === null) return null;
      return read(
        ramp(seen.minutes, 30, 90),
        'Long in salt',
        `*${formatMinutes(Math.round(seen.minutes))}* from mixing to the last piece; prawns turn tough after 45.`,
        { evidence: [seen.isClock ? 'by the bench clock' : 'by what wrapping took'], isMeasured: true },
      );
    },
  },
  {
    id: 'tight-mix',
    of: { dense: 0.5, 'loose-filling': 0.4, hollow: 0.5 },
    read: ({ accounts: { lines, goesInRaw } }) => {
      const raw = lines.filter((l) => HAZARDS[l.ingredient.hazard].isFlesh && !l.preparation.cooked);
      const all = lines.reduce((sum, l) => sum + l.readyG, 0);
      const share = raw.reduce((sum, l) => sum + l.readyG, 0) / Math.max(1, all);
      return read(
        goesInRaw ? 0.6 * ramp(share, 0.55, 0.95) : 0,
        'Mostly raw meat',
        `*${formatNumber(100 * share, 0)} %* of it is raw meat, which shrinks as it cooks and leaves a gap.`,
        { evidence: ['by its lines'] },
      );
    },
  },
];
