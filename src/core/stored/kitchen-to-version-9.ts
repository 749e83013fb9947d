/**
 * Version 9 of the kitchen: what it has learned of portions is a figure like the others, and every batch that has spoken has
 * a reason. What tastings have moved stays as they moved it: it is what is aimed for from now on.
 */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);

/** When nobody wrote down when: before there was a clock to it. */
const LONG_AGO = '2026-01-01T00:00:00.000Z';

/** Batches that spoke of portions, whose names were not kept. */
function spreadOf(spread: Json): Json {
  const { percent, batches } = spread;
  const count = typeof batches === 'number' ? Math.min(30, batches) : 1;
  return {
    what: 'portion-spread',
    of: 'all',
    estimate: 8,
    value: percent,
    isFrozen: false,
    evidence: Array.from({ length: count }, (_, i) => ({
      batchId: `earlier-${i + 1}`,
      x: percent,
      at: LONG_AGO,
      because: '',
    })),
  };
}

const withReason = (learned: unknown): unknown =>
  isObject(learned)
    ? { ...learned, evidence: listOf(learned.evidence).map((e) => (isObject(e) ? { because: '', ...e } : e)) }
    : learned;

export function kitchenToVersion9({ portionSpread, tastings: _moved, ...kitchen }: Json): Json {
  const learned = listOf(kitchen.learned).map(withReason);
  return {
    ...kitchen,
    version: 9,
    learned: isObject(portionSpread) ? [...learned, spreadOf(portionSpread)] : learned,
    frozen: [],
  };
}
