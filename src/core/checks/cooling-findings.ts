/** What Cooling can say, first what has happened, then of the plan: cold enough to wrap, soon enough to be safe. */
import { coolingClock } from '../cooling/clock';
import { type CoolingForecast } from '../cooling/forecast';
import { warmRange, wordsOfRule } from '../cooling/rule-words';
import { type CoolingStage, type SafetyState, warmState } from '../safety/cooled';
import { SHALLOW_MM, WARM_RULE } from '../safety/packs';
import { isThrownAway, unanswered } from '../stored/runs';
import { formatMinutes, formatTemperature } from '../units/format';
import { formatLength } from '../units/lengths';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Accounts } from './account';
import { type CheckState, nothingIn } from './check';
import { type Finding } from './finding';

/** Less than this share of a limit to spare is Watch. */
const SPARE = 0.2;
/** Taken into the fridge in time, it is no longer steaming where it would be ready within so many times the rule's time. House estimate. */
const FRIDGE_WAITS = 1.5;
/** Cold parts that make less of a difference are not mentioned, K. */
const MIXING_WORTH_SAYING_K = 2;
/** From here on a time is told in whole hours, min. */
const IN_HOURS = 10 * 60;

const nothingYet: Finding<Accounts> = ({ lines, batch }) =>
  lines.length > 0
    ? null
    : {
        ...nothingIn('Cooling'),
        sentence:
          batch.school === 'raw'
            ? 'Keep what goes in raw in the fridge until you wrap it. What goes in cooked is worked out here.'
            : 'How it cools is worked out from what goes in.',
      };

const thrownAway: Finding<Accounts> = ({ batch }) =>
  isThrownAway(batch.cool)
    ? {
        state: 'fix',
        isPast: true,
        headline: 'Cooling: thrown away',
        sentence: 'It stood too long and was thrown away. Eat none of it, and start again.',
        figure: 'out',
      }
    : null;

/** A limit that was missed stays missed until it is said what was done. */
const missedUnanswered: Finding<Accounts> = ({ batch, kitchen }) => {
  const [missed] = unanswered(batch.cool);
  return missed === undefined
    ? null
    : {
        state: 'fix',
        isPast: true,
        headline: 'Cooling: limit missed',
        sentence: `It missed the limit (${wordsOfRule(missed.rule, kitchen.temperature)}), and you haven’t said what you did. Say so at Cool.`,
        figure: 'late',
      };
};

/** What has happened stands before every plan. */
export const HAPPENED: readonly Finding<Accounts>[] = [nothingYet, thrownAway, missedUnanswered];

const nothingHot: Finding<Accounts> = ({ coolTarget, coolsAtOnce, goesInRaw }) =>
  coolTarget
    ? null
    : {
        state: 'good',
        headline: coolsAtOnce ? 'Cooling: no need to wait' : 'Cooling: nothing hot goes in',
        sentence: coolsAtOnce
          ? 'Little of it is hot: mixed with what comes out of the fridge, it’s cold enough to wrap.'
          : goesInRaw
            ? 'Keep the raw filling in the fridge until you wrap it.'
            : 'There is nothing to wait for.',
        figure: 'none',
        cautions: [],
      };

const noForecast: Finding<Accounts> = (accounts) => {
  const { heat, problem, kitchen } = accounts;
  return heat || problem === null
    ? null
    : {
        state: 'watch',
        headline: 'Cooling: not known',
        sentence: `How it cools couldn’t be worked out (${problem}). The rules still hold: ${rulesFor(accounts)
          .map((rule) => wordsOfRule(rule.id, kitchen.temperature))
          .join('; ')}.`,
        figure: '?',
      };
};

const forecastToCome: Finding<Accounts> = ({ heat }) =>
  heat
    ? null
    : {
        state: 'watch',
        headline: 'Cooling: working it out',
        sentence: 'Working out how it cools …',
        figure: '…',
        pending: true,
        cautions: [],
      };

const nothingCooked: Finding<Accounts> = ({ heat }) =>
  heat?.cooling
    ? null
    : {
        state: 'watch',
        headline: 'Cooling: nothing in it yet',
        sentence: 'Add what is cooked first.',
        figure: '–',
        cautions: [],
      };

export const BEFORE_FORECAST: readonly Finding<Accounts>[] = [nothingHot, noForecast, forecastToCome, nothingCooked];

