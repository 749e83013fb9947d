/** Fit: the portion against what the form holds. */
import { FORMS } from '../../wrapper/forms';
import { type Fit, fitParcel } from '../../wrapper/fit';
import { formatNumber } from '../../units/amount';
import { type Check, type Fix, HOUSE, type Reason } from '../check';
import { apply, type Operation } from '../operations';
import { type Outline } from '../outline';
import { type Batch } from '../schema';

interface Context {
  batch: Batch;
  outline: Outline;
  fit: Fit;
  /** g/ml of the filling. */
  density: number;
}

const ml = (value: number): string => formatNumber(value, value < 20 ? 1 : 0);

/** The fit check. */
export function checkFit(context: Context): Check {
  const { batch, fit, density } = context;
  const form = FORMS[batch.wrap.form];
  const [low, high] = fit.comfortableMl;
  const size = `${Math.round(batch.wrap.diameterMm)} mm ${form.sizeWord}`;
  const common = {
    id: 'fit' as const,
    state: fit.state,
    value: fit.fillMl,
    band: fit.comfortableMl,
    unit: 'ml',
    figure: `${formatNumber(batch.wrap.portionG)} g`,
    why: reasons(context),
    cautions: [],
    pending: false,
  };
  if (fit.fillMl >= low && fit.fillMl <= high) {
    return {
      ...common,
      headline: 'Fit: closes easily',
      sentence: `*${formatNumber(batch.wrap.portionG)} g* in a ${size}; easy up to ${formatNumber(Math.floor(high * density))} g.`,
      fixes: [],
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
    fixes: fixes(context),
  };
}

function fixes(context: Context): Fix[] {
  const { batch, fit, density } = context;
  const form = FORMS[batch.wrap.form];
  const [low, high] = fit.comfortableMl;
  const middle = (low + high) / 2;
  const portionG = Math.max(1, Math.round(middle * density));
  const portion = promised(context, 'portion', `Take ${portionG} g instead of ${formatNumber(batch.wrap.portionG)} g`, [
    { do: 'setWrap', to: { portionG } },
  ]);
  // The skin whose comfortable middle is this filling, to the next 5 mm.
  let diameterMm = Math.ceil((batch.wrap.rimMm * 2 + 10) / 5) * 5;
  const share = (form.comfortable[0] + form.comfortable[1]) / 2;
  while (diameterMm < 395 && share * form.maxMl({ ...batch.wrap, diameterMm }) < fit.fillMl) diameterMm += 5;
  const skin = promised(
    context,
    'skin',
    `${form.sizeWord === 'pan' ? 'Take a pan of' : 'Roll the skins to'} ${diameterMm} mm instead of ${formatNumber(batch.wrap.diameterMm)} mm`,
    [{ do: 'setWrap', to: { diameterMm } }],
  );
  return [portion, skin];
}

function promised({ batch, outline, density, fit }: Context, id: string, label: string, change: Operation[]): Fix {
  const { wrap } = change.reduce(apply, batch);
  const then = fitParcel({ form: wrap.form, skin: wrap, dough: outline.dough, fillingG: wrap.portionG, density });
  const percent = (f: Fit): string => `${Math.round((100 * f.fillMl) / f.maxMl)} %`;
  return { id, label, change, promise: then.fillMl, effect: `${percent(fit)} → ${percent(then)} full` };
}

function reasons({ batch, fit, density }: Context): Reason[] {
  const form = FORMS[batch.wrap.form];
  return [
    { text: form.law, source: 'geometry of a skin that does not stretch' },
    { text: `The most a ${form.label} of this ${form.sizeWord} holds`, figure: `${ml(fit.maxMl)} ml` },
    {
      text: 'The filling weighs',
      figure: `${formatNumber(density, 2)} g/ml`,
      source: 'from its composition, 3 % air: house estimate',
    },
    { text: 'One portion', figure: `${ml(fit.fillMl)} ml` },
    {
      text: `Comfortable: ${form.comfortable[0] * 100} to ${form.comfortable[1] * 100} %; closes up to ${Math.round(form.tight * 100)} %`,
      source: HOUSE,
    },
    {
      text: form.sizeWord === 'pan' ? 'Sheets' : 'Skin',
      figure: `${formatNumber(fit.wrapperG)} g`,
      source: 'area × thickness × 1 180 kg/m³: house estimate',
    },
    {
      text: `Filling to wrapper; usual ${formatNumber(form.usualRatio[0])} to ${formatNumber(form.usualRatio[1])}`,
      figure: `${formatNumber(fit.ratio, 2)} : 1`,
      source: HOUSE,
    },
  ];
}
