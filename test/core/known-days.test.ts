/** Days as households plan them: what fits, when it begins, what collides and what mends it first, as a cook would say. */
import { DAYS } from '../known-days/hands';
import { minuteIn, workOut } from '../known-days/worked';

const remembered = new Map();

it.each(DAYS.map((day) => [day.name, day] as const))('%s', (_name, known) => {
  const { plan, said, offered } = workOut(known, remembered);
  const { fits, begins, has = [], hasNot = [], ovens, doughs, says, first } = known;
  expect([plan.isFeasible, said]).toEqual([fits, fits ? '' : expect.anything()]);
  const titles = plan.tasks.map(({ title }) => title).join('\n');
  for (const pattern of has) expect(titles).toMatch(pattern);
  for (const pattern of hasNot) expect(titles).not.toMatch(pattern);
  if (begins) {
    expect(plan.startMinute).toBeGreaterThanOrEqual(minuteIn(begins[0]));
    expect(plan.startMinute).toBeLessThanOrEqual(minuteIn(begins[1]));
  }
  const heats = plan.tasks.flatMap(({ kind, ways }) => (kind === 'load' && ways?.oven ? [ways.oven] : []));
  if (ovens !== undefined) expect(new Set(heats).size).toBe(ovens);
  if (doughs !== undefined) expect(plan.tasks.filter(({ kind }) => kind === 'dough')).toHaveLength(doughs);
  if (says) expect(said).toMatch(says);
  if (first) expect(offered()[0]?.label).toMatch(first);
});
