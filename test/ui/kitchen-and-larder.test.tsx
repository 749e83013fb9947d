import { fireEvent, screen } from '@testing-library/react-native';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { ownIngredientSchema } from '@/core/stored/own-ingredient-schema';
import { type Outcome } from '@/data/hooks';
import { type Notice } from '@/data/notices';
import { ReadingField } from '@/screens/batch/reading-field';
import { LearnedFigures } from '@/screens/kitchen/learned';
import { Vessels } from '@/screens/kitchen/vessels';
import { kitchenOfSpread } from '../core/kitchen-of-spread';
import { OwnIngredientForm } from '@/screens/larder/own-ingredient-form';
import { renderPart } from './render';
import { settled } from './station';

const mockEdit = jest.fn<void, [KitchenOperation]>();
let mockOutcome: Outcome = { ok: true, step: null };
jest.mock('@/data/hooks', () => ({
  editKitchen: (operation: KitchenOperation) => {
    mockEdit(operation);
    return Promise.resolve(mockOutcome);
  },
  useBatches: () => ({ data: { batches: [{ id: 'b1', title: 'Turkey and celeriac purses' }], broken: [] } }),
}));
let mockNotice: Notice | null = null;
jest.mock('@/data/notices', () => ({
  say: (notice: Notice) => {
    mockNotice = notice;
  },
}));
beforeEach(() => mockEdit.mockClear());

const type = (label: string, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);

describe('an ingredient of one’s own', () => {
  const open = (own: OwnIngredient | null = null) => {
    const onKeep = jest.fn<Promise<Outcome>, [OwnIngredient]>(() => Promise.resolve({ ok: true, step: null }));
    renderPart(<OwnIngredientForm own={own} newId={() => 'own-x1'} onKeep={onKeep} onClose={() => undefined} />);
    return onKeep;
  };

  it('shows the water that the figures leave, while they are typed', () => {
    open();
    type('Fat, g per 100 g', '12');
    type('Protein, g per 100 g', '8,5');
    expect(screen.getByText(/That leaves water: 79\.5 g/)).toBeTruthy();
  });

  it('is not kept while a field shows what cannot be read', () => {
    const onKeep = open();
    type('What is it called?', 'Smoked curd');
    type('Fat, g per 100 g', '12');
    type('Fat, g per 100 g', 'twelve');
    fireEvent.press(screen.getByLabelText('nothing that must be cooked'));
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(screen.getByText(/^Not kept yet. Fat: Type a number/)).toBeTruthy();
    expect(onKeep).not.toHaveBeenCalled();
    type('Fat, g per 100 g', '11');
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(onKeep.mock.calls[0][0].per100g.fat).toBe(11);
  });

  it('is not kept while something makes no sense; that is said beside its field, and nothing typed is lost', () => {
    const onKeep = open();
    type('Fat, g per 100 g', '12');
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(screen.getByText('Needs a name.')).toBeTruthy();
    type('What is it called?', 'Smoked curd');
    type('Energy (to check), kJ per 100 g', '2500');
    fireEvent.press(screen.getByLabelText('Keep it'));
    // What it is raw must be chosen: nothing is harmless by saying nothing.
    expect(screen.getByText('Choose one: it decides how hot it must get.')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('nothing that must be cooked'));
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(screen.getByText('These figures make about 444 kJ: check them.')).toBeTruthy();
    expect(onKeep).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Fat, g per 100 g').props.value).toBe('12');
  });

  it('like mince, it is minced meat until somebody says otherwise', () => {
    const onKeep = open();
    type('What is it called?', 'Farm mince');
    fireEvent.press(screen.getByLabelText('like mince'));
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(onKeep.mock.calls[0][0]).toMatchObject({ release: 'mince', hazard: 'minced-meat' });
  });

  it('takes sodium where the packet gives that, and keeps a valid ingredient', () => {
    const onKeep = open();
    type('What is it called?', 'Smoked curd');
    type('Protein, g per 100 g', '12');
    fireEvent.press(screen.getByLabelText('sodium'));
    type('Sodium, mg per 100 g', '500');
    fireEvent.press(screen.getByLabelText('like curd'));
    fireEvent.press(screen.getByLabelText('milk'));
    fireEvent.press(screen.getByLabelText('Keep it'));
    const [kept] = onKeep.mock.calls[0];
    expect(kept).toMatchObject({
      id: 'own-x1',
      name: 'Smoked curd',
      release: 'curd',
      family: 'dairy',
      allergens: ['milk'],
    });
    expect(kept.salt).toBeCloseTo(1.27, 6);
    expect(ownIngredientSchema.safeParse(kept).success).toBe(true);
  });

  it('changed, it stays the same ingredient', () => {
    const own: OwnIngredient = {
      id: 'own-old',
      name: 'Bean paste',
      family: 'sauce',
      per100g: { water: 60, protein: 8, fat: 6, carbohydrate: 18, fibre: 4, ash: 4 },
      salt: 3.2,
      gPerMl: 1.1,
      pieceG: null,
      hazard: 'none',
      allergens: ['soya'],
      release: 'dry',
      liquid: true,
      isTender: false,
      isStrong: false,
      isLeavener: false,
      dose: null,
    };
    const onKeep = open(own);
    type('Salt, g per 100 g', '4');
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(onKeep.mock.calls[0][0]).toMatchObject({ id: 'own-old', name: 'Bean paste', salt: 4, allergens: ['soya'] });
  });
});

