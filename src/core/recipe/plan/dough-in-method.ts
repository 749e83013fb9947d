/** A dough that is said in a sentence: "firm dough from 350 g flour and 165 ml water, rolled 2 mm". */

/** What it is called, and what is in it up to where it tells what to do with it. */
const SAID =
  /((?:[a-z-]+[ -]){0,4}(?:dough|pastry|crust))\s*(?:\([^)]*\)\s*)?(?::|,?\s*(?:made\s+|mixed\s+|kneaded\s+)?(?:from|of|with|out of|is)\b)\s*([^.;]*\bflour\b[^.;]*)/i;
/** Where one thing ends and the next begins. */
const NEXT = /\s*,\s*(?:and\s+)?|\s+and\s+|\s+with\s+|\s*\+\s*/i;
const AMOUNT = /^(?:about\s+)?(?:[\d½¼¾⅓⅔]|an?\s|one\s|two\s|three\s|half\s|pinch|some\s)/i;

export interface DoughInMethod {
  /** "Firm dough". */
  name: string;
  lines: string[];
  /** The sentence that says so. */
  words: string;
}

/** Reads it; null where no sentence says what a dough is of. */
export function doughInMethod(sentences: readonly string[]): DoughInMethod | null {
  for (const sentence of sentences) {
    const found = SAID.exec(sentence);
    if (!found) continue;
    const lines: string[] = [];
    for (const part of found[2].split(NEXT).map((one) => one.trim())) {
      if (!AMOUNT.test(part)) {
        // "…, rolled thin": what is done with it comes after.
        if (lines.length > 0) break;
        continue;
      }
      lines.push(part);
    }
    if (lines.some((line) => /\bflour\b/i.test(line))) return { name: found[1].trim(), lines, words: sentence };
  }
  return null;
}
