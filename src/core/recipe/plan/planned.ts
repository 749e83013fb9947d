/** One filling of a recipe as a batch: what its words say of every part of it, put together. */
import { countInWords, usualCount } from '../../stored/create';
import { MOST } from '../../vocabulary/limits';
import { type Batch } from '../../stored/schema';
import { type DoughId, DOUGHS } from '../../vocabulary/doughs';
import { type Method } from '../../vocabulary/methods';
import { type Glaze, GLAZES } from '../../vocabulary/edges';
import { type School, SCHOOLS } from '../../vocabulary/schools';
import { type FormId, FORMS } from '../../forms';
import { type SkinInWords } from '../wrap-in-words';
import { lookUp } from '../../food/larder';
import { findIngredient } from '../../food/search';
import { normaliseName, singular } from '../../food/singular';
import { type OwnIngredient } from '../../food/own-ingredient';
import { formatGrams } from '../../units/format';
import { notFilling } from '../not-filling';
import { readLines } from '../read-lines';
import { batchInWords, countWithin } from '../to-batch';
import { type ParsedLine } from '../parse-line';
import { type Answer, answers } from '../to-line';
import { boiledOff, boilsOff } from './boil-off';
import { doughInMethod } from './dough-in-method';
import { type DoughInWords, doughInWords } from './dough-in-words';
import { glazeInWords } from './glaze-in-words';
import { foodsInMethod } from './foods-in-method';
import { type HeatInWords, heatInWords } from './heat-in-words';
import { type HowMany, howMany } from './how-many';
import { type Ask, type Found, type Planned, type PlanSaid } from './found';
import { type SchoolInWords, schoolInWords } from './school-in-words';
import { type Part, type Sections } from './sections';
import { sentencesOf } from './sentences';
import { type ShapeInWords, shapeInWords } from './shape-in-words';
import { sized } from './sizes';
import { heatWords, sizeWords } from './found-words';

interface ToPlan {
  part: Part;
  isOneOfSeveral: boolean;
  sections: Sections;
  own: readonly OwnIngredient[];
  said: PlanSaid;
}

/** All that the words say. */
interface Read {
  lines: string[];
  /** Lines that do not go into the filling, and why. */
  notes: string[];
  shape: ShapeInWords;
  heat: HeatInWords | null;
  school: SchoolInWords;
  many: HowMany;
  count: number | null;
  wrapper: DoughInWords | null;
  /** What is brushed on; null where nothing is said of it. */
  glaze: { glaze: Glaze; words: string } | null;
  /** The sentence that boils something off. */
  boils: string | null;
}

export function planned(toPlan: ToPlan, fresh: { id: string; at: string }): Planned {
  const read = readAll(toPlan);
  const { batch: begun, questions, notes } = begin(toPlan, read, fresh);
  const brushed = withGlaze(begun, read.glaze);
  const dried = read.boils === null ? brushed : boiledOff(brushed);
  const isSkinSaid = read.shape.skin !== null && (toPlan.said.form ?? read.shape.form) === read.shape.form;
  const batch = sized(dried, {
    count: read.count !== null,
    portion: read.shape.portionG !== null,
    skin: isSkinSaid,
  });
  return {
    batch,
    questions,
    asks: asksIn(read.lines, read.school.school, toPlan.own),
    notes: [...notes, ...read.notes, ...otherSkin(batch, read.shape.skin)],
    found: foundIn(batch, read, dried !== brushed),
  };
}

