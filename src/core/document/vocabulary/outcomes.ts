/** What came out, at the first bite. */
import { idsOf, recordsOf } from './records';

export const OUTCOMES = recordsOf<{ label: string }>()({
  'just-right': { label: 'just right' },
  soggy: { label: 'soggy bottom' },
  burst: { label: 'burst' },
  leaked: { label: 'leaked' },
  dry: { label: 'dry' },
  'loose-filling': { label: 'filling loose in its shell' },
  bland: { label: 'bland' },
  salty: { label: 'too salty' },
  pale: { label: 'pale' },
  'cold-centre': { label: 'brown outside, cold inside' },
  'dough-left': { label: 'dough left over' },
  'filling-left': { label: 'filling left over' },
});
export type Outcome = keyof typeof OUTCOMES;
export const OUTCOME_IDS = idsOf(OUTCOMES);
