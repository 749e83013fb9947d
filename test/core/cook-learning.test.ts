/** A load in the heat: its clock, the probe, the simulated thermometer, and what readings teach of an appliance. */
import * as fc from 'fast-check';
import { fitCook } from '@/core/forecast/cook-fit';
import { cook, planFor } from '@/core/forecast/cooked';
import { fitWords, learnedWords } from '@/core/checks/fit-heat-words';
import { lethalityWords } from '@/core/checks/lethality-words';
import { outline } from '@/core/forecast/outline';
import { probeWords } from '@/core/checks/probe-words';
import { hiddenHeat, simulatedCore } from '@/core/probes/simulated-core';
import { assess } from '@/core/checks/assess';
import { cookClock, cookEvents, minutesIn } from '@/core/cooking/cook-clock';
import { corrected, correctionWords, isDue } from '@/core/cooking/ice-check';
import { judgeProbe, lagged, type Sample } from '@/core/probes/probing';
import { really } from '@/core/cooking/refit';
import { type Push, simulateProbe, touchesMetal } from '@/core/probes/simulated-probe';
import { countedInHeat } from '@/core/cooking/load-evidence';
import { readingsOfLoad } from '@/core/stored/cook-runs';
import { measure } from './readings';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { MOST } from '@/core/vocabulary/limits';
import { apply, type Operation } from '@/core/stored/operations';
import { stepsOf } from '@/core/stored/ways-to-cook';
import { type Batch } from '@/core/stored/schema';
import { MEDIA } from '@/core/vocabulary/media';
import { drawLedger } from '@/core/filling/ledger';
import { coreAt, minutesUntilDone } from '@/core/heat/cooking';
import { lanternSupper } from '@/data/demo';

const [turkey, pumpkin, duck, haddock, venison] = lanternSupper('2026-12-05T15:00:00Z');
const IN = '2026-12-05T18:00:00.000Z';
const after = (minutes: number): string => new Date(Date.parse(IN) + minutes * 60_000).toISOString();
const cooked = (batch: Batch) => {
  const o = outline(batch, DEFAULT_KITCHEN);
  return cook(batch, DEFAULT_KITCHEN, o, drawLedger(o.lines, batch.water, 0));
};
/** A load with readings at some minutes. */
const measured = (batch: Batch, readings: readonly (readonly [minute: number, c: number, round?: number])[]): Batch =>
  readings.reduce(
    (b, [minute, c, round = 1]) => measure(b, after(minute), c, { round }),
    apply(batch, { do: 'startLoad', at: IN, parcels: batch.count }),
  );
const outcomesOf = (batch: Batch): string[] =>
  assess(batch, DEFAULT_KITCHEN, null).verdict.loads.map(({ outcome }) => outcome);

describe('loads one after another', () => {
  it('each has its own readings; what one showed says nothing of the next', () => {
    const first = measured(turkey, [
      [30, 78],
      [30, 79],
      [30, 80],
    ]);
    expect(outcomesOf(first)).toEqual(['pass']);
    expect(countedInHeat(first, 1).map(({ minute }) => minute)).toEqual([30, 30, 30]);
    const second = apply(first, { do: 'startLoad', at: after(40) });
    expect(second.cook.earlierRuns).toEqual([{ inAt: IN, outAt: after(40), load: 1, parcels: first.count }]);
    expect(second.cook.run).toEqual({ inAt: after(40), load: 2, parcels: null });
    expect(second.cook.readings).toHaveLength(3);
    expect(readingsOfLoad(second.cook, 2)).toEqual([]);
    expect(outcomesOf(second)).toEqual(['pass', 'none']);
    // Taken out, its readings still stand.
    const out = apply(first, { do: 'stopLoad', at: after(31) });
    expect(outcomesOf(out)).toEqual(['pass']);
    expect(apply(out, { do: 'stopLoad', at: after(50) })).toEqual(out);
    expect(apply(out, { do: 'setIn', at: after(50) })).toEqual(out);
  });

  it('the oldest of very many is forgotten', () => {
    const operations = Array.from({ length: MOST.cookRuns + 9 }, (_, i): Operation => ({
      do: 'startLoad',
      at: after(i),
    }));
    const { earlierRuns } = operations.reduce(apply, turkey).cook;
    expect(earlierRuns).toHaveLength(MOST.cookRuns);
    expect(earlierRuns[0].inAt).not.toBe(IN);
  });
});

