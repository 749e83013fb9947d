/** A line whose amount stands at its end or in its middle, with the amount brought to the front: `pork shoulder, 600 g, minced`. */
import { leadingAmount } from './amount';
import { parseMeasure } from './measures';

const NUMBER =
  '(?:\\d+\\s+\\d+\\/\\d+|\\d+\\/\\d+|\\d*\\s?[½⅓⅔¼¾⅛]|\\d+(?:[.,]\\d+)?(?:\\s*[-–]\\s*\\d+(?:[.,]\\d+)?)?)';
const MEASURED =
  '(?:g|kg|ml|l|cl|dl|oz|lb|tsp|tbsp|cups?|pints?|tins?|cans?|jars?|packs?|packets?|tubs?|bunch(?:es)?|handfuls?|heads?|bulbs?|cloves?|sticks?|stalks?|slices?|rashers?|sprigs?|pinch(?:es)?|knobs?|balls?|blocks?|dessertspoons?|sheets?)';
/** `onions x 3, large`, `flour x 3 tbsp`. */
const TIMES = new RegExp(`^([a-z][a-z' -]+?)\\s*[x×]\\s*(${NUMBER}(?:\\s*${MEASURED}\\b)?)(.*)$`, 'i');
/** `flour 3 tbsp`, `beef shin 1 kg, in chunks`, `tomatoes 1 tin, not drained`. */
const AFTER = new RegExp(
  `^([a-z][a-z' -]*?[a-z]),?\\s+(${NUMBER}\\s*${MEASURED})\\b\\.?(?!\\s*(?:each|cubes|pieces|thick))(.*)$`,
  'i',
);
/** A part of a line that is nothing but an amount: `700 g`, `about 2 cups`, `1 large`, `a big bunch`, `600 g in all`. */
const ALONE = new RegExp(
  `^(?:about |approx\\.? |roughly |around |say |c\\. )?(?:((?:\\d+\\s*[x×]\\s*)?${NUMBER}\\s*${MEASURED}\\b\\.?)|(${NUMBER}|an?|one|two|three)\\s+((?:extra[- ])?(?:large|small|medium|big|medium-sized|little|fat)(?: ones?)?)|((?:an?|one|two|three|half an?)\\s+(?:(?:large|small|big|good|generous)\\s+)?${MEASURED})|(${NUMBER}))(?:\\s+(?:in all|in total|total|altogether|or so|prepared weight|net|after trimming))?$`,
  'i',
);

function alone(part: string): string | null {
  const found = ALONE.exec(part.trim());
  if (!found) return null;
  const [, measured, number, size, counted, bare] = found;
  return measured ?? (number === undefined ? (counted ?? bare) : `${number} ${size.replace(/ ones?$/i, '')}`);
}

const startsWithAmount = (line: string): boolean => {
  if (leadingAmount(line) !== null) return true;
  const [first, second] = line.split(' ');
  return second !== undefined && second.toLowerCase() === 'of' && parseMeasure(first) !== null;
};

/** Brings the amount to the front; a line that begins with one, or has none, stays as it is. */
export function amountFirst(line: string): string {
  if (startsWithAmount(line)) return line;
  const times = TIMES.exec(line);
  if (times) return `${times[2]} ${times[1]}${times[3]}`;
  const after = AFTER.exec(line);
  if (after) return `${after[2]} ${after[1]}${after[3]}`;
  return amountOfAPart(line) ?? line;
}

function amountOfAPart(line: string): string | null {
  const parts = line.split(/\s*(?:,|;|:|\s[-–—]\s|\(|\))\s*/).filter((part) => part !== '');
  for (const [i, part] of parts.entries()) {
    const amount = i === 0 ? null : alone(part);
    if (amount === null) continue;
    const others = parts.filter((_part, index) => index !== i);
    return `${amount} ${others.join(', ')}`;
  }
  return null;
}
