/** Fit: does it close, is the skin right, and does it come out even? The check shows what is worst. */
import { withArticle } from '../units/article';
import { COMPACT } from '../vocabulary/doughs/dough';
import { type FormId, FORMS } from '../forms';
import { foldedLayerMm } from '../forms/folded';
import { skinWords } from '../wrapper/skin-words';
import { AIR_PERCENT } from '../filling/density';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { inLengths } from '../units/lengths';
import { type Accounts } from './account';
import { type Figure, type FitFigures, HOUSE, type Judgement, PLAIN, type Reason, worse } from './check';
import { evenFigure } from './fit-even';
import { skinFigure } from './fit-skin';
import { type CheckRule } from './rule';

const ml = (value: number): string => formatNumber(value, value < 20 ? 1 : 0);

function judge(accounts: Accounts): Judgement {
  const { batch } = accounts;
  const closes = closesFigure(accounts);
  const even = evenFigure(accounts);
  const skin = skinFigure(accounts);
  // What will not close is told first, then what is rolled wrong, then what is left over.
  const told: [FitFigures['decides'], Figure][] = [
    ['closes', closes],
    ['skin', skin],
    ...(even === null ? [] : [['even', even] as [FitFigures['decides'], Figure]]),
  ];
  const [decides, shown] = told.reduce((worst, one) => (worse(one[1].state, worst[1].state) ? one : worst));
  const others = told.filter(([id, figure]) => id !== decides && (figure.state !== 'good' || isSaidWhenGood(id)));
  return {
    ...PLAIN,
    id: 'fit' as const,
    state: shown.state,
    headline: `Fit: ${shown.headline}`,
    // The other figures are said, too: shorter where they are in order.
    sentence: [shown.sentence, ...others.map(([, figure]) => plain(figure))].join(' '),
    value: shown.value,
    band: shown.band,
    unit: UNITS[decides === 'skin' ? skin.of : decides],
    figure: `${formatNumber(batch.wrap.portionG)} g × ${batch.count}`,
    fits: { decides, closes, skin, even, count: batch.count },
    why: accounts.isTrial ? [] : reasons(accounts),
  };
}

/** What each figure is counted in. */
const UNITS = { closes: 'ml', even: 'pieces', thickness: 'mm', bite: 'of the bite' } as const;

/** That it closes, and comes out even, is worth a word where it is so; a skin that is right is not. */
const isSaidWhenGood = (id: FitFigures['decides']): boolean => id !== 'skin';

/** Without a deciding number of its own: the other figure has that. */
const plain = ({ state, headline, sentence }: Figure): string =>
  state === 'good' ? `${headline[0].toUpperCase()}${headline.slice(1)}.` : sentence.replaceAll('*', '');

/** Small portions are weighed by the half gram. */
const easyG = (grams: number): number => (grams < 20 ? Math.floor(2 * grams) / 2 : Math.floor(grams));

/** The portion against what the form holds. */
function closesFigure({ batch, kitchen, fit, density, laid }: Accounts): Figure {
  const form = FORMS[batch.wrap.form];
  const [low, high] = fit.comfortableMl;
  const size = skinWords(batch.wrap.skin, kitchen.lengths);
  const portion = `${formatNumber(batch.wrap.portionG)} g`;
  const isEnough =
    fit.fillMl >= SLIGHTLY[form.sizeWord] * low ||
    (FOLDED.includes(batch.wrap.form) && foldedLayerMm(laid, fit.fillMl) >= SPREAD_MM);
  const isNearly = fit.fillMl < low ? isEnough : fit.state === 'watch' && fit.fillMl <= A_LITTLE_OVER * high;
  const state = isNearly ? ('good' as const) : fit.state;
  const common = { value: fit.fillMl, band: fit.comfortableMl, state };
  if (state === 'good') {
    return {
      ...common,
      headline: 'closes easily',
      sentence:
        fit.fillMl > high
          ? `*${portion}* in ${withArticle(size)}: as much as closes easily.`
          : `*${portion}* in ${withArticle(size)}; easy up to ${formatNumber(easyG(high * density))} g.`,
    };
  }
  const over = fit.fillMl > high;
  const most = ml(form.tight * fit.maxMl);
  return {
    ...common,
    headline: over ? (fit.state === 'fix' ? OVER[form.isClosed ? 'closed' : 'open'] : 'tight') : 'slack',
    sentence: over
      ? `*${ml(fit.fillMl)} ml* in ${withArticle(form.label)} that is comfortable up to ${ml(high)} and closes up to ${most}.`
      : `*${ml(fit.fillMl)} ml* in ${withArticle(form.label)} that holds ${ml(low)} to ${ml(high)} comfortably: ${SLACK[form.sizeWord]}.`,
  };
}

