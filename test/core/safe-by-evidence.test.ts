/** Over random batches and histories: nothing is Good that valid, real, recent readings of every load do not say. */
import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { forecastHeat, type HeatForecast } from '@/core/forecast/heat';
import { judgement } from '@/core/checks/judgement';
import { lasting, plannedMinutes } from '@/core/stored/cooking';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { readBatch } from '@/core/stored/read';
import { beginRehearsal, rehearsalId } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { PACK_IDS } from '@/core/vocabulary/rule-packs';
import { PRACTICE, TYPED } from '@/core/vocabulary/sources';
import { duplicateBatch } from '@/core/filling/duplicate';
import { insideOf, type Situation } from '@/core/rehearsal/inside';
import { KITCHENS_WITH_A_BATCH } from '@/core/rehearsal/kitchens-with-a-batch';
import { batchIn } from '@/core/rehearsal/own-batches';
import { rehearsedCore } from '@/core/rehearsal/thermometers';
import { RULE_PACKS } from '@/core/safety/packs';
import { isAtLeast } from '@/core/safety/threshold';
import { lanternSupper } from '@/data/demo';
import { randomRuns } from '../random-runs';

const RUNS = randomRuns(400, 60);
const AT = '2026-12-05T15:00:00.000Z';
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();
const [turkey, , , , venison] = lanternSupper(AT);
const MEATS = [turkey, venison].map((b) => ({ ...b, cool: { ...b.cool, run: null, earlierRuns: [] } }));
const plain = (b: Batch): Batch => ({ ...b, cook: { ...b.cook, readings: [], run: null, earlierRuns: [] } });

const forecasts = new Map<string, HeatForecast>();
/** Forecasts of what is planned: readings of the core change nothing of them. */
function heatOf(batch: Batch, kitchen: Kitchen): HeatForecast {
  const key = JSON.stringify([batch.id, batch.lines, batch.cool, batch.cook.steps, batch.count, kitchen]);
  const known = forecasts.get(key) ?? forecastHeat(batch, kitchen, 'first');
  forecasts.set(key, known);
  return known;
}
const coreOf = (batch: Batch, kitchen = DEFAULT_KITCHEN) =>
  judgement(batch, kitchen, heatOf(plain(batch), kitchen)).checks.core.state;

interface Load {
  parcels: number;
  isOut: boolean;
  readings: { c: number; minute: number; isPractice: boolean; isBefore: boolean }[];
}
const load: fc.Arbitrary<Load> = fc.record({
  parcels: fc.constantFrom(1, 2, 6, 12, 24),
  isOut: fc.boolean(),
  readings: fc.array(
    fc.record({
      c: fc.constantFrom(40, 66, 73, 73.9, 74, 76, 80, 90, 97),
      minute: fc.constantFrom(0, 0.2, 0.4, 3, 9, 40),
      isPractice: fc.boolean(),
      isBefore: fc.constantFrom(false, false, false, true),
    }),
    { maxLength: 6 },
  ),
});

/** A batch cooked and measured so. Everything after an hour in the heat, where it may be as hot as it likes. */
function lived(base: Batch, loads: readonly Load[]): Batch {
  const operations = loads.flatMap(({ parcels, isOut, readings }, i): Operation[] => {
    const inAt = 200 * (i + 1);
    return [
      { do: 'startLoad', at: later(inAt), parcels },
      ...readings.map(({ c, minute, isPractice, isBefore }, n): Operation => ({
        do: 'addReading',
        reading: {
          round: 1,
          c,
          at: later(inAt + (isBefore ? -30 : 60) + minute),
          load: i + 1,
          parcel: n + 1,
          source: isPractice ? PRACTICE : TYPED,
        },
      })),
      ...(isOut ? [{ do: 'stopLoad' as const, at: later(inAt + 105) }] : []),
    ];
  });
  return operations.reduce(apply, plain(base));
}

/** What would have to be so, said as plainly as it can be. */
function isProven(batch: Batch, loads: readonly Load[]): boolean {
  const { at } = judgement(batch, DEFAULT_KITCHEN, null).limit;
  const cooked = loads.reduce((sum, { parcels }) => sum + parcels, 0);
  return (
    cooked >= batch.count &&
    loads.every(({ parcels, readings }) => {
      const valid = readings.filter((r) => !r.isPractice && !r.isBefore);
      const lastLow = Math.max(-Infinity, ...valid.filter((r) => !isAtLeast(r.c, at)).map((r) => r.minute));
      return valid.filter((r) => r.minute > lastLow).length >= Math.min(3, parcels);
    })
  );
}

