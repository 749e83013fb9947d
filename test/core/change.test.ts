import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { change } from '@/core/stored/change';
import { beginBatch, titled } from '@/core/stored/create';
import { duplicateBatch } from '@/core/filling/duplicate';
import { CHECK_IDS } from '@/core/checks/check';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { MOST } from '@/core/vocabulary/limits';
import { isWithinLimits } from '@/core/stored/within-limits';
import { type Operation } from '@/core/stored/operations';
import { readBatch, readKitchen } from '@/core/stored/read';
import { type Batch } from '@/core/stored/schema';
import { SCHOOL_IDS } from '@/core/vocabulary/schools';
import { STAGE_IDS } from '@/core/vocabulary/stages';
import { LEARNED_IDS } from '@/core/vocabulary/learned';
import { PRACTICE, type Source, TYPED } from '@/core/vocabulary/sources';
import { TASTE_IDS } from '@/core/vocabulary/tastes';
import { VESSEL_IDS } from '@/core/vocabulary/vessels';
import { catalogue, ingredientById } from '@/core/food/catalogue';
import { MEDIUM_IDS } from '@/core/vocabulary/media';
import { METHOD_IDS } from '@/core/vocabulary/methods';
import { BASE_IDS } from '@/core/vocabulary/bases';
import { PLACE_IDS } from '@/core/vocabulary/places';
import { DOUGH_IDS } from '@/core/vocabulary/doughs';
import { FORM_IDS } from '@/core/forms';
import { lanternSupper } from '@/data/demo';
import { LINE_UNITS } from '@/core/vocabulary/line-units';
import { randomRuns } from '../random-runs';

const AT = '2026-12-05T15:00:00.000Z';
const DEMO = lanternSupper(AT);
const [turkey] = DEMO;

