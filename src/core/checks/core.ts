/** Core: hot enough inside. A forecast says when to measure; only the thermometer says that it is safe. */
import { plannedMinutes } from '../stored/cooking';
import { written } from '../safety/threshold';
import { formatNumber } from '../units/amount';
import { formatDifference, formatMinutes, formatTemperature, inScale } from '../units/format';
import { type Accounts } from './account';
import { HOUSE, type Judgement, PLAIN, type Reason } from './check';
import { cautionsFor } from './cautions';
import { BEFORE_FORECAST, neverThere, OF_FORECAST, reachedOf, seenOf } from './core-findings';
import { crustOf } from './crust';
import { firstOf, type Verdict } from './finding';
import { type CoreForecast } from '../forecast/heat';
import { type CheckRule } from './rule';

function judge(accounts: Accounts): Judgement {
  const forecast = accounts.heat?.core ?? null;
  const common = {
    ...PLAIN,
    id: 'core' as const,
    unit: 'min',
    why: accounts.isTrial ? [] : reasons(accounts, forecast),
    cautions: accounts.isTrial ? [] : cautionsFor(accounts),
    figure: `${formatNumber(plannedMinutes(accounts.batch.cook))} min`,
  };
  const verdict = firstOf(BEFORE_FORECAST, accounts) ?? (forecast && ofForecast(accounts, forecast));
  if (verdict === null) throw new Error('Core: no rule applies');
  return { ...common, ...verdict };
}

/** What is said of the plan, with its time and the band beside it. */
function ofForecast(accounts: Accounts, forecast: CoreForecast): Verdict {
  const seen = seenOf(accounts, forecast);
  const reached = reachedOf(seen);
  const verdict = reached && firstOf(OF_FORECAST, reached);
  if (verdict === null) return neverThere(seen);
  return {
    crust: crustOf(accounts.batch, forecast) ?? undefined,
    pot: forecast.pot ?? undefined,
    value: seen.planned,
    band: [forecast.leastDoneMinutes, null],
    ...verdict,
  };
}

export const core: CheckRule = { label: 'Core', judge };

function reasons({ batch, kitchen, limit, cooked }: Accounts, forecast: CoreForecast | null): Reason[] {
  return [
    ...cooked
      .flatMap(({ left }) => left)
      .map(({ reading, why }) => ({
        text: `One reading doesn’t count. ${why}`,
        figure: formatTemperature(reading.c, kitchen.temperature),
      })),
    {
      text: `Needed, because of ${limit.because}`,
      figure: written(limit.at, kitchen.temperature),
      source: inScale(limit.authority, kitchen.temperature),
    },
    ...(limit.holdMinutes > 0
      ? [
          {
            text: 'held for',
            figure: formatMinutes(limit.holdMinutes),
            source: inScale(limit.authority, kitchen.temperature),
          },
        ]
      : []),
    { text: 'Starts at', figure: formatTemperature(batch.cook.startC, kitchen.temperature) },
    ...(forecast
      ? [
          { text: 'Surroundings', figure: formatTemperature(forecast.mediumC, kitchen.temperature) },
          ...(forecast.hasFaces
            ? []
            : [
                {
                  text: 'Round: one surface coefficient, the mean of above and below by their share of the surface',
                  source: HOUSE,
                },
              ]),
          {
            text: 'Conduction through wrapper and filling',
            source: 'Choi & Okos 1986; surface coefficients are our estimates',
          },
          {
            text: `The slowest of ${batch.count} holds ${formatNumber(100 * forecast.differs.fullerShare, 0)} % more, starts ${formatDifference(forecast.differs.colderK, kitchen.temperature, 1)} colder, in a place ${formatDifference(forecast.differs.coolerK, kitchen.temperature)} cooler: in 95 of 100 batches all are hot when it is`,
            source: FROM[forecast.differs.from],
          },
        ]
      : []),
    { text: 'A forecast never makes a batch safe; a thermometer reading does.' },
  ];
}

const FROM = {
  estimate: HOUSE,
  weighed: 'portions from the pieces weighed; the rest is our estimate',
  kitchen: 'portions as in your kitchen; the rest is our estimate',
} as const;
