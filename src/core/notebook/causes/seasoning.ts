/** Causes in the seasoning: salt counted, spoons, doses, what was forgotten or is not counted. */
import { doseFindings, FAR_ABOVE } from '../../filling/doses';
import { lookUp } from '../../food/larder';
import { formatNumber } from '../../units/amount';
import { type CauseRule, ramp, read } from '../cause';
import { type BatchNumbers } from '../numbers';

/** More than so much salt in 100 g is salt itself, g. */
export const PURE_SALT = 90;

const SPOONS: readonly string[] = ['tsp', 'tbsp', 'pinch'];

const biggest = ({ accounts: { salt } }: BatchNumbers): string =>
  salt.lines
    .slice(0, 2)
    .map((l) => `${l.name.toLowerCase()} ${formatNumber(l.grams, 1)} g`)
    .join(', ');

/** Salted by its maker: not salt itself, and not what food has by nature, g in 100 g. House estimate. */
function isSalted({ accounts: { lines } }: BatchNumbers, lineId: string): boolean {
  const salt = lines.find((l) => l.line.id === lineId)?.ingredient.salt ?? 0;
  return salt > 0.6 && salt < PURE_SALT;
}

export const seasoningCauses: readonly CauseRule[] = [
  {
    id: 'little-salt',
    of: { bland: 1 },
    read: (n) => {
      const { salt } = n.accounts;
      if (salt.isSweet) return null;
      return read(
        ramp(salt.neededPercent - salt.fillingPercent, -0.05, 0.4),
        'Little salt',
        `*${formatNumber(salt.fillingPercent, 2)} %* salt in the filling; ${formatNumber(salt.neededPercent, 2)} is needed for this wrapper.`,
        { evidence: [salt.lines.length === 0 ? 'no line brings salt' : `counted: ${biggest(n)}`] },
      );
    },
  },
  {
    id: 'much-salt',
    of: { salty: 1 },
    read: (n) => {
      const { salt } = n.accounts;
      return read(
        ramp(salt.fillingPercent, (salt.targetPercent + salt.saltyAbovePercent) / 2, salt.saltyAbovePercent + 0.3),
        'Much salt',
        `*${formatNumber(salt.fillingPercent, 2)} %* salt in the filling, everything salty counted; from ${formatNumber(salt.saltyAbovePercent, 2)} on it is too salty.`,
        { evidence: [`counted: ${biggest(n)}`] },
      );
    },
  },
  {
    id: 'salt-by-spoon',
    of: { salty: 0.8, bland: 0.6 },
    read: ({ batch, accounts: { salt } }) => {
      const lines = batch.lines.filter((l) => SPOONS.includes(l.unit));
      const spooned = lines.flatMap((l) => salt.lines.filter((s) => s.lineId === l.id));
      const grams = spooned.reduce((sum, s) => sum + s.grams, 0);
      if (grams <= 0 || salt.totalG <= 0) return null;
      const share = grams / salt.totalG;
      return read(
        0.55 * ramp(share, 0.2, 0.7),
        'Salt measured with a spoon',
        `*${formatNumber(100 * share, 0)} %* of the salt came by the spoon: fine and coarse salt differ by half, heaped and level by a third.`,
        { evidence: [spooned.map((s) => s.name.toLowerCase()).join(', ')], against: ['nobody weighed it'] },
      );
    },
  },
  {
    id: 'saltier-than-counted',
    of: { salty: 0.8, bland: 0.6 },
    read: (n) => {
      const { salt } = n.accounts;
      // Where the count itself explains it, nobody has to doubt the count.
      const isWithin =
        salt.fillingPercent >= salt.blandBelowPercent && salt.fillingPercent <= salt.saltyAbovePercent && !salt.isSweet;
      const sauces = salt.lines.filter(({ lineId }) => isSalted(n, lineId));
      const grams = sauces.reduce((sum, l) => sum + l.grams, 0);
      if (!isWithin || grams <= 0) return null;
      return read(
        0.6 * ramp(grams / Math.max(0.1, salt.totalG), 0.1, 0.4),
        'Sauces, cheese and cured things differ',
        `*${formatNumber((100 * grams) / salt.totalG, 0)} %* of the salt came with ${sauces
          .slice(0, 3)
          .map((l) => l.name.toLowerCase())
          .join(', ')}: from one maker to the next it differs by a third.`,
        {
          evidence: ['counted by the larder, not by the label'],
          against: [`counted, it is ${formatNumber(salt.fillingPercent, 2)} %`],
        },
      );
    },
  },
  {
    id: 'own-taste',
    of: { salty: 0.6, bland: 0.6 },
    read: ({ accounts: { salt } }) => {
      const { fillingPercent, targetPercent, blandBelowPercent, saltyAbovePercent, isSweet } = salt;
      if (isSweet || fillingPercent < blandBelowPercent || fillingPercent > saltyAbovePercent) return null;
      return read(
        0.6 * (1 - ramp(Math.abs(fillingPercent - targetPercent), 0.1, 0.4)),
        'You prefer a different salt level',
        `*${formatNumber(fillingPercent, 2)} %* salt, where ${formatNumber(targetPercent, 2)} was aimed for: salted as it was meant to be.`,
        { evidence: ['counted as planned'] },
      );
    },
  },
  {
    id: 'not-counted',
    of: { salty: 0.5, bland: 0.5, soggy: 0.3, leaked: 0.2 },
    read: ({ accounts: { uncounted } }) =>
      read(
        uncounted.length === 0 ? 0 : 0.6,
        'Something isn’t counted',
        `*${uncounted.length}* ${uncounted.length === 1 ? 'line isn’t' : 'lines aren’t'} counted: ${uncounted
          .slice(0, 3)
          .map(({ name }) => name.toLowerCase())
          .join(', ')}.`,
        { evidence: ['not in the larder, or without an amount'] },
      ),
  },
  {
    id: 'strong-dose',
    of: { 'herb-strong': 1 },
    read: ({ accounts: { lines, ledger } }) => {
      const far = doseFindings(lines, ledger.finishedG).filter(({ text }) => text.includes('far above'));
      return read(far.length === 0 ? 0 : 1, 'More than is usual of it', far.map(({ text }) => text).join(' '), {
        evidence: ['against its usual dose'],
      });
    },
  },
  {
    id: 'strong-spices',
    of: { 'herb-strong': 0.6 },
    read: ({ accounts: { lines, ledger } }) => {
      const all = lines.flatMap((l) => {
        const { dose, isStrong } = l.ingredient;
        if (dose === null || !isStrong || ledger.finishedG <= 0) return [];
        return [{ name: l.ingredient.name, ratio: (1000 * l.readyG) / ledger.finishedG / dose[1] }];
      });
      const [most] = all.sort((a, b) => b.ratio - a.ratio);
      if (most === undefined) return null;
      return read(
        // Far above it is said to be so.
        most.ratio > FAR_ABOVE ? 0 : 0.8 * ramp(most.ratio, 0.6, 1.6),
        `${most.name}, close to the usual most`,
        `${most.name} is at *${formatNumber(100 * most.ratio, 0)} %* of the most that is usual.`,
        { evidence: ['against its usual dose'] },
      );
    },
  },
  {
    id: 'forgotten-line',
    of: { forgotten: 1, bland: 0.6, dry: 0.3 },
    read: ({ batch }) => {
      // Who ticks one thing ticks all that goes in.
      const lines = batch.lines.some((l) => l.ticked) ? batch.lines.filter((l) => !l.ticked) : [];
      const names = lines.map((l) => lookUp(batch.ingredients, l.ingredientId)?.name.toLowerCase() ?? l.ingredientId);
      return read(
        lines.length === 0 ? 0 : 0.9,
        'Not ticked off',
        `*${names.join(', ')}*: never ticked, though the filling was finished.`,
        { evidence: ['by the ticks'], isMeasured: true },
      );
    },
  },
];
