/** A whole kitchen as a file, and readings as tables: what goes out comes back as it was. */
import { problemWords } from '@/core/stored/problem';
import { type Source, TYPED } from '@/core/vocabulary/sources';
import * as fc from 'fast-check';
import { lanternSupper } from '@/data/demo';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { readingsFromCsv, readingsToCsv } from '@/core/formats/readings-csv';
import { isFreshDemo, nameOf, readWhole, recordOf, standingOf, textOf, wholeOf } from '@/core/formats/whole';

const AT = '2026-12-05T10:00:00.000Z';
const [turkey, , duck] = lanternSupper(AT);
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();

describe('a whole kitchen as a file', () => {
  it('every text that is JSON comes back letter by letter, and what cannot be read goes along', () => {
    fc.assert(
      fc.property(fc.array(fc.jsonValue(), { maxLength: 6 }), fc.string(), (values, broken) => {
        const texts = values.map((v) => JSON.stringify(v));
        const records = [
          ...texts.map((text, i) => recordOf('batch', `b${i}`, `involucrum/batch/b${i}`, text)),
          recordOf('batch', 'b', 'involucrum/batch/b', `{${broken}`),
        ];
        const read = readWhole(JSON.parse(JSON.stringify(wholeOf(records, AT))));
        expect(read.ok && read.value.records.map(textOf)).toEqual([...texts, `{${broken}`]);
      }),
    );
  });

  it('says how each stands to what is here, and what it is called', () => {
    const text = JSON.stringify(turkey);
    const record = recordOf('batch', turkey.id, 'key', text);
    expect(standingOf(record, null)).toBe('new');
    expect(standingOf(record, text)).toBe('same');
    expect(standingOf(record, `${text} `)).toBe('changed');
    expect(nameOf(record)).toBe(turkey.title);
    expect(nameOf(recordOf('kitchen', '', 'key', JSON.stringify(DEFAULT_KITCHEN)))).toMatch(/^The kitchen/);
    expect(isFreshDemo(text)).toBe(true);
    expect(isFreshDemo(JSON.stringify({ ...turkey, revision: 1 }))).toBe(false);
    expect(isFreshDemo('{')).toBe(false);
  });

  it.each([
    [{ format: 'involucrum/batch' }, /^format: is not a whole kitchen/],
    [{ format: 'involucrum/whole', version: 2 }, /^version: was made by a newer Involucrum/],
    [{ format: 'involucrum/whole', version: 1 }, /^records: must be a list/],
    [{ format: 'involucrum/whole', version: 1, records: [{ kind: 'spoon', id: 'x', document: 1 }] }, /^records\.0: /],
    [null, /^format/],
  ])('refuses what it is not: %j', (json, why) => {
    const read = readWhole(json);
    expect(read.ok).toBe(false);
    expect(!read.ok && problemWords(read.problems[0])).toMatch(why);
  });
});

const cooled = (batch: Batch, ...operations: Operation[]): Batch => operations.reduce(apply, batch);
const read = (minutes: number, c: number): Operation => ({
  do: 'addCoolReading',
  reading: { at: later(minutes), c, source: TYPED },
});
const core = (minutes: number, c: number, parcel: number, source: Source = TYPED): Operation => ({
  do: 'addReading',
  reading: { round: 1, at: later(minutes), c, load: 1, parcel, source },
});
const full = cooled(
  { ...duck, cook: { ...duck.cook, readings: [] } },
  { do: 'startCooling', at: AT },
  read(20, 70.5),
  read(60, 41),
  { do: 'stopCooling', at: later(90) },
  { do: 'startLoad', at: later(200) },
  core(220, 76, 1),
  core(221, 71.5, 2, { by: 'probe', name: 'pan-1' }),
);
const empty: Batch = {
  ...duck,
  cool: { ...duck.cool, run: null, earlierRuns: [] },
  cook: { ...duck.cook, readings: [], run: null, earlierRuns: [] },
};
const taken = (text: string, batch: Batch, as: 'cooling' | 'core' = 'cooling'): Batch => {
  const result = readingsFromCsv(text, batch, as);
  if (!result.ok) throw new Error(result.problems.join('; '));
  return result.operations.reduce(apply, batch);
};

