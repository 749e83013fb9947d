/** What may mend the cooling: the ways that the forecast has worked out. */
import { type CoolingAlternative } from '../cooling/judged';
import { type CoolingStage } from '../safety/cooled';
import { formatMinutes } from '../units/format';
import { type Accounts } from './account';
import { type Candidate, type Judgement } from './check';
import { type Mending } from './rule';

/** So many ways are offered. */
const MOST_FIXES = 3;
/** A way that saves less than this share of the time is not worth the washing up. House estimate. */
const LEAST_SAVED = 0.05;

/** What asks least of the kitchen comes first, of what keeps the rule. */
const EASIEST_FIRST: readonly string[] = ['last-stretch', 'uncover', 'own-trays', 'tray', 'tray-fridge', 'tray-ice'];
const handling = (id: string): number => {
  const rank = EASIEST_FIRST.indexOf(id);
  return rank < 0 ? EASIEST_FIRST.length : rank;
};

const keeps = (stages: readonly CoolingStage[]): number => Number(stages.every((stage) => stage.ok));

/** Of what keeps the rules what asks least; what the kitchen has not enough of comes after what it has. */
export const easiestFirst = (a: CoolingAlternative, b: CoolingAlternative): number =>
  keeps(b.stages) - keeps(a.stages) || Number(a.isShort) - Number(b.isShort) || handling(a.id) - handling(b.id);

/** The quicker ways that the forecast has worked out. */
function candidates({ heat }: Accounts, { state }: Judgement): Candidate[] {
  const forecast = heat?.cooling;
  if (!forecast || state === 'good') return [];
  const mostMinutes = forecast.stall ? Infinity : (forecast.minutes ?? Infinity) * (1 - LEAST_SAVED);
  return [...forecast.alternatives]
    .filter((way) => way.minutes !== null && way.minutes <= mostMinutes)
    .sort(easiestFirst)
    .slice(0, MOST_FIXES)
    .map((way) => ({ id: `cool-${way.id}`, label: way.label, change: way.change }));
}

export const coolingFixes: Mending = {
  candidates,
  choose: (tried) => [...tried],
  effect: (now, then) =>
    `${now.value === null ? 'never' : formatMinutes(now.value)} → ${formatMinutes(then.value ?? 0)}`,
};
