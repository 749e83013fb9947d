import { problemWords } from '@/core/stored/problem';
import { measure, measureAll } from './readings';
import { lasting } from '@/core/stored/cooking';
import { cookOfVersion6, wrapOfVersion5 } from './older';
import { lanternSupper } from '@/data/demo';
import { assess } from '@/core/checks/assess';
import { judgement } from '@/core/checks/judgement';
import { CHECK_IDS, type CheckId, worst } from '@/core/checks/check';
import { beginBatch } from '@/core/stored/create';
import { duplicateBatch } from '@/core/filling/duplicate';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { kitchenSchema } from '@/core/stored/kitchen-schema';
import { apply, type Operation } from '@/core/stored/operations';
import { readBatch } from '@/core/stored/read';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { outline } from '@/core/forecast/outline';
import { STAGES } from '@/core/vocabulary/stages';
import { thermalProperties } from '@/core/food/thermal';
import { LINE } from './make-lines';

const AT = '2026-12-05T15:00:00Z';
const [turkey, pumpkin, duck, haddock] = lanternSupper(AT);
const full = (batch: Batch, kitchen: Kitchen = DEFAULT_KITCHEN) =>
  assess(batch, kitchen, forecastHeat(batch, kitchen, 'ways'));
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
/** With a raw courgette grated in: wet at the board and in the heat. */
const wet = changed(turkey, { do: 'addLine', line: LINE('courgette', 420) });

describe('the demo', () => {
  it('is made of valid documents', () => {
    for (const batch of lanternSupper(AT))
      expect(readBatch(JSON.parse(JSON.stringify(batch)))).toEqual({ ok: true, value: batch });
    expect(kitchenSchema.safeParse(DEFAULT_KITCHEN).success).toBe(true);
  });

  it('opens with one too wet, one too slow, and the others in order', () => {
    const tooWet = full(haddock);
    expect(tooWet.checks.moisture).toMatchObject({ state: 'fix', headline: 'Moisture: too wet' });
    expect(tooWet.state).toBe('fix');
    expect(tooWet.next).toMatchObject({ check: 'moisture' });
    expect(full(pumpkin).state).toBe('good');
    expect(full(duck).checks.cooling).toMatchObject({ state: 'fix', headline: 'Cooling: too slow' });
    // Raw meat is never good before it is measured.
    expect(CHECK_IDS.filter((id) => full(turkey).checks[id].state !== 'good')).toEqual(['core']);
  });
});

/** Batches with something wrong in every check, so that every kind of fix is offered. */
const TROUBLED: [string, Batch][] = [
  ['turkey with a courgette', wet],
  ['haddock as the demo has it', haddock],
  [
    'turkey dry with crumbs',
    changed(turkey, { do: 'removeLine', id: 'leek' }, { do: 'addLine', line: LINE('breadcrumbs-dry', 160) }),
  ],
  ['turkey overfilled', changed(turkey, { do: 'setWrap', to: { portionG: 45 } })],
  ['turkey slack', changed(turkey, { do: 'setWrap', to: { portionG: 12 } })],
  ['turkey steamed too short', changed(turkey, { do: 'setCook', to: { steps: lasting(turkey.cook.steps, 9) } })],
  ['turkey unsalted', changed(turkey, { do: 'removeLine', id: 'salt' }, { do: 'removeLine', id: 'soy' })],
  ['turkey oversalted', changed(turkey, { do: 'changeLine', id: 'salt', to: { amount: 12 } })],
  ['pumpkin dry', changed(pumpkin, { do: 'addLine', line: LINE('breadcrumbs-dry', 40) })],
  ['pumpkin deep in a covered pot', changed(pumpkin, { do: 'setCool', to: { depthMm: 90, covered: true } })],
  ['duck as the demo has it', duck],
  ['pumpkin pasty', changed(pumpkin, { do: 'addLine', line: LINE('cornflour', 30, 'raw', 'simmer') })],
  ['pumpkin soupy in the pan', changed(pumpkin, { do: 'addLine', line: LINE('cream', 150, 'raw', 'simmer') })],
  [
    'pumpkin soupy, weighed',
    changed(
      pumpkin,
      { do: 'addLine', line: LINE('cream', 150, 'raw', 'simmer') },
      { do: 'setWater', to: { panG: 800 } },
      { do: 'addWeighIn', weighIn: { at: AT, grams: 1440 } },
    ),
  ],
];

