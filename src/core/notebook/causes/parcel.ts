/** Causes in the parcel: how full, how it was closed, how thick, how equal. */
import { portionSpread } from '../../learning/learned';
import { DOUGHS } from '../../vocabulary/doughs';
import { EDGES } from '../../vocabulary/edges';
import { FORMS } from '../../forms';
import { METHODS } from '../../vocabulary/methods';
import { formatNumber } from '../../units/amount';
import { formatGrams } from '../../units/format';
import { type CauseRule, ramp, read } from '../cause';
import { type BatchNumbers } from '../numbers';
import { formatLength, lengthFigure } from '../../units/lengths';

const ofPortion = ({ isWeighed, portions, portionG }: BatchNumbers): string[] =>
  isWeighed ? [`${portions?.count ?? 1} weighed: ${formatGrams(portionG)}`] : ['as planned; none was weighed'];

/** Of a bite this much should be filling, %; under the second it is mostly dough. House estimates, as Fit has them. */
const LITTLE_FILLING = 40;
const LEAST_FILLING = 20;

export const parcelCauses: readonly CauseRule[] = [
  {
    id: 'overfilled',
    of: { burst: 1, leaked: 0.9, 'cold-centre': 0.4, 'dough-tore': 0.5, soggy: 0.2 },
    read: (n) =>
      read(
        ramp(n.fullness, 1, 1.35),
        'Too full',
        `${formatGrams(n.portionG)} of filling is *${formatNumber(100 * (n.fullness - 1), 0)} %* over what closes easily.`,
        { evidence: ofPortion(n), isMeasured: n.isWeighed },
      ),
  },
  {
    id: 'slack',
    of: { hollow: 1, 'mostly-dough': 0.9, 'loose-filling': 0.7, tough: 0.3, collapsed: 0.4, dry: 0.2 },
    read: (n) =>
      read(
        ramp(1 - n.slackness, 0, 0.4),
        'Little filling for its skin',
        `${formatGrams(n.portionG)} of filling is *${formatNumber(100 * (1 - n.slackness), 0)} %* under what fills it: air stays in.`,
        { evidence: ofPortion(n), isMeasured: n.isWeighed },
      ),
  },
  {
    id: 'portions-light',
    of: { 'filling-left': 1, hollow: 0.6, 'mostly-dough': 0.6, 'loose-filling': 0.3 },
    read: (n) => {
      if (!n.isWeighed) return null;
      const planned = n.batch.wrap.portionG;
      const less = 1 - n.portionG / planned;
      return read(
        ramp(less, 0.03, 0.15),
        'Smaller portions than planned',
        `${formatGrams(n.portionG)} in each, *${formatNumber(100 * less, 0)} %* under the ${formatGrams(planned)} planned.`,
        { evidence: ofPortion(n), isMeasured: true },
      );
    },
  },
  {
    id: 'portions-heavy',
    of: { 'dough-left': 1, burst: 0.5, leaked: 0.4, 'cold-centre': 0.5 },
    read: (n) => {
      if (!n.isWeighed) return null;
      const planned = n.batch.wrap.portionG;
      const more = n.portionG / planned - 1;
      return read(
        ramp(more, 0.03, 0.15),
        'Larger portions than planned',
        `${formatGrams(n.portionG)} in each, *${formatNumber(100 * more, 0)} %* over the ${formatGrams(planned)} planned.`,
        { evidence: ofPortion(n), isMeasured: true },
      );
    },
  },
  {
    id: 'unequal-portions',
    of: { unequal: 1, 'cold-centre': 0.5, burst: 0.5, leaked: 0.4, 'filling-left': 0.3, 'dough-left': 0.3 },
    read: ({ portions, kitchen }) => {
      const spread = portions?.spreadPercent ?? null;
      const usual = portionSpread(kitchen) ?? 8;
      if (spread === null) return null;
      return read(
        ramp(spread, 8, 20),
        'Portions by eye',
        `One portion differs from the next by *${formatNumber(spread, 0)} %*; ${formatNumber(usual, 0)} is usual here.`,
        { evidence: [`${portions?.count ?? 0} weighed`], isMeasured: true },
      );
    },
  },
  {
    id: 'skins-heavy',
    of: { 'filling-left': 0.8, 'raw-dough': 0.7, 'mostly-dough': 0.8, tough: 0.6 },
    read: ({ skins, accounts: { fit } }) => {
      if (skins === null) return null;
      const more = skins.meanG / fit.wrapperG - 1;
      return read(
        ramp(more, 0.05, 0.25),
        'Skins thicker than planned',
        `A skin weighs ${formatGrams(skins.meanG)}, *${formatNumber(100 * more, 0)} %* over the ${formatGrams(fit.wrapperG)} planned.`,
        { evidence: [`${skins.count} weighed`], isMeasured: true },
      );
    },
  },
  {
    id: 'thick-dough',
    of: { 'raw-dough': 1, 'mostly-dough': 1, tough: 0.8, 'long-bake': 0.3, pale: 0.1 },
    read: ({ batch: { wrap }, kitchen }) => {
      const usual = DOUGHS[wrap.dough].usualThicknessMm;
      return read(
        ramp(wrap.thicknessMm / usual, 1.3, 2.2),
        'Rolled thick',
        `*${formatLength(wrap.thicknessMm, kitchen.lengths)}*, where ${lengthFigure(usual, kitchen.lengths)} is usual for it.`,
        { evidence: ['as planned'] },
      );
    },
  },
  {
    id: 'mostly-dough',
    of: { 'mostly-dough': 0.9, tough: 0.3, dry: 0.2 },
    read: (n) => {
      const { wrapperG } = n.accounts.fit;
      const percent = (100 * n.portionG) / Math.max(1, n.portionG + wrapperG);
      return read(
        ramp(-percent, -LITTLE_FILLING, -LEAST_FILLING),
        'Little filling for so much dough',
        `${formatGrams(n.portionG)} of filling in ${formatGrams(wrapperG)} of dough: *${formatNumber(percent, 0)} %* of the bite.`,
        { evidence: ofPortion(n), isMeasured: n.isWeighed },
      );
    },
  },
  {
    id: 'thin-dough',
    of: { 'dough-tore': 1, burst: 0.7, leaked: 0.7, soggy: 0.5, 'skins-dried': 0.3 },
    read: ({ batch: { wrap }, kitchen }) => {
      const usual = DOUGHS[wrap.dough].usualThicknessMm;
      return read(
        ramp(usual / wrap.thicknessMm, 1.3, 2.2),
        'Rolled thin',
        `*${formatLength(wrap.thicknessMm, kitchen.lengths)}*, where ${lengthFigure(usual, kitchen.lengths)} is usual for it.`,
        { evidence: ['as planned'] },
      );
    },
  },
  {
    id: 'narrow-rim',
    of: { leaked: 0.9, burst: 0.8 },
    read: ({ batch: { wrap }, kitchen }) => {
      const usual = FORMS[wrap.form].usual.rimMm;
      if (usual <= 0) return null;
      return read(
        0.8 * ramp(1 - wrap.rimMm / usual, 0.2, 0.7),
        'A narrow rim',
        `*${formatLength(wrap.rimMm, kitchen.lengths)}* kept free, where ${lengthFigure(usual, kitchen.lengths)} is usual: little dough meets dough.`,
        { evidence: ['as planned'] },
      );
    },
  },
  {
    id: 'no-vent',
    of: { burst: 0.7, leaked: 0.4, hollow: 0.3 },
    read: ({ batch: { wrap, cook }, heat }) => {
      if (wrap.vent !== 'none' || !METHODS[cook.method].isDry) return null;
      // With little liquid there is little steam to let out.
      return read(
        0.2 + 0.4 * ramp(heat.value, heat.band[1] / 2, heat.band[1] + 4),
        'No way out for steam',
        `Closed all round in dry heat, with *${formatNumber(heat.value, 1)} g* of loose liquid per 100 g to boil.`,
        { evidence: [`seam ${EDGES[wrap.edge].label}, no vent`] },
      );
    },
  },
];
