/** Cooling: cold enough to wrap, soon enough to be safe. */
import { formatMinutes, formatTemperature } from '../../units/format';
import { type Check, type CheckState, type Fix, HOUSE, type Reason } from '../check';
import { type CoolingForecast } from '../cooling';
import { type HeatForecast } from '../heat';
import { type Kitchen } from '../kitchen';
import { type Outline } from '../outline';
import { type CoolingStage } from '../../safety/cooling-stages';

interface Context {
  kitchen: Kitchen;
  outline: Outline;
  heat: HeatForecast | null;
  /** Why there is no forecast and will be none. */
  problem: string | null;
}

/** Less than this share of a limit to spare is Watch. */
const SPARE = 0.2;
const MOST_FIXES = 3;

/** The cooling check. */
export function checkCooling({ kitchen, outline, heat, problem }: Context): Check {
  const common = {
    id: 'cooling' as const,
    value: null,
    band: [0, null] as const,
    unit: 'min',
    fixes: [],
    why: [],
    cautions: [],
    pending: false,
  };
  if (!outline.coolTarget) {
    return {
      ...common,
      state: 'good',
      headline: 'Cooling: nothing hot goes in',
      sentence: outline.goesInRaw
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
      sentence: `How it cools could not be worked out (${problem}). The rules hold all the same: ${outline.pack.cooling.map((rule) => rule.label).join('; ')}.`,
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
  const wrapReady = `wrap-ready at ${formatTemperature(forecast.targetC, kitchen.temperature)}`;
  const judged = { ...common, why: reasons(forecast, outline, kitchen), cautions: [COLD_CAUTION] };
  if (forecast.startC <= forecast.airC) {
    return {
      ...judged,
      state: 'watch',
      headline: 'Cooling: no warmer than the air',
      sentence: `It comes off at *${formatTemperature(forecast.startC, kitchen.temperature)}*, and the air there has ${formatTemperature(forecast.airC, kitchen.temperature)}: one of them is not so.`,
      figure: '–',
    };
  }
  if (forecast.minutes === null) {
    return {
      ...judged,
      state: 'fix',
      headline: 'Cooling: never cold enough here',
      sentence: `It does not get ${wrapReady} where it stands.`,
      figure: 'never',
      fixes: fixes(forecast),
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
    fixes: state === 'good' ? [] : fixes(forecast),
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

function fixes(forecast: CoolingForecast): Fix[] {
  const now = forecast.minutes === null ? 'never' : formatMinutes(forecast.minutes);
  return forecast.alternatives
    .flatMap((way) => {
      if (way.minutes === null || way.minutes > (forecast.minutes ?? Infinity) * 0.95) return [];
      return [
        {
          id: `cool-${way.id}`,
          label: way.label,
          effect: `${now} → ${formatMinutes(way.minutes)}`,
          change: way.change,
          promise: way.minutes,
        },
      ];
    })
    .slice(0, MOST_FIXES);
}

function reasons(forecast: CoolingForecast, outline: Outline, kitchen: Kitchen): Reason[] {
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
      source: outline.pack.authority,
    })),
  ];
}
