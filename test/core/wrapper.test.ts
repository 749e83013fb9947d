import * as fc from 'fast-check';
import { balance } from '@/core/wrapper/balance';
import { dough } from '@/core/wrapper/dough';
import { DOUGH_IDS } from '@/core/document/vocabulary/doughs';
import { fitParcel } from '@/core/wrapper/fit';
import { FORM_IDS, FORMS } from '@/core/document/vocabulary/forms';
import { portionSpoon } from '@/core/wrapper/spoon';
import { changeForm } from '@/core/document/create';
import { forecastHeat } from '@/core/checks/heat';
import { DEFAULT_KITCHEN } from '@/core/document/kitchen';
import { type Batch } from '@/core/document/schema';
import { lanternSupper } from '@/data/demo';

const skin = { diameterMm: 90, rimMm: 8, thicknessMm: 1.5 };

describe('forms', () => {
  it('a 90 mm half-moon with an 8 mm rim holds 24 ml, 12 to 17 comfortably: what hands find', () => {
    const fit = fitParcel({ form: 'half-moon', skin, dough: dough('noodle'), fillingG: 14, density: 1 });
    expect(fit.maxMl).toBeCloseTo(24.3, 1);
    expect(fit.comfortableMl[0]).toBeCloseTo(12.15, 1);
    expect(fit.comfortableMl[1]).toBeCloseTo(17, 1);
    expect(fit.state).toBe('good');
  });

  it('the half-moon’s closed form is its integral', () => {
    const [R, s] = [45, 8];
    const x0 = Math.sqrt(R * R - s * s);
    const steps = 20000;
    let integral = 0;
    for (let i = 0; i < steps; i++) {
      const x = -x0 + (2 * x0 * (i + 0.5)) / steps;
      integral += ((Math.sqrt(R * R - x * x) - s) ** 2 / Math.PI) * ((2 * x0) / steps);
    }
    expect(FORMS['half-moon'].maxMl(skin)).toBeCloseTo(integral / 1000, 3);
  });

  it('the purse is a ball of its gathered skin', () => {
    const r = 45 / (2 * Math.sqrt(1.3));
    expect(FORMS.purse.maxMl({ diameterMm: 110, rimMm: 10, thicknessMm: 3 })).toBeCloseTo(
      (4 / 3) * Math.PI * r ** 3 * 1e-3,
      6,
    );
  });

  it.each(FORM_IDS)('%s: states follow the share filled', (form) => {
    const { comfortable, tight } = FORMS[form];
    const max = FORMS[form].maxMl(skin);
    const state = (share: number) =>
      fitParcel({ form, skin, dough: dough('noodle'), fillingG: share * max, density: 1 }).state;
    expect(state(comfortable[0] - 0.02)).toBe('watch');
    expect(state((comfortable[0] + comfortable[1]) / 2)).toBe('good');
    expect(state((comfortable[1] + tight) / 2)).toBe('watch');
    expect(state(tight + 0.02)).toBe('fix');
  });

  it('holds more with a larger skin, less with a wider rim, and nothing once the rim is all', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FORM_IDS),
        fc.integer({ min: 50, max: 200 }),
        fc.integer({ min: 2, max: 20 }),
        (id, d, s) => {
          const max = (diameterMm: number, rimMm: number) => FORMS[id].maxMl({ diameterMm, rimMm, thicknessMm: 2 });
          expect(max(d + 5, s)).toBeGreaterThan(max(d, s));
          // A pan has no rim.
          if (id !== 'pan-pie') expect(max(d, s + 1)).toBeLessThan(max(d, s));
        },
      ),
    );
    expect(FORMS['half-moon'].maxMl({ ...skin, rimMm: 45 })).toBe(0);
    expect(FORMS.purse.maxMl({ ...skin, rimMm: 45 })).toBe(0);
  });

  it('a skin weighs its area times its thickness; a risen wrapper is thicker than a compact one', () => {
    const fit = (id: 'noodle' | 'steamed-bun') =>
      fitParcel({
        form: 'purse',
        skin: { diameterMm: 110, rimMm: 10, thicknessMm: 3 },
        dough: dough(id),
        fillingG: 28,
        density: 1.02,
      });
    expect(fit('noodle').wrapperG).toBeCloseTo((Math.PI * 55 ** 2 * 3 * 1180) / 1e6, 3);
    expect(fit('steamed-bun').body.wrapperMm).toBeGreaterThan(1.5 * fit('noodle').body.wrapperMm);
    expect(fit('noodle').halfThicknessMm).toBeCloseTo(fit('noodle').body.fillingMm + fit('noodle').body.wrapperMm, 9);
  });

  it('doughs are whole: fractions sum to 1, wrap-ready is a temperature with a reason', () => {
    for (const d of DOUGH_IDS.map(dough)) {
      expect(Object.values(d.composition).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      expect(d.wrapReadyC).toBeGreaterThanOrEqual(15);
      expect(d.wrapReadyC).toBeLessThanOrEqual(35);
      expect(d.wrapReadyWhy.length).toBeGreaterThan(10);
    }
  });
});

