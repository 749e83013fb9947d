/** So that filling and dough run out together: another portion, another count, more or less dough, a thinner or smaller skin. */
import { DOUGHS } from '../vocabulary/doughs';
import { LIMITS } from '../vocabulary/limits';
import { scaled, SHAPES } from '../forms/skins';
import { formatLength } from '../units/lengths';
import { skinWords } from '../wrapper/skin-words';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { scaling } from '../filling/scaling';
import { doughAmounts } from '../wrapper/amounts';
import { packetPieceG } from '../wrapper/laid';
import { type Accounts } from './account';
import { type Candidate } from './check';
import { unevenness } from './fit-even';
import { inSteps, takes, THINNEST } from './fit-words';

/** Nobody makes more than so many times the filling for a batch that is decided. House estimate. */
const MOST_FILLING = 2.5;

/** So that filling and dough run out together. */
export function evening(accounts: Accounts): Candidate[] {
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
function bothGone({ batch, kitchen, balance, usableG }: Accounts): Candidate[] {
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
      label: sentenceCase(`${make(byFilling)}rolled to ${formatLength(thicknessMm, kitchen.lengths)}`),
      change: [
        { do: 'setBatch', to: { count: byFilling } },
        { do: 'setWrap', to: { thicknessMm } },
      ],
    });
  const portionG = Math.floor((2 * usableG) / Math.max(1, byDough)) / 2;
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
  const { batch, kitchen, dough, balance } = accounts;
  const { wrap, count } = batch;
  const doughG = neededG(accounts);
  const differenceG = Math.abs(doughG - (wrap.doughG ?? 0));
  const isBought = dough.parts.length === 0;
  const pieceG = packetPieceG(wrap, dough);
  const what =
    pieceG === null
      ? inFlour(accounts, differenceG)
      : `${Math.ceil(differenceG / pieceG - 1e-9)} ${SHAPES[wrap.skin.shape].isPan ? 'sheets' : 'skins'}`;
  const other: Candidate = {
    id: isShort ? 'more-dough' : 'less-dough',
    label: `${isBought ? 'Buy' : 'Mix'} ${what} ${isShort ? 'more' : 'less'}`,
    change: [{ do: 'setWrap', to: { doughG } }],
  };
  if (!isShort) return [other];
  const share = (balance.fromDough ?? count) / count;
  const thicknessMm = Math.floor(wrap.thicknessMm * share * 10) / 10;
  const skin = inSteps(scaled(wrap.skin, Math.sqrt(share)), Math.floor);
  return [
    other,
    ...(thicknessMm >= THINNEST * DOUGHS[wrap.dough].usualThicknessMm && !isBought
      ? [
          {
            id: 'thinner',
            label: `Roll to ${formatLength(thicknessMm, kitchen.lengths)} instead of ${formatLength(wrap.thicknessMm, kitchen.lengths)}`,
            change: [{ do: 'setWrap' as const, to: { thicknessMm } }],
          },
        ]
      : []),
    ...(SHAPES[wrap.skin.shape].isPan || isBought
      ? []
      : [
          {
            id: 'smaller-skin',
            label: `Roll: ${skinWords(skin, kitchen.lengths)} instead of ${skinWords(wrap.skin, kitchen.lengths)}`,
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
