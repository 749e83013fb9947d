import { fireEvent, screen } from '@testing-library/react-native';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { apply } from '@/core/stored/operations';
import { type School } from '@/core/vocabulary/schools';
import { lanternSupper } from '@/data/demo';
import { methodOf } from '@/core/recipe/pasted';
import { readLines, type ReadLines } from '@/core/recipe/read-lines';
import { AddLine } from '@/screens/batch/add-line';
import { FillingLine } from '@/screens/batch/fill/filling-line';
import { PanPanel } from '@/screens/batch/fill/pan-panel';
import { PasteSheet } from '@/screens/batch/fill/paste-sheet';
import { ScalePanel } from '@/screens/batch/fill/scale-panel';
import { SeasonPanel } from '@/screens/batch/fill/season-panel';
import { type StationProps } from '@/screens/batch/station-props';
import { openStation, settled } from './station';

const mockEditKitchen = jest.fn<void, [KitchenOperation]>();
const mockAt = '2026-12-05T15:00:00Z';
jest.mock('@/data/hooks', () => ({
  editKitchen: (operation: KitchenOperation) => {
    mockEditKitchen(operation);
    return Promise.resolve({ ok: true, step: null });
  },
  now: () => mockAt,
}));
const mockRead = jest.fn<Promise<ReadLines[]>, [readonly string[], School]>();
const mockMethod = methodOf;
jest.mock('@/workers/reader', () => ({
  readLines: (texts: readonly string[], school: School) => mockRead(texts, school),
  saltToTaste: () => Promise.resolve(8.5),
  readMethod: (...args: Parameters<typeof methodOf>) => Promise.resolve(mockMethod(...args)),
}));
jest.mock('expo-router', () => ({ router: { push: jest.fn() } }));
beforeEach(() => {
  mockEditKitchen.mockClear();
  mockRead.mockImplementation((texts, school) => Promise.resolve(texts.map((text) => readLines(text, school))));
});

const [turkey, , duck, haddock] = lanternSupper(mockAt);
const press = (label: string | RegExp) => fireEvent.press(screen.getByLabelText(label));
const type = (label: string | RegExp, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);

describe('the pan', () => {
  it('notes a weigh-in, says what has boiled off, and takes it back', async () => {
    const { batch } = openStation(PanPanel, haddock);
    type('Pan with filling now, g', '2850');
    press('Note this weight');
    await settled();
    expect(batch().water.weighIns).toEqual([{ at: mockAt, grams: 2850 }]);
    expect(screen.getByText(/105 g boiled off/)).toBeTruthy();
    // The estimate has no say any more.
    expect(screen.queryByLabelText('pan, heat and minutes')).toBeNull();
    press(/^Take the weigh-in of 2\s850 g away$/);
    expect(batch().water.weighIns).toEqual([]);
    expect(screen.getByLabelText('pan, heat and minutes')).toBeTruthy();
  });

  it('without the empty pan asks for it', () => {
    openStation(PanPanel, { ...haddock, water: { ...haddock.water, panG: null } });
    expect(screen.getByText('Stop weight: the filling in the pan should read')).toBeTruthy();
    type('Pan with filling now, g', '900');
    expect(screen.getByText(/Weigh the empty pan too/)).toBeTruthy();
  });

  it('estimates by pan, heat and minutes', () => {
    const { batch } = openStation(PanPanel, haddock);
    press('pan, heat and minutes');
    type('Boiling, lid off, min', '12');
    press('high');
    type('Pan across, mm', '300');
    expect(batch().water.estimate).toEqual({ by: 'minutes', panMm: 300, heat: 'high', minutes: 12 });
    expect(screen.getByText(/^About 32 g a minute/)).toBeTruthy();
    // Back to grams, what was estimated stays.
    press('a guess in grams');
    expect(batch().water.estimate).toMatchObject({ by: 'grams', grams: 383 });
  });

  it('is not there where nothing is in one', () => {
    const raw = { ...turkey, lines: turkey.lines.filter((l) => l.stage === 'raw-mix') };
    openStation(PanPanel, raw);
    expect(screen.queryByText('The pan')).toBeNull();
    expect(screen.getByLabelText('Drained and weighed, g')).toBeTruthy();
  });
});

