/** Files kept as the version before wrote them: they open unchanged in meaning. */
import { problemWords } from '@/core/stored/problem';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { cookedLoads, countedInHeat } from '@/core/cooking/load-evidence';
import { NOT_COOKED } from '@/core/stored/create';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { portionSpread, saltAim } from '@/core/learning/learned';
import { wayOf } from '@/core/stored/ways-to-cook';
import { FIRST_APPLIANCES } from '@/core/vocabulary/appliances';
import { kitchenSchema } from '@/core/stored/kitchen-schema';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { ingredientById } from '@/core/food/catalogue';
import { putAsideWords } from '@/core/notebook/put-aside';
import { METHODS, type Method } from '@/core/vocabulary/methods';
import { type DoughKind, type FillingKind } from '@/core/vocabulary/methods/method';
import { hasPreparation } from '@/core/vocabulary/releases';
import { readBatch, readKitchen } from '@/core/stored/read';
import { type Batch } from '@/core/stored/schema';
import { readDay } from '@/core/stored/read-day';
import { readRehearsal } from '@/core/stored/read-rehearsal';
import { BATCH_VERSION, DAY_VERSION, KITCHEN_VERSION } from '@/core/vocabulary/formats';
import { FORMS } from '@/core/forms';
import { resolveLines } from '@/core/filling/lines';
import { asVersion10 } from './older';

type Json = Record<string, unknown>;
const stored = (name: string, version = 4): Json =>
  JSON.parse(readFileSync(path.join(__dirname, `../stored/version-${version}/${name}.json`), 'utf8')) as Json;
const opened = (name: string, version = 4): Batch => {
  const read = readBatch(stored(name, version));
  if (!read.ok) throw new Error(read.problems.map(problemWords).join());
  return read.value;
};

it('a kitchen of version 7 has learned nothing of notes yet but its portions, and keeps all else', () => {
  const { portionSpread, tastings: _moved, ...old } = stored('kitchen-7', 9);
  const read = readKitchen(stored('kitchen-7', 9));
  expect(read).toMatchObject({ ok: true, value: { ...old, version: KITCHEN_VERSION, frozen: [] } });
  expect(read.ok && read.value.learned).toMatchObject([
    { what: 'portion-spread', of: 'all', value: (portionSpread as { percent: number }).percent },
  ]);
});

it('a kitchen of version 8 keeps what it has learned, batch by batch; reasons nobody wrote down are empty', () => {
  const old = stored('kitchen-8', 10) as Json & { learned: { evidence: Json[] }[] };
  const read = readKitchen(old);
  if (!read.ok) throw new Error(read.problems.map(problemWords).join());
  const [edge, spread] = read.value.learned;
  // Since version 11 the house estimate lies half a gram higher, and what was learned with it.
  expect(edge).toEqual({
    ...old.learned[0],
    estimate: 5,
    value: 4.62,
    evidence: old.learned[0].evidence.map((e) => ({ ...e, x: Number(e.x) + 0.5, because: '' })),
  });
  expect(spread).toMatchObject({ what: 'portion-spread', value: 6.2 });
  expect(spread.evidence).toHaveLength(3);
  expect(portionSpread(read.value)).toBe(6.2);
  expect(saltAim(read.value)).toBe(1.16);
});

it('version 12: a strip folded like a flag keeps its skin and what was typed, and is called flag triangle', () => {
  const { wrap, lines, version } = opened('cheese-flags', 12);
  const { wrap: was, lines: typed } = stored('cheese-flags', 12) as unknown as Batch;
  expect(version).toBe(BATCH_VERSION);
  expect(wrap).toEqual({ ...was, form: 'flag-triangle', isThawed: false });
  expect(lines).toEqual(typed);
});

it('a kitchen of version 11 shows what it showed, and has salt and pepper in the house', () => {
  const was = stored('kitchen-11', 12);
  const read = readKitchen(was);
  if (!read.ok) throw new Error(read.problems.map(problemWords).join());
  expect(read.value).toEqual({
    ...was,
    version: KITCHEN_VERSION,
    lengths: 'mm',
    amounts: 'written',
    hours: 24,
    alwaysAtHome: ['salt', 'black-pepper'],
  });
});

