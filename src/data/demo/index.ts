/** The lantern supper: a winter supper for forty in an allotment society's hut, everything carried over warm. */
import { type Batch } from '@/core/stored/schema';
import { duckPockets } from './duck-pockets';
import { haddockPanPie } from './haddock-pan-pie';
import { potatoFlatRounds } from './potato-flat-rounds';
import { pumpkinHalfMoons } from './pumpkin-half-moons';
import { turkeyPast } from './turkey-past';
import { turkeyPurses } from './turkey-purses';
import { type Demo } from '../opening';
import { lanternDay } from './lantern-day';
import { venisonHalfMoons } from './venison-half-moons';

/** The demo batches as they stand at a moment (ISO 8601). */
export const lanternSupper = (at: string): Batch[] => [
  turkeyPurses(at),
  pumpkinHalfMoons(at),
  duckPockets(at),
  haddockPanPie(at),
  venisonHalfMoons(at),
  potatoFlatRounds(at),
];

/** The demo as it is put in: its batches, one of them with a past, and the day that they are made on. It teaches the kitchen nothing. */
export function demo(at: string): Demo {
  const { past, lineage } = turkeyPast();
  const batches = lanternSupper(at).map((b) => (b.id === 'demo-turkey-purses' ? { ...b, lineage } : b));
  return { batches: [...batches, ...past], days: [lanternDay(at)] };
}
