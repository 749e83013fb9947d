import * as fc from 'fast-check';
import { balance } from '@/core/wrapper/balance';
import { dough, DOUGHS } from '@/core/wrapper/doughs';
import { fitParcel } from '@/core/wrapper/fit';
import { FORM_IDS, FORMS } from '@/core/wrapper/forms';
import { portionSpoon } from '@/core/wrapper/spoon';

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
    for (const d of DOUGHS) {
      expect(Object.values(d.composition).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      expect(d.wrapReadyC).toBeGreaterThanOrEqual(15);
      expect(d.wrapReadyC).toBeLessThanOrEqual(30);
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
    expect(portionSpoon(1000).label).toBe('½ cup');
  });
});