function readAll({ part, sections: { title, parts, steps, said: stated }, own, said }: ToPlan): Read {
  const sentences = sentencesOf(steps);
  const doughs = parts.filter(({ kind }) => kind === 'dough');
  const inMethod = doughs.length === 0 ? doughInMethod([...part.lines, ...stated, ...sentences]) : null;
  const doughLines = inMethod?.lines ?? doughs.flatMap(({ lines }) => lines);
  const doughNames = inMethod ? [inMethod.name] : doughs.flatMap(({ name }) => name ?? []);
  const heatRead = heatInWords(steps);
  const heat = said.method !== undefined && heatRead?.method !== said.method ? null : heatRead;
  const method = said.method ?? heatRead?.method ?? null;
  const shape = shapeInWords(title ?? '', [...part.lines, ...doughLines, ...stated], steps, method);
  const form = said.form ?? shape.form;
  const [drawing, undrawn] = split(part.lines, (line) => DRAWS.test(line));
  const [brushed, counted] = split(
    undrawn,
    (line) => isBrushed(line, sentences, own) || isForSheets(line, part.lines, sentences),
  );
  const ofFilling = sentences.filter((sentence) => sentence !== inMethod?.words);
  const lines = [...counted, ...foodsInMethod(ofFilling, part.lines, own)];
  const many = howMany([part.name ?? '', ...stated], steps, [...part.lines, ...doughLines, ...stated]);
  const named = [...part.lines, ...stated, ...steps, title ?? ''].filter(
    (line) =>
      notFilling(line) !== null ||
      /\b(?:dough|pastry|shortcrust|filo|phyllo|skins?|wrappers?|steamed buns)\b/i.test(line),
  );
  return {
    lines,
    notes: [
      ...drawing.map((line) => `${line} (it goes with the water that is squeezed out; what stays is counted)`),
      ...brushed.map((line) => `${line} (not in the filling: for the brush)`),
    ],
    shape: { ...shape, form },
    heat,
    school:
      said.school === undefined ? schoolInWords(foodsOf(lines, own), sentences) : { school: said.school, words: null },
    many,
    count: said.count ?? countInWords(form, many),
    wrapper: doughInWords(doughLines, [...doughNames, ...named], method),
    glaze: glazeInWords([...part.lines, ...stated, ...sentences]),
    boils: sentences.find(boilsOff) ?? null,
  };
}

/** What is still to be said of the lines, or could be said otherwise. */
const asksIn = (lines: readonly string[], school: School, own: readonly OwnIngredient[]): Ask[] =>
  lines.flatMap((line) => {
    const read = readLines(line, school, own);
    if (read.kind === 'note') return [];
    return read.lines.flatMap(({ parsed, question, answers: offered }): Ask[] => {
      if (question === null && parsed.takenAs === null) return [];
      // Of what is taken as its class, others of its family are offered.
      const given = question === null ? likeIt(parsed, own) : offered;
      return [{ text: parsed.text, question, takenAs: parsed.takenAs, answers: given }];
    });
  });

function likeIt(parsed: ParsedLine, own: readonly OwnIngredient[]): Answer[] {
  const taken = parsed.ingredientId === null ? undefined : lookUp(own, parsed.ingredientId);
  return answers({ ...parsed, ingredientId: null }, own, MANY)
    .filter(({ label }) => {
      const other = findIngredient(label, own);
      return other !== undefined && other.id !== taken?.id && other.family === taken?.family;
    })
    .slice(0, FEW);
}
const MANY = 24;
const FEW = 3;

const foodsOf = (lines: readonly string[], own: readonly OwnIngredient[]) =>
  lines.flatMap((text) => {
    const read = readLines(text, 'raw', own);
    if (read.kind === 'note') return [];
    return read.lines.flatMap(({ line }) => {
      const ingredient = line && lookUp(own, line.ingredientId);
      return ingredient ? [{ ingredient, text }] : [];
    });
  });