/** The rules that this filling is held to: none where nothing in it spoils. */
const rulesFor = ({ perishable, pack }: Accounts) => (perishable.counts ? pack.cooling : []);

/** What the rules look at. */
interface Seen {
  accounts: Accounts;
  forecast: CoolingForecast;
  /** Its middle between warm and cold, min. */
  warm: number;
}

const t = (c: number, { kitchen }: Accounts): string => formatTemperature(c, kitchen.temperature);

/** `wrap-ready at 21 °C, 18 °C once mixed with what is cold` */
function wrapReady({ accounts, forecast }: Seen): string {
  const { mixtureC } = forecast.constraints[0];
  const mixed =
    mixtureC === undefined || forecast.targetC < mixtureC + MIXING_WORTH_SAYING_K
      ? ''
      : `, ${t(mixtureC, accounts)} once mixed with what is cold`;
  return `wrap-ready at ${t(forecast.targetC, accounts)}${mixed}`;
}

const noWarmerThanAir: Finding<Seen> = ({ accounts, forecast: { startC, airC } }) =>
  startC > airC
    ? null
    : {
        state: 'watch',
        headline: 'Cooling: no warmer than the air',
        sentence: `It comes off at *${t(startC, accounts)}*, but the air is ${t(airC, accounts)}. Check both numbers.`,
        figure: '–',
      };

/** What a clock that runs says by now: a limit missed. */
const missedByNow: Finding<Seen> = ({ accounts, forecast }) => {
  const { batch, now, kitchen } = accounts;
  const missed = now === null ? undefined : coolingClock(batch, forecast, now)?.missed[0];
  return missed === undefined
    ? null
    : {
        state: 'fix',
        isPast: true,
        headline: 'Cooling: limit missed',
        sentence:
          missed.rule === WARM_RULE.id
            ? missed.advice
            : `*${formatMinutes(-missed.inMinutes)}* past the limit: ${wordsOfRule(missed.rule, kitchen.temperature, missed.limitMinutes)}. ${missed.advice}`,
        figure: 'late',
      };
};

/** The same: a limit that is over, and nobody has measured. */
const toBeMeasured: Finding<Seen> = ({ accounts: { batch, now, kitchen }, forecast }) => {
  const deadlines = now === null ? [] : (coolingClock(batch, forecast, now)?.deadlines ?? []);
  const over = deadlines.find(({ state }) => state === 'over');
  return over === undefined
    ? null
    : {
        state: 'watch',
        headline: 'Cooling: measure it now',
        sentence: `The time is up (${wordsOfRule(over.rule, kitchen.temperature, over.limitMinutes)}) and it wasn’t measured. The forecast says it was cold enough.`,
        figure: 'now',
      };
};

/** It cannot get there in this air; what is only to be in the cold in time is taken there in time. */
const lastStretchElsewhere: Finding<Seen> = ({ accounts, forecast: { stall, stages, targetC } }) => {
  const rules = rulesFor(accounts);
  const isOnlyLateForTheFridge = stages.every((stage, i) => stage.ok || rules[i].kind === 'refrigerate');
  const soonest = Math.min(...stages.map((stage) => stage.limitMinutes));
  return stall?.minutes == null || !isOnlyLateForTheFridge || stall.minutes > FRIDGE_WAITS * soonest
    ? null
    : {
        state: 'watch',
        headline: 'Cooling: another place for the last stretch',
        sentence: `*${formatMinutes(stall.minutes)}* to ${t(stall.nearC, accounts)}; it can’t cool to ${t(targetC, accounts)} in ${t(stall.airC, accounts)} air. Finish in the fridge.`,
        figure: formatMinutes(stall.minutes),
        value: stall.minutes,
      };
};

const neverCold: Finding<Seen> = (seen) => {
  const { accounts, forecast } = seen;
  if (forecast.minutes !== null) return null;
  const late = forecast.stages.some((stage) => !stage.ok) ? tightest(forecast.stages) : undefined;
  return {
    state: 'fix',
    headline: late ? 'Cooling: too slow' : 'Cooling: never cold enough here',
    sentence: `It won’t get ${wrapReady(seen)} here${late ? `, and it breaks the rule: ${ruleOf(late, accounts.kitchen.temperature)}` : ''}.`,
    figure: 'never',
  };
};

