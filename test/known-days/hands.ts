/**
 * Days as households plan them, with what one who has cooked many would say: whether it fits, when to begin, what collides, what
 * would mend it. Friday, ten in the morning, in a kitchen one hour ahead of the world's clock; written before the rules were read.
 */
import { type FillingInWords } from '@/core/recipe/to-batch';
import { type Batch } from '@/core/stored/schema';
import { step } from '@/core/vocabulary/media/step';
import { type Serving } from '@/core/vocabulary/servings';

export interface DayBatch {
  id: string;
  words: Omit<FillingInWords, 'title'>;
  cook?: Partial<Batch['cook']>;
  wrap?: Partial<Batch['wrap']>;
  serve?: Serving;
}

export interface KnownDay {
  name: string;
  /** `Fri 18:30` or `Sat 12:30`. */
  eaten: string;
  batches: DayBatch[];
  helpers?: number;
  fits: boolean;
  /** Where it fits: work begins between these; with its day where that is not Friday. */
  begins?: [string, string];
  /** Tasks that there are, by what they are called, and that there are not. */
  has?: RegExp[];
  hasNot?: RegExp[];
  /** So many temperatures of the oven; so many doughs are made. */
  ovens?: number;
  doughs?: number;
  /** Where it does not fit: what collides, and what is offered first. */
  says?: RegExp;
  first?: RegExp;
}

const PORK = ['600 g pork mince', '250 g chinese cabbage, salted and squeezed', '30 g ginger', '9 g salt'];
const BEEF = ['500 g braised beef', '150 g onion, sweated', '6 g salt'];
const LENTILS = ['450 g lentils, cooked', '150 g onion, sweated', '7 g salt'];
const FETA = ['350 g feta', '250 g spinach, wilted and squeezed', '1 egg', '1 tbsp dill'];

const dumplings = (id: string, dough: 'noodle' | 'bought-skin' | 'hot-water', count: number): DayBatch => ({
  id,
  words: { form: 'half-moon', school: 'raw', count, lines: PORK, dough },
  cook: { method: 'boil', steps: [step('water', null, 7)] },
});
const buns = (count: number): DayBatch => ({
  id: 'buns',
  words: { form: 'purse', school: 'raw', count, lines: PORK, dough: 'steamed-bun', wrap: { portionG: 30 } },
  cook: { method: 'steam', steps: [step('steam', null, 17)] },
});
const pies = (id: string, lines: string[], mediumC: number): DayBatch => ({
  id,
  words: { form: 'half-moon', school: 'cooked', count: 12, lines, dough: 'short' },
  cook: { method: 'bake', steps: [step('oven', mediumC, 28)] },
});
const flags = (wrap?: Partial<Batch['wrap']>): DayBatch => ({
  id: 'flags',
  words: { form: 'flag-triangle', school: 'cooked', count: 16, lines: FETA, dough: 'bought-sheets' },
  cook: { method: 'bake', steps: [step('oven', 190, 22)] },
  wrap,
});

export const DAYS: readonly KnownDay[] = [
  {
    name: 'dumplings in bought skins for Friday supper',
    eaten: 'Fri 19:00',
    batches: [dumplings('dumplings', 'bought-skin', 24)],
    fits: true,
    begins: ['16:30', '18:15'],
    hasNot: [/\bdough\b/i, /knead/i],
  },
  {
    name: 'steamed buns for Friday supper',
    eaten: 'Fri 18:30',
    batches: [buns(16)],
    fits: true,
    begins: ['14:00', '17:00'],
    has: [/\brise|\bprove/i],
  },
  {
    name: 'steamed buns for noon, begun at ten',
    eaten: 'Fri 12:00',
    batches: [buns(16)],
    fits: false,
    says: /\bris(?:e|es|ing)\b/i,
    first: /later|eat at|warm/i,
  },
  {
    name: 'two boiled batches, one pot, enough time between',
    eaten: 'Fri 19:00',
    batches: [dumplings('pork', 'noodle', 20), dumplings('water', 'hot-water', 20)],
    helpers: 1,
    fits: true,
    begins: ['14:00', '17:45'],
  },
  {
    name: 'two large boiled batches at once, and one pot',
    eaten: 'Fri 19:00',
    batches: [dumplings('pork', 'noodle', 70), dumplings('water', 'hot-water', 70)],
    helpers: 2,
    fits: false,
    says: /\bpot\b/i,
    first: /second pot/i,
  },
  {
    name: 'beef pies and lentil pies, five degrees apart, of one dough',
    eaten: 'Fri 19:00',
    batches: [pies('beef', BEEF, 190), pies('lentils', LENTILS, 195)],
    fits: true,
    ovens: 1,
    doughs: 1,
  },
  {
    name: 'beef pies hot, lentil pies mild',
    eaten: 'Fri 19:00',
    batches: [pies('beef', BEEF, 220), pies('lentils', LENTILS, 180)],
    fits: true,
    ovens: 2,
    doughs: 1,
  },
  {
    name: 'cheese triangles in frozen sheets for Saturday lunch',
    eaten: 'Sat 13:00',
    batches: [flags()],
    fits: true,
    has: [/thaw/i],
  },
  {
    name: 'cheese triangles for Friday noon, the sheets thawed since yesterday',
    eaten: 'Fri 12:30',
    batches: [flags({ isThawed: true })],
    fits: true,
    hasNot: [/thaw/i],
  },
  {
    name: 'forty buns in a steamer that does not take them at once',
    eaten: 'Fri 18:00',
    batches: [buns(40)],
    helpers: 1,
    fits: true,
  },
  {
    name: 'a hundred and fifty dumplings by one, by one o’clock',
    eaten: 'Fri 13:00',
    batches: [dumplings('many', 'noodle', 150)],
    fits: false,
    says: /\bhands?\b/i,
    first: /hand|help|later|eat at|fewer/i,
  },
  {
    name: 'beef braised and cooled on Friday, pies carried over warm on Saturday at noon',
    eaten: 'Sat 12:30',
    batches: [
      {
        id: 'pies',
        words: {
          form: 'half-moon',
          school: 'cooked',
          count: 20,
          lines: ['1.2 kg beef chuck, braised', '300 g onion, sweated', '12 g salt'],
          dough: 'short',
        },
        cook: { method: 'bake', steps: [step('oven', 200, 26)] },
        serve: 'carried-warm',
      },
    ],
    fits: true,
    has: [/\bcool/i],
  },
];