describe('version 11', () => {
  it('a learned wet edge is carried over where it means the same, moved as its estimate moved', () => {
    const read = readKitchen(stored('kitchen-10', 11));
    if (!read.ok) throw new Error(read.problems.map(problemWords).join());
    const { learned, version } = read.value;
    expect(version).toBe(KITCHEN_VERSION);
    expect(
      learned.map(({ what, of, estimate, value, evidence }) => [what, of, estimate, value, evidence[0].x]),
    ).toEqual([
      ['wet-edge', 'bake short cooked', 5, 4.6, 3.6],
      ['wet-edge', 'steam noodle raw', 22, 20.5, 19],
      ['wet-edge', 'steam noodle raw broth', 28, 29, 30],
      ['wet-edge', 'bake short fruit', 12, 11, 9],
      ['wrap-seconds', 'pleats', 40, 35, 30],
    ]);
    for (const { what, of, estimate } of learned.filter((one) => one.what === 'wet-edge')) {
      const [method, dough, kind, broth] = of.split(' ');
      const edges = METHODS[method as Method].tolerance[dough as DoughKind];
      expect([what, of, broth === undefined ? edges[kind as FillingKind] : 28]).toEqual([what, of, estimate]);
    }
  });

  it('what means something else now is put aside and said once', () => {
    const read = readKitchen(stored('kitchen-10', 11));
    if (!read.ok) throw new Error(read.problems.map(problemWords).join());
    expect(putAsideWords(read.value)).toEqual([
      'Most loose liquid, short pastry in the oven with raw meat or fish in it: 9.0 g per 100 g, from 1 batch',
      'Least loose liquid, a boiled piece with raw meat or fish in it: 4.6 g per 100 g, from 3 batches',
    ]);
    expect(applyToKitchen(read.value, { do: 'readPutAside' }).putAside).toEqual([]);
    expect(kitchenSchema.safeParse(read.value).success).toBe(true);
  });

  it('a preparation that the food’s table no longer has becomes what comes nearest', () => {
    const { lines } = opened('fruit-and-sauce', 11);
    expect(lines.map(({ ingredientId, preparation }) => [ingredientId, preparation])).toEqual([
      ['rhubarb', 'cooked-soft'],
      ['peaches-tinned', 'cooked-down'],
      ['passata', 'cooked-down'],
      ['tomato-sauce', 'simmered-down'],
      ['bamboo-shoots', 'squeezed'],
      ['leek', 'sweated'],
      ['soured-cream', 'drained-overnight'],
    ]);
    for (const { ingredientId, preparation } of lines) {
      const release = ingredientById(ingredientId)?.release;
      expect(release && hasPreparation(release, preparation)).toBe(true);
    }
  });
});

