import { act, fireEvent, screen } from '@testing-library/react-native';
import { type ReactElement } from 'react';
import { type BoardForecast } from '@/core/cooling/at-the-board';
import { forecastBoard } from '@/core/checks/board';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import { wrapperMaking } from '@/core/wrapper/making';
import { lanternSupper } from '@/data/demo';
import { BenchPanel } from '@/screens/batch/wrap/bench-panel';
import { ClosingPanel } from '@/screens/batch/wrap/closing-panel';
import { DividePanel } from '@/screens/batch/wrap/divide-panel';
import { DoughPanel } from '@/screens/batch/wrap/dough-panel';
import { FirstThree } from '@/screens/batch/wrap/first-three';
import { ForwardSlider } from '@/screens/batch/wrap/forward-slider';
import { PanPanel } from '@/screens/batch/wrap/pan-panel';
import { Scales } from '@/screens/batch/wrap/scales';
import { SkinFields } from '@/screens/batch/wrap/skin-fields';
import { WrapDrawings } from '@/screens/batch/wrap/wrap-drawings';
import { WrapStation } from '@/screens/batch/wrap/wrap-station';
import { type StationProps } from '@/screens/batch/station-props';
import { currentNotice, say } from '@/data/notices';
import { FlatDrawing } from '@/ui/section/flat-drawing';
import { openStation, settled } from './station';
import { renderPart } from './render';

const mockEditKitchen = jest.fn<void, [KitchenOperation]>();
let mockAt = '2026-12-05T16:00:00Z';
let mockBoard: BoardForecast | null = null;
jest.mock('@/data/hooks', () => ({
  editKitchen: (operation: KitchenOperation) => {
    mockEditKitchen(operation);
    return Promise.resolve({ ok: true, step: null });
  },
  now: () => mockAt,
}));
jest.mock('@/data/heat', () => ({ useBoard: () => mockBoard }));
jest.mock('@/data/run-time', () => ({ useRunTime: () => ({ now: mockAt, latest: mockAt }) }));
jest.mock('@/data/use-wake-lock', () => ({ useWakeLock: () => undefined }));
jest.mock('@/data/alarm', () => ({ askToNotify: () => undefined }));
jest.mock('@/data/alarms-file', () => ({ useRunningAlarms: () => [], saveAlarms: () => undefined }));
jest.mock('expo-router', () => ({ router: { navigate: jest.fn() } }));
jest.mock('@/ui/parts/measured', () => ({
  Measured: ({ children }: { children: (width: number) => ReactElement }) => children(358),
}));
beforeEach(() => {
  mockEditKitchen.mockClear();
  mockAt = '2026-12-05T16:00:00Z';
  mockBoard = null;
});

const [turkey, pumpkin, duck, haddock, venison, flat] = lanternSupper(mockAt);
const press = (label: string | RegExp) => fireEvent.press(screen.getByLabelText(label));
const type = (label: string | RegExp, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);
const changed = (batch: Batch, ...changes: Operation[]): Batch => changes.reduce(apply, batch);
const planned = (Panel: typeof DoughPanel | typeof DividePanel) =>
  function Planned(props: StationProps) {
    const { batch, kitchen, assessment } = props;
    return <Panel {...props} plan={wrapperMaking(batch, kitchen, assessment.fit, assessment.laid, assessment.dough)} />;
  };

// There at once: how it is fetched is the browser tests' business.
jest.mock('@/ui/slider', () => ({
  Slider: jest.requireActual<{ default: unknown }>('@/ui/slider/slider').default,
}));

