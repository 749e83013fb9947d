/** What may mend the fit: another portion, another skin. */
import { FORMS } from '../document/vocabulary/forms';
import { LIMITS } from '../document/limits';
import { formatNumber } from '../units/amount';
import { type Accounts } from './account';
import { type Candidate, type Judgement } from './check';
import { isComfortable } from './fit';
import { type Mending } from './rule';

/** Skins are rolled, and pans sold, in steps of so many mm. */
const STEP_MM = 5;

function candidates({ batch, fit, density }: Accounts, now: Judgement): Candidate[] {
  if (isComfortable(now)) return [];
  const form = FORMS[batch.wrap.form];
  const [low, high] = fit.comfortableMl;
  const portionG = Math.max(1, Math.round(((low + high) / 2) * density));
  // The skin whose comfortable middle is this filling, to the next step.
  let diameterMm = Math.ceil((batch.wrap.rimMm * 2 + 10) / STEP_MM) * STEP_MM;
  const share = (form.comfortable[0] + form.comfortable[1]) / 2;
  const most = LIMITS.diameterMm.most - STEP_MM;
  while (diameterMm < most && share * form.maxMl({ ...batch.wrap, diameterMm }) < fit.fillMl) diameterMm += STEP_MM;
  return [
    {
      id: 'portion',
      label: `Take ${portionG} g instead of ${formatNumber(batch.wrap.portionG)} g`,
      change: [{ do: 'setWrap', to: { portionG } }],
    },
    {
      id: 'skin',
      label: `${form.sizeWord === 'pan' ? 'Take a pan of' : 'Roll the skins to'} ${diameterMm} mm instead of ${formatNumber(batch.wrap.diameterMm)} mm`,
      change: [{ do: 'setWrap', to: { diameterMm } }],
    },
  ];
}

/** How full it is, %: the middle of what is comfortable is the measure. */
const fullness = ({ value, band: [, high] }: Judgement, { batch }: Accounts): string =>
  `${Math.round(((value ?? 0) / (high ?? 1)) * FORMS[batch.wrap.form].comfortable[1] * 100)} %`;

export const fitFixes: Mending = {
  candidates,
  choose: (tried) => [...tried],
  effect: (now, then, accounts) => `${fullness(now, accounts)} → ${fullness(then, accounts)} full`,
};
