/** What the steps of a recipe say of its lines: when each goes in and how it is prepared, each with the sentence it was read from. */
import { type Line } from '../stored/schema';
import { type School } from '../vocabulary/schools';
import { type Stage } from '../vocabulary/stages';
import { RELEASES } from '../vocabulary/releases';
import { type Ingredient } from '../food/ingredient';
import { normaliseName, singular } from '../food/singular';
import { preparationInWords } from './preparations';
import { DESCRIBING } from './words';

export interface FromMethod {
  /** What changes in the line. */
  to: Partial<Pick<Line, 'stage' | 'preparation' | 'weighed'>>;
  /** The sentence that says so. */
  sentence: string;
}

/** A line with what it is and is called. */
export interface Named {
  line: Line;
  ingredient: Ingredient;
  /** What the recipe calls it. */
  name: string;
}

const COOKS =
  /\b(?:fry|frying|fried|saut[eé]|soften|sweat|brown|cook|heat|melt|simmer|boil|stew|braise|toast|wilt|reduce|bubble|bring to)\w*/i;
const OFF_HEAT = /\b(?:off|from) the heat\b|\bturn off the heat\b|\btake it off\b/i;
const COOLS = /\b(?:cool(?:ed|s|ing)?|cold|chill(?:ed)?|room temperature)\b/i;
const THEN = /^(?:when|once|after|as soon as)\b/i;
const ENDS =
  /\b(?:fill|wrap|roll out|fold|seal|pleat|bake|steam|deep-fry|assemble|put a spoon\w*|place a spoon\w*|divide|glaze|brush)\b/i;
const GOES_ON = /^(?:then\s+)?(?:simmer|cook|boil|reduce|bubble|let it|leave it to|stir until)/i;
const THICKENS = /\b(?:thick|thickened|dry|reduced|evaporat\w*|syrupy|gone|absorbed|coats?|by half)\b/i;
const MIXES = /\b(?:mix|stir|combine|fold|beat|knead|work|add|toss)\w*/i;
const PREPARES =
  /\b(?:squeez|wring|drain|salt|press|mash|soak|wilt|blanch|roast|grate|rinse|flake|scrambl|hard[- ]boil|boil|steam)\w*/i;

/** Too general to be known again by. */
const SAID_OF_ALL: ReadonlySet<string> = new Set([
  'salt',
  'water',
  'fresh',
  'ground',
  'raw',
  'cooked',
  'dry',
  'oil',
  'sauce',
]);

const sentencesOf = (steps: readonly string[]): string[] =>
  steps
    .flatMap((step) => step.split(/(?<=[.;!])\s+/))
    .map((sentence) => sentence.trim())
    .filter((s) => s !== '');

/** A step as it is kept in a batch's words. */
const KEPT_STEP = /^\d{1,2}\. /;

/**
 * The sentences of a method, kept in a batch's words, that speak of a line.
 * @param words the batch's words: notes, and the steps, numbered
 */
export function sentencesOn(ingredient: Ingredient, words: string): string[] {
  const steps = words
    .split('\n')
    .filter((line) => KEPT_STEP.test(line))
    .map((line) => line.replace(KEPT_STEP, ''));
  const names = wordsOf({ ingredient, name: '' });
  return sentencesOf(steps).filter((sentence) => mentions(sentence, names));
}

/** The words by which a line is known in a sentence. */
function wordsOf({ ingredient, name }: Pick<Named, 'ingredient' | 'name'>): string[] {
  const words = [...normaliseName(ingredient.name).split(' '), ...normaliseName(name).split(' ')]
    .map((word) => singular(word.replace(/[^a-z]/g, '')))
    .filter((word) => word.length > 2 && !DESCRIBING.has(word) && !SAID_OF_ALL.has(word));
  return [...new Set(words)];
}

const mentions = (sentence: string, words: readonly string[]): boolean => {
  const inSentence = new Set(
    normaliseName(sentence)
      .split(/[^a-z]+/)
      .map(singular),
  );
  return (
    words.some((word) => inSentence.has(word)) || (/\b(?:meat|mince)\b/i.test(sentence) && words.includes('mince'))
  );
};

/**
 * Reads the method.
 * @returns for each line what it says, or null; only what the line's own words leave open is changed
 */
