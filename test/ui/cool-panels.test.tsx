import { act, fireEvent, renderHook, screen } from '@testing-library/react-native';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { forecastHeat } from '@/core/forecast/heat';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { useThermometer } from '@/data/thermometer';
import { lanternSupper } from '@/data/demo';
import { PlacePanel } from '@/screens/batch/cool/place-panel';
import { ReadingsPanel } from '@/screens/batch/cool/readings-panel';
import { VesselPanel } from '@/screens/batch/cool/vessel-panel';
import { type StationProps } from '@/screens/batch/station-props';
import { openStation, settled } from './station';

const AT = '2026-12-05T15:00:00.000Z';
const mockEditKitchen = jest.fn<void, [KitchenOperation]>();
let mockNow = '2026-12-05T15:20:00.000Z';
jest.mock('@/data/hooks', () => ({
  editKitchen: (operation: KitchenOperation) => {
    mockEditKitchen(operation);
    return Promise.resolve({ ok: true, step: null });
  },
}));
jest.mock('@/data/run-time', () => ({
  latestIn: () => mockNow,
  useRunTime: () => ({ now: mockNow, latest: mockNow }),
}));
const mockSignal = jest.fn<Promise<{ minute: number; c: number | null } | null>, unknown[]>();
jest.mock('@/workers/client', () => ({ simulatedSignal: (...args: unknown[]) => mockSignal(...args) }));

const SIMULATED = { is: 'practice' } as const;
const duck = lanternSupper(AT)[2];
const inTray = apply(duck, {
  do: 'setCool',
  to: { vessel: { kind: 'tray', areaCm2: 1200 }, covered: false, ambientC: null, base: 'rack' },
});
const running = apply(inTray, { do: 'startCooling', at: AT });
const heatOf = (batch: Batch) => forecastHeat(batch, DEFAULT_KITCHEN, 'first');
/** A panel that is given its forecast, as the station gives it. */
const withForecast = (
  Panel: React.ComponentType<StationProps & { forecast: NonNullable<ReturnType<typeof heatOf>['cooling']> }>,
) =>
  function Forecast(props: StationProps) {
    const forecast = props.assessment.heat?.cooling;
    return forecast ? <Panel {...props} forecast={forecast} /> : null;
  };
const press = (label: string | RegExp) => fireEvent.press(screen.getByLabelText(label));
const type = (label: string | RegExp, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);

describe('readings', () => {
  it('are not asked for before the clock runs', () => {
    openStation(withForecast(ReadingsPanel), inTray, { heatOf });
    expect(screen.queryByLabelText('Warmest place now, °C')).toBeNull();
    expect(screen.getByText(/^Start the clock/)).toBeTruthy();
  });

  it('typed, refit the forecast, and what they teach can be kept', async () => {
    const { batch } = openStation(withForecast(ReadingsPanel), { ...running, id: 'own-buns' }, { heatOf });
    type('Warmest place now, °C', '42');
    press('Record');
    await settled();
    expect(batch().cool.run?.readings).toEqual([{ at: mockNow, c: 42, source: { by: 'typed' } }]);
    expect(screen.getByText(/^By 1 reading it cools/)).toBeTruthy();
    press('Keep this for this vessel and place');
    expect(mockEditKitchen.mock.calls[0][0]).toMatchObject({
      do: 'keepFit',
      fit: { vessel: 'tray', place: 'counter', base: 'rack', covered: false, readings: 1 },
    });
    press('Remove the reading 42 °C');
    expect(batch().cool.run?.readings).toEqual([]);
  });

  it('read a while ago, it is of then', async () => {
    const { batch } = openStation(withForecast(ReadingsPanel), running, { heatOf });
    type('Read, min ago', '10');
    type('Warmest place now, °C', '55');
    press('Record');
    await settled();
    expect(Date.parse(mockNow) - Date.parse(batch().cool.run?.readings[0].at ?? '')).toBe(10 * 60_000);
  });

  it('practice is marked, and counts for nothing', () => {
    const practised = apply(running, {
      do: 'addCoolReading',
      reading: { at: mockNow, c: 20, source: { by: 'practice' } },
    });
    openStation(withForecast(ReadingsPanel), practised, { heatOf });
    expect(screen.getByText(/practice, not a measurement/)).toBeTruthy();
    expect(screen.queryByText(/^By 1 reading it cools/)).toBeNull();
  });

  it('that cannot belong to this cooling are called wrong, and teach nothing', async () => {
    mockNow = '2026-12-05T15:00:30.000Z';
    openStation(withForecast(ReadingsPanel), running, { heatOf });
    type('Warmest place now, °C', '30');
    press('Record');
    await settled();
    expect(screen.getByText(/The readings don’t fit this cooling/)).toBeTruthy();
    expect(screen.queryByLabelText('Keep this for this vessel and place')).toBeNull();
    mockNow = '2026-12-05T15:20:00.000Z';
  });
});

