/** So that it closes easily: another portion, another rim, another skin or cut, a thinner one. The least that does it. */
import { DOUGHS } from '../vocabulary/doughs';
import { FORMS } from '../forms';
import { usualRimMm } from '../forms/usual-rim';
import { LIMITS } from '../vocabulary/limits';
import { type Operation } from '../stored/operations';
import { acrossOf, scaled, type Skin } from '../forms/skins';
import { formatLength, type LengthUnit } from '../units/lengths';
import { skinWords } from '../wrapper/skin-words';
import { type Accounts } from './account';
import { type Candidate } from './check';
import { inSteps, STEP_MM, takes, THINNEST } from './fit-words';

/** So far inside what is comfortable a fix aims, share of its width: a cook changes no more than must be. House estimate. */
const INSIDE = 0.2;
/** Nobody takes a third of the portion or three times it, or makes half or twice as many, because of a skin. House estimates. */
const MOST_PORTION = 3;
const MOST_COUNT = 2;
/** Bought round or square skins come in few sizes: no larger and no smaller than so many times are looked for. House estimate. */
const MOST_BOUGHT = 1.35;
/** A rim so many times as wide as is usual for its size is what is in the way. House estimate. */
const WIDE_RIM = 1.25;

export function closing(accounts: Accounts): Candidate[] {
  const { batch, fit, density } = accounts;
  const { lengths } = accounts.kitchen;
  const [low, high] = fit.comfortableMl;
  const inside = INSIDE * (high - low);
  // Slack, it is to come in from below; overfilled, from above.
  const aimMl = fit.fillMl > high ? high - inside : low + inside;
  const isOut = fit.fillMl > high || fit.fillMl < low;
  // A rope goes round its strip once: it is cut shorter or longer. What is folded or wound needs another width.
  const isRope = batch.wrap.form === 'roll';
  return [
    ...rims(accounts),
    ...(isOut && isRope ? cuts(batch, fit.fillMl, lengths) : []),
    ...(isOut ? portions(accounts, wholeGrams(aimMl * density)) : []),
    ...(isOut && !isRope ? skins(batch, fit.hasMouth, fit.fillMl, lengths) : []),
    ...thinner(accounts),
  ];
}

/** It is as large as it was bought: nobody rolls it. Sheets are cut. */
const isBoughtSkin = ({ dough }: Accounts['batch']['wrap']): boolean => dough === 'bought-skin';

const wholeGrams = (grams: number): number => Math.max(1, Math.round(grams));

const setPortion = (portionG: number): Operation => ({ do: 'setWrap', to: { portionG } });

function portions({ batch, fit, density, usableG }: Accounts, portionG: number): Candidate[] {
  const { wrap, count } = batch;
  const isNear = (to: number): boolean => to * MOST_PORTION >= wrap.portionG && to <= MOST_PORTION * wrap.portionG;
  const [low, high] = fit.comfortableMl;
  const found: Candidate[] = [];
  // Where all the filling, shared out, is comfortable, that mends both.
  const sharedG = usableG / count;
  const shared = sharedG >= 20 ? Math.floor(sharedG) : Math.floor(sharedG * 2) / 2;
  if (shared >= 1 && isNear(shared) && shared / density >= low && shared / density <= high)
    return [{ id: 'portion-shared', label: takes(shared, wrap.portionG), change: [setPortion(shared)] }];
  // A bought skin is as large as it is: of so much filling more are made, however many that is.
  const isBought = isBoughtSkin(wrap);
  if (!isNear(portionG) && !isBought) return found;
  found.push({ id: 'portion', label: takes(portionG, wrap.portionG), change: [setPortion(portionG)] });
  const then = Math.floor(usableG / portionG);
  if (
    then >= 1 &&
    then !== count &&
    then <= LIMITS.count.most &&
    (isBought || (then <= MOST_COUNT * count && then * MOST_COUNT >= count))
  )
    found.push({
      id: 'portion-count',
      label: `${takes(portionG, wrap.portionG)}, and make ${then} instead of ${count}`,
      change: [setPortion(portionG), { do: 'setBatch', to: { count: then } }],
    });
  return found;
}