describe('the drawings', () => {
  it.each(['purse', 'double-round', 'pan-pie'] as const)(
    '%s: laid flat and cut through, each with its measure in words',
    (form) => {
      const { usual } = FORMS[form];
      const batch = changed(turkey, {
        do: 'setWrap',
        to: { form, skin: usual.skin, rimMm: usual.rimMm, thicknessMm: usual.thicknessMm },
      });
      openStation(WrapDrawings, batch);
      expect(screen.getAllByLabelText(/, laid flat: \d+/).length).toBeGreaterThanOrEqual(1);
      expect(screen.getByLabelText(/^Section of one piece/)).toBeTruthy();
    },
  );

  it('a piece that is taken twice says so', () => {
    const piece = FORMS.pillow.flat(
      { body: { dimension: 1.4, fillingMm: 4, wrapperMm: 1 }, fillMl: 8, maxMl: 18, hasMouth: false },
      FORMS.pillow.usual,
    )[0];
    renderPart(<FlatDrawing piece={piece} pxPerMm={2} lengths="mm" />);
    expect(screen.getByLabelText('square, laid flat: 60 mm, 2×')).toBeTruthy();
  });

  it('the scales say both sides, and for how many each is', () => {
    const Drawn = (props: StationProps) => <Scales {...props} width={358} />;
    openStation(Drawn, changed(turkey, { do: 'setWrap', to: { doughG: 720 } }));
    expect(screen.getByLabelText(/^Scales: 698\sg filling for 24; 720\sg dough for 21; 24 planned$/)).toBeTruthy();
  });
});

describe('what is bought', () => {
  it('is frozen until the cook says that it is not, and then need not thaw', () => {
    const { batch } = openStation(
      planned(DoughPanel),
      changed(venison, { do: 'setDough', dough: 'bought-skin', own: null }),
    );
    expect(screen.getByText(/Thaw in the packet/)).toBeTruthy();
    press('thawed, or never frozen');
    expect(batch().wrap.isThawed).toBe(true);
    expect(screen.queryByText(/Thaw in the packet/)).toBeNull();
  });
});

describe('the form', () => {
  it('a skin that it is not made from is said with what comes instead, and can be undone', async () => {
    const { batch } = openStation(WrapStation, turkey);
    press('closed square');
    await settled();
    expect(batch().wrap).toMatchObject({ form: 'closed-square', skin: { shape: 'square', sideMm: 110 } });
    expect(currentNotice()).toMatchObject({
      text: expect.stringMatching(/^Closed squares are not made from a round\. Taken instead: 110 mm square/) as string,
      action: { label: 'Undo' },
    });
    say(null);
    press('three-cornered pie');
    await settled();
    expect(currentNotice()?.text).toMatch(/^Three-cornered pies are not made from a square/);
  });
});

describe('the skin', () => {
  it('a pocket may be oval; a pie, a tin with its sheets', () => {
    const { batch } = openStation(SkinFields, duck);
    press('oval');
    expect(batch().wrap.skin).toEqual({ shape: 'oval', lengthMm: 195, widthMm: 150 });
    type('Oval long, mm', '210');
    expect(batch().wrap.skin).toMatchObject({ lengthMm: 210 });
  });
  it('sheets are counted, and a wrong number is said beside its field', () => {
    const { batch } = openStation(SkinFields, haddock);
    press('rectangular tin');
    type('Sheets below, count', '5');
    expect(batch().wrap.skin).toMatchObject({ shape: 'tin', lengthMm: 280, widthMm: 280, sheetsBelow: 5, depthMm: 45 });
    type('Tin long, mm', '9000');
    expect(screen.getByText(/^At most 600\smm/)).toBeTruthy();
    expect(batch().wrap.skin).toMatchObject({ lengthMm: 280 });
  });
  it('a dough may rise in the kitchen, somewhere warm, or slowly in the fridge', () => {
    const { batch } = openStation(planned(DoughPanel), turkey);
    press('slowly in the fridge');
    expect(batch().wrap.riseC).toBe(4);
    expect(screen.getByText(/^Doubled after about .*h.* at 4\s°C/)).toBeTruthy();
    press('somewhere warm');
    expect(batch().wrap.riseC).toBe(30);
    press('in the kitchen');
    expect(batch().wrap.riseC).toBeNull();
  });
  it('the portion is stepped, and everything that moves with it is shown', () => {
    openStation(ForwardSlider, turkey);
    expect(screen.getAllByText(/45\s%/)).not.toHaveLength(0);
    expect(screen.getByText(/805\sg/)).toBeTruthy();
    expect(screen.getByText('until it is hot')).toBeTruthy();
  });
});

