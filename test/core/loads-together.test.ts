/** What bakes in several loads does not stand about: one load follows the other, and the last ends as near to serving as it may. */
import '@/core/food/catalogue/more';
import { lanternSupper } from '@/data/demo';
import { lanternDay } from '@/data/demo/lantern-day';
import { minuteOf } from '@/core/day/moments';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { planned } from './simulated-day';

const AT = '2026-12-05T09:00:00.000Z';
const batches = lanternSupper(AT);
const day = lanternDay(AT);
/** From the last taken out to the first bite: plates, sauce and what the form itself asks for. */
const TO_TABLE = 45;

it.each(day.batches.map((made) => [made.batchId, made] as const))('%s', (_id, made) => {
  const { plan } = planned(
    {
      day: { ...day, batches: [made] },
      batches,
      kitchen: DEFAULT_KITCHEN,
      now: { minute: minuteOf(AT), zone: 'Europe/Berlin' },
    },
    new Map(),
  );
  const inHeat = plan.tasks
    .filter(({ kind }) => kind === 'load-in' || kind === 'load' || kind === 'load-out')
    .sort((a, b) => a.start - b.start);
  expect(inHeat.length).toBeGreaterThanOrEqual(3);
  inHeat.slice(1).forEach((task, i) => expect(task.start).toBe(inHeat[i].end));
  expect(minuteOf(day.serveAt) - inHeat[inHeat.length - 1].end).toBeLessThanOrEqual(TO_TABLE);
});

/** Between two loads: out, plates, and hands that are at another batch, minutes. */
const CHANGING = 12;

it.each([
  [['demo-turkey-purses', 'demo-duck-pockets']],
  [['demo-duck-pockets', 'demo-haddock-pan-pie']],
  [['demo-turkey-purses', 'demo-haddock-pan-pie']],
  [['demo-turkey-purses', 'demo-duck-pockets', 'demo-haddock-pan-pie']],
])('%j share a kitchen: what is baked early is so because the oven is taken until serving', (ids) => {
  const { plan } = planned(
    {
      day: { ...day, batches: day.batches.filter(({ batchId }) => ids.includes(batchId)) },
      batches,
      kitchen: DEFAULT_KITCHEN,
      now: { minute: minuteOf(AT), zone: 'Europe/Berlin' },
    },
    new Map(),
  );
  const isBaked = (id: string): boolean => batches.find((b) => b.id === id)?.cook.method === 'bake';
  const inOven = plan.tasks
    .filter(({ kind, batchIds }) => ['load-in', 'load', 'load-out'].includes(kind) && isBaked(batchIds[0]))
    .sort((a, b) => a.start - b.start);
  let until = inOven[0].start;
  for (const { start, end } of inOven) {
    expect(start - until).toBeLessThanOrEqual(CHANGING);
    until = Math.max(until, end);
  }
  expect(minuteOf(day.serveAt) - until).toBeLessThanOrEqual(TO_TABLE);
});