/** Each batch is worked out once. */
const known = new Map<Batch, ReturnType<typeof full>>();
function assessed(batch: Batch): ReturnType<typeof full> {
  const before = known.get(batch) ?? full(batch);
  known.set(batch, before);
  return before;
}

describe('every fix offered does what it promised', () => {
  const offered = TROUBLED.flatMap(([name, batch]) =>
    Object.values(assessed(batch).checks).flatMap((check) =>
      check.fixes.map((fix) => [`${name}: ${fix.label}`, batch, check.id, fix] as const),
    ),
  );

  it('offers fixes of every kind', () => {
    const kinds = new Set(offered.map(([, , , fix]) => fix.id.split('-')[0]));
    for (const kind of ['prepare', 'cook', 'bind', 'add', 'less', 'portion', 'skin', 'cool', 'longer', 'stretch']) {
      expect(kinds).toContain(kind);
    }
  });

  it.each(offered)('%s', (_name, batch, id, fix) => {
    const before = assessed(batch).checks[id];
    const mended = changed(batch, ...fix.change);
    expect(batchSchema.safeParse(mended).success).toBe(true);
    // The alternatives of cooling are no part of what a fix promises.
    const then = judgement(mended, DEFAULT_KITCHEN, forecastHeat(mended, DEFAULT_KITCHEN, 'first')).checks;
    const after = then[id];
    expect(after.value).toBeCloseTo(fix.promise, 9);
    // What else is then to mend is said.
    const { checks } = assessed(batch);
    const broken = CHECK_IDS.filter((c) => c !== id && then[c].state === 'fix' && checks[c].state !== 'fix');
    expect(fix.but).toBe(broken.length === 0 ? null : `then ${broken.map((c) => then[c].headline).join('; ')}`);
    // Of Fit and Moisture the figure that was to be mended; another may decide then.
    const asked = before.fits?.decides;
    const moment = before.figures?.decides;
    const figure = (check: typeof after) =>
      (asked && check.fits?.[asked]) ?? (moment && check.figures?.[moment]) ?? check;
    expect(distance(figure(after))).toBeLessThan(distance(figure(before)));
  });
});

/** How far a check's value lies outside its band. */
function distance({ value, band }: { value: number | null; band: readonly [number | null, number | null] }): number {
  if (value === null) return Infinity;
  return Math.max(0, (band[0] ?? -Infinity) - value, value - (band[1] ?? Infinity));
}

describe('core: only a reading makes a batch safe', () => {
  const all = { ...turkey, cook: { ...turkey.cook, load: turkey.count } };
  const read = (...celsius: number[]): Batch => measureAll(all, AT, celsius);

  it('is never Good by forecast, however long it cooks', () => {
    for (const minutes of [16, 30, 120]) {
      expect(
        full(changed(turkey, { do: 'setCook', to: { steps: lasting(turkey.cook.steps, minutes) } })).checks.core.state,
      ).not.toBe('good');
    }
  });

  it('is Good with three readings at the limit, Fix with one below', () => {
    expect(full(read(75, 78, 74)).checks.core).toMatchObject({
      state: 'good',
      value: 74,
      unit: '°C',
    });
    expect(full(read(75, 78)).checks.core.state).toBe('watch');
    const cold = full(read(75, 78, 66)).checks.core;
    expect(cold.state).toBe('fix');
    expect(cold.sentence).toMatch(/About \d+ min more, by the forecast/);
  });

  it('a meatless batch may be Good by forecast: there is no safety minimum', () => {
    const p = full(pumpkin);
    expect(p.limit.kind).toBe('doneness');
    expect(p.checks.core.state).toBe('good');
    expect(full(changed(pumpkin, { do: 'addLine', line: LINE('egg', 50) })).checks.core.state).toBe('watch');
  });

  it('takes longer on a mountain, never arriving where water boils below the dough’s own doneness', () => {
    const minutes = (altitudeM: number) =>
      forecastHeat(turkey, { ...DEFAULT_KITCHEN, altitudeM }).core?.minutes ?? Infinity;
    expect(minutes(2500)).toBeGreaterThan(minutes(0));
    const alpine = full(pumpkin, { ...DEFAULT_KITCHEN, altitudeM: 4800 });
    expect(alpine.checks.core.state).toBe('fix');
  });
});