describe('readings as a table', () => {
  it('go out and come back, each to its own, and once only', () => {
    const table = readingsToCsv(full);
    expect(table.split('\r\n')[0]).toBe('what,round,time,celsius,load,parcel,source');
    const back = taken(table, empty);
    expect(back.cool.earlierRuns.at(-1)?.readings).toEqual(full.cool.earlierRuns.at(-1)?.readings);
    expect(back.cook.readings).toEqual(full.cook.readings);
    expect(readingsFromCsv(table, full, 'cooling')).toEqual({ ok: true, operations: [], count: 0 });
  });

  it('come from a thermometer’s own table: its names, its comma, °F, a lost signal', () => {
    const mine = taken(`Timestamp,Temp\n2026-12-05 10:10,"61,5"\n2026-12-05 10:20,\n2026-12-05 10:30,48\n`, empty);
    expect(mine.cool.earlierRuns.at(-1)?.readings.map(({ c }) => c)).toEqual([61.5, 48]);
    const fahrenheit = taken(`time,fahrenheit\n${later(5)},165`, empty, 'core');
    expect(fahrenheit.cook.readings).toEqual([{ round: 1, at: later(5), c: 73.9, load: 1, parcel: 1, source: TYPED }]);
  });

  it('what was practised on a real batch does not go out as a reading; from a rehearsal it comes in as practice', () => {
    const practised = cooled(full, core(222, 97, 3, { by: 'practice' }));
    expect(readingsToCsv(practised)).toBe(readingsToCsv(full));
    const rehearsed = { ...practised, id: 'rehearsal-x' };
    expect(readingsToCsv(rehearsed)).toContain('97,1,3,practice');
    expect(taken(readingsToCsv(rehearsed), empty).cook.readings.map(({ source }) => source.by)).toEqual([
      'typed',
      'probe',
      'practice',
    ]);
  });

  it('a table that names no piece is of one probe in one place, not of many pieces', () => {
    const log = Array.from({ length: 6 }, (_, i) => `${later(200 + i)},${74 + i}`).join('\n');
    const logged = taken(`time,celsius\n${log}`, empty, 'core');
    expect(new Set(logged.cook.readings.map(({ parcel }) => parcel)).size).toBe(1);
  });

  it('two coolings come back as two', () => {
    const twice = cooled(full, { do: 'startCooling', at: later(400) }, read(420, 66), {
      do: 'stopCooling',
      at: later(430),
    });
    const runs = taken(readingsToCsv(twice), empty).cool.earlierRuns.map(({ readings }) => readings);
    expect(runs).toEqual(twice.cool.earlierRuns.map(({ readings }) => readings).filter((list) => list.length > 0));
    expect(runs.length).toBeGreaterThan(1);
  });

  it('join the cooling that runs; those of before it began are refused, and nothing is changed', () => {
    const running = cooled(empty, { do: 'startCooling', at: AT });
    expect(taken(`time,celsius\n${later(10)},66`, running).cool.run?.readings).toEqual([
      { at: later(10), c: 66, source: TYPED },
    ]);
    const early = readingsFromCsv(`time,celsius\n${later(-10)},66`, running, 'cooling');
    expect(!early.ok && early.problems[0]).toMatch(/from before this cooling began/);
  });

  it.each([
    ['a,b\n1,2', /needs a column “time”/],
    [`time,celsius\n${AT},warm`, /^line 2: “warm” isn’t a temperature/],
    [`time,celsius\n${AT},400`, /^line 2: “400” isn’t a temperature/],
    ['time,celsius\nnoon,40', /^line 2: “noon” isn’t a time/],
    ['time,celsius', /has no readings in it/],
    ['', /needs a column/],
  ])('say what is wrong: %j', (text, why) => {
    const result = readingsFromCsv(text, empty, 'cooling');
    expect(!result.ok && result.problems[0]).toMatch(why);
  });

  it('more than a batch holds are refused as a whole', () => {
    const rows = Array.from({ length: 400 }, (_, i) => `${later(i)},${60 - i / 20}`).join('\n');
    const result = readingsFromCsv(`time,celsius\n${rows}`, empty, 'cooling');
    expect(!result.ok && result.problems[0]).toMatch(/more readings than a batch does/);
  });
});
