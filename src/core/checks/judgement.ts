/** A batch's checks and all that is derived from it; nothing of it is ever stored. Without the solver: screens use it. */
import { type Batch } from '../stored/schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { isWithinLimits } from '../stored/within-limits';
import { apply } from '../stored/operations';
import { GLAZES } from '../vocabulary/edges';
import { type Allergen } from '../vocabulary/foods';
import { binderById } from '../filling/binders';
import { type BinderOption, compareBinders } from '../filling/compare-binders';
import { doseFindings } from '../filling/doses';
import { type FatAccount, fatFindings } from '../filling/fat';
import { type Finding } from '../filling/finding';
import { type Ledger, STARCH_IN_FRUIT } from '../filling/ledger';
import { isFruity } from '../filling/sweet';
import { panContents } from '../filling/pan';
import { type SaltAccount } from '../filling/salt';
import { holdBack, type HoldBack } from '../filling/season';
import { type PartName, shareOut, type Source } from '../filling/sources';
import { uncountedFindings } from '../filling/uncounted';
import { unsaidFindings } from '../filling/unsaid';
import { forgottenFindings, stageProgress, type StageProgress } from '../filling/stage-progress';
import { stageFindings } from '../filling/stage-rules';
import { aimOf, type WhenToStop, whenToStop } from '../filling/when-to-stop';
import { lookUp } from '../food/larder';
import { type Laid } from '../forms/skins';
import { type Limit } from '../safety/core-limit';
import { type Exposure } from '../cooling/exposure-of';
import { type CookedLoad } from '../cooking/load-evidence';
import { type LoadsToCook } from '../cooking/loads-to-cook';
import { type Verdict } from '../safety/loads';
import { type Perishable } from '../filling/perishable';
import { type Balance } from '../wrapper/balance';
import { type Dough } from '../wrapper/dough';
import { type Fit } from '../wrapper/fit';
import { ideasForRest } from '../wrapper/rest';
import { spoonFor } from '../wrapper/spoon';
import { account, type Accounts } from './account';
import {
  type Check,
  CHECK_IDS,
  type CheckId,
  type CheckState,
  type Figures,
  type Judgements,
  NO_PROPOSALS,
  type Proposals,
  worst,
} from './check';
import { type HeatForecast } from '../forecast/heat';
import { judge } from './judge';
import { moistureFigures } from './moisture';
import { wrapFindings } from './wrap-findings';

export interface Portion extends Balance {
  portionG: number;
  ml: number;
  /** The level spoon nearest to it. */
  spoon: string;
  wrapperG: number;
  parcelG: number;
  /** What to do with what is left over. */
  rest: string[];
}

export interface Assessment {
  checks: Record<CheckId, Check>;
  /** Moisture's two moments. */
  moisture: Figures;
  /** The worst of the five. */
  state: CheckState;
  ledger: Ledger;
  /** When to stop boiling down; null where nothing is in a pan. */
  stop: WhenToStop | null;
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
  /** The skin as it is laid, and the dough it is of. */
  laid: Laid;
  dough: Dough;
  portion: Portion;
  /** What a practitioner would say of single lines: stage and dose. */
  findings: Finding[];
  /** Binders side by side for the free liquid there is; empty where there is nothing to bind. */
  binders: BinderOption[];
  limit: Limit;
  /** Animal food goes into the wrapper raw. */
  goesInRaw: boolean;
  /** What was measured, load by load; and the loads with the readings that count, and those that do not. */
  verdict: Verdict;
  cooked: readonly CookedLoad[];
  loads: LoadsToCook | null;
  /** Whether it spoils within hours; how long it has been out of the cold, and will be. */
  perishable: Perishable;
  exposure: Exposure;
  /** g that the pan with its filling should read when enough has boiled off; null without a known pan or pan stage. */
  panContentsG: number;
  allergens: Allergen[];
  /** Ingredients the larder does not hold; they count nothing. */
  unknown: string[];
  heat: HeatForecast | null;
  /** The one next thing to do. */
  next: { check: CheckId | null; text: string };
}

/**
 * The judgement alone, which is all that typing waits for.
 * @param proposals what was proposed for this very batch, where it is known already
 * @param now ISO 8601, to the minute: what stands out goes on standing; null where only what is stored is asked
 */
export function judgement(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  problem: string | null = null,
  proposals: Proposals = NO_PROPOSALS,
  now: string | null = null,
): Assessment {
  const accounts = account(batch, kitchen, heat, problem, false, now);
  return described(accounts, judge(accounts), proposals);
}

