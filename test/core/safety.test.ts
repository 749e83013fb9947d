/** The room that says safe: limits, evidence, exposure, loads, and the edges of each rule in both scales. */
import { HAZARD_IDS, type Hazard } from '@/core/vocabulary/foods';
import { PACK_IDS } from '@/core/vocabulary/rule-packs';
import { PRACTICE, TYPED } from '@/core/vocabulary/sources';
import { choosePack, coreLimit, DONENESS_C } from '@/core/safety/core-limit';
import { coolingStages, warmMinutes, warmState } from '@/core/safety/cooled';
import { coolingEvidence, coreEvidence, type Reading, RESTS_MINUTES } from '@/core/safety/evidence';
import { minuteAtMost, minutesBetween, temperatureAt, throughReadings, type Track } from '@/core/safety/exposure';
import { lethality } from '@/core/safety/lethality';
import { lethalityInput } from '@/core/safety/lethality-input';
import { judgeLoad, judgeLoads, nextWords } from '@/core/safety/loads';
import { RULE_PACKS } from '@/core/safety/packs';
import { safe, safeInput } from '@/core/safety/safe';
import { celsiusOf, isAtLeast, isAtMost } from '@/core/safety/threshold';

const { home, stuffed, uk } = RULE_PACKS;
const REAL = { isRehearsal: false };
const food = (hazard: Hazard, name: string = hazard) => ({ name, hazard });
/** As a reading typed in °F is kept: to a tenth of a °C. */
const typedF = (f: number): number => Math.round(celsiusOf(f) * 10) / 10;

describe('the limit of a batch', () => {
  it('is the highest that any ingredient demands, and names it', () => {
    const limit = coreLimit(home, [food('fish', 'Haddock'), food('poultry', 'Turkey'), food('egg', 'Egg')]);
    expect(limit).toMatchObject({ kind: 'safety', c: 74, because: 'Turkey' });
    expect(limit.authority).toContain('US federal');
    expect(coreLimit(stuffed, [food('fish')]).c).toBe(74);
    expect(coreLimit(uk, [food('fish')])).toMatchObject({ c: 70, holdMinutes: 2 });
  });

  it.each([
    ['poultry', 165, 74],
    ['minced-meat', 160, 71],
    ['whole-meat', 145, 63],
    ['fish', 145, 63],
    ['shellfish', 145, 63],
    ['egg', 160, 71],
    ['cooked-animal', 165, 74],
    ['unknown', 165, 74],
  ] as const)('home chart, %s: %d °F and %d °C both pass, a degree less in either does not', (hazard, f, c) => {
    const { at } = coreLimit(home, [food(hazard)]);
    for (const hot of [typedF(f), c, f === 165 ? 73.9 : c + 0.1]) expect(isAtLeast(hot, at)).toBe(true);
    for (const low of [typedF(f - 1), c - 1]) expect(isAtLeast(low, at)).toBe(false);
  });

  it('rests as the most demanding asks, in whatever order it is listed', () => {
    const foods = [food('fish'), food('whole-meat'), food('none')];
    for (const list of [foods, [...foods].reverse(), [foods[1], foods[0]]])
      expect(coreLimit(home, list)).toMatchObject({ c: 63, restMinutes: 3, because: 'whole-meat' });
    expect(coreLimit(home, [food('poultry'), food('whole-meat')])).toMatchObject({ c: 74, restMinutes: 0 });
  });

  it('what nobody has named asks for the most, in every pack', () => {
    for (const id of PACK_IDS) {
      const strictest = Math.max(...HAZARD_IDS.map((h) => RULE_PACKS[id].core[h]?.at.c ?? 0));
      expect(coreLimit(RULE_PACKS[id], [food('none'), food('unknown', 'Paste')])).toMatchObject({
        c: strictest,
        because: 'Paste: you haven’t said what it is',
      });
    }
  });

  it('is doneness, not safety, without animal food; and follows the school unless the kitchen chose', () => {
    expect(coreLimit(stuffed, [food('none'), food('raw-flour')])).toMatchObject({ kind: 'doneness', c: DONENESS_C });
    expect([choosePack('auto', true).id, choosePack('auto', false).id, choosePack('uk', true).id]).toEqual([
      'stuffed',
      'home',
      'uk',
    ]);
  });
});