/** Numbers as they come: sensible, huge, tiny, below zero. */
const number = fc.oneof(
  fc.double({ min: 0, max: 500, noNaN: true }),
  fc.double({ min: -1e5, max: 1e6, noNaN: true }),
  fc.constantFrom(0, 1, 60_000, 0.001, -3),
);
const moment = fc.integer({ min: 0, max: 3000 }).map((m) => new Date(Date.parse(AT) + m * 60_000).toISOString());
const lineId = fc.constantFrom(...turkey.lines.map((l) => l.id), 'a', 'b', '');
const line = fc.record({
  id: lineId,
  ingredientId: fc.constantFrom(...catalogue().map((i) => i.id)),
  amount: number,
  unit: fc.constantFrom(...LINE_UNITS),
  preparation: fc.constantFrom('raw', 'sweated', 'worked'),
  weighed: fc.constantFrom('raw' as const, 'ready' as const),
  stage: fc.constantFrom(...STAGE_IDS),
  cut: fc.constant(null),
  ticked: fc.boolean(),
  note: fc.string({ maxLength: 600 }),
});
const leg = fc.record({
  minutes: number,
  depthMm: fc.option(number),
  base: fc.constantFrom(...BASE_IDS),
  place: fc.constantFrom(...PLACE_IDS),
  ambientC: fc.option(number),
  covered: fc.boolean(),
  stirred: fc.boolean(),
  stirEveryMinutes: fc.option(number),
});
const source: fc.Arbitrary<Source> = fc.constantFrom<Source>(TYPED, PRACTICE, { by: 'probe', name: 'pot-1' });
const coolReading = fc.record({ at: moment, c: number, source });
const operation: fc.Arbitrary<Operation> = fc.oneof(
  fc.record({ do: fc.constant('addLine' as const), line }),
  fc.record({ do: fc.constant('changeLine' as const), id: lineId, to: fc.record({ amount: number }) }),
  fc.record({ do: fc.constant('removeLine' as const), id: lineId }),
  fc.record({ do: fc.constant('moveLine' as const), id: lineId, by: fc.integer({ min: -3, max: 3 }) }),
  fc.record({
    do: fc.constant('splitLine' as const),
    id: lineId,
    newId: lineId,
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    stage: fc.constantFrom(...STAGE_IDS),
  }),
  fc.record({ do: fc.constant('scaleFilling' as const), factor: number, cautious: fc.boolean() }),
  fc.record({
    do: fc.constant('setBatch' as const),
    to: fc.record({ count: number, school: fc.constantFrom(...SCHOOL_IDS) }),
  }),
  fc.record({ do: fc.constant('setBatch' as const), to: fc.record({ title: fc.string({ maxLength: 140 }) }) }),
  fc.record({ do: fc.constant('setWater' as const), to: fc.record({ panG: fc.option(number), drainedG: number }) }),
  fc.record({ do: fc.constant('addWeighIn' as const), weighIn: fc.record({ at: moment, grams: number }) }),
  fc.record({
    do: fc.constant('addTasting' as const),
    tasting: fc.record({ at: moment, verdict: fc.constantFrom(...TASTE_IDS), saltPercent: number }),
  }),
  fc.record({
    do: fc.constant('setCool' as const),
    to: fc.record({ depthMm: number, legs: fc.array(leg, { maxLength: 7 }) }),
  }),
  fc.record({ do: fc.constant('startCooling' as const), at: moment }),
  fc.record({ do: fc.constant('stopCooling' as const), at: moment }),
  fc.record({ do: fc.constant('setOffHeat' as const), at: moment }),
  fc.record({ do: fc.constant('setPastLegs' as const), past: fc.array(leg, { maxLength: 26 }) }),
  fc.record({ do: fc.constant('addCoolReading' as const), reading: coolReading }),
  fc.record({ do: fc.constant('removeCoolReading' as const), reading: coolReading }),
  fc.record({
    do: fc.constant('setWrap' as const),
    to: fc.record({
      skin: fc.record({ shape: fc.constant('round' as const), diameterMm: number }),
      rimMm: number,
      portionG: number,
      dough: fc.constantFrom(...DOUGH_IDS),
    }),
  }),
  fc.constantFrom(...FORM_IDS).map((form) => ({ do: 'setForm' as const, form })),
  fc.constantFrom(...DOUGH_IDS).map((dough) => ({ do: 'setDough' as const, dough, own: null })),
  fc.record({ do: fc.constantFrom('startBoard', 'stopBoard', 'putAway', 'takeOut', 'setOut'), at: moment }),
  fc.record({
    do: fc.constant('addTap' as const),
    tap: fc.record({ at: moment, parcels: fc.integer({ min: -2, max: 120 }) }),
  }),
  fc.record({
    do: fc.constant('addWeighed' as const),
    weighed: fc.record({ at: moment, what: fc.constantFrom('parcel' as const, 'filling' as const), grams: number }),
  }),
  fc.record({
    do: fc.constant('setCook' as const),
    to: fc.record({
      steps: fc.array(
        fc.record({
          medium: fc.constantFrom(...MEDIUM_IDS),
          mediumC: number,
          minutes: number,
          turn: fc.boolean(),
          waterG: fc.option(number),
          starchG: number,
        }),
        { maxLength: 14 },
      ),
      startC: number,
      method: fc.constantFrom(...METHOD_IDS),
    }),
  }),
  fc.record({ do: fc.constant('setNote' as const), to: fc.record({ words: fc.string({ maxLength: 6000 }) }) }),
);

const again = (batch: Batch) => readBatch(JSON.parse(JSON.stringify(batch)));

/** So many batches whose fixes are all tried. */
const OFFERED_IN = randomRuns(250);