/** Spread and uncovered on the counter. */
const FLAT = { covered: false, ambientC: null, depthMm: 15, vessel: { kind: 'tray', areaCm2: null } } as const;

describe('cooling', () => {
  it('what is hot must be so cold that the mixture with raw meat has 12 °C; of little hot, none must', () => {
    expect(full(turkey).checks.cooling).toMatchObject({ state: 'good', headline: 'Cooling: no need to wait' });
    expect(forecastHeat(turkey, DEFAULT_KITCHEN).cooling).toBeNull();
    const half = changed(turkey, { do: 'changeLine', id: 'leek', to: { amount: 600 } });
    const { lines, coolConstraints } = outline(half, DEFAULT_KITCHEN);
    const [{ c, mixtureC }] = coolConstraints;
    expect(mixtureC).toBe(12);
    // Σ m c T / Σ m c, worked out another way.
    const heat = (isHot: boolean) =>
      lines
        .filter((l) => STAGES[l.line.stage].isHot === isHot)
        .reduce((sum, l) => sum + l.readyG * thermalProperties(l.composition, 40).heatCapacity, 0);
    expect((heat(true) * c + heat(false) * DEFAULT_KITCHEN.fridgeC) / (heat(true) + heat(false))).toBeCloseTo(12, 9);
    expect(c).toBeGreaterThan(12);
  });
  it('steam is counted as far as a sound cooling gives it: none of one that is too slow, none after the deadline', () => {
    const slow = full(duck);
    expect(slow.heat?.cooling?.evaporatedG).toBe(0);
    const open = changed(duck, { do: 'setCool', to: { covered: false } });
    const uncovered = full(open);
    expect(uncovered.checks.cooling.state).toBe('fix');
    expect(uncovered.heat?.cooling?.evaporatedG).toBeGreaterThan(20);
    expect(uncovered.ledger.steamedOff).toBe(0);
    expect(uncovered.checks.moisture.why.map((reason) => reason.text)).toContain(
      'Steam from a cooling that’s too slow, not counted',
    );
  });
  it('puts the steam on the ledger, and moisture follows', () => {
    const heat = forecastHeat(pumpkin, DEFAULT_KITCHEN);
    expect(full(pumpkin).ledger.steamedOff).toBeCloseTo(heat.cooling?.evaporatedG ?? -1, 6);
    const covered = full(changed(pumpkin, { do: 'setCool', to: { covered: true } }));
    expect(covered.ledger.steamedOff).toBe(0);
    expect(covered.checks.moisture.value ?? 0).toBeGreaterThan(full(pumpkin).checks.moisture.value ?? 0);
  });
  it('nothing hot, nothing to cool', () => {
    const cold = changed(turkey, { do: 'removeLine', id: 'leek' });
    expect(full(cold).checks.cooling).toMatchObject({ state: 'good', headline: 'Cooling: nothing hot goes in' });
  });
  it('a target within 2 K of the air is another place’s: said, with the last stretch as the fix', () => {
    const counter = full(
      changed(duck, { do: 'setWrap', to: { dough: 'rough-laminated' } }, { do: 'setCool', to: FLAT }),
    ).checks.cooling;
    expect(counter).toMatchObject({ state: 'watch', headline: 'Cooling: another place for the last stretch' });
    expect(counter.sentence).toMatch(/can’t cool to 20\s°C in 2\d\s°C air/);
    expect(counter.fixes[0].label).toMatch(/^Here for \d+ min, then the fridge for the last stretch/);
    const mended = changed(
      duck,
      { do: 'setWrap', to: { dough: 'rough-laminated' } },
      { do: 'setCool', to: FLAT },
      ...counter.fixes[0].change,
    );
    expect(full(mended).checks.cooling.state).toBe('good');
  });
});

