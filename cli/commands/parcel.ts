/** `fit`, `assess`: a parcel, and a whole batch. */
import { z } from 'zod';
import { assess } from '@/core/checks/assess';
import { CHECK_IDS } from '@/core/checks/check';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { LIMITS } from '@/core/vocabulary/limits';
import { between } from '@/core/stored/span';
import { readBatch } from '@/core/stored/read';
import { dough } from '@/core/wrapper/dough';
import { DOUGH_IDS } from '@/core/vocabulary/doughs';
import { fitParcel } from '@/core/wrapper/fit';
import { FORM_IDS, FORMS } from '@/core/forms';
import { acrossOf } from '@/core/forms/skins';
import { skinInWords } from '@/core/recipe/wrap-in-words';
import { type Command, command, InputError } from '../command';
import { mustBeMadeFrom, skinInput } from '../skin-input';

const fitInput = z
  .strictObject({
    form: z.enum(FORM_IDS),
    skin: skinInput.optional(),
    diameterMm: between(LIMITS.skinMm, 'mm').optional(),
    rimMm: between(LIMITS.rimMm, 'mm').optional(),
    thicknessMm: between(LIMITS.thicknessMm, 'mm'),
    depthMm: between(LIMITS.panDepthMm, 'mm').optional(),
    fillingG: z
      .number()
      .positive('must be above 0 g')
      .max(LIMITS.portionG.most, `must be at most ${LIMITS.portionG.most} g`),
    gPerMl: z.number().min(0.3, 'must be 0.3 to 1.5 g/ml').max(1.5, 'must be 0.3 to 1.5 g/ml').default(1.02),
    dough: z.enum(DOUGH_IDS).optional(),
  })
  .refine((i) => i.skin !== undefined || i.diameterMm !== undefined, {
    path: ['skin'],
    error: 'is missing: would be { shape, … }, or diameterMm',
  })
  .refine((i) => i.skin === undefined || (i.diameterMm === undefined && i.depthMm === undefined), {
    path: ['diameterMm'],
    error: 'is said by skin already',
  });

export const fitCommand = command(fitInput, ({ form, fillingG, gPerMl, dough: id, ...said }) => {
  const { shapes, usual } = FORMS[form];
  mustBeMadeFrom(form, said.skin?.shape ?? (shapes[0] === 'pan' ? 'pan' : 'round'), 'skin');
  const skin = skinInWords(form, said, usual.skin);
  const rimMm = said.rimMm ?? usual.rimMm;
  if (rimMm >= acrossOf(skin) / 2) {
    const than = said.diameterMm === undefined ? 'the skin' : 'diameterMm';
    throw new InputError([`rimMm: must be less than half of ${than}`]);
  }
  const { maxMl, comfortableMl, fillMl, state, wrapperG, ratio, halfThicknessMm, dimension } = fitParcel({
    form,
    laid: { skin, rimMm, thicknessMm: said.thicknessMm },
    dough: dough(id ?? usual.dough),
    fillingG,
    density: gPerMl,
  });
  return { maxMl, comfortableMl, fillMl, state, wrapperG, ratio, halfThicknessMm, dimension };
});

export const assessCommand: Command = (input) => {
  const read = readBatch(input);
  if (!read.ok) throw new InputError(read.problems);
  const heat = forecastHeat(read.value, DEFAULT_KITCHEN, 'ways');
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
  const figure = (moment: 'board' | 'heat' | 'dry') => {
    const { value, band } = moisture[moment];
    return { value, band };
  };
  return {
    checks: Object.fromEntries(shown),
    moisture: { board: figure('board'), heat: figure('heat'), dry: figure('dry') },
    ledger,
    portion,
    cooling: heat.cooling,
    forecast: heat.core,
    unknown,
    findings: findings.map(({ text }) => text),
  };
};
