/** A kitchen of inches and °F is told in inches and °F: whatever a check, a way to cool, a cause or a next step says. */
import { account } from '@/core/checks/account';
import { assess } from '@/core/checks/assess';
import { cautionsFor } from '@/core/checks/cautions';
import { forecastHeat } from '@/core/forecast/heat';
import { minuteOf } from '@/core/day/moments';
import { commonAdvice } from '@/core/notebook/common-advice';
import { findCauses } from '@/core/notebook/find-causes';
import { nextVersion } from '@/core/notebook/next-version';
import { numbersOf } from '@/core/notebook/numbers';
import { planOf } from '@/core/recipe/plan';
import { inUnits } from '@/core/recipe/plan/found-words';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { formatArea, formatLength } from '@/core/units/lengths';
import { formatDifference, inScale } from '@/core/units/format';
import { isGood, OUTCOME_IDS } from '@/core/vocabulary/outcomes';
import { lanternSupper } from '@/data/demo';
import { lanternDay } from '@/data/demo/lantern-day';
import { planned } from './simulated-day';

const AT = '2026-12-05T15:00:00Z';
const ABROAD: Kitchen = { ...DEFAULT_KITCHEN, lengths: 'in', temperature: 'F' };
/** A length, an area, a temperature or a difference in the other units. */
const METRIC = /\d[\s*]*(?:°C|K\b|mm\b|cm²|cm\b)/;

/** Every text in it, however deep. */
function texts(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(texts);
  return value !== null && typeof value === 'object' ? Object.values(value).flatMap(texts) : [];
}

/** Spoilt in ways that are told in lengths and temperatures. */
const SPOILT: readonly Operation[] = [
  { do: 'setWrap', to: { thicknessMm: 6, rimMm: 2 } },
  { do: 'setCool', to: { depthMm: 90, covered: true } },
];

function said(batch: Batch, kitchen: Kitchen, depth: 'first' | 'all' = 'all'): string[] {
  const noted = OUTCOME_IDS.filter((what) => !isGood(what)).reduce(
    (b, what) => apply(b, { do: 'noteOutcome', outcome: { what, much: 'clearly', where: null }, at: AT }),
    batch,
  );
  const heat = forecastHeat(noted, kitchen, depth);
  const { checks, findings } = assess(noted, kitchen, heat);
  const numbers = numbersOf(noted, kitchen, heat);
  const explained = findCauses(numbers);
  return texts([
    Object.values(checks),
    findings,
    cautionsFor(account(noted, kitchen, heat)),
    heat.cooling?.alternatives.map(({ label, needs }) => [label, needs]),
    explained.map(({ causes }) => causes),
    nextVersion(numbers, explained, heat).map(({ label }) => label),
    OUTCOME_IDS.map((what) => commonAdvice(what, noted, kitchen.temperature)),
  ]);
}

it.each(lanternSupper(AT).map((batch) => [batch.title, batch] as const))('%s', (_title, batch) => {
  // All ways to cool are told of the one that cools badly.
  const all = [...said(batch, ABROAD, 'first'), ...said(SPOILT.reduce(apply, batch), ABROAD)];
  expect(all.filter((text) => METRIC.test(text))).toEqual([]);
});

it('the test looks at something: at home the same is said in millimetres and °C', () => {
  const [batch] = lanternSupper(AT);
  expect(said(batch, DEFAULT_KITCHEN).filter((text) => METRIC.test(text)).length).toBeGreaterThan(10);
});

it('so are the steps of a day, carried over warm', () => {
  const day = lanternDay(AT);
  const tasksIn = (kitchen: Kitchen) => {
    const input = {
      day: { ...day, batches: day.batches.slice(0, 2).map((made) => ({ ...made, serve: 'carried-warm' as const })) },
      batches: lanternSupper(AT),
      kitchen,
      now: { minute: minuteOf('2026-12-05T09:00:00.000Z'), zone: 'Europe/Berlin' },
    };
    return planned(input, new Map(), 2).plan.tasks.flatMap(({ title, how, doneWhen, warning }) => [
      title,
      how,
      doneWhen,
      warning ?? '',
    ]);
  };
  expect(tasksIn(ABROAD).filter((text) => METRIC.test(text))).toEqual([]);
  expect(tasksIn(ABROAD).join()).toContain('above 140 °F');
  expect(tasksIn(DEFAULT_KITCHEN).join()).toContain('above 60 °C');
});

it('a difference is no temperature, and a floor no length', () => {
  expect(formatDifference(10, 'C')).toBe('10 °C');
  expect(formatDifference(10, 'F')).toBe('18 °F');
  expect(formatDifference(0.5, 'F', 1)).toBe('0.9 °F');
  expect(formatArea(645.16, 'in')).toBe('100 sq in');
  expect(formatArea(645.16, 'mm', 10)).toBe('650 cm²');
  expect(formatLength(50, 'in', 0)).toBe('2\u00a0in');
});

it('a fixed sentence has its temperatures in the kitchen’s scale', () => {
  expect(inScale('above 60 °C, or below −18 °C', 'F')).toBe('above 140 °F, or below 0 °F');
  expect(inScale('above 60 °C', 'C')).toBe('above 60 °C');
});

it('what was read in a recipe is shown so, too', () => {
  const words = 'Beef pasties\n\n500 g beef mince\n1 onion\n\nCut eight 15 cm rounds. Bake at 200 °C for 40 minutes.';
  const [{ batch, found }] = planOf(words, { id: () => 'read', at: AT }).plans;
  const shown = (kitchen: Kitchen) => found.map((one) => inUnits(one, batch, kitchen).value).join('; ');
  expect(shown(DEFAULT_KITCHEN)).toMatch(/skin 150 mm, .* mm thick; .*200 °C/);
  expect(shown(ABROAD)).toMatch(/skin 5⅞\sin, .*in thick; .*392 °F/);
  expect(shown(ABROAD)).not.toMatch(METRIC);
});