export function described(accounts: Accounts, judged: Judgements, proposed: Proposals): Assessment {
  const { batch, lines, ledger, salt, fat, fit, takes } = accounts;
  const { wrap } = batch;
  const checks = Object.fromEntries(
    CHECK_IDS.map((id): [CheckId, Check] => [
      id,
      { ...judged[id], fixes: judged[id].isPast === true || judged[id].isOpen === true ? [] : proposed[id] },
    ]),
  ) as Record<CheckId, Check>;
  return {
    checks,
    moisture: judged.moisture.figures ?? moistureFigures(accounts),
    state: worst(CHECK_IDS.map((id) => checks[id].state)),
    ledger,
    salt,
    sources: shareOut(lines, ledger),
    stop: whenToStop(lines, batch.water, ledger, takes),
    fat,
    holdBack: holdBack(lines, ledger.finishedG),
    stages: stageProgress(batch, lines),
    fit,
    laid: accounts.laid,
    dough: accounts.dough,
    portion: {
      ...accounts.balance,
      portionG: wrap.portionG,
      ml: fit.fillMl,
      spoon: spoonFor(fit.fillMl, accounts.kitchen),
      wrapperG: fit.wrapperG,
      parcelG: wrap.portionG + fit.wrapperG,
      rest: ideasForRest(accounts.balance.left, {
        form: wrap.form,
        isRaw: accounts.goesInRaw,
        weeps: lines.some((l) => binderById(l.ingredient.binder ?? '')?.weepsAfterFreezing ?? false),
        density: accounts.density,
        dough: accounts.dough,
      }),
    },
    findings: findingsOf(accounts).map((finding) =>
      finding.fix && isWithinLimits(finding.fix.change.reduce(apply, batch)) ? finding : { ...finding, fix: null },
    ),
    binders: bindersFor(accounts),
    limit: accounts.limit,
    goesInRaw: accounts.goesInRaw,
    verdict: accounts.verdict,
    cooked: accounts.cooked,
    loads: accounts.loads,
    perishable: accounts.perishable,
    exposure: accounts.exposure,
    panContentsG: panContents(lines),
    allergens: [
      ...new Set([
        ...lines.flatMap((l) => l.ingredient.allergens),
        ...accounts.dough.allergens,
        ...GLAZES[wrap.glaze].allergens,
      ]),
    ].sort(),
    unknown: accounts.unknown,
    heat: accounts.heat,
    next: nextThing(checks, accounts),
  };
}

/** Binders are compared where there is too much liquid, at the dose that brings it well into the band. */
function bindersFor({ ledger, takes: { wet }, lines }: Accounts): BinderOption[] {
  const isTooWet = lines.length > 0 && ledger.problem === null && ledger.freePer100 > wet;
  return isTooWet ? compareBinders(ledger, aimOf(wet), isFruity(lines) ? STARCH_IN_FRUIT : 1) : [];
}

/** What a practitioner would say of single lines: forgotten, at the wrong stage, too much of it, too lean or too fat. */
function findingsOf(accounts: Accounts): Finding[] {
  const {
    batch,
    kitchen,
    lines,
    uncounted,
    ledger: { finishedG },
  } = accounts;
  const nameOf = (id: string): string => lookUp(batch.ingredients, id)?.name ?? id;
  return [
    ...uncountedFindings(uncounted, batch),
    ...unsaidFindings(lines, batch),
    ...wrapFindings(accounts),
    ...forgottenFindings(batch, nameOf),
    ...stageFindings(lines, kitchen.temperature),
    ...doseFindings(lines, finishedG),
    ...fatFindings(lines, finishedG),
  ];
}

function nextThing(checks: Record<CheckId, Check>, { batch, uncounted }: Accounts): Assessment['next'] {
  if (batch.lines.length === 0) return { check: 'moisture', text: 'Put the filling together' };
  // Steam lost while cooling bears on moisture and salt: no advice before it is known.
  if (CHECK_IDS.some((id) => checks[id].pending)) return { check: 'moisture', text: 'Working it out …' };
  const all = CHECK_IDS.map((id) => checks[id]);
  const first = all.find((check) => check.state === 'fix') ?? all.find((check) => check.state === 'watch');
  if (first?.isOpen === true && uncounted.length > 0)
    return { check: 'moisture', text: `Say what “${uncounted[0].name}” is` };
  if (first) return { check: first.id, text: first.fixes[0]?.label ?? first.headline };
  return batch.note.outcomes.length === 0
    ? { check: null, text: 'Cook, then note how it came out' }
    : { check: null, text: 'Done and noted' };
}
