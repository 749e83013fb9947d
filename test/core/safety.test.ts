import { choosePack, coreLimit, DONENESS_C } from '@/core/safety/core-limit';
import { allCoolingStages, coolingStages } from '@/core/safety/cooling-stages';
import { lethality } from '@/core/safety/lethality';
import { lethalityInput } from '@/core/safety/lethality-input';
import { RULE_PACKS } from '@/core/safety/packs';
import { nextRound, type Reading, verdict } from '@/core/safety/verdict';
import { type CoolingCurve } from '@/core/cooling/curve';

const { home, stuffed, uk } = RULE_PACKS;
const food = (hazard: Parameters<typeof coreLimit>[1][number]['hazard'], name: string = hazard) => ({ name, hazard });

describe('the limit of a batch', () => {
  it('is the highest that any ingredient demands, and names it', () => {
    const limit = coreLimit(home, [food('fish', 'Haddock'), food('poultry', 'Turkey'), food('egg', 'Egg')]);
    expect(limit).toMatchObject({ kind: 'safety', c: 74, because: 'Turkey' });
    expect(limit.authority).toContain('US federal');
    expect(coreLimit(home, [food('minced-meat')]).c).toBe(71);
    expect(coreLimit(home, [food('whole-meat')])).toMatchObject({ c: 63, restMinutes: 3 });
    expect(coreLimit(home, [food('cooked-animal')]).c).toBe(74);
    expect(coreLimit(stuffed, [food('fish')]).c).toBe(74);
    expect(coreLimit(uk, [food('fish')])).toMatchObject({ c: 70, holdMinutes: 2 });
  });

  it('is doneness, not safety, without animal food', () => {
    expect(coreLimit(stuffed, [food('none'), food('raw-flour')])).toMatchObject({ kind: 'doneness', c: DONENESS_C });
  });

  it('follows the school unless the kitchen chose', () => {
    expect(choosePack('auto', true).id).toBe('stuffed');
    expect(choosePack('auto', false).id).toBe('home');
    expect(choosePack('uk', true).id).toBe('uk');
  });
});

/** ISO 8601, so many minutes after five. */
const timed = (minutes: number): string =>
  new Date(Date.parse('2026-12-05T17:00:00Z') + minutes * 60_000).toISOString();

describe('the verdict on readings', () => {
  const limit = coreLimit(stuffed, [food('poultry')]);
  const read = (...list: [number, number][]) => list.map(([round, c], i) => ({ round, c, at: timed(round + i / 60) }));
  const judge = (readings: Reading[], parcels = 24) => verdict(readings, limit, parcels, 74);

  it('needs three parcels, and the lowest counts', () => {
    expect(judge([])).toMatchObject({ outcome: 'none', needed: 3 });
    expect(judge(read([1, 80], [1, 78]))).toMatchObject({ outcome: 'incomplete', count: 2 });
    expect(judge(read([1, 80], [1, 78], [1, 74]))).toMatchObject({ outcome: 'pass', lowestC: 74 });
    expect(judge(read([1, 80], [1, 78], [1, 73.9]))).toMatchObject({ outcome: 'fail', lowestC: 73.9 });
  });

  it('fails at the first cold one, and a new round begins afresh', () => {
    expect(judge(read([1, 60])).outcome).toBe('fail');
    expect(judge(read([1, 60], [2, 76])).outcome).toBe('incomplete');
    expect(judge(read([1, 60], [2, 76], [2, 75], [2, 77])).outcome).toBe('pass');
    expect(judge(read([1, 90], [1, 90], [1, 90], [2, 60])).outcome).toBe('fail');
  });

  it('measures all of one or two parcels', () => {
    expect(judge(read([1, 75]), 1).outcome).toBe('pass');
    expect(judge(read([1, 75]), 2).outcome).toBe('incomplete');
  });

  it('a rule with a holding time: hot enough at once, or kept there by a clock and measured again', () => {
    const held = coreLimit(uk, [food('poultry')]);
    const at = (...list: [round: number, c: number, minute: number][]) =>
      verdict(
        list.map(([round, c, minute]) => ({ round, c, at: timed(minute) })),
        held,
        24,
        uk.atOnceC,
      );
    const first: [number, number, number][] = [
      [1, 72, 0],
      [1, 73, 0.5],
      [1, 74, 1],
    ];
    expect(at(...first)).toMatchObject({ outcome: 'hold', holdUntil: timed(3), lowestC: 72 });
    expect(at(...first).next).toContain('70 °C or more for 2 minutes');
    expect(at([1, 72, 0]).outcome).toBe('incomplete');
    // Too soon is not held, nor is what has cooled meanwhile.
    expect(at(...first, [2, 72, 2], [2, 72, 2.2], [2, 72, 2.4]).outcome).toBe('hold');
    expect(at(...first, [2, 71, 3.1], [2, 72, 3.2], [2, 72, 3.4])).toMatchObject({ outcome: 'pass', holdUntil: null });
    expect(at(...first, [2, 69, 3.1]).outcome).toBe('fail');
    expect(at(...first, [2, 69, 3.1], [3, 72, 9], [3, 72, 9], [3, 72, 9])).toMatchObject({ holdUntil: timed(11) });
    expect(at([1, 75, 0], [1, 76, 0], [1, 77, 0]).outcome).toBe('pass');
    expect(at([1, 69.9, 0]).outcome).toBe('fail');
  });

  it('what follows a failed round, a holding time or another load is a new round', () => {
    const readings = [{ round: 1 }, { round: 2 }];
    expect(nextRound([], { outcome: 'none' })).toBe(1);
    expect(nextRound(readings, { outcome: 'incomplete' })).toBe(2);
    expect(nextRound(readings, { outcome: 'pass' })).toBe(2);
    for (const outcome of ['fail', 'hold', 'none'] as const) expect(nextRound(readings, { outcome })).toBe(3);
  });
});

