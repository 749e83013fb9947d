import * as fc from 'fast-check';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { DRY, type Line, LINE, resolved, STAGE_IDS, weighed as weighedIn } from './make-lines';
import { drawLedger } from '@/core/filling/ledger';
import { gramsOf, resolveLine } from '@/core/filling/lines';
import { accountSalt } from '@/core/filling/salt';
import { PAN_HEAT_IDS } from '@/core/vocabulary/pan-heats';
import { PARTS, shareOut } from '@/core/filling/sources';
import { stopWeight, toBind, toCookOff } from '@/core/filling/stop-weight';
import { METHODS, type Method } from '@/core/vocabulary/methods';
import { catalogue, ingredientById } from '@/core/food/catalogue';
import { RELEASES } from '@/core/vocabulary/releases';
import { LINE_UNITS } from '@/core/vocabulary/line-units';
import { dough } from '@/core/wrapper/dough';
import { type DoughId } from '@/core/vocabulary/doughs';
import { type FormId } from '@/core/forms';
import { type FillingKind } from '@/core/vocabulary/methods/method';
import { takesOf } from '@/core/filling/takes';
import { uptakeOf } from '@/core/filling/uptake';
import { type Batch } from '@/core/stored/schema';
import { randomRuns } from '../random-runs';

const ledgerOf = (lines: Line[], water = DRY, steamed = 0) => drawLedger(resolved(lines), water, steamed);

const turkey = [
  LINE('turkey-thigh-mince', 420, 'worked'),
  LINE('celeriac', 180),
  LINE('leek', 60, 'sweated'),
  LINE('soy-sauce', 20),
];

const anyLine: fc.Arbitrary<Line> = fc
  .record({
    ingredient: fc.constantFrom(...catalogue()),
    amount: fc.double({ min: 0.5, max: 800, noNaN: true }),
    unit: fc.constantFrom(...LINE_UNITS),
    prep: fc.nat(5),
    weighed: fc.constantFrom('raw' as const, 'ready' as const),
    stage: fc.constantFrom(...STAGE_IDS),
    id: fc.uuid(),
  })
  .map(({ ingredient, prep, ...rest }) => {
    const table = RELEASES[ingredient.release];
    return {
      ...rest,
      ingredientId: ingredient.id,
      preparation: table[prep % table.length].id,
      cut: null,
      ticked: false,
      note: '',
    };
  });

