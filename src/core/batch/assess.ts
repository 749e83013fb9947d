/** One document in, five checks out. Everything a screen shows of a batch is derived here and never stored. */
import { type BinderOption, compareBinders } from '../filling/compare-binders';
import { type Finding } from '../filling/finding';
import { accountFat, type FatAccount, fatFindings } from '../filling/fat';
import { drawLedger, type Ledger } from '../filling/ledger';
import { resolveLines } from '../filling/lines';
import { panContents } from '../filling/pan';
import { holdBack, type HoldBack } from '../filling/season';
import { forgottenFindings, stageProgress, type StageProgress, unitFindings } from '../filling/stage-progress';
import { lookUp } from '../food/larder';
import { seasoningFindings } from '../filling/seasoning-ranges';
import { type PartName, shareOut, type Source } from '../filling/sources';
import { stageFindings } from '../filling/stage-rules';
import { accountSalt, type SaltAccount } from '../filling/salt';
import { type Verdict } from '../safety/verdict';
import { type Limit } from '../safety/core-limit';
import { type Allergen } from '../food/ingredient';
import { balance, type Balance } from '../wrapper/balance';
import { type Fit, fillingDensity, fitParcel } from '../wrapper/fit';
import { portionSpoon } from '../wrapper/spoon';
import { CHECK_IDS, type Check, type CheckId, type CheckState } from './check';
import { checkCooling } from './checks/cooling';
import { checkCore, readingsVerdict } from './checks/core';
import { checkFit } from './checks/fit';
import { aimOf, checkMoisture, type StopPlan, stopPlan } from './checks/moisture';
import { checkSalt } from './checks/salt';
import { type HeatForecast } from './heat';
import { type Kitchen } from './kitchen';
import { isWithinLimits } from './limits';
import { apply, type Operation } from './operations';
import { type Outline, outline as drawOutline } from './outline';
import { type Batch } from './schema';

export interface Portion extends Balance {
  portionG: number;
  ml: number;
  /** The level spoon nearest to it. */
  spoon: string;
  wrapperG: number;
  parcelG: number;
  /** g of dough for all parcels planned. */
  doughNeededG: number;
}

export interface Assessment {
  checks: Record<CheckId, Check>;
  /** The worst of the five. */
  state: CheckState;
  ledger: Ledger;
  /** When to stop boiling down; null where nothing is in a pan. */
  stop: StopPlan | null;
  /** Fat, counted apart from water. */
  fat: FatAccount;
  /** Which lines each part of the water line comes from, g, most first. */
  sources: Record<PartName, Source[]>;
  salt: SaltAccount;
  /** What to add first and what to hold back; null where no salt is added. */
  holdBack: HoldBack | null;
  /** How far each stage that has lines has got. */
  stages: StageProgress[];
  fit: Fit;
  portion: Portion;
  /** What a practitioner would say of single lines: stage and dose. */
  findings: Finding[];
  /** Binders side by side for the free liquid there is; empty where there is nothing to bind. */
  binders: BinderOption[];
  limit: Limit;
  verdict: Verdict;
  /** g that the pan with its filling should read when enough has boiled off; null without a known pan or pan stage. */
  panContentsG: number;
  allergens: Allergen[];
  /** Ingredients the larder does not hold; they count nothing. */
  unknown: string[];
  heat: HeatForecast | null;
  /** The one next thing to do. */
  next: { check: CheckId | null; text: string };
}

/** What a stored wrap portion falls back to where there is no filling to speak of: ordinary moist food, g/ml. */
const USUAL_DENSITY = 1.02;

/**
 * Assesses a batch.
 * @param heat from `forecastHeat`; null while it is being worked out, then Cooling and Core say so
 * @param problem why there will be no forecast, where it failed: Cooling and Core then say that, and are never Good
 */