const read = (...list: (readonly [minute: number, c: number])[]): Reading[] =>
  list.map(([minute, c]) => ({ minute, c, source: TYPED }));

describe('evidence of a cooling', () => {
  const why = (...list: (readonly [number, number])[]) => {
    const { counted, left } = coolingEvidence(read(...list), REAL);
    return { counts: counted.map(({ c }) => c), left: left.map(({ reading, why: because }) => [reading.c, because]) };
  };

  it('leaves out what was practised, unless it is a rehearsal’s own', () => {
    const practised: Reading[] = [{ minute: 5, c: 20, source: PRACTICE }, ...read([10, 80])];
    const { counted, left } = coolingEvidence(practised, REAL);
    expect(counted.map(({ c }) => c)).toEqual([80]);
    expect(left).toMatchObject([{ reading: { c: 20 }, why: 'Practice: not a measurement.' }]);
    expect(coolingEvidence([practised[0]], { isRehearsal: true }).counted).toHaveLength(1);
  });

  it('leaves out what fell faster than food can, and what a warmer one later contradicts', () => {
    expect(why([20, 85], [21, 20])).toEqual({
      counts: [85],
      left: [[20, expect.stringContaining('No filling falls so fast')]],
    });
    expect(why([100, 19], [110, 48])).toEqual({ counts: [48], left: [[19, expect.stringContaining('warmer')]] });
    expect(why([-20, 15])).toEqual({ counts: [], left: [[15, expect.stringContaining('before it came off')]] });
    // Ordinary ones, quick ones on ice, and a flicker upwards all count.
    expect(why([10, 84], [25, 66], [40, 52]).counts).toHaveLength(3);
    expect(why([2, 80], [7, 50], [12, 40]).counts).toHaveLength(3);
    expect(why([60, 24], [62, 25]).counts).toHaveLength(2);
  });
});

describe('evidence of a load', () => {
  const soonest = (c: number): number => (c - 5) / 10;
  const load = (outMinute: number | null) => ({ stays: [{ inMinute: 100, outMinute }], notBefore: null, soonest });
  const why = (minute: number, c: number, outMinute: number | null = null): string | null =>
    coreEvidence(read([minute, c]), load(outMinute), REAL).left[0]?.why ?? null;

  it('is of this load, not from before the heat nor long after it, and no hotter than its middle can be', () => {
    expect(why(95, 76)).toContain('before this load began to cook');
    expect(why(112, 76)).toBeNull();
    expect(why(104, 76)).toContain('Hotter than the middle can be so soon');
    expect(why(112 + RESTS_MINUTES, 76, 112)).toBeNull();
    expect(why(113 + RESTS_MINUTES, 76, 112)).toContain('after this load came out');
    expect(why(100 + 7 * 60, 76)).toContain('hours after');
  });

  it('without a clock it cannot be from before it was wrapped', () => {
    const none = { stays: [], notBefore: 50, soonest: null };
    expect(coreEvidence(read([49, 76], [51, 77]), none, REAL)).toMatchObject({
      counted: [{ c: 77 }],
      left: [{ why: 'Taken before it can have been cooked.' }],
    });
  });

  it('put back into the heat it was warm already', () => {
    const again = {
      stays: [
        { inMinute: 0, outMinute: 20 },
        { inMinute: 25, outMinute: null },
      ],
      notBefore: null,
      soonest,
    };
    expect(coreEvidence(read([27, 76]), again, REAL).counted).toHaveLength(1);
  });
});