describe('a batch, changed', () => {
  it('by any operations reads back, or is refused in words and stays as it was', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DEMO), fc.array(operation, { maxLength: 12 }), (first, operations) => {
        let batch: Batch = first;
        for (const next of operations) {
          const before = JSON.stringify(batch);
          const changed = change(batch, [next]);
          expect(JSON.stringify(batch)).toBe(before);
          if (!changed.ok) {
            expect(changed.problems.length).toBeGreaterThan(0);
            for (const problem of changed.problems) expect(problem).toMatch(/^.+: .+/);
            continue;
          }
          batch = changed.document;
          expect(again(batch)).toEqual({ ok: true, value: JSON.parse(JSON.stringify(batch)) });
          // The check that fixes are offered by says no more than the validator.
          expect(isWithinLimits(batch)).toBe(true);
        }
      }),
      { numRuns: randomRuns(400), seed: 8 },
    );
  });

  it('by any fix that is offered reads back: none is refused', () => {
    let offered = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMO),
        fc.array(operation, { minLength: 2, maxLength: 8 }),
        (first, operations) => {
          const batch = operations.reduce((so, next) => {
            const changed = change(so, [next]);
            return changed.ok ? changed.document : so;
          }, first);
          const assessed = assess(batch, DEFAULT_KITCHEN, null);
          const fixes = [
            ...CHECK_IDS.flatMap((id) => assessed.checks[id].fixes.map((fix) => fix.change)),
            ...assessed.findings.flatMap(({ fix }) => (fix ? [fix.change] : [])),
          ];
          for (const fix of fixes) {
            const changed = change(batch, fix);
            offered += 1;
            expect(changed.ok ? [] : changed.problems).toEqual([]);
            if (changed.ok) expect(again(changed.document).ok).toBe(true);
          }
        },
      ),
      { numRuns: OFFERED_IN, seed: 8 },
    );
    expect(offered).toBeGreaterThan(OFFERED_IN * 2);
  });

  it.each([
    [
      'a slip of the keyboard',
      [{ do: 'changeLine', id: 'turkey', to: { amount: 60_000 } }],
      'Turkey thigh mince: must be at most 50 000',
    ],
    ['scaled without sense', [{ do: 'scaleFilling', factor: 500 }], 'Turkey thigh mince: must be at most 50 000'],
    [
      'too many lines',
      Array.from({ length: 200 }, (_, i) => ({ do: 'addLine', line: { ...turkey.lines[0], id: `n${i}` } })),
      'The filling: takes at most 200 lines',
    ],
    ['a line twice', [{ do: 'addLine', line: turkey.lines[0] }], 'The filling: two lines have the same id'],
    ['a rim as wide as the skin', [{ do: 'setWrap', to: { rimMm: 58 } }], 'Rim kept free: must be less than half'],
    ['no name', [{ do: 'setBatch', to: { title: '  ' } }], 'Name of the batch: must not be empty'],
    [
      'an id that leads elsewhere',
      [{ do: 'addLine', line: { ...turkey.lines[0], id: 'a/b' } }],
      'Leek, id: must be without /',
    ],
  ] as [string, Operation[], string][])('%s is refused by its name', (_what, operations, problem) => {
    const changed = change(turkey, operations, (id) => ingredientById(id)?.name);
    expect(changed.ok ? '' : changed.problems.join()).toContain(problem);
  });

  it('keeps what did not change the same objects, so that nothing is drawn again for nothing', () => {
    const changed = change(turkey, [{ do: 'setNote', to: { words: 'x' } }]);
    expect(changed.ok && changed.document.lines[0]).toBe(turkey.lines[0]);
    expect(changed.ok && changed.document.wrap).toBe(turkey.wrap);
  });

  it('a duplicate of what boiled off beyond all measure is valid, too', () => {
    const boiled = change(DEMO[2], [
      { do: 'scaleFilling', factor: 30 },
      { do: 'setWater', to: { panG: 0 } },
      { do: 'addWeighIn', weighIn: { at: AT, grams: 0 } },
    ]);
    if (!boiled.ok) throw new Error(boiled.problems.join());
    expect(again(duplicateBatch(boiled.document, { id: 'c', title: 'c', at: AT })).ok).toBe(true);
  });

  it('titles are shortened so that what sets them apart fits', () => {
    const long = 'x'.repeat(114);
    const copy = duplicateBatch({ ...turkey, title: long }, { id: 'c', title: titled(long, ', again'), at: AT });
    expect(copy.title).toMatch(/x, again$/);
    expect(copy.title.length).toBeLessThanOrEqual(MOST.title);
    expect(again(copy).ok).toBe(true);
  });
});

