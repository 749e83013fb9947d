/** The words of a recipe as a batch: what is understood becomes lines, what is not becomes a question, the rest is kept as notes. */
import { stepsSaid } from '../stored/cooking';
import { beginBatch } from '../stored/create';
import { isLineUnit } from '../vocabulary/line-units';
import { LIMITS, MOST } from '../vocabulary/limits';
import { freshId, lineOf } from '../stored/new-line';
import { type Batch, type Line } from '../stored/schema';
import { type DoughId } from '../vocabulary/doughs';
import { type FormId, FORMS } from '../forms';
import { type Method } from '../vocabulary/methods';
import { type School, SCHOOLS } from '../vocabulary/schools';
import { SALT_ID } from '../food/ingredient';
import { normaliseName } from '../food/singular';
import { type OwnIngredient } from '../food/own-ingredient';
import { asMethodSays, methodOf } from './pasted';
import { readLines, type ReadFood } from './read-lines';
import { SALT_TO_TASTE_NOTE, saltToTasteG } from './salt-to-taste';
import { isSaltToTaste } from './to-taste';
import { type WrapInWords, wrapInWords } from './wrap-in-words';

/** A filling in words, with what is known of its parcels; the rest is as is usual for the form. */
export interface FillingInWords {
  title: string;
  form: FormId;
  school: School;
  count: number;
  lines: readonly string[];
  dough?: DoughId;
  wrap?: WrapInWords;
  cook?: { method?: Method; mediumC?: number; startC?: number; minutes?: number };
  cool?: Partial<Pick<Batch['cool'], 'depthMm' | 'covered' | 'place' | 'base'>>;
  water?: Partial<Pick<Batch['water'], 'estimate'>>;
  ingredients?: readonly OwnIngredient[];
  /** The method: what it says of the lines is taken, and it is kept in words. */
  steps?: readonly string[];
}

export interface Question {
  /** The line, or the part of it, that leaves it open. */
  text: string;
  question: string;
}

interface BatchInWords {
  batch: Batch;
  /** What is still open, in the order of the lines. */
  questions: Question[];
  /** What does not go into the filling, or is seasoned by taste: kept in words. */
  notes: string[];
}

/** So deep, mm, and it is a pot and not a tray. House estimate. */
const POT_DEPTH = 45;

/**
 * Makes the batch.
 * @param at now, ISO 8601
 */
export function batchInWords(words: FillingInWords, { id, at }: { id: string; at: string }): BatchInWords {
  const { title, form, school, count, wrap = {}, cook = {}, cool = {}, water = {}, ingredients = [] } = words;
  const { steps = [] } = words;
  const { lines, questions, notes } = linesInWords(words.lines, school, ingredients, steps);
  const begun = beginBatch({ id, title: title.slice(0, MOST.title).trim() || 'A filling', form, count, school, at });
  const dough = wrap.dough ?? words.dough ?? begun.wrap.dough;
  const method: Method = cook.method ?? begun.cook.method;
  const batch: Batch = {
    ...begun,
    lines: lines.slice(0, MOST.lines),
    ingredients: ingredients.filter((own) => lines.some((l) => l.ingredientId === own.id)),
    water: { ...begun.water, ...water },
    wrap: wrapInWords(wrap, begun.wrap, dough),
    cook: {
      ...begun.cook,
      method,
      ...(cook.startC === undefined ? {} : { startC: cook.startC }),
      ...(method === begun.cook.method && cook.mediumC === undefined && cook.minutes === undefined
        ? {}
        : { steps: stepsSaid(method, form, heatSaid(cook, method, begun)) }),
    },
    cool: { ...begun.cool, ...coolIn(cool, begun.cool) },
    note: {
      ...begun.note,
      words: [...notes, ...steps.map((step, i) => `${i + 1}. ${step}`)].join('\n').slice(0, MOST.words),
    },
  };
  return { batch, questions, notes };
}