describe('the verdict on a load', () => {
  const poultry = coreLimit(stuffed, [food('poultry')]);
  const judge = (
    list: readonly (readonly [number, number, number?])[],
    { parcels = 24, isOut = false, limit = poultry, heating = undefined as ((c: number) => number) | undefined } = {},
  ) => {
    const readings = list.map(([minute, c, parcel]) => ({ minute, c, source: TYPED, ...(parcel ? { parcel } : {}) }));
    const { counted } = coreEvidence(readings, { stays: [], notBefore: null, soonest: null }, REAL);
    return judgeLoad({ load: 1, parcels, isOut, counted }, limit, heating);
  };

  it('needs three pieces, and the lowest counts', () => {
    expect(judge([])).toMatchObject({ outcome: 'none', state: 'watch', needed: 3, lowestC: null });
    expect(
      judge([
        [1, 80],
        [1.2, 78],
      ]),
    ).toMatchObject({ outcome: 'incomplete', state: 'watch', enough: false });
    expect(
      judge([
        [1, 80],
        [1.2, 78],
        [1.4, 74],
      ]),
    ).toMatchObject({ outcome: 'pass', state: 'good', lowestC: 74 });
    expect(
      judge([
        [1, 80],
        [1.2, 78],
        [1.4, 73],
      ]),
    ).toMatchObject({ outcome: 'fail', state: 'fix', lowestC: 73 });
    expect(judge([[1, 75]], { parcels: 1 }).outcome).toBe('pass');
    expect(judge([[1, 75]], { parcels: 2 }).outcome).toBe('incomplete');
  });

  it('one piece counts once, however often it is measured', () => {
    expect(
      judge([
        [1, 80, 1],
        [1.2, 81, 1],
        [1.4, 82, 1],
      ]),
    ).toMatchObject({ outcome: 'incomplete', count: 1 });
    expect(
      judge([
        [1, 80, 1],
        [1.2, 81, 2],
        [1.4, 82, 3],
      ]).outcome,
    ).toBe('pass');
  });

  it('a low one is not outdone by the pieces beside it, only by cooking on', () => {
    expect(
      judge([
        [1, 66],
        [1.2, 76],
        [1.4, 75],
        [1.6, 77],
      ]),
    ).toMatchObject({ outcome: 'fail', lowestC: 66 });
    expect(
      judge([
        [1, 66],
        [4, 76],
      ]).outcome,
    ).toBe('incomplete');
    expect(
      judge([
        [1, 66],
        [4, 76],
        [4.2, 75],
        [4.4, 77],
      ]),
    ).toMatchObject({ outcome: 'pass', lowestC: 75 });
    // From 40 °C it takes longer than two minutes here, whoever reads it.
    const heating = (c: number): number => (74 - c) / 5;
    expect(
      judge(
        [
          [1, 40],
          [3, 76],
          [3.2, 75],
          [3.4, 77],
        ],
        { heating },
      ).outcome,
    ).toBe('fail');
    expect(
      judge(
        [
          [1, 40],
          [9, 76],
          [9.2, 75],
          [9.4, 77],
        ],
        { heating },
      ).outcome,
    ).toBe('pass');
    expect(
      judge([
        [1, 90],
        [1.1, 90],
        [1.2, 90],
        [9, 60],
      ]),
    ).toMatchObject({ outcome: 'fail', lowestC: 60 });
  });

  it('a rule with a holding time: hot enough at once, or kept there by a clock and measured again', () => {
    const limit = coreLimit(uk, [food('poultry')]);
    const first: [number, number][] = [
      [0, 72],
      [0.5, 73],
      [1, 74],
    ];
    expect(judge(first, { limit })).toMatchObject({ outcome: 'hold', state: 'watch', holdUntilMinute: 3, lowestC: 72 });
    expect(judge([...first, [2, 72], [2.2, 72], [2.4, 72]], { limit }).outcome).toBe('hold');
    expect(judge([...first, [3.1, 71], [3.2, 72], [3.4, 72]], { limit })).toMatchObject({
      outcome: 'pass',
      lowestC: 71,
    });
    expect(judge([...first, [3.1, 69]], { limit }).outcome).toBe('fail');
    expect(
      judge(
        [
          [0, 75],
          [0.2, 76],
          [0.4, 77],
        ],
        { limit },
      ).outcome,
    ).toBe('pass');
    expect(judge([[0, 69.9]], { limit }).outcome).toBe('fail');
    // The published equivalents are the rule, too: ten minutes at 65.
    const held: [number, number][] = [
      [0, 66],
      [0.2, 67],
      [0.4, 66],
      [10.5, 66],
      [10.7, 66],
      [10.9, 67],
    ];
    expect(judge(held, { limit })).toMatchObject({ outcome: 'pass', by: { at: { c: 65 }, minutes: 10 } });
    expect(judge(held.slice(0, 5), { limit }).outcome).toBe('fail');
  });

  it('says what to do now, of a load in the heat and of one that is out', () => {
    const words = (isOut: boolean) => nextWords(judge([[1, 58]], { isOut }), poultry, 'C');
    expect(words(false)).toBe('Keep cooking, then measure 3 of them again.');
    expect(words(true)).toBe('Cook it again now, then measure 3 of them again.');
    const whole = coreLimit(home, [food('whole-meat')]);
    const done = judge(
      [
        [1, 64],
        [1.2, 65],
        [1.4, 66],
      ],
      { limit: whole },
    );
    expect(nextWords(done, whole, 'F')).toBe('Measured hot enough. Rest 3 minutes before serving.');
  });

  it('is of every load: one that came out cold is not made good by the next', () => {
    const of = (load: number, ...celsius: number[]) => ({
      load,
      parcels: 8,
      isOut: true,
      counted: coreEvidence(
        celsius.map((c, i) => ({ minute: i / 5, c, source: TYPED })),
        { stays: [], notBefore: null, soonest: null },
        REAL,
      ).counted,
    });
    const hot = [80, 80, 80];
    expect(judgeLoads([of(1, 58), of(2, ...hot)], poultry, 0).state).toBe('fix');
    expect(judgeLoads([of(1, ...hot), of(2)], poultry, 0).state).toBe('watch');
    expect(judgeLoads([of(1, ...hot)], poultry, 8).state).toBe('watch');
    expect(judgeLoads([of(1, ...hot), of(2, ...hot)], poultry, 0).state).toBe('good');
    expect(judgeLoads([], poultry, 0).state).toBe('watch');
  });
});