describe('version 10', () => {
  it('readings are typed, each of its load and piece; loads have their numbers, the board went into the heat', () => {
    const { cook, wrap, edits } = opened('turkey-two-loads', 10);
    expect(edits).toEqual([]);
    expect(cook.readings.map(({ c, load, parcel, source }) => [c, load, parcel, source.by])).toEqual([
      [58, 1, 1, 'typed'],
      [80, 2, 1, 'typed'],
      [81, 2, 2, 'typed'],
      [79, 2, 3, 'typed'],
    ]);
    expect(cook.earlierRuns).toMatchObject([{ load: 1, parcels: null }]);
    expect(cook.run).toMatchObject({ load: 2, parcels: null });
    expect(wrap.earlierBoards).toMatchObject([{ to: 'heat' }]);
    const old = stored('turkey-two-loads', 10);
    expect({ ...asVersion10(opened('turkey-two-loads', 10)), version: 10 }).toEqual(old);
  });

  it('a load that came out cold was called hot by the next one; now it is not', () => {
    const batch = opened('turkey-two-loads', 10);
    const { core } = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first')).checks;
    expect(core).toMatchObject({ state: 'fix', headline: 'Core: load 1 not hot enough' });
    expect(core.sentence).toContain('came out at *58 °C*');
  });

  it('a cooling of the day before went into the cold; what runs has missed nothing yet', () => {
    const { cool } = opened('duck-cooling', 10);
    expect(cool.earlierRuns).toMatchObject([
      { to: 'cold', missed: [], readings: [{ c: 84, source: { by: 'typed' } }] },
    ]);
    expect(cool.run).toMatchObject({ missed: [], readings: [{ c: 80.4, source: { by: 'typed' } }] });
  });

  it('what was rehearsed is practice, in the batch and in the rehearsal’s own file', () => {
    expect(opened('rehearsed', 10).cook.readings).toMatchObject([{ c: 76.3, source: { by: 'practice' } }]);
    expect(readRehearsal(stored('rehearsal', 10))).toMatchObject({
      ok: true,
      value: { begun: { version: BATCH_VERSION } },
    });
  });

  it('an own ingredient whose hazard was never chosen is asked again, and is the strictest until then', () => {
    const batch = opened('own-mince', 10);
    expect(batch.ingredients).toMatchObject([{ name: 'Farm mince', hazard: 'unknown' }]);
    const { limit, findings, goesInRaw } = assess(batch, DEFAULT_KITCHEN, null);
    expect(goesInRaw).toBe(true);
    expect(limit).toMatchObject({ kind: 'safety', c: 74 });
    expect(findings.find(({ text }) => text.includes('Farm mince'))?.fix?.label).toBe('It is minced meat');
    const read = readKitchen(stored('kitchen-9', 10));
    expect(read).toMatchObject({
      ok: true,
      value: { version: KITCHEN_VERSION, edits: [], ingredients: [{ hazard: 'unknown' }, { hazard: 'fish' }] },
    });
    expect(read.ok && saltAim(read.value)).toBe(1.2);
  });

  it('a day knows which edits it holds, and all else as it was', () => {
    const old = stored('day-1', 10);
    expect(readDay(old)).toEqual({ ok: true, value: { ...old, version: DAY_VERSION, edits: [] } });
  });
});

/** As version 9 had it: what came with version 10 is the same for all older ones, and looked at once. */
const before10 = (name: string, version = 4) => {
  const { note, lineage: _line, doneAt: _done, ...rest } = asVersion10(opened(name, version));
  return { ...rest, note: { outcomes: note.outcomes.map((o) => o.what), words: note.words } };
};

describe('version 9', () => {
  it.each(['turkey-noted', 'pumpkin'])('%s: all is there; what was noted is clearly so', (name) => {
    const {
      version: _then,
      note: then,
      ...rest
    } = stored(name, 9) as Json & { note: { outcomes: string[]; words: string } };
    const { version, note, lineage, doneAt, ...now } = asVersion10(opened(name, 9));
    expect(now).toEqual(rest);
    expect({ version, doneAt }).toEqual({ version: BATCH_VERSION, doneAt: null });
    expect(lineage).toEqual({ thing: now.id, number: 1, parentId: null, changed: [] });
    expect(note.words).toBe(then.words);
    expect(note.outcomes.map((o) => o.what)).toEqual(then.outcomes);
    expect(note.outcomes.every((o) => o.much === 'clearly')).toBe(true);
    expect(note.at).toBe(then.outcomes.length > 0 ? now.updatedAt : null);
  });
});

describe('version 8', () => {
  it.each(['turkey', 'venison-in-the-heat'])('%s: all is there, and nothing was taken yet', (name) => {
    const { version: _then, ...rest } = stored(name, 8);
    const { version, taken, ...now } = before10(name, 8);
    expect(now).toEqual(rest);
    expect({ version, taken }).toEqual({ version: BATCH_VERSION, taken: [] });
  });
});

