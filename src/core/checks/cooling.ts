/** Cooling: cold enough to wrap, soon enough to be safe. */
import { type CoolingForecast } from '../cooling/forecast';
import { type CoolingStage } from '../safety/cooling-stages';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { type CheckState, HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { type CheckRule } from './rule';

/** Less than this share of a limit to spare is Watch. */
const SPARE = 0.2;
/** Taken into the fridge in time, it is no longer steaming where it would be ready within so many times the rule's time. House estimate. */
const FRIDGE_WAITS = 1.5;
/** Cold parts that make less of a difference are not mentioned, K. */
const MIXING_WORTH_SAYING_K = 2;

function judge(accounts: Accounts): Judgement {
  const { kitchen, heat, problem, pack } = accounts;
  const common = {
    ...PLAIN,
    id: 'cooling' as const,
    band: [0, null] as const,
    unit: 'min',
  };
  if (accounts.lines.length === 0) {
    return {
      ...common,
      ...nothingIn('Cooling'),
      sentence:
        accounts.batch.school === 'raw'
          ? 'What goes in raw stays in the fridge until it is wrapped; what goes in cooked is worked out here.'
          : 'How it cools is worked out from what goes in.',
    };
  }
  if (!accounts.coolTarget) {
    return {
      ...common,
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
      ...common,
      state: 'watch',
      headline: 'Cooling: not known',
      sentence: `How it cools could not be worked out (${problem}). The rules hold all the same: ${pack.cooling.map((rule) => rule.label).join('; ')}.`,
      figure: '?',
      cautions: [COLD_CAUTION],
    };
  }
  if (!heat) {
    return {
      ...common,
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
      ...common,
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
      : `, ${formatTemperature(mixtureC, kitchen.temperature)} once mixed with what is cold`;
  const wrapReady = `wrap-ready at ${formatTemperature(forecast.targetC, kitchen.temperature)}${mixed}`;
  const judged = { ...common, why: accounts.isTrial ? [] : reasons(forecast, accounts), cautions: [COLD_CAUTION] };
  if (forecast.startC <= forecast.airC) {
    return {
      ...judged,
      state: 'watch',
      headline: 'Cooling: no warmer than the air',
      sentence: `It comes off at *${formatTemperature(forecast.startC, kitchen.temperature)}*, and the air there has ${formatTemperature(forecast.airC, kitchen.temperature)}: one of them is not so.`,
      figure: '–',
    };
  }
  const { stall } = forecast;
  // What is only to be in the cold in time is taken there in time.
  const isOnlyLateForTheFridge = forecast.stages.every(
    (stage, i) => stage.ok || pack.cooling[i].kind === 'refrigerate',
  );
  const soonest = Math.min(...forecast.stages.map((stage) => stage.limitMinutes));
  if (stall?.minutes != null && isOnlyLateForTheFridge && stall.minutes <= FRIDGE_WAITS * soonest) {
    const t = (c: number): string => formatTemperature(c, kitchen.temperature);
    return {
      ...judged,
      state: 'watch',
      headline: 'Cooling: another place for the last stretch',
      sentence: `*${formatMinutes(stall.minutes)}* to ${t(stall.nearC)}; the air here has ${t(stall.airC)} and will not take it to ${t(forecast.targetC)}: the fridge for the last stretch.`,
      figure: formatMinutes(stall.minutes),
      value: stall.minutes,
    };
  }
  if (forecast.minutes === null && forecast.stages.some((stage) => !stage.ok)) {
    return {
      ...judged,
      state: 'fix',
      headline: 'Cooling: too slow',
      sentence: `It does not get ${wrapReady} where it stands, and misses the rule: ${tightest(forecast.stages)?.label ?? ''}.`,
      figure: 'never',
    };
  }
  if (forecast.minutes === null) {
    return {
      ...judged,
      state: 'fix',
      headline: 'Cooling: never cold enough here',
      sentence: `It does not get ${wrapReady} where it stands.`,
      figure: 'never',
    };
  }
  const late = forecast.stages.filter((stage) => !stage.ok);
  const state = coolingState(forecast.stages);
  const limit = tightest(forecast.stages);
  const rule = limit ? `; the rule: ${limit.label}${tookText(limit, forecast.minutes)}` : '';
  return {
    ...judged,
    state,
    headline:
      late.length > 0 ? 'Cooling: too slow' : state === 'watch' ? 'Cooling: just in time' : 'Cooling: in good time',
    sentence: `*${formatMinutes(forecast.minutes)}* until ${wrapReady}${rule}.`,
    figure: forecast.minutes > 10 * 60 ? `${Math.round(forecast.minutes / 60)} h` : formatMinutes(forecast.minutes),
    value: forecast.minutes,
    band: [0, limit ? limit.limitMinutes + (forecast.minutes - (limit.tookMinutes ?? forecast.minutes)) : null],
  };
}

const COLD_CAUTION =
  'Bacteria grow fastest between 5 and 60 °C. If a limit is missed, the authority says to throw the food away. Local codes come first.';

function coolingState(stages: readonly CoolingStage[]): CheckState {
  if (stages.some((stage) => !stage.ok)) return 'fix';
  return stages.some((stage) => (stage.tookMinutes ?? Infinity) > (1 - SPARE) * stage.limitMinutes) ? 'watch' : 'good';
}

/** How long the stage itself takes, where that is not the time just named. */
function tookText({ tookMinutes }: CoolingStage, minutes: number): string {
  if (tookMinutes === null || tookMinutes < 1 || Math.abs(tookMinutes - minutes) < 1) return '';
  return ` (here ${formatMinutes(tookMinutes)})`;
}

/** The stage with the least to spare. */
function tightest(stages: readonly CoolingStage[]): CoolingStage | undefined {
  const share = (stage: CoolingStage): number => (stage.tookMinutes ?? Infinity) / stage.limitMinutes;
  return [...stages].sort((a, b) => share(b) - share(a))[0];
}

export const cooling: CheckRule = { label: 'Cooling', judge };

function reasons(forecast: CoolingForecast, { kitchen, pack }: Accounts): Reason[] {
  return [
    ...forecast.constraints.map(({ c, because }, i) => ({
      text: i === 0 ? `What decides: ${because}` : because,
      figure: formatTemperature(c, kitchen.temperature),
      source: HOUSE,
    })),
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
    ...forecast.stages.map((stage) => ({
      text: stage.label,
      figure: stage.tookMinutes === null ? 'not reached' : formatMinutes(stage.tookMinutes),
      source: pack.authority,
    })),
  ];
}
