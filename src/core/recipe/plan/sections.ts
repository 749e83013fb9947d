/**
 * A whole recipe in words, taken apart: title, the parts of its ingredients (a filling or two, a dough, what is beside them),
 * and the sentences of its method. A message, a card and a page are read by the same rules.
 */
import {
  ABOUT,
  BARE_FOOD,
  BULLET,
  COUNT_LINE,
  INGREDIENTS,
  INLINE,
  isBareWrapper,
  isCount,
  isFood,
  isHeading,
  isPartWord,
  isStep,
  isTitle,
  kindOf,
  listIn,
  METHOD,
  NUMBERED,
  type PartKind,
  plain,
  VERB,
} from './line-kinds';
import { restInALine } from './rest-in-a-line';

export interface Part {
  kind: PartKind;
  /** As its heading names it; null where it has none. */
  name: string | null;
  lines: string[];
}

export interface Sections {
  /** Null where nothing names it. */
  title: string | null;
  parts: Part[];
  steps: string[];
  /** Lines that are neither: how many it makes, a greeting. */
  said: string[];
}

/** Takes a text apart. */
export function sectionsOf(text: string): Sections {
  const sections = new Reader().read(text);
  return sections.parts.some(({ kind }) => kind === 'filling') ? sections : inProse(sections);
}

/** A message without lines: what begins with an amount is food, up to where it tells what to do with all of it. */
function inProse(sections: Sections): Sections {
  const [first = '', ...rest] = sections.steps;
  const colon = /^([^:.]{3,50}):\s+(.+)$/s.exec(first);
  const text = [colon?.[2] ?? first, ...rest].join(' ');
  const lines: string[] = [];
  const told: string[] = [];
  for (const part of text.split(/,\s*|;\s*|(?<=[a-z)])\.\s+/)) {
    const words = part.trim().replace(/^and\s+/i, '');
    if (words === '') continue;
    const isLine = told.length === 0 && isFood(words) && !VERB.test(words);
    if (isLine || (told.length === 0 && BARE_FOOD.test(words))) lines.push(words);
    else told.push(words);
  }
  if (lines.length === 0) return sections;
  return {
    title: sections.title ?? colon?.[1].trim() ?? null,
    parts: [...sections.parts, { kind: 'filling', name: null, lines }],
    // How each is treated stands with it; what is done with all of them comes after.
    steps: [...lines.filter((line) => /\b(?:sweat|fry|cook|soft|boil|brown)/i.test(line)), told.join(', ')],
    said: sections.said,
  };
}

/** A line with what stands around it. */
interface Line {
  /** As it was written, and without what marks it as an item or a heading. */
  line: string;
  bare: string;
  isSetApart: boolean;
  /** The next line that says anything. */
  next: string;
}

/** Reads line by line: what a line is may hang on what has been read. */
class Reader {
  readonly out: Sections = { title: null, parts: [], steps: [], said: [] };
  private part: Part | null = null;
  private isMethod = false;
  private hadBlank = false;

  /** What a line may be, in this order: the first that knows it takes it. */
  private readonly rules: ((line: Line) => boolean)[] = [
    (line) => this.about(line),
    (line) => this.listHeading(line),
    (line) => this.methodHeading(line),
    (line) => this.partInALine(line),
    (line) => this.partHeading(line),
    (line) => this.title(line),
    (line) => this.rest(line),
    (line) => this.count(line),
    (line) => this.step(line),
    (line) => this.food(line),
  ];