describe('a kitchen, changed', () => {
  const vessel = fc.record({
    id: fc.constantFrom('v1', 'v2', 'tray-1', 'a/b'),
    name: fc.string({ maxLength: 70 }),
    kind: fc.constantFrom(...VESSEL_IDS),
    areaCm2: number,
    deepMm: number,
  });
  const fit = fc.record({
    vessel: fc.constantFrom(...VESSEL_IDS),
    place: fc.constantFrom(...PLACE_IDS),
    base: fc.constantFrom(...BASE_IDS),
    covered: fc.boolean(),
    factor: number,
    readings: fc.integer({ min: 0, max: 9 }),
  });
  const any: fc.Arbitrary<KitchenOperation> = fc.oneof(
    fc.record({
      do: fc.constant('setKitchen' as const),
      to: fc.record({ roomC: number, altitudeM: number, iceKg: number }),
    }),
    fc.record({ do: fc.constant('addVessel' as const), vessel }),
    fc.record({ do: fc.constant('removeVessel' as const), id: fc.constantFrom('v1', 'tray-1', 'nobody') }),
    fc.record({ do: fc.constant('keepFit' as const), fit }),
    fc.record({ do: fc.constant('forgetFit' as const), key: fit }),
    fc.record({
      do: fc.constant('learn' as const),
      lesson: fc.record({
        what: fc.constantFrom(...LEARNED_IDS),
        of: fc.constantFrom('all', 'pleats'),
        estimate: fc.constantFrom(1, 8),
        x: number,
        because: fc.constantFrom('', 'It was so.'),
      }),
      batchId: fc.constantFrom('b1', 'b2'),
      at: moment,
    }),
    fc.record({
      do: fc.constant('freeze' as const),
      key: fc.constantFrom('heat oven oven', 'cooling pot'),
      isFrozen: fc.boolean(),
    }),
  );

  it('by any operations reads back, or is refused and stays as it was', () => {
    fc.assert(
      fc.property(fc.array(any, { maxLength: 15 }), (operations) => {
        const kitchen = operations.reduce<Kitchen>((so, next) => {
          const changed = change(so, [next]);
          return changed.ok ? changed.document : so;
        }, DEFAULT_KITCHEN);
        expect(readKitchen(JSON.parse(JSON.stringify(kitchen)))).toEqual({ ok: true, value: kitchen });
      }),
      { numRuns: randomRuns(300), seed: 8 },
    );
  });
});