describe('the clock of a load', () => {
  const seared = apply(turkey, { do: 'setCook', to: { method: 'sear', steps: stepsOf('sear-steam', 'half-moon') } });
  it('says what is to be done and when, measuring last', () => {
    expect(cookEvents(seared.cook).map(({ minute, text }) => [minute, text])).toEqual([
      [2, 'Water in, lid on'],
      [8.5, 'Lid off: crisp them'],
      [10, 'The planned time is over: measure'],
    ]);
    const shut = { steps: stepsOf('steam-shut', 'purse') };
    expect(cookEvents(shut)[0].text).toBe('Off the heat, and leave the lid shut');
    expect(cookEvents({ steps: stepsOf('griddle', 'flat-round') })[0].text).toBe('Turn them over');
    expect(cookEvents({ steps: stepsOf('bake-rest', 'pan-pie') })[0].text).toBe('Out, and let them rest');
    expect(cookEvents({ steps: stepsOf('bake-two', 'pan-pie') })[0].text).toBe('Now: oven, on a tray');
  });
  it('counts down each step, and past the end', () => {
    expect(cookClock(seared.cook, 0)).toMatchObject({ step: 0, left: 2 });
    expect(cookClock(seared.cook, 3)).toMatchObject({ step: 1, left: 5.5 });
    expect(cookClock(seared.cook, 9).next?.ahead).toBe('then measure');
    expect(cookClock(seared.cook, 12)).toMatchObject({ next: null, left: -2, step: 2 });
    expect(minutesIn({ inAt: IN }, after(7.5))).toBe(7.5);
  });
});

describe('a probe', () => {
  const inFood = (trueC: number, beforeC = 21, lagS = 6, seconds = 60): Sample[] =>
    Array.from({ length: seconds + 1 }, (_, second) => ({ second, c: lagged(beforeC, trueC, second, lagS) }));

  it('creeps to what it is in, and counts once it stands still: near it, and never much more than there is', () => {
    for (const [c, before, lag, low] of [
      [76, 21, 4, 1],
      [76, 21, 8, 1.2],
      [64, 90, 6, 0.5],
      [92, 70, 6, 1],
      [74, 100, 25, 0.5],
      // A thick one shows less than there is: the safe side.
      [74, 21, 25, 4.5],
    ]) {
      const samples = inFood(c, before, lag, 240);
      const at = samples.findIndex((_, i) => judgeProbe(samples.slice(0, i + 1), 100).state === 'steady');
      expect(at).toBeGreaterThan(5);
      const shown = samples[at].c ?? 0;
      expect(shown - c).toBeGreaterThan(-low);
      expect(shown - c).toBeLessThan(1.1);
    }
  });

  it('nothing, lost, moving and metal are said, and never taken', () => {
    expect(judgeProbe([], 100).state).toBe('nothing');
    expect(judgeProbe([...inFood(76), { second: 61, c: null }], 100)).toMatchObject({ state: 'lost', c: null });
    expect(judgeProbe(inFood(76).slice(0, 3), 100).state).toBe('moving');
    expect(judgeProbe(inFood(76).slice(0, 9), 100).why).toContain('rising');
    expect(judgeProbe(inFood(170), 100)).toMatchObject({ state: 'metal' });
    // High up water boils sooner.
    expect(judgeProbe(inFood(95), 92).state).toBe('metal');
    expect(judgeProbe(inFood(93, 90), 92).state).toBe('steady');
  });

  it('a drop-out on the way loses nothing', () => {
    const samples = inFood(76).map((s) => (s.second % 9 === 4 ? { ...s, c: null } : s));
    expect(judgeProbe(samples, 100)).toMatchObject({ state: 'steady' });
  });

  it('a real probe that posts every five seconds is judged by the same rule', () => {
    const samples = inFood(76, 21, 6, 120).filter(({ second }) => second % 5 === 0);
    expect(judgeProbe(samples.slice(0, 3), 100).state).toBe('moving');
    expect(judgeProbe(samples, 100)).toMatchObject({ state: 'steady' });
  });

  it('the simulated one: the same for the same push, metal at a first push now and then, never at the second', () => {
    const push = (seed: number, times = 1): Push => ({ seed, times, trueC: 76, metalC: 170, beforeC: 21 });
    const seeds = Array.from({ length: 200 }, (_, i) => i * 7919);
    const metal = seeds.filter((seed) => touchesMetal(push(seed)));
    expect(metal.length).toBeGreaterThan(30);
    expect(metal.length).toBeLessThan(100);
    expect(seeds.some((seed) => touchesMetal(push(seed, 2)))).toBe(false);
    expect(seeds.some((seed) => touchesMetal({ ...push(seed), metalC: null }))).toBe(false);
    for (const seed of seeds.slice(0, 60)) {
      const samples = Array.from({ length: 61 }, (_, second) => simulateProbe(push(seed), second));
      expect(samples).toEqual(Array.from({ length: 61 }, (_, second) => simulateProbe(push(seed), second)));
      const seen = samples.map((_, i) => judgeProbe(samples.slice(0, i + 1), 100));
      const steady = seen.find(({ state }) => state === 'steady');
      if (touchesMetal(push(seed))) expect(seen.some(({ state }) => state === 'metal')).toBe(true);
      else expect(Math.abs((steady?.c ?? 0) - 76)).toBeLessThan(1.5);
    }
  });

  it('says which piece, and where in it; of a pan three places', () => {
    expect(probeWords(venison, 0, 3)).toMatch(/^The thickest, one that went in last\./);
    expect(probeWords(turkey, 1, 3)).toMatch(/^The next thickest, from the edge of the lower tier/);
    const places = [0, 1, 2].map((done) => probeWords(haddock, done, 3));
    expect(new Set(places).size).toBe(3);
  });
});

