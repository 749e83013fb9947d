/** A new batch from the few things a cook says first. */
import { stepsSaid } from './cooking';
import { firstOf, NOTHING_NOTED } from './noted';
import { type FormId, FORMS } from '../forms';
import { type Form } from '../forms/form';
import { LIMITS, MOST } from '../vocabulary/limits';
import { type DoughId, DOUGHS } from '../vocabulary/doughs';
import { type Batch } from './schema';
import { BATCH_FORMAT, BATCH_VERSION } from '../vocabulary/formats';
import { type School } from '../vocabulary/schools';

interface Beginning {
  id: string;
  title: string;
  form: FormId;
  count: number;
  school: School;
  /** Now, ISO 8601. */
  at: string;
}

/** So many are begun with, by their size: bites for a table, one a person, one pan. House estimates. */
const USUAL_COUNT = { small: 24, large: 6, pan: 1 } as const;
export const usualCount = (form: FormId): number => USUAL_COUNT[FORMS[form].size];

/** How many a recipe's own words mean of a form: what it makes; of what is one a person, those it serves. Null where it says neither. */
export const countInWords = (form: FormId, yields: { count: number | null; serves: number | null }): number | null => {
  const count = yields.count ?? (FORMS[form].size === 'large' ? yields.serves : null);
  return count !== null && count >= 1 && count <= LIMITS.count.most ? count : null;
};

/** The usual skin and portion for a form; the portion is the middle of what fits comfortably. */
function usualWrap(form: FormId): Pick<Batch['wrap'], 'skin' | 'rimMm' | 'thicknessMm' | 'portionG'> {
  const { comfortable, maxMl, usual } = FORMS[form];
  const { skin, rimMm, thicknessMm } = usual;
  const portionG = Math.round(((comfortable[0] + comfortable[1]) / 2) * maxMl(usual));
  return { skin, rimMm, thicknessMm, portionG };
}

/** What changing the form of a wrap comes to: where the skin will not do for it, the usual one comes with it. */
export function changeForm(to: FormId, wrap: Batch['wrap']): Partial<Batch['wrap']> {
  const { form, skin, edge, vent } = wrap;
  const [then, now] = [FORMS[to], FORMS[form]];
  const keepsSkin = then.size === now.size && then.shapes.includes(skin.shape) && !then.hasOwnSize && !now.hasOwnSize;
  return {
    form: to,
    edge: then.edges.includes(edge) ? edge : then.edges[0],
    vent: vent === 'mouth' && !then.canHaveMouth ? 'none' : vent,
    ...(to === form || keepsSkin ? {} : { ...usualWrap(to), ...asItsDough(then, wrap) }),
  };
}

/** How thick a skin is belongs to its dough, not to what is made from it; a pan is lined as its dough is. */
function asItsDough(then: Form, { form, dough, thicknessMm }: Batch['wrap']): Partial<Batch['wrap']> {
  if (dough === then.usual.dough) return {};
  if (then.size !== 'pan' && FORMS[form].size !== 'pan') return { thicknessMm };
  const { skin, thicknessMm: usualMm } = changeDough(dough, then.usual);
  return { skin, thicknessMm: usualMm };
}

/** Thin sheets come several together: so thick one face of a pie is, mm. House estimate. */
const FACE_MM = 2;

/** What changing the dough of a wrap comes to: it is rolled as thick as is usual for it, and a pan is lined as often. */
export function changeDough(dough: DoughId, { skin }: Pick<Batch['wrap'], 'skin'>): Partial<Batch['wrap']> {
  const { usualThicknessMm: thicknessMm, kind } = DOUGHS[dough];
  const sheets = kind === 'thin' ? Math.max(1, Math.round(FACE_MM / thicknessMm)) : 1;
  return {
    dough,
    ownDough: null,
    doughSaltPercent: null,
    thicknessMm,
    skin: 'sheetsBelow' in skin ? { ...skin, sheetsBelow: sheets, sheetsAbove: sheets } : skin,
  };
}

/** In whatever the kitchen has, as many as fit; nothing is in the heat yet. */
export const NOT_COOKED: Pick<
  Batch['cook'],
  'applianceId' | 'load' | 'liquidG' | 'flame' | 'readings' | 'run' | 'earlierRuns'
> = {
  applianceId: null,
  load: null,
  liquidG: null,
  flame: 'turned-up',
  readings: [],
  run: null,
  earlierRuns: [],
};

/** An empty batch with what is usual for its form; the portion is the middle of what fits comfortably. */
export function beginBatch({ id, title, form, count, school, at }: Beginning): Batch {
  const { dough, method, mediumC, minutes } = FORMS[form].usual;
  return {
    format: BATCH_FORMAT,
    version: BATCH_VERSION,
    id,
    revision: 0,
    writer: '',
    edits: [],
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
      ...NOTHING_SAID,
      edge: FORMS[form].edges[0],
    },
    cook: { method, steps: stepsSaid(method, form, { mediumC, minutes }), startC: 20, ...NOT_COOKED },
    taken: [],
    note: NOTHING_NOTED,
    lineage: firstOf(id),
    doneAt: null,
  };
}

/** Dough made beyond what the skins weigh: trimmings that are not rolled again. House estimate. */
const SPARE = 0.05;

/** What a wrapper is before anybody has said more of it. */
const NOTHING_SAID = {
  ownDough: null,
  doughG: null,
  spareShare: SPARE,
  sheet: null,
  packet: null,
  isThawed: false,
  doughC: null,
  riseC: null,
  vent: 'none',
  glaze: 'none',
  weighed: [],
  board: null,
  earlierBoards: [],
} satisfies Partial<Batch['wrap']>;

/** A title with what sets it apart, shortened so that both fit. */
export const titled = (title: string, suffix: string): string =>
  `${title.slice(0, MOST.title - suffix.length).trimEnd()}${suffix}`;
