/** What may mend the fit: another portion or skin; and, to come out even, another count, more or less dough, a thinner skin. */
import { FORMS } from '../document/vocabulary/forms';
import { DOUGHS } from '../document/vocabulary/doughs';
import { LIMITS } from '../document/limits';
import { type Batch } from '../document/schema';
import { scaled, type Skin, SHAPES, sizeOf, skinWords, withSize } from '../document/vocabulary/skins';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { scaling } from '../filling/scaling';
import { doughAmounts } from '../wrapper/amounts';
import { packetPieceG } from '../wrapper/laid';
import { weighedParcel } from '../wrapper/weighings';
import { type Accounts } from './account';
import { type Candidate, type FitFigures, type Judgement, ORDER } from './check';
import { unevenness } from './fit-even';
import { type Mending, type Tried } from './rule';

/** Skins are rolled, and pans sold, in steps of so many mm. */
const STEP_MM = 5;
/** Rolled thinner than this share of what is usual for it, a dough tears. House estimate. */
const THINNEST = 0.6;
/** Nobody scales a filling by more than this for a batch that is decided. House estimate. */
const MOST_FILLING = 4;

type Wrap = Batch['wrap'];

function candidates(accounts: Accounts, { fits }: Judgement): Candidate[] {
  if (!fits) return [];
  const weighed = asWeighed(accounts);
  return [...(weighed ? [weighed] : []), ...planned(accounts, fits)];
}

function planned(accounts: Accounts, fits: FitFigures): Candidate[] {
  // First that it closes: what comes out even is worked out anew with the portion that does.
  if (fits.decides === 'closes') return fits.closes.state === 'good' ? [] : closing(accounts);
  return evening(accounts);
}

/** What the first parcels weigh differs by so much from the plan before a word is said of it, share. House estimate. */
const OFF = 0.03;

