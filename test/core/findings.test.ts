import { lanternSupper } from '@/data/demo';
import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { BINDERS } from '@/core/filling/binders';
import { compareBinders } from '@/core/filling/compare-binders';
import { doseFindings } from '@/core/filling/doses';
import { scaling } from '@/core/filling/scaling';
import { chooseBinder } from '@/core/filling/choose-binder';
import { stageFindings } from '@/core/filling/stage-rules';
import { LINE, type Line, resolved } from './make-lines';

const AT = '2026-12-05T15:00:00Z';
const [turkey, pumpkin] = lanternSupper(AT);
const quick = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, null);
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
const add = (line: Line): Operation => ({ do: 'addLine', line });

describe('doses', () => {
  const about = (lines: Line[], finishedG = 600) => doseFindings(resolved(lines), finishedG);

  it('asks after two tablespoons of allspice, and teaspoons mend it', () => {
    const [finding, ...rest] = about([LINE('allspice', 0.5, 'raw', 'raw-mix', 'tbsp')]);
    expect(rest).toEqual([]);
    expect(finding.text).toMatch(/far above the usual: 5 g per kg; usual is 0\.5 to 3.*Teaspoons\?/);
    expect(finding.fix?.change).toEqual([{ do: 'changeLine', id: 'allspice', to: { unit: 'tsp' } }]);
    expect(about([LINE('allspice', 0.5, 'raw', 'raw-mix', 'tsp')])).toEqual([]);
    // Two tablespoons are beyond what a slip of the spoon explains.
    expect(about([LINE('allspice', 2, 'raw', 'raw-mix', 'tbsp')])[0].fix).toBeNull();
  });

  it('says what will hardly be tasted, and lets sweet fillings be sweet', () => {
    expect(about([LINE('parsley', 1)])[0].text).toContain('hardly be tasted');
    expect(about([LINE('sugar', 40), LINE('pork-mince', 460)])).toHaveLength(1);
    // A sweet one is sweet, fruit or not; and a pinch is meant as one.
    expect(about([LINE('sugar', 60), LINE('curd-cheese', 300)])).toEqual([]);
    expect(about([LINE('sugar', 0.4), LINE('pork-mince', 460)])).toEqual([]);
    expect(about([LINE('sugar', 40), LINE('apple', 500)])).toEqual([]);
    expect(about([LINE('allspice', 50)], 0)).toEqual([]);
  });
});

describe('stages', () => {
  const about = (...lines: Line[]) => stageFindings(resolved(lines), 'C');
  it.each([
    [LINE('egg', 50, 'raw', 'off-heat'), /sets in lumps/, 'when-cool'],
    [LINE('prawns', 200, 'raw', 'off-heat'), /bacteria grow/, 'raw-mix'],
    [LINE('dill', 20, 'raw', 'simmer'), /loses its scent/, 'when-cool'],
    [LINE('brined-cheese', 100, 'raw', 'off-heat'), /melts into the filling/, 'when-cool'],
  ] as const)('%j', (line, why, to) => {
    const [finding] = about(line);
    expect(finding.text).toMatch(why);
    expect(finding.fix?.change).toEqual([{ do: 'changeLine', id: line.id, to: { stage: to } }]);
  });

  it('starch into boiling liquid is a lump unless it is slaked; the fix says so in the note', () => {
    const [finding] = about(LINE('cornflour', 10, 'raw', 'simmer'));
    expect(finding.text).toContain('lumps');
    expect(about({ ...LINE('cornflour', 10, 'raw', 'simmer'), note: 'slaked with cold water' })).toEqual([]);
    const batch = changed(pumpkin, add(LINE('cornflour', 10, 'raw', 'simmer')));
    const mended = changed(batch, ...(quick(batch).findings.find((f) => f.lineId === 'cornflour')?.fix?.change ?? []));
    expect(quick(mended).findings.filter((f) => f.lineId === 'cornflour')).toEqual([]);
  });

  it('says nothing of what is where it belongs', () => {
    expect(
      about(LINE('egg', 50, 'raw', 'when-cool'), LINE('dill', 20, 'raw', 'when-cool'), LINE('turkey-thigh-mince', 400)),
    ).toEqual([]);
    for (const batch of [turkey, pumpkin]) expect(quick(batch).findings).toEqual([]);
  });
});

