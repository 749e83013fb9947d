/** What comes with another form: a skin that it is made from, said before it surprises anybody. */
import { type FormId, FORMS } from '../forms';
import { SHAPES } from '../forms/skins';
import { type LengthUnit } from '../units/lengths';
import { skinWords } from './skin-words';
import { changeForm } from '../stored/create';
import { type Batch } from '../stored/schema';
import { withArticle } from '../units/article';
import { formatGrams } from '../units/format';

/**
 * In a sentence, which skin and portion a change of form brings.
 * @returns null where the skin stays what it is
 */
export function skinThatComes(to: FormId, wrap: Batch['wrap'], unit: LengthUnit): string | null {
  const { skin, portionG } = changeForm(to, wrap);
  if (skin === undefined || portionG === undefined) return null;
  const name = FORMS[to].plural;
  const cannot = (FORMS[to].shapes as readonly string[]).includes(wrap.skin.shape)
    ? `${name[0].toUpperCase()}${name.slice(1)} have a size of their own`
    : `${name[0].toUpperCase()}${name.slice(1)} are not made from ${withArticle(SHAPES[wrap.skin.shape].label)}`;
  return `${cannot}. Taken instead: ${skinWords(skin, unit)}, with ${formatGrams(portionG)} in each.`;
}