  read(text: string): Sections {
    const all = text.split(/\r?\n/).map((raw) => raw.trim());
    const hasHeadings = all.some((line) => INGREDIENTS.test(plain(line)) || METHOD.test(plain(line)));
    for (const [i, line] of all.entries()) {
      if (line !== '') {
        const below = all[i + 1] ?? '';
        const bare = plain(line.replace(/^#+\s*/, '').replace(/\*\*/g, ''));
        const isSetApart = hasHeadings || below === '' || COUNT_LINE.test(below);
        const next = all.slice(i + 1).find((other) => other !== '') ?? '';
        const one = { line, bare, isSetApart, next };
        if (!this.rules.some((rule) => rule(one))) this.out.said.push(bare);
      }
      this.hadBlank = line === '';
    }
    return { ...this.out, parts: this.out.parts.filter(({ lines }) => lines.length > 0).map(asDough) };
  }

  private open(kind: Part['kind'], name: string | null, lines: string[] = []): Part {
    const made: Part = { kind, name, lines };
    this.out.parts.push(made);
    return made;
  }

  private into(lines: readonly string[]): void {
    // A blank line between lists without headings begins another.
    if (this.part === null || (this.hadBlank && this.part.name === null && this.part.lines.length > 0))
      this.part = this.open('filling', null);
    this.part.lines.push(...lines);
  }

  // Each says whether it has taken the line.

  private about({ bare }: Line): boolean {
    if (!ABOUT.test(bare) || METHOD.test(bare)) return false;
    this.out.said.push(bare);
    return true;
  }

  private listHeading({ bare }: Line): boolean {
    if (!INGREDIENTS.test(bare)) return false;
    if (/\d/.test(bare)) this.out.said.push(bare.replace(/^\S+\s*/, ''));
    this.isMethod = false;
    this.part = null;
    return true;
  }

  private methodHeading({ bare }: Line): boolean {
    if (!METHOD.test(bare)) return false;
    this.isMethod = true;
    return true;
  }

  private partInALine({ bare }: Line): boolean {
    const inline = INLINE.exec(bare);
    if (!inline || !isPartWord(inline[1]) || VERB.test(bare)) return false;
    this.isMethod = false;
    const part = this.open(kindOf(inline[1]), inline[1].trim(), listIn(inline[2]));
    // What follows an inline list without a heading of its own is no part of it.
    this.part = part.kind === 'filling' ? part : null;
    return true;
  }

  private partHeading({ bare, next }: Line): boolean {
    if (this.out.title === null || (this.isMethod && !bare.endsWith(':')) || !isHeading(bare)) return false;
    this.isMethod = false;
    if (isBareWrapper(bare, next)) this.open('dough', null, [bare]);
    else this.part = this.open(kindOf(bare), bare.replace(/[:–-]$/, '').trim());
    return true;
  }

  private title({ line, bare, isSetApart }: Line): boolean {
    const { title, parts, said } = this.out;
    if (title !== null || parts.length > 0 || said.length > 0 || !isTitle(bare, isSetApart)) return false;
    this.out.title = bare
      .replace(/[:.]$/, '')
      .replace(/\s*\([^)]*\)\s*$/, '')
      .trim();
    this.out.said.push(line);
    return true;
  }

  private rest({ line, bare }: Line): boolean {
    const rest = this.out.parts.length > 0 && !this.isMethod && !isStep(line) ? restInALine(bare) : null;
    if (!rest) return false;
    this.out.said.push(...rest.said);
    if (rest.step !== null) this.out.steps.push(rest.step);
    return true;
  }

  private count({ line, bare }: Line): boolean {
    if (this.isMethod || isStep(line) || !isCount(bare)) return false;
    this.out.said.push(bare);
    // "10 buns. 10 small plums, stoned": the count, and a food behind it.
    const [, behind] = /^[^.]*\.\s+(.+)$/.exec(bare) ?? [];
    if (behind !== undefined && isFood(behind)) this.into([behind]);
    return true;
  }

  private step({ line }: Line): boolean {
    if (!this.isMethod && !isStep(line)) return false;
    this.isMethod = this.isMethod || this.out.parts.length > 0;
    this.out.steps.push(line.replace(NUMBERED, '').replace(BULLET, ''));
    return true;
  }

  private food({ line, bare }: Line): boolean {
    if (!isFood(line)) return false;
    const list = listIn(bare);
    const bares = bare.split(/\s*,\s*/);
    // "Black pepper, nutmeg": seasoning that needs no amount, each by itself.
    if (bares.length > 1 && bares.every((one) => BARE_FOOD.test(one) && one.split(' ').length <= 2)) this.into(bares);
    else this.into(list.length >= 3 && list.every((one) => isFood(one)) ? list : [bare]);
    return true;
  }
}

/** A list without a heading that is all flour, fat and liquid is the dough. */
function asDough(part: Part): Part {
  if (part.name !== null || part.kind !== 'filling') return part;
  const isDough = part.lines.some((line) => /\bflour\b/i.test(line) && /\d{3}\s*g|\bcups?\b|\bc\.|\bkg\b/i.test(line));
  const rest = part.lines.filter((line) => !DOUGH_FOOD.test(line));
  return isDough && rest.length === 0 ? { ...part, kind: 'dough' } : part;
}
const DOUGH_FOOD =
  /\b(?:flour|water|milk|buttermilk|yog\w+|butter|lard|margarine|shortening|oil|eggs?|yolks?|salt|sugar|yeast|baking powder|baking soda|bicarb\w*|vinegar|soured? cream|honey)\b/i;
