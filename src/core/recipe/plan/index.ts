/** A whole recipe in words as batches: everything that is found in it, each with the words it was read from. */
import { countInWords, usualCount } from '../../stored/create';
import { MOST } from '../../vocabulary/limits';
import { type Batch } from '../../stored/schema';
import { DOUGHS } from '../../vocabulary/doughs';
import { METHODS } from '../../vocabulary/methods';
import { SCHOOLS } from '../../vocabulary/schools';
import { FORMS } from '../../forms';
import { lookUp } from '../../food/larder';
import { normaliseName, singular } from '../../food/singular';
import { type OwnIngredient } from '../../food/own-ingredient';
import { notFilling } from '../not-filling';
import { readLines } from '../read-lines';
import { batchInWords, countWithin, type Question } from '../to-batch';
import { boiledOff, boilsOff } from './boil-off';
import { doughInWords } from './dough-in-words';
import { foodsInMethod } from './foods-in-method';
import { heatInWords } from './heat-in-words';
import { howMany } from './how-many';
import { schoolInWords } from './school-in-words';
import { type Part, type Sections, sectionsOf } from './sections';
import { sentencesOf } from './sentences';
import { shapeInWords } from './shape-in-words';
import { sized } from './sizes';

/** Something that was found, to be looked over. */
export interface Found {
  what: 'form' | 'count' | 'school' | 'heat' | 'dough' | 'skin' | 'boiled off' | 'size';
  value: string;
  /** The words it was read from; null where it is as is usual. */
  words: string | null;
}

export interface Planned {
  batch: Batch;
  questions: Question[];
  /** Lines of this filling that are kept in words. */
  notes: string[];
  found: Found[];
}

export interface RecipePlan {
  plans: Planned[];
  /** What is kept in words. */
  notes: string[];
}

/** So long a text is read; what is longer is read no further. */
export const MOST_RECIPE_LETTERS = 20_000;

export interface PlanFresh {
  /** An id for the first, the second … batch. */
  id: (at: number) => string;
  /** Now, ISO 8601. */
  at: string;
}

/** Reads a recipe as it was sent. */
export const planOf = (text: string, fresh: PlanFresh, own: readonly OwnIngredient[] = []): RecipePlan =>
  planOfSections(sectionsOf(text.slice(0, MOST_RECIPE_LETTERS)), fresh, own);

/** The same of a recipe that comes apart already. */
export function planOfSections(sections: Sections, fresh: PlanFresh, own: readonly OwnIngredient[] = []): RecipePlan {
  const fillings = fillingsOf(sections.parts);
  const notes = [
    ...sections.parts
      .filter(({ kind }) => kind === 'other')
      .flatMap(({ name, lines }) => lines.map((line) => `${line} (${name ?? 'not in the filling'})`)),
    ...sections.parts
      .filter(({ kind }) => kind === 'dough')
      .flatMap(({ lines }) => lines.map((line) => `${line} (dough)`)),
  ];
  const plans = fillings.map((part, i) => planned(part, i, fillings.length, sections, fresh, own));
  return { plans, notes: [...notes, ...plans.flatMap((plan) => plan.notes)] };
}

/** Two fillings that are named are two; lists without a name, or of one name, are one. */
function fillingsOf(parts: readonly Part[]): Part[] {
  const fillings = parts.filter(({ kind }) => kind === 'filling');
  const named = fillings.filter(({ name }) => name !== null && /\b(?:filling|stuffing)\b/i.test(name));
  if (named.length >= 2) return named;
  const main = named[0] ?? fillings[0];
  return main === undefined ? [] : [{ ...main, lines: fillings.flatMap(({ lines }) => lines) }];
}