describe('assess', () => {
  it('says what is pending while the forecast is worked out, and the rest at once', () => {
    const quick = assess(haddock, DEFAULT_KITCHEN, null);
    expect(quick.checks.cooling.pending).toBe(true);
    expect(quick.checks.core.pending).toBe(true);
    expect(quick.checks.moisture.state).toBe('fix');
  });
  it('an empty batch breaks nothing and says what to do', () => {
    const empty = full(beginBatch({ id: 'e', title: 'Empty', form: 'purse', count: 12, school: 'raw', at: AT }));
    expect(empty.next.text).toBe('Put the filling together');
    expect(empty.checks.moisture.value).toBeNull();
    expect(CHECK_IDS.every((id: CheckId) => empty.checks[id].state !== 'fix')).toBe(true);
  });
  it('shows what the larder does not hold, and names every allergen', () => {
    const odd = full(changed(turkey, { do: 'addLine', line: { ...LINE('x', 5), ingredientId: 'moonstone' } }));
    expect(odd.unknown).toEqual(['moonstone']);
    // Five grams of it change nothing, and that is said.
    expect(odd.checks.moisture.state).toBe(full(turkey).checks.moisture.state);
    expect(odd.checks.moisture.sentence).toContain('moonstone');
    const meatless = full(changed(pumpkin, { do: 'addLine', line: { ...LINE('x', 5), ingredientId: 'moonstone' } }));
    expect(full(pumpkin).checks.core).toMatchObject({ state: 'good', headline: 'Core: cooked through' });
    expect(meatless.limit).toMatchObject({ c: 74, because: 'moonstone: you haven’t said what it is' });
    // It could be raw meat: what it must reach is the strictest, and no check of heat is good by not knowing.
    expect(meatless.checks.core.state).not.toBe('good');
    expect(odd.allergens).toEqual(['celery', 'gluten', 'sesame', 'soya']);
  });
  it('the worst check is the batch’s', () => {
    expect(worst(['good', 'watch', 'good'])).toBe('watch');
    expect(worst(['good', 'fix', 'watch'])).toBe('fix');
    expect(worst([])).toBe('good');
  });
});

describe('operations', () => {
  it('move a line among its own stage only', () => {
    const order = (b: Batch) => b.lines.map((l) => l.id).join(' ');
    const moved = changed(turkey, { do: 'moveLine', id: 'soy', by: -1 });
    expect(order(moved)).toBe('leek turkey soy celeriac ginger sesame salt pepper');
    expect(order(changed(turkey, { do: 'moveLine', id: 'leek', by: 1 }))).toBe(order(turkey));
    expect(order(changed(turkey, { do: 'moveLine', id: 'turkey', by: -9 }))).toBe(order(turkey));
  });
  it('scaling keeps every percentage', () => {
    const twice = full(changed(turkey, { do: 'scaleFilling', factor: 2 }));
    expect(twice.salt.fillingPercent).toBeCloseTo(full(turkey).salt.fillingPercent, 2);
    expect(twice.ledger.released).toBeCloseTo(2 * full(turkey).ledger.released, 6);
  });
  it('never change the batch they are given', () => {
    const before = JSON.stringify(turkey);
    changed(
      turkey,
      { do: 'removeLine', id: 'leek' },
      { do: 'setNote', to: { words: 'x' } },
      { do: 'scaleFilling', factor: 3 },
    );
    expect(JSON.stringify(turkey)).toBe(before);
  });
  it('a duplicate carries no measurement over', () => {
    const cooked = changed(
      measure(turkey, AT, 80),
      { do: 'noteOutcome', outcome: { what: 'soggy', much: 'clearly', where: 'bottom' }, at: AT },
      { do: 'addTaken', taken: { what: 'wrap', minutes: 40, planned: 30, at: AT } },
      { do: 'addTasting', tasting: { at: AT, verdict: 'under', saltPercent: 1 } },
    );
    const copy = duplicateBatch(cooked, { id: 'copy', title: 'Again', at: AT });
    expect(copy.cook.readings).toEqual([]);
    expect(copy.taken).toEqual([]);
    expect(copy.season.tastings).toEqual([]);
    expect(copy.note.outcomes).toEqual([]);
    expect(copy.lines).toEqual(turkey.lines);
  });
});

