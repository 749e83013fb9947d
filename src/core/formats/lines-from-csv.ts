/** Lines out of a table that was saved here, checked as lines of a batch are. */
import Papa from 'papaparse';
import { isId } from '../stored/is-id';
import { MOST } from '../vocabulary/limits';
import { type Problem, type ReadResult } from '../stored/problem';
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
    const text = `the columns would be ${LINE_COLUMNS.join(', ')}`;
    return { ok: false, problems: [{ code: 'format', path: 'row 1', text }] };
  }
  if (rows.length > MOST.lines) {
    const text = `takes at most ${MOST.lines} rows`;
    return { ok: false, problems: [{ code: 'value', path: '(table)', text }] };
  }
  const problems: Problem[] = [];
  const lines: Line[] = [];
  rows.forEach((cells, i) => {
    const read = readLine(lineOf(cells.map(unguarded), lines));
    if (read.ok) lines.push(read.value);
    else problems.push(...read.problems.map((problem) => inRow(i + 2, problem)));
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

const inRow = (row: number, problem: Problem): Problem => ({
  ...problem,
  path: `row ${row}, ${FIELDS[problem.path] ?? problem.path}`,
});