/** Straight from one to the next. */
const track = (...list: [minute: number, c: number][]): Track => list.map(([minute, c]) => ({ minute, c }));

describe('exposure', () => {
  it('counts minutes between two temperatures exactly, down, up and at rest', () => {
    expect(minutesBetween(track([0, 60], [110, 5]), 5, 60)).toBeCloseTo(110, 9);
    expect(minutesBetween(track([0, 90], [30, 60], [85, 5]), 5, 60)).toBeCloseTo(55, 9);
    expect(minutesBetween(track([0, 0], [10, 10], [20, 10]), 5, 60)).toBeCloseTo(15, 9);
    expect(minutesBetween(track([0, 5], [60, 5]), 5, 60)).toBe(0);
    expect(minutesBetween(track([0, 40], [100, 40]), 5, 60, 30)).toBe(30);
    expect(minuteAtMost(track([0, 90], [30, 60]), 75)).toBe(15);
    expect(temperatureAt(track([0, 90], [30, 60]), 99)).toBe(60);
  });

  it('runs through every reading, and between them as the forecast does', () => {
    const forecast = track([0, 90], [60, 30], [120, 25]);
    const seen = throughReadings(forecast, [{ minute: 60, c: 36 }]);
    expect(temperatureAt(seen, 0)).toBe(90);
    expect(temperatureAt(seen, 60)).toBe(36);
    expect(temperatureAt(seen, 120)).toBe(31);
    expect(throughReadings(forecast, [])).toBe(forecast);
  });
});