describe('reading a document', () => {
  const json = (change: object): unknown => ({ ...turkey, ...change });
  it.each([
    [{ count: -1 }, 'count: must be at least 1'],
    [{ lines: [{ ...turkey.lines[0], amount: -5 }] }, 'lines.0.amount: must be above 0'],
    [{ lines: [turkey.lines[0], turkey.lines[0]] }, 'lines: two lines have the same id'],
    [{ wrap: { ...turkey.wrap, rimMm: 55 } }, 'wrap.rimMm: must be less than half the skin'],
    [{ colour: 'red' }, 'colour: is not a known field'],
    [{ format: 'something/else' }, 'format: is not a batch file'],
    [{ version: 99 }, 'version: was made by a newer Involucrum (99)'],
  ])('refuses %j', (change, problem) => {
    const result = readBatch(json(change));
    expect(result.ok).toBe(false);
    expect(result.ok ? '' : result.problems.map(problemWords).join('\n')).toContain(problem);
  });
  it.each([null, 3, [], 'text'])('refuses %j, which is no document', (value) =>
    expect(readBatch(value).ok).toBe(false),
  );

  it('walks old documents through the migrations, one version at a time', () => {
    const { title, ...old } = turkey;
    const migrations = {
      1: ({ name, ...d }: Record<string, unknown>) => ({ ...d, version: 2, label: name }),
      2: ({ label, ...d }: Record<string, unknown>) => ({ ...d, version: turkey.version, title: label }),
    };
    const result = readBatch({ ...old, version: 1, name: title }, migrations);
    expect(result).toEqual({ ok: true, value: turkey });
  });

  describe('from version 1', () => {
    const line = ({ cut: _cut, ticked: _ticked, ...rest }: Batch['lines'][number]) => rest;
    const version1 = (cookOff: object) => {
      const { ingredients: _own, stagesDone: _done, season: _season, writer: _writer, ...rest } = turkey;
      const { depthMm: _depth, ...wrap } = wrapOfVersion5(turkey.wrap);
      const {
        vessel: _vessel,
        share: _share,
        legs: _legs,
        stirEveryMinutes: _stir,
        run: _run,
        earlierRuns: _earlier,
        ...rested
      } = turkey.cool;
      const cool = { ...rested, offHeatAt: null };
      const water = { panG: null, cookOff, drainedG: 3 };
      return {
        ...rest,
        version: 1,
        lines: turkey.lines.map(line),
        wrap,
        water,
        cool,
        cook: cookOfVersion6(turkey.cook),
      };
    };

    it('an estimate stays one', () => {
      const result = readBatch(version1({ by: 'estimate', grams: 12 }));
      expect(result).toEqual({
        ok: true,
        value: { ...turkey, water: { ...turkey.water, estimate: { by: 'grams', grams: 12 }, drainedG: 3 } },
      });
    });

    it('a weighing becomes the first weigh-in', () => {
      const result = readBatch(version1({ by: 'weighing', panG: 700, panWithFillingG: 750 }));
      if (!result.ok) throw new Error(result.problems.map(problemWords).join());
      expect(result.value.water).toMatchObject({ panG: 700, weighIns: [{ at: turkey.updatedAt, grams: 750 }] });
    });

    it('what was wrong with it is still said', () => {
      const result = readBatch(version1({ by: 'guess' }));
      expect(result.ok).toBe(false);
      expect(result.ok ? [] : result.problems.map(problemWords).join()).toMatch(/water/);
    });
  });
});
