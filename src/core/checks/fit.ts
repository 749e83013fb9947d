/** Fit: the portion against what the form holds. */
import { COMPACT } from '../document/vocabulary/doughs/dough';
import { FORMS } from '../document/vocabulary/forms';
import { AIR_PERCENT } from '../filling/density';
import { formatNumber } from '../units/amount';
import { type Accounts } from './account';
import { HOUSE, type Judgement, PLAIN, type Reason } from './check';
import { type CheckRule } from './rule';

const ml = (value: number): string => formatNumber(value, value < 20 ? 1 : 0);

function judge(accounts: Accounts): Judgement {
  const { batch, fit, density } = accounts;
  const form = FORMS[batch.wrap.form];
  const [low, high] = fit.comfortableMl;
  const size = `${Math.round(batch.wrap.diameterMm)} mm ${form.sizeWord}`;
  const common = {
    ...PLAIN,
    id: 'fit' as const,
    state: fit.state,
    value: fit.fillMl,
    band: fit.comfortableMl,
    unit: 'ml',
    figure: `${formatNumber(batch.wrap.portionG)} g`,
    why: accounts.isTrial ? [] : reasons(accounts),
  };
  if (isComfortable(common)) {
    return {
      ...common,
      headline: 'Fit: closes easily',
      sentence: `*${formatNumber(batch.wrap.portionG)} g* in a ${size}; easy up to ${formatNumber(Math.floor(high * density))} g.`,
    };
  }
  const over = fit.fillMl > high;
  const most = ml(form.tight * fit.maxMl);
  return {
    ...common,
    headline: over ? (fit.state === 'fix' ? 'Fit: overfilled, will split' : 'Fit: tight') : 'Fit: slack',
    sentence: over
      ? `*${ml(fit.fillMl)} ml* in a ${form.label} that is comfortable up to ${ml(high)} and closes up to ${most}.`
      : `*${ml(fit.fillMl)} ml* in a ${form.label} that holds ${ml(low)} to ${ml(high)} comfortably: ${form.sizeWord === 'pan' ? 'thin between its sheets' : 'loose skin, air inside'}.`,
  };
}

export const isComfortable = ({ value, band: [low, high] }: Pick<Judgement, 'value' | 'band'>): boolean =>
  value !== null && low !== null && high !== null && value >= low && value <= high;

export const fit: CheckRule = { label: 'Fit', judge };

function reasons({ batch, fit, density }: Accounts): Reason[] {
  const form = FORMS[batch.wrap.form];
  return [
    { text: form.law, source: 'geometry of a skin that does not stretch' },
    { text: `The most a ${form.label} of this ${form.sizeWord} holds`, figure: `${ml(fit.maxMl)} ml` },
    {
      text: 'The filling weighs',
      figure: `${formatNumber(density, 2)} g/ml`,
      source: `from its composition, ${AIR_PERCENT} % air: house estimate`,
    },
    { text: 'One portion', figure: `${ml(fit.fillMl)} ml` },
    {
      text: `Comfortable: ${form.comfortable[0] * 100} to ${form.comfortable[1] * 100} %; closes up to ${Math.round(form.tight * 100)} %`,
      source: HOUSE,
    },
    {
      text: form.sizeWord === 'pan' ? 'Sheets' : 'Skin',
      figure: `${formatNumber(fit.wrapperG)} g`,
      source: `area × thickness × ${formatNumber(COMPACT, 0)} kg/m³: house estimate`,
    },
    {
      text: `Filling to wrapper; usual ${formatNumber(form.usualRatio[0])} to ${formatNumber(form.usualRatio[1])}`,
      figure: `${formatNumber(fit.ratio, 2)} : 1`,
      source: HOUSE,
    },
  ];
}