describe('cooling by the packs, each edge in both scales', () => {
  const stage = (pack: typeof home, t: Track, more: object = {}) =>
    coolingStages(pack, { track: t, heatedAtMinute: null, ...more });
  const inScales = (from: [f: number, c: number], to: [f: number, c: number]) => [
    [celsiusOf(from[0]), celsiusOf(to[0])],
    [from[1], to[1]],
  ];

  it.each(inScales([135, 57], [70, 21]))('stuffed: %d → %d °C in 120 minutes is met, in 121 missed', (from, to) => {
    const at = (minutes: number) => stage(stuffed, track([0, from], [minutes, to], [minutes + 1, to]))[0];
    expect(at(120)).toMatchObject({ rule: 'stuffed-57-21', ok: true, end: 'met' });
    expect(at(120).tookMinutes ?? 999).toBeGreaterThan(119);
    expect(at(121)).toMatchObject({ ok: false, end: 'missed' });
  });

  it.each(inScales([135, 57], [41, 5]))(
    'stuffed: %d → %d °C in 360 minutes in all is met, in 361 missed',
    (from, to) => {
      const at = (minutes: number) => stage(stuffed, track([0, from], [60, 21], [minutes, to]))[1];
      expect(at(360)).toMatchObject({ rule: 'stuffed-57-5', ok: true });
      expect(at(361)).toMatchObject({ ok: false, end: 'missed' });
    },
  );

  it('what is wrapped warm has not met 57 → 21; heated again in time the rule is not asked', () => {
    const warm = track([0, 90], [40, 57], [120, 35]);
    expect(stage(stuffed, warm, { heatedAtMinute: 150 })[0]).toMatchObject({
      ok: true,
      end: 'heated',
      tookMinutes: null,
      usedMinutes: 110,
    });
    expect(stage(stuffed, warm, { heatedAtMinute: 161 })[0]).toMatchObject({ ok: false, end: 'missed' });
    expect(stage(stuffed, warm)[0]).toMatchObject({ ok: false, end: 'open' });
  });

  it('the fridge’s door ends nothing for a deep pot', () => {
    const slow = track([0, 90], [600, 5]);
    const inFridge = { coldAtMinute: 0, depthMm: 120 };
    expect(stage(home, slow, inFridge)[0]).toMatchObject({ ok: false, end: 'deep' });
    expect(stage(uk, slow, inFridge)[0]).toMatchObject({ ok: false });
    expect(stage(home, slow, { coldAtMinute: 100, depthMm: 50 })[0]).toMatchObject({ ok: true, tookMinutes: 100 });
    expect(stage(home, slow, { coldAtMinute: 121, depthMm: 50 })[0]).toMatchObject({ ok: false, end: 'missed' });
    expect(stage(uk, slow, { coldAtMinute: 91, depthMm: 50 })[0].ok).toBe(false);
    // Whatever the pack its middle decides.
    expect(warmState(warmMinutes({ track: slow, heatedAtMinute: null }))).toBe('fix');
  });

  it('two hours in a room, one above 90 °F; 32 °C and 90 °F are not above it', () => {
    const limit = (roomC: number) =>
      stage(home, track([0, 90], [70, 30]), { coldAtMinute: 70, depthMm: 20, roomC })[0].limitMinutes;
    expect([limit(21), limit(32), limit(typedF(90)), limit(33), limit(typedF(91))]).toEqual([120, 120, 120, 60, 60]);
  });

  it('between 57 and 21 °C more than two hours is Watch, more than four is Fix', () => {
    const state = (minutes: number) =>
      warmState(warmMinutes({ track: track([0, 57], [minutes, 21]), heatedAtMinute: null }));
    expect([state(120), state(121), state(240), state(241)]).toEqual(['good', 'watch', 'watch', 'fix']);
    expect(
      isAtMost(8, RULE_PACKS.uk.cooling[0].kind === 'refrigerate' ? RULE_PACKS.uk.cooling[0].coldTo : { c: 0, f: 0 }),
    ).toBe(true);
  });
});