describe('the water ledger', () => {
  it('closes to 0.1 g for any batch, and no entry is below nothing', () => {
    const grams = (max: number) => fc.double({ min: 0, max, noNaN: true });
    const water: fc.Arbitrary<Batch['water']> = fc.record({
      panG: fc.option(grams(2000)),
      estimate: fc.oneof(
        fc.record({ by: fc.constant('grams' as const), grams: grams(3000) }),
        fc.record({
          by: fc.constant('minutes' as const),
          panMm: fc.double({ min: 80, max: 600, noNaN: true }),
          heat: fc.constantFrom(...PAN_HEAT_IDS),
          minutes: grams(300),
        }),
      ),
      weighIns: fc.array(fc.record({ at: fc.constant('2026-12-05T15:00:00Z'), grams: grams(5000) }), { maxLength: 2 }),
      plannedG: grams(500),
      drainedG: grams(2000),
    });
    fc.assert(
      fc.property(
        fc.array(anyLine, { maxLength: 12 }),
        water,
        fc.double({ min: 0, max: 300, noNaN: true }),
        (lines, w, steamed) => {
          const l = ledgerOf(lines, w, steamed);
          const out = l.cookedOff + l.drained + l.steamedOff + l.held + l.free;
          expect(Math.abs(l.broughtIn - out)).toBeLessThan(0.1);
          for (const entry of [
            l.broughtIn,
            l.cookedOff,
            l.drained,
            l.steamedOff,
            l.held,
            l.heldByTissue,
            l.heldByBinders,
            l.free,
            l.finishedG,
          ]) {
            expect(entry).toBeGreaterThanOrEqual(-1e-6);
          }
          expect(l.heldByTissue + l.heldByBinders).toBeCloseTo(l.held, 6);
          // Every part of the bar is given to the lines, down to what is not worth a row.
          for (const part of PARTS) {
            const shared = shareOut(resolved(lines), l)[part].reduce((sum, source) => sum + source.grams, 0);
            expect(Math.abs(shared - l[part])).toBeLessThan(0.05 * (lines.length + 1) + 1e-6);
          }
        },
      ),
      { numRuns: randomRuns(400) },
    );
  });

  it('finds the usual raw turkey mix at 7½ to 8½ g per 100 g, and 1 to 2 with a teaspoon of cornflour', () => {
    expect(ledgerOf(turkey).freePer100).toBeGreaterThan(7.5);
    expect(ledgerOf(turkey).freePer100).toBeLessThan(8.5);
    const bound = ledgerOf([...turkey, LINE('cornflour', 1, 'raw', 'raw-mix', 'tsp')]).freePer100;
    expect(bound).toBeGreaterThan(0.5);
    expect(bound).toBeLessThan(2);
  });

  it('counts what a preparation takes out, once', () => {
    const raw = ledgerOf([LINE('celeriac', 200)]);
    const squeezed = ledgerOf([{ ...LINE('celeriac', 200, 'salted-squeezed'), weighed: 'raw' }]);
    expect(squeezed.broughtIn).toBeCloseTo(raw.broughtIn, 6);
    expect(squeezed.drained).toBeCloseTo(40, 6);
    expect(squeezed.finishedG).toBeCloseTo(160, 6);
    expect(squeezed.free).toBeCloseTo(160 * 0.06, 6);
    // Weighed as it goes in, the lost water never came to the board.
    expect(ledgerOf([LINE('celeriac', 160, 'salted-squeezed')]).drained).toBe(0);
  });

  it('finds what boiled off from two weighings, and says when they cannot be true', () => {
    const lines = [LINE('mushroom', 400, 'raw', 'cook-first'), LINE('cream', 100, 'raw', 'simmer')];
    const weighed = (panWithFillingG: number) => ledgerOf(lines, weighedIn(900, panWithFillingG));
    expect(weighed(1310).cookedOff).toBeCloseTo(90, 6);
    expect(weighed(1310).problem).toBeNull();
    expect(weighed(1450).problem).toContain('weighs more');
    expect(weighed(905).problem).toContain('than there was water in the pan');
  });

  it('gelatine holds nothing once hot', () => {
    const jellied = ledgerOf([LINE('stock', 100), LINE('gelatine', 3)]);
    expect(jellied.heldByBinders).toBe(0);
    expect(jellied.free).toBeGreaterThan(90);
  });
});

describe('how much more', () => {
  it('boiling off what it says leaves the aim; the scale then reads the stop weight', () => {
    const lines = [
      LINE('mushroom', 400, 'raw', 'cook-first'),
      LINE('cream', 200, 'raw', 'simmer'),
      LINE('ham', 150, 'raw', 'off-heat'),
    ];
    const before = ledgerOf(lines);
    const grams = toCookOff(before.free, before.finishedG, 4);
    const then = ledgerOf(lines, { ...DRY, estimate: { by: 'grams', grams } });
    expect(then.freePer100).toBeCloseTo(4, 6);
    // The ham is not in the pan when it is weighed.
    const reads = stopWeight(850, 600, grams);
    const weighed = ledgerOf(lines, weighedIn(850, reads));
    expect(weighed.freePer100).toBeCloseTo(4, 6);
  });

  it('a binder in the grams it says leaves the aim', () => {
    const before = ledgerOf(turkey);
    const grams = toBind(before.free, before.finishedG, 4, 18);
    expect(ledgerOf([...turkey, LINE('cornflour', grams)]).freePer100).toBeCloseTo(4, 6);
    expect(toBind(5, 700, 4, 18)).toBe(0);
    expect(toCookOff(5, 700, 4)).toBe(0);
  });
});

