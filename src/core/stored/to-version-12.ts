/**
 * Version 12: moisture is judged anew, and some foods let go of their liquid by another table. A preparation that the new table
 * does not have becomes the one that comes nearest to it, so that no line is read as something else unsaid.
 */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const SYRUPED = { sweated: 'cooked-down', 'cooked-soft': 'cooked-down', 'drained-overnight': 'raw' };
const JUICY = { 'salted-squeezed': 'drained-overnight', diced: 'raw', sweated: 'cooked-soft', roasted: 'cooked-soft' };

/** By ingredient: what a preparation of before is called now. */
const NOW: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  passata: { 'drained-overnight': 'cooked-down' },
  'tomato-sauce': { 'drained-overnight': 'simmered-down', 'cooked-down': 'simmered-down' },
  rhubarb: JUICY,
  'rhubarb-stalk': JUICY,
  'cherries-tinned': SYRUPED,
  'peaches-tinned': SYRUPED,
  'apricots-tinned': SYRUPED,
  'fruit-cocktail': SYRUPED,
  'pear-tinned': SYRUPED,
  'pineapple-tinned': SYRUPED,
};

function lineOf(line: unknown): unknown {
  if (!isObject(line)) return line;
  const { ingredientId, preparation } = line;
  const now = typeof ingredientId === 'string' ? NOW[ingredientId]?.[String(preparation)] : undefined;
  return now === undefined ? line : { ...line, preparation: now };
}

export function toVersion12(document: Json): Json {
  const { lines } = document;
  return { ...document, version: 12, lines: Array.isArray(lines) ? (lines as unknown[]).map(lineOf) : lines };
}
