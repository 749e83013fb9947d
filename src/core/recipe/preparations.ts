/** The preparation that a recipe's words name. */
import { RELEASES } from '../vocabulary/releases';
import { type Ingredient } from '../food/ingredient';
import { UNDRAINED } from './undrained';

/** Words that name a preparation, the telling ones first; the first id that the ingredient's table holds is taken. */
const PREPARATION_WORDS: [pattern: RegExp, ids: string[]][] = [
  [/scrambled/i, ['scrambled']],
  [/hard[- ]?boiled/i, ['boiled']],
  [
    /reduced to (?:a )?(?:glaze|syrup)|nearly dry|almost dry|simmered (?:away|dry)|syrupy|until (?:it is )?(?:gone|dry|evaporated)|until .*evaporates/i,
    ['simmered-dry', 'browned', 'cooked-down'],
  ],
  [
    /cooked (?:right |well )?down|reduced|simmered down|boiled down|by half|until (?:it |they |the (?:gravy|sauce|liquid) )?(?:is |are |has )?(?:thick|thickened|glossy|syrupy|coats?)|(?:gravy|sauce|liquid) is thick/i,
    ['cooked-down', 'simmered-down', 'sweated', 'browned'],
  ],
  [/braised|shredded|pulled|stewed|slow[- ]cooked|confit/i, ['shredded']],
  [/poached|cooked through|flaked|steamed/i, ['flaked', 'cooked']],
  [/worked|kneaded|until sticky/i, ['worked']],
  [/wilted/i, ['wilted-squeezed', 'sweated']],
  [/blanched/i, ['blanched-squeezed', 'wilted-squeezed', 'boiled']],
  [/rinsed and squeezed/i, ['rinsed-squeezed', 'squeezed']],
  [/salted/i, ['salted-squeezed']],
  [/squeezed|wrung/i, ['squeezed', 'salted-squeezed', 'wilted-squeezed', 'pressed']],
  [/thawed|defrosted/i, ['raw']],
  [/rinsed|soaked/i, ['rinsed', 'soaked']],
  [/rehydrated/i, ['soaked']],
  [/strained|drained overnight|hung|well drained|drained/i, ['drained-overnight', 'squeezed']],
  [/pressed/i, ['pressed']],
  [/roast(?:ed)?|baked|charred|grilled/i, ['roasted-mash', 'roasted', 'cooked']],
  [/caramelised|caramelized|until (?:golden|brown|dry|crisp)|browned|crisped/i, ['browned', 'sweated']],
  [/saut[eé]ed|sweated|softened|until (?:soft|tender)|gently cooked|in butter/i, ['sweated', 'cooked-soft', 'browned']],
  [/stewed|cooked until soft|cooked soft/i, ['cooked-soft', 'sweated']],
  [/fried/i, ['browned', 'sweated']],
  [/mashed|riced|crushed|pur[eé]ed/i, ['boiled-mash', 'boiled']],
  [/boiled|cooked|steamed|simmered/i, ['boiled', 'boiled-mash', 'simmered', 'cooked', 'cooked-soft']],
  [/minced/i, ['worked']],
  [/grated|shredded|spirali[sz]ed/i, ['raw']],
  [/diced|cubed|in (?:small )?(?:dice|cubes)|chopped|sliced|cut/i, ['diced']],
];

/** Of what the note says of dried things, soaking and wringing is one preparation. */
const SOAKS: readonly string[] = ['driedSponge', 'driedNoodle', 'driedFruit', 'driedGrain', 'driedPulse'];
const NOT_SQUEEZED = /(?:not|un)[ -]?(?:been )?(?:squeezed|wrung)|left wet|still wet/i;
/** Preparations that a word names apart, before those that share their words. */
const APART: Readonly<Record<string, RegExp | undefined>> = {
  'with-liquid': UNDRAINED,
  grated: /grated|coarsely shredded/i,
  beaten:
    /(?:beaten|beat|stirred|worked|kneaded|mixed) in|at a time|little by little|bit by bit|by the spoon|a spoon(?:ful)? (?:at|by)|gradually|until (?:it is |all )?(?:absorbed|taken up)/i,
  'dried-mash': /dried (?:over|on) (?:the|a low) (?:heat|stove|flame)|steamed dry|dried out in the pan/i,
  'squeezed-hard':
    /(?:squeezed|wrung)(?: out)? (?:very|really|bone|as) (?:hard|dry)|(?:very|really) (?:well )?(?:squeezed|wrung)|bone[- ]dry/i,
};
/** A mash is roasted for it where the words say both. */
const ROASTED_MASH = /roast/i;

/** The preparation that a line's words name, or the one that is assumed. */
export function preparationInWords(ingredient: Ingredient, words: string): string {
  const table = RELEASES[ingredient.release].map((p) => p.id);
  if (SOAKS.includes(ingredient.release) && /uncooked|\b(?:raw|dry)\b/i.test(words) && table.includes('raw'))
    return 'raw';
  if (SOAKS.includes(ingredient.release) && /soak|rehydrat|cook|boil|drained|tin|can/i.test(words))
    return soaked(table);
  if (table.includes('roasted-mash') && ROASTED_MASH.test(words)) {
    return /dice|cube|chunk/i.test(words) ? 'roasted' : 'roasted-mash';
  }
  const apart = table.find((id) => APART[id]?.test(words) === true);
  if (apart !== undefined) return apart;
  if (UNDRAINED.test(words)) return table[0];
  if (NOT_SQUEEZED.test(words) && table.includes('wilted')) return /wilted|blanched/i.test(words) ? 'wilted' : 'raw';
  for (const [pattern, ids] of PREPARATION_WORDS) {
    const named = pattern.test(words) ? ids.find((id) => table.includes(id)) : undefined;
    if (named !== undefined) return named;
  }
  return table[0];
}

const soaked = (table: readonly string[]): string => (table.includes('soaked') ? 'soaked' : table[0]);
