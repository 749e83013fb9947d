/** Files kept as the version before wrote them: they open unchanged in meaning. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/checks/heat';
import { DEFAULT_KITCHEN } from '@/core/document/kitchen';
import { readBatch, readKitchen } from '@/core/document/read';
import { type Batch } from '@/core/document/schema';
import { resolveLines } from '@/core/filling/lines';

type Json = Record<string, unknown>;
const stored = (name: string): Json =>
  JSON.parse(readFileSync(path.join(__dirname, `../stored/version-4/${name}.json`), 'utf8')) as Json;
const opened = (name: string): Batch => {
  const read = readBatch(stored(name));
  if (!read.ok) throw new Error(read.problems.join());
  return read.value;
};

describe('version 4', () => {
  it.each(['turkey', 'pumpkin', 'duck-cooling', 'haddock', 'own-ingredients'])('%s: nothing is lost', (name) => {
    const { version: _then, ingredients: _own, ...old } = stored(name);
    const { version, ingredients: _traits, ...now } = opened(name);
    expect(now).toEqual(old);
    expect(version).toBe(5);
  });

  it.each([
    ['duck-cooling', 'good'],
    ['own-ingredients', null],
    ['haddock', 'watch'],
    ['pumpkin', 'good'],
  ])('%s is judged, everything in it known', (name, moisture) => {
    const batch = opened(name);
    const { checks, unknown, findings } = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
    expect(unknown).toEqual([]);
    expect(findings.filter(({ text }) => text.includes('is no preparation'))).toEqual([]);
    if (moisture !== null) expect(checks.moisture.state).toBe(moisture);
  });

  it('what followed the table of herbs is tender, and lets go of as much as it did', () => {
    const batch = opened('own-ingredients');
    const [cress, curd] = batch.ingredients;
    expect(cress).toMatchObject({ release: 'moist', isTender: true, isStrong: false, isLeavener: false, dose: null });
    expect(curd).toMatchObject({ release: 'firm', isTender: false });
    const lines = resolveLines(batch, DEFAULT_KITCHEN);
    // 8 and 3 g from 100 g, as the tables of version 4 had it.
    expect(lines.find((l) => l.line.id === 'cress')?.releaseG).toBeCloseTo(60 * 0.08, 6);
    expect(lines.find((l) => l.line.id === 'smoked')?.releaseG).toBeCloseTo(60 * 0.03, 6);
    const { heat } = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
    expect(heat?.cooling?.constraints.map((c) => c.because).join()).toContain('Garden cress loses its scent');
  });

  it('the kitchen keeps its settings, and its own ingredients gain their traits', () => {
    const read = readKitchen(stored('kitchen'));
    expect(read).toMatchObject({
      ok: true,
      value: {
        altitudeM: 600,
        saltTargetPercent: 1.05,
        tastings: 2,
        ingredients: [
          { id: 'own-garden-cress', isTender: true },
          { id: 'own-smoked-curd', release: 'firm' },
        ],
      },
    });
  });
});
