/** What makes a batch's parcel and what it meets in the heat: drawn up once for all parcels that differ. */
import { type Ledger } from '../filling/ledger';
import { type CookingPlan, type CookingStep, type CookingTarget } from '../heat/cooking';
import { boilingPoint } from '../heat/surfaces';
import { applianceFor, heatOf } from '../cooking/appliance';
import { loadsToCook } from '../cooking/loads-to-cook';
import { forecastPot, liquidOf, pathOf, type PotForecast } from '../cooking/pot-of';
import { mainStep } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen';
import { type Batch } from '../stored/schema';
import { FORMS } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { type Met } from '../vocabulary/media/medium';
import { type CookStep } from '../vocabulary/media/step';
import { inAir } from './browning';
import { DONENESS_C } from '../safety/core-limit';
import { fillingDensity } from '../filling/density';
import { type Fit, fitParcel } from '../wrapper/fit';
import { laidOf } from '../wrapper/laid';
import { type Deviations, type ParcelSpread, spreadOf } from './least-done';
import { type Outline } from './outline';

export interface Cooked {
  batch: Batch;
  kitchen: Kitchen;
  o: Outline;
  ledger: Ledger;
  spread: ParcelSpread;
  target: CookingTarget;
  /** The pot it swims in; null where it does not. */
  pot: PotForecast | null;
}

/** However much portions differ, something is in each. */
const LEAST_PORTION = 0.2;

/** A parcel with so many times the usual filling. */
function parcelOf({ batch, o, ledger }: Pick<Cooked, 'batch' | 'o' | 'ledger'>, times: number): Fit {
  return fitParcel({
    form: batch.wrap.form,
    laid: laidOf(batch.wrap, o.dough),
    dough: o.dough,
    fillingG: batch.wrap.portionG * times,
    density: fillingDensity(ledger.composition),
  });
}

/** What a step's faces meet, as this kitchen really heats. */
function facesOf({ medium, mediumC }: CookStep, { batch, kitchen }: Pick<Cooked, 'batch' | 'kitchen'>) {
  const { faces, usualC } = MEDIA[medium];
  const { roomC, fanOven, altitudeM } = kitchen;
  const { above, below } = faces({ setC: mediumC ?? usualC, boilingC: boilingPoint(altitudeM), roomC, fanOven });
  const learned = heatOf(medium, batch.cook, kitchen);
  if (learned === null) return { above, below };
  const { factor, biasK } = learned;
  const really = ({ mediumC: c, h, hDry }: Met): Met => ({
    mediumC: c + biasK,
    h: h * factor,
    ...(hDry === undefined ? {} : { hDry: hDry * factor }),
  });
  return { above: really(above), below: really(below) };
}

/** A parcel so many standard deviations fuller, colder and in a cooler place than the average. */
export function planFor(cooked: Cooked, [fuller, colder, cooler]: Deviations = [0, 0, 0]): CookingPlan {
  const { batch, kitchen, o, ledger, spread, pot } = cooked;
  const { body } = parcelOf(cooked, Math.max(LEAST_PORTION, 1 + fuller * spread.portion));
  const colderBy = cooler * spread.placeK;
  // What is brushed on is above.
  const inOven = { above: inAir(batch.wrap.glaze, o.dough.kind), below: inAir('none', o.dough.kind) };
  const path = pot === null ? undefined : pathOf(pot.samples);
  const [first, ...rest] = batch.cook.steps.map((step): CookingStep => {
    const { medium, minutes, turn } = step;
    const { heats, isFinish, appliance } = MEDIA[medium];
    const { above, below } = facesOf(step, cooked);
    const there = (met: Met): Met => (heats ? { ...met, mediumC: met.mediumC - colderBy } : met);
    return {
      minutes,
      turn,
      heats,
      isFinish,
      ...(appliance === 'oven' ? { browns: inOven } : {}),
      above: there(above),
      below: there(below),
      ...(path && medium === pot?.medium ? { path: (seconds: number) => path(seconds) - colderBy } : {}),
    };
  });
  // Filled afterwards it is cooked alone: dough all through.
  const isEmpty = FORMS[batch.wrap.form].isFilledAfter;
  const half = body.wrapperMm / 2;
  return {
    parcel: {
      ...(isEmpty ? { ...body, fillingMm: half, wrapperMm: half } : body),
      filling: isEmpty ? o.dough.composition : ledger.composition,
      wrapper: o.dough.composition,
      wrapperDensity: o.dough.cookedDensity,
      wrapperConductivity: o.dough.conductivity,
    },
    startC: batch.cook.startC - colder * spread.startK,
    steps: [first, ...rest],
    boilingC: boilingPoint(kitchen.altitudeM),
    ...(batch.wrap.skin.shape === 'pan' ? { wallRadiusMm: batch.wrap.skin.diameterMm / 2 } : {}),
  };
}

/** Draws up what is cooked, and works out the pot it swims in. */
export function cook(batch: Batch, kitchen: Kitchen, o: Outline, ledger: Ledger): Cooked {
  const target: CookingTarget = FORMS[batch.wrap.form].isFilledAfter
    ? { at: 'wrapper', c: DONENESS_C }
    : { at: o.limit.kind === 'safety' ? 'centre' : 'wrapper', c: o.limit.c };
  const cooked: Cooked = { batch, kitchen, o, ledger, spread: spreadOf(batch, kitchen), target, pot: null };
  return o.lines.length > 0 ? { ...cooked, pot: potOf(cooked) } : cooked;
}

function potOf(cooked: Cooked): PotForecast | null {
  const { batch, kitchen, o } = cooked;
  const medium = liquidOf(batch.cook);
  const appliance = applianceFor(batch.cook, kitchen);
  if (medium === null || appliance === null) return null;
  const fit = parcelOf(cooked, 1);
  const loads = loadsToCook(batch, kitchen, { dough: o.dough, fit });
  const plan = planFor(cooked);
  const main = mainStep(batch.cook);
  const { above } = facesOf(main, cooked);
  return forecastPot(
    {
      medium,
      appliance,
      liquidG: batch.cook.liquidG,
      setC: above.mediumC,
      plan,
      h: above.h,
      volumeMl: fit.fillMl + (fit.wrapperG / o.dough.cookedDensity) * 1000,
      minutes: main.minutes,
      flame: batch.cook.flame,
      roomC: kitchen.roomC,
    },
    batch.cook.load,
    loads?.fits ?? 1,
    batch.count,
  );
}