/** Going on as the first parcels came out: portion and thickness as they were weighed. */
function asWeighed({ batch, fit }: Accounts): Candidate | null {
  const { wrap } = batch;
  const real = weighedParcel(wrap.weighed, { portionG: wrap.portionG, skinG: fit.wrapperG });
  if (real === null) return null;
  const isOff = (now: number, planned_: number): boolean => Math.abs(now / planned_ - 1) > OFF;
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

const takes = (to: number, from: number): string => `Take ${formatNumber(to)} g instead of ${formatNumber(from)} g`;

/** So that it closes easily. */
function closing({ batch, fit, density, ledger }: Accounts): Candidate[] {
  const { wrap, count } = batch;
  const form = FORMS[wrap.form];
  const [low, high] = fit.comfortableMl;
  const portionG = Math.max(1, Math.round(((low + high) / 2) * density));
  const then = Math.max(1, Math.floor(ledger.finishedG / portionG));
  const skin = skinFor(wrap, fit.fillMl);
  return [
    { id: 'portion', label: takes(portionG, wrap.portionG), change: [{ do: 'setWrap', to: { portionG } }] },
    ...(ledger.finishedG > 0 && then !== count && then <= LIMITS.count.most
      ? [
          {
            id: 'portion-count',
            label: `${takes(portionG, wrap.portionG)}, and make ${then} instead of ${count}`,
            change: [
              { do: 'setWrap' as const, to: { portionG } },
              { do: 'setBatch' as const, to: { count: then } },
            ],
          },
        ]
      : []),
    ...(skin === null
      ? []
      : [
          {
            id: 'skin',
            label: `${form.sizeWord === 'pan' ? 'Take' : 'Roll'}: ${skinWords(skin)} instead of ${skinWords(wrap.skin)}`,
            change: [{ do: 'setWrap' as const, to: { skin } }],
          },
        ]),
  ];
}

/** The skin whose comfortable middle is this filling, to the next step; null where none is near enough. */
function skinFor(wrap: Wrap, fillMl: number): Skin | null {
  const form = FORMS[wrap.form];
  const share = (form.comfortable[0] + form.comfortable[1]) / 2;
  const holds = (skin: Skin): number => share * form.maxMl({ ...wrap, skin });
  // Bisection on how many times as large: more skin holds more.
  let [small, large] = [0.25, 4];
  for (let i = 0; i < 30; i++) {
    const middle = Math.sqrt(small * large);
    if (holds(scaled(wrap.skin, middle)) < fillMl) small = middle;
    else large = middle;
  }
  const skin = inSteps(scaled(wrap.skin, large), Math.ceil);
  return JSON.stringify(skin) === JSON.stringify(wrap.skin) ? null : skin;
}

/** A skin in whole steps. */
function inSteps(skin: Skin, round: (steps: number) => number): Skin {
  return SHAPES[skin.shape].sizes.reduce(
    (so, { key }) => (key === 'depthMm' ? so : withSize(so, key, round((sizeOf(skin, key) ?? 0) / STEP_MM) * STEP_MM)),
    skin,
  );
}

/** So that filling and dough run out together. */
function evening(accounts: Accounts): Candidate[] {
  const { batch, balance } = accounts;
  const uneven = unevenness(accounts);
  if (uneven === null) return [];
  const { fromFilling, fromDough, evenPortionG } = balance;
  const { wrap, count } = batch;
  const portionG = Math.max(
    1,
    Math.floor(evenPortionG * 10) / 10 >= 20 ? Math.floor(evenPortionG) : Math.floor(evenPortionG * 2) / 2,
  );
  const makes = Math.floor(Math.min(fromFilling, fromDough ?? fromFilling) + 1e-9);
  const found: Candidate[] = [];
  // Short of dough a cook mixes more; short of filling, puts less in each or makes fewer.
  if (uneven.of === 'dough') found.push(...otherDough(accounts, uneven.isShort));
  if (uneven.of === 'filling' && portionG !== wrap.portionG)
    found.push({
      id: 'even-portion',
      label: takes(portionG, wrap.portionG),
      change: [{ do: 'setWrap', to: { portionG } }],
    });
  if (makes >= 1 && makes !== count && makes <= LIMITS.count.most)
    found.push({
      id: 'even-count',
      label: `Make ${makes} instead of ${count}`,
      change: [{ do: 'setBatch', to: { count: makes } }],
    });
  found.push(...bothGone(accounts));
  if (uneven.of === 'filling' && uneven.isShort) found.push(...moreFilling(accounts));
  // As many as the filling makes, and the dough for just those.
  if (!uneven.isShort && wrap.doughG !== null) found.push(...doughForAll(accounts));
  return found;
}

/** Thicker than this share of what is usual for it, a skin is bread. House estimate. */
const THICKEST = 1.5;

/** So that neither is left over: as many as the filling makes, rolled to what the dough then gives; or as the dough makes, shared out. */
function bothGone({ batch, balance, ledger }: Accounts): Candidate[] {
  const { wrap, count } = batch;
  const { fromFilling, fromDough } = balance;
  if (fromDough === null || DOUGHS[wrap.dough].packet !== null) return [];
  const [byFilling, byDough] = [fromFilling, fromDough].map((n) => Math.floor(n + 1e-9));
  const found: Candidate[] = [];
  const thicknessMm = Math.floor((wrap.thicknessMm * fromDough * 10) / Math.max(1, byFilling)) / 10;
  const { usualThicknessMm } = DOUGHS[wrap.dough];
  const make = (n: number): string => (n === count ? '' : `Make ${n} instead of ${count}, `);
  if (
    byFilling >= 1 &&
    byFilling !== count &&
    byFilling <= LIMITS.count.most &&
    thicknessMm !== wrap.thicknessMm &&
    thicknessMm >= THINNEST * usualThicknessMm &&
    thicknessMm <= THICKEST * usualThicknessMm
  )
    found.push({
      id: 'both-rolled',
      label: sentenceCase(`${make(byFilling)}rolled to ${formatNumber(thicknessMm)} mm`),
      change: [
        { do: 'setBatch', to: { count: byFilling } },
        { do: 'setWrap', to: { thicknessMm } },
      ],
    });
  const portionG = Math.floor((2 * ledger.finishedG) / Math.max(1, byDough)) / 2;
  if (byDough >= 1 && byDough <= LIMITS.count.most && portionG >= 1 && portionG !== wrap.portionG)
    found.push({
      id: 'both-shared',
      label: sentenceCase(`${make(byDough)}${formatNumber(portionG)} g in each`),
      change: [
        { do: 'setBatch', to: { count: byDough } },
        { do: 'setWrap', to: { portionG } },
      ],
    });
  return found;
}

const sentenceCase = (text: string): string => text[0].toUpperCase() + text.slice(1);

/** Flour and liquid, in words: `71 g flour and 36 g water`. */
function inFlour({ dough }: Accounts, totalG: number): string {
  const { ingredients, flourG, heldBack } = doughAmounts(dough.parts, { totalG });
  if (ingredients.length === 0) return formatGrams(totalG);
  const liquid = ingredients.find((i) => i.ingredientId === heldBack);
  const rest = liquid ? ` and ${formatGrams(liquid.grams)} ${liquid.ingredientId}` : '';
  return `${formatGrams(flourG)} flour${rest}`;
}

/** Dough as it will be needed, in whole grams so that it suffices. */
const neededG = ({ fit, batch }: Accounts, count = batch.count): number => Math.ceil(count * fit.wrapperG);

function otherDough(accounts: Accounts, isShort: boolean): Candidate[] {
  const { batch, dough, balance } = accounts;
  const { wrap, count } = batch;
  const doughG = neededG(accounts);
  const differenceG = Math.abs(doughG - (wrap.doughG ?? 0));
  const isBought = dough.parts.length === 0;
  const pieceG = packetPieceG(wrap, dough);
  const what =
    pieceG === null
      ? inFlour(accounts, differenceG)
      : `${Math.ceil(differenceG / pieceG - 1e-9)} ${SHAPES[wrap.skin.shape].isPan ? 'sheets' : 'skins'}`;
  const dough_: Candidate = {
    id: isShort ? 'more-dough' : 'less-dough',
    label: `${isBought ? 'Buy' : 'Mix'} ${what} ${isShort ? 'more' : 'less'}`,
    change: [{ do: 'setWrap', to: { doughG } }],
  };
  if (!isShort) return [dough_];
  const share = (balance.fromDough ?? count) / count;
  const thicknessMm = Math.floor(wrap.thicknessMm * share * 10) / 10;
  const skin = inSteps(scaled(wrap.skin, Math.sqrt(share)), Math.floor);
  return [
    dough_,
    ...(thicknessMm >= THINNEST * DOUGHS[wrap.dough].usualThicknessMm && !isBought
      ? [
          {
            id: 'thinner',
            label: `Roll to ${formatNumber(thicknessMm)} mm instead of ${formatNumber(wrap.thicknessMm)}`,
            change: [{ do: 'setWrap' as const, to: { thicknessMm } }],
          },
        ]
      : []),
    ...(SHAPES[wrap.skin.shape].isPan || isBought
      ? []
      : [
          {
            id: 'smaller-skin',
            label: `Roll: ${skinWords(skin)} instead of ${skinWords(wrap.skin)}`,
            change: [{ do: 'setWrap' as const, to: { skin } }],
          },
        ]),
  ];
}

/** So many times the filling, all its lines. */
function moreFilling({ batch, balance }: Accounts): Candidate[] {
  const factor = Math.ceil((100 * batch.count) / Math.max(1e-6, balance.fromFilling)) / 100;
  if (factor > MOST_FILLING || balance.fromFilling <= 0) return [];
  return [
    {
      id: 'more-filling',
      label: `Make ${formatNumber(factor, 2)} times the filling`,
      change: [scaling(batch, factor)],
    },
  ];
}

/** Parcels for all the filling, and just the dough for them. */
function doughForAll(accounts: Accounts): Candidate[] {
  const { batch, balance } = accounts;
  const count = Math.floor(balance.fromFilling + 1e-9);
  const doughG = neededG(accounts, count);
  const moreG = doughG - (batch.wrap.doughG ?? 0);
  if (count < 1 || count > LIMITS.count.most || count === batch.count || doughG > LIMITS.doughG.most) return [];
  return [
    {
      id: 'all-filling',
      label: `Make ${count} instead of ${batch.count}, and mix ${inFlour(accounts, Math.abs(moreG))} ${moreG > 0 ? 'more' : 'less'}`,
      change: [
        { do: 'setBatch', to: { count } },
        { do: 'setWrap', to: { doughG } },
      ],
    },
  ];
}

/** How full it is, %: the middle of what is comfortable is the measure. */
const fullness = ({ fits }: Judgement, { batch }: Accounts): number =>
  fits ? (fits.closes.value / fits.closes.band[1]) * FORMS[batch.wrap.form].comfortable[1] * 100 : 0;

/** Only what helps, best first; what closes well and comes out even before what does only one. */
function choose(tried: readonly Tried[], now: Judgement): Tried[] {
  const closes = ({ fits }: Judgement): number => ORDER[fits?.closes.state ?? 'good'];
  const even = ({ fits }: Judgement): number => ORDER[fits?.even?.state ?? 'good'];
  const rank = ({ candidate, then }: Tried): number =>
    candidate.id === 'weighed' ? -1 : 2 * ORDER[then.state] + closes(then) + even(then);
  // One figure better, and neither worse than what the check says now.
  const helps = ({ candidate, then }: Tried): boolean =>
    // Fewer parcels than planned may leave some of the other over: said, and still what many would do.
    // What was weighed is how it is, whatever comes of it.
    candidate.id === 'weighed' ||
    ((closes(then) + even(then) < closes(now) + even(now) || candidate.id === 'even-count') &&
      ORDER[then.state] <= ORDER[now.state]);
  // What would rattle in its skin is no help.
  const rattles = ({ then: { fits } }: Tried): boolean =>
    fits !== undefined && fits.closes.value < HALF * fits.closes.band[0];
  const isEnough = tried.some(({ candidate, then }) => candidate.id === 'portion' && then.state === 'good');
  return tried
    .filter((t) => helps(t) && !rattles(t))
    .filter(({ candidate }) => candidate.id !== 'portion-count' || !isEnough)
    .sort((a, b) => rank(a) - rank(b))
    .slice(0, MOST_OFFERED);
}
const MOST_OFFERED = 5;
/** Filled to less than so much of what is comfortable, a parcel is not one. House estimate. */
const HALF = 0.6;

export const fitFixes: Mending = {
  candidates,
  choose,
  effect: (now, then, accounts) => {
    if ((now.fits?.decides !== 'even' && now.state !== 'good') || !now.fits?.even || !then.fits?.even)
      return `${formatNumber(fullness(now, accounts), 0)} → ${formatNumber(fullness(then, accounts), 0)} % full`;
    const made = ({ even, count }: FitFigures): string =>
      `${formatNumber(Math.floor((even?.value ?? 0) + 1e-9), 0)} of ${count}`;
    return `${made(now.fits)} → ${made(then.fits)} parcels`;
  },
};