describe('the dough', () => {
  it('is weighed out for what is needed; flour at hand becomes dough at hand', () => {
    const { batch } = openStation(planned(DoughPanel), turkey);
    expect(screen.getByText('Dough for 24')).toBeTruthy();
    expect(screen.getByText(/hold 13\sg of it back: add by the spoon until it no longer sticks/)).toBeTruthy();
    expect(screen.getByText(/33\s°C/)).toBeTruthy();
    // The flour that was typed is the flour that is shown.
    for (const flour of ['400', '450', '333']) {
      type('I have flour (optional), g', flour);
      expect(screen.getByText(new RegExp(`of dough: ${flour}\\sg plain flour`))).toBeTruthy();
    }
    type('I have flour (optional), g', '400');
    expect(batch().wrap.doughG).toBeCloseTo(663.6, 6);
    // By the cup it becomes grams: 240 ml at 0.53 g/ml.
    press('cups of 240 ml');
    type('I have flour (optional), cups', '3');
    // Each ingredient is rounded to what can be weighed.
    expect(Math.abs((batch().wrap.doughG ?? 0) - 3 * 240 * 0.53 * 1.659)).toBeLessThan(2);
    type('I have flour (optional), cups', '');
    expect(batch().wrap.doughG).toBeNull();
  });
  it('two doughs are two tables', () => {
    openStation(planned(DoughPanel), changed(turkey, { do: 'setWrap', to: { dough: 'spiral' } }));
    expect(screen.getByText('Outer dough')).toBeTruthy();
    expect(screen.getByText('Inner dough')).toBeTruthy();
  });
  it('another is chosen, rolled as is usual for it; a variant is one tap', () => {
    const { batch } = openStation(planned(DoughPanel), pumpkin);
    press('Make it with alkali');
    expect(batch().wrap.ownDough).toMatchObject({ like: 'noodle', name: 'cold-water noodle dough, with alkali' });
    press('Another wrapper');
    press('hot-water dough');
    expect(batch().wrap).toMatchObject({ dough: 'hot-water', ownDough: null, thicknessMm: 2 });
  });
  it('its formula is changed by percent, or by what was really weighed', () => {
    const { batch } = openStation(planned(DoughPanel), pumpkin);
    press('Change the formula');
    type('Water, %', '50');
    expect(batch().wrap.ownDough?.parts[0].formula).toContainEqual({ ingredientId: 'water', percent: 50 });
    press('grams, as I weighed it');
    type('Plain flour, g', '500');
    type('Water, g', '260');
    type('Salt, g', '6');
    press('Take these grams as the formula');
    expect(batch().wrap.ownDough?.parts[0].formula).toEqual([
      { ingredientId: 'wheat-flour', percent: 100 },
      { ingredientId: 'water', percent: 52 },
      { ingredientId: 'salt', percent: 1.2 },
    ]);
    press('egg');
    expect(batch().wrap.ownDough?.parts[0].formula).toContainEqual({ ingredientId: 'egg', percent: 1 });
  });
  it('what is kept is what stands on the screen: grams that were not taken yet, and the name as typed', async () => {
    const { batch } = openStation(planned(DoughPanel), pumpkin);
    press('Change the formula');
    press('grams, as I weighed it');
    type('Plain flour, g', '500');
    type('Water, g', '260');
    type('Salt, g', 'six');
    press('Keep it in the Larder');
    expect(screen.getByText(/^Not kept yet. Salt: Type a number/)).toBeTruthy();
    expect(mockEditKitchen).not.toHaveBeenCalled();
    type('Salt, g', '6');
    type('Called', 'Ours for Fridays');
    press('Keep it in the Larder');
    await settled();
    const kept = {
      name: 'Ours for Fridays',
      like: 'noodle',
      parts: [
        {
          formula: [
            { ingredientId: 'wheat-flour', percent: 100 },
            { ingredientId: 'water', percent: 52 },
            { ingredientId: 'salt', percent: 1.2 },
          ],
        },
      ],
    };
    expect(mockEditKitchen).toHaveBeenCalledWith({
      do: 'keepDough',
      dough: expect.objectContaining({ like: 'noodle' }),
    });
    expect(mockEditKitchen.mock.calls[0][0]).toMatchObject({ dough: kept });
    expect(batch().wrap.ownDough).toMatchObject(kept);
  });
  it('the formula of a recipe is one tap to keep, under a name and an id of its own', async () => {
    const recipe = { id: 'own-recipe-dough', name: 'the recipe’s dough', like: 'noodle' as const };
    const parts = [{ name: '', share: 1, formula: [{ ingredientId: 'wheat-flour', percent: 100 }] }];
    const { batch } = openStation(
      planned(DoughPanel),
      changed(pumpkin, { do: 'setWrap', to: { ownDough: { ...recipe, parts } } }),
    );
    press('Keep it in the Larder');
    await settled();
    const kept = { id: `own-${pumpkin.id}`, name: `Dough of ${pumpkin.title}`, like: 'noodle', parts };
    expect(mockEditKitchen).toHaveBeenCalledWith({ do: 'keepDough', dough: kept });
    expect(batch().wrap.ownDough).toEqual(kept);
  });
  it('bought skins are counted by their packet', () => {
    const { batch } = openStation(
      planned(DoughPanel),
      changed(turkey, { do: 'setWrap', to: { dough: 'bought-skin' } }),
    );
    type('Skins in the packet, count', '30');
    expect(batch().wrap.packet).toEqual({ count: 30, grams: 300 });
    expect(screen.getByText(/24.*skins for 24/)).toBeTruthy();
  });
});