export function assess(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  problem: string | null = null,
): Assessment {
  const outline = drawOutline(batch, kitchen);
  const steamedOffG = heat?.cooling?.evaporatedG ?? 0;
  const ledger = drawLedger(outline.lines, batch.water, steamedOffG);
  const density = outline.lines.length > 0 ? fillingDensity(ledger.composition) : USUAL_DENSITY;
  const { wrap } = batch;
  const fit = fitParcel({ form: wrap.form, skin: wrap, dough: outline.dough, fillingG: wrap.portionG, density });
  const account = (b: Batch): SaltAccount => {
    const lines = resolveLines(b, kitchen);
    return accountSalt(lines, {
      finishedG: drawLedger(lines, b.water, steamedOffG).finishedG,
      portionG: wrap.portionG,
      wrapperG: fit.wrapperG,
      wrapperPercent: outline.doughSaltPercent,
      aimPercent: kitchen.saltTargetPercent,
    });
  };
  const salt = account(batch);
  const checks: Record<CheckId, Check> = {
    moisture: checkMoisture({ batch, kitchen, outline, ledger }),
    salt: checkSalt({ batch, kitchen, outline, salt, finishedG: ledger.finishedG, accountAfter: account }),
    cooling: checkCooling({ kitchen, outline, heat, problem }),
    fit: checkFit({ batch, outline, fit, density }),
    core: checkCore({ batch, kitchen, outline, heat, problem }),
  };
  for (const id of CHECK_IDS) {
    checks[id] = { ...checks[id], fixes: checks[id].fixes.filter((fix) => canBeTaken(batch, fix.change)) };
  }
  return {
    checks,
    state: worst(CHECK_IDS.map((id) => checks[id].state)),
    ledger,
    salt,
    sources: shareOut(outline.lines, ledger),
    stop: stopPlan({ batch, outline, ledger }, bandOf(checks.moisture)),
    fat: accountFat(outline.lines, ledger.finishedG),
    holdBack: holdBack(outline.lines, ledger.finishedG),
    stages: stageProgress(batch, outline.lines),
    fit,
    portion: {
      ...balance({
        fillingG: ledger.finishedG,
        portionG: wrap.portionG,
        count: batch.count,
        doughG: wrap.doughG,
        wrapperG: fit.wrapperG,
      }),
      portionG: wrap.portionG,
      ml: fit.fillMl,
      spoon: portionSpoon(fit.fillMl).label,
      wrapperG: fit.wrapperG,
      parcelG: wrap.portionG + fit.wrapperG,
      doughNeededG: batch.count * fit.wrapperG,
    },
    findings: findingsOf(batch, outline, ledger).map((finding) =>
      finding.fix && canBeTaken(batch, finding.fix.change) ? finding : { ...finding, fix: null },
    ),
    binders: bindersFor(checks.moisture, ledger),
    limit: outline.limit,
    verdict: readingsVerdict({ batch, outline }),
    panContentsG: panContents(outline.lines),
    allergens: [
      ...new Set([...outline.lines.flatMap((l) => l.ingredient.allergens), ...outline.dough.allergens]),
    ].sort(),
    unknown: outline.unknown,
    heat,
    next: nextThing(checks, batch),
  };
}

/** What would leave the document's limits is not offered. */
const canBeTaken = (batch: Batch, change: readonly Operation[]): boolean => isWithinLimits(change.reduce(apply, batch));

/** Binders are compared where there is too much liquid, at the dose that brings it well into the band. */
function bindersFor({ value, band }: Check, ledger: Ledger): BinderOption[] {
  const [dry, wet] = band;
  if (value === null || dry === null || wet === null || value <= wet) return [];
  return compareBinders(ledger, aimOf([dry, wet]));
}

const bandOf = ({ band: [dry, wet] }: Check): readonly [number, number] => [dry ?? 0, wet ?? 0];

/** What a practitioner would say of single lines: forgotten, at the wrong stage, too much of it, too lean or too fat. */
function findingsOf(batch: Batch, { lines, unknown }: Outline, { finishedG }: Ledger): Finding[] {
  const nameOf = (id: string): string => lookUp(batch.ingredients, id)?.name ?? id;
  return [
    ...unitFindings(batch, { resolved: lines, nameOf, isKnown: (id) => !unknown.includes(id) }),
    ...forgottenFindings(batch, nameOf),
    ...stageFindings(lines),
    ...seasoningFindings(lines, finishedG),
    ...fatFindings(lines, finishedG),
  ];
}

const ORDER: Record<CheckState, number> = { good: 0, watch: 1, fix: 2 };

/** The worst of some states. */
export const worst = (states: readonly CheckState[]): CheckState =>
  states.reduce((w, state) => (ORDER[state] > ORDER[w] ? state : w), 'good');

function nextThing(checks: Record<CheckId, Check>, batch: Batch): Assessment['next'] {
  if (batch.lines.length === 0) return { check: 'moisture', text: 'Put the filling together' };
  // Steam lost while cooling bears on moisture and salt: no advice before it is known.
  if (CHECK_IDS.some((id) => checks[id].pending)) return { check: 'moisture', text: 'Working it out …' };
  const broken = CHECK_IDS.map((id) => checks[id]).find((check) => check.state === 'fix');
  if (broken) return { check: broken.id, text: broken.fixes[0]?.label ?? broken.headline };
  const watched = CHECK_IDS.map((id) => checks[id]).find((check) => check.state === 'watch');
  if (watched) return { check: watched.id, text: watched.fixes[0]?.label ?? watched.headline };
  return batch.note.outcomes.length === 0
    ? { check: null, text: 'Cook, then note how it came out' }
    : { check: null, text: 'Done and noted' };
}
