import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { comparePreparations } from '@/core/filling/compare-preparations';
import { stageFindings } from '@/core/filling/stage-rules';
import { swapIngredient } from '@/core/checks/swap';
import { ingredientById } from '@/core/food/catalogue';
import { type Ingredient } from '@/core/food/ingredient';
import { batchCard } from '@/core/print/card';
import { lanternSupper } from '@/data/demo';
import { scaling } from '@/core/filling/scaling';
import { LINE, type Line, resolved } from './make-lines';

const [turkey, pumpkin, duck, haddock] = lanternSupper('2026-12-05T15:00:00Z');
const quick = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, null);
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
const get = (id: string): Ingredient => {
  const found = ingredientById(id);
  if (!found) throw new Error(id);
  return found;
};

describe('preparations side by side', () => {
  const options = comparePreparations(turkey, DEFAULT_KITCHEN, 'celeriac', 0);

  it('shows what each gains and costs, and marks the one that is taken', () => {
    expect(options.map((o) => o.preparation.id)).toEqual([
      'raw',
      'diced',
      'sweated',
      'salted-squeezed',
      'boiled',
      'boiled-mash',
      'roasted',
      'browned',
    ]);
    expect(options.filter((o) => o.isTaken).map((o) => o.preparation.id)).toEqual(['raw']);
    const [raw, , sweated, squeezed] = options;
    expect(sweated.freePer100).toBeLessThan(raw.freePer100);
    expect(squeezed.finishedG).toBeLessThan(raw.finishedG);
    expect(raw.handsOnMinutes + raw.waitMinutes).toBe(0);
    expect(squeezed.waitMinutes).toBe(20);
    // 180 g are less work than half a kilo.
    expect(sweated.handsOnMinutes).toBeLessThan(10);
  });

  it('taking one gives just what was shown', () => {
    for (const option of options) {
      const { ledger } = quick(changed(turkey, option.change));
      expect(ledger.freePer100).toBeCloseTo(option.freePer100, 6);
      expect(ledger.dry.per100).toBeCloseTo(option.dryPer100, 6);
      expect(ledger.finishedG).toBeCloseTo(option.finishedG, 6);
    }
  });

  it('starts from what was weighed before: a sweated leek becomes more leek again', () => {
    const [raw] = comparePreparations(turkey, DEFAULT_KITCHEN, 'leek', 0);
    expect(changed(turkey, raw.change).lines.find((l) => l.id === 'leek')).toMatchObject({
      amount: 80,
      weighed: 'raw',
      preparation: 'raw',
    });
  });

  it('what is soaked brings the water it has taken up', () => {
    const dry = changed(turkey, { do: 'addLine', line: { ...LINE('mushrooms-dried', 10), weighed: 'raw' } });
    const soaked = changed(dry, { do: 'changeLine', id: 'mushrooms-dried', to: { preparation: 'soaked' } });
    const [before, after] = [quick(dry).ledger, quick(soaked).ledger];
    expect(after.broughtIn - before.broughtIn).toBeCloseTo(30, 6);
    expect(after.finishedG - before.finishedG).toBeCloseTo(30, 6);
    expect(after.drained).toBe(before.drained);
    expect(quick(soaked).salt.totalG).toBeCloseTo(quick(dry).salt.totalG, 6);
  });

  it('has nothing to compare for salt or an unknown line', () => {
    expect(comparePreparations(turkey, DEFAULT_KITCHEN, 'salt', 0)).toEqual([]);
    expect(comparePreparations(turkey, DEFAULT_KITCHEN, 'nobody', 0)).toEqual([]);
  });
});

