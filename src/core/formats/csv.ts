/** Tables (CSV, RFC 4180) of a batch's lines and of its water ledger. */
import Papa from 'papaparse';
import { type Line } from '../stored/schema';
import { type Ledger } from '../filling/ledger';

/** What a spreadsheet would take for a formula begins so; with an apostrophe before it, it is a text. */
export const FORMULA = /^'*[=+\-@\t\r]/;

const guarded = (cell: string | number): string | number =>
  typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell;

const toCsv = (rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse(rows.map((row) => row.map(guarded)))}\r\n`;

export const LINE_COLUMNS = [
  'id',
  'stage',
  'amount',
  'unit',
  'ingredient',
  'preparation',
  'weighed',
  'cut',
  'ticked',
  'note',
] as const;

/** The lines as a table; `linesFromCsv` reads it back unchanged. */
export const linesToCsv = (lines: readonly Line[]): string =>
  toCsv([
    LINE_COLUMNS,
    ...lines.map((l) => [
      l.id,
      l.stage,
      l.amount,
      l.unit,
      l.ingredientId,
      l.preparation,
      l.weighed,
      l.cut ?? '',
      l.ticked ? 'yes' : '',
      l.note,
    ]),
  ]);

/** The ledger as a table, g. */
export const ledgerToCsv = (ledger: Ledger): string =>
  toCsv([
    ['what', 'preparation', 'brings, g', 'lets go, g'],
    ...ledger.lines.map((l) => [l.name, l.preparation, l.brings.toFixed(1), l.letsGo.toFixed(1)]),
    ['brought in', '', ledger.broughtIn.toFixed(1), ''],
    ['cooked off', '', ledger.cookedOff.toFixed(1), ''],
    ['drained', '', ledger.drained.toFixed(1), ''],
    ['steamed off', '', ledger.steamedOff.toFixed(1), ''],
    ['held', '', ledger.held.toFixed(1), ''],
    ['free', '', ledger.free.toFixed(1), ''],
  ]);