const history = fc.record({ base: fc.constantFrom(...MEATS), loads: fc.array(load, { minLength: 1, maxLength: 3 }) });
/** Histories that are proven, which chance alone seldom makes. */
const proven = fc
  .record({ base: fc.constantFrom(...MEATS), parts: fc.integer({ min: 1, max: 3 }), c: fc.constantFrom(74, 76, 88) })
  .map(({ base, parts, c }) => ({
    base,
    loads: Array.from({ length: parts }, (): Load => ({
      parcels: Math.ceil(base.count / parts),
      isOut: true,
      readings: [0, 0.2, 0.4].map((minute) => ({ c, minute, isPractice: false, isBefore: false })),
    })),
  }));

describe('core', () => {
  it('is Good only where every piece was cooked and every load has enough valid, real readings', () => {
    let good = 0;
    fc.assert(
      fc.property(fc.oneof(history, history, proven), ({ base, loads }) => {
        const batch = lived(base, loads);
        const isGood = coreOf(batch) === 'good';
        good += Number(isGood);
        if (isGood) expect(isProven(batch, loads)).toBe(true);
      }),
      { numRuns: RUNS, seed: 24 },
    );
    expect(good).toBeGreaterThan(RUNS / 10);
  });

  it('what is Good stays so: turned round, duplicated it is nothing, out and in again, in °F, the page closed and opened', () => {
    fc.assert(
      fc.property(proven, fc.integer({ min: 1, max: 7 }), ({ base, loads }, turn) => {
        const batch = lived(base, loads);
        expect(coreOf(batch)).toBe('good');
        const { lines } = batch;
        const turned = { ...batch, lines: [...lines.slice(turn), ...lines.slice(0, turn)].reverse() };
        const shuffled = { ...batch, cook: { ...batch.cook, readings: [...batch.cook.readings].reverse() } };
        const again = readBatch(JSON.parse(JSON.stringify(batch)));
        expect(again.ok && coreOf(again.value)).toBe('good');
        expect([coreOf(turned), coreOf(shuffled)]).toEqual(['good', 'good']);
        expect(coreOf(batch, { ...DEFAULT_KITCHEN, temperature: 'F' })).toBe('good');
        for (const rulePack of PACK_IDS) {
          const asks = RULE_PACKS[rulePack].core.poultry?.at.c ?? 999;
          if (asks <= 74) expect(coreOf(batch, { ...DEFAULT_KITCHEN, rulePack })).not.toBe('fix');
        }
        expect(coreOf(duplicateBatch(batch, { id: 'again', title: 'Again', at: AT }))).not.toBe('good');
      }),
      { numRuns: RUNS / 4, seed: 25 },
    );
  });

  it('one practice reading for each real one takes every Good away', () => {
    fc.assert(
      fc.property(proven, ({ base, loads }) => {
        const practised = loads.map((l) => ({ ...l, readings: l.readings.map((r) => ({ ...r, isPractice: true })) }));
        expect(coreOf(lived(base, practised))).not.toBe('good');
      }),
      { numRuns: RUNS / 4, seed: 26 },
    );
  });

  it('while its forecast is worked out nothing is Good that the forecast could still deny', () => {
    const [base] = MEATS;
    const batch = lived(base, [
      {
        parcels: base.count,
        isOut: false,
        readings: [0, 0.2, 0.4].map((minute) => ({ c: 76, minute, isPractice: false, isBefore: false })),
      },
    ]);
    expect(judgement(batch, DEFAULT_KITCHEN, null).checks.core).toMatchObject({ state: 'watch', pending: true });
    expect(assess(batch, DEFAULT_KITCHEN, null, 'the worker died').checks.core.state).toBe('good');
    // A minute after it went in no purse has 76 °C in its middle.
    const early = { ...batch, cook: { ...batch.cook, run: { inAt: later(259), load: 1, parcels: base.count } } };
    expect(coreOf(early)).toBe('watch');
  });
});