describe('the thermometer in ice water', () => {
  const kitchen = { ...DEFAULT_KITCHEN, thermometer: { offsetK: 1.3, at: IN } };
  it('what it showed there is taken off every reading, and said', () => {
    expect(corrected(75.1, kitchen)).toBe(73.8);
    expect(corrected(73, { thermometer: { offsetK: -0.8, at: IN } })).toBe(73.8);
    expect(corrected(75.1, DEFAULT_KITCHEN)).toBe(75.1);
    expect(correctionWords({ ...kitchen, temperature: 'F' })).toMatch(/ 2\.3\s°F too much/);
    expect(correctionWords(kitchen)).toMatch(/1\.3\s°C too much: that’s taken off/);
    expect(correctionWords({ ...kitchen, thermometer: { offsetK: 0.1, at: IN } })).toBeNull();
  });
  it('is due again after a quarter', () => {
    expect(isDue(DEFAULT_KITCHEN, Date.parse(IN))).toBe(true);
    expect(isDue(kitchen, Date.parse(IN) + 30 * 86_400_000)).toBe(false);
    expect(isDue(kitchen, Date.parse(IN) + 120 * 86_400_000)).toBe(true);
  });
});

describe('what readings teach of an appliance', () => {
  const targets = (batch: Batch) => {
    const it = cooked(batch);
    return { plan: planFor(it), target: it.target };
  };

  it.each([
    ['oven', duck],
    ['oven', haddock],
    ['steamer', turkey],
    ['pot of oil', venison],
    ['pot of water', pumpkin],
  ])('%s: three noisy readings of one that heats 30 %% otherwise bring the forecast within 10 %%', (_name, batch) => {
    const { plan, target } = targets(batch);
    for (const factor of [0.7, 1.3]) {
      const truth = really(plan, factor, 0);
      const trueMinutes = minutesUntilDone(truth, target) ?? 0;
      for (const noise of [
        [0.9, -1.1, 0.6],
        [-1, -0.7, 1.2],
      ]) {
        const minutes = [0.7, 0.8, 0.9].map((share) => share * trueMinutes);
        const cores = coreAt(truth, minutes);
        const fit = fitCook(
          measured(
            batch,
            minutes.map((m, i) => [m, cores[i] + noise[i]] as const),
          ),
          DEFAULT_KITCHEN,
        );
        expect(Math.abs((fit?.minutes ?? 0) / trueMinutes - 1)).toBeLessThan(0.1);
        expect(fit?.readings).toBe(3);
      }
    }
  });

  it('so many more minutes bring the lowest there, by its own curve', () => {
    const { plan, target } = targets(duck);
    const truth = really(plan, 0.75, 0);
    const [low] = coreAt(truth, [20]);
    const fit = fitCook(
      measured(duck, [
        [20, low + 4],
        [20, low + 6],
        [20, low],
      ]),
      DEFAULT_KITCHEN,
    );
    const until = 20 + (fit?.moreMinutes ?? 0);
    expect(Math.abs(until - (minutesUntilDone(truth, target) ?? 0))).toBeLessThan(1.5);
  });

  it('what was far too cold long after it should have been there is not there now', () => {
    const { plan, target } = targets(duck);
    const late = 3 * (minutesUntilDone(plan, target) ?? 0);
    expect(
      fitCook(
        measured(duck, [
          [late, 50],
          [late, 75],
          [late, 76],
        ]),
        DEFAULT_KITCHEN,
      )?.moreMinutes ?? 99,
    ).toBeGreaterThan(2);
  });

  it('a heat that never takes it there gives no number of minutes', () => {
    const cool = apply(duck, {
      do: 'setCook',
      to: { steps: [{ medium: 'hold', mediumC: 65, minutes: 60, turn: false, waterG: null, starchG: 0 }] },
    });
    expect(fitCook(measured(cool, [[60, 50]]), DEFAULT_KITCHEN)?.moreMinutes).toBeNull();
  });

  it('goes on from what the kitchen has learned, and without readings or filling says nothing', () => {
    const heat = { medium: 'oven' as const, factor: 0.8, biasK: 0, readings: 3, at: IN };
    const kitchen = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepHeat', id: 'oven-1', heat });
    const { plan } = targets(duck);
    const minutes = [14, 17, 20];
    const cores = coreAt(really(plan, 0.8, 0), minutes);
    const fit = fitCook(
      measured(
        duck,
        minutes.map((m, i) => [m, cores[i]] as const),
      ),
      kitchen,
    );
    expect(fit?.factor).toBeCloseTo(0.8, 1);
    expect(fitCook(duck, DEFAULT_KITCHEN)).toBeNull();
    expect(fitCook(measured({ ...duck, lines: [] }, [[20, 60]]), DEFAULT_KITCHEN)).toBeNull();
    // Read before it went in: of something else.
    expect(fitCook(measured(duck, [[-5, 60]]), DEFAULT_KITCHEN)).toBeNull();
  });

  it('is said in words; readings of another thing are not believed', () => {
    const fit = fitCook(
      measured(duck, [
        [14, 30],
        [17, 38],
        [20, 47],
      ]),
      DEFAULT_KITCHEN,
    );
    expect(fit && fitWords(fit, 'my oven', 'C').text).toMatch(
      /^By 3 readings “my oven” heats \*0\.\d+\* times as well/,
    );
    const nonsense = fitCook(
      measured(duck, [
        [14, 90],
        [17, 20],
        [20, 90],
      ]),
      DEFAULT_KITCHEN,
    );
    expect(nonsense && fitWords(nonsense, 'my oven', 'C')).toMatchObject({ agrees: false });
    const heat = { medium: 'oven' as const, factor: 1, biasK: -12, readings: 3, at: IN };
    expect(learnedWords(heat, 'C')).toMatch(/about 12\s°C cooler than it is set to here, from 3 readings/);
    expect(learnedWords(heat, 'F')).toMatch(/22\s°F cooler/);
  });
});

