/** Each form's body against heat on a grid in three dimensions: as quick, within what a kitchen notices. */
import { FORMS, type FormId } from '@/core/forms';
import { type Laid } from '@/core/forms/skins';
import { forecastHeat } from '@/core/forecast/heat';
import { cook, steppedPlan } from '@/core/heat/cook';
import { constantMaterial } from '@/core/heat/material';
import { crossing } from '@/core/heat/states';
import { heatInSteps } from '@/core/heat/stepped';
import { walled } from '@/core/heat/walled';
import { batchInWords, type FillingInWords } from '@/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { step } from '@/core/vocabulary/media/step';
import { solidOf } from '../grid/filling-solid';
import { minutesOnGrid } from '../grid/heat-on-grid';
import { disc, dome, rod } from '../grid/solid';

const FILLING = { k: 0.48, density: 1040, heatCapacity: 3500 };
const DOUGH = { k: 0.4, density: 1180, heatCapacity: 2800 };
const STEAM = { mediumC: 100, h: 300 };
const WATER = { mediumC: 100, h: 1000 };
const OVEN = { mediumC: 200, h: 25 };
const OIL = { mediumC: 175, h: 350 };
const FROM_C = 5;
const TO_C = 74;
/** Later than on the grid by at most 8 %, sooner by at most 4 %. */
const LATER = 0.08;
const SOONER = 0.04;

const byBody = (dimension: number, fillingMm: number, wrapperMm: number, outer: typeof STEAM): number =>
  cook({
    dimension,
    layers: [
      { thicknessMm: fillingMm, ...FILLING },
      { thicknessMm: wrapperMm, ...DOUGH },
    ],
    startC: FROM_C,
    steps: [{ minutes: 240, faces: { outer } }],
    target: { centreC: TO_C },
  }).minutes ?? Infinity;

const onGrid = (shape: Parameters<typeof minutesOnGrid>[0]['shape'], wrapperMm: number, met: typeof STEAM): number =>
  minutesOnGrid({ shape, wrapperMm, filling: FILLING, wrapper: DOUGH, startC: FROM_C, targetC: TO_C, ...met }, 8);

it.each([
  ['a ball', 3, dome(12, 1), 12],
  ['a long rod', 2, rod(10, 40, true), 10],
])('the grid itself is right: %s, in hot water and in hot air', (_what, dimension, shape, mm) => {
  for (const met of [WATER, OVEN]) {
    const ratio = onGrid(shape, 2, met) / byBody(dimension, mm, 2, met);
    expect(ratio).toBeGreaterThan(0.975);
    expect(ratio).toBeLessThan(1.025);
  }
});

const round = (diameterMm: number, rimMm: number, thicknessMm: number): Laid => ({
  skin: { shape: 'round', diameterMm },
  rimMm,
  thicknessMm,
});
const square = (sideMm: number, rimMm: number, thicknessMm: number): Laid => ({
  skin: { shape: 'square', sideMm },
  rimMm,
  thicknessMm,
});