describe('a practice kitchen', () => {
  it('whose truth is below the limit is never called Good by its own readings', () => {
    let hot = 0;
    let cold = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...KITCHENS_WITH_A_BATCH),
        fc.integer({ min: 1, max: 9999 }),
        fc.double({ min: 0.3, max: 1.6, noNaN: true }),
        (kitchen, seed, share) => {
          const { batch, minutes } = batchIn(kitchen, { id: rehearsalId(String(seed)), at: AT });
          const rehearsal = beginRehearsal(batch, { kitchen, seed, at: AT, minutes });
          const inMinutes = share * plannedMinutes(batch.cook);
          const begun: Operation = { do: 'startLoad', at: later(300), parcels: batch.count };
          const running: Situation = { rehearsal, kitchen: DEFAULT_KITCHEN, batch: apply(batch, begun) };
          const measured = [0, 1, 2].reduce((s, parcel): Situation => {
            const c = Math.round((rehearsedCore(s, parcel, inMinutes, 1) ?? 0) * 10) / 10;
            const at = later(300 + inMinutes + parcel / 3);
            const reading = { round: 1, c, at, load: 1, parcel: parcel + 1, source: PRACTICE };
            return { ...s, batch: apply(s.batch, { do: 'addReading', reading }) };
          }, running);
          const out = apply(measured.batch, { do: 'stopLoad', at: later(300 + inMinutes) });
          const { lowestC } = insideOf({ ...measured, batch: out });
          const { limit, checks } = judgement(out, DEFAULT_KITCHEN, heatOf(plain(out), DEFAULT_KITCHEN));
          // Half a degree is what a probe may be off.
          const isCold = (lowestC ?? 0) < limit.c - 0.5;
          if (isCold) {
            cold += 1;
            expect(checks.core.state).not.toBe('good');
          } else if (checks.core.state === 'good') hot += 1;
        },
      ),
      { numRuns: RUNS / 2, seed: 27 },
    );
    expect(cold).toBeGreaterThan(3);
    expect(hot).toBeGreaterThan(3);
  });
});

describe('a load that is out', () => {
  it('and was not measured in time is called so, whatever the plan was', () => {
    const [base] = MEATS;
    const batch = lived(base, [{ parcels: base.count, isOut: true, readings: [] }]);
    const core = (b: Batch) => judgement(b, DEFAULT_KITCHEN, heatOf(plain(b), DEFAULT_KITCHEN)).checks.core;
    expect(core(batch)).toMatchObject({ state: 'watch', headline: 'Core: not measured' });
    const late = apply(batch, {
      do: 'addReading',
      reading: { round: 1, c: 80, at: later(200 + 105 + 60), load: 1, source: TYPED },
    });
    expect(core(late)).toMatchObject({ state: 'watch', headline: 'Core: not measured' });
    expect(core(late).sentence).toContain('more than 15 minutes after this load came out');
  });

  it('readings put in at once are of so many pieces', () => {
    const readings = [1, 2, 3].reduce(
      (b) => apply(b, { do: 'addReading', reading: { round: 1, c: 80, at: AT, load: 1, source: TYPED } }),
      plain(MEATS[0]),
    ).cook.readings;
    expect(readings.map(({ parcel }) => parcel)).toEqual([1, 2, 3]);
  });
});

describe('cooling', () => {
  it('does not depend on the order of lines, nor on the scale it is shown in', () => {
    for (const base of lanternSupper(AT)) {
      const state = (batch: Batch, kitchen = DEFAULT_KITCHEN) => {
        const { checks } = judgement(batch, kitchen, forecastHeat(batch, kitchen, 'first'));
        return [checks.cooling.state, checks.core.state];
      };
      const turned = { ...base, lines: [...base.lines].reverse() };
      expect(state(turned)).toEqual(state(base));
      expect(state(base, { ...DEFAULT_KITCHEN, temperature: 'F' })).toEqual(state(base));
    }
  });

  it('longer in the heat never makes less proven: what was Good for a time is Good for more', () => {
    const [base] = MEATS;
    const steps = lasting(base.cook.steps, plannedMinutes(base.cook) * 2);
    const readings = [0, 0.2, 0.4].map((minute) => ({ c: 80, minute, isPractice: false, isBefore: false }));
    const longer = apply(lived(base, [{ parcels: base.count, isOut: true, readings }]), {
      do: 'setCook',
      to: { steps },
    });
    expect(coreOf(longer)).toBe('good');
  });
});
