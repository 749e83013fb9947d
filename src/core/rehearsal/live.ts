/**
 * A kitchen that is not as it seems: a batch is wrapped, cooled and cooked in it as planned, and what comes out, and what a careful
 * cook measures on the way, follows from what is really so. Nothing here knows the causes; they are found from what is noted.
 */
import { account } from '../checks/account';
import { forecastHeat, type HeatForecast } from '../forecast/heat';
import { plannedMinutes } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { apply, type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { TYPED } from '../vocabulary/sources';
import { normal } from '../random/generators';
import { outcomesOf } from './cut';
import { realKitchen, type Truth } from './truth';
import { later } from '../stored/moments';

/** What is measured and noted of a batch that is made in such a kitchen. */
interface Lived {
  batch: Batch;
  /** What happened inside: for the debrief. */
  inside: { freePer100: number; saltPercent: number; lowestC: number; fullness: number };
}

/**
 * Makes a batch.
 * @param at when work on it begins, ISO 8601; @param seed of everything that is by chance
 */
export function live(planned: Batch, kitchen: Kitchen, truth: Truth, at: string, seed: number): Lived {
  const random = normal(seed);
  const noise = (sd: number): number => sd * random();
  const real = realKitchen(kitchen, planned, truth, at);
  // In the heat as long as it really was.
  const heat = forecastHeat(inHeat(planned, truth.heatShare), real, 'first');
  const measured = measure(planned, { kitchen: real, truth, heat, at, noise });
  const { trueC: lowestC } = measured;
  const wrappedC = measured.batch.cool.earlierRuns.at(-1)?.readings.at(-1)?.c ?? null;
  const seen = outcomesOf(measured.batch, { kitchen: real, truth, heat, lowestC, wrappedC });
  const batch = seen.outcomes.reduce<Batch>(
    (b, outcome) => apply(b, { do: 'noteOutcome', outcome, at: later(at, 5 * 60) }),
    measured.batch,
  );
  return { batch, inside: { ...seen.inside, lowestC } };
}

export const inHeat = (batch: Batch, share: number): Batch => ({
  ...batch,
  cook: {
    ...batch.cook,
    steps: batch.cook.steps.map((s) => ({ ...s, minutes: Math.max(0.5, s.minutes * share) })) as Batch['cook']['steps'],
  },
});

interface Living {
  kitchen: Kitchen;
  truth: Truth;
  heat: HeatForecast;
  at: string;
  noise: (sd: number) => number;
}

/** So many parcels, fillings and skins a careful cook weighs. */
const WEIGHED = 3;

/** Cooling, wrapping and cooking, with everything that is weighed, timed and read on the way. */
function measure(planned: Batch, { kitchen, truth, heat, at, noise }: Living): { batch: Batch; trueC: number } {
  const { fit, coolTarget, takes } = account(planned, kitchen, heat);
  const operations: Operation[] = planned.lines
    .filter((l) => l.id !== truth.forgottenLine)
    .map((l) => ({ do: 'changeLine', id: l.id, to: { ticked: true } }));
  let clock = at;
  const cooling = heat.cooling;
  if (coolTarget !== null && cooling !== null) {
    const minutes = Math.min(10 * 60, (cooling.minutes ?? 6 * 60) * truth.coolShare);
    const sampleAt = (minute: number): number =>
      (cooling.samples.find((s) => s.minute >= minute) ?? cooling.samples[cooling.samples.length - 1]).centreC;
    operations.push({ do: 'startCooling', at: clock });
    for (const share of [0.4, 0.7, 0.97])
      operations.push({
        do: 'addCoolReading',
        reading: {
          at: later(clock, minutes * share),
          c: Math.round(sampleAt(minutes * share) + noise(0.5)),
          source: TYPED,
        },
      });
    clock = later(clock, minutes);
    operations.push({ do: 'stopCooling', at: clock });
  }
  for (let i = 0; i < WEIGHED; i++) {
    const portion = planned.wrap.portionG * truth.portionFactor * (1 + noise(truth.spreadPercent / 100));
    const skin = fit.wrapperG * truth.skinFactor * (1 + noise(0.02));
    operations.push(
      { do: 'addWeighed', weighed: { at: later(clock, i), what: 'filling', grams: Math.max(1, tenth(portion)) } },
      { do: 'addWeighed', weighed: { at: later(clock, i), what: 'skin', grams: Math.max(1, tenth(skin)) } },
    );
  }
  const bench = truth.benchMinutes ?? Math.min(30, planned.count);
  operations.push({ do: 'startBoard', at: clock });
  clock = later(clock, bench);
  operations.push(
    { do: 'addTap', tap: { at: clock, parcels: Math.min(100, planned.count) } },
    { do: 'stopBoard', at: clock },
    { do: 'startLoad', at: clock, parcels: planned.count },
  );
  const minutes = plannedMinutes(planned.cook) * truth.heatShare;
  const samples = heat.core?.leastDone ?? [];
  const end = samples.find((s) => s.minute >= minutes) ?? samples[samples.length - 1];
  const trueC = end?.centreC ?? 20;
  for (let i = 0; i < WEIGHED; i++)
    operations.push({
      do: 'addReading',
      reading: {
        round: 1,
        c: Math.round(trueC + truth.probeErrorK + Math.abs(noise(1))),
        at: later(clock, minutes),
        load: 1,
        parcel: i + 1,
        source: TYPED,
      },
    });
  operations.push({ do: 'stopLoad', at: later(clock, minutes) });
  const filling = planned.wrap.portionG * truth.portionFactor;
  const lost = (USUAL_LOSS + takes.ovenPer100 + 0.9 * truth.extraFree) / 100;
  const before = filling + fit.wrapperG * truth.skinFactor;
  operations.push({
    do: 'setMeasured',
    to: {
      parcelBeforeG: tenth(before),
      parcelAfterG: tenth(before - filling * lost),
      cutAfterMinutes: truth.cutAfterMinutes,
    },
  });
  return { batch: operations.reduce(apply, planned), trueC };
}

const tenth = (grams: number): number => Math.round(grams * 10) / 10;
/** What any parcel loses in the heat, % of its filling. House estimate. */
const USUAL_LOSS = 4;
