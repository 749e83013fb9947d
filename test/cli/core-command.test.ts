import { spawnSync } from 'node:child_process';
import { run } from '../../cli/run';
import { lanternSupper } from '@/data/demo';

const [turkey] = lanternSupper('2026-12-05T15:00:00Z');

/** What a command prints, in this process: one test starts it as a cook would. */
function core(command: string, input: unknown) {
  const text = typeof input === 'string' ? input : JSON.stringify(input);
  const printed = run([command], () => text);
  return { ...printed, json: printed.status === 0 ? JSON.parse(printed.stdout) : null };
}

/** The same as a process of its own. */
function spawned(words: readonly string[], input: string) {
  const { status, stdout, stderr } = spawnSync('node', ['--import', 'tsx', 'cli/main.ts', ...words], {
    input,
    encoding: 'utf8',
  });
  return { status, stdout, stderr };
}

describe('npm run core', () => {
  it('as a process: JSON on standard output, or problems on standard error and exit status 2', () => {
    const asked = '{ "amount": 1, "from": "cup", "to": "ml" }';
    expect(spawned(['convert'], asked)).toEqual({ status: 0, stdout: core('convert', asked).stdout, stderr: '' });
    expect(spawned(['convert', '--file', 'no-such.json'], '')).toEqual({
      status: 2,
      stdout: '',
      stderr: expect.stringMatching(/^--file: no-such\.json cannot be read/) as string,
    });
  });

  it('takes its input from a file that is named, and nothing else', () => {
    const read = (file: string | undefined) => `{ "amount": 1, "from": "${file ?? 'tsp'}", "to": "ml" }`;
    expect(run(['convert', '--file', 'cup'], read).stdout).toBe(run(['convert'], () => read('cup')).stdout);
    expect(run(['convert', '--paper', 'cup'], read)).toMatchObject({ status: 2, stdout: '' });
    expect(run([], read).stderr).toMatch(/^command: is missing/);
  });

  it('safe: practice counts for nothing, every load for itself, a fall by its authority’s own figures', () => {
    const reading = (minute: number, celsius: number, source = 'typed') => ({ minute, c: celsius, source });
    const asked = {
      pack: 'stuffed',
      school: 'raw',
      hazards: ['fish', 'minced-meat'],
      exposures: [
        { minute: 0, c: 57 },
        { minute: 120, c: 21 },
        { minute: 360, c: 5 },
      ],
      loads: [
        { parcels: 3, readings: [reading(1, 75), reading(1.1, 74), reading(1.2, 76)] },
        {
          parcels: 3,
          readings: [reading(1, 97, 'practice'), reading(1.1, 97, 'practice'), reading(1.2, 97, 'practice')],
        },
      ],
    };
    expect(core('safe', asked).json).toMatchObject({
      cooling: { state: 'good', stages: [{ limitMinutes: 120, ok: true }, { ok: true }] },
      core: {
        state: 'watch',
        limitC: 74,
        loads: [
          { state: 'good', lowestC: 74, enough: true },
          { state: 'watch', lowestC: null, enough: false },
        ],
      },
    });
    const low = { ...asked, loads: [{ parcels: 1, readings: [reading(1, 58)] }, asked.loads[0]] };
    expect(core('safe', low).json.core.state).toBe('fix');
    expect(core('safe', { ...asked, pack: 'none' })).toMatchObject({
      status: 2,
      stderr: expect.stringContaining('pack'),
    });
  });

  it('causes, of a batch with outcomes', () => {
    const { batch } = core('batch', {
      title: 'Pie',
      form: 'half-moon',
      school: 'cooked',
      count: 16,
      lines: ['500 g minced beef', '150 ml water', '7 g salt'],
    }).json;
    const noted = { ...batch, note: { ...batch.note, outcomes: ['soggy', 'crisp'] } };
    const { json } = core('causes', noted);
    expect(json.outcomes.map((o: { outcome: string }) => o.outcome)).toEqual(['soggy']);
    const [cause] = json.outcomes[0].causes;
    expect(cause).toMatchObject({ id: 'wet-filling', sentence: expect.stringMatching(/ran from 100 g/) });
    expect(cause.strength).toBeGreaterThan(0.3);
    expect(cause.evidence.length).toBeGreaterThan(0);
    expect(json.questions).toHaveLength(1);
    expect(core('causes', { ...noted, note: { ...noted.note, outcomes: ['soaked'] } })).toMatchObject({
      status: 2,
      stdout: '',
    });
  });

  it('thermal', () => {
    const { json } = core('thermal', {
      composition: { water: 0.7, protein: 0.2, fat: 0.08, carbohydrate: 0.01, fibre: 0, ash: 0.011 },
      atC: -15,
    });
    expect(Object.keys(json)).toEqual(['k', 'density', 'heatCapacity', 'freezingPointC', 'iceFraction']);
    expect(json.iceFraction).toBeGreaterThan(0.4);
  });

  it('conduct', () => {
    const { json } = core('conduct', {
      dimension: 3,
      layers: [{ thicknessMm: 20, k: 0.5, density: 1040, heatCapacity: 3500 }],
      startC: 5,
      surface: { mediumC: 100, h: 300 },
      until: { centreC: 74 },
      sampleEveryMinutes: 2,
    });
    expect(Object.keys(json)).toEqual(['minutes', 'centreC', 'surfaceC', 'meanC', 'samples']);
    expect(json.centreC).toBeCloseTo(74, 3);
    expect(Object.keys(json.samples[0])).toEqual(['minute', 'centreC', 'surfaceC', 'meanC']);
  });

  it('cook, fry and spread', () => {
    const moon = {
      dimension: 2,
      layers: [
        {
          thicknessMm: 9,
          composition: { water: 0.66, protein: 0.17, fat: 0.1, carbohydrate: 0.05, fibre: 0.01, ash: 0.01 },
        },
        { thicknessMm: 2.5, k: 0.4, density: 1180, heatCapacity: 2600 },
      ],
      startC: 8,
    };
    const heated = {
      ...moon,
      steps: [{ minutes: 8, faces: { outer: { mediumC: 100, h: 300 } } }],
      target: { centreC: 74 },
      altitudeM: 500,
    };
    const cooked = core('cook', heated).json;
    expect(Object.keys(cooked)).toEqual(['minutes', 'samples', 'energyBalance']);
    expect(Object.keys(cooked.samples[0])).toEqual(['minute', 'centreC', 'surfaceC', 'meanC']);
    expect(cooked.energyBalance).toBeLessThan(0.005);
    const fried = core('fry', {
      oilG: 1400,
      setC: 175,
      powerW: 2000,
      parcels: 8,
      parcel: { ...moon, areaCm2: 55 },
      minutes: 4,
    }).json;
    expect(Object.keys(fried)).toEqual(['lowestC', 'lowestAtMinute', 'recoveredAtMinute', 'samples', 'largestLoad']);
    expect(Object.keys(fried.samples[0])).toEqual(['minute', 'oilC', 'centreC']);
    const differ = { count: 24, portionSigma: 0.08, startSigmaC: 2, mediumSigmaC: 1 };
    const all = core('spread', { ...heated, ...differ, seed: 3 }).json;
    expect(Object.keys(all)).toEqual(['averageMinutes', 'allDoneMinutes95', 'quantiles']);
    expect(all.allDoneMinutes95).toBeGreaterThan(all.averageMinutes);
    const bad = core('spread', { ...heated, ...differ, portionSigma: 2 });
    expect(bad).toMatchObject({ status: 2, stdout: '', stderr: expect.stringContaining('portionSigma: ') });
  });

  it('cool, with every pack’s stages', () => {
    const input = {
      massG: 900,
      startC: 90,
      vessel: { depthMm: 20, base: 'ice' },
      place: 'counter',
      covered: false,
      stirred: false,
      untilC: 20,
    };
    const { json } = core('cool', input);
    expect(json.minutes).toBeGreaterThan(15);
    expect(json.minutes).toBeLessThan(45);
    expect(json.stages.map((s: { rule: string }) => s.rule)).toEqual([
      'home-2h',
      'stuffed-57-21',
      'stuffed-57-5',
      'uk-90',
    ]);
    expect(json.stages[0]).toMatchObject({ ok: true, limitMinutes: 120 });
    const never = core('cool', { ...input, vessel: { depthMm: 20, base: 'board' }, untilC: 10 }).json;
    expect(never.minutes).toBeNull();
    expect(core('cool', { ...input, untilC: 95 }).stderr).toContain('untilC: must be below startC');
    // Twenty minutes on a rack first, then over ice.
    const withLeg = { ...input, legs: [{ minutes: 20, place: 'counter', base: 'rack' }] };
    const legs = core('cool', withLeg).json;
    expect(legs.minutes).toBeGreaterThan(json.minutes + 5);
    expect(legs.minutes).toBeLessThan(json.minutes + 20);
    expect(legs.evaporatedG).toBeGreaterThan(json.evaporatedG);
    expect(core('cool', { ...input, legs: [{ minutes: 0, place: 'sea' }] }).stderr).toMatch(
      /legs\.0\.minutes: must be above 0 minutes[\s\S]*legs\.0\.place/,
    );
  });

  it('lethality', () => {
    const readings = [
      { minute: 0, c: 70 },
      { minute: 2, c: 70 },
    ];
    expect(core('lethality', { readings, reference: { c: 70, zC: 7.5, minutes: 2 } }).json).toEqual({
      equivalentMinutes: 2,
      reached: true,
      atMinute: 2,
    });
  });

  it('ingredient, by any name; the nearest where there is none', () => {
    const { json } = core('ingredient', { name: 'SCALLIONS' });
    expect(json).toMatchObject({ id: 'spring-onion', hazard: 'none', per100g: { water: 89.8 } });
    const missing = core('ingredient', { name: 'celleriac' });
    expect(missing.status).toBe(2);
    expect(missing.stdout).toBe('');
    expect(missing.stderr).toContain('nearest: Celeriac');
  });

  it('parse', () => {
    const { json } = core('parse', { lines: ['1 1/2 cups finely grated celeriac', 'gnome hats'] });
    expect(json.lines[0]).toEqual({
      text: '1 1/2 cups finely grated celeriac',
      amount: 1.5,
      amountTo: null,
      unit: 'cup',
      ingredientId: 'celeriac',
      name: 'finely grated celeriac',
      note: 'finely, grated',
      grams: 180,
    });
    expect(json.lines[1]).toMatchObject({ text: 'gnome hats', ingredientId: null, grams: null });
    expect(core('parse', { lines: [] }).stderr).toContain('lines: needs at least one line');
  });

  it('convert', () => {
    expect(core('convert', { amount: 2, from: 'tbsp', to: 'g', ingredient: 'soy sauce' }).json.amount).toBeCloseTo(
      35.4,
      6,
    );
    expect(core('convert', { amount: 1, from: 'tsp', to: 'g', salt: 'flake' }).json.amount).toBeCloseTo(2.8, 6);
    expect(core('convert', { amount: 1, from: 'cup', to: 'g' }).stderr).toContain('give ingredient');
    expect(core('convert', { amount: -1, from: 'g', to: 'oz' }).stderr).toBe('amount: must be 0 or more\n');
    expect(core('convert', { amount: -300, from: 'C', to: 'F' }).status).toBe(2);
  });

  it('fit', () => {
    const { json } = core('fit', { form: 'half-moon', diameterMm: 90, rimMm: 8, thicknessMm: 1.5, fillingG: 14 });
    expect(Object.keys(json)).toEqual([
      'maxMl',
      'comfortableMl',
      'fillMl',
      'state',
      'wrapperG',
      'ratio',
      'halfThicknessMm',
      'dimension',
    ]);
    expect(json.state).toBe('good');
  });

  it('fit, for every form, and says what a form is made from', () => {
    const square = { shape: 'square', sideMm: 60 };
    const pillow = core('fit', {
      form: 'pillow',
      skin: square,
      rimMm: 7,
      thicknessMm: 1,
      fillingG: 8,
      dough: 'noodle',
    });
    expect(pillow.json.maxMl).toBeCloseTo((0.1905 * (1.04 * 46) ** 3) / 1000, 2);
    const tin = { shape: 'pan', lengthMm: 300, widthMm: 200, depthMm: 40, sheetsBelow: 3, sheetsAbove: 2 };
    expect(core('fit', { form: 'pan-pie', skin: tin, thicknessMm: 0.5, fillingG: 1400 }).json.maxMl).toBeCloseTo(
      2400,
      6,
    );
    const wrong = core('fit', {
      form: 'triangle',
      skin: { shape: 'round', diameterMm: 90 },
      thicknessMm: 1,
      fillingG: 9,
    });
    expect(wrong).toMatchObject({
      status: 2,
      stderr: 'skin: a triangle is made from square: { "shape": "square", … }\n',
    });
    expect(core('fit', { form: 'roll', thicknessMm: 2, fillingG: 20 }).stderr).toContain('skin: is missing');
    expect(
      core('fit', { form: 'purse', skin: { shape: 'round', diameterMm: 40 }, rimMm: 20, thicknessMm: 1, fillingG: 2 })
        .stderr,
    ).toBe('rimMm: must be less than half of the skin\n');
  });

  it('dough', () => {
    const { json } = core('dough', { dough: 'noodle', flourG: 400, wantC: 24, roomC: 20 });
    expect(Object.keys(json).slice(0, 8)).toEqual([
      'ingredients',
      'totalG',
      'flourG',
      'heldBackG',
      'waterC',
      'waterShare',
      'saltPercent',
      'steps',
    ]);
    expect(json).toMatchObject({ totalG: 592, flourG: 400, waterC: 29 });
    expect(json.heldBackG).toBeCloseTo(9.4, 6);
    expect(core('dough', { dough: 'Two-dough spiral pastry', totalG: 900 }).json.parts).toHaveLength(2);
    const own = [
      { ingredientId: 'wheat-flour', percent: 100 },
      { ingredientId: 'water', percent: 50 },
    ];
    expect(core('dough', { formula: own, count: 10, pieceG: 30, spareShare: 0.1 }).json).toMatchObject({
      totalG: 330,
      flourG: 220,
    });
    expect(core('dough', { dough: 'cloud', totalG: 900 }).stderr).toContain(
      'dough: "cloud" is not known; would be steamed-bun',
    );
    expect(core('dough', { dough: 'noodle', totalG: 900, flourG: 3 }).stderr).toBe(
      '(input): would have one of totalG, count and pieceG, or flourG\n',
    );
    expect(core('dough', { formula: own.slice(1), totalG: 9 }).stderr).toContain('formula: has no flour');
    expect(core('dough', { dough: 'bought-skin', totalG: 300 }).stderr).toContain('are bought, not made');
  });

  it('sheet and balance', () => {
    const sheet = core('sheet', { widthMm: 300, lengthMm: 400, diameterMm: 90 }).json;
    expect(sheet).toMatchObject({ count: 12 });
    expect(sheet.centres).toHaveLength(12);
    expect(core('sheet', { widthMm: 300, lengthMm: 400, diameterMm: 90, gap: 2 }).status).toBe(2);
    expect(core('balance', { fillingG: 694, doughG: 720, portionG: 28, skinG: 34, count: 24 }).json).toMatchObject({
      makes: 21,
      left: { of: 'filling', grams: 106 },
      doughNeededG: 816,
    });
    expect(core('balance', { fillingG: 694, doughG: 720, portionG: 0, skinG: 34, count: 24 }).stderr).toBe(
      'portionG: must be above 0 g\n',
    );
  });

  it('assess, with the contract’s fields', () => {
    const { json } = core('assess', turkey);
    expect(Object.keys(json)).toEqual([
      'checks',
      'moisture',
      'ledger',
      'portion',
      'cooling',
      'forecast',
      'unknown',
      'findings',
    ]);
    expect(Object.keys(json.checks)).toEqual(['moisture', 'salt', 'cooling', 'fit', 'core']);
    expect(Object.keys(json.checks.moisture)).toEqual(['state', 'headline', 'value', 'band', 'unit', 'fixes']);
    expect(json.moisture).toEqual({
      board: { value: expect.any(Number) as number, band: [0, 2] },
      heat: { value: json.checks.moisture.value, band: [0, expect.any(Number) as number] },
      dry: { value: 0, band: [0, 3] },
    });
    expect(json.unknown).toEqual([]);
    const odd = { ...turkey, lines: [...turkey.lines, { ...turkey.lines[0], id: 'x', ingredientId: 'moonstone' }] };
    const { json: unsure } = core('assess', odd);
    expect(unsure.unknown).toEqual(['moonstone']);
    expect(unsure.findings.join()).toContain('moonstone');
    // What is open is judged at its ends; what it must reach by the strictest that it may be.
    expect(unsure.checks.core.state).not.toBe('good');
    const wet = {
      ...turkey,
      lines: [...turkey.lines, { ...turkey.lines[2], id: 'c', ingredientId: 'courgette', amount: 400 }],
    };
    expect(Object.keys(core('assess', wet).json.checks.moisture.fixes[0])).toEqual(['id', 'label', 'effect']);
  });

  const RECIPE = {
    title: 'Thursday',
    form: 'half-moon',
    school: 'raw',
    count: 24,
    lines: [
      '500 g minced pork',
      '300 g napa cabbage, salted and squeezed',
      'salt and pepper',
      '1 egg, to glaze',
      '1 tbsp moonstone',
    ],
    dough: 'noodle',
    cook: { method: 'boil' },
  };

  it('batch, as pasting does it, and assess takes what it makes', () => {
    const { json } = core('batch', RECIPE);
    expect(Object.keys(json)).toEqual(['batch', 'questions']);
    expect(json.questions).toEqual([
      { text: '1 tbsp moonstone', question: expect.stringContaining('moonstone') as string },
    ]);
    const { json: assessed } = core('assess', json.batch);
    expect(assessed.unknown).toEqual(['moonstone']);
    // A tablespoon of it changes nothing, and the findings say what is open.
    expect(assessed.checks.moisture.state).toBe('good');
    expect(assessed.findings.join()).toContain('moonstone');
    const known = core('batch', { ...RECIPE, lines: RECIPE.lines.slice(0, 4) }).json;
    expect(core('assess', known.batch).json.checks.moisture.state).toBe('good');
  });

  it('batch takes partial wraps, cooking, cooling and water over what is usual, and names what it does not know', () => {
    const { json } = core('batch', {
      ...RECIPE,
      wrap: { skin: { shape: 'round', diameterMm: 100 }, portionG: 18 },
      cook: { minutes: 9 },
      cool: { depthMm: 80, covered: true },
      water: { estimate: { by: 'grams', grams: 40 } },
    });
    expect(json.batch.wrap).toMatchObject({ skin: { shape: 'round', diameterMm: 100 }, portionG: 18, rimMm: 8 });
    // A skin that a half-moon is not made from is refused, not replaced.
    const square = core('batch', { ...RECIPE, wrap: { skin: { shape: 'square', sideMm: 90 } } });
    expect(square).toMatchObject({
      status: 2,
      stderr: 'wrap.skin: a half-moon is made from round: { "shape": "round", … }\n',
    });
    expect(json.batch.cook).toMatchObject({ steps: [{ medium: 'water', minutes: 9 }], method: 'boil' });
    expect(json.batch.cool).toMatchObject({ depthMm: 80, covered: true, vessel: { kind: 'pot' } });
    expect(json.batch.water.estimate).toEqual({ by: 'grams', grams: 40 });
    expect(
      core('batch', { ...RECIPE, form: 'boat', hat: 1 })
        .stderr.split('\n')
        .sort()
        .join(),
    ).toMatch(/form: would be .*hat: is not/);
  });

  it('takes a byte-order mark, refuses what overflows, and counts problems beyond twenty', () => {
    expect(core('convert', '\uFEFF{"amount":1,"from":"cup","to":"ml"}').json).toEqual({ amount: 240 });
    const over = core('convert', { amount: 1e308, from: 'kg', to: 'g' });
    expect(over).toMatchObject({ status: 2, stdout: '' });
    expect(over.stderr).toContain('amount: is too large');
    const many = core('assess', {
      ...turkey,
      ...Object.fromEntries(Array.from({ length: 30 }, (_, i) => [`x${i}`, 1])),
    });
    expect(many.stderr.trim().split('\n')).toHaveLength(21);
    expect(many.stderr).toContain('(and 10 more)');
  });

  it('recipe, a whole one as it was sent', () => {
    const text =
      'Leek half-moons\nmakes 20\n\n400 g leeks, sweated in 30 g butter\n150 g cheddar, grated\n½ tsp salt\n\nFold into 9 cm rounds of noodle dough. Boil 5 minutes. Serve with soured cream.';
    const { json } = core('recipe', { text });
    expect(Object.keys(json)).toEqual(['batches', 'questions', 'notes']);
    expect(json.batches).toHaveLength(1);
    expect(json.batches[0]).toMatchObject({
      title: 'Leek half-moons',
      count: 20,
      cook: { method: 'boil' },
      wrap: { form: 'half-moon', dough: 'noodle', skin: { shape: 'round', diameterMm: 90 } },
    });
    expect(json.batches[0].lines.map((l: { ingredientId: string }) => l.ingredientId)).toEqual([
      'leek',
      'butter',
      'hard-cheese',
      'salt',
    ]);
    expect(core('assess', json.batches[0]).status).toBe(0);
    expect(core('recipe', { text: 'hello' }).stderr).toContain('text: names no food');
    expect(core('recipe', { text: '' }).stderr).toContain('text: must not be empty');
    expect(core('recipe', { text: 'x'.repeat(20_001) }).stderr).toContain('at most 20000');
  });

  it('parse gives the second food of a line after all that was asked, and keeps what is not filling apart', () => {
    const { json } = core('parse', { lines: ['salt and pepper', '500 g minced pork', '1 egg, to glaze'] });
    expect(json.lines.map((l: { ingredientId: string }) => l.ingredientId)).toEqual([
      'salt',
      'pork-mince',
      'egg',
      'black-pepper',
    ]);
    expect(json.lines[2]).toMatchObject({ grams: null, note: expect.stringContaining('to glaze') as string });
  });

  it('refuses bad input on standard error, one line per problem, exit status 2', () => {
    const bad = core('assess', { ...turkey, count: 0, colour: 'red' });
    expect(bad).toMatchObject({ status: 2, stdout: '' });
    expect(bad.stderr.trim().split('\n').sort()).toEqual([
      'colour: is not a known field; remove it',
      'count: must be at least 1',
    ]);
    expect(core('fit', 'not json').stderr).toContain('is not JSON');
    expect(core('boil', {}).stderr).toContain('would be one of conduct, thermal');
  });
});
