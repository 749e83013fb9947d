/** The words for the document's ids, the same on every screen. */
import { type Batch } from '@/core/batch/schema';
import { type Outcome, type School, type Stage } from '@/core/batch/vocabulary';
import { type Hazard } from '@/core/food/ingredient';
import { FORMS } from '@/core/wrapper/forms';

export const SCHOOL_WORDS: Record<School, string> = {
  raw: 'raw filling',
  cooked: 'cooked filling',
  'part-cooked': 'part-cooked filling',
};

export const STAGE_WORDS: Record<Stage, { title: string; note: string }> = {
  'cook-first': { title: 'Cook first', note: 'in the pan: aromatics, then the main thing' },
  simmer: { title: 'Simmer', note: 'liquid and what thickens it' },
  'off-heat': { title: 'Off the heat', note: 'stirred in while it is hot' },
  'when-cool': { title: 'When cool', note: 'tender herbs, egg, cheese in pieces' },
  'raw-mix': { title: 'Raw mix', note: 'in one direction until sticky' },
};

export const METHOD_WORDS: Record<Batch['cook']['method'], string> = {
  steam: 'steamed',
  boil: 'boiled',
  bake: 'baked',
};

export const OUTCOME_WORDS: Record<Outcome, string> = {
  'just-right': 'just right',
  soggy: 'soggy bottom',
  burst: 'burst',
  leaked: 'leaked',
  dry: 'dry',
  'loose-filling': 'filling loose in its shell',
  bland: 'bland',
  salty: 'too salty',
  pale: 'pale',
  'cold-centre': 'brown outside, cold inside',
  'dough-left': 'dough left over',
  'filling-left': 'filling left over',
};

/** A batch in half a line: `24 purses, raw filling, steamed`. */
export function batchLine(batch: Batch): string {
  const form = FORMS[batch.wrap.form].label;
  return `${batch.count} ${form}${batch.count === 1 ? '' : 's'}, ${SCHOOL_WORDS[batch.school]}, ${METHOD_WORDS[batch.cook.method]}`;
}

export const HAZARD_WORDS: Record<Hazard, string> = {
  none: 'nothing that must be cooked',
  poultry: 'poultry',
  'minced-meat': 'minced meat',
  'whole-meat': 'meat in one piece',
  fish: 'fish',
  shellfish: 'shellfish',
  egg: 'egg',
  'raw-flour': 'raw flour',
  'cooked-animal': 'cooked animal food, to be reheated',
};