describe('seasoning by taste', () => {
  it('holds a third back, and a tasting is kept; the kitchen learns from it on a tap, and only then', async () => {
    const { batch } = openStation(SeasonPanel, { ...turkey, id: 'own-purses' });
    press('hold back a third');
    expect(batch().season.heldBack).toBe(true);
    expect(screen.getByText(/; hold back 1\.3 g\./)).toBeTruthy();
    press('wants more salt');
    await settled();
    expect(batch().season.tastings).toMatchObject([{ verdict: 'under', at: mockAt }]);
    expect(mockEditKitchen).not.toHaveBeenCalled();
    press('Let the kitchen learn from it');
    await settled();
    expect(mockEditKitchen).toHaveBeenCalledTimes(1);
    expect(mockEditKitchen.mock.calls[0][0]).toMatchObject({
      do: 'learn',
      lesson: { what: 'salt', because: expect.stringContaining('wants more salt') as string },
      batchId: batch().id,
      at: mockAt,
    });
    press('too salty');
    await settled();
    expect(mockEditKitchen).toHaveBeenCalledTimes(1);
    expect(screen.getByText(/Add no more;/)).toBeTruthy();
  });

  it('a tasting too many is refused beside the buttons, and teaches nothing', async () => {
    const tasting = { at: mockAt, verdict: 'right' as const, saltPercent: 1 };
    const { batch } = openStation(SeasonPanel, {
      ...turkey,
      season: { heldBack: false, tastings: Array.from({ length: 50 }, () => tasting) },
    });
    press('just right');
    await settled();
    expect(screen.getByText('Tastings: takes at most 50 tastings')).toBeTruthy();
    expect(batch().season.tastings).toHaveLength(50);
    expect(mockEditKitchen).not.toHaveBeenCalled();
  });
});

describe('scaling', () => {
  it('to what there is of one thing', async () => {
    const { batch } = openStation(ScalePanel, turkey);
    press('what I have');
    press('turkey thigh mince');
    type('How much turkey thigh mince you have, g', '630');
    press('Scale it');
    await settled();
    expect(batch().lines.find((l) => l.id === 'turkey')?.amount).toBe(630);
    expect(batch().lines.find((l) => l.id === 'celeriac')?.amount).toBe(270);
  });

  it('beyond what a batch holds is refused beside the button, and the panel stays as it was typed', async () => {
    const { batch } = openStation(ScalePanel, {
      ...turkey,
      lines: turkey.lines.map((l) => (l.id === 'turkey' ? { ...l, amount: 2000 } : l)),
    });
    press('a multiple');
    type('Times, ×', '50');
    press('Scale it');
    await settled();
    expect(screen.getByText('Turkey thigh mince: must be at most 50 000')).toBeTruthy();
    expect(batch().lines.find((l) => l.id === 'turkey')?.amount).toBe(2000);
    expect(screen.getByLabelText('Times, ×').props.value).toBe('50');
  });

  it('by nothing is not offered', () => {
    openStation(ScalePanel, turkey);
    press('a multiple');
    expect(
      screen.getByLabelText('Scale it').props.accessibilityState ?? screen.getByLabelText('Scale it').props,
    ).toMatchObject({
      disabled: true,
    });
  });
});

const FIELD = 'One ingredient a line, as the recipe has it; its method may follow';
/** Opens the sheet, which comes when it is pressed. */
const openSheet = async () => {
  press('Paste a list or a recipe');
  for (let i = 0; i < 3; i++) await settled();
};
const typed = async (text: string, turns = 4) => {
  type(FIELD, text);
  for (let i = 0; i < turns; i++) await settled();
};

