/** CSV of a batch's lines and of its water ledger (RFC 4180), and the lines back again. */
import { type Ledger } from '../filling/ledger';
import { type ReadResult } from '../batch/read';
import { type Line } from '../batch/schema';
import { CUTS, STAGES } from '../batch/vocabulary';
import { LINE_UNITS } from '../units/units';

const quote = (cell: string): string =>
  /[",\r\n]/.test(cell) || cell !== cell.trim() ? `"${cell.replace(/"/g, '""')}"` : cell;
const toCsv = (rows: readonly (readonly (string | number)[])[]): string =>
  rows.map((row) => `${row.map((cell) => quote(String(cell))).join(',')}\r\n`).join('');

const LINE_COLUMNS = [
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

/** Splits CSV text into rows of cells. */
export function parseCsv(text: string): string[][] {
  const rows: string[][] = [];
  let row: string[] = [];
  let cell = '';
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const c = text[i];
    if (quoted) {
      if (c !== '"') cell += c;
      else if (text[i + 1] === '"') cell += text[++i];
      else quoted = false;
    } else if (c === '"') quoted = true;
    else if (c === ',' || c === '\n') {
      row.push(cell.endsWith('\r') && c === '\n' ? cell.slice(0, -1) : cell);
      cell = '';
      if (c === '\n') {
        rows.push(row);
        row = [];
      }
    } else cell += c;
  }
  if (cell !== '' || row.length > 0) rows.push([...row, cell]);
  return rows;
}

/** Reads lines that `linesToCsv` wrote; what is wrong is named by its row and column. */
export function linesFromCsv(text: string): ReadResult<Line[]> {
  const [head, ...rows] = parseCsv(text);
  if (head === undefined || LINE_COLUMNS.some((column, i) => head[i] !== column)) {
    return { ok: false, problems: [`row 1: the columns would be ${LINE_COLUMNS.join(', ')}`] };
  }
  const problems: string[] = [];
  const lines = rows.map((cells, i): Line => {
    const [id, stage, amount, unit, ingredientId, preparation, weighed, cut, ticked, note = ''] = cells;
    const known = { stage: STAGES.find((s) => s === stage), unit: LINE_UNITS.find((u) => u === unit) };
    const problem = (column: string, right: string) => problems.push(`row ${i + 2}, ${column}: would be ${right}`);
    if (!known.stage) problem('stage', STAGES.join(', '));
    if (!known.unit) problem('unit', LINE_UNITS.join(', '));
    if (!(Number(amount) > 0)) problem('amount', 'a number above 0');
    return {
      id,
      stage: known.stage ?? 'raw-mix',
      amount: Number(amount),
      unit: known.unit ?? 'g',
      ingredientId,
      preparation,
      weighed: weighed === 'raw' ? 'raw' : 'ready',
      cut: CUTS.find((known) => known === cut) ?? null,
      ticked: ticked === 'yes',
      note,
    };
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: lines };
}