describe('lines', () => {
  it('turns spoons and cups to grams by density, salt by the kitchen’s own', () => {
    const grams = (id: string, amount: number, unit: Line['unit'], kitchen = DEFAULT_KITCHEN) => {
      const ingredient = ingredientById(id);
      if (!ingredient) throw new Error(id);
      return gramsOf(ingredient, { amount, unit, cut: null }, kitchen) ?? NaN;
    };
    expect(grams('soy-sauce', 1, 'tbsp')).toBeCloseTo(17.7, 6);
    expect(grams('salt', 1, 'tsp')).toBeCloseTo(6, 6);
    expect(grams('salt', 1, 'tsp', { ...DEFAULT_KITCHEN, saltKind: 'flake' })).toBeCloseTo(2.8, 6);
    expect(grams('milk', 1, 'cup', { ...DEFAULT_KITCHEN, cupMl: 250 })).toBeCloseTo(257.5, 6);
  });

  it('a line unknown to the larder counts nothing and breaks nothing', () => {
    expect(resolveLine({ ...LINE('celeriac', 100), ingredientId: 'moonstone' }, [], DEFAULT_KITCHEN)).toBeNull();
    expect(ledgerOf([{ ...LINE('celeriac', 100), ingredientId: 'moonstone' }]).finishedG).toBe(0);
  });
});

describe('salt', () => {
  const rest = { portionG: 30, wrapperG: 30, wrapperPercent: 0.8, aimPercent: 1.1 };

  it('counts sauces, and concentrates as water leaves', () => {
    const lines = resolved(turkey);
    const fresh = accountSalt(lines, { ...rest, finishedG: 680 });
    expect(fresh.totalG).toBeCloseTo(3 + 0.756 + 0.45 + 0.04, 1);
    expect(fresh.lines[0].name).toBe('Soy sauce');
    expect(accountSalt(lines, { ...rest, finishedG: 500 }).fillingPercent).toBeCloseTo(
      (fresh.fillingPercent * 680) / 500,
      9,
    );
  });

  it('adding what it says to add gives what it aims for', () => {
    const before = accountSalt(resolved(turkey), { ...rest, finishedG: 680 });
    const lines = resolved([...turkey, LINE('salt', before.toAddG)]);
    const then = accountSalt(lines, { ...rest, finishedG: 680 + before.toAddG });
    expect(then.fillingPercent).toBeCloseTo(before.targetPercent, 2);
  });

  it('asks more of the filling when the wrapper brings no salt, up to its ceiling', () => {
    const lines = resolved(turkey);
    const target = (wrapperPercent: number) =>
      accountSalt(lines, { ...rest, wrapperPercent, finishedG: 680 }).targetPercent;
    expect(target(1)).toBeCloseTo(1.1, 6);
    expect(target(0.5)).toBeCloseTo(1.3, 6);
    expect(target(0)).toBeCloseTo(1.5, 6);
  });
});

describe('what a piece takes', () => {
  const takes = (kind: FillingKind, form: FormId, method: Method, id: DoughId) =>
    takesOf(kind, { form, vent: 'none', method, dough: dough(id).kind });

  it('raw meat is meant to be juicy, a cooked filling is not, and fruit may run', () => {
    expect(takes('raw', 'half-moon', 'boil', 'noodle').wet).toBe(22);
    expect(takes('cooked', 'half-moon', 'boil', 'noodle').wet).toBe(12);
    expect(takes('fruit', 'half-moon', 'bake', 'short').wet).toBe(12);
    expect(takes('cooked', 'pocket', 'bake', 'rough-laminated').wet).toBe(4);
    // How dry it may be is the same for all.
    expect(takes('raw', 'half-moon', 'boil', 'noodle').dry).toBe(3);
  });

  it('a closed purse in a thin skin holds more broth than a half-moon; a bun’s crumb does not', () => {
    expect(takes('raw', 'purse', 'steam', 'hot-water').wet).toBe(28);
    expect(takes('raw', 'purse', 'steam', 'steamed-bun').wet).toBe(18);
    expect(takes('cooked', 'purse', 'steam', 'hot-water').wet).toBe(12);
  });

  it('every kind of dough takes most of what is raw, in every method', () => {
    for (const { tolerance } of Object.values(METHODS)) {
      for (const { raw, cooked } of Object.values(tolerance)) expect(raw).toBeGreaterThan(cooked);
    }
  });

  it('the oven dries, water and steam do not', () => {
    expect(takes('raw', 'pan-pie', 'bake', 'thin-sheets').ovenPer100).toBe(5);
    expect(takes('raw', 'pocket', 'bake', 'short').ovenPer100).toBe(4);
    expect(takes('raw', 'pocket', 'boil', 'noodle').ovenPer100).toBe(0);
    const lines = resolved([LINE('tomato', 400), LINE('potato', 400, 'boiled-mash')]);
    const [wet, dried] = [drawLedger(lines, DRY, 0), drawLedger(lines, DRY, 0, 5)];
    expect(wet.freePer100 - dried.freePer100).toBeCloseTo(5, 9);
    // The ledger closes all the same: what the oven takes is part of what is free.
    expect(dried.free).toBe(wet.free);
    expect(drawLedger(resolved([LINE('potato', 400, 'boiled-mash')]), DRY, 0, 5).freePer100).toBe(0);
  });
});

