/** The third figure of Fit: is the skin as thick as is right for its dough, and is there enough filling in it? */
import { DOUGHS } from '../vocabulary/doughs';
import { skinThickness } from '../vocabulary/skin-thickness';
import { FORMS } from '../forms';
import { formatNumber } from '../units/amount';
import { formatLength, lengthFigure } from '../units/lengths';
import { type Accounts } from './account';
import { type CheckState, type FitFigures, worse } from './check';

/** Less filling than this share of the bite is mostly dough; less than the second must be mended. House estimates. */
const MOSTLY_DOUGH = 0.3;
const HARDLY_FILLED = 0.2;
/** A form that is usually so bready is not blamed for it before it is a quarter breadier. House estimate. */
const BEYOND_USUAL = 0.75;

const share = (ratio: number): number => ratio / (1 + ratio);
const percent = (part: number): string => formatNumber(100 * part, 0);

/** Worse of the two: thickness, and filling in the bite. */
export function skinFigure(accounts: Accounts): FitFigures['skin'] {
  const thick = thicknessFigure(accounts);
  const bite = biteFigure(accounts);
  return worse(bite.state, thick.state) ? bite : thick;
}

function thicknessFigure({ batch: { wrap, cook }, kitchen: { lengths }, dough }: Accounts): FitFigures['skin'] {
  const right = skinThickness(dough.id, wrap.form, cook.method);
  const { thicknessMm } = wrap;
  const [least, most] = right?.good ?? [0, Infinity];
  const [thinnest, thickest] = right?.bears ?? [0, Infinity];
  const state: CheckState =
    thicknessMm < thinnest || thicknessMm > thickest
      ? 'fix'
      : thicknessMm < least || thicknessMm > most
        ? 'watch'
        : 'good';
  const what = FORMS[wrap.form].sizeWord === 'pan' ? 'Crust' : 'Skin';
  return {
    of: 'thickness',
    value: thicknessMm,
    band: [least, most],
    state,
    headline:
      state === 'good'
        ? 'skin as it should be'
        : `skin ${state === 'fix' ? 'too ' : ''}${thicknessMm > most ? 'thick' : 'thin'}`,
    sentence: `${what} *${formatLength(thicknessMm, lengths)}*; ${lengthFigure(least, lengths)} to ${formatLength(most, lengths)} is right for ${DOUGHS[wrap.dough].label}.`,
  };
}

function biteFigure({ batch: { wrap }, fit }: Accounts): FitFigures['skin'] {
  const [usual] = FORMS[wrap.form].usualRatio;
  const [watch, fix] = [MOSTLY_DOUGH, HARDLY_FILLED].map((edge) => Math.min(edge, BEYOND_USUAL * share(usual)));
  const filled = share(fit.ratio);
  const state: CheckState = filled < fix ? 'fix' : filled < watch ? 'watch' : 'good';
  return {
    of: 'bite',
    value: filled,
    band: [watch, 1],
    state,
    headline: state === 'fix' ? 'hardly any filling' : state === 'watch' ? 'mostly dough' : 'skin as it should be',
    sentence: `*${formatNumber(wrap.portionG)} g* of filling in ${formatNumber(fit.wrapperG, 0)} g of dough: ${percent(1 - filled)} % of a bite is wrapper.`,
  };
}