describe('dividing', () => {
  it('the log with its marks, and the halving', () => {
    openStation(planned(DividePanel), turkey);
    expect(screen.getByText(/^2 logs of 3\d\d mm, 35 mm thick: 12 pieces of 34\sg\.$/)).toBeTruthy();
    expect(screen.getByLabelText(/^Cut at 30 mm, 59 mm, 89 mm/)).toBeTruthy();
    expect(screen.getByText(/halve 3 times and cut every part in 3/)).toBeTruthy();
  });
  it('rounds from a sheet, with the cutter that is nearest', () => {
    const { batch } = openStation(planned(DividePanel), pumpkin, { kitchen: { ...DEFAULT_KITCHEN, cuttersMm: [85] } });
    press('Cut rounds from a sheet instead');
    expect(screen.getByLabelText('12 rounds on a sheet of 400 × 300 mm')).toBeTruthy();
    press('Take the 85 mm cutter');
    expect(batch().wrap.skin).toEqual({ shape: 'round', diameterMm: 85 });
    press('No sheet: roll every piece');
    expect(batch().wrap.sheet).toBeNull();
  });
});

describe('closing', () => {
  it('each choice says what it costs', () => {
    const { batch } = openStation(ClosingPanel, duck);
    press('roped');
    press('slit or hole');
    press('egg');
    expect(batch().wrap).toMatchObject({ edge: 'rope', vent: 'slit', glaze: 'egg' });
    expect(screen.getByText(/Strongest, and looks it/)).toBeTruthy();
    expect(screen.getByText(/adds egg to what must be declared/)).toBeTruthy();
  });
  it('steam asks for no glaze', () => {
    openStation(ClosingPanel, turkey);
    expect(screen.queryByText('Glaze')).toBeNull();
    expect(screen.getByLabelText('small open mouth')).toBeTruthy();
  });
});

it('the dough stands in cups and spoons where the kitchen measures so', () => {
  openStation(planned(DoughPanel), turkey, { kitchen: { ...DEFAULT_KITCHEN, amounts: 'spoons' } });
  expect(screen.getByText('measure')).toBeTruthy();
  expect(screen.getAllByText(/\bcups?$|\btbsp$|tablespoons?$/).length).toBeGreaterThan(0);
});

describe('the first three', () => {
  it('are weighed one by one, taken back, and taught to the kitchen', async () => {
    const { batch } = openStation(FirstThree, { ...turkey, id: 'own-purses' });
    for (const grams of ['27', '28', '30']) {
      type(/^It weighs \(planned 28\), g/, grams);
      press('Weighed');
      await settled();
    }
    expect(batch().wrap.weighed.map((w) => w.grams)).toEqual([27, 28, 30]);
    expect(screen.getByText(/3 weighed: filling 28\.3\sg on average, ±\s5\s%/)).toBeTruthy();
    press('Let the kitchen learn this spread');
    await settled();
    expect(mockEditKitchen.mock.calls[0][0]).toMatchObject({
      do: 'learn',
      lesson: { what: 'portion-spread', because: '3 weighed differ by *5 %*.' },
    });
    press('Take back 30 g');
    expect(batch().wrap.weighed).toHaveLength(2);
  });
});

