/** How many a recipe makes, and for how many people, by its own words. */
import { sentencesOf } from './sentences';

const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
};
const NUMBER = '(\\d{1,3}|an?|one|two|three|four|five|six|eight|ten|twelve)';
const DIGITS = '(\\d{1,3}|two|three|four|five|six|eight|ten|twelve)';
const PARCEL =
  '(?:pieces?|pies?|pasties|buns?|turnovers?|rolls?|pockets?|parcels?|dumplings?|half[- ]moons?|triangles?|squares?|purses?|pillows?|puffs?|patties|rounds?|breads?|flatbreads?|samosas?|hand pies|individual pies)';

export interface HowMany {
  count: number | null;
  serves: number | null;
  /** The words that say so. */
  words: string | null;
}

const COUNTS: readonly RegExp[] = [
  /\(\s*(?:for|makes)\s+(?:about\s+)?(\d{1,3})\s*\)/i,
  new RegExp(`\\b(?:half a)\\s+(dozen)\\b`, 'i'),
  new RegExp(`\\b${NUMBER}\\s+(dozen)\\b`, 'i'),
  new RegExp(
    `\\b(?:makes?|yields?|yield:?|to make|quantity)\\s*:?\\s*(?:about|around|approx\\.?|roughly|some)?\\s*${DIGITS}(?:\\s*[-–]\\s*\\d{1,3})?\\b(?!\\s*(?:g|kg|ml|cups?|minutes?|mins?)\\b)`,
    'i',
  ),
  new RegExp(`\\bservings?\\s*:?\\s*${DIGITS}\\s+(?:\\w+\\s+)?${PARCEL}\\b`, 'i'),
  new RegExp(`\\bfor\\s+(?:about\\s+)?${NUMBER}\\s+(?:\\w+\\s+)?${PARCEL}\\b`, 'i'),
  new RegExp(`\\(\\s*(?:about|for|makes)?\\s*${NUMBER}\\s+(?:large|big|small|individual|${PARCEL})[^)]*\\)`, 'i'),
  new RegExp(`^(?:about\\s+)?${NUMBER}\\s+(?!kinds?\\b|sorts?\\b|types?\\b)(?:\\w+\\s+){0,2}?${PARCEL}\\b`, 'im'),
  /^for\s+(\d{1,3})\s+(?!people\b|persons?\b|guests?\b|servings?\b|min|hours?\b)[a-z]+(?:\s+you need)?:?$/im,
  /^\(?(?:about|approx\.?)\s+(\d{1,3})\)?$/im,
  /^(?:about\s+)?(\d{1,3})\s+(?:of (?:them|these)|in all|altogether)\b/im,
  // In a title: "Pork dumplings (40)", "Pasties, 4 big ones".
  /\(\s*(\d{1,3})\s*\)\s*$/,
  /\(\s*(?:about|approx\.?|around|roughly)\s+(\d{1,3})\s*\)\s*$/im,
  /,\s*(?:about\s+)?(\d{1,3})\s+(?:(?:big|large|small)(?:\s+ones\b|\s*$)|of (?:them|these)\b)/i,
];
/** At the end of a title: "Khinkali, 20", "Buns – 12 pieces". */
const AT_THE_END = new RegExp(`[,–—-]\\s+(?:about\\s+)?(\\d{1,3})(?:\\s+(?:pcs|${PARCEL}))?\\s*\\.?$`, 'i');
/** A title that ends in it: “Turkey turnovers 12”, “Empanadas x 16”. */
const TITLE_ENDS = new RegExp(`(?:\\b${PARCEL}\\s+(?:x\\s*)?|\\bx\\s*)(\\d{1,3})$`, 'i');
const SERVES = new RegExp(
  `\\b(?:serves|servings?|feeds|for)\\s*:?\\s*(?:about\\s+)?${NUMBER}\\b(?!\\s*(?:min|hour|days?|g\\b|${PARCEL}))`,
  'i',
);
/** What is cut or divided into so many. */
const DIVIDED = new RegExp(
  `\\b(?:cut|divide|roll|make|shape)\\w*\\s+(?:\\w+\\s+){0,4}?(?:into|in|out)?\\s*${NUMBER}\\s+(?:\\d+[- ]?(?:cm|inch|in)\\s+)?(?:equal\\s+|round\\s+)?(?:balls|pieces|rounds|circles|squares|parts|discs)\\b|(?:^|[.,;]\\s*)(\\d{1,2})\\s+balls\\b|\\b(?:into|in)\\s+${NUMBER}(?=[,.;]|$|\\s+and\\b)`,
  'i',
);
/** Wrappers that are counted: "40 round dumpling wrappers". */
const WRAPPERS = new RegExp(
  `^${NUMBER}\\s+(?!(?:pkg|packs?|packets?|package)\\b)(?:[\\w'’-]+\\s+){0,4}?(?:wrappers?|skins?|discs?|rounds?|squares?)\\b`,
  'i',
);

/** "16 steamed buns." */
const ALONE = new RegExp(`^${DIGITS}\\s+(?:\\w+\\s+){0,2}?${PARCEL}\\.?$`, 'i');

/** A packet of wrappers that says how many: "1 packet spring roll wrappers (about 20)". */
const IN_PACKET = /\b(?:wrappers?|skins?|sheets?|discs?)\b[^(]*\(\s*(?:about\s+)?(\d{1,3})\s*\)/i;

const numberOf = (text: string): number => WORDS[text.toLowerCase()] ?? Number(text);

/**
 * @param yieldLines lines that say it: title, "makes 16", "(4 large)"
 * @param steps the method, where it says into how many it is divided
 * @param lines ingredients, where wrappers are counted
 */
export function howMany(yieldLines: readonly string[], steps: readonly string[], lines: readonly string[]): HowMany {
  const none: HowMany = { count: null, serves: null, words: null };
  const serves = yieldLines.map((line) => SERVES.exec(line)).find((found) => found !== null);
  const people = serves ? numberOf(serves[1]) : null;
  const sentences = sentencesOf(steps).filter((step) => /\bmakes?\b|\byields?\b/i.test(step) || ALONE.test(step));
  for (const line of [...yieldLines, ...sentences]) {
    for (const pattern of COUNTS) {
      const found = pattern.exec(line);
      if (!found) continue;
      const dozen = /dozen/i.test(found[0]);
      const n = /half a/i.test(found[0]) ? 0.5 : numberOf(found[1]);
      if (Number.isFinite(n)) return { count: dozen ? 12 * n : n, serves: people, words: found[0].trim() };
    }
  }
  const title = yieldLines
    .map((line) => AT_THE_END.exec(line) ?? TITLE_ENDS.exec(line))
    .find((found) => found !== null);
  if (title) return { count: Number(title[1]), serves: people, words: title[0].trim() };
  for (const line of [...lines, ...sentencesOf(steps)]) {
    const found = IN_PACKET.exec(line) ?? WRAPPERS.exec(line);
    if (found) return { count: numberOf(found[1]), serves: people, words: found[0].trim() };
  }
  for (const step of [...steps, ...sentencesOf([...steps, ...yieldLines])]) {
    const found = DIVIDED.exec(step);
    const n = found && numberOf(found[1] ?? found[2] ?? found[3]);
    if (found && n && n > 1) return { count: n, serves: people, words: found[0].trim() };
  }
  return { ...none, serves: people, words: serves?.[0] ?? null };
}
