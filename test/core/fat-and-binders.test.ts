import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { compareBinders } from '@/core/filling/compare-binders';
import { accountFat, fatFindings } from '@/core/filling/fat';
import { chooseBinder } from '@/core/filling/choose-binder';
import { WHITE_SAUCE, whiteSauceParts } from '@/core/filling/white-sauce';
import { lanternSupper } from '@/data/demo';
import { LINE, type Line, resolved } from './make-lines';

const [turkey, , , haddock] = lanternSupper('2026-12-05T15:00:00Z');
const quick = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, null);
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
const fatOf = (lines: Line[], finishedG: number) => accountFat(resolved(lines), finishedG);

describe('fat', () => {
  it('counts all of it, what melts out, and what flour takes up', () => {
    const roux = [LINE('butter', 40), LINE('wheat-flour', 25), LINE('cod', 300, 'flaked')];
    const account = fatOf(roux, 365);
    expect(account.totalG).toBeCloseTo(40 * 0.811 + 25 * 0.01 + 300 * 0.007, 0);
    expect(account.renderedG).toBeGreaterThan(32);
    expect(account.heldG).toBeCloseTo(25, 6);
    expect(account.loosePer100).toBeCloseTo((100 * (account.renderedG - 25)) / 365, 6);
  });

  it('never holds more than melts, and has no opinion of nothing', () => {
    expect(fatOf([LINE('oil', 0.01), LINE('wheat-flour', 500)], 500).heldG).toBeLessThan(0.02);
    expect(fatOf([], 0)).toMatchObject({ totalG: 0, per100: 0, state: 'usual' });
  });

  it('calls lean mince dry, and oil mends it', () => {
    const lean = [LINE('turkey-breast-mince', 500, 'worked'), LINE('leek', 60, 'sweated')];
    expect(fatOf(lean, 560).state).toBe('lean');
    const [finding] = fatFindings(resolved(lean), 560);
    expect(finding.text).toContain('dry and dense');
    const added = finding.fix?.change[0];
    if (added?.do !== 'addLine') throw new Error('no line to add');
    const then = fatOf([...lean, added.line], 560 + added.line.amount);
    expect(then.per100).toBeGreaterThanOrEqual(6);
    expect(then.state).toBe('usual');
    // A starch makes lean mince tender, too.
    expect(fatOf([...lean, LINE('cornflour', 8)], 568).state).toBe('usual');
  });

  it('says when a fatty filling will weep, apart from moisture', () => {
    const batch = changed(turkey, { do: 'addLine', line: LINE('lard', 90) });
    const before = quick(turkey);
    const after = quick(batch);
    expect(after.fat.state).toBe('fatty');
    expect(after.findings.map((f) => f.text).join()).toContain('greases the wrapper');
    // Fat dilutes the liquid, it does not add to it.
    expect(after.ledger.free).toBeCloseTo(before.ledger.free, 6);
  });
});

describe('white sauce as a binder', () => {
  it('brings its own milk, and what it holds beyond that is what it binds', () => {
    const parts = whiteSauceParts(32);
    expect(parts.find((p) => p.ingredientId === 'milk')?.grams).toBe(247);
    expect(WHITE_SAUCE.net).toBeGreaterThan(2.5);
    expect(WHITE_SAUCE.net).toBeLessThan(4);
    const wet = changed(turkey, { do: 'addLine', line: LINE('courgette', 600) });
    const { ledger, binders, panContentsG } = quick(wet);
    const sauce = binders.find((option) => option.id === 'white-sauce');
    if (!sauce) throw new Error('no sauce offered');
    expect(sauce.allergens).toEqual(expect.arrayContaining(['gluten', 'milk']));
    const then = quick(changed(wet, ...chooseBinder(wet, sauce, panContentsG > 0)));
    expect(then.ledger.freePer100).toBeLessThan(18);
    expect(then.ledger.broughtIn).toBeGreaterThan(ledger.broughtIn + 40);
    expect(then.fat.totalG).toBeGreaterThan(quick(wet).fat.totalG + 5);
  });

  it('is not offered where it would drown the filling', () => {
    const ids = compareBinders({ free: 600, finishedG: 700 }, 4).map((option) => option.id);
    expect(ids).not.toContain('white-sauce');
    expect(ids).toContain('cornflour');
  });

  it('every option says what it does to taste', () => {
    for (const option of quick(haddock).binders) expect(option.taste.length).toBeGreaterThan(3);
  });
});

describe('gelled stock, the deliberately juicy school', () => {
  const juicy = changed(
    turkey,
    { do: 'addLine', line: LINE('stock', 60) },
    { do: 'addLine', line: LINE('gelatine', 2) },
  );

  it('is set while cold and free when hot, and both are said', () => {
    const { ledger, checks } = quick(juicy);
    // What is set is what runs when it is hot, and no more than the gelatine holds.
    expect(ledger.setCold).toBeCloseTo(Math.min(70, ledger.free), 6);
    expect(checks.moisture.sentence).toContain('is jelly: it wraps firm and runs as broth when hot');
    // Broth is meant to run: it is room more than such a parcel has without.
    const plain = changed(turkey, { do: 'addLine', line: LINE('stock', 60) });
    expect(quick(juicy).moisture.heat.band[1]).toBeGreaterThan(quick(plain).moisture.heat.band[1] + 5);
    // Judged as it will be hot.
    expect(checks.moisture.value).toBeGreaterThan(quick(turkey).checks.moisture.value ?? 0);
  });
});
