/** Causes in the filling's liquid: too much, too little, bound to paste, lean, fat. */
import { isRawMince } from '../../filling/uptake';
import { formatNumber } from '../../units/amount';
import { type CauseRule, ramp, read } from '../cause';
import { type BatchNumbers } from '../numbers';
import { spoken } from '../../food/spoken-name';

/** Above what is usual by so much it is beyond doubt, g in 100 g. House estimate. */
const CLEAR = 8;
/** What a parcel of an ordinary filling loses in the heat, % of its filling; so much more is beyond doubt. House estimates. */
const USUAL_LOSS = 8;
const CLEAR_LOSS = 12;

const estimated = ({ accounts: { ledger }, batch }: BatchNumbers): string =>
  ledger.cookedOffBy === 'weighing'
    ? 'what boiled off was weighed'
    : batch.water.drainedG > 0
      ? 'what was drained was weighed'
      : 'worked out, not weighed';

const isByWeighing = ({ accounts: { ledger }, batch }: BatchNumbers): boolean =>
  ledger.cookedOffBy === 'weighing' || batch.water.drainedG > 0;

export const liquidCauses: readonly CauseRule[] = [
  {
    id: 'wet-filling',
    of: {
      soggy: 1,
      watery: 1,
      leaked: 0.9,
      burst: 0.7,
      spat: 1,
      'long-bake': 0.7,
      'raw-dough': 0.6,
      hollow: 0.3,
      'dough-tore': 0.4,
      bland: 0.2,
    },
    read: (n) => {
      const { value, band } = n.heat;
      return read(
        ramp(value, band[1] - 1, band[1] + CLEAR),
        'Too much loose liquid',
        `*${formatNumber(value, 1)} g* ran from 100 g while cooking; up to ${formatNumber(band[1])} is usual.`,
        { evidence: [estimated(n)], isMeasured: isByWeighing(n) },
      );
    },
  },
  {
    id: 'wet-at-board',
    of: { leaked: 0.7, soggy: 0.7, watery: 0.6, 'dough-tore': 0.8, 'dough-sticky': 0.5, burst: 0.4 },
    read: ({ board: { value, band } }) =>
      read(
        ramp(value, band[1], band[1] + CLEAR),
        'Wet when it was wrapped',
        `*${formatNumber(value, 1)} g* in 100 g were loose while you filled; up to ${formatNumber(band[1])} the seam seals.`,
        { evidence: ['worked out'] },
      ),
  },
  {
    id: 'wetter-than-counted',
    of: { soggy: 0.9, watery: 0.9, leaked: 0.9, burst: 0.5, spat: 0.8, hollow: 0.7, 'loose-filling': 0.6, dry: 0.5 },
    read: (n) => {
      if (n.lossPercent === null) return null;
      const usual = USUAL_LOSS + n.accounts.takes.ovenPer100;
      return read(
        ramp(n.lossPercent, usual, usual + CLEAR_LOSS),
        'More water in it than was counted',
        `The piece lost *${formatNumber(n.lossPercent, 0)} %* of its filling while cooking, where about ${formatNumber(usual)} is usual: more ran than the ${formatNumber(n.heat.value, 1)} g per 100 g that were counted.`,
        { evidence: ['weighed before and after'], isMeasured: true },
      );
    },
  },
  {
    id: 'too-dry',
    of: { dry: 1, 'loose-filling': 0.9, dense: 0.7 },
    read: (n) => {
      const { ledger, takes } = n.accounts;
      const { dry } = ledger;
      const [most] = dry.lines;
      if (!most) return null;
      const isSoaking = most.dryBy === 'soaking';
      return read(
        ramp(dry.per100, takes.dry - 1, takes.dry + CLEAR),
        isSoaking ? 'Dry things took up the juice' : 'Too little liquid or fat',
        `It would still take about *${formatNumber(dry.grams)} g* of liquid or fat; ${spoken(most.name)} wants most.`,
        { evidence: [estimated(n)], isMeasured: isByWeighing(n) },
      );
    },
  },
  {
    id: 'lean-meat',
    of: { dry: 0.9, dense: 1, 'loose-filling': 0.8, hollow: 0.4 },
    read: ({ accounts: { lines, fat } }) => {
      const mince = lines.filter(isRawMince);
      const grams = mince.reduce((sum, l) => sum + l.readyG, 0);
      const all = lines.reduce((sum, l) => sum + l.readyG, 0);
      if (grams === 0 || all === 0) return null;
      const percent = (100 * mince.reduce((sum, l) => sum + l.composition.fat * l.readyG, 0)) / grams;
      const share = ramp(grams / all, 0.3, 0.6);
      return read(
        share * ramp(-percent, -12, -4),
        'Lean meat',
        `The mince has *${formatNumber(percent, 1)} %* fat; below 10 it comes out dry and tight unless starch or vegetables help.`,
        { evidence: [`fat counted, ${formatNumber(fat.per100, 1)} g per 100 g of filling`] },
      );
    },
  },
  {
    id: 'overbound',
    of: { pasty: 1, dense: 0.8, dry: 0.7 },
    read: ({
      accounts: {
        ledger: { paste },
      },
    }) =>
      read(
        paste.power <= 0 ? 0 : paste.isPasty ? 1 : ramp(paste.times, 1.3, 2.5),
        'More starch than there was to bind',
        `The starch would thicken *${formatNumber(paste.times, 1)} times* the liquid there was.`,
        { evidence: [`it could bind ${formatNumber(paste.power)} g; there were ${formatNumber(paste.liquid)}`] },
      ),
  },
  {
    id: 'too-absorbent',
    of: { dry: 0.8, dense: 0.5 },
    read: ({ accounts: { ledger } }) => {
      const power = ledger.lines.reduce((sum, l) => sum + l.canHold, 0) - ledger.paste.power;
      const ran = Math.max(1, ledger.held + ledger.free - ledger.heldByTissue);
      return read(
        power <= 0 || ledger.free > 1 ? 0 : 0.8 * ramp(power / ran, 1.2, 3),
        'Crumbs and the like took up all there was',
        `They could take up *${formatNumber(power)} g*, and ${formatNumber(ran)} ran.`,
        { evidence: ['no loose liquid left'] },
      );
    },
  },
  {
    id: 'fatty',
    of: { greasy: 1, leaked: 0.4, soggy: 0.5 },
    read: ({ accounts: { fat } }) =>
      read(
        ramp(fat.loosePer100, 4, 12),
        'Fat runs out of it',
        `*${formatNumber(fat.loosePer100, 1)} g* of loose fat per 100 g; flour, starch and crumbs held ${formatNumber(fat.heldG)} g.`,
        { evidence: ['fat counted apart from water'] },
      ),
  },
];