describe('what is worked out for an extreme batch', () => {
  const readings = Array.from({ length: 300 }, (_, i): Operation => ({
    do: 'addCoolReading',
    reading: {
      at: new Date(Date.parse(AT) + (4 * i + 1) * 60_000).toISOString(),
      c: Math.max(30, 90 - i * 0.2),
      source: TYPED,
    },
  }));
  const stirred = {
    minutes: 200,
    depthMm: null,
    base: 'board',
    place: 'counter',
    ambientC: 45,
    covered: true,
    stirred: false,
    stirEveryMinutes: 1,
  } as const;
  const EXTREMES: [string, Operation[]][] = [
    [
      'a deep pot stirred every minute',
      [{ do: 'setCool', to: { depthMm: 250, stirEveryMinutes: 1, covered: true, ambientC: 20 } }],
    ],
    [
      'six legs of stirring, three hundred readings',
      [
        { do: 'startCooling', at: AT },
        {
          do: 'setCool',
          to: {
            depthMm: 250,
            stirEveryMinutes: 1,
            covered: true,
            ambientC: 20,
            legs: Array.from({ length: 6 }, () => stirred),
          },
        },
        ...readings,
      ],
    ],
    [
      'two millimetres in a freezer',
      [{ do: 'setCool', to: { depthMm: 2, place: 'freezer', ambientC: -40, stirEveryMinutes: 1 } }],
    ],
    [
      'a quarter of a metre freezing',
      [{ do: 'setCool', to: { depthMm: 250, place: 'freezer', ambientC: -40, stirEveryMinutes: 2 } }],
    ],
  ];

  /** Steps of the solver; a thousand take some fifty milliseconds in the worker of a modest machine. */
  const MOST_STEPS = 18_000;

  it.each(EXTREMES)('%s costs no more than a second', (_what, operations) => {
    const changed = change(DEMO[2], operations);
    if (!changed.ok) throw new Error(changed.problems.join());
    const first = forecastHeat(changed.document, DEFAULT_KITCHEN, 'first', 1200).cooling;
    const all = forecastHeat(changed.document, DEFAULT_KITCHEN, 'all', 1200).cooling;
    expect(first?.steps).toBeLessThan(MOST_STEPS);
    // The readings are fitted once for both.
    expect((all?.steps ?? 0) - (all?.fit?.steps ?? 0)).toBeLessThan(MOST_STEPS);
  });

  it('whatever is planned, measured and cooked at the edges of what a batch holds', () => {
    const edge = {
      base: fc.constantFrom(...BASE_IDS),
      place: fc.constantFrom(...PLACE_IDS),
      ambientC: fc.option(fc.constantFrom(-40, 0, 45)),
      covered: fc.boolean(),
      stirred: fc.boolean(),
      stirEveryMinutes: fc.option(fc.constantFrom(1, 2, 7, 120)),
    };
    const stay = fc.record({
      minutes: fc.constantFrom(1, 20, 200, 1440),
      depthMm: fc.option(fc.constantFrom(2, 20, 250)),
      ...edge,
    });
    const plan = fc.record({
      depthMm: fc.constantFrom(2, 10, 80, 250),
      startC: fc.constantFrom(20, 60, 105),
      legs: fc.array(stay, { maxLength: 6 }),
      ...edge,
    });
    const step = fc.record({
      medium: fc.constantFrom(...MEDIUM_IDS),
      mediumC: fc.constantFrom(null, 60, 300),
      minutes: fc.constantFrom(0.5, 240),
      turn: fc.boolean(),
      waterG: fc.constantFrom(null, 5, 3000),
      starchG: fc.constantFrom(0, 200),
    });
    const cooked = fc.record({
      steps: fc.array(step, { minLength: 1, maxLength: 12 }),
      startC: fc.constantFrom(-25, 60),
      load: fc.constantFrom(null, 1, 500),
      liquidG: fc.constantFrom(null, 100, 20_000),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMO),
        plan,
        fc.array(stay, { maxLength: 24 }),
        fc.boolean(),
        cooked,
        (batch, cool, past, isMeasured, cook) => {
          const changed = change(batch, [
            { do: 'startCooling', at: AT },
            { do: 'setPastLegs', past },
            { do: 'setCool', to: cool },
            { do: 'setCook', to: cook },
            ...(isMeasured ? readings : []),
          ]);
          if (!changed.ok) throw new Error(changed.problems.join());
          const { cooling } = forecastHeat(changed.document, DEFAULT_KITCHEN, 'all', 1400);
          const fitted = cooling?.fit?.steps ?? 0;
          expect(fitted).toBeLessThan(MOST_STEPS);
          expect((cooling?.steps ?? 0) - fitted).toBeLessThan(MOST_STEPS);
        },
      ),
      { numRuns: randomRuns(8, 6), seed: 8 },
    );
  });

  it('says where it was worked out with fewer stirs than planned', () => {
    const [, operations] = EXTREMES[0];
    const changed = change(DEMO[2], operations);
    if (!changed.ok) throw new Error(changed.problems.join());
    const { cooling } = assess(
      changed.document,
      DEFAULT_KITCHEN,
      forecastHeat(changed.document, DEFAULT_KITCHEN, 'first'),
    ).checks;
    expect(cooling.why.map((reason) => reason.text).join()).toContain(
      'With this many stirs the forecast is simplified',
    );
  });

  it('an empty batch of every form begins valid', () => {
    for (const form of FORM_IDS)
      for (const school of SCHOOL_IDS)
        expect(again(beginBatch({ id: 'x', title: 'x', form, count: 1, school, at: AT })).ok).toBe(true);
  });
});

describe('a forecast that failed', () => {
  it('is said, is never Good, and is not waited for', () => {
    const [, , duck] = lanternSupper(AT);
    const { checks, state } = assess(duck, DEFAULT_KITCHEN, null, 'it did not answer in time');
    for (const id of ['cooling', 'core'] as const) {
      expect(checks[id]).toMatchObject({ state: 'watch', pending: false });
      expect(checks[id].sentence).toContain('it did not answer in time');
    }
    expect(checks.core.sentence).toContain('74 °C');
    expect(state).not.toBe('good');
  });
});
