/** The next version of a batch: changes that answer its causes, each with what the checks say before and after. */
import { assess } from '../checks/assess';
import { CHECK_IDS, type CheckId, type MoistureFigure } from '../checks/check';
import { forecastHeat, type HeatForecast } from '../forecast/heat';
import { type Assessment, judgement } from '../checks/judgement';
import { type Kitchen } from '../stored/kitchen-schema';
import { apply } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { isWithinLimits } from '../stored/within-limits';
import { formatNumber } from '../units/amount';
import { answers } from './answers';
import { type Cause, type Explained } from './find-causes';
import { type NextChange } from './next-batch';
import { type BatchNumbers } from './numbers';

/** So many changes are proposed: more at once teach nothing. */
const MOST = 6;
/** Of one cause so many. */
const MOST_EACH = 2;

/** What a check's figure is called beside a change. */
const FIGURE_WORDS: Readonly<Record<Exclude<CheckId, 'moisture'>, string>> = {
  salt: 'salt',
  cooling: 'cooling',
  fit: 'fit',
  core: 'core',
};

/** Each figure of Moisture before its numbers, g in 100 g; of starch in times. */
const MOISTURE_WORDS: Readonly<Record<MoistureFigure, string>> = {
  board: 'loose while you fill, in 100 g:',
  heat: 'runs from 100 g:',
  dry: '100 g still take',
  paste: 'starch thickens its liquid, times:',
};

/** All that a check's figure may be called. */
const wordsOf = (id: CheckId): string[] => (id === 'moisture' ? Object.values(MOISTURE_WORDS) : [FIGURE_WORDS[id]]);

/** The figure of a check, as it stands beside a change. */
function figureOf(id: CheckId, { checks, moisture, salt, heat }: Assessment, decides: MoistureFigure): string {
  if (id === 'moisture') return `${formatNumber(moisture[decides].value, 1)}${decides === 'paste' ? '' : ' g'}`;
  if (id === 'salt') return `${formatNumber(salt.fillingPercent, 2)} %`;
  if (id === 'cooling') return heat?.cooling?.minutes == null ? 'never' : `${Math.round(heat.cooling.minutes)} min`;
  if (id === 'core')
    return heat?.core?.leastDoneMinutes == null ? 'never' : `hot in ${Math.ceil(heat.core.leastDoneMinutes)} min`;
  return checks[id].headline.replace(/^Fit: /, '');
}

/**
 * Proposes the next version.
 * @param numbers of the batch as it was; @param heat its forecast with other ways of cooling
 */
export function nextVersion(numbers: BatchNumbers, explained: readonly Explained[], heat: HeatForecast): NextChange[] {
  const { batch, kitchen } = numbers;
  const causes = strongest(explained);
  const before = assess(batch, kitchen, heat);
  const changes: NextChange[] = [];
  const checks = new Map<string, CheckId | null>();
  for (const cause of causes) {
    if (changes.length >= MOST) break;
    const list = answers(cause, numbers, before).slice(0, MOST_EACH);
    for (const { id, label, operations, check } of list) {
      const then = operations.reduce(apply, batch);
      const isSame = changes.some((c) => c.id === id || JSON.stringify(c.operations) === JSON.stringify(operations));
      if (isSame || !isWithinLimits(then) || changes.length >= MOST) continue;
      checks.set(id, check);
      changes.push({
        id,
        because: cause.id,
        label,
        operations,
        insteadOf:
          changes.find((c) => check !== null && c.because === cause.id && checks.get(c.id) === check)?.id ?? null,
        isReminder: check === null,
        effect: check === null ? null : effectOf(check, before, then, kitchen),
      });
    }
  }
  return changes;
}

/**
 * What a change does that the cook has given another number: worked out on the batch as it would be.
 * @param check whose figure it is about, as the proposal says it; null of what no check counts
 */
export function tryChange(batch: Batch, kitchen: Kitchen, change: NextChange, what: string | null): NextChange {
  const check = CHECK_IDS.find((id) => wordsOf(id).some((words) => words === what));
  const then = change.operations.reduce(apply, batch);
  if (check === undefined || !isWithinLimits(then)) return change;
  const before = judgement(batch, kitchen, forecastHeat(batch, kitchen, 'first'));
  return { ...change, effect: effectOf(check, before, then, kitchen) };
}

function effectOf(check: CheckId, before: Assessment, then: Batch, kitchen: Kitchen): NextChange['effect'] {
  const after = judgement(then, kitchen, forecastHeat(then, kitchen, 'first'));
  // The figure that decided before is compared, whichever decides then.
  const { decides } = before.moisture;
  return {
    what: check === 'moisture' ? MOISTURE_WORDS[decides] : FIGURE_WORDS[check],
    before: figureOf(check, before, decides),
    after: figureOf(check, after, decides),
    fills: fillsFewer(before, after, then.count),
  };
}

/** So few missing of all nobody sees. House estimate, as in Fit. */
const UNSEEN = 0.05;

/** How many the filling is then enough for, where that is fewer than planned and fewer than before: a filling cooked down further. */
function fillsFewer({ portion: was }: Assessment, { portion: then }: Assessment, count: number): number | null {
  const isFewer = then.fromFilling < was.fromFilling - 0.05 && then.fromFilling < count * (1 - UNSEEN);
  return isFewer ? Math.floor(then.fromFilling + 1e-9) : null;
}

/** Every cause once, the strongest first, whatever it explains. */
function strongest(explained: readonly Explained[]): Cause[] {
  const by = new Map<string, Cause>();
  for (const { causes } of explained)
    for (const cause of causes) if ((by.get(cause.id)?.strength ?? 0) < cause.strength) by.set(cause.id, cause);
  return [...by.values()].sort((a, b) => b.strength - a.strength);
}
