/** Lines out of a table that was saved here, checked as lines of a batch are. */
import Papa from 'papaparse';
import { isId } from '../stored/is-id';
import { MOST } from '../vocabulary/limits';
import { type ReadResult } from '../stored/read';
import { type Line } from '../stored/schema';
import { freshId } from '../stored/new-line';
import { FORMULA, LINE_COLUMNS } from './csv';

/** A name of a column as the document has it. */
const FIELDS: Record<string, string> = { ingredientId: 'ingredient' };

/**
 * Reads lines; what is wrong is named by its row and column. A row without an id gets one.
 * @param readLine checks one line as it is in a batch (the validator is loaded apart from this)
 */
export function linesFromCsv(text: string, readLine: (line: unknown) => ReadResult<Line>): ReadResult<Line[]> {
  const table = text.replace(/^\uFEFF/, '');
  // A spreadsheet may have saved it with its own separator: the first column's name is followed by it.
  const delimiter = /^"?id"?([,;\t])/.exec(table)?.[1] ?? ',';
  const { data } = Papa.parse<string[]>(table, {
    delimiter,
    skipEmptyLines: true,
    // The head, and one row more than a batch takes: a longer table is refused without being read through.
    preview: MOST.lines + 2,
  });
  const [head, ...rows] = data;
  if (head === undefined || LINE_COLUMNS.some((column, i) => head[i] !== column)) {
    return { ok: false, problems: [`row 1: the columns would be ${LINE_COLUMNS.join(', ')}`] };
  }
  if (rows.length > MOST.lines) return { ok: false, problems: [`(table): takes at most ${MOST.lines} rows`] };
  const problems: string[] = [];
  const lines: Line[] = [];
  rows.forEach((cells, i) => {
    const read = readLine(lineOf(cells.map(unguarded), lines));
    if (read.ok) lines.push(read.value);
    else problems.push(...read.problems.map((problem) => `row ${i + 2}, ${inColumns(problem)}`));
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: lines };
}

function lineOf(cells: readonly string[], before: readonly Line[]): unknown {
  const [id, stage, amount, unit, ingredientId, preparation, weighed, cut, ticked, note = ''] = cells;
  return {
    id: isId(id) && !before.some((l) => l.id === id) ? id : freshId(before, 'row'),
    stage,
    amount: amount?.trim() === '' ? NaN : Number(amount),
    unit,
    ingredientId,
    preparation,
    weighed,
    cut: cut === '' ? null : cut,
    ticked: ticked === 'yes',
    note,
  };
}

/** Takes off the apostrophe that keeps a spreadsheet from computing. */
const unguarded = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);

function inColumns(problem: string): string {
  const colon = problem.indexOf(':');
  const field = problem.slice(0, colon);
  return `${FIELDS[field] ?? field}${problem.slice(colon)}`;
}