describe('mince takes liquid up', () => {
  const mince = LINE('pork-mince', 400, 'worked');
  const salt = LINE('salt', 6);
  const free = (...lines: Line[]) => ledgerOf(lines).free;

  it('two fifths of its weight poured in, more when beaten in, a fifth when neither mixed nor salted, and keeps most of it', () => {
    const alone = free(mince, salt);
    expect(uptakeOf(resolved([mince, salt, LINE('water', 300)])).canTakeG).toBeCloseTo(160, 6);
    expect(uptakeOf(resolved([mince, salt, LINE('water', 300, 'beaten')])).canTakeG).toBeCloseTo(220, 6);
    expect(uptakeOf(resolved([LINE('cod', 400, 'worked'), salt, LINE('water', 300)])).canTakeG).toBeCloseTo(80, 6);
    expect(uptakeOf(resolved([LINE('beef-chuck', 400), salt, LINE('water', 300)])).canTakeG).toBeCloseTo(60, 6);
    expect(uptakeOf(resolved([mince, LINE('water', 300)])).canTakeG).toBeCloseTo(80, 6);
    expect(uptakeOf(resolved([LINE('pork-mince', 400, 'raw'), salt, LINE('water', 300)])).canTakeG).toBeCloseTo(80, 6);
    expect(free(mince, salt, LINE('water', 60)) - alone).toBeCloseTo(0.25 * 60, 6);
    expect(free(mince, salt, LINE('water', 200)) - alone).toBeCloseTo(0.25 * 160 + 40, 6);
  });

  it('at the board what it takes up does not run, what is beyond does; vegetables come too late for it', () => {
    expect(ledgerOf([mince, salt, LINE('water', 100)]).board.looseG).toBe(0);
    expect(ledgerOf([mince, salt, LINE('water', 200)]).board.looseG).toBeCloseTo(40, 6);
    expect(ledgerOf([mince, salt, LINE('chinese-cabbage', 300)]).board.looseG).toBeCloseTo(0.4 * 0.45 * 300, 6);
    expect(ledgerOf([mince, salt, LINE('onion', 300)]).board.looseG).toBeCloseTo(0.2 * 0.22 * 300, 6);
  });

  it('egg and uncooked starch hold nothing at the board, crumbs and cooked potato do', () => {
    const greens = LINE('spinach', 400);
    const loose = (line: Line) => ledgerOf([greens, line]).board.looseG;
    expect(loose(LINE('egg', 100))).toBeCloseTo(0.4 * 0.5 * 400, 6);
    expect(loose(LINE('cornflour', 20))).toBeCloseTo(80, 6);
    expect(loose(LINE('breadcrumbs-dry', 20))).toBeCloseTo(80 - 44, 6);
    expect(loose(LINE('potato', 200, 'boiled-mash'))).toBeCloseTo(80 - 0.4 * 30, 6);
    expect(ledgerOf([greens, LINE('egg', 300)]).free).toBe(0);
    // Boiled with the liquid, flour has done its work before it is wrapped.
    const sauce = [LINE('milk', 500, 'raw', 'simmer'), LINE('wheat-flour', 60, 'raw', 'simmer')];
    expect(ledgerOf(sauce).board.looseG).toBe(0);
  });

  it('jelly is set at the board and runs in the heat', () => {
    const { board, free: runs } = ledgerOf([mince, salt, LINE('stock-gelled', 120)]);
    expect(board.looseG).toBe(0);
    expect(runs).toBeGreaterThan(50);
  });
});
