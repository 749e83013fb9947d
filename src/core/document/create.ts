/** A new batch from the few things a cook says first. */
import { type FormId, FORMS } from './vocabulary/forms';
import { MOST } from './limits';
import { type Batch } from './schema';
import { BATCH_FORMAT, BATCH_VERSION } from './vocabulary/formats';
import { type School } from './vocabulary/schools';

export interface Beginning {
  id: string;
  title: string;
  form: FormId;
  count: number;
  school: School;
  /** Now, ISO 8601. */
  at: string;
}

/** The usual sizes and portion for a form; the portion is the middle of what fits comfortably. */
function usualWrap(form: FormId): Pick<Batch['wrap'], 'diameterMm' | 'rimMm' | 'thicknessMm' | 'depthMm' | 'portionG'> {
  const { comfortable, maxMl, usual } = FORMS[form];
  const { skin } = usual;
  const portionG = Math.round(((comfortable[0] + comfortable[1]) / 2) * maxMl(skin));
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
  FORMS[form].sizes === FORMS[from].sizes ? { form } : { form, ...usualWrap(form) };

/** An empty batch with what is usual for its form; the portion is the middle of what fits comfortably. */
export function beginBatch({ id, title, form, count, school, at }: Beginning): Batch {
  const { dough, method, mediumC, minutes } = FORMS[form].usual;
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
      vessel: { kind: 'pan', areaCm2: null },
      depthMm: 20,
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

/** A title with what sets it apart, shortened so that both fit. */
export const titled = (title: string, suffix: string): string =>
  `${title.slice(0, MOST.title - suffix.length).trimEnd()}${suffix}`;
