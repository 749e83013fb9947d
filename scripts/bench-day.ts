/** How good the plan of a day is after a second: minutes over the lower bound (the longest chain, the busiest resource). */
import { workOutDay } from '@/core/day/work-out';
import { beginDay } from '@/core/stored/day';
import { applyToDay } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { minuteOf } from '@/core/day/moments';
import { lowerBound } from '@/core/schedule/bound';
import { plan } from '@/core/schedule/schedule';
import { lanternSupper } from '@/data/demo';

const AT = '2026-12-03T16:00:00.000Z';
const SERVE = '2026-12-05T18:00:00.000Z';
const SECOND = 1000;
const batches = lanternSupper(AT);
const [oven] = DEFAULT_KITCHEN.appliances;
const kitchen = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepAppliance', appliance: { ...oven, tiers: 3 } });

/** Six batches are more than one pair of hands does warm: a helper is there for the last hours. */
const helper = { id: 'h', name: 'Helper', from: '2026-12-05T12:00:00.000Z', to: SERVE };
const SETS: [what: string, made: readonly number[]][] = [
  ['two batches', [0, 1]],
  ['three batches', [0, 2, 3]],
  ['six batches, a helper', [0, 1, 2, 3, 4, 5]],
];
for (const [what, made] of SETS) {
  const day = made.reduce(
    (d, i) => applyToDay(d, { do: 'putBatch', batchId: batches[i].id, serve: 'carried-warm' }),
    applyToDay(beginDay({ id: 'd', title: what, serveAt: SERVE, from: AT, at: AT }), { do: 'addHelper', helper }),
  );
  const { of, tasks } = workOutDay({ day, batches, kitchen, now: { minute: minuteOf(AT), zone: 'Europe/Berlin' } });
  const end = Date.now() + SECOND;
  const { schedule } = plan(of.problem, () => Date.now() > end);
  const length = of.problem.endMinute - schedule.startMinute;
  const bound = lowerBound(of.problem);
  const gap = ((length / bound - 1) * 100).toFixed(0);
  const found = schedule.feasible ? '' : `, with ${schedule.conflicts.length} conflicts`;
  console.log(
    `        ${String(length).padStart(7)} min  ${what}, ${tasks.length} tasks, after a second${found}: ${gap} % over the lower bound of ${bound} (nights are not in it)`,
  );
}
