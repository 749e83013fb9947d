/** What a kitchen can learn from its notes: each with how far single batches lie apart, and where it never goes. */
import { idsOf, recordsOf } from './records';

/** What a figure holds for that is one for the whole kitchen. */
export const EVERYTHING = 'all';

interface LearnedRecord {
  /** `wet edge of …` */
  label: string;
  unit: string;
  digits: number;
  /** How far one batch's word lies from what is so, one standard deviation; of seconds a share. House estimates. */
  sd: number;
  isShare: boolean;
  /** It never leaves this. */
  bounds: readonly [least: number, most: number];
}

export const LEARNED = recordsOf<LearnedRecord>()({
  'wet-edge': {
    label: 'most loose liquid',
    unit: 'g per 100 g',
    digits: 1,
    sd: 2,
    isShare: false,
    bounds: [1, 35],
  },
  'still-takes': {
    label: 'most it may still take of liquid or fat',
    unit: 'g per 100 g',
    digits: 1,
    sd: 2,
    isShare: false,
    bounds: [0, 8],
  },
  'wrap-seconds': {
    label: 'filling and closing one',
    unit: 's',
    digits: 0,
    sd: 0.3,
    isShare: true,
    bounds: [5, 900],
  },
  salt: { label: 'salt you aim for', unit: '%', digits: 2, sd: 0.15, isShare: false, bounds: [0.6, 1.8] },
  'portion-spread': {
    label: 'how far portions differ',
    unit: '%',
    digits: 0,
    sd: 4,
    isShare: false,
    bounds: [1, 40],
  },
  spoonful: {
    label: 'what a portion weighs, against the plan',
    unit: '×',
    digits: 2,
    sd: 0.15,
    isShare: true,
    bounds: [0.5, 1.6],
  },
  rise: {
    label: 'how long dough rises, against the table',
    unit: '×',
    digits: 2,
    sd: 0.25,
    isShare: true,
    bounds: [0.4, 2.5],
  },
  waste: {
    label: 'filling that never gets into a piece',
    unit: '%',
    digits: 1,
    sd: 2,
    isShare: false,
    bounds: [0, 12],
  },
});
export type LearnedId = keyof typeof LEARNED;
export const LEARNED_IDS = idsOf(LEARNED);