describe('the simulated thermometer at Cook', () => {
  it('is stuck into pieces that are heated otherwise than planned; what the kitchen has learned changes nothing', () => {
    const at = (parcel: number, minute: number) => simulatedCore(turkey, DEFAULT_KITCHEN, parcel, minute) ?? 0;
    expect(at(0, 20)).toBe(at(0, 20));
    expect(at(0, 30)).toBeGreaterThan(at(0, 20));
    expect(new Set([0, 1, 2].map((parcel) => Math.round(10 * at(parcel, 20)))).size).toBeGreaterThan(1);
    const heat = { medium: 'steam' as const, factor: 0.4, biasK: 0, readings: 3, at: IN };
    const learned = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepHeat', id: 'steamer-1', heat });
    expect(simulatedCore(turkey, learned, 0, 20)).toBe(at(0, 20));
    expect(simulatedCore({ ...turkey, lines: [] }, DEFAULT_KITCHEN, 0, 20)).toBeNull();
  });
  it('no appliance is absurd: within a quarter of what is usual, water boils where it boils', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), fc.constantFrom(turkey, duck, venison), (id, batch) => {
        const { factor, biasK } = hiddenHeat({ ...batch, id });
        expect(factor).toBeGreaterThanOrEqual(0.75);
        expect(factor).toBeLessThanOrEqual(1.15);
        expect(Math.abs(biasK)).toBeLessThanOrEqual(MEDIA[batch.cook.steps[0].medium].isSet ? 6 : 0);
      }),
      { seed: 5 },
    );
  });
});

describe('heat that adds up, beside the rule', () => {
  it('two minutes at 70 are two minutes; the lowest of each moment counts; one moment, or cold ones, say nothing', () => {
    const words = lethalityWords(
      [
        { minute: 10, c: 70 },
        { minute: 10, c: 75 },
        { minute: 12, c: 70 },
      ],
      'C',
    );
    expect(words).toMatch(/as much heat as 2\.0\smin at 70\s°C/);
    expect(words).toContain('only the rule decides');
    const seventyFive = lethalityWords(
      [
        { minute: 10, c: 75 },
        { minute: 10.5, c: 75 },
      ],
      'C',
    );
    // Half a minute at 75 °C is one of the published equivalents.
    expect(seventyFive).toMatch(/as much heat as 2\.3\smin/);
    expect(lethalityWords([{ minute: 10, c: 75 }], 'C')).toBeNull();
    expect(
      lethalityWords(
        [
          { minute: 10, c: 40 },
          { minute: 12, c: 50 },
        ],
        'C',
      ),
    ).toBeNull();
  });
});
