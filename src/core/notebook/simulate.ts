/**
 * A kitchen that is not as it seems: a batch is wrapped, cooled and cooked in it as planned, and what comes out, and what a careful
 * cook measures on the way, follows from what is really so. Nothing here knows the causes; they are found from what is noted.
 */
import { account } from '../checks/account';
import { crustOf } from '../checks/crust';
import { forecastHeat, type HeatForecast } from '../checks/heat';
import { drynessOf, isPasty } from '../checks/pasty';
import { isTooCold } from '../checks/pot-finding';
import { applianceFor } from '../cooking/appliance';
import { mainStep, plannedMinutes } from '../document/cooking';
import { type Kitchen } from '../document/kitchen-schema';
import { type Outcome } from '../document/note-schema';
import { apply, type Operation } from '../document/operations';
import { type Batch } from '../document/schema';
import { DOUGHS } from '../document/vocabulary/doughs';
import { MEDIA } from '../document/vocabulary/media';
import { METHODS } from '../document/vocabulary/methods';
import { type OutcomeId, type PlaceInParcel } from '../document/vocabulary/outcomes';
import { doseFindings } from '../filling/doses';
import { STAGES } from '../document/vocabulary/stages';
import { normal } from '../heat/random';
import { fitParcel } from '../wrapper/fit';

/** What is really so, and nobody knows. All of it 1, 0 or as planned in a kitchen that is as it seems. */
export interface Truth {
  /** What it is cooked in: K from what it says, and how strongly it heats. */
  biasK: number;
  heatFactor: number;
  /** g of free liquid in 100 g that the food brought beyond what is counted. */
  extraFree: number;
  /** Salt that is in it, as a multiple of what was written down. */
  saltFactor: number;
  /** Portions and skins, as a multiple of what was planned; and how far portions differ, %. */
  portionFactor: number;
  spreadPercent: number;
  skinFactor: number;
  /** How it cools, as a multiple of the usual coefficients; and how much too early it was wrapped, as a share of its minutes. */
  coolingFactor: number;
  coolShare: number;
  /** From the first parcel to the last, minutes; null as the wrap's own pace has it. */
  benchMinutes: number | null;
  /** In the heat, as a share of the minutes planned. */
  heatShare: number;
  /** Cut open so long after the heat, minutes. */
  cutAfterMinutes: number;
  /** The probe was pushed beside the filling: it shows so much more, K. */
  probeErrorK: number;
  /** The lid was lifted at once. */
  isLidLifted: boolean;
  /** A line that never went in, by its id. */
  forgottenLine: string | null;
}

export const AS_IT_SEEMS: Truth = {
  biasK: 0,
  heatFactor: 1,
  extraFree: 0,
  saltFactor: 1,
  portionFactor: 1,
  spreadPercent: 4,
  skinFactor: 1,
  coolingFactor: 1,
  coolShare: 1,
  benchMinutes: null,
  heatShare: 1,
  cutAfterMinutes: 20,
  probeErrorK: 0,
  isLidLifted: false,
  forgottenLine: null,
};

const later = (at: string, minutes: number): string => new Date(Date.parse(at) + minutes * 60_000).toISOString();

/** The kitchen as it really is. */
function realKitchen(kitchen: Kitchen, batch: Batch, { biasK, heatFactor, coolingFactor }: Truth, at: string): Kitchen {
  const used = applianceFor(batch.cook, kitchen);
  const { medium } = mainStep(batch.cook);
  const { vessel, place, base, covered } = batch.cool;
  return {
    ...kitchen,
    appliances: kitchen.appliances.map((a) =>
      a.id === used?.id ? { ...a, heats: [{ medium, factor: heatFactor, biasK, readings: 1, at }] } : a,
    ),
    cooling: [
      ...kitchen.cooling.filter((f) => f.vessel !== vessel.kind || f.place !== place),
      ...(coolingFactor === 1
        ? []
        : [{ vessel: vessel.kind, place, base, covered, factor: coolingFactor, readings: 3 }]),
    ],
  };
}

/** What is measured and noted of a batch that is made in such a kitchen. */
export interface Lived {
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
  const seen = outcomesOf(measured.batch, { kitchen: real, truth, heat, lowestC: measured.trueC });
  const batch = seen.outcomes.reduce<Batch>(
    (b, outcome) => apply(b, { do: 'noteOutcome', outcome, at: later(at, 5 * 60) }),
    measured.batch,
  );
  return { batch, inside: { ...seen.inside, lowestC: measured.trueC } };
}

