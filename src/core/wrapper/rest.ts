/** What to do with what is left over. Keeping times: US federal guidance for the fridge, the freezer for quality. */
import { type FormId, FORM_IDS, FORMS } from '../forms';
import { formatNumber } from '../units/amount';
import { type Balance } from './balance';
import { type Dough } from './dough';
import { isYeasted } from './rise';

/** In the fridge, days. */
const RAW_DAYS = 1;
const COOKED_DAYS = 3;
const FREEZER_MONTHS = 2;
/** Fewer than so many of another form are not worth beginning. House estimate. */
const WORTH_IT = 3;

interface RestFacts {
  form: FormId;
  /** Raw animal food is in it. */
  isRaw: boolean;
  /** A binder in it lets go of its liquid after freezing. */
  weeps: boolean;
  /** g/ml of the filling. */
  density: number;
  dough: Pick<Dough, 'kind' | 'parts' | 'label'>;
}

/** What could be done with the rest, in the cook's order. Empty where nothing is left. */
export function ideasForRest({ of, grams }: Balance['left'], facts: RestFacts): string[] {
  if (of === 'nothing' || grams <= 0) return [];
  return of === 'filling' ? forFilling(grams, facts) : forDough(facts);
}

function forFilling(grams: number, { form, isRaw, weeps, density }: RestFacts): string[] {
  const days = isRaw ? RAW_DAYS : COOKED_DAYS;
  const other = anotherForm(grams, density, form);
  return [
    `In the fridge at once, covered: ${days === 1 ? 'a day' : `${days} days`}.`,
    `Flat in a bag in the freezer: ${FREEZER_MONTHS} months.${weeps ? ' Its starch weeps after freezing: stir it up and bind it again.' : ''}${isRaw ? ' Only if it was never frozen before.' : ''}`,
    ...(other ? [other] : []),
  ];
}

/** Another form of the same or a smaller size that takes it, with usual portions. */
function anotherForm(grams: number, density: number, form: FormId): string | null {
  const fitting = FORM_IDS.filter((id) => id !== form && FORMS[id].size === 'small').map((id) => {
    const { comfortable, maxMl, usual, plural } = FORMS[id];
    const portionG = Math.round(((comfortable[0] + comfortable[1]) / 2) * maxMl(usual) * density);
    return { plural, portionG, count: Math.floor(grams / portionG) };
  });
  const best = fitting.filter(({ count }) => count >= WORTH_IT).sort((a, b) => b.portionG - a.portionG)[0];
  return best ? `Or make ${best.count} ${best.plural} of ${formatNumber(best.portionG)} g of it.` : null;
}

function forDough({ dough }: RestFacts): string[] {
  if (dough.parts.length === 0)
    return ['Wrapped airtight in the fridge: 3 days; freeze them only if they were never thawed.'];
  if (isYeasted(dough.parts))
    return ['In the fridge, covered: a day; it keeps rising slowly.', 'Or bake it as small rolls beside the rest.'];
  if (dough.kind === 'noodle')
    return [
      'Roll it out and cut it into noodles: dried or floured, frozen, 2 months.',
      'In the fridge, wrapped: 2 days; it greys.',
    ];
  if (dough.kind === 'short' || dough.kind === 'laminated')
    return [
      dough.kind === 'laminated'
        ? 'Lay the trimmings flat on each other, never in a ball.'
        : 'Press it flat and wrap it.',
      `In the fridge: 2 days; in the freezer: ${FREEZER_MONTHS} months.`,
    ];
  return ['In the fridge, oiled and covered: a day.'];
}