/** Skins as they are usual, and small or large ones; in what they are cooked; by how much they have risen. */
const MADE: [form: FormId, laid: Laid, met: typeof STEAM, risen?: number][] = [
  ['half-moon', round(90, 8, 1.5), WATER],
  ['half-moon', round(130, 10, 3), OVEN],
  ['half-moon', round(100, 10, 4), OVEN, 2],
  ['pocket', round(160, 12, 3.5), OVEN],
  ['pocket', { skin: { shape: 'oval', lengthMm: 180, widthMm: 130 }, rimMm: 10, thicknessMm: 3 }, OVEN],
  ['triangle', square(90, 7, 1.2), WATER],
  ['triangle', square(120, 8, 2), OVEN],
  ['purse', round(110, 10, 3), STEAM],
  ['purse', round(110, 10, 4), STEAM, 2.5],
  ['purse', round(85, 8, 1), STEAM],
  ['envelope', square(90, 7, 1.5), STEAM],
  ['envelope', square(130, 8, 3), OVEN],
  ['envelope', square(110, 8, 4), OVEN, 2],
  ['three-corners', round(110, 7, 3), OVEN, 1.6],
  ['three-corners', round(80, 6, 3), OVEN],
  ['three-corners', round(90, 6, 1.5), STEAM],
  ['closed-square', square(110, 7, 3.5), OVEN, 1.8],
  ['closed-square', square(90, 7, 1.5), STEAM],
  ['closed-square', square(120, 8, 1.5), WATER],
  ['pillow', square(60, 7, 1.2), WATER],
  ['double-round', round(100, 10, 3), OVEN],
  ['double-round', round(70, 8, 1.2), WATER],
  ['wound-roll', square(190, 0, 0.6), OIL],
  ['wound-roll', square(120, 0, 0.5), OIL],
  ['flag-triangle', { skin: { shape: 'strip', lengthMm: 300, widthMm: 80 }, rimMm: 0, thicknessMm: 0.5 }, OVEN],
  ['flat-round', round(180, 8, 2), OVEN],
  ['roll', { skin: { shape: 'strip', lengthMm: 60, widthMm: 110 }, rimMm: 12, thicknessMm: 3 }, OVEN],
  ['roll', { skin: { shape: 'strip', lengthMm: 30, widthMm: 100 }, rimMm: 10, thicknessMm: 2 }, OVEN],
];

it.each(MADE)('%s, nearly empty to full, is as quick as on the grid', (form, laid, met, risen = 1) => {
  const { maxMl, comfortable, tight, skinArea, body } = FORMS[form];
  for (const share of [comfortable[0] * 0.7, comfortable[1], Math.min(1, tight)]) {
    const fillMl = share * maxMl(laid);
    const wrapperMl = (risen * skinArea(laid, fillMl) * laid.thicknessMm) / 1000;
    const { dimension, fillingMm, wrapperMm } = body(laid, fillMl, wrapperMl);
    const grid = onGrid(solidOf(form, laid, fillMl, fillingMm), wrapperMm, met);
    const off = byBody(dimension, fillingMm, wrapperMm, met) / grid - 1;
    expect({ form, share, grid, off, isSooner: off < -SOONER, isLater: off > LATER }).toMatchObject({
      isSooner: false,
      isLater: false,
    });
  }
});

it.each([
  [50, 18],
  [90, 20],
  [140, 19],
])('a pan pie of radius %s mm, its wall counted, is as quick as on the grid', (radiusMm, halfMm) => {
  const layers = [
    { thicknessMm: halfMm, ...FILLING },
    { thicknessMm: 3, ...DOUGH },
  ];
  const steps = [{ minutes: 180, faces: { outer: OVEN } }];
  const plan = steppedPlan({ dimension: 1, layers, startC: FROM_C, steps });
  const { k, density, heatCapacity } = FILLING;
  const states = walled(heatInSteps(plan), {
    radius: (radiusMm + 3) / 1000,
    material: constantMaterial(k, density, heatCapacity),
    boilingC: 100,
    steps: [{ minutes: 180, ...OVEN, heats: true }],
  });
  const off = (crossing(states, 'centreC', TO_C, 'up') ?? Infinity) / onGrid(disc(radiusMm, halfMm), 3, OVEN) - 1;
  expect(off).toBeGreaterThan(-SOONER);
  expect(off).toBeLessThan(LATER);
});

it('38 g of raw lamb in a full envelope is hot after nine to twelve minutes in the steam', () => {
  const words: FillingInWords = {
    title: 'Envelopes',
    form: 'envelope',
    school: 'raw',
    count: 16,
    lines: ['500 g lamb mince', '200 g onion, finely diced', '8 g salt'],
    dough: 'noodle',
    wrap: { portionG: 38 },
  };
  const { batch } = batchInWords(words, { id: 'known', at: '2026-12-05T15:00:00Z' });
  const planned = apply(batch, { do: 'setCook', to: { method: 'steam', startC: 6, steps: [step('steam', null, 12)] } });
  const minutes = forecastHeat(planned, DEFAULT_KITCHEN, 'first').core?.minutes;
  expect(minutes).toBeGreaterThan(9);
  expect(minutes).toBeLessThan(12);
});
