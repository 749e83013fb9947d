/** Causes in the heat: too cold, too hot, too short, too long, too many at once, too soon out. */
import { mainStep } from '../../stored/cooking';
import { MEDIA, type MediumId, OILS } from '../../vocabulary/media';
import { METHODS } from '../../vocabulary/methods';
import { boiledEnough } from '../../checks/too-long';
import { colouredAt, GOLDEN_MOST } from '../../checks/pale';
import { isTooCold } from '../../checks/pot-finding';
import { formatNumber } from '../../units/amount';
import { formatDifference, formatMinutes, formatTemperature } from '../../units/format';
import { type CauseRule, ramp, read } from '../cause';
import { MOST_FALL_K } from '../../heat/liquids';
import { plannedHot } from './planned-pan';
import { type BatchNumbers, noted } from '../numbers';

const t = (c: number, { kitchen }: Pick<BatchNumbers, 'kitchen'>): string =>
  formatTemperature(Math.round(c), kitchen.temperature);
/** A difference of temperatures. */
const k = (kelvin: number, { kitchen }: Pick<BatchNumbers, 'kitchen'>): string =>
  formatDifference(kelvin, kitchen.temperature);

const timed = ({ isTimed }: BatchNumbers): string => (isTimed ? 'by its clock' : 'as planned');

/** Milder oil soaks in, °C. House estimate, as cooks have it. */
const MILD_OIL_C = 165;
/** Under a lid it is milder by so much, K, and the crust closes all the same. House estimate. */
const MILDER_COVERED_K = 10;
const mildIn = (medium: MediumId): number => MILD_OIL_C - (medium === 'shallow-lid' ? MILDER_COVERED_K : 0);

/** By the clock it came out before its minutes were over. */
const isCutShort = ({ isTimed, inHeatMinutes, plannedMinutes }: BatchNumbers): boolean =>
  isTimed && inHeatMinutes < plannedMinutes / 1.1;

const whatHeats = ({ batch }: BatchNumbers): string => MEDIA[mainStep(batch.cook).medium].appliance ?? 'heat';

/** Against an oven that lies: readings that came as forecast. */
const readAsForecast = ({ against }: BatchNumbers): string[] =>
  against !== null && against.behindK < 3 && against.aheadK < 4 ? ['its readings were as forecast'] : [];

/** Readings that came as forecast make an oven that lies less likely, though the middle of what is hot says little. House estimate. */
const doubted = (n: BatchNumbers): number => (readAsForecast(n).length > 0 ? 0.7 : 1);

/** Against whatever says it was cold inside: readings that say it was hot. */
const againstCold = (n: BatchNumbers): string[] =>
  n.lowestC !== null && n.lowestC >= n.accounts.limit.c ? [`the lowest reading was ${t(n.lowestC, n)}`] : [];

