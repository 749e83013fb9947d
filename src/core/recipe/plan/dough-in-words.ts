/** The wrapper of a recipe: bought, one of the families, or a formula of its own from its lines, in percent of the flour. */
import { type OwnDough } from '../../stored/own-dough-schema';
import { LIMITS, MOST } from '../../vocabulary/limits';
import { type DoughId } from '../../vocabulary/doughs';
import { type Method } from '../../vocabulary/methods';
import { ingredientById } from '../../food/catalogue';
import { RECIPE_DOUGH } from '../../wrapper/kept-dough';
import { parseLine } from '../parse-line';

export interface DoughInWords {
  dough: DoughId;
  ownDough: OwnDough | null;
  words: string;
}

/** Bought, or named without a formula. The telling ones first. */
const NAMED: readonly [RegExp, DoughId][] = [
  [/\bboiling water\b[^.]*\bskins?\b|\bskins?\b[^.]*\bboiling water\b/i, 'hot-water'],
  [/\b(?:filo|phyllo|fillo|strudel)\b/i, 'bought-sheets'],
  [
    /\b(?:wonton|gyoza|dumpling|spring[- ]roll|egg[- ]roll|rice[- ]paper)\b[^.]*\b(?:wrappers?|skins?|sheets?|rounds?)\b/i,
    'bought-skin',
  ],
  [/\bwrappers?\b|\b\w+-type skins\b/i, 'bought-skin'],
  [/\b(?:puff|rough[- ]puff|flaky)\b/i, 'rough-laminated'],
  [/\bhot[- ]water\b/i, 'hot-water'],
  [/\b(?:short(?:crust)?|shortcrust|pie ?crust|pastry discs?|empanada discs?)\b/i, 'short'],
  [/\b(?:noodle|pasta|pierogi|dumpling) dough\b|\bfresh pasta\b|\b(?:pasta|lasagne) sheets?\b/i, 'noodle'],
  [/\bthin skins\b/i, 'bought-skin'],
  [/\b(?:unleavened|flatbread|wheat) dough\b/i, 'griddle'],
  [/\b(?:steamed[- ]bun|bun) dough\b|\bsteamed buns\b/i, 'steamed-bun'],
  [/\b(?:enriched|sweet|milk|brioche|soft|rich)(?:,? \w+){0,2} dough\b/i, 'enriched'],
  [/\b(?:oil|samosa|oil[- ]and[- ]egg|oil-egg) (?:dough|pastry)\b/i, 'oil-egg'],
  [/\b(?:pizza|bread|yeast|yeasted) dough\b/i, 'bread'],
  [/\bpastry\b/i, 'short'],
];

/** Fat, % of the flour. House estimates of where one family ends and the next begins. */
/** Share of fat in an egg: without more than that it is no rich dough. */
const EGG_FAT = 0.1;
const SHORT_FAT = 20;
const RICH = 6;
/** Oil alone makes a bread soft, and no rich dough of it up to here. */
const OILY = 15;

/** Reads it from the lines of the dough, else from what is named anywhere. */
export function doughInWords(
  doughLines: readonly string[],
  named: readonly string[],
  method: Method | null,
): DoughInWords | null {
  const formula = formulaIn(doughLines);
  if (formula) {
    const like = familyOf(formula, [...doughLines, ...named].join(' '), method);
    return { dough: like, ownDough: ownDough(formula, like), words: doughLines.join(', ') };
  }
  for (const line of [...doughLines, ...named]) {
    const found = NAMED.find(([pattern]) => pattern.test(line));
    if (found) return { dough: found[1], ownDough: null, words: line };
  }
  return null;
}

type Formula = Map<string, number>;

/** Percent of flour by larder id; null where there is no flour, or too little is measured. */
function formulaIn(lines: readonly string[]): Formula | null {
  const grams: Formula = new Map();
  let flour = 0;
  for (const line of lines) {
    const { ingredientId, grams: g } = parseLine(line);
    if (ingredientId === null || g === null || g <= 0 || /\b(?:glaze|brush|dust|rolling)\b/i.test(line)) continue;
    grams.set(ingredientId, (grams.get(ingredientId) ?? 0) + g);
    if (/flour|semolina/.test(ingredientId)) flour += g;
  }
  if (flour <= 0 || grams.size < 2) return null;
  const percents: Formula = new Map();
  for (const [id, g] of grams) percents.set(id, Math.round((1000 * g) / flour) / 10);
  return percents;
}

function familyOf(formula: Formula, words: string, method: Method | null): DoughId {
  const of = (test: (id: string) => boolean): number =>
    [...formula].reduce((sum, [id, percent]) => sum + (test(id) ? percent : 0), 0);
  const fat = [...formula].reduce(
    (sum, [id, percent]) => sum + percent * (ingredientById(id)?.composition.fat ?? 0),
    0,
  );
  const egg = of((id) => id.startsWith('egg'));
  const isHot =
    /\b(?:hot|boiling)[- ]water (?:crust|dough|pastry)\b|\d\s*(?:g|ml|cups?|c\.?) (?:of )?(?:hot|boiling) water\b/i.test(
      words,
    );
  if (of((id) => id.startsWith('yeast')) > 0) {
    if (method === 'steam') return 'steamed-bun';
    const isRich = egg > 0 || of((id) => /^(?:butter|milk|cream)/.test(id)) > 0;
    return fat >= (isRich ? RICH : OILY) || egg > 0 ? 'enriched' : 'bread';
  }
  if (isHot) return 'hot-water';
  if (of((id) => id === 'baking-powder' || id === 'bicarbonate') > 0) {
    if (method === 'griddle') return 'griddle';
    return fat >= SHORT_FAT ? 'short' : 'raised';
  }
  if (fat >= SHORT_FAT) return 'short';
  if (egg > 0 && fat > egg * EGG_FAT + 1) return 'oil-egg';
  return 'noodle';
}

function ownDough(formula: Formula, like: DoughId): OwnDough {
  const lines = [...formula]
    .filter(([, percent]) => percent > 0 && percent <= LIMITS.doughPercent.most)
    .slice(0, MOST.formulaLines)
    .map(([ingredientId, percent]) => ({ ingredientId, percent }));
  return { ...RECIPE_DOUGH, like, parts: [{ name: '', share: 1, formula: lines }] };
}