describe('cooling stages', () => {
  /** A cooling that falls in a straight line, 1 °C in `pace` minutes, from 90 °C. */
  const straight = (pace: number): Pick<CoolingCurve, 'minutesTo' | 'minutesBetween'> => {
    const minutesTo = (c: number) => (90 - c) * pace;
    return {
      minutesTo,
      minutesBetween: (a, b) => minutesTo(b) - minutesTo(a),
    };
  };

  it('times 57 → 21 and 57 → 5 from 57, not from the hob', () => {
    const stages = coolingStages(stuffed, { curve: straight(3), coldAtMinute: null, ambientC: 21, untilC: 20 });
    expect(stages.map((s) => s.tookMinutes)).toEqual([108, 156]);
    expect(stages.every((s) => s.ok)).toBe(true);
    expect(coolingStages(stuffed, { curve: straight(4), coldAtMinute: null, ambientC: 21, untilC: 20 })[0].ok).toBe(
      false,
    );
  });

  it('halves the two hours in a warm room, and counts food in the fridge as refrigerated', () => {
    const at = (coldAtMinute: number | null, ambientC: number) =>
      coolingStages(home, { curve: straight(1), coldAtMinute, ambientC, untilC: 20 })[0];
    expect(at(null, 21)).toMatchObject({ limitMinutes: 120, tookMinutes: 70, ok: true });
    expect(at(null, 34)).toMatchObject({ limitMinutes: 60, ok: false });
    expect(at(0, 4)).toMatchObject({ tookMinutes: 0, ok: true });
    // Twenty minutes on the counter, then the fridge.
    expect(at(20, 21)).toMatchObject({ tookMinutes: 20, ok: true });
    expect(
      allCoolingStages({ curve: straight(1), coldAtMinute: null, ambientC: 21, untilC: 20 }).map((s) => s.rule),
    ).toContain('uk-90');
  });
});

describe('lethality', () => {
  const reference = { c: 70, zC: 7.5, minutes: 2 };
  it('counts minutes at the reference one for one', () => {
    const result = lethality({
      readings: [
        { minute: 0, c: 70 },
        { minute: 3, c: 70 },
      ],
      reference,
    });
    expect(result).toMatchObject({ equivalentMinutes: 3, reached: true, atMinute: 2 });
  });
  it('ten times as fast one z above', () => {
    expect(
      lethality({
        readings: [
          { minute: 0, c: 77.5 },
          { minute: 1, c: 77.5 },
        ],
        reference,
      }).equivalentMinutes,
    ).toBeCloseTo(10, 9);
  });
  it('agrees with fine numerical integration on a ramp, and finds the minute', () => {
    const readings = [
      { minute: 0, c: 50 },
      { minute: 12, c: 76 },
    ];
    let total = 0;
    let at: number | null = null;
    const n = 200_000;
    for (let i = 0; i < n; i++) {
      total += 10 ** ((50 + (26 * (i + 0.5)) / n - 70) / 7.5) * (12 / n);
      if (at === null && total >= 2) at = (12 * (i + 1)) / n;
    }
    const result = lethality({ readings, reference });
    expect(result.equivalentMinutes).toBeCloseTo(total, 4);
    expect(result.atMinute).toBeCloseTo(at ?? NaN, 2);
  });
  it('refuses readings out of order and says so', () => {
    const parsed = lethalityInput.safeParse({
      readings: [
        { minute: 2, c: 70 },
        { minute: 1, c: 70 },
      ],
      reference,
    });
    expect(parsed.success).toBe(false);
  });
});
