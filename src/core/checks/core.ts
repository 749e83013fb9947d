/** Core: hot enough inside. A forecast says when to measure; only the thermometer says that it is safe. */
import { plannedMinutes } from '../document/cooking';
import { FORMS } from '../document/vocabulary/forms';
import { formatNumber } from '../units/amount';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { cautionsFor } from './cautions';
import { crustOf } from './crust';
import { type CoreForecast } from './heat';
import { paleBelow } from './pale-below';
import { potFinding } from './pot-finding';
import { type CheckRule } from './rule';

function judge(accounts: Accounts): Judgement {
  const { batch, kitchen, limit, heat, problem, verdict: read } = accounts;
  const limitText = formatTemperature(limit.c, kitchen.temperature);
  const forecast = heat?.core ?? null;
  const common = {
    ...PLAIN,
    id: 'core' as const,
    unit: 'min',
    why: accounts.isTrial ? [] : reasons(accounts, forecast),
    cautions: accounts.isTrial ? [] : cautionsFor(accounts),
    figure: `${formatNumber(plannedMinutes(batch.cook))} min`,
  };
  if (read.lowestC !== null && limit.kind === 'safety') {
    const lowest = formatTemperature(read.lowestC, kitchen.temperature);
    const measured = { ...common, value: read.lowestC, unit: '°C', band: [limit.c, null] as const, figure: lowest };
    if (read.outcome === 'pass') {
      return {
        ...measured,
        state: 'good',
        headline: 'Core: measured hot enough',
        sentence: `*${lowest}* in the coldest of ${read.count}; ${limitText} needed. ${read.next}`,
      };
    }
    if (read.outcome === 'fail') {
      const more = forecast ? moreMinutes(forecast, read.lowestC) : null;
      const wait = more === null ? '' : ` About ${formatMinutes(Math.max(1, more))} more, by the forecast.`;
      return {
        ...measured,
        state: 'fix',
        headline: 'Core: not hot enough',
        sentence: `*${lowest}* measured; ${limitText} needed. ${read.next}${wait}`,
      };
    }
    return {
      ...measured,
      state: 'watch',
      headline: read.outcome === 'hold' ? 'Core: hold it there' : 'Core: measure more',
      sentence: `*${lowest}* is the lowest of ${read.count}; ${limitText} needed. ${read.next}`,
    };
  }
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
  return {
    ...planned,
    state: 'watch',
    headline: isFilledAfter ? 'Core: time enough; measure the filling' : 'Core: time enough, then measure',
    sentence: isFilledAfter
      ? `${sentence} The filling goes in afterwards: ${limitText} measured in its pan, then fill at once.`
      : `${sentence} ${read.next}`,
  };
}

export const core: CheckRule = { label: 'Core', judge };

/** Minutes on the forecast curve from a temperature to the target; null where the curve does not say. */
function moreMinutes(forecast: CoreForecast, fromC: number): number | null {
  const curve = forecast.leastDone;
  const at = curve.find((sample) => sample.centreC >= fromC);
  return at && forecast.leastDoneMinutes !== null ? Math.max(0, forecast.leastDoneMinutes - at.minute) : null;
}

function reasons({ batch, kitchen, limit }: Accounts, forecast: CoreForecast | null): Reason[] {
  return [
    {
      text: `Needed, because of ${limit.because}`,
      figure: formatTemperature(limit.c, kitchen.temperature),
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
