/** What takes the solver at the board: how warm the filling gets, how long a butter dough lasts, when frozen parcels are hard. */
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Composition } from '../food/composition';
import { type Dough } from '../wrapper/dough';
import { type Fit } from '../wrapper/fit';
import { type ButterDough, butterDough } from './butter-dough';
import { minutesToHard } from './freezing';
import { BENCH, type Warmth, warmingCurve } from './warming';

export interface BoardForecast {
  /** The filling in its bowl, minute by minute over the rule's hours and beyond. */
  warmth: Warmth[];
  /** As cold, or warm, as it was when it came out, °C. */
  fillingC: number;
  /** How deep it was taken to lie, mm. */
  depthMm: number;
  butter: ButterDough | null;
  /** Minutes on a tray until a raw parcel is hard; null where this freezer does not do it. */
  hardMinutes: number | null;
}

/** A bowl of filling is about so deep, mm; a small one less. House estimate. */
const BOWL_MM = 60;
/** Computed so far, minutes: three hours, past any rule. */
const LONG = 180;
/** A bowl of so many g is as deep as that. */
const BOWL_G = 800;

export function workOutBoard(
  batch: Batch,
  kitchen: Kitchen,
  parcel: {
    composition: Composition;
    finishedG: number;
    fit: Fit;
    dough: Dough;
    thicknessMm: number;
    /** The filling as it comes to the board, °C. */
    fillingC: number;
  },
): BoardForecast {
  const { composition, finishedG, fit, dough, thicknessMm, fillingC } = parcel;
  const depthMm = Math.max(15, Math.round(BOWL_MM * Math.min(1, Math.cbrt(finishedG / BOWL_G))));
  const { fridgeC, roomC, freezerC } = kitchen;
  const curve = warmingCurve(
    { composition, thicknessMm: depthMm, startC: fillingC, airC: roomC, ...BENCH.filling },
    LONG,
  );
  return {
    warmth: curve.samples,
    fillingC,
    depthMm,
    butter: butterDough(dough, thicknessMm, fridgeC, roomC),
    hardMinutes: minutesToHard(
      {
        ...fit.body,
        wrapperMm: Math.max(0.3, thicknessMm),
        filling: composition,
        wrapper: dough.composition,
        wrapperDensity: dough.density,
      },
      // What goes into the heat frozen is frozen as it comes from the board.
      Math.min(batch.cook.startC < 0 ? fillingC : batch.cook.startC, roomC),
      freezerC,
    ),
  };
}
