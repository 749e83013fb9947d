import { measure } from '../core/readings';
import { lasting } from '@/core/stored/cooking';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { SALT_KIND_IDS } from '@/core/vocabulary/salt-kinds';
import { proposals, type TriedOut } from '@/core/checks/assess';
import { lanternSupper } from '@/data/demo';
import { heatVersion } from '@/data/heat-version';
import { forecastHeat, propose } from '@/workers/forecasts';

const AT = '2026-12-05T15:00:00Z';
const [turkey, , duck] = lanternSupper(AT);
const version = (batch: Batch, kitchen = DEFAULT_KITCHEN) => heatVersion(batch, kitchen);
const changed = (batch: Batch, ...changes: Operation[]): Batch => changes.reduce(apply, batch);
const again = (batch: Batch): Batch => JSON.parse(JSON.stringify(batch)) as Batch;

describe('what heat depends on', () => {
  it('is a short name, the same for the same batch read again, after words or a core reading', () => {
    const now = version(turkey);
    expect(now.length).toBeLessThan(12);
    for (const same of [
      again(turkey),
      changed(turkey, { do: 'setNote', to: { words: 'quick' } }),
      changed(turkey, { do: 'setBatch', to: { title: 'Otherwise called' } }),
      measure(turkey, AT, 70),
      changed(turkey, { do: 'changeLine', id: turkey.lines[0].id, to: { ticked: true, note: 'weighed' } }),
      { ...turkey, revision: 99, writer: 'another tab' },
    ])
      expect(version(same)).toBe(now);
  });

  it('is another after what changes the heat, the start of a clock included, and as before when it is taken back', () => {
    const now = version(duck);
    const others: Batch[] = [
      changed(duck, { do: 'startCooling', at: AT }),
      changed(duck, { do: 'setCool', to: { depthMm: 21 } }),
      changed(duck, { do: 'setCook', to: { steps: lasting(duck.cook.steps, 3) } }),
      changed(duck, { do: 'removeLine', id: duck.lines[0].id }),
    ];
    expect(new Set([now, ...others.map((b) => version(b))]).size).toBe(others.length + 1);
    expect(version(duck, { ...DEFAULT_KITCHEN, roomC: 30 })).not.toBe(now);
    // A cup of another size, or a spoon of another salt, is another filling.
    expect(version(duck, { ...DEFAULT_KITCHEN, cupMl: DEFAULT_KITCHEN.cupMl === 250 ? 240 : 250 })).not.toBe(now);
    for (const saltKind of SALT_KIND_IDS.filter((id) => id !== DEFAULT_KITCHEN.saltKind))
      expect(version(duck, { ...DEFAULT_KITCHEN, saltKind })).not.toBe(now);
    // The least-done of thirty is another than that of twelve.
    expect(version(changed(duck, { do: 'setBatch', to: { count: 30 } }))).not.toBe(now);
    expect(version(again(duck))).toBe(now);
  });
});

describe('the worker', () => {
  it('goes on from "first": the alternatives are worked out, the rest is not worked out again', () => {
    const first = forecastHeat('a', duck, DEFAULT_KITCHEN, 'first', 0);
    const all = forecastHeat('a', duck, DEFAULT_KITCHEN, 'all', 0);
    expect(all.core?.samples).toBe(first.core?.samples);
    expect(first.core?.spread).toBeNull();
    expect(all.core?.spread?.allDoneMinutes).toBeGreaterThan(0);
    expect(all.cooling?.samples).toBe(first.cooling?.samples);
    expect(all.cooling?.alternatives.length).toBeGreaterThan(5);
    expect(forecastHeat('a', duck, DEFAULT_KITCHEN, 'all', 0)).toBe(all);
    const later = forecastHeat('a', duck, DEFAULT_KITCHEN, 'all', 3);
    expect(later).not.toBe(all);
    // The spread of the parcels has nothing to do with the cooling clock.
    expect(later.core).toBe(all.core);
  });

  it('finds out once what a fix does: a core reading asks for no forecast, another filling does', () => {
    const triedOut: TriedOut = new Map();
    const heat = forecastHeat('t', duck, DEFAULT_KITCHEN, 'all', 0);
    const before = proposals(duck, DEFAULT_KITCHEN, heat, triedOut);
    const tried = [...triedOut.keys()].sort();
    expect(tried.length).toBeGreaterThan(0);
    const read = measure(duck, AT, 70);
    expect(proposals(read, DEFAULT_KITCHEN, heat, triedOut).cooling).toEqual(before.cooling);
    expect([...triedOut.keys()].sort()).toEqual(expect.arrayContaining(tried));
    const ofCooling = before.cooling.length;
    expect(triedOut.size - tried.length).toBeLessThan(ofCooling);
    const size = triedOut.size;
    proposals({ ...duck, count: duck.count + 1 }, DEFAULT_KITCHEN, heat, triedOut);
    expect(triedOut.size).toBeGreaterThan(size);
  });

  it('proposes what the command line finds', () => {
    expect(propose('a', duck, DEFAULT_KITCHEN, 0).cooling.length).toBeGreaterThan(0);
  });

  it('keeps a few forecasts and lets the oldest go', () => {
    const kept = forecastHeat('kept', turkey, DEFAULT_KITCHEN, 'first', 0);
    for (let i = 0; i < 5; i++) forecastHeat(`other-${i}`, turkey, DEFAULT_KITCHEN, 'first', 0);
    expect(forecastHeat('kept', turkey, DEFAULT_KITCHEN, 'first', 0)).toBe(kept);
    for (let i = 0; i < 6; i++) forecastHeat(`more-${i}`, turkey, DEFAULT_KITCHEN, 'first', 0);
    expect(forecastHeat('kept', turkey, DEFAULT_KITCHEN, 'first', 0)).not.toBe(kept);
  });
});
