/** `fit`, `assess`: a parcel, and a whole batch. */
import { z } from 'zod';
import { assess } from '@/core/checks/assess';
import { CHECK_IDS } from '@/core/checks/check';
import { forecastHeat } from '@/core/checks/heat';
import { DEFAULT_KITCHEN } from '@/core/document/kitchen';
import { LIMITS } from '@/core/document/limits';
import { between } from '@/core/document/span';
import { readBatch } from '@/core/document/read';
import { dough } from '@/core/wrapper/dough';
import { DOUGH_IDS } from '@/core/document/vocabulary/doughs';
import { fitParcel } from '@/core/wrapper/fit';
import { FORM_IDS, FORMS } from '@/core/document/vocabulary/forms';
import { type Command, command, InputError } from '../command';

const fitInput = z
  .strictObject({
    form: z.enum(FORM_IDS),
    diameterMm: between(LIMITS.diameterMm, 'mm'),
    rimMm: between(LIMITS.rimMm, 'mm'),
    thicknessMm: between(LIMITS.thicknessMm, 'mm'),
    depthMm: between(LIMITS.panDepthMm, 'mm').optional(),
    fillingG: z
      .number()
      .positive('must be above 0 g')
      .max(LIMITS.portionG.most, `must be at most ${LIMITS.portionG.most} g`),
    gPerMl: z.number().min(0.3, 'must be 0.3 to 1.5 g/ml').max(1.5, 'must be 0.3 to 1.5 g/ml').default(1.02),
    dough: z.enum(DOUGH_IDS).optional(),
  })
  .refine((i) => i.rimMm < i.diameterMm / 2, { path: ['rimMm'], error: 'must be less than half of diameterMm' });

export const fitCommand = command(fitInput, ({ form, fillingG, gPerMl, dough: id, ...skin }) => {
  const { maxMl, comfortableMl, fillMl, state, wrapperG, ratio, halfThicknessMm, dimension } = fitParcel({
    form,
    skin,
    dough: dough(id ?? FORMS[form].usual.dough),
    fillingG,
    density: gPerMl,
  });
  return { maxMl, comfortableMl, fillMl, state, wrapperG, ratio, halfThicknessMm, dimension };
});

export const assessCommand: Command = (input) => {
  const read = readBatch(input);
  if (!read.ok) throw new InputError(read.problems);
  const heat = forecastHeat(read.value, DEFAULT_KITCHEN);
  const { checks, moisture, ledger, portion, unknown, findings } = assess(read.value, DEFAULT_KITCHEN, heat);
  const shown = CHECK_IDS.map((id) => {
    const { state, headline, value, band, unit, fixes } = checks[id];
    // What else is then to mend belongs to what is offered.
    const offered = fixes.map(({ id: fix, label, effect, but }) => ({
      id: fix,
      label: but === null ? label : `${label} (${but})`,
      effect,
    }));
    return [id, { state, headline, value, band, unit, fixes: offered }];
  });
  const figure = (moment: 'board' | 'heat') => {
    const { value, band } = moisture[moment];
    return { value, band };
  };
  return {
    checks: Object.fromEntries(shown),
    moisture: { board: figure('board'), heat: figure('heat') },
    ledger,
    portion,
    cooling: heat.cooling,
    forecast: heat.core,
    unknown,
    findings: findings.map(({ text }) => text),
  };
};