/** The batch with everything that is said, before what follows from it. */
function begin({ part, isOneOfSeveral, sections, own, said }: ToPlan, read: Read, fresh: { id: string; at: string }) {
  const { shape, heat, wrapper, count } = read;
  const { form } = shape;
  const { batch, questions, notes } = batchInWords(
    {
      title: titleOf(sections, part, isOneOfSeveral, form),
      form,
      school: read.school.school,
      count: countWithin(count, usualCount(form)),
      lines: read.lines,
      steps: sections.steps,
      wrap: {
        ...(shape.skin === null ? {} : { skin: shape.skin }),
        ...(shape.thicknessMm === null ? {} : { thicknessMm: shape.thicknessMm }),
        ...(shape.portionG === null ? {} : { portionG: shape.portionG }),
        ...(wrapper === null ? doughFor(form, heat?.method ?? null) : { dough: wrapper.dough }),
      },
      cook: {
        ...(wrapper === null || heat !== null ? {} : usualFor(wrapper.dough)),
        ...(said.method === undefined ? {} : { method: said.method }),
        ...(heat === null ? {} : { method: heat.method }),
        ...(heat?.mediumC == null ? {} : { mediumC: heat.mediumC }),
        ...(heat?.minutes == null ? {} : { minutes: heat.minutes }),
      },
      ingredients: own,
    },
    fresh,
  );
  const shaped: Batch = {
    ...batch,
    wrap: {
      ...batch.wrap,
      ownDough: wrapper?.ownDough ?? null,
      ...(shape.edge === null || !FORMS[form].edges.includes(shape.edge) ? {} : { edge: shape.edge }),
      ...(shape.vent === null || !FORMS[form].canHaveMouth ? {} : { vent: shape.vent }),
    },
    cook: { ...batch.cook, ...(heat?.steps ? { steps: heat.steps } : {}) },
  };
  return { batch: shaped, questions, notes };
}

/** Where nobody says of what it is made and it is cooked otherwise than is usual for the form, its dough is another: what bakes is no noodle. */
function doughFor(form: FormId, method: Method | null): { dough?: DoughId } {
  const { usual } = FORMS[form];
  if (method === null || method === usual.method) return {};
  const dough = COOKED_OTHERWISE[method]?.[usual.dough];
  return dough === undefined ? {} : { dough };
}
const COOKED_OTHERWISE: Partial<Record<Method, Partial<Record<DoughId, DoughId>>>> = {
  boil: { 'steamed-bun': 'noodle', 'rough-laminated': 'noodle', short: 'noodle', enriched: 'noodle', bread: 'noodle' },
  steam: { 'rough-laminated': 'noodle', short: 'noodle', enriched: 'steamed-bun', bread: 'steamed-bun' },
  sear: { 'rough-laminated': 'noodle', short: 'noodle' },
  bake: { 'steamed-bun': 'enriched', noodle: 'short', griddle: 'bread' },
  fry: { 'steamed-bun': 'bread', noodle: 'oil-egg' },
};

/** Where nobody says how they are cooked, pastry, sheets and bread are baked. */
const usualFor = (dough: DoughId): { method?: Method } => (BAKED.includes(dough) ? { method: 'bake' } : {});
const BAKED: readonly DoughId[] = [
  'short',
  'rough-laminated',
  'spiral',
  'thin-sheets',
  'bought-sheets',
  'bread',
  'enriched',
  'raised',
];

/** What was found, each with its words. */
function foundIn(
  batch: Batch,
  { shape, many, school, wrapper, heat, boils, count, glaze }: Read,
  isBoiledOff: boolean,
): Found[] {
  const { wrap, water } = batch;
  const made: Found = {
    what: 'dough',
    value: wrapper?.ownDough ? `the recipe’s own, made like ${DOUGHS[wrapper.dough].label}` : DOUGHS[wrap.dough].label,
    words: wrapper?.words ?? null,
  };
  const boiled: Found = {
    what: 'boiled off',
    value: formatGrams(water.estimate.by === 'grams' ? water.estimate.grams : 0),
    words: boils,
  };
  return [
    { what: 'form', value: FORMS[wrap.form].label, words: shape.words === '' ? null : shape.words },
    { what: 'count', value: String(batch.count), words: count === null ? null : many.words },
    { what: 'school', value: SCHOOLS[batch.school].label, words: school.words },
    made,
    {
      what: 'size',
      value: sizeWords(batch, 'mm'),
      words: null,
    },
    {
      what: 'heat',
      value: heatWords(batch, 'C'),
      words: heat?.words ?? null,
    },
    ...(glaze !== null && wrap.glaze === glaze.glaze
      ? [{ what: 'glaze' as const, value: GLAZES[glaze.glaze].label, words: glaze.words }]
      : []),
    ...(isBoiledOff ? [boiled] : []),
  ];
}

