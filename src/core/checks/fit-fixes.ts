/** What may mend the fit: first as the first parcels were weighed, then that it closes, then that it comes out even. */
import { FORMS } from '../forms';
import { formatNumber } from '../units/amount';
import { formatLength, type LengthUnit } from '../units/lengths';
import { weighedParcel } from '../wrapper/weighings';
import { type Accounts } from './account';
import { type Candidate, type FitFigures, type Judgement, ORDER } from './check';
import { closing } from './fit-close-fixes';
import { evening } from './fit-even-fixes';
import { reskinning } from './fit-skin-fixes';
import { type Mending, type Tried } from './rule';

function candidates(accounts: Accounts, { fits }: Judgement): Candidate[] {
  if (!fits) return [];
  const weighed = asWeighed(accounts);
  return [...(weighed ? [weighed] : []), ...planned(accounts, fits)];
}

function planned(accounts: Accounts, fits: FitFigures): Candidate[] {
  // First that it closes: what comes out even is worked out anew with the portion that does.
  if (fits.decides === 'closes') return fits.closes.state === 'good' ? [] : closing(accounts);
  return fits.decides === 'skin' ? reskinning(accounts, fits.skin) : evening(accounts);
}

/** What the first parcels weigh differs by so much from the plan before a word is said of it, share. House estimate. */
const OFF = 0.03;

/** Going on as the first parcels came out: portion and thickness as they were weighed. */
function asWeighed({ batch, fit }: Accounts): Candidate | null {
  const { wrap } = batch;
  const real = weighedParcel(wrap.weighed, { portionG: wrap.portionG, skinG: fit.wrapperG });
  if (real === null) return null;
  const isOff = (now: number, plan: number): boolean => Math.abs(now / plan - 1) > OFF;
  const filling = isOff(real.portionG, wrap.portionG);
  const skin = isOff(real.skinG, fit.wrapperG);
  if (!filling && !skin) return null;
  const portionG = filling ? Math.round(real.portionG * 2) / 2 : wrap.portionG;
  const thicknessMm = skin ? Math.round((100 * wrap.thicknessMm * real.skinG) / fit.wrapperG) / 100 : wrap.thicknessMm;
  const words = [
    ...(filling ? [`${formatNumber(portionG)} g of filling`] : []),
    ...(skin ? [`skins of ${formatNumber(real.skinG, 0)} g`] : []),
  ];
  return {
    id: 'weighed',
    label: `Go on as weighed: ${words.join(', ')}`,
    change: [{ do: 'setWrap', to: { portionG, thicknessMm } }],
  };
}

/** How full it is, %: the middle of what is comfortable is the measure. */
const fullness = ({ fits }: Judgement, { batch }: Accounts): number =>
  fits ? (fits.closes.value / fits.closes.band[1]) * FORMS[batch.wrap.form].comfortable[1] * 100 : 0;

/** A cook takes another spoon or another skin before the number of those who eat is changed. */
function inTurn({ id, change }: Candidate): number {
  // A rope that is cut elsewhere stays as thick as it is.
  if (id === 'cut') return -0.5;
  if (change.some((operation) => operation.do === 'setBatch')) return 2;
  return change.every((operation) => operation.do === 'setWrap' && operation.to.skin === undefined) ? 0 : 1;
}

/** Only what helps, best first; what closes well and comes out even before what does only one. */
function choose(tried: readonly Tried[], now: Judgement): Tried[] {
  const closes = ({ fits }: Judgement): number => ORDER[fits?.closes.state ?? 'good'];
  const even = ({ fits }: Judgement): number => ORDER[fits?.even?.state ?? 'good'];
  const skin = ({ fits }: Judgement): number => ORDER[fits?.skin.state ?? 'good'];
  const sum = (of: Judgement): number => closes(of) + even(of) + skin(of);
  const rank = ({ candidate, then }: Tried): number =>
    candidate.id === 'weighed' ? -1 : 2 * ORDER[then.state] + sum(then);
  // Of one piece that does not close: the spoon, then the skin, and last how many there are to be.
  const turn = ({ candidate, then }: Tried): number =>
    now.fits?.decides === 'closes' ? 10 * closes(then) + (candidate.id === 'weighed' ? -1 : inTurn(candidate)) : 0;
  // One figure better, and neither worse than what the check says now.
  const helps = ({ candidate, then }: Tried): boolean =>
    // Fewer parcels than planned may leave some of the other over: said, and still what many would do.
    // What was weighed is how it is, whatever comes of it.
    candidate.id === 'weighed' ||
    ((sum(then) < sum(now) || candidate.id === 'even-count') && ORDER[then.state] <= ORDER[now.state]);
  // What would rattle in its skin is no help.
  const rattles = ({ then: { fits } }: Tried): boolean =>
    fits !== undefined && fits.closes.value < HALF * fits.closes.band[0];
  const isEnough = tried.some(({ candidate, then }) => candidate.id === 'portion' && then.state === 'good');
  return tried
    .filter((t) => helps(t) && !rattles(t))
    .filter(({ candidate }) => candidate.id !== 'portion-count' || !isEnough)
    .sort((a, b) => turn(a) - turn(b) || rank(a) - rank(b))
    .slice(0, MOST_OFFERED);
}
const MOST_OFFERED = 5;
/** Filled to less than so much of what is comfortable, a parcel is not one. House estimate. */
const HALF = 0.6;

export const fitFixes: Mending = {
  candidates,
  choose,
  effect: (now, then, accounts) => {
    if (now.fits?.decides === 'skin' && then.fits)
      return `${figureWords(now.fits, accounts.kitchen.lengths)} → ${figureWords(then.fits, accounts.kitchen.lengths)}`;
    if ((now.fits?.decides !== 'even' && now.state !== 'good') || !now.fits?.even || !then.fits?.even)
      return `${formatNumber(fullness(now, accounts), 0)} → ${formatNumber(fullness(then, accounts), 0)} % full`;
    return `${made(now.fits)} → ${made(then.fits)}`;
  },
};

/** `20 of 40`; of what there is too much, `18 too many`; else that it is even. */
function made({ even, count }: FitFigures): string {
  const makes = even?.value ?? 0;
  const over = Math.floor(makes - count + 1e-9);
  if (even !== null && even.state === 'good') return 'even';
  if (over >= 1) return `${formatNumber(over, 0)} more left over`;
  const whole = Math.min(count, Math.floor(makes + 1e-9));
  return count === 1 && makes < 1
    ? `${formatNumber(100 * makes, 0)} % of one`
    : `${formatNumber(whole, 0)} of ${count}`;
}

/** `4 mm`; of what is mostly dough, how much of a bite is filling. */
const figureWords = ({ skin: { of, value } }: FitFigures, unit: LengthUnit): string =>
  of === 'thickness' ? formatLength(value, unit) : `${formatNumber(100 * value, 0)} % filling`;