/** As hot and as long as is said; what is not said of the form's own method is as is usual for the form. */
const heatSaid = (
  { mediumC, minutes }: NonNullable<FillingInWords['cook']>,
  method: Method,
  { cook, wrap }: Batch,
): { mediumC?: number; minutes?: number } => {
  const { usual } = FORMS[wrap.form];
  return method === cook.method
    ? { mediumC: mediumC ?? usual.mediumC, minutes: minutes ?? usual.minutes }
    : { mediumC, minutes };
};

/** A depth that is said is that of a pot, or of something flat. */
function coolIn(cool: NonNullable<FillingInWords['cool']>, usual: Batch['cool']): Partial<Batch['cool']> {
  if (cool.depthMm === undefined) return cool;
  const kind = cool.depthMm >= POT_DEPTH ? 'pot' : 'tray';
  return { ...cool, vessel: { ...usual.vessel, kind, areaCm2: null } };
}

/** The lines of a filling in words. */
function linesInWords(
  texts: readonly string[],
  school: School,
  own: readonly OwnIngredient[],
  steps: readonly string[] = [],
): Pick<BatchInWords, 'questions' | 'notes'> & { lines: Line[] } {
  const lines: Line[] = [];
  const questions: Question[] = [];
  const notes: string[] = [];
  const saltTexts: string[] = [];
  const reads = texts.map((text) => ({ text, read: readLines(text, school, own) }));
  const foods = reads.flatMap(({ read }) => (read.kind === 'note' ? [] : read.lines));
  const byMethod = methodOf(foods, steps, school, own);
  for (const { text, read } of reads) {
    if (read.kind === 'note') {
      notes.push(`${text} (${read.why})`);
      continue;
    }
    for (const food of read.lines) {
      if (food.line) {
        const line = asMethodSays(food.line, byMethod[foods.indexOf(food)]);
        lines.push({ ...line, id: freshId(lines, line.ingredientId) });
      } else if (isSaltToTaste(food.parsed)) {
        saltTexts.push(food.parsed.text);
      } else {
        lines.push(openLine(food, school, lines));
        questions.push(asked(food, text));
      }
    }
  }
  const [saltText] = saltTexts;
  if (saltText !== undefined) {
    const grams = saltToTasteG(lines, own);
    if (grams > 0) lines.push(lineOf(lines, SALT_ID, grams, SCHOOLS[school].saltAt, SALT_TO_TASTE_NOTE));
    else notes.push(`${saltText} (by taste: nothing is wanted by the numbers)`);
  }
  return { lines, questions, notes };
}

/** What is not understood stays in the filling; the checks are judged at the ends of what it may be. */
function openLine({ parsed }: ReadFood, school: School, lines: readonly Line[]): Line {
  const slug = (parsed.ingredientId ?? normaliseName(parsed.name ?? parsed.text).replace(/[^a-z0-9]+/g, '-'))
    .replace(/^-+|-+$/g, '')
    .slice(0, MOST_ID);
  const ingredientId = slug === '' ? 'unread' : slug;
  const { amount, unit, grams } = parsed;
  const isMeasured = grams === null && amount !== null && amount > 0 && unit !== null && isLineUnit(unit);
  return {
    ...lineOf(lines, ingredientId, amountOf(parsed), SCHOOLS[school].saltAt, parsed.text.slice(0, MOST.note)),
    ...(isMeasured && amount <= LIMITS.amount.most ? { amount, unit } : { unit: grams === null ? 'piece' : 'g' }),
  };
}
/** It counts nothing, but the document takes no amount of nothing. */
const amountOf = ({ grams, amount }: ReadFood['parsed']): number => {
  const written = grams ?? amount ?? 1;
  return written > 0 && written <= LIMITS.amount.most ? written : 1;
};
const MOST_ID = 60;

const asked = ({ parsed, question }: ReadFood, text: string): Question => ({
  text: parsed.text === '' ? text : parsed.text,
  question: question ?? 'What is this?',
});

/** A number of parcels that a document takes. */
export const countWithin = (count: number | null, usual: number): number =>
  count !== null && Number.isInteger(count) && count >= 1 && count <= LIMITS.count.most ? count : usual;
