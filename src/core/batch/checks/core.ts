/** Core: hot enough inside. A forecast says when to measure; only the thermometer says that it is safe. */
import { verdict, type Verdict } from '../../safety/verdict';
import { formatMinutes, formatTemperature } from '../../units/format';
import { formatNumber } from '../../units/amount';
import { type Check, type Fix, HOUSE, type Reason } from '../check';
import { type CoreForecast, type HeatForecast } from '../heat';
import { type Kitchen } from '../kitchen';
import { type Outline } from '../outline';
import { type Batch } from '../schema';

interface Context {
  batch: Batch;
  kitchen: Kitchen;
  outline: Outline;
  heat: HeatForecast | null;
  /** Why there is no forecast and will be none. */
  problem: string | null;
}

/** The verdict on a batch's readings. */
export const readingsVerdict = ({ batch, outline }: Pick<Context, 'batch' | 'outline'>): Verdict =>
  verdict(batch.cook.readings, outline.limit, batch.count, outline.limit.kind === 'safety' ? outline.pack.atOnceC : 0);

/** The core check. */
export function checkCore(context: Context): Check {
  const { batch, kitchen, outline, heat, problem } = context;
  const { limit } = outline;
  const read = readingsVerdict(context);
  const limitText = formatTemperature(limit.c, kitchen.temperature);
  const forecast = heat?.core ?? null;
  const common = {
    id: 'core' as const,
    unit: 'min',
    value: null,
    band: [null, null] as const,
    fixes: [] as Fix[],
    why: reasons(context, forecast),
    cautions: cautions(outline),
    pending: false,
    figure: `${formatNumber(batch.cook.minutes)} min`,
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
      headline: 'Core: measure more',
      sentence: `*${lowest}* is the lowest of ${read.count}; ${limitText} needed. ${read.next}`,
    };
  }
  if (outline.lines.length === 0) {
    return {
      ...common,
      state: 'watch',
      headline: 'Core: nothing in it yet',
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
  const where = limit.kind === 'safety' ? `${limitText} in the middle` : `dough cooked through (${limitText})`;
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
  const planned = { ...common, value: batch.cook.minutes, band: [forecast.leastDoneMinutes, null] as const };
  const sentence = `${where[0].toUpperCase()}${where.slice(1)} after about *${average}*, ${least} in the least-done; planned ${formatNumber(batch.cook.minutes)} min.`;
  if (batch.cook.minutes < forecast.leastDoneMinutes) {
    const short = batch.cook.minutes < forecast.minutes;
    return {
      ...planned,
      state: short ? 'fix' : 'watch',
      headline: short ? 'Core: time too short' : 'Core: short for the fullest',
      sentence,
      fixes: [longer(batch, forecast.leastDoneMinutes + limit.holdMinutes)],
    };
  }
  if (limit.kind === 'doneness') return { ...planned, state: 'good', headline: 'Core: cooked through', sentence };
  return {
    ...planned,
    state: 'watch',
    headline: 'Core: time enough, then measure',
    sentence: `${sentence} ${read.next}`,
  };
}

function longer(batch: Batch, needed: number): Fix {
  const minutes = Math.ceil(needed);
  const verb = { steam: 'Steam', boil: 'Boil', bake: 'Bake' }[batch.cook.method];
  return {
    id: 'longer',
    label: `${verb} ${minutes} min instead of ${formatNumber(batch.cook.minutes)}`,
    effect: `${formatNumber(batch.cook.minutes)} → ${minutes} min`,
    change: [{ do: 'setCook', to: { minutes } }],
    promise: minutes,
  };
}

/** Minutes on the forecast curve from a temperature to the target; null where the curve does not say. */
function moreMinutes(forecast: CoreForecast, fromC: number): number | null {
  const curve = forecast.leastDone;
  const at = curve.find((sample) => sample.centreC >= fromC);
  return at && forecast.leastDoneMinutes !== null ? Math.max(0, forecast.leastDoneMinutes - at.minute) : null;
}

function cautions(outline: Outline): string[] {
  const list = ['Lift the lid away from you: steam burns.'];
  if (outline.limit.kind === 'safety') {
    list.unshift(
      'Colour and time do not show that the middle is hot: measure at least three, the thickest first. Local codes come first.',
    );
  } else {
    list.unshift('Raw flour can carry germs: do not taste raw dough.');
  }
  return list;
}

function reasons({ batch, kitchen, outline }: Context, forecast: CoreForecast | null): Reason[] {
  const { limit } = outline;
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
          {
            text: 'Conduction through wrapper and filling',
            source: 'Choi & Okos 1986; surface coefficients are house estimates',
          },
          { text: 'The least-done parcel holds 15 % more and starts 2 °C colder', source: HOUSE },
        ]
      : []),
    { text: 'A forecast never makes a batch safe; a thermometer reading does.' },
  ];
}
