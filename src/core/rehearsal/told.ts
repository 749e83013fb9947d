/** What a look, a taste or a reading could have told of what was wrong, and whether anybody asked. */
import { mainStep } from '../stored/cooking';
import { type Look } from '../vocabulary/rehearsals';
import { formatNumber } from '../units/amount';
import { formatDifference, formatTemperature } from '../units/format';
import { type FaultId, faultsOf, hiddenOf } from './hidden';
import { type Situation } from './inside';

export interface Told {
  text: string;
  /**
   * `seen`: it was looked at, or what the cook did made it harmless; `spared`: not looked at, and no need, since something
   * else told of it or nothing can; `missed`: nothing told, and this would have.
   */
  was: 'seen' | 'spared' | 'missed';
}

/** One way to notice; null where it cannot be noticed at all. */
interface Way {
  text: string;
  isSeen: boolean | null;
}

/** What would have told of each fault, and whether it was asked. Where one way told, the others were not missed. */
export function toldOf(situation: Situation): Told[] {
  return faultsOf(situation.rehearsal).flatMap((fault) => {
    const ways = WAYS[fault](situation);
    const isNoticed = ways.some(({ isSeen }) => isSeen !== false);
    return ways.map(({ text, isSeen }) => ({
      text,
      was: isSeen === true ? ('seen' as const) : isNoticed ? ('spared' as const) : ('missed' as const),
    }));
  });
}

const did = ({ rehearsal }: Situation, what: Look): boolean => rehearsal.looks.some((l) => l.what === what);

/** Colour tells only of what is in the heat. */
function sawColour({ rehearsal, batch: { cook } }: Situation): boolean {
  const runs = [...cook.earlierRuns, ...(cook.run === null ? [] : [{ inAt: cook.run.inAt, outAt: rehearsal.simAt }])];
  return rehearsal.looks.some(
    ({ what, at }) => what === 'colour' && runs.some(({ inAt, outAt }) => inAt <= at && at <= outAt),
  );
}

/** What the cook did that made the fault harmless; left out where it was not done. */
const onlyIf = (isSo: boolean, text: string): Way[] => (isSo ? [{ text, isSeen: true }] : []);

/** The very first push is beside the middle: alone it tells nothing. */
const misses = ({ rehearsal }: Situation): boolean => hiddenOf(rehearsal).probeErrorK > 0;

/** So many readings of what cools lie on a line of their own. */
const TELLING_READINGS = 2;

const WAYS: Readonly<Record<FaultId, (situation: Situation) => Way[]>> = {
  'strong-salt': (s) => [
    {
      text: `A fried teaspoonful gives it away: a spoon of this salt weighs ${formatNumber(100 * (hiddenOf(s.rehearsal).saltFactor - 1), 0)} % more than was counted.`,
      isSeen: did(s, 'taste'),
    },
  ],
  'wet-leaves': (s) => [
    {
      text: `Pressed in a sieve, ${formatNumber(hiddenOf(s.rehearsal).extraFree, 0)} g more than counted run out of 100 g.`,
      isSeen: did(s, 'press'),
    },
  ],
  'small-spoon': (s) => {
    const planned = s.rehearsal.begun.wrap.portionG;
    return [
      {
        text: `The scale says ${Math.round(planned * hiddenOf(s.rehearsal).portionFactor)} g a spoonful where ${Math.round(planned)} g was planned.`,
        isSeen: did(s, 'weigh-filling'),
      },
      ...onlyIf(s.rehearsal.hands === 'scale', 'With each on the scale the spoon makes no difference.'),
    ];
  },
  'cold-oven': (s) => {
    const { mediumC } = mainStep(s.rehearsal.begun.cook);
    const t = (c: number): string => formatTemperature(Math.round(c), s.kitchen.temperature);
    const set = mediumC ?? 190;
    return [
      {
        text: `A thermometer hung in the oven shows ${t(set + hiddenOf(s.rehearsal).biasK)} where ${t(set)} is set.`,
        isSeen: did(s, 'oven-thermometer'),
      },
      {
        text: 'Halfway through they are paler than they should be: you can see it through the door.',
        isSeen: sawColour(s),
      },
      {
        text: 'The middle, measured, is behind its curve.',
        isSeen: s.batch.cook.readings.length > (misses(s) ? 1 : 0),
      },
    ];
  },
  'warm-fridge': (s) => {
    const { cool } = s.batch;
    const t = (c: number): string => formatTemperature(Math.round(c), s.kitchen.temperature);
    const runs = [...cool.earlierRuns, ...(cool.run ? [cool.run] : [])];
    return [
      {
        text: `A thermometer in the fridge shows ${t(hiddenOf(s.rehearsal).fridgeC ?? s.kitchen.fridgeC)}, not ${t(s.kitchen.fridgeC)}.`,
        isSeen: did(s, 'fridge-thermometer'),
      },
      {
        text: 'Two readings of the filling while it cools lie above the curve, and the curve follows them.',
        isSeen: runs.some(({ readings }) => readings.length >= TELLING_READINGS),
      },
      ...onlyIf(cool.base === 'ice', 'On ice water it cools whatever the fridge does.'),
    ];
  },
  'slipped-probe': (s) => [
    {
      text: `The first push reads ${formatDifference(hiddenOf(s.rehearsal).probeErrorK, s.kitchen.temperature)} too much: the tip missed the middle. Two more pieces, or a second push, tell.`,
      isSeen: s.batch.cook.readings.length > 1,
    },
  ],
  'early-guests': (s) => [
    {
      text: `You can’t see this coming. It helps to be ready ${Math.round(hiddenOf(s.rehearsal).earlyMinutes)} min before you must.`,
      isSeen: null,
    },
  ],
};
