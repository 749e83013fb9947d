/** Core: hot enough inside. A forecast says when to measure; only the thermometer says that it is safe. */
import { plannedMinutes } from '../stored/cooking';
import { FORMS } from '../forms';
import { written } from '../safety/threshold';
import { formatNumber } from '../units/amount';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { cautionsFor } from './cautions';
import { crustOf } from './crust';
import { leftOutWords, measured } from './measured';
import { type CoreForecast } from '../forecast/heat';
import { paleBelow } from './pale-below';
import { potFinding } from './pot-finding';
import { type CheckRule } from './rule';

function judge(accounts: Accounts): Judgement {
  const { batch, kitchen, limit, heat, problem } = accounts;
  const limitText = written(limit.at, kitchen.temperature);
  const left = leftOutWords(accounts);
  const forecast = heat?.core ?? null;
  const common = {
    ...PLAIN,
    id: 'core' as const,
    unit: 'min',
    why: accounts.isTrial ? [] : reasons(accounts, forecast),
    cautions: accounts.isTrial ? [] : cautionsFor(accounts),
    figure: `${formatNumber(plannedMinutes(batch.cook))} min`,
  };
  const said = measured(accounts, forecast);
  if (said !== null) return { ...common, ...said };
  if (accounts.lines.length === 0) {
    return {
      ...common,
      ...nothingIn('Core'),
      sentence: 'The time depends on the filling.',
    };
  }
  if (!forecast && problem !== null) {
    return {
      ...common,
      state: 'watch',
      headline: 'Core: not known',
      sentence: `The time could not be worked out (${problem}). Measure: *${limitText}* ${limit.kind === 'safety' ? 'in the middle' : 'in the dough'}.`,
    };
  }
  if (!forecast) {
    return {
      ...common,
      state: 'watch',
      headline: 'Core: working it out',
      sentence: 'Working out how it heats …',
      pending: true,
    };
  }
  // A bun that is filled afterwards is cooked alone; its filling is measured where it is cooked.
  const isFilledAfter = FORMS[batch.wrap.form].isFilledAfter;
  const where =
    limit.kind === 'safety' && !isFilledAfter
      ? `${limitText} in the middle`
      : `dough cooked through (${formatTemperature(forecast.targetC, kitchen.temperature)})`;
  if (forecast.minutes === null || forecast.leastDoneMinutes === null) {
    return {
      ...common,
      state: 'fix',
      headline: 'Core: does not get there',
      sentence: `At this heat there is no ${where} within three hours.`,
    };
  }
  const average = formatMinutes(forecast.minutes);
  const least = formatMinutes(Math.ceil(forecast.leastDoneMinutes));
  const crust = crustOf(batch, forecast) ?? undefined;
  const planned = {
    ...common,
    ...(crust ? { crust } : {}),
    ...(forecast.pot ? { pot: forecast.pot } : {}),
    value: plannedMinutes(batch.cook),
    band: [forecast.leastDoneMinutes, null] as const,
  };
  const sentence = `${where[0].toUpperCase()}${where.slice(1)} after about *${average}*, ${least} in the least-done; planned ${formatNumber(plannedMinutes(batch.cook))} min.`;
  const burntAt = crust?.burntAt ?? null;
  const inPot = forecast.pot && potFinding(forecast.pot, batch.cook.flame, kitchen.temperature);
  if (inPot) return { ...planned, ...inPot };
  if (burntAt !== null && burntAt < forecast.leastDoneMinutes) {
    return {
      ...planned,
      state: 'fix',
      headline: 'Core: too brown before it is hot',
      sentence: `Too brown after about *${formatMinutes(Math.round(burntAt))}* (house estimate); ${where} only after ${least} in the least-done.`,
    };
  }
  if (plannedMinutes(batch.cook) < forecast.leastDoneMinutes) {
    const short = plannedMinutes(batch.cook) < forecast.minutes;
    return {
      ...planned,
      state: short ? 'fix' : 'watch',
      headline: short ? 'Core: time too short' : 'Core: short for the last',
      sentence,
    };
  }
  if (burntAt !== null && burntAt < plannedMinutes(batch.cook)) {
    return {
      ...planned,
      state: 'watch',
      headline: 'Core: too brown by then',
      sentence: `Too brown after about *${formatMinutes(Math.round(burntAt))}* (house estimate); ${where} after ${least} in the least-done; planned ${formatNumber(plannedMinutes(batch.cook))} min.`,
    };
  }
  const pale = paleBelow(batch, forecast, kitchen.temperature);
  if (pale !== null) return { ...planned, ...pale };
  if (limit.kind === 'doneness') return { ...planned, state: 'good', headline: 'Core: cooked through', sentence };
  const needed = batch.count < 3 ? 'every one' : '3 of them, the thickest first';
  return {
    ...planned,
    state: 'watch',
    headline: isFilledAfter ? 'Core: time enough; measure the filling' : 'Core: time enough, then measure',
    sentence: isFilledAfter
      ? `${sentence} The filling goes in afterwards: ${limitText} measured in its pan, then fill at once.`
      : `${sentence} ${left === '' ? `Then measure ${needed}.` : left}`,
  };
}

export const core: CheckRule = { label: 'Core', judge };

function reasons({ batch, kitchen, limit, cooked }: Accounts, forecast: CoreForecast | null): Reason[] {
  return [
    ...cooked
      .flatMap(({ left }) => left)
      .map(({ reading, why }) => ({
        text: `A reading that does not count. ${why}`,
        figure: formatTemperature(reading.c, kitchen.temperature),
      })),
    {
      text: `Needed, because of ${limit.because}`,
      figure: written(limit.at, kitchen.temperature),
      source: limit.authority,
    },
    ...(limit.holdMinutes > 0
      ? [{ text: 'held for', figure: formatMinutes(limit.holdMinutes), source: limit.authority }]
      : []),
    { text: 'Starts at', figure: formatTemperature(batch.cook.startC, kitchen.temperature) },
    ...(forecast
      ? [
          { text: 'Surroundings', figure: formatTemperature(forecast.mediumC, kitchen.temperature) },
          ...(forecast.hasFaces
            ? []
            : [
                {
                  text: 'Round: one surface coefficient, the mean of what is above and below by their share of the surface',
                  source: HOUSE,
                },
              ]),
          {
            text: 'Conduction through wrapper and filling',
            source: 'Choi & Okos 1986; surface coefficients are house estimates',
          },
          {
            text: `The least-done of ${batch.count} holds ${formatNumber(100 * forecast.differs.fullerShare, 0)} % more, starts ${formatNumber(forecast.differs.colderK, 1)} °C colder, in a place ${formatNumber(forecast.differs.coolerK, 0)} °C cooler: in 95 of 100 batches all are there when it is`,
            source: FROM[forecast.differs.from],
          },
        ]
      : []),
    { text: 'A forecast never makes a batch safe; a thermometer reading does.' },
  ];
}

const FROM = {
  estimate: HOUSE,
  weighed: 'portions from the parcels weighed; start and place house estimates',
  kitchen: 'portions as in your kitchen; start and place house estimates',
} as const;
