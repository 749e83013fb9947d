/** A new batch from the few things a cook says first. */
import { type Method } from '../heat/cooking';
import { type DoughId } from '../wrapper/doughs';
import { FORMS, type FormId, type Skin } from '../wrapper/forms';
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
  purse: {
    skin: { diameterMm: 110, rimMm: 10, thicknessMm: 3 },
    dough: 'steamed-bun',
    method: 'steam',
    mediumC: 100,
    minutes: 15,
  },
};

/** An empty batch with what is usual for its form; the portion is the middle of what fits comfortably. */
export function beginBatch({ id, title, form, count, school, at }: Beginning): Batch {
  const { skin, dough, method, mediumC, minutes } = USUAL[form];
  const [low, high] = FORMS[form].comfortable;
  return {
    format: BATCH_FORMAT,
    version: BATCH_VERSION,
    id,
    revision: 0,
    title,
    createdAt: at,
    updatedAt: at,
    school,
    count,
    lines: [],
    water: { panG: null, cookOff: { by: 'estimate', grams: 0 }, drainedG: 0 },
    cool: {
      startC: 90,
      depthMm: 40,
      base: 'board',
      place: 'counter',
      ambientC: null,
      covered: false,
      stirred: false,
      offHeatAt: null,
    },
    wrap: {
      form,
      dough,
      doughSaltPercent: null,
      ...skin,
      portionG: Math.round(((low + high) / 2) * FORMS[form].maxMl(skin)),
      doughG: null,
    },
    cook: { method, mediumC, startC: 20, minutes, readings: [] },
    note: { outcomes: [], words: '' },
  };
}

/** A copy to cook again: nothing measured and nothing noted is carried over. */
export function duplicateBatch(batch: Batch, { id, title, at }: { id: string; title: string; at: string }): Batch {
  return {
    ...batch,
    id,
    title,
    revision: 0,
    createdAt: at,
    updatedAt: at,
    cool: { ...batch.cool, offHeatAt: null },
    cook: { ...batch.cook, readings: [] },
    note: { outcomes: [], words: '' },
  };
}
