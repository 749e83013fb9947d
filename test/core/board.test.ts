/** Out even, laid out and divided: balance, layouts of rounds, logs, sheets, pans, scoops, weighings. */
import * as fc from 'fast-check';
import { type Weighed } from '@/core/stored/schema';
import { type SkinOf } from '@/core/forms/skins';
import { balance } from '@/core/wrapper/balance';
import { layRounds, nearestCutter, rerolled } from '@/core/wrapper/layout';
import { divide } from '@/core/wrapper/pieces';
import { swapPan } from '@/core/wrapper/pan-swap';
import { sheetsNeeded } from '@/core/wrapper/sheets';
import { portionSpoon } from '@/core/wrapper/spoon';
import { weighedParcel, weighing } from '@/core/wrapper/weighings';

describe('balance', () => {
  it('says what runs out first, what it makes and what is left', () => {
    const base = { portionG: 28, count: 24, skinG: 34 };
    expect(balance({ ...base, fillingG: 672, doughG: null })).toMatchObject({
      fromFilling: 24,
      makes: 24,
      left: { of: 'nothing' },
    });
    const short = balance({ ...base, fillingG: 672, doughG: 680 });
    expect(short.fromDough).toBeCloseTo(20, 9);
    expect(short.makes).toBe(20);
    expect(short.left.of).toBe('filling');
    expect(short.left.grams).toBeCloseTo(4 * 28, 6);
    expect(short.doughNeededG).toBe(24 * 34);
    expect(balance({ ...base, fillingG: 300, doughG: 1000 }).left.of).toBe('dough');
    expect(balance({ ...base, fillingG: 600, doughG: null }).evenPortionG).toBe(25);
  });
  it('never makes more than is planned, and what is left is what was there less what was used', () => {
    const amount = fc.double({ min: 1, max: 3000, noNaN: true });
    fc.assert(
      fc.property(
        amount,
        amount,
        fc.double({ min: 3, max: 80, noNaN: true }),
        fc.double({ min: 3, max: 80, noNaN: true }),
        fc.integer({ min: 1, max: 200 }),
        (fillingG, doughG, portionG, skinG, count) => {
          const b = balance({ fillingG, doughG, portionG, skinG, count });
          expect(b.makes).toBeLessThanOrEqual(count);
          expect(b.makes * portionG).toBeLessThanOrEqual(fillingG + 1e-6);
          expect(b.makes * skinG).toBeLessThanOrEqual(doughG + 1e-6);
          if (b.left.of === 'filling') expect(b.left.grams).toBeCloseTo(fillingG - b.makes * portionG, 6);
          if (b.left.of === 'dough') expect(b.left.grams).toBeCloseTo(doughG - b.makes * skinG, 6);
          // Shared out, the filling is gone.
          expect(balance({ fillingG, doughG: null, portionG: b.evenPortionG, skinG, count })).toMatchObject({
            makes: count,
            left: { of: 'nothing' },
          });
        },
      ),
    );
  });
});

describe('rounds from a sheet', () => {
  it('twelve of 90 from 300 by 400, thirteen where a hexagonal layout takes one more', () => {
    expect(layRounds({ widthMm: 300, lengthMm: 400 }, 90)).toMatchObject({ kind: 'square', count: 12 });
    expect(layRounds({ widthMm: 300, lengthMm: 300 }, 100).count).toBe(9);
    const hexagonal = layRounds({ widthMm: 420, lengthMm: 300 }, 66);
    expect(hexagonal.kind).toBe('hexagonal');
    expect(layRounds({ widthMm: 80, lengthMm: 400 }, 90)).toMatchObject({ count: 0, usedShare: 0, trimmingsShare: 1 });
  });
  it('never overlap, stay on the sheet, and never lose to the plain grid', () => {
    const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(mm(60, 800), mm(60, 800), mm(25, 200), mm(0, 12), (widthMm, lengthMm, d, gap) => {
        const { centres, count, usedShare, trimmingsShare } = layRounds({ widthMm, lengthMm }, d, gap);
        expect(centres).toHaveLength(count);
        // One comparison for all of them: there may be hundreds.
        let nearest = Infinity;
        let edge = Infinity;
        centres.forEach(([x, y], i) => {
          edge = Math.min(edge, x, y, widthMm - x, lengthMm - y);
          for (let j = 0; j < i; j++) nearest = Math.min(nearest, Math.hypot(x - centres[j][0], y - centres[j][1]));
        });
        expect(edge).toBeGreaterThanOrEqual(d / 2 - 1e-6);
        expect(nearest).toBeGreaterThanOrEqual(d + gap - 1e-6);
        const along = (length: number) => (length < d ? 0 : 1 + Math.floor((length - d) / (d + gap)));
        expect(count).toBeGreaterThanOrEqual(along(widthMm) * along(lengthMm));
        expect(usedShare + trimmingsShare).toBeCloseTo(1, 9);
        expect(usedShare).toBeLessThan(0.9069 + 1e-6);
      }),
      { numRuns: 60 },
    );
  });
  it('trimmings rolled once more, and the cutter one has', () => {
    expect(rerolled({ count: 12, trimmingsShare: 0.36 })).toBe(4);
    expect(nearestCutter([60, 85, 110], 90)).toBe(85);
    expect(nearestCutter([], 90)).toBeNull();
  });
});

