/** The words of cooling, the same on every part of the screen. */
import { type Base, type Place } from '@/core/heat/surfaces';

export const PLACE_WORDS: Record<Place, string> = {
  counter: 'counter',
  fridge: 'fridge',
  freezer: 'freezer',
  fan: 'by a fan',
  porch: 'cold porch',
};

export const BASE_WORDS: Record<Base, string> = {
  rack: 'rack',
  board: 'board',
  metal: 'metal shelf',
  ice: 'ice and water',
};

/** `12:47` on the cook's clock. */
export const clockTime = (at: number): string =>
  new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