/** Its time against the rule that it has least to spare of, and against too long a warmth. */
const againstTheRules: Finding<Seen> = (seen) => {
  const { accounts, forecast, warm } = seen;
  const scale = accounts.kitchen.temperature;
  const { minutes, stages } = forecast;
  if (minutes === null) return null;
  const state = worse(coolingState(stages), warmState(warm));
  const limit = tightest(stages);
  const rule = limit ? `; ${ruleText(limit, forecast, accounts.kitchen)}` : '';
  const tooWarm =
    warmState(warm) === 'good' || isLate(stages)
      ? ''
      : ` Its middle is between ${warmRange(scale)} for ${formatMinutes(warm)}: more than 2 h is too long.`;
  return {
    state,
    headline: headlineOf(state, stages),
    sentence: `*${formatMinutes(minutes)}* until ${wrapReady(seen)}${rule}.${tooWarm}`,
    figure: minutes > IN_HOURS ? `${Math.round(minutes / 60)} h` : formatMinutes(minutes),
    value: minutes,
    band: [0, limit ? limit.limitMinutes + (minutes - (limit.usedMinutes ?? minutes)) : null],
  };
};

export const OF_FORECAST: readonly Finding<Seen>[] = [
  noWarmerThanAir,
  missedByNow,
  toBeMeasured,
  lastStretchElsewhere,
  neverCold,
  againstTheRules,
];

const worse = (a: CheckState, b: SafetyState): CheckState =>
  a === 'fix' || b === 'fix' ? 'fix' : a === 'watch' || b === 'watch' ? 'watch' : 'good';

/** A rule is broken, where it is not only deep. */
const isLate = (stages: readonly CoolingStage[]): boolean => stages.some(({ ok, end }) => !ok && end !== 'deep');

function coolingState(stages: readonly CoolingStage[]): CheckState {
  if (isLate(stages)) return 'fix';
  const isTight = stages.some(
    ({ usedMinutes, limitMinutes, ok }) => !ok || (usedMinutes ?? 0) > (1 - SPARE) * limitMinutes,
  );
  return isTight ? 'watch' : 'good';
}

function headlineOf(state: CheckState, stages: readonly CoolingStage[]): string {
  if (isLate(stages)) return 'Cooling: too slow';
  if (state === 'fix') return 'Cooling: warm for too long';
  if (stages.some(({ end }) => end === 'deep')) return 'Cooling: too deep';
  return state === 'watch' ? 'Cooling: just in time' : 'Cooling: in good time';
}

const ruleOf = ({ rule, limitMinutes }: CoolingStage, scale: 'C' | 'F'): string =>
  wordsOfRule(rule, scale, limitMinutes);

/** The rule that decides, and how it stands: met, or not asked because it is heated again in time. */
function ruleText(stage: CoolingStage, { minutes, depthMm }: CoolingForecast, kitchen: Kitchen): string {
  const { temperature: scale, lengths } = kitchen;
  const { end, usedMinutes, limitMinutes } = stage;
  if (end === 'heated' && usedMinutes !== null)
    return `wrapped then, it has used ${formatMinutes(usedMinutes)} of the rule’s ${formatMinutes(limitMinutes)} by the time it cooks (${ruleOf(stage, scale)})`;
  if (end === 'deep')
    return `in the fridge in time, but ${formatLength(depthMm, lengths, 0)} deep: the rule (${ruleOf(stage, scale)}) asks for shallow containers, at most ${formatLength(SHALLOW_MM - 1, lengths, 0)}`;
  const here =
    usedMinutes === null || usedMinutes < 1 || Math.abs(usedMinutes - (minutes ?? 0)) < 1
      ? ''
      : ` (here ${formatMinutes(usedMinutes)})`;
  return `the rule: ${ruleOf(stage, scale)}${here}`;
}

/** The stage with the least to spare. */
function tightest(stages: readonly CoolingStage[]): CoolingStage | undefined {
  const share = ({ usedMinutes, limitMinutes, ok, end }: CoolingStage): number =>
    end === 'deep' ? 1 : (usedMinutes ?? (ok ? 0 : Infinity)) / limitMinutes;
  return [...stages].sort((a, b) => share(b) - share(a))[0];
}