export const heatCauses: readonly CauseRule[] = [
  {
    id: 'oven-cold',
    of: { pale: 1, 'cold-centre': 0.9, 'long-bake': 1, 'raw-dough': 0.7, soggy: 0.6, greasy: 0.4, tough: 0.2 },
    read: (n) => {
      const title = `The ${whatHeats(n)} is colder than it says`;
      const behind = n.against?.behindK ?? 0;
      const byReadings = ramp(behind, 3, 12);
      const bias = n.cookFit?.biasK ?? 0;
      if (byReadings > 0)
        return read(
          byReadings,
          title,
          `Its readings were *${k(behind, n)}* under the forecast${bias < -4 ? `, as if it ran ${k(-bias, n)} cold` : ''}.`,
          { evidence: [`${n.against?.count} readings of the core`], isMeasured: true },
        );
      // Pale though it should long have been brown.
      const goldenAt = n.core?.above.brownAt ?? null;
      const brownAt = goldenAt === null ? null : colouredAt(n.batch.wrap.glaze, goldenAt);
      const pale = noted(n, 'pale');
      // Pale only below is the shelf, not the oven.
      const isPale = pale !== undefined && pale.where !== 'bottom' && brownAt !== null;
      return read(
        isPale ? 0.7 * doubted(n) * ramp(n.inHeatMinutes - brownAt, 0, 5) : 0,
        title,
        `By the forecast it’s brown after *${formatMinutes(Math.round(brownAt ?? 0))}*, and it was in for ${formatMinutes(Math.round(n.inHeatMinutes))}.`,
        { evidence: ['pale against the forecast'], against: readAsForecast(n) },
      );
    },
  },
  {
    id: 'oven-hot',
    of: { 'too-brown': 1, dry: 0.6, burst: 0.4, tough: 0.6 },
    read: (n) => {
      const title = `The ${whatHeats(n)} is hotter than it says`;
      const ahead = n.against?.aheadK ?? 0;
      const byReadings = ramp(ahead, 4, 14);
      const bias = n.cookFit?.biasK ?? 0;
      if (byReadings > 0)
        return read(
          byReadings,
          title,
          `Its readings were *${k(ahead, n)}* over the forecast${bias > 4 ? `, as if it ran ${k(bias, n)} hot` : ''}.`,
          { evidence: [`${n.against?.count} readings of the core`], isMeasured: true },
        );
      const burntAt = n.crust?.burntAt ?? null;
      const browns = n.batch.cook.steps.some(({ medium }) => MEDIA[medium].browns);
      const isBrown = noted(n, 'too-brown') !== undefined && n.core !== null && browns;
      // Only what was planned cannot explain, the pan or oven is blamed for.
      const strength = 0.7 * doubted(n) * (1 - plannedHot(n).strength);
      return read(
        isBrown && (burntAt === null || burntAt > n.inHeatMinutes) ? strength : 0,
        title,
        `By the forecast it isn’t too brown in *${formatMinutes(Math.round(n.inHeatMinutes))}* at that setting.`,
        { evidence: ['too brown against the forecast'], against: readAsForecast(n) },
      );
    },
  },
  {
    id: 'too-short',
    of: { 'cold-centre': 1, 'raw-dough': 0.8, pale: 0.9, soggy: 0.4, 'tough-prawns': 0 },
    read: (n) => {
      if (n.core === null) return null;
      const needs = n.core.leastDoneMinutes ?? n.core.minutes;
      if (needs === null)
        return read(
          1,
          'Never hot enough',
          `At *${t(n.core.mediumC, n)}* the middle doesn’t get there within three hours.`,
          {
            evidence: ['by the forecast'],
            against: againstCold(n),
          },
        );
      if (isCutShort(n))
        return read(
          ramp(n.plannedMinutes / Math.max(1, n.inHeatMinutes), 1.1, 1.5),
          'Out before its time',
          `*${formatMinutes(Math.round(n.inHeatMinutes))}* of cooking, where ${formatMinutes(Math.round(n.plannedMinutes))} was planned.`,
          { evidence: [timed(n)], against: againstCold(n), isMeasured: true },
        );
      return read(
        ramp(needs / Math.max(1, n.inHeatMinutes), 1, 1.6),
        'Not cooked long enough',
        `*${formatMinutes(Math.round(n.inHeatMinutes))}* of cooking; the slowest piece needs ${formatMinutes(Math.round(needs))}.`,
        { evidence: [timed(n), 'by the forecast'], against: againstCold(n), isMeasured: n.isTimed },
      );
    },
  },
  {
    id: 'too-long',
    of: { dry: 0.8, 'too-brown': 0.8, tough: 0.9, 'tough-prawns': 0.9, dense: 0.3, collapsed: 0.2 },
    read: (n) => {
      const needs = n.core?.leastDoneMinutes ?? null;
      if (needs === null || needs <= 0) return null;
      const over = n.inHeatMinutes / needs;
      const due = dueMinutes(n, needs);
      // Not brown yet, it was not too long for its crust.
      if (due === null) return null;
      return read(
        0.9 * ramp(n.inHeatMinutes / due, 1.3, 2.5),
        'Cooked long',
        `*${formatMinutes(Math.round(n.inHeatMinutes))}* of cooking; ${formatMinutes(Math.round(needs))} makes the slowest piece hot (${formatNumber(over, 1)} times as long).`,
        { evidence: [timed(n), 'by the forecast'], isMeasured: n.isTimed },
      );
    },
  },
  {
    id: 'planned-hot',
    of: { 'too-brown': 1, 'cold-centre': 0.4, tough: 0.4 },
    read: (n) => {
      const { strength, sentence } = plannedHot(n);
      return read(strength, 'Too hot or too long in the pan', sentence, { evidence: [timed(n)] });
    },
  },
  {
    id: 'boiled-long',
    of: { burst: 0.9, soggy: 1, leaked: 0.7, watery: 0.4 },
    read: (n) => {
      const needs = n.core?.leastDoneMinutes ?? null;
      if (needs === null || mainStep(n.batch.cook).medium !== 'water') return null;
      const enough = boiledEnough(n.batch, needs);
      if (enough === null) return null;
      return read(
        ramp(n.inHeatMinutes / enough, 1.8, 3.5),
        'Too long in rolling water',
        `*${formatMinutes(Math.round(n.inHeatMinutes))}* in the pot; ${formatMinutes(enough)} ${enough === 1 ? 'is' : 'are'} enough for skin and filling.`,
        { evidence: [timed(n), 'by the forecast'], isMeasured: n.isTimed },
      );
    },
  },
  {
    id: 'brown-before-hot',
    of: { 'cold-centre': 0.9, 'too-brown': 1 },
    read: (n) => {
      const burnt = n.crust?.burntAt ?? null;
      const hot = n.core?.leastDoneMinutes ?? n.crust?.hotAt ?? null;
      if (burnt === null) return null;
      const until = Math.max(n.inHeatMinutes, hot ?? n.inHeatMinutes);
      return read(
        ramp(until - burnt, 0, 8),
        'Too brown before the middle is hot',
        `Too brown after *${formatMinutes(Math.round(burnt))}*, hot in the middle after ${hot === null ? 'hours' : formatMinutes(Math.round(hot))}.`,
        { evidence: ['by the forecast', timed(n)] },
      );
    },
  },
  {
    id: 'too-mild',
    of: { pale: 0.9, soggy: 0.5, 'long-bake': 0.5, tough: 0.3 },
    read: (n) => {
      const { steps } = n.batch.cook;
      if (n.core === null || !steps.some(({ medium }) => MEDIA[medium].browns)) return null;
      const { above } = n.core;
      // In the time that was planned it would have browned: it was not the heat.
      if (isCutShort(n) && above.brownAt !== null && above.brownAt <= n.plannedMinutes) return null;
      const colouredBy = above.brownAt === null ? null : colouredAt(n.batch.wrap.glaze, above.brownAt);
      const late = colouredBy === null ? 30 : colouredBy - n.inHeatMinutes;
      return read(
        ramp(late, -2, 12),
        'Oven too cool or time too short',
        colouredBy === null
          ? `At *${t(n.core.mediumC, n)}* it doesn’t brown in that time.`
          : `Brown on top only after *${formatMinutes(Math.round(colouredBy))}*; it was in for ${formatMinutes(Math.round(n.inHeatMinutes))}.`,
        { evidence: ['by the forecast', timed(n)], isMeasured: n.isTimed },
      );
    },
  },
  {
    id: 'cold-bottom',
    of: { soggy: 0.9, pale: 0.8, 'raw-dough': 0.7 },
    read: (n) => {
      if (n.core === null || !n.core.hasFaces || !n.dries) return null;
      const { below, samples } = n.core;
      const sample = samples.find(({ minute }) => minute >= n.inHeatMinutes) ?? samples[samples.length - 1];
      if (sample === undefined) return null;
      const late = below.brownAt === null ? 30 : below.brownAt - n.inHeatMinutes;
      const where = noted(n, 'soggy')?.where ?? noted(n, 'pale')?.where ?? null;
      // Said to be elsewhere, it is not this.
      const factor = where === null || where === 'bottom' ? 1 : 0.2;
      const isPaleBelow = noted(n, 'pale')?.where === 'bottom';
      if (isPaleBelow && late <= 0)
        return read(
          0.6,
          'Less heat from below than expected',
          `By the forecast the bottom is brown after *${formatMinutes(Math.round(below.brownAt ?? 0))}*, and it was in for ${formatMinutes(Math.round(n.inHeatMinutes))}: a thick or light tray, a high shelf.`,
          { evidence: ['pale against the forecast'] },
        );
      return read(
        factor * ramp(late, 0, 15),
        'The bottom stayed too cool',
        `The bottom is at *${t(sample.bottomC, n)}* when it comes out${below.brownAt === null ? ', and does not brown' : `; brown only after ${formatMinutes(Math.round(below.brownAt))}`}.`,
        { evidence: ['by the forecast; it can’t be measured there'] },
      );
    },
  },
  {
    id: 'from-frozen',
    of: { 'cold-centre': 0.7, burst: 0.4, soggy: 0.4, 'long-bake': 0.7 },
    read: ({ batch: { cook }, ...n }) =>
      read(
        cook.startC < 0 ? 0.7 : 0,
        'Cooked from frozen',
        `It went in at *${t(cook.startC, n)}*: the ice melts before anything gets hot.`,
        { evidence: ['as planned'], against: againstCold({ batch: { cook }, ...n } as BatchNumbers) },
      ),
  },
  {
    id: 'pot-fell',
    of: { greasy: 1, pale: 0.8, burst: 0.4, 'long-bake': 0.8, 'cold-centre': 0.5, soggy: 0.5, collapsed: 0.2 },
    read: (n) => {
      const pot = n.core?.pot ?? null;
      if (pot === null || pot.medium !== 'oil') return null;
      const fall = pot.setC - pot.lowestC;
      return read(
        Math.max(isTooCold(pot) ? 0.7 : 0, ramp(fall, 12, 35)),
        'The oil fell too far',
        `${pot.count} at once take the oil from ${t(pot.setC, n)} down to *${t(pot.lowestC, n)}*; ${pot.bears} keep it within ${k(MOST_FALL_K, n)}.`,
        { evidence: ['by the forecast of the pot'] },
      );
    },
  },
  {
    id: 'oil-mild',
    of: { greasy: 1, pale: 0.7, soggy: 0.5 },
    read: (n) => {
      const { medium, mediumC } = mainStep(n.batch.cook);
      if (!OILS.includes(medium)) return null;
      if (mediumC === null) return null;
      return read(
        0.9 * ramp(mildIn(medium) - mediumC, 0, 20),
        'The oil was too cool',
        `Set to *${t(mediumC, n)}*; under ${t(mildIn(medium), n)} oil soaks in before the crust has closed (our estimate).`,
        { evidence: ['as planned'] },
      );
    },
  },
  {
    id: 'nobody-measured',
    of: { 'cold-centre': 0.5 },
    read: (n) =>
      read(
        n.lowestC === null ? 0.5 : 0,
        'Nobody measured',
        `It went by minutes and colour: *no reading* of the middle was noted.`,
        { evidence: ['no reading'] },
      ),
  },
  {
    id: 'probe-slipped',
    of: { 'cold-centre': 1 },
    read: (n) => {
      const cold = noted(n, 'cold-centre');
      if (cold === undefined || n.lowestC === null || n.lowestC < n.accounts.limit.c) return null;
      return read(
        cold.much === 'clearly' ? 0.9 : 0.6,
        'The probe was not in the coldest place',
        `The lowest reading was *${t(n.lowestC, n)}*, and it was cold inside all the same: the tip was beside the filling, touched metal, or in another piece.`,
        { evidence: ['readings against what was found'], isMeasured: true },
      );
    },
  },
  {
    id: 'cut-soon',
    of: { leaked: 0.6, soggy: 0.5, 'loose-filling': 0.4, dense: 0.2 },
    read: (n) => {
      const after = n.batch.note.measured.cutAfterMinutes;
      if (after === null || !n.dries) return null;
      return read(
        0.8 * ramp(SETS - after, 0, SETS),
        'Cut too soon',
        `*${formatNumber(after)} min* after cooking; in ${SETS} the juice sets (our estimate).`,
        { evidence: ['said yourself'], isMeasured: true },
      );
    },
  },
  {
    id: 'lid-off-soon',
    of: { collapsed: 1 },
    read: (n) => {
      const { cook, wrap } = n.batch;
      const isRaised = n.accounts.dough.kind === 'yeasted';
      if (MEDIA[mainStep(cook).medium].appliance !== 'steamer' || !isRaised) return null;
      const rests = cook.steps.some(({ medium }) => medium === 'rest');
      return read(
        rests ? 0.25 : 0.7,
        'The lid lifted at once',
        rests
          ? `A rest under the lid is planned; if it’s lifted before, ${wrap.form === 'purse' ? 'buns' : 'they'} fall in.`
          : `No *rest* with the lid ajar is planned: steam out at once lets the crumb fall in.`,
        { evidence: [`${METHODS[cook.method].done}, raised dough`] },
      );
    },
  },
];

/** When what is in the heat is done, hot and golden, whatever was planned; null where it is not brown in that time. */
export function dueMinutes({ crust, inHeatMinutes }: BatchNumbers, needs: number): number | null {
  if (crust === null) return needs;
  if (crust.brownAt === null || crust.brownAt > inHeatMinutes) return null;
  return Math.max(needs, Math.min(crust.brownAt, GOLDEN_MOST * needs));
}

/** A pie's juice sets in so many minutes out of the oven. House estimate. */
const SETS = 15;