describe('swapping', () => {
  it('shows water, salt, fat, allergens and hazard before and after, and does that', () => {
    const swap = swapIngredient(turkey, DEFAULT_KITCHEN, 'turkey', get('tofu'), 0);
    if (!swap) throw new Error('no swap');
    // Soya is in already, with the soy sauce.
    expect(swap.gains).toEqual([]);
    expect(swapIngredient(turkey, DEFAULT_KITCHEN, 'turkey', get('prawns'), 0)?.gains).toEqual(['crustaceans']);
    expect(swap.before.limitC).toBe(74);
    expect(swap.after.limitC).toBe(90);
    expect(swap.after.waterG).toBeGreaterThan(swap.before.waterG);
    const then = quick(changed(turkey, ...swap.change));
    expect(then.ledger.freePer100).toBeCloseTo(swap.after.freePer100, 6);
    expect(then.ledger.dry.per100).toBeCloseTo(swap.after.dryPer100, 6);
    expect(then.salt.fillingPercent).toBeCloseTo(swap.after.saltPercent, 6);
    expect(batchSchema.safeParse(changed(turkey, ...swap.change)).success).toBe(true);
  });

  it('keeps the mass when spoons mean another weight, and the preparation where it is known', () => {
    const soy = swapIngredient(turkey, DEFAULT_KITCHEN, 'soy', get('miso'), 0);
    const line = changed(turkey, ...(soy?.change ?? [])).lines.find((l) => l.id === 'soy');
    expect(line).toMatchObject({ ingredientId: 'miso', unit: 'g', amount: 17.7 });
    const swede = swapIngredient(turkey, DEFAULT_KITCHEN, 'celeriac', get('swede'), 0);
    expect(swede?.loses).toEqual(['celery']);
    expect(swapIngredient(turkey, DEFAULT_KITCHEN, 'nobody', get('swede'), 0)).toBeNull();
  });
});

describe('splitting a line', () => {
  const half: Operation = { do: 'splitLine', id: 'turkey', newId: 'turkey-2', share: 0.5, stage: 'cook-first' };

  it('lets a part go in at another time; together they are what it was', () => {
    const { lines } = changed(turkey, half);
    const [rest, part] = ['turkey', 'turkey-2'].map((id) => lines.find((l) => l.id === id));
    expect(rest).toMatchObject({ amount: 210, stage: 'raw-mix' });
    expect(part).toMatchObject({ amount: 210, stage: 'cook-first', preparation: 'worked' });
    expect(lines.indexOf(part as Line)).toBe(lines.indexOf(rest as Line) + 1);
    const cooked = changed(turkey, half, { do: 'changeLine', id: 'turkey-2', to: { preparation: 'browned' } });
    expect(quick(cooked).checks.moisture.value).toBeLessThan(quick(turkey).checks.moisture.value ?? 0);
  });

  it('a share that is no share, or a line that is not there, changes nothing', () => {
    for (const wrong of [{ share: 0 }, { share: 1 }, { id: 'nobody' }]) {
      expect(changed(turkey, { ...half, ...wrong } as Operation).lines).toEqual(turkey.lines);
    }
  });
});

describe('going in, stage by stage', () => {
  const tick = (id: string): Operation => ({ do: 'changeLine', id, to: { ticked: true } });

  it('marks the last chance to taste, and the last to season', () => {
    expect(quick(turkey).stages.map((s) => [s.stage, s.chance])).toEqual([
      ['cook-first', 'last chance to taste it as it is: what comes next is raw'],
      ['raw-mix', 'last chance to season: cook a teaspoonful and taste that, never raw'],
    ]);
    expect(quick(pumpkin).stages.at(-1)?.chance).toBe('last chance to season: taste now');
    expect(quick(pumpkin).stages[0].chance).toBeNull();
  });

  it('what is not ticked when a later stage has begun, or the stage is over, is called out', () => {
    expect(quick(duck).findings).toEqual([]);
    const begun = changed(duck, tick('prunes'));
    const missing = quick(begun).findings.filter((f) => f.text.includes('hasn’t gone in'));
    expect(missing.map((f) => f.lineId).sort()).toEqual(
      duck.lines
        .filter((l) => l.id !== 'prunes')
        .map((l) => l.id)
        .sort(),
    );
    const mended = changed(begun, ...missing.flatMap((f) => [...(f.fix?.change ?? [])]));
    expect(quick(mended).findings.filter((f) => f.text.includes('gone in'))).toEqual([]);
    const over = changed(turkey, { do: 'finishStage', stage: 'raw-mix', done: true });
    expect(quick(over).findings.some((f) => f.lineId === 'sesame')).toBe(true);
    expect(quick(changed(over, { do: 'finishStage', stage: 'raw-mix', done: false })).findings).toEqual([]);
  });

  it('counts what has gone in', () => {
    expect(quick(changed(turkey, tick('soy'), tick('ginger'))).stages[1]).toMatchObject({ ticked: 2, of: 7 });
  });
});

