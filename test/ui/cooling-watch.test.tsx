import { render } from '@testing-library/react-native';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import { CoolingWatch } from '@/screens/cooling-watch';

const START = Date.parse('2026-12-05T15:00:00.000Z');
const at = (minutes: number): string => new Date(START + minutes * 60_000).toISOString();

const mockKitchen = DEFAULT_KITCHEN;
let mockBatches: Batch[] = [];
let mockNow = at(0);
const mockAlarm = jest.fn<void, [text: string, tag: string]>();
jest.mock('@/data/alarm', () => ({
  raiseAlarm: (text: string, tag: string) => {
    mockAlarm(text, tag);
    return Promise.resolve();
  },
}));
jest.mock('@/data/run-time', () => ({ useRunTime: () => ({ now: mockNow, latest: mockNow }) }));
jest.mock('@/data/hooks', () => ({
  useBatches: () => ({ data: { batches: mockBatches, broken: [] } }),
  useKitchen: () => mockKitchen,
}));
const mockForecast = (batch: Batch) => forecastHeat(batch, DEFAULT_KITCHEN, 'first');
let mockIsForecast = true;
jest.mock('@/data/heat', () => ({
  useHeat: (batch: Batch) => ({ heat: mockIsForecast ? mockForecast(batch) : null, error: null }),
}));

const duck = lanternSupper(at(0))[2];
const running = (...changes: Operation[]): Batch =>
  [
    ...changes,
    { do: 'startCooling' as const, at: at(0) },
    {
      do: 'setCool' as const,
      to: {
        vessel: { kind: 'tray' as const, areaCm2: 1200 },
        covered: false,
        ambientC: null,
        base: 'rack' as const,
      },
    },
  ].reduce(apply, duck);

/** Looks at the clocks at one minute after another; what was raised at each. */
function look(batches: Batch[], minutes: readonly number[]): string[][] {
  mockBatches = batches;
  mockNow = at(minutes[0]);
  mockAlarm.mockClear();
  const view = render(<CoolingWatch />);
  const raised = minutes.map((minute, i) => {
    // The first look has been taken.
    if (i > 0) mockAlarm.mockClear();
    mockNow = at(minute);
    if (i > 0) view.rerender(<CoolingWatch />);
    return mockAlarm.mock.calls.map(([text]) => text);
  });
  view.unmount();
  return raised;
}

describe('alarms', () => {
  const batch = running();
  const ready = forecastHeat(batch, DEFAULT_KITCHEN, 'first').cooling?.minutes ?? NaN;

  it('wrap-ready is raised once, when it comes', () => {
    const raised = look([batch], [ready - 2, ready - 0.1, ready + 0.1, ready + 1, ready + 5]);
    expect(raised).toEqual([[], [], ['Duck and prune pockets: wrap-ready by the forecast. Measure it.'], [], []]);
  });

  it('what has come while its forecast was still being worked out is raised with it', () => {
    mockBatches = [batch];
    mockAlarm.mockClear();
    mockIsForecast = false;
    mockNow = at(ready - 1);
    const view = render(<CoolingWatch />);
    mockNow = at(ready + 3);
    view.rerender(<CoolingWatch />);
    expect(mockAlarm).not.toHaveBeenCalled();
    mockIsForecast = true;
    view.rerender(<CoolingWatch />);
    view.rerender(<CoolingWatch />);
    expect(mockAlarm.mock.calls.map(([text]) => text)).toEqual([
      'Duck and prune pockets: wrap-ready by the forecast. Measure it.',
    ]);
    view.unmount();
  });

  it('what was over before the page was opened is not raised again', () => {
    expect(look([batch], [ready + 1, ready + 2]).flat()).toEqual([]);
  });

  it('ten minutes before a deadline it warns, unless the filling has been measured cold enough', () => {
    const slow = running();
    const [before, after] = look([slow], [108, 111]);
    expect([...before, ...after]).toEqual(['Duck and prune pockets: 10 min to the limit, in the fridge within 2 h.']);
    const measured = apply(slow, {
      do: 'addCoolReading',
      reading: { at: at(90), c: 22, source: { by: 'typed' } },
    });
    expect(look([measured], [108, 111]).flat()).toEqual([]);
  });

  it('a deadline that passes is raised, as the authority says it; missed while the page was closed, at the first look', () => {
    const slow = apply(duck, { do: 'startCooling', at: at(0) });
    const [before, after, ...rest] = look([slow], [119, 121, 122, 140]);
    expect(before).toEqual([]);
    expect(after).toEqual([expect.stringMatching(/^Duck and prune pockets: limit missed, .*Throw away/)]);
    expect(rest.flat()).toEqual([]);
    expect(look([slow], [300, 301])[0]).toEqual([expect.stringContaining('limit missed')]);
  });

  it('says when it is time to move it on', () => {
    const leg = {
      minutes: 20,
      depthMm: null,
      base: 'rack' as const,
      place: 'counter' as const,
      ambientC: null,
      covered: false,
      stirred: false,
      stirEveryMinutes: null,
    };
    const moving = running({ do: 'setCool', to: { legs: [leg], place: 'fridge' } });
    const raised = look([moving], [15, 19.9, 20.2]).flat();
    expect(raised).toEqual(['Duck and prune pockets: move it on (fridge).']);
  });

  it('watches every batch whose clock runs, and no other', () => {
    const other = { ...running(), id: 'other', title: 'Leek rolls' };
    const raised = look([batch, duck, other], [ready - 1, ready + 1]).flat();
    expect(raised).toHaveLength(2);
    expect(raised.some((text) => text.startsWith('Leek rolls'))).toBe(true);
  });
});