describe('version 7', () => {
  it.each(['venison', 'turkey', 'seared', 'duck'])(
    '%s: every step and reading is there, nothing is in the heat',
    (name) => {
      const { version: _then, cook: old, ...rest } = stored(name, 7) as Json & { cook: Json };
      const { version, cook, ...now } = before10(name, 7);
      expect(now).toEqual({ ...rest, taken: [] });
      expect(version).toBe(BATCH_VERSION);
      expect(cook).toMatchObject({ ...old, applianceId: null, load: null, liquidG: null, run: null, earlierRuns: [] });
    },
  );
  it('the readings of before there was a clock still say that it failed first, and passed only in part', () => {
    const venison = opened('venison', 7);
    expect(cookedLoads(venison, venison.count, null).loads.flatMap(({ counted }) => counted)).toHaveLength(
      venison.cook.readings.length,
    );
    expect(countedInHeat(venison, 1)).toEqual([]);
  });
  it('a lace keeps its slurry, and is still called so', () => {
    const { cook, wrap } = before10('seared', 7);
    expect(cook.steps.map(({ starchG }) => starchG)).toEqual([0, 4, 0]);
    expect(wayOf(cook, wrap.form)).toBe('sear-lace');
  });
  it('the kitchen has one of each to cook in, and keeps its oven’s fan', () => {
    const read = readKitchen(stored('kitchen', 7));
    expect(read).toMatchObject({
      ok: true,
      value: { fanOven: true, learned: [{ what: 'portion-spread', value: 7 }], thermometer: null },
    });
    expect(read.ok && read.value.appliances.map(({ kind }) => kind)).toEqual(['oven', 'pan', 'pot', 'steamer']);
  });
});

describe('version 6', () => {
  it.each([
    ['turkey', 'steam', null, 18],
    ['haddock', 'oven', 180, 75],
    ['venison', 'oil', 170, 6],
  ])('%s: its method is one step, everything else as it was', (name, medium, mediumC, minutes) => {
    const { version: _then, cook: old, ...rest } = stored(name, 6) as Json & { cook: Json };
    const { version, cook, ...now } = before10(name, 6);
    expect(now).toEqual({ ...rest, taken: [] });
    expect(version).toBe(BATCH_VERSION);
    expect(cook).toEqual({
      method: old.method,
      startC: old.startC,
      steps: [{ medium, mediumC, minutes, turn: false, waterG: null, starchG: 0 }],
      ...NOT_COOKED,
      readings: old.readings,
    });
  });
  it('what lay on a griddle was turned half-way', () => {
    expect(opened('flat', 6).cook.steps).toEqual([
      { medium: 'griddle', mediumC: 190, minutes: 4.5, turn: false, waterG: null, starchG: 0 },
      { medium: 'griddle', mediumC: 190, minutes: 4.5, turn: true, waterG: null, starchG: 0 },
    ]);
  });
  it('the kitchen opens as it was', () => {
    const { portionSpread: _none, tastings: _moved, ...old } = stored('kitchen', 6);
    const { lengths, amounts, hours, alwaysAtHome } = DEFAULT_KITCHEN;
    expect(readKitchen(stored('kitchen', 6))).toEqual({
      ok: true,
      value: {
        ...old,
        ...{ lengths, amounts, hours, alwaysAtHome },
        frozen: [],
        edits: [],
        version: KITCHEN_VERSION,
        appliances: FIRST_APPLIANCES,
        thermometer: null,
        learned: [],
        putAside: [],
      },
    });
  });
});