/** A skin that the form is not made from is said, not replaced in silence. */
function otherSkin({ wrap }: Batch, skin: SkinInWords | null): string[] {
  const { shapes, label } = FORMS[wrap.form];
  if (skin === null || (shapes as readonly string[]).includes(skin.shape)) return [];
  const made = shapes.filter((shape) => shape !== 'tin').join(' or ');
  return [
    `The recipe’s skin is ${skin.shape}; read as ${label}, which is made from ${made}. Change the form if it’s another.`,
  ];
}

/** Only what is baked is glazed. */
const withGlaze = (batch: Batch, brushed: Read['glaze']): Batch =>
  brushed === null || batch.cook.method !== 'bake'
    ? batch
    : { ...batch, wrap: { ...batch.wrap, glaze: brushed.glaze } };

const split = (lines: readonly string[], test: (line: string) => boolean): [string[], string[]] => [
  lines.filter(test),
  lines.filter((line) => !test(line)),
];

/** Salt that draws the water out of something is poured away with it: "1 tsp salt (for the cabbage)". */
const DRAWS =
  /\bsalt\b[^.]*\b(?:for|to salt|to draw)\s+(?:the\s+)?(?:\w+\s+)?(?:cabbage|courgettes?|zucchini|cucumbers?|marrow|aubergines?|eggplants?|radish\w*|vegetables?|sweating|drawing|squeezing)\b/i;

const BRUSHES = /\b(?:brush|glaze|egg ?wash|grease|dust)\w*\b|\bbutter (?:an?|the|each)\b|\bbuttered\b|\bexcept\b/i;
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

/** Butter that stands beside thin sheets in the list, and that no sentence uses, goes between them. */
function isForSheets(line: string, lines: readonly string[], sentences: readonly string[]): boolean {
  const sheets = lines.findIndex((other) => /\b(?:filo|phyllo|fillo|strudel)\b/i.test(other));
  const isBeside = sheets >= 0 && Math.abs(lines.indexOf(line) - sheets) === 1;
  return isBeside && BUTTER.test(line) && !sentences.some((sentence) => BUTTER.test(sentence));
}
const BUTTER = /\bbutter\b/i;

/** "Leek pies, makes 12", "Samosas, 24 of them", "Buns – 12 pieces": the number is no part of the name. */
const HOW_MANY =
  /[,;:–—-]?\s*\(?\b(?:makes?|yields?|serves|enough for|for)\s+(?:about\s+)?\d+\b.*$|\s*[,;:–—-]\s*(?:about\s+)?\d{1,3}(?:\s+(?:of (?:them|these)|pieces?|pcs|(?:big|large|small)(?: ones)?))?\s*$|\s+x\s*\d{1,3}\s*$|(?<=\b(?:pies|pasties|buns|turnovers|rolls|pockets|dumplings|half[- ]moons|triangles|purses|samosas|puffs))\s+\d{1,3}\s*$/i;

function titleOf({ title }: Sections, part: Part, isOneOfSeveral: boolean, form: Batch['wrap']['form']): string {
  const usual = FORMS[form].plural;
  const base = title?.replace(HOW_MANY, '').trim() ?? `${usual[0].toUpperCase()}${usual.slice(1)}`;
  const name =
    part.name
      ?.replace(/\s*\([^)]*\)/g, '')
      .replace(/\b(?:for the|filling|stuffing)\b/gi, '')
      .trim() ?? '';
  return (isOneOfSeveral && name !== '' ? `${base}: ${name.toLowerCase()}` : base).slice(0, MOST.title);
}
