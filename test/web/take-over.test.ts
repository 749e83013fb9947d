/** A newer program is taken at a tap: the page is opened anew once, when it is in charge or when that takes too long. */
import { PATIENCE_MS, takeOver } from '@/data/take-over';

/** A newer program that waits until it is told to come, and comes when the test says so. */
function waiting() {
  const listeners: (() => void)[] = [];
  const told = jest.fn();
  return {
    told,
    comes: () => listeners.forEach((listener) => listener()),
    workbox: {
      addEventListener: (_kind: string, listener: unknown) => void listeners.push(listener as () => void),
      messageSkipWaiting: told,
    },
  };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

it('is told to come, and the page is opened anew when it has come, once', () => {
  const { workbox, told, comes } = waiting();
  const open = jest.fn();
  takeOver(workbox, open);
  expect(told).toHaveBeenCalledTimes(1);
  expect(open).not.toHaveBeenCalled();
  comes();
  expect(open).toHaveBeenCalledTimes(1);
  jest.advanceTimersByTime(2 * PATIENCE_MS);
  expect(open).toHaveBeenCalledTimes(1);
});

it('where the older one does not let go, the page is opened anew all the same, and only once', () => {
  const { workbox, comes } = waiting();
  const open = jest.fn();
  takeOver(workbox, open);
  jest.advanceTimersByTime(PATIENCE_MS - 1);
  expect(open).not.toHaveBeenCalled();
  jest.advanceTimersByTime(1);
  expect(open).toHaveBeenCalledTimes(1);
  comes();
  expect(open).toHaveBeenCalledTimes(1);
});
