/** Sixty fillings that practitioners judged, each with a spoilt twin, put through the application as pasting does it. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { type CheckId, type CheckState } from '../../src/core/checks/check';
import { assess } from '../../src/core/checks/assess';
import { forecastHeat } from '../../src/core/forecast/heat';
import { FORM_IDS } from '../../src/core/forms';
import { batchInWords } from '../../src/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '../../src/core/stored/kitchen';
import { DOUGH_IDS } from '../../src/core/vocabulary/doughs';
import { METHOD_IDS } from '../../src/core/vocabulary/methods';
import { SCHOOL_IDS } from '../../src/core/vocabulary/schools';

const state = z.enum(['good', 'watch', 'fix']);
const said = z.object({
  lines: z.array(z.string()),
  /** The states that a practitioner accepts, and what is wrong with it. */
  moisture: z.array(state),
  wrong: z.string().nullable(),
  salt: z.array(state),
  saltWrong: z.string().nullable(),
  firstFix: z.string().nullable(),
});
const trial = said.extend({
  id: z.string(),
  title: z.string(),
  form: z.enum(FORM_IDS),
  school: z.enum(SCHOOL_IDS),
  count: z.number(),
  dough: z.enum(DOUGH_IDS),
  method: z.enum(METHOD_IDS),
  spoilt: said.extend({ how: z.string() }),
});
type Said = z.infer<typeof said>;
export type Trial = z.infer<typeof trial>;

export const TRIAL: readonly Trial[] = z
  .array(trial)
  .parse(JSON.parse(readFileSync(join(__dirname, 'trial.json'), 'utf8')));

export interface TrialJudged {
  moisture: CheckState;
  salt: CheckState;
  /** Whether each agrees with what is accepted. */
  isMoistureRight: boolean;
  isSaltRight: boolean;
  headline: string;
  saltHeadline: string;
  figures: string;
  firstFix: string | null;
  saltFix: string | null;
}

/** One of the two versions judged. @param asked the checks whose fixes are worked out */
export function judgeTrial(known: Trial, version: Said, asked: readonly CheckId[] = ['moisture', 'salt']): TrialJudged {
  const { batch } = batchInWords(
    {
      title: known.title,
      form: known.form,
      school: known.school,
      count: known.count,
      lines: version.lines,
      dough: known.dough,
      cook: { method: known.method },
    },
    { id: known.id, at: '2026-01-01T00:00:00Z' },
  );
  const a = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'), null, asked);
  const { moisture, salt } = a.checks;
  const { board, heat, dry, paste } = a.moisture;
  return {
    moisture: moisture.state,
    salt: salt.state,
    isMoistureRight: version.moisture.includes(moisture.state),
    isSaltRight: version.salt.includes(salt.state),
    headline: moisture.headline,
    saltHeadline: `${salt.headline} ${salt.figure}`,
    figures: `board ${board.value.toFixed(1)}, heat ${heat.value.toFixed(1)} of ${heat.band[1].toFixed(1)}, dry ${dry.value.toFixed(1)}, starch ${paste.value.toFixed(1)}×`,
    firstFix: moisture.fixes[0]?.label ?? null,
    saltFix: salt.fixes[0]?.label ?? null,
  };
}