describe('dividing a dough', () => {
  it('24 pieces of 34 g: two logs, twelve pieces each, marks every 30 mm; halved three times and cut in three', () => {
    const pieces = divide(24, 34, 1180);
    expect(pieces).toMatchObject({ logs: 2, perLog: 12, thickMm: 35, halvings: 3, then: 3 });
    expect(pieces.marksMm).toHaveLength(11);
    expect(pieces.marksMm[0]).toBeCloseTo(30, 0);
    expect(pieces.ballMm).toBeCloseTo(38, 0);
  });
  it('the logs weigh what the pieces do', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), fc.double({ min: 6, max: 150, noNaN: true }), (count, pieceG) => {
        const { logs, perLog, logMm, thickMm } = divide(count, pieceG, 1180);
        const mass = ((Math.PI * thickMm ** 2) / 4) * logMm * 1180e-6;
        expect(mass).toBeCloseTo(perLog * pieceG, 4);
        expect(logs * perLog).toBeGreaterThanOrEqual(count);
        expect((logs - 1) * perLog).toBeLessThan(count);
      }),
    );
  });
});

describe('sheets and pans', () => {
  const pan: SkinOf<'pan'> = { shape: 'pan', diameterMm: 280, depthMm: 45, sheetsBelow: 4, sheetsAbove: 3 };
  it('sheets are counted by their own size', () => {
    expect(sheetsNeeded(pan, { lengthMm: 400, widthMm: 400 })).toEqual({ below: 4, above: 3, total: 7 });
    // Too narrow for floor and walls: two side by side below, one still covers.
    expect(sheetsNeeded(pan, { lengthMm: 400, widthMm: 300 })).toEqual({ below: 8, above: 3, total: 11 });
  });
  it('another pan at the same depth takes as much more as it is larger; or the same filling lies deeper', () => {
    const tin = { ...pan, shape: 'tin' as const, lengthMm: 300, widthMm: 200 };
    const area = Math.PI * 140 ** 2;
    const same = swapPan(pan, tin, 1400, 1372, 'depth');
    expect(same.factor).toBeCloseTo(60_000 / area, 9);
    expect(same.toMm).toBeCloseTo(same.fromMm, 9);
    const deeper = swapPan(pan, tin, 1400, 1372, 'filling');
    expect(deeper).toMatchObject({ factor: 1, portionG: 1400 });
    expect(deeper.toMm).toBeCloseTo((1372 * 1000) / 60_000, 9);
    expect(deeper.slower).toBeCloseTo((deeper.toMm / deeper.fromMm) ** 2, 9);
    expect(same.slower).toBeCloseTo(1, 9);
  });
});

describe('on the spoon', () => {
  it('names the nearest spoon, and one’s own scoop where that is nearer', () => {
    expect(portionSpoon(14).label).toBe('1 level tbsp');
    expect(portionSpoon(27.5).label).toBe('2 level tbsp');
    expect(portionSpoon(27.5, [27]).label).toBe('your 27 ml scoop');
    expect(portionSpoon(14, [27]).label).toBe('1 level tbsp');
    expect(portionSpoon(1000).label).toBe('1000 ml');
    expect(portionSpoon(1322).label).toBe('1320 ml');
    expect(portionSpoon(118).label).toBe('½ cup');
  });
});

describe('the first three', () => {
  const weigh = (what: Weighed['what'], ...grams: number[]): Weighed[] =>
    grams.map((g, i) => ({ at: `2026-12-05T10:0${i}:00Z`, what, grams: g }));
  it('their mean and how far they differ', () => {
    expect(weighing(weigh('filling', 30, 33, 27), 'filling')).toEqual({
      what: 'filling',
      count: 3,
      meanG: 30,
      spreadPercent: 10,
    });
    expect(weighing(weigh('filling', 30, 33), 'filling')?.spreadPercent).toBeNull();
    expect(weighing([], 'skin')).toBeNull();
  });
  it('what one holds and is wrapped in, by what was weighed', () => {
    const planned = { portionG: 28, skinG: 34 };
    expect(weighedParcel([], planned)).toBeNull();
    expect(weighedParcel([...weigh('filling', 30), ...weigh('skin', 36)], planned)).toEqual({
      portionG: 30,
      skinG: 36,
    });
    expect(weighedParcel([...weigh('parcel', 68), ...weigh('skin', 36)], planned)).toEqual({ portionG: 32, skinG: 36 });
    expect(weighedParcel([...weigh('parcel', 68), ...weigh('filling', 30)], planned)).toEqual({
      portionG: 30,
      skinG: 38,
    });
    const both = weighedParcel(weigh('parcel', 31), planned);
    expect(both?.portionG).toBeCloseTo(14, 9);
    expect(both?.skinG).toBeCloseTo(17, 9);
  });
});
