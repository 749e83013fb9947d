/** Readings as a table (CSV, RFC 4180), out and in: of coolings and of what is in the heat, each by its time. */
import Papa from 'papaparse';
import { type Operation } from '../stored/operations';
import { isRehearsal } from '../stored/rehearsal-id';
import { type Batch } from '../stored/schema';
import { isPractice, PRACTICE, type Source, TYPED } from '../vocabulary/sources';
import { LIMITS, MOST } from '../vocabulary/limits';
import { formatNumber } from '../units/amount';

const COLUMNS = ['what', 'round', 'time', 'celsius', 'load', 'parcel', 'source'] as const;

interface Row {
  what: 'cooling' | 'core';
  round: number;
  at: string;
  c: number;
  /** Null where the table does not say. */
  load: number | null;
  parcel: number | null;
  source: Source;
}

/** How a source is written in a table: `typed`, `practice`, or the probe's name. */
const asText = (source: Source): string => (source.by === 'probe' ? `probe ${source.name}` : source.by);

/** The same read; what a table from elsewhere says nothing of was taken by somebody. */
function sourceOf(text: string | undefined): Source {
  const cell = (text ?? '').trim();
  if (cell === 'practice') return PRACTICE;
  const name = /^probe ([a-zA-Z0-9-]{1,64})$/.exec(cell)?.[1];
  return name === undefined ? TYPED : { by: 'probe', name };
}

/** Every reading of a batch, the oldest cooling first. What was practised on a real batch is no reading of it. */
export function readingsToCsv({ id, cool, cook }: Pick<Batch, 'id' | 'cool' | 'cook'>): string {
  const isOne = ({ source }: { source: Source }): boolean => isRehearsal(id) || !isPractice(source);
  const runs = [...cool.earlierRuns, ...(cool.run === null ? [] : [cool.run])];
  const rows = [
    ...runs.flatMap((run, i) =>
      run.readings.filter(isOne).map(({ at, c, source }) => ['cooling', i + 1, at, c, '', '', asText(source)]),
    ),
    ...cook.readings
      .filter(isOne)
      .map(({ round, at, c, load, parcel, source }) => ['core', round, at, c, load, parcel, asText(source)]),
  ];
  return `${Papa.unparse([[...COLUMNS], ...rows])}\r\n`;
}

type ReadingsRead = { ok: true; operations: Operation[]; count: number } | { ok: false; problems: string[] };

/** What a table from elsewhere may call its columns. */
const TIME = ['time', 'at', 'date', 'datetime', 'timestamp'];
const CELSIUS = ['celsius', 'c', '°c', 'temperature', 'temp'];
const FAHRENHEIT = ['fahrenheit', 'f', '°f'];

/**
 * Reads a table: that of this program, or a time and a temperature as a thermometer writes them.
 * @param as what readings are of that do not say it
 * @returns the changes, or what is wrong, line by line
 */
export function readingsFromCsv(text: string, batch: Batch, as: Row['what']): ReadingsRead {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const find = (names: readonly string[]): string | undefined => (meta.fields ?? []).find((f) => names.includes(f));
  const [time, celsius, fahrenheit] = [find(TIME), find(CELSIUS), find(FAHRENHEIT)];
  if (time === undefined || (celsius === undefined && fahrenheit === undefined))
    return {
      ok: false,
      problems: ['(table): needs a column “time” and a column “celsius” (or “fahrenheit”)'],
    };
  const problems: string[] = [];
  const rows = data.flatMap((row, i): Row[] => {
    const cell = (row[celsius ?? fahrenheit ?? ''] ?? '').trim().replace(',', '.');
    const number = cell === '' ? NaN : Number(cell);
    const c = celsius === undefined ? ((number - 32) * 5) / 9 : number;
    const moment = Date.parse(row[time]?.trim().replace(/^(\d{4}-\d\d-\d\d) /, '$1T') ?? '');
    // A lost signal is an empty cell: no reading.
    if (cell === '') return [];
    const span = LIMITS.coolReadingC;
    if (!Number.isFinite(c) || c < span.least || c > LIMITS.coreReadingC.most)
      problems.push(
        `line ${i + 2}: “${cell}” isn’t a temperature between ${span.least} and ${LIMITS.coreReadingC.most} °C`,
      );
    else if (Number.isNaN(moment))
      problems.push(`line ${i + 2}: “${row[time]}” isn’t a time such as 2026-12-05T18:40:00Z`);
    else
      return [
        {
          what: row.what === 'core' || row.what === 'cooling' ? row.what : as,
          round: Math.max(1, Math.round(Number(row.round) || 1)),
          at: new Date(moment).toISOString(),
          c: Math.round(c * 10) / 10,
          load: wholeIn(row.load),
          parcel: wholeIn(row.parcel),
          source: sourceOf(row.source),
        },
      ];
    return [];
  });
  if (problems.length > 0) return { ok: false, problems };
  if (rows.length === 0) return { ok: false, problems: ['(table): has no readings in it'] };
  return placed(rows, batch);
}

