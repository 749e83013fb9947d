/** The law by which a kitchen's figures are learned, and what a learned figure is now. */
import { MOST } from '../vocabulary/limits';
import { type EdgeId, EDGES } from '../vocabulary/edges';
import { EVERYTHING, LEARNED, type LearnedId } from '../vocabulary/learned';

/** A figure that a kitchen has learned from what was noted of its batches, with its evidence. */
export interface Learned {
  what: LearnedId;
  /** What it holds for: method, dough and filling; an edge. */
  of: string;
  /** The house estimate that it begins from, and what is taken now. */
  estimate: number;
  value: number;
  /** It stays as it is, whatever is noted. */
  isFrozen: boolean;
  /** What each batch says it is, why, and when it was noted; the oldest first. */
  evidence: { batchId: string; x: number; at: string; because: string }[];
}

/** The estimate counts as so many batches (science.md 14). */
export const PRIOR = 3;
/** A batch's word counts half as much ten batches later. */
const HALVED_AFTER = 10;
/** No batch says more than two standard deviations from what is known. */
const CLIP = 2;

/**
 * A learned figure: (n₀·estimate + Σ wᵢ xᵢ) / (n₀ + Σ wᵢ), n₀ = 3; each xᵢ clipped at two standard deviations of what is known by
 * then; w halves in ten batches.
 * @param xs what each batch says, the oldest first
 */
export function learn(what: LearnedId, estimate: number, xs: readonly number[]): number {
  const { sd, isShare, bounds } = LEARNED[what];
  const width = CLIP * (isShare ? sd * estimate : sd);
  const clipped: number[] = [];
  const value = (): number => {
    let [sum, weight] = [PRIOR * estimate, PRIOR];
    clipped.forEach((x, i) => {
      const w = 0.5 ** ((clipped.length - 1 - i) / HALVED_AFTER);
      sum += w * x;
      weight += w;
    });
    return sum / weight;
  };
  for (const x of xs) {
    const mean = value();
    clipped.push(Math.min(mean + width, Math.max(mean - width, x)));
  }
  return Math.min(bounds[1], Math.max(bounds[0], value()));
}

/** What one batch has to say of a figure. */
export interface Lesson {
  what: LearnedId;
  of: string;
  estimate: number;
  /** What this batch says it is, and why, in a sentence. */
  x: number;
  because: string;
}

/** The figure with one more batch's word; the same batch speaks once. A frozen one stays as it is. */
export function withLesson(
  learned: readonly Learned[],
  { what, of, estimate, x, because }: Lesson,
  { batchId, at }: { batchId: string; at: string },
): Learned[] {
  const before = learned.find((l) => l.what === what && l.of === of);
  if (before?.isFrozen === true) return [...learned];
  const evidence = [
    ...(before?.evidence ?? []).filter((e) => e.batchId !== batchId),
    { batchId, x, at, because },
  ].slice(-MOST.evidence);
  const from = before?.estimate ?? estimate;
  const after: Learned = {
    what,
    of,
    estimate: from,
    value: learn(
      what,
      from,
      evidence.map((e) => e.x),
    ),
    isFrozen: false,
    evidence,
  };
  return before === undefined ? [...learned, after] : learned.map((l) => (l === before ? after : l));
}

/** The figures without what a batch said at a time. A frozen one stays as it is. */
export const withoutLesson = (
  learned: readonly Learned[],
  { batchId, at }: { batchId: string; at: string },
): Learned[] =>
  learned.flatMap((l) => {
    const evidence = l.evidence.filter((e) => e.batchId !== batchId || e.at !== at);
    if (l.isFrozen || evidence.length === l.evidence.length) return [l];
    if (evidence.length === 0) return [];
    const xs = evidence.map((e) => e.x);
    return [{ ...l, evidence, value: learn(l.what, l.estimate, xs) }];
  });

/** What a kitchen takes a figure for; null where it has learned nothing of it. */
export const learnedOf = (learned: readonly Learned[], what: LearnedId, of: string): Learned | null =>
  learned.find((l) => l.what === what && l.of === of && (l.evidence.length > 0 || l.isFrozen)) ?? null;

/** A figure of the whole kitchen, as it has learned it; null where it has not. */
const learnedHere = ({ learned }: { learned: readonly Learned[] }, what: LearnedId): number | null =>
  learnedOf(learned, what, EVERYTHING)?.value ?? null;

/** Salt that this kitchen aims for in a filling, %: as learned, else as it was set. */
export const saltAim = (kitchen: { learned: readonly Learned[]; saltTargetPercent: number }): number =>
  learnedHere(kitchen, 'salt') ?? kitchen.saltTargetPercent;

/** How far portions differ here, one standard deviation, %; null where it has not been learned. */
export const portionSpread = (kitchen: { learned: readonly Learned[] }): number | null =>
  learnedHere(kitchen, 'portion-spread');

/** So many times the portion planned is what a portion weighs here; 1 where it has not been learned. */
export const spoonfulFactor = (kitchen: { learned: readonly Learned[] }): number =>
  learnedHere(kitchen, 'spoonful') ?? 1;

/** Dough rises so many times as long here as the table says. */
export const riseFactor = (kitchen: { learned: readonly Learned[] }): number => learnedHere(kitchen, 'rise') ?? 1;

/** Of a filling so much never gets into a parcel here, share. */
export const wasteShare = (kitchen: { learned: readonly Learned[] }): number =>
  (learnedHere(kitchen, 'waste') ?? 0) / 100;

/** Seconds that filling and closing a parcel takes here: as learned, else as is usual for its edge. */
export const wrapSeconds = (edge: EdgeId, { learned }: { learned: readonly Learned[] }): number =>
  learnedOf(learned, 'wrap-seconds', edge)?.value ?? EDGES[edge].seconds;

/** What a lesson would do to what a kitchen knows. */
interface WouldLearn {
  before: number;
  after: number;
  /** Batches that it is learned from so far. */
  batches: number;
  /** This batch has said so already. */
  isSaid: boolean;
  isFrozen: boolean;
}

/** What a kitchen would take a figure for, before and after a batch's word. */
export function wouldLearn(learned: readonly Learned[], lesson: Lesson, batchId: string): WouldLearn {
  const { what, of, estimate, x } = lesson;
  const now = learned.find((l) => l.what === what && l.of === of);
  const valueOf = (all: readonly Learned[]): number => learnedOf(all, what, of)?.value ?? estimate;
  return {
    before: valueOf(learned),
    after: valueOf(withLesson(learned, lesson, { batchId, at: '' })),
    batches: now?.evidence.length ?? 0,
    isSaid: now?.evidence.some((e) => e.batchId === batchId && Math.abs(e.x - x) < 1e-9) ?? false,
    isFrozen: now?.isFrozen ?? false,
  };
}