describe('version 5', () => {
  it.each([
    ['turkey', 'pleats'],
    ['pumpkin', 'pressed'],
    ['duck-cooling', 'pressed'],
  ])('%s: everything it had is there, its skin under its shape', (name, edge) => {
    const { version: _then, wrap: old, cook: _cook, ...rest } = stored(name, 5) as Json & { wrap: Json };
    const { version, wrap, cook: _cookNow, ...now } = before10(name, 5);
    expect(now).toEqual({ ...rest, taken: [] });
    expect(version).toBe(BATCH_VERSION);
    const { diameterMm, depthMm: _none, ...kept } = old;
    expect(wrap).toMatchObject({ ...kept, skin: { shape: 'round', diameterMm }, edge, vent: 'none', board: null });
  });

  it('the pan pie’s two millimetres of thin sheets are four sheets, and weigh what they did', () => {
    const { wrap } = before10('haddock', 5);
    expect(wrap).toMatchObject({
      skin: { shape: 'pan', diameterMm: 280, depthMm: 45, sheetsBelow: 4, sheetsAbove: 4 },
      thicknessMm: 0.5,
      portionG: 1450,
    });
    // One skin area, two millimetres thick: floor, wall and cover.
    const area = (2 * (Math.PI * 280 ** 2)) / 4 + Math.PI * 280 * 45;
    expect(FORMS['pan-pie'].skinArea(wrap, 1000) * wrap.thicknessMm).toBeCloseTo(area * 2, 6);
  });

  it('a weighed dough and its salt stay, and a pan whose depth was not said is as deep as it was taken', () => {
    expect(opened('duck-cooling', 5).wrap).toMatchObject({ doughG: 1900, doughSaltPercent: 0.9 });
    const haddock = stored('haddock', 5) as Json & { wrap: Json };
    const read = readBatch({ ...haddock, wrap: { ...haddock.wrap, depthMm: null, dough: 'short', thicknessMm: 4 } });
    expect(read).toMatchObject({
      ok: true,
      value: { wrap: { skin: { depthMm: 45, sheetsBelow: 1 }, thicknessMm: 4 } },
    });
  });

  it('the kitchen gains what it did not know', () => {
    expect(readKitchen(stored('kitchen', 5))).toMatchObject({
      ok: true,
      value: {
        saltTargetPercent: 1,
        cooling: [{ factor: 0.8 }],
        doughs: [],
        cuttersMm: [],
        scoopsMl: [],
        learned: [],
        frozen: [],
      },
    });
  });
});

describe('version 4', () => {
  it.each(['turkey', 'pumpkin', 'duck-cooling', 'haddock', 'own-ingredients'])('%s: nothing is lost', (name) => {
    const { version: _then, ingredients: _own, wrap: _skin, cook: _cook, ...old } = stored(name);
    const { version, ingredients: _traits, wrap: _shape, cook: _steps, taken, ...now } = before10(name);
    expect(taken).toEqual([]);
    expect(now).toEqual(old);
    expect(version).toBe(BATCH_VERSION);
  });

  it.each([
    ['duck-cooling', 'good'],
    ['own-ingredients', null],
    ['haddock', 'watch'],
    ['pumpkin', 'good'],
  ])('%s is judged, everything in it known', (name, moisture) => {
    const batch = opened(name);
    const { checks, unknown, findings } = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
    expect(unknown).toEqual([]);
    expect(findings.filter(({ text }) => text.includes('is no preparation'))).toEqual([]);
    if (moisture !== null) expect(checks.moisture.state).toBe(moisture);
  });

  it('what followed the table of herbs is tender, and lets go of as much as it did', () => {
    const batch = opened('own-ingredients');
    const [cress, curd] = batch.ingredients;
    expect(cress).toMatchObject({ release: 'moist', isTender: true, isStrong: false, isLeavener: false, dose: null });
    expect(curd).toMatchObject({ release: 'firm', isTender: false });
    const lines = resolveLines(batch, DEFAULT_KITCHEN);
    // 8 and 3 g from 100 g, as the tables of version 4 had it.
    expect(lines.find((l) => l.line.id === 'cress')?.releaseG).toBeCloseTo(60 * 0.08, 6);
    expect(lines.find((l) => l.line.id === 'smoked')?.releaseG).toBeCloseTo(60 * 0.03, 6);
    // Nobody ever said that it is no meat: asked again, and answered, it is what it was.
    const because = (b: Batch) =>
      forecastHeat(b, DEFAULT_KITCHEN, 'first')
        .cooling?.constraints.map((c) => c.because)
        .join() ?? '';
    expect(because(batch)).toContain('Garden cress could be raw meat');
    const answered = { ...batch, ingredients: batch.ingredients.map((own) => ({ ...own, hazard: 'none' as const })) };
    expect(because(answered)).toContain('Garden cress loses its scent');
  });

  it('the kitchen keeps its settings, and its own ingredients gain their traits', () => {
    const read = readKitchen(stored('kitchen'));
    expect(read).toMatchObject({
      ok: true,
      value: {
        altitudeM: 600,
        saltTargetPercent: 1.05,
        ingredients: [
          { id: 'own-garden-cress', isTender: true },
          { id: 'own-smoked-curd', release: 'firm' },
        ],
      },
    });
  });
});
