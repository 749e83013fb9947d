/** The second figure of Fit: do filling and dough come out even over the parcels planned? */
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { FORMS } from '../forms';
import { type Accounts } from './account';
import { layoutShare, overhangShare } from '../wrapper/overhang';
import { type CheckState, type Figure } from './check';

/** Short by so much of all parcels, nobody sees it; by more than the second, it is no small correction. House estimates. */
const UNSEEN = 0.05;
const FAR = 0.2;
/** Of less than half a parcel missing, so much of all is seen. House estimate. */
const UNSEEN_PART = 0.1;
/** So much more filling than is needed is worth a word: of all parcels, and at least so many g. House estimates. */
const OVER = 0.1;
const OVER_G = 60;
/** Of dough so much more is right: rolled piece by piece (3 to 8 % are usual), and cut from a sheet with what lies between (10 to 30 %). House estimates. */
const SPARE_ROLLED = 0.15;
const SPARE_CUT = 0.35;

/** What comes out short or over, and by how many parcels. */
interface Evenness {
  of: 'filling' | 'dough';
  /** Parcels that it makes. */
  makes: number;
  isShort: boolean;
}

/** What stands out: the shorter of the two where one is short, else what there is most too much of. Null where they are even. */
export function unevenness(accounts: Pick<Accounts, 'balance' | 'batch' | 'dough' | 'fit' | 'laid'>): Evenness | null {
  const { count, wrap } = accounts.batch;
  const { fromFilling, fromDough } = accounts.balance;
  const both: { of: Evenness['of']; makes: number; eachG: number }[] = [
    { of: 'filling', makes: fromFilling, eachG: wrap.portionG },
  ];
  if (fromDough !== null) both.push({ of: 'dough', makes: fromDough, eachG: accounts.fit.wrapperG });
  const least = both.reduce((a, b) => (b.makes < a.makes ? b : a));
  const missing = count - least.makes;
  if (missing > count * (missing >= 0.5 ? UNSEEN : UNSEEN_PART)) return { ...least, isShort: true };
  // Packets come as large as they come: what is left of bought skins is worth no word.
  const made = both.filter(({ of }) => of === 'filling' || accounts.dough.parts.length > 0);
  const spare = (of: Evenness['of']): number => (of === 'filling' ? OVER : spareOfDough(accounts));
  // Less than one parcel's worth left over is even.
  const over = made.filter(
    ({ of, makes, eachG }) =>
      makes > count * (1 + spare(of)) && makes - count >= 1 && (makes - count) * eachG >= OVER_G,
  );
  const [most] = [...over].sort((a, b) => b.makes - a.makes);
  return most === undefined ? null : { ...most, isShort: false };
}

/** So much more dough than lies in the parcels is right: what hangs over a pan, what lies between rounds, and a little beyond that. */
function spareOfDough(accounts: Pick<Accounts, 'batch' | 'dough' | 'fit' | 'laid'>): number {
  const { batch, fit, laid } = accounts;
  const { wrap, count } = batch;
  const form = FORMS[wrap.form];
  const over = overhangShare(laid, form.skinArea(laid, fit.fillMl));
  const usual = isCut(accounts) ? SPARE_CUT : SPARE_ROLLED;
  const rounds = count * form.flat(fit, laid).reduce((sum, { each }) => sum + each, 0);
  const between = isCut(accounts) ? (layoutShare(wrap, rounds) ?? 0) : 0;
  return Math.max(usual, over + SPARE_ROLLED, between + SPARE_ROLLED);
}

/** Squares and strips are cut from a sheet, whatever they are of; rounds where the dough is rolled out whole. */
const isCut = ({ dough, batch: { wrap } }: Pick<Accounts, 'dough' | 'batch'>): boolean =>
  dough.isCut || wrap.skin.shape !== 'round';

/** What this kitchen loses on the way, where it has learned that it does. */
const lessWaste = ({ ledger, usableG }: Pick<Accounts, 'ledger' | 'usableG'>): string =>
  ledger.finishedG - usableG < 1
    ? ''
    : `, less the ${formatGrams(ledger.finishedG - usableG)} that your kitchen loses,`;

/** @returns null where there is no filling to share out */
export function evenFigure(accounts: Accounts): Figure | null {
  const { batch, balance, ledger, usableG, fit } = accounts;
  if (batch.lines.length === 0 || ledger.finishedG <= 0) return null;
  const { count, wrap } = batch;
  const uneven = unevenness(accounts);
  const { fromFilling, fromDough, left } = balance;
  const value = uneven?.makes ?? Math.min(fromFilling, fromDough ?? Infinity);
  const band = [count * (1 - UNSEEN), count * (1 + OVER)] as const;
  const whole = (parcels: number): string => formatNumber(Math.floor(parcels + 1e-9), 0);
  const common = { value, band };
  const each = `${formatNumber(wrap.portionG)} g each`;
  if (uneven === null) {
    return {
      ...common,
      state: 'good',
      headline: 'comes out even',
      sentence: `*${formatGrams(usableG)}* of filling${lessWaste(accounts)} over ${count} ${nameOf(wrap.form, count)}${fromDough === null ? '' : `, dough for ${whole(fromDough)}`}.`,
    };
  }
  const { of, makes, isShort } = uneven;
  const state: CheckState = isShort && makes < count * (1 - FAR) ? 'fix' : 'watch';
  if (isShort) {
    const share = formatNumber(100 * makes, 0);
    const enough = count === 1 ? `${share} % of one` : whole(makes);
    return {
      ...common,
      state,
      headline: count === 1 ? `${of} for only ${share} % of it` : `${of} for only ${whole(makes)} of ${count}`,
      sentence:
        of === 'filling'
          ? `*${formatGrams(usableG)}* of filling${lessWaste(accounts)} at ${each} is ${enough}.`
          : `*${formatGrams(wrap.doughG ?? 0)}* of dough at ${formatNumber(fit.wrapperG)} g each is ${enough}.`,
    };
  }
  const over = of === 'filling' ? (makes - count) * wrap.portionG : (makes - count) * fit.wrapperG;
  return {
    ...common,
    state,
    headline: `${of} left over`,
    sentence: `*${formatGrams(left.of === of ? left.grams : over)}* of ${of} left over, enough for ${whole(makes - count)} more.`,
  };
}

const nameOf = (form: keyof typeof FORMS, count: number): string =>
  count === 1 ? FORMS[form].label : FORMS[form].plural;