describe('balance and portion', () => {
  it('says what runs out first and what is left', () => {
    const base = { portionG: 28, count: 24, wrapperG: 34 };
    expect(balance({ ...base, fillingG: 672, doughG: null })).toMatchObject({
      fromFilling: 24,
      left: { of: 'nothing' },
    });
    const short = balance({ ...base, fillingG: 672, doughG: 680 });
    expect(short.fromDough).toBeCloseTo(20, 9);
    expect(short.left.of).toBe('filling');
    expect(short.left.grams).toBeCloseTo(4 * 28, 6);
    expect(balance({ ...base, fillingG: 300, doughG: 1000 }).left.of).toBe('dough');
    expect(balance({ ...base, fillingG: 600, doughG: null }).evenPortionG).toBe(25);
  });

  it('names the nearest spoon', () => {
    expect(portionSpoon(14).label).toBe('1 level tbsp');
    expect(portionSpoon(27.5).label).toBe('2 level tbsp');
    expect(portionSpoon(1000).label).toBe('1000 ml');
  });
});

describe('pocket and pan pie', () => {
  it('a pan pie holds its area times its depth, and is a slab for the heat', () => {
    const pan = { diameterMm: 280, rimMm: 0, thicknessMm: 2, depthMm: 45 };
    expect(FORMS['pan-pie'].maxMl(pan)).toBeCloseTo((Math.PI * 28 ** 2 * 4.5) / 4, 6);
    const fit = fitParcel({ form: 'pan-pie', skin: pan, dough: dough('thin-sheets'), fillingG: 1400, density: 1.02 });
    expect(fit).toMatchObject({ state: 'good', dimension: 1 });
    // Half the depth of the filling, and one face of sheets.
    expect(2 * fit.body.fillingMm).toBeCloseTo((1400 / 1.02 / (Math.PI * 14 ** 2)) * 10, 6);
    const deeper = fitParcel({
      form: 'pan-pie',
      skin: { ...pan, depthMm: 70 },
      dough: dough('thin-sheets'),
      fillingG: 1400,
      density: 1.02,
    });
    expect(deeper.wrapperG).toBeGreaterThan(fit.wrapperG);
  });

  it('a pocket holds what a half-moon of its size does, but lies flatter', () => {
    const large = { diameterMm: 160, rimMm: 12, thicknessMm: 3.5 };
    expect(FORMS.pocket.maxMl(large)).toBe(FORMS['half-moon'].maxMl(large));
    const [flat, round] = (['pocket', 'half-moon'] as const).map((form) =>
      fitParcel({ form, skin: large, dough: dough('short'), fillingG: 90, density: 1.02 }),
    );
    expect(flat.body.fillingMm).toBeLessThan(round.body.fillingMm);
    expect(flat.dimension).toBe(1.4);
  });

  it('a hand pie of 100 g bakes in twenty to thirty minutes, a pan pie of 45 mm in an hour to eighty minutes', () => {
    const minutes = (form: 'pocket' | 'pan-pie', to: Partial<Batch['wrap']>, mediumC: number) => {
      const [, , duck, haddock] = lanternSupper('2026-12-05T15:00:00Z');
      const batch = form === 'pocket' ? duck : haddock;
      const changed = { ...batch, wrap: { ...batch.wrap, ...to }, cook: { ...batch.cook, mediumC, startC: 10 } };
      return forecastHeat(changed, DEFAULT_KITCHEN, 'first').core?.minutes ?? NaN;
    };
    const hand = minutes('pocket', { diameterMm: 120, rimMm: 10, portionG: 50 }, 190);
    expect(hand).toBeGreaterThan(15);
    expect(hand).toBeLessThan(32);
    const pie = minutes('pan-pie', { depthMm: 60, portionG: 2650 }, 180);
    expect(pie).toBeGreaterThan(55);
    expect(pie).toBeLessThan(85);
  });

  it('changing the form takes the usual sizes along where they are of another kind', () => {
    expect(changeForm('purse', 'half-moon')).toEqual({ form: 'purse' });
    expect(changeForm('pan-pie', 'purse')).toMatchObject({ form: 'pan-pie', diameterMm: 280, depthMm: 45, rimMm: 0 });
    expect(changeForm('half-moon', 'pan-pie')).toMatchObject({ diameterMm: 90, depthMm: null });
    expect(changeForm('pan-pie', 'pan-pie')).toEqual({ form: 'pan-pie' });
  });

  it('what no spoon takes is said in millilitres', () => {
    expect(portionSpoon(1322).label).toBe('1320 ml');
    expect(portionSpoon(118).label).toBe('½ cup');
  });
});