describe('a pasted list', () => {
  it('asks one question a line, is answered by a tap, and keeps what nobody understands', async () => {
    const { batch } = openStation(PasteSheet, { ...turkey, lines: [] });
    await openSheet();
    await typed('500 g beef mince\npinch of moondust\n2 turkey mince\nsalt to taste\n1 egg, to glaze');
    // A tap elsewhere leaves the field.
    fireEvent(screen.getByLabelText(FIELD), 'blur');
    press('2 turkey mince: 250 g');
    await settled();
    await settled();
    expect(screen.getByText(/^salt to taste \(by taste: 1\.1 %/)).toBeTruthy();
    expect(screen.getByText('1 egg, to glaze (not in the filling: to glaze)')).toBeTruthy();
    press('Put 2 lines in');
    await settled();
    expect(batch().lines.map((l) => [l.ingredientId, l.amount, l.unit])).toEqual([
      ['beef-mince', 500, 'g'],
      ['turkey-thigh-mince', 250, 'g'],
      ['salt', 8.5, 'g'],
    ]);
    expect(batch().note.words).toContain('1 egg, to glaze');
    expect(screen.getByLabelText(FIELD).props.value).toBe('pinch of moondust');
  });

  it('of more lines than a batch holds stays in its field, with the reason', async () => {
    mockRead.mockClear();
    const { batch } = openStation(PasteSheet, turkey);
    await openSheet();
    const list = Array.from({ length: 200 }, (_, i) => `${i + 1} g leek`).join('\n');
    await typed(list, 14);
    expect(mockRead.mock.calls.every(([texts]) => texts.length <= 20)).toBe(true);
    press('Put 200 lines in');
    await settled();
    expect(screen.getByText('The filling: takes at most 200 lines')).toBeTruthy();
    expect(batch()).toEqual(turkey);
    expect(screen.getByLabelText(FIELD).props.value).toBe(list);
  });

  it('a paragraph is no ingredient: it is kept as a step of the method', async () => {
    openStation(PasteSheet, turkey);
    await openSheet();
    await typed('stir the onions gently until they are soft '.repeat(40));
    expect(screen.getByText('1 step of the method, kept in the notes.')).toBeTruthy();
    expect(screen.getByLabelText('Put 0 lines in')).toBeTruthy();
  });

  it('a whole recipe: two foods of one line, steps that say how, each with its sentence, and “not so”', async () => {
    const { batch } = openStation(PasteSheet, { ...turkey, school: 'cooked', lines: [] });
    await openSheet();
    await typed(
      [
        'Thursday pockets',
        'Makes 18',
        'Ingredients',
        '400 g minced beef',
        '1 onion, chopped',
        '200 ml beef stock',
        'salt and pepper',
        'Method',
        '1. Soften the onion, add the beef and brown it well.',
        '2. Add the stock and simmer until nearly dry.',
      ].join('\n'),
      6,
    );
    expect(screen.getByText('Thursday pockets, makes 18')).toBeTruthy();
    expect(screen.getAllByText(/^from “Add the stock and simmer until nearly dry/)).toHaveLength(1);
    press('200 ml beef stock: not as the method says');
    press('Put 4 lines in');
    await settled();
    expect(batch().title).toBe('Thursday pockets');
    expect(batch().lines.map((l) => [l.ingredientId, l.preparation])).toEqual([
      ['beef-mince', 'browned'],
      ['onion', 'sweated'],
      ['beef-stock', 'raw'],
      ['black-pepper', 'raw'],
      ['salt', 'raw'],
    ]);
    expect(batch().lines[1].note).toContain('“Soften the onion');
    expect(batch().note.words).toContain('2. Add the stock and simmer until nearly dry.');
  });
});

describe('a line that is typed', () => {
  it('and refused stays in its field, with the reason beside it', async () => {
    const { batch } = openStation(AddLine, turkey);
    type('Add what goes in', '60000 g flour');
    await settled();
    await settled();
    fireEvent(screen.getByLabelText('Add what goes in'), 'submitEditing');
    await settled();
    expect(screen.getByText(/: must be at most 50 000$/)).toBeTruthy();
    expect(screen.getByLabelText('Add what goes in').props.value).toBe('60000 g flour');
    expect(batch()).toEqual(turkey);
    type('Add what goes in', '60 g flour');
    expect(screen.queryByText(/must be at most/)).toBeNull();
    fireEvent(screen.getByLabelText('Add what goes in'), 'submitEditing');
    fireEvent(screen.getByLabelText('Add what goes in'), 'blur');
    await settled();
    expect(batch().lines.at(-1)).toMatchObject({ ingredientId: 'wheat-flour', amount: 60 });
    expect(screen.getByLabelText('Add what goes in').props.value).toBe('');
  });

  const submitted = async (text: string) => {
    type('Add what goes in', text);
    await settled();
    await settled();
    fireEvent(screen.getByLabelText('Add what goes in'), 'submitEditing');
    await settled();
  };

  it('and not surely named never goes in on Enter: three are offered', async () => {
    const { batch } = openStation(AddLine, turkey);
    await submitted('2 tablespoons of love');
    expect(batch().lines).toEqual(turkey.lines);
    expect(screen.getByText('Not sure what “love” is. Tap the one you mean.')).toBeTruthy();
    expect(screen.getAllByLabelText(/^Add 2\stbsp /)).toHaveLength(3);
  });

  it('and not in the larder is kept in it under its own name, as what it is most like', async () => {
    const { batch } = openStation(AddLine, turkey);
    await submitted('60 g snozzle');
    fireEvent.press(screen.getByText('Something else: what’s it most like?'));
    type('What is snozzle most like?', 'leek');
    await settled();
    press('snozzle is like leek');
    await settled();
    const line = batch().lines.at(-1);
    expect(line).toMatchObject({ amount: 60, unit: 'g' });
    expect(batch().ingredients).toMatchObject([{ id: line?.ingredientId, name: 'Snozzle', release: 'crisp' }]);
    expect(mockEditKitchen).toHaveBeenCalledWith({ do: 'keepOwn', ingredient: batch().ingredients[0] });
  });

  it.each([
    ['nutmeg', { ingredientId: 'nutmeg', unit: 'g', amount: 0.13 }],
    ['egg', { ingredientId: 'egg', unit: 'piece', amount: 1 }],
    ['feta', { ingredientId: 'brined-cheese', unit: 'g', amount: 100 }],
  ])('without an amount: %s', async (text, goesIn) => {
    const { batch } = openStation(AddLine, turkey);
    await submitted(text);
    expect(batch().lines.at(-1)).toMatchObject(goesIn);
  });
});

describe('a line', () => {
  const Line = (id: string, open: boolean) =>
    function OneLine(props: StationProps) {
      const line = props.batch.lines.find((l) => l.id === id);
      return line ? <FillingLine {...props} line={line} widest={300} open={open} onOpen={() => undefined} /> : null;
    };

  it('is ticked, and the tick taken off again', () => {
    const { batch } = openStation(Line('ginger', false), turkey);
    press('Ginger has gone in');
    expect(batch().lines.find((l) => l.id === 'ginger')?.ticked).toBe(true);
    press('Ginger has gone in: take the tick off');
    expect(batch().lines.find((l) => l.id === 'ginger')?.ticked).toBe(false);
  });

  it('closed, shows every change all the same', () => {
    const Closed = Line('celeriac', false);
    const { batch } = openStation((props: StationProps) => {
      const more = () => props.edit({ do: 'changeLine', id: 'celeriac', to: { amount: 260, note: 'coarse' } });
      return (
        <>
          <ScalePanel {...props} />
          <Closed {...props} edit={more} />
        </>
      );
    }, turkey);
    press('Celeriac has gone in');
    expect(batch().lines.find((l) => l.id === 'celeriac')?.amount).toBe(260);
    expect(screen.getByLabelText(/^Celeriac, 260 g\. grated, raw, coarse/)).toBeTruthy();
  });

  it('is measured in pieces only where one has a weight, by cut only in volumes', () => {
    openStation(Line('thyme', true), duck);
    expect(screen.queryByLabelText('pieces')).toBeNull();
    expect(screen.queryByLabelText('packed')).toBeNull();
    press('cup');
    expect(screen.getByLabelText('packed')).toBeTruthy();
  });

  it('takes a pinch, a splash and mugs for an amount', async () => {
    const { batch } = openStation(Line('ginger', true), turkey);
    const typed = async (text: string) => {
      const field = screen.getByLabelText(/^Amount of ginger, /);
      fireEvent.changeText(field, text);
      fireEvent(field, 'blur');
      await settled();
      await settled();
      return batch().lines.find((l) => l.id === 'ginger');
    };
    expect((await typed('a pinch'))?.amount).toBeLessThan(0.5);
    expect(await typed('2 tbsp')).toMatchObject({ amount: 2, unit: 'tbsp' });
    expect((await typed('a mug'))?.unit).toBe('g');
    expect((await typed('some'))?.unit).toBe('g');
    expect(screen.getByText('Type a number, such as 1½.')).toBeTruthy();
  });

  it('refuses the absurd beside its field', () => {
    const { batch } = openStation(Line('duck', true), duck);
    type(/^Amount of duck leg, braised, g$/, '900000');
    expect(screen.getByText(/^At most 20\s000 g\.$/)).toBeTruthy();
    expect(batch()).toEqual(duck);
  });

  it('is split and swapped', async () => {
    const { batch } = openStation(Line('turkey', true), turkey);
    press('Split Turkey thigh mince');
    press('a quarter');
    press('Split the line');
    expect(
      batch()
        .lines.filter((l) => l.ingredientId === 'turkey-thigh-mince')
        .map((l) => l.amount),
    ).toEqual([315, 105]);
    press('Swap Turkey thigh mince');
    type('Swap for', 'prawns');
    expect(screen.getByText('Brings in allergens: crustaceans.')).toBeTruthy();
    press('Swap it');
    await settled();
    expect(batch().lines.find((l) => l.id === 'turkey')?.ingredientId).toBe('prawns');
  });

  it('an own ingredient comes along when it is swapped in', async () => {
    const own = {
      id: 'own-paste',
      name: 'Moss paste',
      family: 'sauce' as const,
      per100g: { water: 60, protein: 8, fat: 6, carbohydrate: 18, fibre: 4, ash: 4 },
      salt: 3,
      gPerMl: 1.1,
      pieceG: null,
      hazard: 'none' as const,
      allergens: [],
      release: 'dry' as const,
      liquid: true,
      isTender: false,
      isStrong: false,
      isLeavener: false,
      dose: null,
    };
    const kitchen = {
      ...jest.requireActual<typeof import('@/core/stored/kitchen')>('@/core/stored/kitchen').DEFAULT_KITCHEN,
    };
    const { batch } = openStation(Line('soy', true), turkey, { kitchen: { ...kitchen, ingredients: [own] } });
    press('Swap Soy sauce');
    type('Swap for', 'moss paste');
    press('Swap it');
    await settled();
    expect(batch().ingredients).toEqual([own]);
    expect(apply(batch(), { do: 'removeLine', id: 'soy' }).ingredients).toEqual([]);
  });
});
