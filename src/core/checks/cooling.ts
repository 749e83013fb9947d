/** Cooling: cold enough to wrap, soon enough to be safe. */
import { type CoolingForecast } from '../cooling/forecast';
import { adviceOf, warmRange, wordsOfRule } from '../cooling/rule-words';
import { DANGER } from '../safety/exposure';
import { warmMinutes } from '../safety/cooled';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { HOUSE, type Judgement, PLAIN, type Reason } from './check';
import { BEFORE_FORECAST, HAPPENED, OF_FORECAST } from './cooling-findings';
import { firstOf, type Verdict } from './finding';
import { type CheckRule } from './rule';
import { standingOut } from './standing-out';

function judge(accounts: Accounts): Judgement {
  const common = {
    ...PLAIN,
    id: 'cooling' as const,
    band: [0, null] as const,
    unit: 'min',
    cautions: [],
    figure: '–',
  };
  const happened = firstOf(HAPPENED, accounts);
  if (happened !== null)
    return { ...common, cautions: happened.isEmpty ? [] : [coldCaution(accounts.kitchen)], ...happened };
  const cautions = [coldCaution(accounts.kitchen)];
  const verdict = firstOf(BEFORE_FORECAST, accounts) ?? ofForecast(accounts);
  return standingOut(accounts, { ...common, cautions, ...verdict });
}

/** What is said of the forecast, with the arithmetic behind it. */
function ofForecast(accounts: Accounts): Verdict {
  const forecast = accounts.heat?.cooling;
  if (!forecast) throw new Error('Cooling: no rule applies');
  const ready = forecast.stall?.minutes ?? forecast.minutes;
  const warm = accounts.perishable.counts
    ? warmMinutes({ track: forecast.track, heatedAtMinute: ready === null ? null : ready + forecast.thenMinutes })
    : 0;
  const verdict = firstOf(OF_FORECAST, { accounts, forecast, warm });
  if (verdict === null) throw new Error('Cooling: no rule applies');
  return { why: accounts.isTrial ? [] : reasons(forecast, warm, accounts), ...verdict };
}

const coldCaution = ({ temperature }: Accounts['kitchen']): string =>
  `Bacteria grow fastest between ${formatTemperature(DANGER.fromC, temperature)} and ${formatTemperature(DANGER.toC, temperature)}. If a limit is missed, the authority says to throw the food away. Local codes come first.`;

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
      source: 'Choi & Okos 1986; Lewis relation; coefficients are our estimates',
    },
    ...(forecast.isCoarse
      ? [
          {
            text: 'With this many stirs the forecast is simplified: after two dozen stirs every second one, then fewer, in coarser steps',
            source: HOUSE,
          },
        ]
      : []),
    { text: 'Water lost as steam on the way', figure: `${Math.round(forecast.evaporatedG)} g` },
    ...forecast.stages.map(({ rule, limitMinutes, tookMinutes, usedMinutes, end }) => ({
      text: wordsOfRule(rule, kitchen.temperature, limitMinutes),
      figure:
        end === 'heated' && usedMinutes !== null
          ? `heated again after ${formatMinutes(usedMinutes)}`
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