function planned(
  part: Part,
  at: number,
  of: number,
  sections: Sections,
  fresh: PlanFresh,
  own: readonly OwnIngredient[],
): Planned {
  const { steps } = sections;
  const doughLines = sections.parts.filter(({ kind }) => kind === 'dough').flatMap(({ lines }) => lines);
  const heat = heatInWords(steps);
  const shape = shapeInWords(
    sections.title ?? '',
    [...part.lines, ...doughLines, ...sections.said],
    steps,
    heat?.method ?? null,
  );
  const { form } = shape;
  const sentences = sentencesOf(steps);
  const inMethod = foodsInMethod(sentences, part.lines, own);
  const [drawing, undrawn] = split(part.lines, (line) => DRAWS.test(line));
  const [brushed, counted] = split(undrawn, (line) => isBrushed(line, sentences, own));
  const lines = [...counted, ...inMethod];
  const foods = lines.flatMap((text) => {
    const read = readLines(text, 'raw', own);
    if (read.kind === 'note') return [];
    return read.lines.flatMap(({ line }) => {
      const ingredient = line && lookUp(own, line.ingredientId);
      return ingredient ? [{ ingredient, text }] : [];
    });
  });
  const { school, words: schoolWords } = schoolInWords(foods, sentences);
  const many = howMany([part.name ?? '', ...sections.said], steps, [...part.lines, ...doughLines, ...sections.said]);
  const count = countInWords(form, many);
  const named = [...part.lines, ...sections.said, ...steps, sections.title ?? ''].filter(
    (line) => notFilling(line) !== null || /\b(?:dough|pastry|filo|skins?|wrappers?|steamed buns)\b/i.test(line),
  );
  const wrapper = doughInWords(doughLines, named, heat?.method ?? null);
  const title = titleOf(sections, part, of, form);
  const begun = batchInWords(
    {
      title,
      form,
      school,
      count: countWithin(count, usualCount(form)),
      lines,
      steps,
      wrap: {
        ...(shape.skin === null ? {} : { skin: shape.skin }),
        ...(shape.thicknessMm === null ? {} : { thicknessMm: shape.thicknessMm }),
        ...(shape.portionG === null ? {} : { portionG: shape.portionG }),
        ...(wrapper === null ? {} : { dough: wrapper.dough }),
      },
      cook:
        heat === null
          ? {}
          : {
              method: heat.method,
              ...(heat.mediumC === null ? {} : { mediumC: heat.mediumC }),
              ...(heat.minutes === null ? {} : { minutes: heat.minutes }),
            },
      ingredients: own,
    },
    { id: fresh.id(at), at: fresh.at },
  );
  const shaped: Batch = {
    ...begun.batch,
    wrap: {
      ...begun.batch.wrap,
      ownDough: wrapper?.ownDough ?? null,
      ...(shape.edge === null ? {} : { edge: shape.edge }),
    },
    cook: { ...begun.batch.cook, ...(heat?.steps ? { steps: heat.steps } : {}) },
  };
  const off = sentences.find(boilsOff);
  const dried = off === undefined ? shaped : boiledOff(shaped);
  const batch = sized(dried, { count: count !== null, portion: shape.portionG !== null, skin: shape.skin !== null });
  return {
    batch,
    questions: begun.questions,
    notes: [
      ...drawing.map((line) => `${line} (it goes with the water that is squeezed out; what stays is counted)`),
      ...brushed.map((line) => `${line} (not in the filling: for the brush)`),
    ],
    found: [
      { what: 'form', value: FORMS[form].label, words: shape.words === '' ? null : shape.words },
      { what: 'count', value: String(batch.count), words: many.words },
      { what: 'school', value: SCHOOLS[school].label, words: schoolWords },
      {
        what: 'dough',
        value: wrapper?.ownDough
          ? `the recipe’s own, made like ${DOUGHS[wrapper.dough].label}`
          : DOUGHS[batch.wrap.dough].label,
        words: wrapper?.words ?? null,
      },
      { what: 'heat', value: METHODS[batch.cook.method].label, words: heat?.words ?? null },
      ...(dried === shaped
        ? []
        : [
            {
              what: 'boiled off' as const,
              value: `${dried.water.estimate.by === 'grams' ? dried.water.estimate.grams : 0} g`,
              words: off ?? null,
            },
          ]),
    ],
  };
}

const split = (lines: readonly string[], test: (line: string) => boolean): [string[], string[]] => [
  lines.filter(test),
  lines.filter((line) => !test(line)),
];

/** Salt that draws the water out of something is poured away with it: "1 tsp salt (for the cabbage)". */
const DRAWS =
  /\bsalt\b[^.]*\b(?:for|to salt|to draw)\s+(?:the\s+)?(?:\w+\s+)?(?:cabbage|courgettes?|zucchini|cucumbers?|marrow|aubergines?|eggplants?|radish\w*|vegetables?|sweating|drawing|squeezing)\b/i;

const BRUSHES = /\b(?:brush|glaze|egg ?wash|grease|dust)\w*\b/i;
/** Fat, egg or milk that the method only brushes on. */
function isBrushed(line: string, sentences: readonly string[], own: readonly OwnIngredient[]): boolean {
  const read = readLines(line, 'raw', own);
  const id = read.kind === 'lines' ? read.lines[0]?.line?.ingredientId : undefined;
  const ingredient = id === undefined ? undefined : lookUp(own, id);
  if (!ingredient || !['fat', 'egg', 'dairy'].includes(ingredient.family) || !/\b(?:melted|beaten)\b/i.test(line))
    return false;
  const word = new RegExp(`\\b${singular(normaliseName(ingredient.name)).split(' ')[0]}s?\\b`, 'i');
  const named = sentences.filter((sentence) => word.test(sentence));
  return named.length > 0 && named.every((sentence) => BRUSHES.test(sentence));
}

function titleOf({ title }: Sections, part: Part, of: number, form: Batch['wrap']['form']): string {
  const usual = FORMS[form].plural;
  const base = title ?? `${usual[0].toUpperCase()}${usual.slice(1)}`;
  const name =
    part.name
      ?.replace(/\s*\([^)]*\)/g, '')
      .replace(/\b(?:for the|filling|stuffing)\b/gi, '')
      .trim() ?? '';
  return (of > 1 && name !== '' ? `${base}: ${name.toLowerCase()}` : base).slice(0, MOST.title);
}
