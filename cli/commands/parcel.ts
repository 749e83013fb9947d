/** `fit`, `assess`: a parcel, and a whole batch. */
import { z } from 'zod';
import { assess } from '@/core/batch/assess';
import { CHECK_IDS } from '@/core/batch/check';
import { forecastHeat } from '@/core/batch/heat';
import { DEFAULT_KITCHEN } from '@/core/batch/kitchen';
import { readBatch } from '@/core/batch/read';
import { dough, DOUGH_IDS, type DoughId } from '@/core/wrapper/doughs';
import { fitParcel } from '@/core/wrapper/fit';
import { FORM_IDS, type FormId } from '@/core/wrapper/forms';
import { type Command, command, InputError } from '../command';

const length = (least: number, most: number) =>
  z.number().min(least, `must be ${least} to ${most} mm`).max(most, `must be ${least} to ${most} mm`);

/** The dough a form usually takes. */
const USUAL_DOUGH: Record<FormId, DoughId> = {
  'half-moon': 'noodle',
  purse: 'steamed-bun',
  pocket: 'short',
  'pan-pie': 'thin-sheets',
};

const fitInput = z
  .strictObject({
    form: z.enum(FORM_IDS),
    diameterMm: length(30, 400),
    rimMm: length(0, 60),
    thicknessMm: length(0.3, 20),
    depthMm: length(10, 120).optional(),
    fillingG: z.number().positive('must be above 0 g').max(5000, 'must be at most 5000 g'),
    gPerMl: z.number().min(0.3, 'must be 0.3 to 1.5 g/ml').max(1.5, 'must be 0.3 to 1.5 g/ml').default(1.02),
    dough: z.enum(DOUGH_IDS).optional(),
  })
  .refine((i) => i.rimMm < i.diameterMm / 2, { path: ['rimMm'], error: 'must be less than half of diameterMm' });

export const fitCommand = command(fitInput, ({ form, fillingG, gPerMl, dough: id, ...skin }) => {
  const { maxMl, comfortableMl, fillMl, state, wrapperG, ratio, halfThicknessMm, dimension } = fitParcel({
    form,
    skin,
    dough: dough(id ?? USUAL_DOUGH[form]),
    fillingG,
    density: gPerMl,
  });
  return { maxMl, comfortableMl, fillMl, state, wrapperG, ratio, halfThicknessMm, dimension };
});

export const assessCommand: Command = (input) => {
  const read = readBatch(input);
  if (!read.ok) throw new InputError(read.problems);
  const heat = forecastHeat(read.value, DEFAULT_KITCHEN);
  const { checks, ledger, portion } = assess(read.value, DEFAULT_KITCHEN, heat);
  const shown = CHECK_IDS.map((id) => {
    const { state, headline, value, band, unit, fixes } = checks[id];
    const offered = fixes.map((fix) => ({ id: fix.id, label: fix.label, effect: fix.effect }));
    return [id, { state, headline, value, band, unit, fixes: offered }];
  });
  return { checks: Object.fromEntries(shown), ledger, portion, cooling: heat.cooling, forecast: heat.core };
};
