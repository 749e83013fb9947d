/** A batch built from a few answers: a thing by its everyday name, and how much of it there is to be. */
import { ORDINARY_DENSITY } from '../food/densities';
import { FORMS } from '../forms';
import { type SectionShape } from '../forms/section';
import { scaled, SHAPES, sizeOf, type Skin, withSize } from '../forms/skins';
import { beginBatch, changeDough, usualCount } from '../stored/create';
import { methodOf } from '../stored/method-of';
import { type Batch } from '../stored/schema';
import { stepsOf } from '../stored/ways-to-cook';
import { type DoughId } from '../vocabulary/doughs';
import { LIMITS } from '../vocabulary/limits';
import { type School } from '../vocabulary/schools';
import { type WayToCook, WAYS_TO_COOK } from '../vocabulary/ways-to-cook';
import { dough as doughOf } from './dough';
import { EVERYDAY, type EverydayId } from './everyday';
import { type Fit, fitParcel } from './fit';

/** How many there are to be: said; as many as a filling makes, or that filling shared over so many; or for so many people. */
export type HowMany =
  | { by: 'count'; count: number }
  | { by: 'filling'; fillingG: number; count: number | null }
  | { by: 'people'; people: number };

export interface Answers {
  id: string;
  thing: EverydayId;
  /** What was chosen instead of what is usual; null where it stays so. */
  dough: DoughId | null;
  way: WayToCook | null;
  school: School | null;
  howMany: HowMany;
  title: string;
  /** Now, ISO 8601. */
  at: string;
}

/** A main course, filled pieces with their wrapper, g a head; of a pan pie filling alone. House estimates. */
const HEAD_G = 240;
const HEAD_OF_PIE_G = 280;
/** Skins are cut to so many mm, pans to whole centimetres. */
const SKIN_STEP_MM = 5;
const PAN_STEP_MM = 10;

const fitOf = ({ form, dough, skin, rimMm, thicknessMm, portionG }: Batch['wrap']): Fit =>
  fitParcel({
    form,
    laid: { skin, rimMm, thicknessMm },
    dough: doughOf(dough),
    fillingG: portionG,
    density: ORDINARY_DENSITY,
  });

/** What a wrap holds comfortably, in the middle of that, g. */
function comfortableG(wrap: Batch['wrap']): number {
  const { comfortableMl } = fitOf(wrap);
  return ((comfortableMl[0] + comfortableMl[1]) / 2) * ORDINARY_DENSITY;
}

/** The skin rounded to what one cuts, within what a skin may be. */
function rounded(skin: Skin): Skin {
  const { isPan, sizes } = SHAPES[skin.shape];
  const step = isPan ? PAN_STEP_MM : SKIN_STEP_MM;
  return sizes
    .filter(({ key }) => key !== 'depthMm')
    .reduce((so, { key }) => {
      const mm = Math.round((sizeOf(skin, key) ?? 0) / step) * step;
      return withSize(so, key, Math.min(LIMITS.skinMm.most, Math.max(LIMITS.skinMm.least, mm)));
    }, skin);
}

/** Halvings until the skin is found within a thousandth. */
const HALVINGS = 24;

/** The same form with a skin that holds a portion in the middle of what is comfortable. @param portionG above 0, g */
function sizedFor(wrap: Batch['wrap'], portionG: number): Batch['wrap'] {
  let [low, high] = [0.2, 5];
  for (let i = 0; i < HALVINGS; i++) {
    const factor = (low + high) / 2;
    if (comfortableG({ ...wrap, skin: scaled(wrap.skin, factor) }) < portionG) low = factor;
    else high = factor;
  }
  return { ...wrap, skin: rounded(scaled(wrap.skin, high)), portionG };
}

/** As many as is usual for the form. */
export const usualHowMany = (thing: EverydayId): HowMany => ({ by: 'count', count: usualCount(EVERYDAY[thing].form) });

/** One piece with its wrapper, g. */
const pieceG = (wrap: Batch['wrap']): number => wrap.portionG + fitOf(wrap).wrapperG;

/** A piece cut open, as it would be with an ordinary filling. */
export const sectionOf = (wrap: Batch['wrap']): SectionShape => FORMS[wrap.form].section(fitOf(wrap), wrap);

/** So many are a main course for so many people: at least one a head; pies by what they hold. */
function countFor(people: number, wrap: Batch['wrap']): number {
  return FORMS[wrap.form].size === 'pan'
    ? Math.max(1, Math.round((people * HEAD_OF_PIE_G) / wrap.portionG))
    : people * Math.max(1, Math.round(HEAD_G / pieceG(wrap)));
}

const asCount = (n: number): number => Math.min(LIMITS.count.most, Math.max(LIMITS.count.least, Math.floor(n)));

/** How many pieces of how much filling the answers come to, and in which skin. */
function shared(wrap: Batch['wrap'], howMany: HowMany): { wrap: Batch['wrap']; count: number } {
  if (howMany.by === 'count') return { wrap, count: asCount(howMany.count) };
  if (howMany.by === 'people') return { wrap, count: asCount(countFor(howMany.people, wrap)) };
  const { fillingG } = howMany;
  const count = asCount(howMany.count ?? fillingG / wrap.portionG);
  const portionG = Math.min(LIMITS.portionG.most, Math.max(LIMITS.portionG.least, Math.round(fillingG / count)));
  return { wrap: howMany.count === null && fillingG >= wrap.portionG ? wrap : sizedFor(wrap, portionG), count };
}

/** The batch that the answers come to: what usually goes with the thing, where nothing else was chosen. */
export function build({ id, thing, dough, way, school, howMany, title, at }: Answers): Batch {
  const usual = EVERYDAY[thing];
  const first = beginBatch({ id, title, form: usual.form, count: 1, school: school ?? usual.school, at });
  const chosen = dough ?? usual.dough;
  const dressed = { ...first.wrap, ...(chosen === first.wrap.dough ? {} : changeDough(chosen, first.wrap)) };
  const sized =
    usual.portionG === undefined
      ? { ...dressed, portionG: Math.max(1, Math.round(comfortableG(dressed))) }
      : sizedFor(dressed, usual.portionG);
  const { wrap, count } = shared(sized, howMany);
  const cookWay = way ?? usual.way;
  const steps = stepsOf(cookWay, usual.form);
  return {
    ...first,
    count,
    wrap,
    cook: { ...first.cook, method: methodOf(steps, WAYS_TO_COOK[cookWay].method), steps },
  };
}