describe('the bench clock', () => {
  const later = (minutes: number) => {
    mockAt = new Date(Date.parse('2026-12-05T16:00:00Z') + minutes * 60_000).toISOString();
  };
  it('counts taps, says pace and end, goes to the fridge and back, and is kept when it stops', () => {
    mockBoard = forecastBoard(turkey, DEFAULT_KITCHEN);
    const { batch } = openStation(BenchPanel, turkey);
    expect(screen.getByText(/hard after about .*\. Then bag them/)).toBeTruthy();
    press(/start the bench clock/);
    for (const minute of [1, 2, 3]) {
      later(minute);
      press(/^One more closed/);
    }
    expect(screen.getAllByText('3 of 24')).toHaveLength(2);
    expect(screen.getByText(/60\ss each; the last at/)).toBeTruthy();
    expect(screen.getByText(/by now about 4\s°C in the middle/)).toBeTruthy();
    press('Not that one: take the last tap back');
    expect(batch().wrap.board?.taps).toHaveLength(2);
    press('A tray of 6 closed');
    expect(batch().wrap.board?.taps[2].parcels).toBe(6);
    press('Filling back into the fridge');
    expect(batch().wrap.board?.stretches[0].inAt).toBe(mockAt);
    later(30);
    press('Out of the fridge again');
    expect(batch().wrap.board?.stretches).toHaveLength(2);
    press('Stop the bench clock: they’re being cooked');
    expect(batch().wrap).toMatchObject({ board: null, earlierBoards: [{ taps: [{}, {}, {}], to: 'heat' }] });
  });
  it('says what the rule says when its hours are up, of what can spoil', () => {
    const out = changed(turkey, { do: 'startBoard', at: '2026-12-05T16:00:00Z' });
    later(125);
    openStation(BenchPanel, out);
    expect(screen.getByText(/^Out of the cold for 2\sh in all/)).toBeTruthy();
    screen.unmount();
    openStation(BenchPanel, changed(pumpkin, { do: 'startBoard', at: '2026-12-05T16:00:00Z' }));
    expect(screen.queryByText(/^Out of the fridge for/)).toBeNull();
  });
  it('it may have stood out before the clock was started', () => {
    const { batch } = openStation(BenchPanel, changed(turkey, { do: 'startBoard', at: '2026-12-05T16:00:00Z' }));
    act(() => later(10));
    type('It was first out, min ago', '40');
    expect(batch().wrap.board?.stretches[0].outAt).toBe('2026-12-05T15:30:00.000Z');
  });
});

describe('the station as a whole', () => {
  it('a finding of the whole piece is said, and mended with a tap', async () => {
    const { batch } = openStation(WrapStation, haddock);
    press('With a vent');
    await settled();
    expect(batch().wrap.vent).toBe('slit');
  });
  it('says what to do with what is left over, and how long butter lasts on this bench', () => {
    mockBoard = forecastBoard(duck, DEFAULT_KITCHEN);
    openStation(WrapStation, changed(duck, { do: 'setBatch', to: { count: 10 } }));
    expect(screen.getByText('What is left of the filling')).toBeTruthy();
    expect(screen.getByText(/the rolled sheet is past 18\s°C/)).toBeTruthy();
  });
  it('another pan: the same depth takes more or less filling', async () => {
    const { batch } = openStation(PanPanel, haddock);
    press('Another pan');
    expect(screen.getByText(/^0\.97 times the filling/)).toBeTruthy();
    press('the filling: deeper or shallower');
    expect(screen.getByText(/^The same 1\s450\sg, 2\d\smm deep instead of 2\d/)).toBeTruthy();
    press('Take this pan');
    await settled();
    expect(batch().wrap).toMatchObject({ skin: { shape: 'tin', lengthMm: 300, sheetsBelow: 4 }, portionG: 1450 });
  });
  it.each([['venison', venison] as const, ['flat rounds', flat] as const])('%s opens', (_name, batch) => {
    openStation(WrapStation, batch);
    expect(screen.getByText('More or less filling')).toBeTruthy();
  });
});