const inHeat = (batch: Batch, share: number): Batch => ({
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
        reading: { at: later(clock, minutes * share), c: Math.round(sampleAt(minutes * share) + noise(0.5)) },
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
    { do: 'startLoad', at: clock },
  );
  const minutes = plannedMinutes(planned.cook) * truth.heatShare;
  const samples = heat.core?.leastDone ?? [];
  const end = samples.find((s) => s.minute >= minutes) ?? samples[samples.length - 1];
  const trueC = end?.centreC ?? 20;
  for (let i = 0; i < WEIGHED; i++)
    operations.push({
      do: 'addReading',
      reading: { round: 1, c: Math.round(trueC + truth.probeErrorK + Math.abs(noise(1))), at: later(clock, minutes) },
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

interface Cut {
  kitchen: Kitchen;
  truth: Truth;
  heat: HeatForecast;
  lowestC: number;
}

/** What is found when it is cut open, by what is really in it. */
function outcomesOf(batch: Batch, { kitchen, truth, heat, lowestC }: Cut) {
  const accounts = account(batch, kitchen, heat);
  const { ledger, salt, lines, fat, takes, laid, dough, density, balance, coolTarget, limit } = accounts;
  const { wrap, cook, count } = batch;
  const outcomes: Outcome[] = [];
  const find = (what: OutcomeId, by: number, where: PlaceInParcel | null = null): void => {
    if (by > 0) outcomes.push({ what, much: by > 0.5 ? 'clearly' : 'little', where });
  };
  const free = ledger.freePer100 + truth.extraFree;
  const over = free - takes.band[1];
  const portion = wrap.portionG * truth.portionFactor;
  const fit = fitParcel({ form: wrap.form, laid, dough, fillingG: portion, density, hasMouth: wrap.vent === 'mouth' });
  const fullness = fit.fillMl / fit.comfortableMl[1];
  const slackness = fit.fillMl / fit.comfortableMl[0];
  const bursts = Math.max(fullness * (1 + truth.spreadPercent / 100) - 1.12, 0);
  const salted = salt.fillingPercent * truth.saltFactor;
  const minutes = plannedMinutes(cook) * truth.heatShare;
  const { dries, isDry } = METHODS[cook.method];
  const isPrawn = lines.some((l) => l.ingredient.hazard === 'shellfish' && STAGES[l.line.stage].keepsRaw);
  const bench = truth.benchMinutes ?? 0;
  const thick = (wrap.thicknessMm * truth.skinFactor) / DOUGHS[wrap.dough].usualThicknessMm;

  find('burst', bursts * 4, 'seam');
  find('soggy', over / 6, 'bottom');
  find('soggy', (bench - 60) / 40, 'bottom');
  find('leaked', dries && truth.cutAfterMinutes < 6 ? 0.6 : 0, 'bottom');
  find('hollow', (0.85 - slackness) * 4, 'middle');
  find('cold-centre', (limit.c - 3 - lowestC) / 10, 'middle');
  find('bland', salt.isSweet ? 0 : (salt.blandBelowPercent - salted) * 3);
  find('salty', (salted - salt.saltyAbovePercent) * 3);
  find('dry', drynessOf(ledger, lines) === null ? (takes.band[0] - 2 - free) / 5 : 0.8, 'middle');
  find('pasty', isPasty(ledger, lines) ? 0.9 : 0, 'middle');
  find('greasy', (fat.loosePer100 - 9) / 5, 'middle');
  const crust = heat.core && crustOf(batch, heat.core);
  const browns = cook.steps.some(({ medium }) => MEDIA[medium].browns);
  if (browns && crust !== null && heat.core !== null) {
    const brown = heat.core.above.brownAt;
    find('pale', brown === null ? 0.9 : (brown - minutes - 3) / 8, 'top');
    find('too-brown', crust.burntAt === null ? 0 : (minutes - crust.burntAt + 1) / 6, 'top');
  }
  const pot = heat.core?.pot ?? null;
  find('greasy', pot !== null && isTooCold(pot) ? 0.8 : 0, 'bottom');
  find('herb-strong', doseFindings(lines, ledger.finishedG).some((f) => f.text.includes('far above')) ? 0.9 : 0);
  find('forgotten', truth.forgottenLine === null ? 0 : 0.9);
  find('raw-dough', isDry ? (thick - 1.6) * 2 : 0, 'bottom');
  find('skins-dried', (bench - 65) / 40);
  find('unequal', (truth.spreadPercent - 11) / 8);
  find('collapsed', truth.isLidLifted ? 0.9 : 0, 'top');
  find('tough-prawns', isPrawn ? (bench - 55) / 40 : 0, 'middle');
  const wrapped = coolTarget === null ? null : batch.cool.earlierRuns.at(-1)?.readings.at(-1)?.c;
  find('dough-tore', coolTarget !== null && wrapped != null ? (wrapped - coolTarget.c - 7) / 10 : 0);
  const slow = heat.cooling?.minutes ?? null;
  find('cooled-slowly', truth.coolingFactor < 0.75 || (slow ?? Infinity) > 300 ? (coolTarget === null ? 0 : 0.8) : 0);
  const fillingLeft = ledger.finishedG - count * portion;
  const made = wrap.doughG ?? balance.doughNeededG * (1 + wrap.spareShare);
  const doughLeft = made - balance.doughNeededG * truth.skinFactor;
  find('filling-left', fillingLeft / ledger.finishedG - 0.04 > 0 ? (fillingLeft / ledger.finishedG - 0.04) * 6 : 0);
  find('dough-left', doughLeft / made - 0.12 > 0 ? (doughLeft / made - 0.12) * 6 : 0);
  const worst = [...outcomes].sort((a, b) => Number(b.much === 'clearly') - Number(a.much === 'clearly'));
  return {
    outcomes: worst.length === 0 ? [{ what: 'just-right' as const, much: 'clearly' as const, where: null }] : worst,
    inside: { freePer100: free, saltPercent: salted, fullness },
  };
}
