/** Parcels drawn at random from a response surface, and when all of them are there. */
import { normal } from '../random/generators';
import { type ResponseSurface } from './response';

/** Draws of a parcel. */
export const DRAWS = 100_000;
/** In so many of a hundred batches every parcel is there. */
export const SURE = 0.95;

/** Three deviations a parcel: the same for every forecast of a seed, so they are drawn once. */
let drawn: { seed: number; draws: number; deviations: Float64Array } | null = null;

function deviationsOf(seed: number, draws: number): Float64Array {
  if (drawn?.seed === seed && drawn.draws === draws) return drawn.deviations;
  const next = normal(seed);
  const deviations = Float64Array.from({ length: 3 * draws }, next);
  drawn = { seed, draws, deviations };
  return deviations;
}

/** Minutes of so many parcels drawn at random, ascending. */
export function drawMinutes(surface: ResponseSurface, draws: number, seed: number): Float64Array {
  const d = deviationsOf(seed, draws);
  const minutes = new Float64Array(draws);
  for (let i = 0; i < draws; i++) minutes[i] = surface.minutes(d[3 * i], d[3 * i + 1], d[3 * i + 2]);
  return minutes.sort();
}

/** The value below which such a share lies. */
export function quantile(ascending: Float64Array, share: number): number {
  const rank = share * (ascending.length - 1);
  const below = Math.floor(rank);
  const above = Math.min(ascending.length - 1, below + 1);
  return ascending[below] + (ascending[above] - ascending[below]) * (rank - below);
}

/** If F is the distribution of one parcel's minutes, all N are there with probability F(t)^N. */
export const allDone = (ascending: Float64Array, count: number): number => quantile(ascending, SURE ** (1 / count));
