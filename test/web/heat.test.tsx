/** The judgement is there at once; forecast and proposals follow from the worker, each for just the batch it was asked about. */
import { act, renderHook, waitFor } from '@testing-library/react';
import { type ReactNode } from 'react';
import { SWRConfig } from 'swr';
import { CHECK_IDS } from '@/core/checks/check';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import { useAssessment } from '@/data/heat';
import { currentNotice, say } from '@/data/notices';
import * as core from '@/workers/forecasts';
import { WorkerDied } from '@/workers/lively';

/** The worker, answering when the test lets it. */
const mockAsked: { what: string; version: string; answer: () => void; fail: (error: Error) => void }[] = [];
function mockAsk<Result>(what: string, version: string, run: () => Result): Promise<Result> {
  return new Promise((resolve, reject) => {
    mockAsked.push({ what, version, answer: () => resolve(run()), fail: reject });
  });
}
const mockCore = core;
jest.mock('@/workers/client', () => ({
  forecastHeat: (...args: Parameters<typeof core.forecastHeat>) =>
    mockAsk(args[3], args[0], () => mockCore.forecastHeat(...args)),
  propose: (...args: Parameters<typeof core.propose>) => mockAsk('proposals', args[0], () => mockCore.propose(...args)),
}));
jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual('@react-native-async-storage/async-storage/jest/async-storage-mock'),
);

/** Too wet as it opens, and something in it is hot. */
const [, , , haddock] = lanternSupper('2026-12-05T15:00:00Z');
const fresh = ({ children }: { children: ReactNode }) => (
  <SWRConfig value={{ provider: () => new Map() }}>{children}</SWRConfig>
);
const open = (batch: Batch) =>
  renderHook(({ shown }) => useAssessment(shown, DEFAULT_KITCHEN), {
    wrapper: fresh,
    initialProps: { shown: batch },
  });
/** Whether the worker has been asked of a kind: it is, a moment after it is known that the answer is not kept. */
const isAsked = (what: string) => waitFor(() => expect(mockAsked.map((asked) => asked.what)).toContain(what));
/** Lets the worker answer what it has been asked of a kind. */
const answer = async (what: string) => {
  await isAsked(what);
  await act(async () => {
    mockAsked.filter((asked) => asked.what === what).forEach((asked) => asked.answer());
    for (const asked of [...mockAsked]) if (asked.what === what) mockAsked.splice(mockAsked.indexOf(asked), 1);
    await Promise.resolve();
  });
};
const edited = (batch: Batch, change: Operation): Batch => ({ ...apply(batch, change), revision: batch.revision + 1 });

beforeEach(() => {
  mockAsked.length = 0;
  say(null);
});

it('judges at once, with Cooling and Core being worked out and nothing proposed', () => {
  const { result } = open(haddock);
  const { checks } = result.current.assessment;
  expect(checks.moisture.headline).toBe('Moisture: too wet');
  expect(checks.cooling.pending).toBe(true);
  expect(CHECK_IDS.flatMap((id) => checks[id].fixes)).toEqual([]);
  expect(result.current.isStale).toBe(true);
});

it('the forecast comes first, then what could be done', async () => {
  const { result } = open(haddock);
  await answer('first');
  await waitFor(() => expect(result.current.assessment.checks.cooling.pending).toBe(false));
  expect(result.current.assessment.checks.moisture.fixes).toEqual([]);
  await answer('all');
  await answer('proposals');
  await waitFor(() => expect(result.current.assessment.checks.moisture.fixes.length).toBeGreaterThan(1));
  expect(result.current.isStale).toBe(false);
});

it('after an edit the old proposals are stale until their own have come', async () => {
  const { result, rerender } = open(haddock);
  for (const what of ['first', 'all', 'proposals']) await answer(what);
  await waitFor(() => expect(result.current.isStale).toBe(false));
  const drier = edited(haddock, { do: 'changeLine', id: 'milk', to: { amount: 300 } });
  rerender({ shown: drier });
  expect(result.current.isStale).toBe(true);
  for (const what of ['first', 'all', 'proposals']) await answer(what);
  await waitFor(() => expect(result.current.isStale).toBe(false));
  // Tried out on the batch as it is now.
  const now = result.current.assessment.checks.moisture;
  for (const fix of now.fixes) expect(fix.effect.startsWith(now.figure)).toBe(true);
});

it('words alone ask for no new forecast, only for what could be done', async () => {
  const { result, rerender } = open(haddock);
  for (const what of ['first', 'all', 'proposals']) await answer(what);
  await waitFor(() => expect(result.current.isStale).toBe(false));
  mockAsked.length = 0;
  rerender({ shown: edited(haddock, { do: 'setNote', to: { words: 'Quick.' } }) });
  await isAsked('proposals');
  expect(mockAsked.map((asked) => asked.what)).toEqual(['proposals']);
});

it('a worker that died is said: Cooling and Core are never Good then, and trying again asks anew', async () => {
  const { result } = open(haddock);
  await isAsked('first');
  await isAsked('all');
  await act(async () => {
    mockAsked.forEach((asked) => asked.fail(new WorkerDied('it broke')));
    await Promise.resolve();
  });
  await waitFor(() => expect(result.current.assessment.checks.cooling.headline).toBe('Cooling: not known'));
  expect(result.current.assessment.checks.core.state).not.toBe('good');
  expect(currentNotice()?.text).toContain('it broke');
  mockAsked.length = 0;
  await act(async () => {
    void currentNotice()?.action?.run();
    await Promise.resolve();
  });
  await answer('first');
  await answer('all');
  await waitFor(() => expect(result.current.assessment.checks.cooling.headline).not.toBe('Cooling: not known'));
});
