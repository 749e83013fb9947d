/** A new batch from the few things a cook says first. */
import { type Method } from '../heat/cooking';
import { type DoughId } from '../wrapper/doughs';
import { FORMS, type FormId, type Skin } from '../wrapper/forms';
import { cookOffOf } from '../filling/cook-off';
import { resolveLines } from '../filling/lines';
import { panContents } from '../filling/pan';
import { DEFAULT_KITCHEN } from './kitchen';
import { LIMITS, MOST } from './limits';
import { type Batch } from './schema';
import { BATCH_FORMAT, BATCH_VERSION, type School } from './vocabulary';

export interface Beginning {
  id: string;
  title: string;
  form: FormId;
  count: number;
  school: School;
  /** Now, ISO 8601. */
  at: string;
}

/** What is usual for a form. House estimates. */
const USUAL: Record<FormId, { skin: Skin; dough: DoughId; method: Method; mediumC: number; minutes: number }> = {
  'half-moon': {
    skin: { diameterMm: 90, rimMm: 8, thicknessMm: 1.5 },
    dough: 'noodle',
    method: 'boil',
    mediumC: 100,
    minutes: 6,
  },
  pocket: {
    skin: { diameterMm: 160, rimMm: 12, thicknessMm: 3.5 },
    dough: 'short',
    method: 'bake',
    mediumC: 190,
    minutes: 32,
  },
  'pan-pie': {
    skin: { diameterMm: 280, rimMm: 0, thicknessMm: 2, depthMm: 45 },
    dough: 'thin-sheets',
    method: 'bake',
    mediumC: 180,
    minutes: 60,
  },
  purse: {
    skin: { diameterMm: 110, rimMm: 10, thicknessMm: 3 },
    dough: 'steamed-bun',
    method: 'steam',
    mediumC: 100,
    minutes: 15,
  },
};

/** Forms that share their sizes: changing between them keeps what was typed. */
const SMALL: readonly FormId[] = ['half-moon', 'purse'];

/** The usual sizes and portion for a form; the portion is the middle of what fits comfortably. */
function usualWrap(form: FormId): Pick<Batch['wrap'], 'diameterMm' | 'rimMm' | 'thicknessMm' | 'depthMm' | 'portionG'> {
  const { skin } = USUAL[form];
  const [low, high] = FORMS[form].comfortable;
  const portionG = Math.round(((low + high) / 2) * FORMS[form].maxMl(skin));
  return {
    diameterMm: skin.diameterMm,
    rimMm: skin.rimMm,
    thicknessMm: skin.thicknessMm,
    depthMm: skin.depthMm ?? null,
    portionG,
  };
}

/** What changing the form of a wrap comes to: another class of size takes the usual sizes with it. */
export const changeForm = (form: FormId, from: FormId): Partial<Batch['wrap']> =>
  form === from || (SMALL.includes(form) && SMALL.includes(from)) ? { form } : { form, ...usualWrap(form) };

/** An empty batch with what is usual for its form; the portion is the middle of what fits comfortably. */
export function beginBatch({ id, title, form, count, school, at }: Beginning): Batch {
  const { dough, method, mediumC, minutes } = USUAL[form];
  return {
    format: BATCH_FORMAT,
    version: BATCH_VERSION,
    id,
    revision: 0,
    writer: '',
    title,
    createdAt: at,
    updatedAt: at,
    school,
    count,
    lines: [],
    ingredients: [],
    stagesDone: [],
    water: { panG: null, estimate: { by: 'grams', grams: 0 }, weighIns: [], plannedG: 0, drainedG: 0 },
    season: { heldBack: false, tastings: [] },
    cool: {
      startC: 90,
      vessel: { kind: 'tray', areaCm2: null },
      depthMm: 40,
      share: 1,
      legs: [],
      base: 'board',
      place: 'counter',
      ambientC: null,
      covered: false,
      stirred: false,
      stirEveryMinutes: null,
      run: null,
      earlierRuns: [],
    },
    wrap: {
      form,
      dough,
      doughSaltPercent: null,
      ...usualWrap(form),
      doughG: null,
    },
    cook: { method, mediumC, startC: 20, minutes, readings: [] },
    note: { outcomes: [], words: '' },
  };
}

/** What boiled off, as the estimate of the next time. */
function measuredAsEstimate({ water, lines, ingredients }: Batch): Batch['water']['estimate'] {
  if (water.weighIns.length === 0) return water.estimate;
  const pan = panContents(resolveLines({ lines, ingredients }, DEFAULT_KITCHEN));
  return { by: 'grams', grams: Math.min(LIMITS.water.most, Math.round(cookOffOf(water, pan).grams)) };
}

/** A title with what sets it apart, shortened so that both fit. */
export const titled = (title: string, suffix: string): string =>
  `${title.slice(0, MOST.title - suffix.length).trimEnd()}${suffix}`;

/** A copy to cook again: nothing measured and nothing noted is carried over. */
export function duplicateBatch(batch: Batch, { id, title, at }: { id: string; title: string; at: string }): Batch {
  return {
    ...batch,
    id,
    title,
    revision: 0,
    writer: '',
    createdAt: at,
    updatedAt: at,
    lines: batch.lines.map((line) => ({ ...line, ticked: false })),
    stagesDone: [],
    // What was weighed last time is this time's estimate.
    water: { ...batch.water, estimate: measuredAsEstimate(batch), weighIns: [], plannedG: 0 },
    season: { ...batch.season, tastings: [] },
    cool: { ...batch.cool, run: null, earlierRuns: [] },
    cook: { ...batch.cook, readings: [] },
    note: { outcomes: [], words: '' },
  };
}
