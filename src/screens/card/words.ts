/** What the card says beside its figures: all its sentences in one place. */

export const cardTitle = (title: string): string => `${title}, card · Involucrum`;
export const BACK_TO_BATCH = 'Back to the batch';
export const NOTHING_WAS_COOKED = 'Rehearsal: nothing of this was cooked.';
export const cautions = (allergens: readonly string[]): string =>
  `${allergens.length > 0 ? `Contains: ${allergens.join(', ')}. ` : ''}Local codes come first. A forecast makes nothing safe: only a thermometer reading does.`;
