/** What is found when a parcel is cut open, by what is really in it. Nothing here knows the causes. */
import { account } from '../checks/account';
import { crustOf } from '../checks/crust';
import { colouredAt } from '../checks/pale';
import { type HeatForecast } from '../forecast/heat';
import { isTooCold } from '../checks/pot-finding';
import { plannedMinutes } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Outcome } from '../stored/note-schema';
import { type Batch } from '../stored/schema';
import { DOUGHS } from '../vocabulary/doughs';
import { MEDIA } from '../vocabulary/media';
import { METHODS } from '../vocabulary/methods';
import { type OutcomeId, type PlaceInParcel } from '../vocabulary/outcomes';
import { STAGES } from '../vocabulary/stages';
import { doseFindings } from '../filling/doses';
import { FAR_FROM_USUAL_SALT } from '../filling/salt';
import { fitParcel } from '../wrapper/fit';
import { type Truth } from './truth';

/** g of free liquid in 100 g over its band that nobody notices. House estimate. */
const UNNOTICED = 1;

interface Cut {
  kitchen: Kitchen;
  truth: Truth;
  heat: HeatForecast;
  /** The coldest middle as it came out, °C. */
  lowestC: number;
  /** The filling as it was wrapped, °C; null where nothing had to cool. */
  wrappedC: number | null;
}

/** What is found when it is cut open, by what is really in it. */
export function outcomesOf(batch: Batch, { kitchen, truth, heat, lowestC, wrappedC }: Cut) {
  const accounts = account(batch, kitchen, heat);
  const { ledger, salt, lines, fat, takes, laid, dough, density, balance, coolTarget, limit } = accounts;
  const { wrap, cook, count } = batch;
  const outcomes: Outcome[] = [];
  const find = (what: OutcomeId, by: number, where: PlaceInParcel | null = null): void => {
    if (by > 0) outcomes.push({ what, much: by > 0.5 ? 'clearly' : 'little', where });
  };
  const free = ledger.freePer100 + truth.extraFree;
  const over = free - takes.wet;
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
  // A band has no sharp edge: a little over it nobody finds.
  find('soggy', (over - UNNOTICED) / 6, 'bottom');
  find('soggy', (bench - 60) / 40, 'bottom');
  find('leaked', dries && truth.cutAfterMinutes < 6 ? 0.6 : 0, 'bottom');
  find('hollow', (0.85 - slackness) * 4, 'middle');
  find('cold-centre', (limit.c - 3 - lowestC) / 10, 'middle');
  find('bland', salt.isSweet ? 0 : (salt.blandBelowPercent - salted) * 3);
  // A saltless skin bears a saltier filling, but not one that nobody would eat.
  find('salty', (salted - Math.min(salt.saltyAbovePercent, FAR_FROM_USUAL_SALT[1])) * 3);
  find('dry', (ledger.dry.per100 - takes.dry) / 8, 'middle');
  find('pasty', ledger.paste.isPasty ? 0.9 : 0, 'middle');
  find('greasy', (fat.loosePer100 - 9) / 5, 'middle');
  const crust = heat.core && crustOf(batch, heat.core);
  const browns = cook.steps.some(({ medium }) => MEDIA[medium].browns);
  if (browns && crust !== null && heat.core !== null) {
    const { brownAt } = heat.core.above;
    const brown = brownAt === null ? null : colouredAt(batch.wrap.glaze, brownAt);
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
  find('dough-tore', coolTarget !== null && wrappedC !== null ? (wrappedC - coolTarget.c - 7) / 10 : 0);
  const slow = heat.cooling?.minutes ?? null;
  // On ice water it is the ice that cools, whatever the air there does.
  const isSlow = (truth.coolingFactor < 0.75 && batch.cool.base !== 'ice') || (slow ?? Infinity) > 300;
  find('cooled-slowly', isSlow && coolTarget !== null ? 0.8 : 0);
  const fillingLeft = ledger.finishedG - count * portion;
  const made = wrap.doughG ?? balance.doughNeededG * (1 + wrap.spareShare);
  const doughLeft = made - balance.doughNeededG * truth.skinFactor;
  // Less than a parcel’s worth is scraped into the last ones.
  find('filling-left', fillingLeft < portion ? 0 : (fillingLeft / ledger.finishedG - 0.04) * 6);
  find('dough-left', doughLeft / made - 0.12 > 0 ? (doughLeft / made - 0.12) * 6 : 0);
  const worst = [...outcomes].sort((a, b) => Number(b.much === 'clearly') - Number(a.much === 'clearly'));
  return {
    outcomes: worst.length === 0 ? [{ what: 'just-right' as const, much: 'clearly' as const, where: null }] : worst,
    inside: { freePer100: free, saltPercent: salted, fullness },
  };
}