describe('the vessels of the kitchen', () => {
  it('are listed by floor and depth, and can be taken away', () => {
    renderPart(<Vessels kitchen={DEFAULT_KITCHEN} />);
    fireEvent.press(screen.getByLabelText('Take the shallow dish of 600 cm² away'));
    expect(mockEdit).toHaveBeenCalledWith({ do: 'removeVessel', id: 'dish-3' });
  });

  it('a kitchen that measures in inches is asked and told in inches', async () => {
    const vessels = [{ id: 'blue', name: 'blue tray', kind: 'tray' as const, areaCm2: 1200, deepMm: 25 }];
    renderPart(<Vessels kitchen={{ ...DEFAULT_KITCHEN, lengths: 'in', vessels }} />);
    expect(screen.getByText(/186 sq in, 1\sin deep/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Add a vessel'));
    type('Long, in', '20');
    type('Wide, in', '10 1/2');
    type('Deep, in', '2');
    expect(screen.getByText(/^210 sq in of floor/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Keep it'));
    await settled();
    expect(mockEdit.mock.calls.at(-1)?.[0]).toMatchObject({ do: 'addVessel', vessel: { areaCm2: 1355, deepMm: 50.8 } });
  });

  it('a new one is measured as it is: long and wide, or across when it is round', async () => {
    renderPart(<Vessels kitchen={{ ...DEFAULT_KITCHEN, vessels: [] }} />);
    expect(screen.getByText(/None yet/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Add a vessel'));
    type('Long, mm', '500');
    expect(screen.getByText(/1\s500 cm² of floor/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('pot'));
    expect(screen.queryByLabelText('Wide, mm')).toBeNull();
    type('Across, mm', '200');
    type('Its name', 'old pot');
    mockOutcome = { ok: false, problems: ['Vessels: takes at most 40 vessels'] };
    fireEvent.press(screen.getByLabelText('Keep it'));
    await settled();
    // Refused, it stays as it was typed, with the reason.
    expect(screen.getByText('Vessels: takes at most 40 vessels')).toBeTruthy();
    expect(screen.getByLabelText('Its name').props.value).toBe('old pot');
    mockOutcome = { ok: true, step: null };
    fireEvent.press(screen.getByLabelText('Keep it'));
    await settled();
    expect(mockEdit.mock.calls.at(-1)?.[0]).toMatchObject({
      do: 'addVessel',
      vessel: { name: 'old pot', kind: 'pot', areaCm2: 314, deepMm: 25 },
    });
    expect(screen.queryByLabelText('Its name')).toBeNull();
  });

  it('what was learned stands in one list with its reasons, and is frozen or forgotten', async () => {
    const fit = { vessel: 'tray', place: 'porch', base: 'rack', covered: true, factor: 1.42, readings: 3 } as const;
    const [oven] = DEFAULT_KITCHEN.appliances;
    const heat = { medium: 'oven', factor: 0.9, biasK: -12, readings: 4, at: '2026-12-05T10:00:00.000Z' } as const;
    const spread = kitchenOfSpread(6).learned.map((l) => ({
      ...l,
      evidence: l.evidence.map((e) => ({ ...e, because: '3 weighed differ by *6 %*.' })),
    }));
    renderPart(
      <LearnedFigures
        kitchen={{
          ...DEFAULT_KITCHEN,
          cooling: [fit],
          appliances: [{ ...oven, heats: [heat] }],
          learned: spread,
          frozen: [`heat ${oven.id} oven`],
        }}
      />,
    );
    const cools = 'How it cools: baking tray, cold porch, rack, covered';
    expect(screen.getByText(`${cools}: 1.42\u00a0× as quickly as usual`)).toBeTruthy();
    expect(screen.getByText(/Our estimate 8\s%; from 1 batch\./)).toBeTruthy();
    expect(screen.getByText(/from 4 readings; kept fixed\./)).toBeTruthy();
    expect(screen.getByText(/0\.90\s× as strongly as usual, 12\s°C colder than it says/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Why: How far portions differ'));
    expect(screen.getByText(/Turkey and celeriac purses, 5 December 2026: 6\s%/)).toBeTruthy();
    expect(screen.getByText(/3 weighed differ by/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Keep fixed: How far portions differ'));
    expect(mockEdit).toHaveBeenCalledWith({ do: 'freezeLearned', what: 'portion-spread', of: 'all', isFrozen: true });
    fireEvent.press(screen.getByLabelText(/^Let it learn again: How it heats/));
    expect(mockEdit).toHaveBeenCalledWith({ do: 'freeze', key: `heat ${oven.id} oven`, isFrozen: false });
    fireEvent.press(screen.getByLabelText(`Reset: ${cools}`));
    await settled();
    expect(mockEdit).toHaveBeenCalledWith({ do: 'forgetFit', key: fit });
    await (mockNotice as Notice | null)?.action?.run();
    expect(mockEdit).toHaveBeenCalledWith({ do: 'keepFit', fit });
  });

  it('what a version before had learned and this one cannot take is said until it has been read', async () => {
    const putAside = [{ what: 'dry-edge', of: 'boil noodle raw', value: 4.6, batches: 3 } as const];
    renderPart(<LearnedFigures kitchen={{ ...DEFAULT_KITCHEN, putAside: [...putAside] }} />);
    expect(
      screen.getByText(/^Least loose liquid, a boiled piece with raw meat .*: 4\.6 g per 100 g, from 3\sbatches$/),
    ).toBeTruthy();
    fireEvent.press(screen.getByText('I have read it'));
    await settled();
    expect(mockEdit).toHaveBeenCalledWith({ do: 'readPutAside' });
  });

  it('what it has learned nothing of, it says so', () => {
    renderPart(<LearnedFigures kitchen={DEFAULT_KITCHEN} />);
    expect(screen.getByText(/^Nothing yet\./)).toBeTruthy();
  });
});

describe('a typed reading', () => {
  const field = (scale: 'C' | 'F') => {
    const onRead = jest.fn<void, [number]>();
    renderPart(
      <ReadingField
        label="Now"
        scale={scale}
        least={-30}
        most={110}
        of="temperature of a filling"
        likeC={64}
        onRead={onRead}
      />,
    );
    const read = (text: string) => {
      type(`Now, °${scale}`, text);
      fireEvent.press(screen.getByLabelText('Record'));
    };
    return { onRead, read };
  };

  it.each([
    ['C', '64,25', 64.3],
    ['C', '−4', -4],
    ['F', '140', 60],
  ] as const)('in °%s “%s” is %f °C', (scale, text, c) => {
    const { onRead, read } = field(scale);
    read(text);
    expect(onRead).toHaveBeenCalledWith(c);
  });

  it('leaves the field at once: the next of the same figure stays typed, a second tap records nothing, a refusal brings it back', async () => {
    let answer: (outcome: unknown) => void = () => undefined;
    const onRead = jest.fn(() => new Promise((resolve) => (answer = resolve)));
    renderPart(
      <ReadingField label="Now" scale="C" least={-30} most={110} of="temperature" likeC={64} onRead={onRead} />,
    );
    // A tap takes the focus out of the field.
    const record = () => {
      fireEvent(screen.getByLabelText('Now, °C'), 'blur');
      fireEvent.press(screen.getByLabelText('Record'));
    };
    const value = () => screen.getByLabelText('Now, °C').props.value as string;
    type('Now, °C', '77');
    record();
    record();
    expect(onRead).toHaveBeenCalledTimes(1);
    type('Now, °C', '77');
    answer({ ok: true });
    await settled();
    expect(value()).toBe('77');
    record();
    expect([value(), onRead.mock.calls.length]).toEqual(['', 2]);
    answer({ ok: false, problems: ['No room.'] });
    await settled();
    expect(value()).toBe('77');
    expect(screen.getByText('No room.')).toBeTruthy();
  });

  it.each(['hot', '140', '-60'])('“%s” is refused in words, and stays to be mended', (text) => {
    const { onRead, read } = field('C');
    read(text);
    expect(onRead).not.toHaveBeenCalled();
    expect(screen.getByText(`“${text}” can’t be the temperature of a filling. Type one such as 64 °C.`)).toBeTruthy();
    expect(screen.getByLabelText('Now, °C').props.value).toBe(text);
  });
});