describe('binders side by side', () => {
  it('each dose brings the filling to the aim, and together they count together', () => {
    const wet = changed(turkey, add(LINE('courgette', 600)));
    const { ledger, binders, moisture } = quick(wet);
    // Six tenths of what a steamed bun takes, and of the jelly that is meant to run.
    const AIM = 0.6 * moisture.heat.band[1];
    expect(binders.length).toBeGreaterThanOrEqual(5);
    expect(binders.map((option) => option.id)).not.toContain('gelatine');
    for (const option of binders) {
      const then = quick(changed(wet, ...chooseBinder(wet, option, true))).ledger.freePer100;
      // Half a gram of a strong starch is worth up to a gram and a half of liquid in 100 g.
      expect(Math.abs(then - AIM)).toBeLessThan(1);
    }
    const halves = binders
      .slice(0, 2)
      .map(({ id, parts: [{ ingredientId, grams }] }) => add({ ...LINE(ingredientId, grams / 2), id }));
    expect(Math.abs(quick(changed(wet, ...halves)).ledger.freePer100 - AIM)).toBeLessThan(1);
    expect(ledger.heldByBinders).toBe(0);
  });

  it('offers none where nothing is to be bound, nor what would be half the filling', () => {
    expect(compareBinders({ free: 10, finishedG: 700 }, 4)).toEqual([]);
    expect(quick(pumpkin).binders).toEqual([]);
    const soup = compareBinders({ free: 300, finishedG: 700 }, 4).map((option) => option.id);
    expect(soup).toContain('cornflour');
    expect(soup).not.toContain('mashed-potato');
    expect(BINDERS.length).toBeGreaterThanOrEqual(15);
  });

  it('too much binder is a finding too', () => {
    const pasty = quick(changed(pumpkin, add(LINE('cornflour', 30, 'raw', 'simmer')))).checks.moisture;
    expect(pasty).toMatchObject({ state: 'watch', headline: 'Moisture: pasty' });
    expect(pasty.value).toBeGreaterThan(2.2);
    expect(pasty.unit).toBe('times');
    expect(pasty.fixes.map((fix) => fix.label)).toEqual([expect.stringMatching(/^Only [\d.]+ g of the cornflour/)]);
    // Egg sets and is never paste; a little starch among raw meat makes it springy.
    expect(quick(changed(pumpkin, add(LINE('egg', 200, 'raw', 'when-cool')))).checks.moisture.state).toBe('good');
    expect(quick(changed(turkey, add(LINE('cornflour', 15)))).checks.moisture.state).toBe('good');
  });

  it('lean meat under dry crumbs is dry: less of them first, or stock worked in', () => {
    const dry = changed(turkey, { do: 'removeLine', id: 'celeriac' }, add(LINE('breadcrumbs-dry', 140)));
    const { moisture } = quick(dry).checks;
    expect(moisture).toMatchObject({ state: 'fix', headline: 'Moisture: dry', unit: 'g per 100 g' });
    expect(moisture.value).toBeGreaterThan(8);
    expect(moisture.fixes[0].label).toMatch(/^Only \d+ g of the dry breadcrumbs/);
    // So is a meatless one.
    expect(quick(changed(pumpkin, add(LINE('breadcrumbs-dry', 160)))).checks.moisture.headline).toMatch(/dry/);
  });
});

describe('scaling', () => {
  it('spices in proportion or a little less; everything else in proportion; still a valid document', () => {
    const pepper = (cautious: boolean) =>
      changed(turkey, scaling(turkey, 8, cautious)).lines.find((l) => l.id === 'pepper')?.amount ?? 0;
    expect(pepper(false)).toBe(4);
    expect(pepper(true)).toBeCloseTo(0.5 * 8 ** 0.9, 0);
    const scaled = changed(turkey, scaling(turkey, 2.5, true));
    expect(scaled.lines.find((l) => l.id === 'turkey')?.amount).toBe(1050);
    expect(batchSchema.safeParse(scaled).success).toBe(true);
  });

  it('rounds to what can be measured, and never to nothing', () => {
    const amounts = (factor: number) => changed(turkey, { do: 'scaleFilling', factor }).lines.map((l) => l.amount);
    expect(amounts(1 / 3)).toContain(140);
    for (const amount of amounts(0.001)) expect(amount).toBeGreaterThan(0);
  });

  it('takes weighings of the pan along', () => {
    const pan = changed(
      pumpkin,
      { do: 'setWater', to: { panG: 800 } },
      { do: 'addWeighIn', weighIn: { at: AT, grams: 1280 } },
      { do: 'scaleFilling', factor: 2 },
    );
    expect(pan.water.weighIns).toEqual([{ at: AT, grams: 1760 }]);
  });
});