describe('the command', () => {
  const ask = (more: object) => safe(safeInput.parse({ pack: 'home', school: 'raw', hazards: ['poultry'], ...more }));
  const readings = (source: 'typed' | 'practice', ...celsius: number[]) =>
    celsius.map((c, i) => ({ minute: 20 + i / 5, c, source }));

  it('is good by counted readings only, of every load', () => {
    const core = (...loads: object[]) => ask({ loads }).core;
    expect(core({ parcels: 8, readings: readings('typed', 75, 76, 73.9) })).toEqual({
      state: 'good',
      limitC: 74,
      restMinutes: 0,
      loads: [{ state: 'good', lowestC: 73.9, enough: true }],
    });
    expect(core({ parcels: 8, readings: readings('practice', 97, 97, 97) })).toMatchObject({
      state: 'watch',
      loads: [{ lowestC: null, enough: false }],
    });
    expect(
      core({ parcels: 8, readings: readings('typed', 58) }, { parcels: 8, readings: readings('typed', 80, 80, 80) }),
    ).toMatchObject({ state: 'fix', loads: [{ state: 'fix', lowestC: 58 }, { state: 'good' }] });
    expect(ask({}).core.state).toBe('watch');
  });

  it('rests as the most demanding asks, whatever the order', () => {
    expect(ask({ hazards: ['fish', 'whole-meat'] }).core).toMatchObject({ limitC: 63, restMinutes: 3 });
    expect(ask({ hazards: ['whole-meat', 'fish'] }).core).toMatchObject({ limitC: 63, restMinutes: 3 });
  });

  it('judges what was measured while it cooled, or stood', () => {
    const cooled = (pack: string, exposures: [number, number][], more: object = {}) =>
      ask({ pack, school: 'cooked', exposures: exposures.map(([minute, c]) => ({ minute, c })), ...more }).cooling;
    const quick: [number, number][] = [
      [0, 90],
      [10, 57],
      [60, 21],
      [200, 5],
    ];
    for (const pack of PACK_IDS) expect(cooled(pack, quick).state).toBe('good');
    expect(
      cooled('stuffed', [
        [0, 57],
        [121, 21],
        [200, 5],
      ]).state,
    ).toBe('fix');
    for (const pack of PACK_IDS) {
      expect(
        cooled(pack, [
          [0, 57],
          [180, 21],
          [300, 5],
        ]).state,
      ).not.toBe('good');
      expect(
        cooled(pack, [
          [0, 57],
          [241, 21],
          [300, 5],
        ]).state,
      ).toBe('fix');
      // On the counter all night.
      expect(
        cooled(pack, [
          [0, 60],
          [100, 21],
          [700, 20],
        ]).state,
      ).toBe('fix');
      // Raw on the bench: two hours, four hours.
      expect(
        cooled(pack, [
          [0, 5],
          [100, 15],
        ]).state,
      ).toBe('good');
      expect(
        cooled(pack, [
          [0, 5],
          [130, 17],
        ]).state,
      ).toBe('watch');
      expect(
        cooled(pack, [
          [0, 5],
          [300, 20],
        ]).state,
      ).toBe('fix');
    }
    expect(cooled('home', quick).minutesBetween5And60).toBeCloseTo(200 - (10 * 30) / 33, 6);
    expect(ask({}).cooling.state).toBe('watch');
  });

  it.each([
    [{ pack: 'nobody' }, /^pack/],
    [{ loads: [{ parcels: 0, readings: [] }] }, /^loads\.0\.parcels/],
    [
      {
        exposures: [
          { minute: 5, c: 60 },
          { minute: 5, c: 50 },
        ],
      },
      /^exposures/,
    ],
    [{ loads: [{ parcels: 1, readings: [{ minute: 1, c: 400, source: 'typed' }] }] }, /c$/],
    [{ loads: [{ parcels: 1, readings: [{ minute: 1, c: 70, source: 'simulated' }] }] }, /source$/],
  ])('refuses %j', (more, where) => {
    const read = safeInput.safeParse({ pack: 'home', school: 'raw', hazards: [], ...more });
    expect(read.success ? '' : read.error.issues[0].path.join('.')).toMatch(where);
  });
});

describe('lethality', () => {
  const reference = { c: 70, zC: 7.5, minutes: 2 };
  const at = (...list: [number, number][]) => list.map(([minute, c]) => ({ minute, c }));
  it('counts minutes at the reference one for one, ten times as fast one z above', () => {
    expect(lethality({ readings: at([0, 70], [3, 70]), reference })).toMatchObject({
      equivalentMinutes: 3,
      reached: true,
      atMinute: 2,
    });
    expect(lethality({ readings: at([0, 77.5], [1, 77.5]), reference }).equivalentMinutes).toBeCloseTo(10, 9);
  });
  it('agrees with fine numerical integration on a ramp, and finds the minute', () => {
    let total = 0;
    let minute: number | null = null;
    const n = 200_000;
    for (let i = 0; i < n; i++) {
      total += 10 ** ((50 + (26 * (i + 0.5)) / n - 70) / 7.5) * (12 / n);
      if (minute === null && total >= 2) minute = (12 * (i + 1)) / n;
    }
    const result = lethality({ readings: at([0, 50], [12, 76]), reference });
    expect(result.equivalentMinutes).toBeCloseTo(total, 4);
    expect(result.atMinute).toBeCloseTo(minute ?? NaN, 2);
  });
  it('refuses readings out of order and says so', () => {
    expect(lethalityInput.safeParse({ readings: at([2, 70], [1, 70]), reference }).success).toBe(false);
  });
});
