/** Tables of a food are made once for what it is made of, however often a forecast asks for them anew. */
import { foodMaterialOf } from '@/core/heat/material';

const filling = { water: 0.7, protein: 0.16, fat: 0.08, carbohydrate: 0.04, fibre: 0.01, ash: 0.01 };

it('the same composition taken the same way has the same tables; another composition, density or conductivity its own', () => {
  const tables = foodMaterialOf(filling);
  expect(foodMaterialOf({ ...filling })).toBe(tables);
  const drier = foodMaterialOf({ ...filling, water: 0.6, carbohydrate: 0.14 });
  const risen = foodMaterialOf(filling, { density: 400 });
  const airy = foodMaterialOf(filling, { density: 400, conductivityFactor: 0.5 });
  expect(new Set([tables, drier, risen, airy]).size).toBe(4);
  expect(drier.k(20)).toBeLessThan(tables.k(20));
  expect(risen.enthalpy(60) / tables.enthalpy(60)).toBeCloseTo(400 / 1055, 1);
  expect(airy.k(20)).toBeCloseTo(risen.k(20) / 2, 6);
});

it('of very many those made first are made anew when they are asked for, and are the same', () => {
  const before = foodMaterialOf(filling);
  for (let i = 1; i <= 100; i++) foodMaterialOf({ ...filling, water: 0.7 - i / 1000, ash: 0.01 + i / 1000 });
  const again = foodMaterialOf(filling);
  expect(again).not.toBe(before);
  for (const c of [-20, 0, 4, 60, 100]) {
    expect(again.k(c)).toBe(before.k(c));
    expect(again.enthalpy(c)).toBe(before.enthalpy(c));
  }
});
