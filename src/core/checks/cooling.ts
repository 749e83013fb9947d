/** Cooling: cold enough to wrap, soon enough to be safe. */
import { coolingClock } from '../cooling/clock';
import { type CoolingForecast } from '../cooling/forecast';
import { adviceOf, warmRange, wordsOfRule } from '../cooling/rule-words';
import { isThrownAway, unanswered } from '../stored/runs';
import { type CoolingStage, type SafetyState, warmMinutes, warmState } from '../safety/cooled';
import { SHALLOW_MM, WARM_RULE } from '../safety/packs';
import { DANGER } from '../safety/exposure';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { type CheckState, HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { type CheckRule } from './rule';
import { standingOut } from './standing-out';

/** Less than this share of a limit to spare is Watch. */
const SPARE = 0.2;
/** Taken into the fridge in time, it is no longer steaming where it would be ready within so many times the rule's time. House estimate. */
const FRIDGE_WAITS = 1.5;
/** Cold parts that make less of a difference are not mentioned, K. */
const MIXING_WORTH_SAYING_K = 2;

const COMMON = {
  ...PLAIN,
  id: 'cooling' as const,
  band: [0, null] as const,
  unit: 'min',
};

function judge(accounts: Accounts): Judgement {
  if (accounts.lines.length === 0) {
    return {
      ...COMMON,
      ...nothingIn('Cooling'),
      sentence:
        accounts.batch.school === 'raw'
          ? 'What goes in raw stays in the fridge until it is wrapped; what goes in cooked is worked out here.'
          : 'How it cools is worked out from what goes in.',
    };
  }
  return missedOf(accounts) ?? standingOut(accounts, ofPlan(accounts));
}

/** A limit that was missed stays missed until it is said what was done; what was thrown away is not cooled. */
function missedOf({ batch, kitchen }: Accounts): Judgement | null {
  const { cool } = batch;
  const base = { ...COMMON, state: 'fix' as const, isPast: true, cautions: [coldCaution(kitchen)] };
  if (isThrownAway(cool))
    return {
      ...base,
      headline: 'Cooling: thrown away',
      sentence: 'It stood too long and was thrown away. Begin it again: nothing of it is eaten.',
      figure: 'out',
    };
  const [missed] = unanswered(cool);
  if (missed === undefined) return null;
  return {
    ...base,
    headline: 'Cooling: limit missed',
    sentence: `It missed the limit (${wordsOfRule(missed.rule, kitchen.temperature)}), and nobody has said what was done. Say it at Cool.`,
    figure: 'late',
  };
}

/** Cold enough to wrap, and soon enough, by the plan and its readings. */
function ofPlan(accounts: Accounts): Judgement {
  const { kitchen, heat, problem, pack } = accounts;
  const rules = accounts.perishable.counts ? pack.cooling : [];
  const t = (c: number): string => formatTemperature(c, kitchen.temperature);
  if (!accounts.coolTarget) {
    return {
      ...COMMON,
      state: 'good',
      headline: accounts.coolsAtOnce ? 'Cooling: no need to wait' : 'Cooling: nothing hot goes in',
      sentence: accounts.coolsAtOnce
        ? `So little of it is hot that what comes out of the fridge cools it: mixed, it is cold enough to wrap.`
        : accounts.goesInRaw
          ? 'Keep the raw filling in the fridge until you wrap it.'
          : 'There is nothing to wait for.',
      figure: 'none',
    };
  }
  if (!heat && problem !== null) {
    return {
      ...COMMON,
      state: 'watch',
      headline: 'Cooling: not known',
      sentence: `How it cools could not be worked out (${problem}). The rules hold all the same: ${rules.map((rule) => wordsOfRule(rule.id, kitchen.temperature)).join('; ')}.`,
      figure: '?',
      cautions: [coldCaution(kitchen)],
    };
  }
  if (!heat) {
    return {
      ...COMMON,
      state: 'watch',
      headline: 'Cooling: working it out',
      sentence: 'Working out how it cools …',
      figure: '…',
      pending: true,
    };
  }
  const forecast = heat.cooling;
  if (!forecast) {
    return {
      ...COMMON,
      state: 'watch',
      headline: 'Cooling: nothing in it yet',
      sentence: 'Add what is cooked first.',
      figure: '–',
    };
  }
  const { mixtureC } = forecast.constraints[0];
  const mixed =
    mixtureC === undefined || forecast.targetC < mixtureC + MIXING_WORTH_SAYING_K
      ? ''
      : `, ${t(mixtureC)} once mixed with what is cold`;
  const wrapReady = `wrap-ready at ${t(forecast.targetC)}${mixed}`;
  const ready = forecast.stall?.minutes ?? forecast.minutes;
  const warm = accounts.perishable.counts
    ? warmMinutes({ track: forecast.track, heatedAtMinute: ready === null ? null : ready + forecast.thenMinutes })
    : 0;
  const judged = {
    ...COMMON,
    why: accounts.isTrial ? [] : reasons(forecast, warm, accounts),
    cautions: [coldCaution(kitchen)],
  };
  if (forecast.startC <= forecast.airC) {
    return {
      ...judged,
      state: 'watch',
      headline: 'Cooling: no warmer than the air',
      sentence: `It comes off at *${t(forecast.startC)}*, but the air is ${t(forecast.airC)}. Check both numbers.`,
      figure: '–',
    };
  }
  const onClock = runningOf(accounts, forecast);
  if (onClock) return { ...judged, ...onClock };
  const { stall, stages } = forecast;
  // What is only to be in the cold in time is taken there in time.
  const isOnlyLateForTheFridge = stages.every((stage, i) => stage.ok || rules[i].kind === 'refrigerate');
  const soonest = Math.min(...stages.map((stage) => stage.limitMinutes));
  if (stall?.minutes != null && isOnlyLateForTheFridge && stall.minutes <= FRIDGE_WAITS * soonest) {
    return {
      ...judged,
      state: 'watch',
      headline: 'Cooling: another place for the last stretch',
      sentence: `*${formatMinutes(stall.minutes)}* to ${t(stall.nearC)}; it can't cool to ${t(forecast.targetC)} in ${t(stall.airC)} air. Finish in the fridge.`,
      figure: formatMinutes(stall.minutes),
      value: stall.minutes,
    };
  }
  if (forecast.minutes === null) {
    const late = stages.some((stage) => !stage.ok) ? tightest(stages) : undefined;
    return {
      ...judged,
      state: 'fix',
      headline: late ? 'Cooling: too slow' : 'Cooling: never cold enough here',
      sentence: `It won't get ${wrapReady} here${late ? `, and it breaks the rule: ${ruleOf(late, kitchen.temperature)}` : ''}.`,
      figure: 'never',
    };
  }
  const state = worse(coolingState(stages), warmState(warm));
  const limit = tightest(stages);
  const isDeep = stages.some(({ end }) => end === 'deep');
  return {
    ...judged,
    state,
    headline: headlineOf(state, stages, isDeep),
    sentence: `*${formatMinutes(forecast.minutes)}* until ${wrapReady}${limit ? `; ${ruleText(limit, forecast, kitchen.temperature)}` : ''}.${warmState(warm) === 'good' || isLate(stages) ? '' : ` Its middle is between ${warmRange(kitchen.temperature)} for ${formatMinutes(warm)}: more than 2 h is too long.`}`,
    figure: forecast.minutes > 10 * 60 ? `${Math.round(forecast.minutes / 60)} h` : formatMinutes(forecast.minutes),
    value: forecast.minutes,
    band: [0, limit ? limit.limitMinutes + (forecast.minutes - (limit.usedMinutes ?? forecast.minutes)) : null],
  };
}

/** What a clock that runs says by now: missed, or to be measured; null where it says nothing of the kind. */
function runningOf(
  { batch, kitchen, now }: Accounts,
  forecast: CoolingForecast,
): Pick<Judgement, 'state' | 'headline' | 'sentence' | 'figure' | 'value' | 'isPast'> | null {
  const clock = now === null ? null : coolingClock(batch, forecast, now);
  if (clock === null) return null;
  const [missed] = clock.missed;
  const words = (rule: string, limitMinutes: number): string => wordsOfRule(rule, kitchen.temperature, limitMinutes);
  if (missed)
    return {
      state: 'fix',
      isPast: true,
      headline: 'Cooling: limit missed',
      sentence:
        missed.rule === WARM_RULE.id
          ? missed.advice
          : `*${formatMinutes(-missed.inMinutes)}* past the limit: ${words(missed.rule, missed.limitMinutes)}. ${missed.advice}`,
      figure: 'late',
      value: null,
    };
  const over = clock.deadlines.find(({ state }) => state === 'over');
  if (over)
    return {
      state: 'watch',
      headline: 'Cooling: measure it now',
      sentence: `The time is up (${words(over.rule, over.limitMinutes)}) and nobody has measured it. By the forecast it was cold enough.`,
      figure: 'now',
      value: null,
    };
  return null;
}

const coldCaution = ({ temperature }: Accounts['kitchen']): string =>
  `Bacteria grow fastest between ${formatTemperature(DANGER.fromC, temperature)} and ${formatTemperature(DANGER.toC, temperature)}. If a limit is missed, the authority says to throw the food away. Local codes come first.`;

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

function headlineOf(state: CheckState, stages: readonly CoolingStage[], isDeep: boolean): string {
  if (isLate(stages)) return 'Cooling: too slow';
  if (state === 'fix') return 'Cooling: warm for too long';
  if (isDeep) return 'Cooling: too deep';
  return state === 'watch' ? 'Cooling: just in time' : 'Cooling: in good time';
}

const ruleOf = ({ rule, limitMinutes }: CoolingStage, scale: 'C' | 'F'): string =>
  wordsOfRule(rule, scale, limitMinutes);

/** The rule that decides, and how it stands: met, or not asked because it is heated again in time. */
function ruleText(stage: CoolingStage, { minutes, depthMm }: CoolingForecast, scale: 'C' | 'F'): string {
  const { end, usedMinutes, limitMinutes } = stage;
  if (end === 'heated' && usedMinutes !== null)
    return `wrapped then, it goes into the heat with ${formatMinutes(usedMinutes)} of the rule’s ${formatMinutes(limitMinutes)} used (${ruleOf(stage, scale)})`;
  if (end === 'deep')
    return `in the fridge in time, but ${Math.round(depthMm)} mm deep: the rule (${ruleOf(stage, scale)}) asks for shallow containers, at most ${SHALLOW_MM - 1} mm`;
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

export const cooling: CheckRule = { label: 'Cooling', judge };

function reasons(forecast: CoolingForecast, warm: number, { kitchen, pack, perishable }: Accounts): Reason[] {
  return [
    ...forecast.constraints.map(({ c, because }, i) => ({
      text: i === 0 ? `What decides: ${because}` : because,
      figure: formatTemperature(c, kitchen.temperature),
      source: HOUSE,
    })),
    { text: perishable.why, source: HOUSE },
    { text: 'Hot filling', figure: `${Math.round(forecast.massG)} g` },
    {
      text: 'Conduction through its depth, with air, steam and what it stands on',
      source: 'Choi & Okos 1986; Lewis relation; coefficients are house estimates',
    },
    ...(forecast.isCoarse
      ? [
          {
            text: 'So many stirs and moves are worked out only in part: after two dozen stirs every second one, then fewer, in coarser steps',
            source: HOUSE,
          },
        ]
      : []),
    { text: 'Water lost as steam on the way', figure: `${Math.round(forecast.evaporatedG)} g` },
    ...forecast.stages.map(({ rule, limitMinutes, tookMinutes, usedMinutes, end }) => ({
      text: wordsOfRule(rule, kitchen.temperature, limitMinutes),
      figure:
        end === 'heated' && usedMinutes !== null
          ? `in the heat again after ${formatMinutes(usedMinutes)}`
          : tookMinutes === null
            ? 'not reached'
            : formatMinutes(tookMinutes),
      source: adviceOf(rule).authority,
    })),
    {
      text: `Between ${warmRange(kitchen.temperature)} in the warmest place, whatever the rule: more than 2 h is Watch, more than 4 h is Fix`,
      figure: formatMinutes(warm),
      source: HOUSE,
    },
  ];
}
