import { normalise } from '@/core/food/composition';
import { coolingCurve } from '@/core/cooling/curve';
import { type CoolingPlan } from '@/core/cooling/stretches';

const FILLING = normalise({ water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.012 });
const POT: CoolingPlan = {
  massG: 1800,
  composition: FILLING,
  startC: 90,
  depthMm: 50,
  base: 'board',
  place: 'counter',
  covered: false,
  stirred: false,
};
const minutes = (plan: Partial<CoolingPlan>, untilC = 21.5) =>
  coolingCurve({ ...POT, ...plan }, untilC).minutesTo(untilC);
const leg = (m: number, to: Partial<CoolingPlan> = {}) => {
  const { base, place, covered, stirred } = { ...POT, ...to };
  return { minutes: m, base, place, covered, stirred };
};

describe('legs', () => {
  it('a leg like the rest changes nothing', () => {
    const plain = minutes({}, 40) ?? NaN;
    expect(minutes({ legs: [leg(25), leg(13)] }, 40)).toBeCloseTo(plain, 0);
    expect(Math.abs((minutes({ legs: [leg(25)] }, 40) ?? NaN) - plain)).toBeLessThan(0.01 * plain);
  });

  it('a leg in the cold lies between the counter and the fridge, by its length', () => {
    const counter = minutes({}, 30) ?? NaN;
    const fridge = minutes({ place: 'fridge' }, 30) ?? NaN;
    const first20 = minutes({ place: 'fridge', legs: [leg(20)] }, 30) ?? NaN;
    const first60 = minutes({ place: 'fridge', legs: [leg(60)] }, 30) ?? NaN;
    expect(fridge).toBeLessThan(first20);
    expect(first20).toBeLessThan(first60);
    expect(first60).toBeLessThan(counter);
  });

  it('is what it is until it ends: the curve of the first leg is the curve of that place', () => {
    const alone = coolingCurve(POT, 30);
    const then = coolingCurve({ ...POT, base: 'ice', legs: [leg(30)] }, 30);
    for (const minute of [5, 15, 29.9]) expect(then.at(minute).centreC).toBeCloseTo(alone.at(minute).centreC, 0);
    expect(then.at(60).centreC).toBeLessThan(alone.at(60).centreC - 3);
  });

  it('the energy balance closes over legs, stirs and steam', () => {
    for (const plan of [
      { legs: [leg(20), leg(15, { place: 'fan' })], place: 'fridge' as const },
      { stirEveryMinutes: 10 },
      { legs: [leg(20, { stirred: true })] },
    ]) {
      expect(Math.abs(coolingCurve({ ...POT, ...plan }, 25).energyBalance - 1)).toBeLessThan(0.005);
    }
  });
});

describe('spread later', () => {
  const deep = { ...POT, depthMm: 20, base: 'rack' as const, legs: [{ ...leg(40), depthMm: 70 }] };

  it('is slow while it is deep, quick once it is spread, and between the two in all', () => {
    const curve = coolingCurve(deep, 25);
    const pot = coolingCurve({ ...POT, depthMm: 70 }, 25);
    const tray = coolingCurve({ ...POT, depthMm: 20, base: 'rack' }, 25);
    expect(curve.at(39).centreC).toBeCloseTo(pot.at(39).centreC, 0);
    const all = curve.minutesTo(25) ?? NaN;
    expect(all).toBeGreaterThan((tray.minutesTo(25) ?? NaN) + 10);
    expect(all).toBeLessThan(40 + (tray.minutesTo(25) ?? NaN));
    expect(all).toBeLessThan((pot.minutesTo(25) ?? NaN) / 2);
  });

  it('loses no heat and no steam on the way, and mixes', () => {
    const curve = coolingCurve(deep, 25);
    expect(Math.abs(curve.energyBalance - 1)).toBeLessThan(0.005);
    expect(curve.evaporatedAt(40.1)).toBeGreaterThanOrEqual(curve.evaporatedAt(39.9));
    expect(curve.evaporatedAt(60) - curve.evaporatedAt(40)).toBeGreaterThan(
      curve.evaporatedAt(40) - curve.evaporatedAt(20),
    );
    expect(curve.at(40.01).centreC - curve.at(40.01).meanC).toBeLessThan(0.5);
    expect(curve.at(39.9).centreC - curve.at(39.9).meanC).toBeGreaterThan(1);
  });
});

describe('stirring', () => {
  it('every few minutes lies between never and always, and more often is quicker', () => {
    const never = minutes({ base: 'ice' }, 30) ?? NaN;
    const every20 = minutes({ base: 'ice', stirEveryMinutes: 20 }, 30) ?? NaN;
    const every5 = minutes({ base: 'ice', stirEveryMinutes: 5 }, 30) ?? NaN;
    const always = minutes({ base: 'ice', stirred: true }, 30) ?? NaN;
    expect(every20).toBeLessThan(never);
    expect(every5).toBeLessThan(every20);
    expect(always).toBeLessThan(every5);
  });

  it('makes the warmest place and the mean one temperature', () => {
    const stirred = coolingCurve({ ...POT, stirEveryMinutes: 15 }, 30);
    const { centreC, meanC } = stirred.at(15.001);
    expect(Math.abs(centreC - meanC)).toBeLessThan(0.3);
    const before = stirred.at(14.99);
    expect(before.centreC - before.meanC).toBeGreaterThan(0.8);
  });
});

describe('orderings and refinement', () => {
  it('ice is quicker than a fan, a fan than the open counter, the open counter than covered; metal than board', () => {
    const [ice, fan, open, covered] = [
      minutes({ base: 'ice' }, 30),
      minutes({ place: 'fan' }, 30),
      minutes({}, 30),
      minutes({ covered: true }, 30),
    ].map((m) => m ?? Infinity);
    expect(ice).toBeLessThan(fan);
    expect(fan).toBeLessThan(open);
    expect(open).toBeLessThan(covered);
    expect(minutes({ base: 'metal' }, 30)).toBeLessThan(open);
    expect(minutes({ place: 'porch' }, 30)).toBeLessThan(open);
  });

  it('twice as deep takes more than twice as long', () => {
    expect((minutes({ depthMm: 80 }, 30) ?? NaN) / (minutes({ depthMm: 40 }, 30) ?? NaN)).toBeGreaterThan(2);
  });

  it('a finer grid and shorter steps hardly change it, legs and stirs included', () => {
    const plan = { ...POT, place: 'fridge' as const, legs: [leg(20)], stirEveryMinutes: 15 };
    const coarse = coolingCurve(plan, 30).minutesTo(30) ?? NaN;
    const fine = coolingCurve(plan, 30, 3).minutesTo(30) ?? NaN;
    expect(Math.abs(fine - coarse) / fine).toBeLessThan(0.01);
  });

  it('a larger factor cools quicker, and does not touch the ice', () => {
    expect(minutes({ factor: 1.4 }, 30)).toBeLessThan(minutes({}, 30) ?? NaN);
    const share = (base: 'ice' | 'rack') => {
      const plan = { base, covered: true, place: 'fridge' as const };
      return (minutes({ ...plan, factor: 1.4 }, 30) ?? NaN) / (minutes(plan, 30) ?? NaN);
    };
    // Over ice most of the heat leaves below, where the factor has no say.
    expect(1 - share('ice')).toBeLessThan(0.5 * (1 - share('rack')));
  });
});
