/** "Until dry", "until thick", "cook down": what the method boils off has boiled off to where this filling is right. */
import { DEFAULT_KITCHEN } from '../../stored/kitchen';
import { type Batch } from '../../stored/schema';
import { drawLedger } from '../../filling/ledger';
import { kindOf } from '../../filling/kind';
import { resolveLines } from '../../filling/lines';
import { takesOf } from '../../filling/takes';
import { whenToStop } from '../../filling/when-to-stop';
import { dough } from '../../wrapper/dough';

const BOILS_OFF =
  /\buntil\b[^.]{0,40}\b(?:dry|thick|thickened|gone|evaporat\w*|reduced|absorbed|no liquid|hardly any liquid|clings?|glossy|syrupy|sticky)\b|\b(?:cook|boil|simmer|reduce)\w* (?:it |them )?(?:right )?down\b|\bcook(?:ed)? (?:until |till |to )?dry\b|\bfry till dry\b|\bliquid has (?:gone|evaporated)\b|\bjuice has gone\b|\btill (?:it is )?(?:very )?(?:thick|dry)\b/i;

/** Whether a sentence boils something off. */
export const boilsOff = (sentence: string): boolean => BOILS_OFF.test(sentence);

/** The batch with so much boiled off as brings it well into its band; as it is where nothing is in a pan or too wet. */
export function boiledOff(batch: Batch): Batch {
  const lines = resolveLines(batch, DEFAULT_KITCHEN);
  if (lines.length === 0) return batch;
  const { wrap, cook, water } = batch;
  const takes = takesOf(
    kindOf(lines),
    { form: wrap.form, vent: wrap.vent, method: cook.method, dough: dough(wrap.dough, wrap.ownDough).kind },
    DEFAULT_KITCHEN.learned,
  );
  const ledger = drawLedger(lines, water, 0, takes.ovenPer100);
  const toGo = whenToStop(lines, water, ledger, takes)?.toGoG ?? 0;
  if (toGo <= 0 || water.estimate.by !== 'grams') return batch;
  return { ...batch, water: { ...water, estimate: { by: 'grams', grams: Math.round(water.estimate.grams + toGo) } } };
}
