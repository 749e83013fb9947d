/** What a practitioner would say at the board: a wet parcel without a vent, a wet filling in a thin skin, a dough not all known. */
import { withArticle } from '../units/article';
import { FORMS } from '../forms';
import { stepsSaid } from '../stored/cooking';
import { methodInstead, neverWords } from '../vocabulary/goes-together';
import { METHODS } from '../vocabulary/methods';
import { type Finding } from '../filling/finding';
import { formatMinutes } from '../units/format';
import { type Accounts } from './account';
import { moistureFigures } from './moisture';

/** Of the whole parcel, not of a line. */
const WHOLE = '';

/**
 * How long a wet filling may lie in its skin before it soaks through, minutes: longer in a thicker skin (with its square, as
 * anything that soaks), shorter the wetter. House estimate: 1.5 mm and 3 g loose per 100 g, three quarters of an hour.
 */
export function soaksThroughIn(thicknessMm: number, loosePer100: number): number {
  return (SOAKS * (thicknessMm / 1.5) ** 2 * 3) / Math.max(0.5, loosePer100);
}
const SOAKS = 45;
/** Longer than this nobody leaves them anyway, minutes; less loose than this nobody sees, g per 100 g. */
const NO_MATTER = 120;
const HARDLY_LOOSE = 1;

export function wrapFindings(accounts: Accounts): Finding[] {
  const { batch, dough, laid } = accounts;
  if (batch.lines.length === 0) return [];
  const { wrap, cook } = batch;
  // What is filled after the heat does not wait filled.
  const { isClosed, label, isFilledAfter } = FORMS[wrap.form];
  const { board, heat } = moistureFigures(accounts);
  const found: Finding[] = [];
  const never = neverWords(wrap.dough, cook.method);
  if (never !== null) {
    const method = methodInstead(wrap.dough);
    found.push({
      lineId: WHOLE,
      alsoAt: 'cook',
      text: `${never} Is that what you mean?`,
      fix: {
        label: `${METHODS[method].imperative} it`,
        change: [{ do: 'setCook', to: { method, steps: stepsSaid(method, wrap.form, {}) } }],
      },
    });
  }
  if (
    isClosed &&
    METHODS[cook.method].isDry &&
    cook.method !== 'fry' &&
    wrap.vent === 'none' &&
    heat.value > heat.band[1]
  )
    found.push({
      lineId: WHOLE,
      text: `Wet inside, closed all round and in dry heat: ${withArticle(label)} without a vent bursts where its seam is weakest. Dry the filling, and cut a vent.`,
      fix: { label: 'With a vent', change: [{ do: 'setWrap', to: { vent: 'slit' } }] },
    });
  const minutes = soaksThroughIn(laid.thicknessMm, board.value);
  if (board.value > HARDLY_LOOSE && minutes < NO_MATTER && !isFilledAfter)
    found.push({
      lineId: WHOLE,
      text: `Loose liquid soaks into a skin of this thickness: cook them, or freeze them, within about ${formatMinutes(5 * Math.max(1, Math.round(minutes / 5)))} of closing (our estimate).`,
      fix: null,
    });
  if (wrap.vent !== 'none' && cook.method === 'fry')
    found.push({
      lineId: WHOLE,
      text: 'A vent under hot oil lets oil in and juice out: it spits. Close it.',
      fix: { label: 'No vent', change: [{ do: 'setWrap', to: { vent: 'none' } }] },
    });
  for (const id of dough.unknown)
    found.push({
      lineId: WHOLE,
      text: `“${id}” in the dough is not in the larder: it isn’t counted.`,
      fix: null,
    });
  return found;
}
