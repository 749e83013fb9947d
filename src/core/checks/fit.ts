/** Fit: does it close, and does it come out even? The check shows what is worse. */
import { COMPACT } from '../vocabulary/doughs/dough';
import { type FormId, FORMS } from '../forms';
import { skinWords } from '../forms/skins';
import { AIR_PERCENT } from '../filling/density';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { type Accounts } from './account';
import { type Figure, HOUSE, type Judgement, PLAIN, type Reason, worse } from './check';
import { evenFigure } from './fit-even';
import { type CheckRule } from './rule';

const ml = (value: number): string => formatNumber(value, value < 20 ? 1 : 0);

function judge(accounts: Accounts): Judgement {
  const { batch } = accounts;
  const closes = closesFigure(accounts);
  const even = evenFigure(accounts);
  const decides = even !== null && worse(even.state, closes.state) ? 'even' : 'closes';
  const shown = decides === 'even' && even !== null ? even : closes;
  const other = shown === closes ? even : closes;
  return {
    ...PLAIN,
    id: 'fit' as const,
    state: shown.state,
    headline: `Fit: ${shown.headline}`,
    // The other figure is said, too: shorter where it is in order.
    sentence: other === null ? shown.sentence : `${shown.sentence} ${plain(other)}`,
    value: shown.value,
    band: shown.band,
    unit: decides === 'even' ? 'parcels' : 'ml',
    figure: `${formatNumber(batch.wrap.portionG)} g × ${batch.count}`,
    fits: { decides, closes, even, count: batch.count },
    why: accounts.isTrial ? [] : reasons(accounts),
  };
}

/** Without a deciding number of its own: the other figure has that. */
const plain = ({ state, headline, sentence }: Figure): string =>
  state === 'good' ? `${headline[0].toUpperCase()}${headline.slice(1)}.` : sentence.replaceAll('*', '');

/** The portion against what the form holds. */
function closesFigure({ batch, fit, density }: Accounts): Figure {
  const form = FORMS[batch.wrap.form];
  const [low, high] = fit.comfortableMl;
  const size = skinWords(batch.wrap.skin);
  const portion = `${formatNumber(batch.wrap.portionG)} g`;
  const isNearlyEnough = fit.fillMl < low && fit.fillMl >= SLIGHTLY * low;
  const state = isNearlyEnough ? ('good' as const) : fit.state;
  const common = { value: fit.fillMl, band: fit.comfortableMl, state };
  if (state === 'good' && isMostlyDough(batch.wrap.form, fit.ratio)) {
    return {
      ...common,
      state: 'watch',
      headline: 'mostly dough',
      sentence: `*${portion}* of filling in ${formatNumber(fit.wrapperG, 0)} g of dough: a bite is ${share(1 / (1 + fit.ratio))} % wrapper.`,
    };
  }
  if (state === 'good') {
    return {
      ...common,
      headline: 'closes easily',
      sentence: `*${portion}* in a ${size}; easy up to ${formatNumber(Math.floor(high * density))} g.`,
    };
  }
  const over = fit.fillMl > high;
  const most = ml(form.tight * fit.maxMl);
  return {
    ...common,
    headline: over ? (fit.state === 'fix' ? OVER[form.isClosed ? 'closed' : 'open'] : 'tight') : 'slack',
    sentence: over
      ? `*${ml(fit.fillMl)} ml* in a ${form.label} that is comfortable up to ${ml(high)} and closes up to ${most}.`
      : `*${ml(fit.fillMl)} ml* in a ${form.label} that holds ${ml(low)} to ${ml(high)} comfortably: ${SLACK[form.sizeWord]}.`,
  };
}

const OVER = { closed: 'overfilled, will split', open: 'overfilled, will spill' } as const;
const SLACK = {
  skin: 'loose skin, air inside',
  strip: 'the strip goes round more than once',
  pan: 'thin between its sheets',
} as const;

/** A parcel that holds this share of the least that is comfortable is no worse for it: under-filling hurts nobody. House estimate. */
const SLIGHTLY = 0.8;

/** Below this share of the least that is usual, the ratio of filling to wrapper is worth a word: wrapper-forward is a school. House estimate. */
const FAR_UNDER = 0.5;

const isMostlyDough = (form: FormId, ratio: number): boolean => ratio < FAR_UNDER * FORMS[form].usualRatio[0];

export const fit: CheckRule = { label: 'Fit', judge };

function reasons({ batch, fit, density, dough, balance, ledger, usableG }: Accounts): Reason[] {
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
      text: `Comfortable: ${share(form.comfortable[0])} to ${share(form.comfortable[1])} %; closes up to ${share(form.tight)} %`,
      source: HOUSE,
    },
    {
      text: form.sizeWord === 'pan' ? 'Sheets' : 'Skin',
      figure: `${formatNumber(fit.wrapperG)} g`,
      source: `area × thickness × ${formatNumber(dough.density, 0)} kg/m³, from its formula: a lean dough is taken at ${formatNumber(COMPACT, 0)}, house estimate`,
    },
    {
      text: `Filling to wrapper; usual ${formatNumber(form.usualRatio[0])} to ${formatNumber(form.usualRatio[1])}`,
      figure: `${formatNumber(fit.ratio, 2)} : 1`,
      source: HOUSE,
    },
    {
      text: `${formatGrams(ledger.finishedG)} of finished filling${ledger.finishedG - usableG < 1 ? '' : `, ${formatGrams(usableG)} of it in parcels (your kitchen)`}, ${formatNumber(batch.wrap.portionG)} g each`,
      figure: `${formatNumber(balance.fromFilling, 1)} parcels`,
    },
    ...(balance.fromDough === null || batch.wrap.doughG === null
      ? []
      : [
          {
            text: `${formatGrams(batch.wrap.doughG)} of dough, ${formatNumber(fit.wrapperG)} g each`,
            figure: `${formatNumber(balance.fromDough, 1)} parcels`,
          },
        ]),
  ];
}

const share = (part: number): string => formatNumber(part * 100, 0);
