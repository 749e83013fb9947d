/** What documents were like before. */
import { type Batch } from '@/core/document/schema';

/** A wrap as versions 2 to 5 had it: one diameter, and nothing else that came since. */
export function wrapOfVersion5({
  form,
  dough,
  doughSaltPercent,
  skin,
  rimMm,
  thicknessMm,
  portionG,
  doughG,
}: Batch['wrap']) {
  if (skin.shape !== 'round') throw new Error('only round skins were known');
  const { diameterMm } = skin;
  return { form, dough, doughSaltPercent, diameterMm, rimMm, thicknessMm, depthMm: null, portionG, doughG };
}

/** Cooking as versions 1 to 6 had it: one medium, one time. */
export function cookOfVersion6({ method, steps: [{ mediumC, minutes }], startC, readings }: Batch['cook']) {
  return { method, startC, readings, mediumC: mediumC ?? 100, minutes };
}
