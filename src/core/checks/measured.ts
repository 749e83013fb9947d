/** Core as it was measured, load by load: what the thermometer says, and what to do now. */
import { formatMinutes, formatTemperature } from '../units/format';
import { type LoadVerdict, nextWords } from '../safety/loads';
import { written } from '../safety/threshold';
import { type Accounts } from './account';
import { type Judgement } from './check';
import { type CoreForecast } from '../forecast/heat';

type Said = Pick<Judgement, 'state' | 'headline' | 'sentence' | 'value' | 'unit' | 'band' | 'figure'> & {
  pending?: boolean;
};

/** What the readings that count say of all loads; null where none counts, or where no authority asks for one. */
export function measured(accounts: Accounts, forecast: CoreForecast | null): Said | null {
  const { kitchen, limit, verdict, heat, problem } = accounts;
  const scale = kitchen.temperature;
  const seen = verdict.loads.filter(({ lowestC }) => lowestC !== null);
  if (limit.kind !== 'safety') return null;
  if (seen.length === 0) return unmeasured(accounts);
  const lowestOf = ({ lowestC }: LoadVerdict): string => formatTemperature(lowestC ?? 0, scale);
  const needed = `${written(limit.at, scale)} needed`;
  const lowest = seen.reduce((low, load) => ((load.lowestC ?? 0) < (low.lowestC ?? 0) ? load : low));
  const base = { value: lowest.lowestC, unit: '°C', band: [limit.c, null] as const, figure: lowestOf(lowest) };
  const isOne = verdict.loads.length === 1 && verdict.toCome === 0;
  const name = ({ load }: LoadVerdict): string => (isOne ? '' : `Load ${load}: `);
  const failed = verdict.loads.find(({ state }) => state === 'fix');
  if (failed) {
    const more = forecast && failed.lowestC !== null ? moreMinutes(forecast, failed.lowestC) : null;
    const wait = more === null ? '' : ` About ${formatMinutes(Math.max(1, more))} more, by the forecast.`;
    const which = isOne ? '' : `Load ${failed.load} `;
    return {
      ...base,
      figure: lowestOf(failed),
      value: failed.lowestC,
      state: 'fix',
      headline: isOne ? 'Core: not hot enough' : `Core: load ${failed.load} not hot enough`,
      sentence: failed.isOut
        ? `${which === '' ? 'It' : which.trim()} came out at *${lowestOf(failed)}*; ${needed}. ${nextWords(failed, limit, scale)}${wait}`
        : `${name(failed)}*${lowestOf(failed)}* measured; ${needed}. ${nextWords(failed, limit, scale)}${wait}`,
    };
  }
  if (verdict.state === 'good') {
    if (heat === null && problem === null)
      return {
        ...base,
        state: 'watch',
        headline: 'Core: looking at the readings',
        sentence: `*${lowestOf(lowest)}* measured; checking whether the middle can be that hot …`,
        pending: true,
      };
    const count = verdict.loads.reduce((sum, load) => sum + load.count, 0);
    const loads = verdict.loads.length > 1 ? `, all ${verdict.loads.length} loads measured` : '';
    return {
      ...base,
      state: 'good',
      headline: 'Core: measured hot enough',
      sentence: `*${lowestOf(lowest)}* in the coldest of ${count}${loads}; ${needed}. ${nextWords(lowest, limit, scale)}`,
    };
  }
  const open = verdict.loads.find(({ state }) => state === 'watch');
  if (open && open.lowestC !== null)
    return {
      ...base,
      state: 'watch',
      headline: open.outcome === 'hold' ? 'Core: hold it there' : 'Core: measure more',
      sentence: `${name(open)}*${lowestOf(open)}* is the lowest of ${open.count}; ${needed}. ${nextWords(open, limit, scale)}`,
    };
  if (open)
    return {
      ...base,
      state: 'watch',
      headline: `Core: load ${open.load} not measured`,
      sentence: `Load ${open.load} was cooked but not measured. ${nextWords(open, limit, scale)}`,
    };
  const done = verdict.loads.map(({ load }) => load);
  return {
    ...base,
    state: 'watch',
    headline: 'Core: more to cook',
    sentence: `${done.length === 1 ? `Load ${done[0]} is` : `Loads ${done.join(', ')} are`} measured hot enough (*${lowestOf(lowest)}*); ${verdict.toCome} more to cook. Each load is measured.`,
  };
}

/** Taken out of the heat, and no reading of it counts: no plan says any more what it is. */
function unmeasured({ verdict, limit, kitchen, cooked }: Accounts): Said | null {
  const out = verdict.loads.find(({ isOut }) => isOut);
  if (out === undefined) return null;
  const { left = [] } = cooked.find(({ load }) => load === out.load) ?? {};
  const last = left[left.length - 1];
  const which = verdict.loads.length === 1 && verdict.toCome === 0 ? 'It' : `Load ${out.load}`;
  return {
    state: 'watch',
    headline: which === 'It' ? 'Core: not measured' : `Core: load ${out.load} not measured`,
    sentence: `${which} came out and no reading of it counts; ${written(limit.at, kitchen.temperature)} needed.${last === undefined ? '' : ` ${last.why}`} ${nextWords(out, limit, kitchen.temperature)} If it has cooled, heat it again first.`,
    value: null,
    unit: '°C',
    band: [limit.c, null],
    figure: 'not measured',
  };
}

/** Minutes on the forecast curve from a temperature to the target; null where the curve does not say. */
function moreMinutes(forecast: CoreForecast, fromC: number): number | null {
  const reached = forecast.leastDone.find((sample) => sample.centreC >= fromC);
  return reached && forecast.leastDoneMinutes !== null ? Math.max(0, forecast.leastDoneMinutes - reached.minute) : null;
}

/** Readings that do not count, and why, in a sentence; empty where there are none. */
export function leftOutWords({ cooked }: Pick<Accounts, 'cooked'>): string {
  const left = cooked.flatMap((load) => load.left);
  const [first] = left;
  if (first === undefined) return '';
  return left.length === 1
    ? `One reading doesn’t count. ${first.why}`
    : `${left.length} readings don’t count. ${first.why}`;
}
