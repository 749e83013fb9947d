/** The wrapper as it is to be made for a batch: how much of what, how warm the water, which steps, how it is divided or cut. */
import { riseFactor } from '../learning/learned';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Fit } from './fit';
import { FORMS } from '../forms';
import { type Laid, SHAPES, sizeOf } from '../forms/skins';
import { type DoughAmounts, doughAmounts, doughFor } from './amounts';
import { type Dough } from './dough';
import { type DoughWater, doughWater } from './dough-water';
import { type Layout, layRounds, nearestCutter, rerolled } from './layout';
import { packetPieceG } from './laid';
import { overhangShare } from './overhang';
import { divide, type Pieces } from './pieces';
import { isYeasted, riseMinutes } from './rise';
import { sheetsNeeded } from './sheets';
import { type TimedStep, timedSteps } from './steps';

export interface WrapperMaking {
  /** Dough to make, with what is spare, g; and that as a share: of a pan at least what hangs over its rim. */
  neededG: number;
  spareShare: number;
  /** Null of what is bought. */
  amounts: DoughAmounts | null;
  water: (DoughWater & { iceG: number; wantC: number }) | null;
  /** Where it rises, °C, and how long to double; null of a dough without yeast. */
  rise: { c: number; minutes: number | null; isLearned: boolean } | null;
  steps: TimedStep[];
  /** Skins one by one, so many to a parcel; null of a pan. */
  pieces: (Pieces & { each: number; count: number }) | null;
  /** Rounds cut from the rolled sheet; null where no round is cut or no sheet is said. */
  layout: (Layout & { rerolled: number; sheetsNeeded: number; cutterMm: number | null }) | null;
  /** Of what is bought: skins or sheets in all, and packets; null where it is made or the packet is not said. */
  bought: { pieces: number; packets: number | null } | null;
}

/** A covered bowl comes half-way from the dough's temperature to the kitchen's while it rises. House estimate. */
const towards = (doughC: number, roomC: number): number => (doughC + roomC) / 2;

const times = (minutes: number | null, factor: number): number | null => minutes && Math.round(minutes * factor);

/** @param fit of the batch as it is @param laid its skin @param dough its dough */
export function wrapperMaking(batch: Batch, kitchen: Kitchen, fit: Fit, laid: Laid, dough: Dough): WrapperMaking {
  const { wrap, count } = batch;
  const isMade = dough.parts.length > 0;
  const flats = FORMS[wrap.form].flat(fit, laid);
  const isPan = SHAPES[laid.skin.shape].isPan;
  const each = flats.reduce((sum, piece) => sum + piece.each, 0);
  const spareShare = Math.max(
    wrap.spareShare,
    isMade ? overhangShare(laid, FORMS[wrap.form].skinArea(laid, fit.fillMl)) : 0,
  );
  const neededG = doughFor(count, fit.wrapperG, spareShare);
  const amounts = isMade ? doughAmounts(dough.parts, { totalG: neededG }) : null;
  const wantC = wrap.doughC ?? dough.usualC;
  const water = isMade && dough.water !== 'boiling' ? doughWater(wantC, kitchen.roomC, kitchen.roomC) : null;
  const liquidG = amounts?.ingredients.find((i) => i.ingredientId === amounts.heldBack)?.grams ?? 0;
  const riseC = wrap.riseC ?? towards(wantC, kitchen.roomC);
  return {
    neededG,
    spareShare,
    amounts,
    water: water && { ...water, iceG: water.iceShare * liquidG, wantC },
    rise: isYeasted(dough.parts)
      ? {
          c: riseC,
          minutes: times(riseMinutes(dough.parts, riseC), riseFactor(kitchen)),
          isLearned: riseFactor(kitchen) !== 1,
        }
      : null,
    steps: timedSteps(dough, riseC, riseFactor(kitchen)).filter(({ part }) => part !== 'thaw' || !wrap.isThawed),
    pieces:
      isPan || !isMade
        ? null
        : { ...divide(count * each, fit.wrapperG / each, dough.density), each, count: count * each },
    layout: isMade ? layoutOf(batch, kitchen, each) : null,
    bought: isMade ? null : boughtFor(batch, laid, dough, each),
  };
}

function layoutOf({ wrap, count }: Batch, { cuttersMm }: Kitchen, each: number): WrapperMaking['layout'] {
  const diameterMm = sizeOf(wrap.skin, 'diameterMm');
  if (wrap.skin.shape !== 'round' || diameterMm === undefined || wrap.sheet === null) return null;
  const layout = layRounds(wrap.sheet, diameterMm);
  const more = rerolled(layout);
  const perSheet = layout.count + more;
  return {
    ...layout,
    rerolled: more,
    sheetsNeeded: perSheet > 0 ? Math.ceil((count * each) / perSheet) : 0,
    cutterMm: nearestCutter(cuttersMm, diameterMm),
  };
}

function boughtFor({ wrap, count }: Batch, { skin }: Laid, dough: Dough, each: number): WrapperMaking['bought'] {
  const sheets = 'sheetsBelow' in skin && wrap.sheet !== null ? sheetsNeeded(skin, wrap.sheet).total : each;
  const pieces = count * sheets;
  return {
    pieces,
    packets: packetPieceG(wrap, dough) === null || !wrap.packet ? null : Math.ceil(pieces / wrap.packet.count),
  };
}