export function readMethod(named: readonly Named[], steps: readonly string[], school: School): (FromMethod | null)[] {
  const found: (FromMethod | null)[] = named.map(() => null);
  let isCool = false;
  /** Liquids that are in by now. */
  const poured = new Set<number>();
  for (const sentence of sentencesOf(steps)) {
    if (ENDS.test(sentence) && !COOKS.test(sentence.split(',')[0])) {
      if (isCool || school !== 'cooked') break;
    }
    const startsCool = THEN.test(sentence) && COOLS.test(sentence);
    const here = named.map((n, i) => ({ n, i })).filter(({ n }) => mentions(sentence, wordsOf(n)));
    for (const { n, i } of here) {
      const clause = here.length > 1 ? clauseOf(sentence, wordsOf(n)) : sentence;
      const to = saidOf(n, clause, sentence, { school, isCool: isCool || startsCool });
      if (Object.keys(to).length === 0) continue;
      // Of what is said again later only what is new counts: browned first, simmered then.
      const before = found[i];
      // The sentence shown is the one that gives the preparation, not the first that names it.
      const isFirstToSay = before?.to.preparation === undefined && to.preparation !== undefined;
      found[i] = {
        to: isFirstToSay ? { ...before?.to, ...to } : { ...to, ...before?.to },
        sentence: isFirstToSay ? sentence : (before?.sentence ?? sentence),
      };
    }
    // "Simmer until the gravy is thick" speaks of what was poured in before.
    if (GOES_ON.test(sentence) && THICKENS.test(sentence)) {
      for (const [i, n] of named.entries()) {
        if (!poured.has(i) || found[i]?.to.preparation !== undefined) continue;
        const to = saidOf(n, sentence, sentence, { school, isCool });
        if (to.preparation !== undefined) found[i] = { to: { ...found[i]?.to, ...to }, sentence };
      }
    }
    for (const { n, i } of here) if (n.ingredient.family === 'liquid') poured.add(i);
    if (COOLS.test(sentence)) isCool = true;
  }
  return found;
}

/** The part of a sentence, between commas, that speaks of it; with what follows where that goes on. */
function clauseOf(sentence: string, words: readonly string[]): string {
  const clauses = sentence.split(
    /,\s*(?:then\s+)?|;\s*|\s+then\s+|\s+and\s+(?=(?:cook|fry|simmer|stir|squeeze|drain|mash|brown|add|let|leave|boil)\b)/i,
  );
  const index = clauses.findIndex((clause) => mentions(clause, words));
  const next = clauses[index + 1];
  const goesOn =
    next !== undefined && /^(?:cook|fry|simmer|squeeze|drain|mash|leave|let|until|brown|wring|boil|reduce)/i.test(next);
  return goesOn ? `${clauses[index]}, ${next}` : (clauses[index] ?? sentence);
}

function saidOf(
  { line, ingredient }: Named,
  clause: string,
  sentence: string,
  { school, isCool }: { school: School; isCool: boolean },
): FromMethod['to'] {
  const table = RELEASES[ingredient.release];
  const to: FromMethod['to'] = {};
  const words = clause.replace(/\bsalt and\b/gi, '');
  const isTreated = COOKS.test(words) || PREPARES.test(words);
  // What the line itself says of its preparation holds; how it is cut leaves that open.
  const own = table.find((p) => p.id === line.preparation) ?? table[0];
  if (isTreated && own.treatment === 'none' && !own.cooked && ingredient.release !== 'dry') {
    const preparation = preparationInWords(ingredient, asDone(words));
    const record = table.find((p) => p.id === preparation);
    const isCutOnly = preparation === 'diced' || preparation === 'raw';
    if (record && preparation !== line.preparation && !isCutOnly) {
      to.preparation = preparation;
      if (record.yield !== 1) to.weighed = 'raw';
    }
  }
  const stage = stageIn(ingredient, sentence, { school, isCool, isCooked: COOKS.test(clause) });
  if (stage !== null && stage !== line.stage) to.stage = stage;
  return to;
}

/** "Brown the mince" is done when it is browned. */
const asDone = (words: string): string =>
  words
    .replace(/\bbrown\b/gi, 'browned')
    .replace(/\bsqueez(?:e|ing)\b/gi, 'squeezed')
    .replace(/\bwring\b/gi, 'wrung')
    .replace(/\bwilt\b/gi, 'wilted')
    .replace(/\bblanch\b/gi, 'blanched')
    .replace(/\b(?:soften|sweat)\b/gi, 'sweated')
    .replace(/\b(?:fry|saut[eé])\b/gi, 'fried')
    .replace(/\bmash\b/gi, 'mashed')
    .replace(/\bdrain\b/gi, 'drained')
    .replace(/\bpress\b/gi, 'pressed')
    .replace(/\bsoak\b/gi, 'soaked')
    .replace(/\broast\b/gi, 'roasted')
    .replace(/\bboil\b/gi, 'boiled')
    .replace(/\bsimmer\b/gi, 'simmered')
    .replace(/\breduce\b/gi, 'reduced')
    .replace(/\bsalt (?=the|it)/gi, 'salted ');

function stageIn(
  { family, liquid, binder }: Ingredient,
  sentence: string,
  { school, isCool, isCooked }: { school: School; isCool: boolean; isCooked: boolean },
): Stage | null {
  if (isCool) return school === 'raw' ? 'raw-mix' : 'when-cool';
  if (OFF_HEAT.test(sentence) && MIXES.test(sentence)) return 'off-heat';
  if (!isCooked && !COOKS.test(sentence)) return null;
  if (family === 'liquid' || (family === 'dairy' && liquid)) return 'simmer';
  return family === 'starch' && binder !== undefined ? 'simmer' : 'cook-first';
}