/** A rim wider than is usual for the skin, when it is overfilled. */
function rims({ batch: { wrap }, kitchen, fit }: Accounts): Candidate[] {
  const rimMm = usualRimMm(wrap.form, wrap.skin);
  if (fit.fillMl <= fit.comfortableMl[1] || rimMm <= 0 || wrap.rimMm < WIDE_RIM * rimMm) return [];
  const { rimWord } = FORMS[wrap.form];
  return [
    {
      id: 'rim',
      label: `Leave ${formatLength(rimMm, kitchen.lengths)} of ${rimWord ?? 'rim'} instead of ${formatLength(wrap.rimMm, kitchen.lengths)}`,
      change: [{ do: 'setWrap', to: { rimMm } }],
    },
  ];
}

/** A rope is cut to another length; it stays as thick as is comfortable for its strip. */
function cuts({ wrap }: Accounts['batch'], fillMl: number, unit: LengthUnit): Candidate[] {
  const { skin } = wrap;
  if (skin.shape !== 'strip') return [];
  const form = FORMS[wrap.form];
  const [low, high] = form.comfortable;
  const perMm = ((high - INSIDE * (high - low)) * form.maxMl(wrap)) / skin.lengthMm;
  const lengthMm = STEP_MM * Math.round(fillMl / perMm / STEP_MM);
  if (lengthMm <= 0 || lengthMm === skin.lengthMm) return [];
  return [
    {
      id: 'cut',
      label: `Cut to ${formatLength(lengthMm, unit)} instead of ${formatLength(skin.lengthMm, unit)}`,
      change: [{ do: 'setWrap', to: { skin: { ...skin, lengthMm } } }],
    },
  ];
}

function skins({ wrap }: Accounts['batch'], hasMouth: boolean, fillMl: number, unit: LengthUnit): Candidate[] {
  const form = FORMS[wrap.form];
  const holds = (skin: Skin): number => form.maxMl({ ...wrap, skin }, hasMouth);
  const skin = skinFor(wrap.skin, holds, fillMl, (form.comfortable[0] + form.comfortable[1]) / 2);
  if (JSON.stringify(skin) === JSON.stringify(wrap.skin)) return [];
  const isBought = isBoughtSkin(wrap);
  const times = acrossOf(skin) / acrossOf(wrap.skin);
  if (isBought && (times > MOST_BOUGHT || times * MOST_BOUGHT < 1)) return [];
  return [
    {
      id: 'skin',
      label: otherSkinWords(isBought ? 'Buy' : form.sizeWord === 'pan' ? 'Take' : 'Roll', skin, wrap.skin, unit),
      change: [{ do: 'setWrap', to: { skin } }],
    },
  ];
}

function otherSkinWords(verb: 'Buy' | 'Take' | 'Roll', skin: Skin, was: Skin, unit: LengthUnit): string {
  if (skin.shape === 'strip' && was.shape === 'strip')
    return `Cut strips ${formatLength(skin.widthMm, unit)} wide instead of ${formatLength(was.widthMm, unit)}`;
  return `${verb}: ${skinWords(skin, unit)} instead of ${skinWords(was, unit)}`;
}

/** So many times as large; a strip stays as long as its sheet. */
const larger = (skin: Skin, times: number): Skin =>
  skin.shape === 'strip' ? { ...skin, widthMm: skin.widthMm * times } : scaled(skin, times);

/** The skin of which this filling is such a share, to the next step: rolled anew, it may as well be right. */
function skinFor(skin: Skin, holds: (skin: Skin) => number, fillMl: number, share: number): Skin {
  // Bisection on how many times as large: more skin holds more.
  let [small, large] = [0.25, 4];
  for (let i = 0; i < 30; i++) {
    const middle = Math.sqrt(small * large);
    if (share * holds(larger(skin, middle)) < fillMl) small = middle;
    else large = middle;
  }
  return inSteps(larger(skin, large), Math.ceil);
}

/** Mostly dough: rolled as thin as is usual, or as the ratio asks for. */
function thinner({ batch: { wrap }, kitchen, fit, dough }: Accounts): Candidate[] {
  const [usual] = FORMS[wrap.form].usualRatio;
  if (dough.parts.length === 0 || fit.ratio >= usual) return [];
  const least = THINNEST * DOUGHS[wrap.dough].usualThicknessMm;
  const thicknessMm = Math.max(least, Math.floor((wrap.thicknessMm * fit.ratio * 10) / usual) / 10);
  if (thicknessMm >= wrap.thicknessMm) return [];
  return [
    {
      id: 'thinner-skin',
      label: `Roll to ${formatLength(thicknessMm, kitchen.lengths)} instead of ${formatLength(wrap.thicknessMm, kitchen.lengths)}`,
      change: [{ do: 'setWrap', to: { thicknessMm } }],
    },
  ];
}
