/** The mat: real millimetres, whatever the form. */
import { matOf, matSvg } from '@/core/print/mat';
import { FORM_IDS, FORMS } from '@/core/forms';
import { divide } from '@/core/wrapper/pieces';

const filled = { body: { dimension: 2, fillingMm: 8, wrapperMm: 2 }, fillMl: 20, maxMl: 30, hasMouth: false };

it.each(FORM_IDS)('%s: every piece lies on the paper, none over another, with a ruler of 50 mm', (form) => {
  const flats = FORMS[form].flat(filled, FORMS[form].usual);
  const mat = matOf(flats, 'mm', divide(24, 34, 1180));
  let below = 0;
  mat.pieces.slice(0, flats.length).forEach((piece, i) => {
    const { widthMm, heightMm } = flats[i];
    expect(piece.x - widthMm / 2).toBeGreaterThanOrEqual(0);
    expect(piece.x + widthMm / 2).toBeLessThanOrEqual(mat.widthMm);
    expect(piece.y - heightMm / 2).toBeGreaterThanOrEqual(below);
    below = piece.y + heightMm / 2;
    expect(below).toBeLessThan(mat.heightMm);
  });
  const [, from, to] = /^M ([\d.]+) [\d.]+ L ([\d.]+)/.exec(mat.ruler) ?? [];
  expect(Number(to) - Number(from)).toBeCloseTo(50, 9);
  // The log's marks are as far apart as its pieces are long.
  const log = mat.pieces[flats.length].lines.find(({ kind }) => kind === 'ticks')?.path ?? '';
  const xs = [...log.matchAll(/M (-?[\d.]+)/g)].map(([, x]) => Number(x));
  expect(xs[1] - xs[0]).toBeCloseTo(divide(24, 34, 1180).marksMm[0], 1);
});

it('in inches its ruler is two of them, and its pieces are in inches; what is drawn is as large', () => {
  const flats = FORMS.purse.flat(filled, FORMS.purse.usual);
  const [mm, inches] = [matOf(flats, 'mm'), matOf(flats, 'in')];
  const [, from, to] = /^M ([\d.]+) [\d.]+ L ([\d.]+)/.exec(inches.ruler) ?? [];
  expect(Number(to) - Number(from)).toBeCloseTo(50.8, 9);
  expect(inches.rulerWords.text).toBe('2 in: check it');
  expect(inches.pieces[0].words).toMatch(/, 4⅜\sin/);
  expect(inches.pieces[0].lines).toEqual(mm.pieces[0].lines);
});

it('its file is SVG in millimetres, with words that cannot break it', () => {
  const [piece] = FORMS.purse.flat(filled, FORMS.purse.usual);
  const svg = matSvg(matOf([{ ...piece, label: 'skin <b> & co' }], 'mm'));
  expect(svg).toMatch(
    /^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" width="122\.00mm" height="[\d.]+mm" viewBox="0 0 122\.00 /,
  );
  expect(svg).toContain('skin &lt;b> &amp; co, 110 mm');
});