describe('stage rules of sea and root', () => {
  const about = (...lines: Line[]) => stageFindings(resolved(lines), 'C').map((f) => f.text);

  it('prawns in a salted mix are watched; salted last they are not', () => {
    const prawns = LINE('prawns', 300);
    expect(about(prawns, LINE('soy-sauce', 15)).join()).toContain('turns tough in salt');
    expect(about(prawns, LINE('leek', 30))).toEqual([]);
    const [finding] = stageFindings(resolved([prawns, LINE('salt', 3)]), 'C');
    const note = finding.fix?.change[0];
    if (note?.do !== 'changeLine') throw new Error('no fix');
    expect(about({ ...prawns, ...note.to }, LINE('salt', 3))).toEqual([]);
  });

  it('roots to be mashed start in cold water', () => {
    const potato = LINE('potato', 400, 'boiled-mash', 'off-heat');
    expect(about(potato).join()).toContain('start it in cold');
    expect(about({ ...potato, note: 'in dice, from cold water' })).toEqual([]);
    expect(about(LINE('potato', 400, 'raw'))).toEqual([]);
  });
});

describe('units that do not fit', () => {
  it('are a finding beside the line, count nothing, and are mended by one tap', () => {
    const odd = changed(turkey, { do: 'addLine', line: { ...LINE('wheat-flour', 12), unit: 'piece' } });
    const { findings, ledger, unknown } = quick(odd);
    expect(ledger.finishedG).toBeCloseTo(quick(turkey).ledger.finishedG, 6);
    expect(unknown).toEqual([]);
    const finding = findings.find((f) => f.lineId === 'wheat-flour');
    expect(finding?.text).toContain('weigh it');
    const mended = quick(changed(odd, ...(finding?.fix?.change ?? [])));
    expect(mended.ledger.finishedG).toBeCloseTo(ledger.finishedG + 12, 6);
  });
});

describe('scaling pieces', () => {
  const eggs = changed(turkey, { do: 'addLine', line: { ...LINE('egg', 3), unit: 'piece' } });
  const egg = (factor: number) => changed(eggs, scaling(eggs, factor)).lines.find((l) => l.id === 'egg');

  it('whole ones stay pieces, one and a half are weighed', () => {
    expect(egg(2)).toMatchObject({ amount: 6, unit: 'piece' });
    expect(egg(0.5)).toMatchObject({ amount: 75, unit: 'g' });
    expect(egg(0.66)).toMatchObject({ amount: 2, unit: 'piece' });
  });
});

describe('the card', () => {
  it('has every line once, in its stage, and the numbers that decide', () => {
    for (const batch of [turkey, pumpkin, duck, haddock]) {
      const card = batchCard(batch, quick(batch), DEFAULT_KITCHEN);
      const names = card.stages.flatMap((s) => s.lines.map((l) => l.name));
      expect(names).toHaveLength(batch.lines.length);
      expect(card.checks).toHaveLength(5);
      expect(card.checks.map((c) => c.sentence).join()).not.toContain('*');
    }
    const card = batchCard(haddock, quick(haddock), DEFAULT_KITCHEN);
    expect(card.facts.find((f) => f.name === 'Stop weight')?.text).toMatch(/^pan and filling 2\s[4-7]\d\d g$/);
    expect(card.stages.flatMap((s) => s.lines).find((l) => l.name === 'Milk')).toMatchObject({ grams: '927 g' });
    const held = changed(turkey, { do: 'setSeason', to: { heldBack: true } });
    expect(
      batchCard(held, quick(held), DEFAULT_KITCHEN)
        .facts.map((f) => f.text)
        .join(),
    ).toContain('held back until');
  });
});