const OVER = { closed: 'overfilled, will split', open: 'overfilled, will spill' } as const;
const SLACK = {
  skin: 'loose skin, air inside',
  strip: 'the strip goes round more than once',
  pan: 'thin between its sheets',
} as const;

/** A parcel that holds this share of the least that is comfortable is no worse for it: under-filling hurts nobody. House estimate. */
const SLIGHTLY = { skin: 0.7, strip: 0.8, pan: 0.7 } as const;
/** So little over what is comfortable no hand can tell. House estimate. */
const A_LITTLE_OVER = 1.05;
/** Spread so thick on its half, mm, the filling of a large skin folded over is no less for not filling it out. House estimate. */
const SPREAD_MM = 6;
const FOLDED: readonly FormId[] = ['half-moon', 'pocket'];

export const fit: CheckRule = { label: 'Fit', judge };

function reasons({ batch, kitchen, fit, density, dough, balance, ledger, usableG }: Accounts): Reason[] {
  const form = FORMS[batch.wrap.form];
  return [
    {
      text: inLengths(form.law, kitchen.lengths),
      source:
        dough.gives > 1
          ? `geometry; this dough stretches ${share(dough.gives - 1)} % as it is closed: our estimate`
          : 'geometry of a skin that does not stretch',
    },
    { text: `The most ${withArticle(form.label)} of this ${form.sizeWord} holds`, figure: `${ml(fit.maxMl)} ml` },
    {
      text: 'The filling weighs',
      figure: `${formatNumber(density, 2)} g/ml`,
      source: `from its composition, ${AIR_PERCENT} % air: our estimate`,
    },
    { text: 'One portion', figure: `${ml(fit.fillMl)} ml` },
    {
      text: `Comfortable: ${share(form.comfortable[0])} to ${share(form.comfortable[1])} %; closes up to ${share(form.tight)} %`,
      source: HOUSE,
    },
    {
      text: form.sizeWord === 'pan' ? 'Sheets' : 'Skin',
      figure: `${formatNumber(fit.wrapperG)} g`,
      source: `area × thickness × ${formatNumber(dough.density, 0)} kg/m³, from its formula: a lean dough is taken at ${formatNumber(COMPACT, 0)}, our estimate`,
    },
    {
      text: `Filling to wrapper; usual ${formatNumber(form.usualRatio[0])} to ${formatNumber(form.usualRatio[1])}`,
      figure: `${formatNumber(fit.ratio, 2)} : 1`,
      source: HOUSE,
    },
    {
      text: `${formatGrams(ledger.finishedG)} of finished filling${ledger.finishedG - usableG < 1 ? '' : `, ${formatGrams(usableG)} of it in pieces (your kitchen)`}, ${formatNumber(batch.wrap.portionG)} g each`,
      figure: `${formatNumber(balance.fromFilling, 1)} pieces`,
    },
    ...(balance.fromDough === null || batch.wrap.doughG === null
      ? []
      : [
          {
            text: `${formatGrams(batch.wrap.doughG)} of dough, ${formatNumber(fit.wrapperG)} g each`,
            figure: `${formatNumber(balance.fromDough, 1)} pieces`,
          },
        ]),
  ];
}

const share = (part: number): string => formatNumber(part * 100, 0);