describe('the vessel', () => {
  it('the pan it was cooked in follows its contents; a depth that is said makes a pot of it', () => {
    const inPan = apply(duck, { do: 'setCool', to: { vessel: { kind: 'pan', areaCm2: null } } });
    const { batch } = openStation(withForecast(VesselPanel), inPan, { heatOf });
    expect(screen.getByLabelText('the pan it was cooked in')).toBeTruthy();
    type('Depth, mm', '70');
    expect(batch().cool).toMatchObject({ depthMm: 70, vessel: { kind: 'pot', areaCm2: null } });
  });

  it('chosen by its floor, gives the depth; a typed depth lets the floor go', () => {
    const { batch } = openStation(withForecast(VesselPanel), duck, { heatOf });
    press('my shallow dish');
    expect(batch().cool.vessel).toEqual({ kind: 'dish', areaCm2: 600 });
    const depth = Number(screen.getByLabelText('Depth, mm').props.value);
    expect(depth).toBeGreaterThan(20);
    expect(depth).toBeLessThan(30);
    type('Depth, mm', '15');
    expect(batch().cool).toMatchObject({ depthMm: 15, vessel: { areaCm2: null } });
  });

  it('a depth of nothing and a tray smaller than a spoon are refused in words', () => {
    const { batch } = openStation(withForecast(VesselPanel), inTray, { heatOf });
    type('Depth, mm', '0');
    expect(screen.getByText('At least 2 mm.')).toBeTruthy();
    type('Its floor (optional), cm²', '4');
    expect(screen.getByText('At least 20 cm².')).toBeTruthy();
    expect(batch()).toEqual(inTray);
  });

  it('half now says what to do with the rest', () => {
    const { batch } = openStation(withForecast(VesselPanel), inTray, { heatOf });
    press('half, the rest later');
    expect(batch().cool.share).toBe(0.5);
    expect(screen.getByText(/Keep the rest above 60 °C/)).toBeTruthy();
  });
});

describe('places', () => {
  it('one after another: the plan is shown as such, each leg with its own', () => {
    const { batch } = openStation(PlacePanel, inTray);
    press('First somewhere else');
    type('Leg 1: for, min', '25');
    expect(batch().cool.legs).toMatchObject([{ minutes: 25, place: 'counter', base: 'rack', covered: false }]);
    expect(screen.getByText(/^After 25 min: counter, rack$/)).toBeTruthy();
    press('Take leg 1 away');
    expect(batch().cool.legs).toEqual([]);
  });

  it('the air is the kitchen’s until it is typed, and another place has its own again', () => {
    const { batch } = openStation(PlacePanel, inTray);
    expect(screen.getByLabelText('Air there, °C').props.value).toBe('21');
    type('Air there, °C', '27');
    expect(batch().cool.ambientC).toBe(27);
    press('cold porch');
    expect(batch().cool).toMatchObject({ place: 'porch', ambientC: null });
  });

  it('stirring now and then asks how often', () => {
    const { batch } = openStation(PlacePanel, inTray);
    press('now and then');
    type('Stirred every, min', '7');
    expect(batch().cool).toMatchObject({ stirred: false, stirEveryMinutes: 7 });
    press('all the time');
    expect(batch().cool).toMatchObject({ stirred: true, stirEveryMinutes: null });
  });
});

describe('the thermometer without a server', () => {
  beforeEach(() => {
    jest.useFakeTimers({ now: Date.parse(AT) + 10 * 60_000 });
    jest.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('no server'));
    mockSignal.mockReset();
  });
  afterEach(() => {
    jest.restoreAllMocks();
    jest.useRealTimers();
  });
  const settle = (ms: number) => act(async () => void (await jest.advanceTimersByTimeAsync(ms)));

  it('asks the worker every few seconds, and judges what it hears', async () => {
    const shown = [80, null, 79.5, 22, 79];
    mockSignal.mockImplementation(() => Promise.resolve({ minute: 0, c: shown.shift() ?? null }));
    const { result, unmount } = renderHook(() => useThermometer(running, DEFAULT_KITCHEN, SIMULATED));
    await settle(10);
    expect(result.current).toMatchObject({ source: 'worker', signal: { state: 'good', c: 80 } });
    const states: (string | undefined)[] = [];
    for (let i = 0; i < 4; i++) {
      await settle(5000);
      states.push(result.current.signal?.state);
    }
    // Good again after a slip: it is judged against the good signals, not the last.
    expect(states).toEqual(['lost', 'good', 'nonsense', 'good']);
    const asked = mockSignal.mock.calls.length;
    unmount();
    await settle(20_000);
    expect(mockSignal.mock.calls.length).toBe(asked);
  });

  it('is silent while it is away, or no clock runs', async () => {
    const away = renderHook(() => useThermometer(running, DEFAULT_KITCHEN, null));
    const unstarted = renderHook(() => useThermometer(inTray, DEFAULT_KITCHEN, SIMULATED));
    await settle(12_000);
    expect(mockSignal).not.toHaveBeenCalled();
    for (const { result } of [away, unstarted]) expect(result.current).toEqual({ source: null, signal: null });
  });
});