/** A whole number from 1 on; null where there is none. */
function wholeIn(text: string | undefined): number | null {
  const number = Number((text ?? '').trim());
  return Number.isInteger(number) && number >= 1 && number <= LIMITS.load.most ? number : null;
}

/** The load that was in the heat at a time, or came out last before it; the first where none was. */
const loadAt = ({ run, earlierRuns }: Batch['cook'], at: string): number =>
  [...earlierRuns, ...(run ? [run] : [])].reverse().find(({ inAt }) => Date.parse(inAt) <= Date.parse(at))?.load ?? 1;

/** So close to one that is there it is the same reading, ms. */
const SAME_MS = 1000;

/** Each where it belongs: into the cooling that runs, or a cooling of its own; into the heat. What is there already is left out. */
function placed(rows: readonly Row[], { cool, cook }: Batch): ReadingsRead {
  const stored = [
    ...[...cool.earlierRuns, ...(cool.run ? [cool.run] : [])].flatMap((run) => run.readings),
    ...cook.readings,
  ];
  const isKnown = ({ at, c }: Row): boolean =>
    stored.some((k) => Math.abs(Date.parse(k.at) - Date.parse(at)) < SAME_MS && Math.abs(k.c - c) < 0.05);
  const fresh = rows.filter((row) => !isKnown(row)).sort((a, b) => a.at.localeCompare(b.at));
  const core = fresh.filter(({ what }) => what === 'core');
  const cooled = fresh.filter(({ what }) => what === 'cooling');
  const { run } = cool;
  const early = run === null ? [] : cooled.filter(({ at }) => Date.parse(at) < Date.parse(run.offHeatAt));
  if (early.length > 0)
    return {
      ok: false,
      problems: [
        `(table): ${early.length} ${early.length === 1 ? 'reading is' : 'readings are'} from before this cooling began; stop its clock first, and they become a cooling of their own`,
      ],
    };
  const room = MOST.coolReadings - (run?.readings.length ?? 0);
  if (cooled.length > room || core.length > MOST.readings - cook.readings.length)
    return {
      ok: false,
      problems: [`(table): holds more readings than a batch does; a batch takes ${formatNumber(MOST.coolReadings)}`],
    };
  const add = ({ at, c, source }: Row): Operation => ({ do: 'addCoolReading', reading: { at, c, source } });
  const rounds = [...new Set(cooled.map(({ round }) => round))].map((round) => cooled.filter((r) => r.round === round));
  const own: Operation[] =
    run === null
      ? rounds.flatMap((one) => [
          { do: 'startCooling' as const, at: one[0].at },
          ...one.map(add),
          { do: 'stopCooling' as const, at: one[one.length - 1].at, goesTo: 'cold' as const },
        ])
      : cooled.map(add);
  return {
    ok: true,
    count: fresh.length,
    operations: [
      ...own,
      // Of a table that names no parcel all are of one: a probe that writes is stuck in one place.
      ...core.map(({ round, at, c, load, parcel, source }): Operation => ({
        do: 'addReading',
        reading: { round, at, c, load: load ?? loadAt(cook, at), parcel: parcel ?? 1, source },
      })),
    ],
  };
}
