/** What a reading on its way would have brought is not lost when something is shown meanwhile. */
import { act, renderHook, waitFor } from '@testing-library/react';
import useSWR, { mutate } from 'swr';
import { readingList, showInList } from '@/data/list-reading';

it('shows a change at once, and reads again what was on its way', async () => {
  let stored = ['old'];
  let letCome: () => void = () => undefined;
  let isHeld = false;
  let readings = 0;
  const { result } = renderHook(() =>
    useSWR<string[]>('things', () =>
      readingList('things', async () => {
        readings += 1;
        const read = stored;
        if (isHeld) await new Promise<void>((resolve) => (letCome = resolve));
        return read;
      }),
    ),
  );
  await waitFor(() => expect(result.current.data).toEqual(['old']));

  // Somebody stores a thing, and it is being read; before it has come another change is shown.
  stored = ['old', 'opened from a file'];
  isHeld = true;
  act(() => void mutate('things'));
  await waitFor(() => expect(readings).toBe(2));
  stored = ['old, changed', 'opened from a file'];
  isHeld = false;
  await act(() =>
    showInList<string[]>('things', (known) => known.map((one) => (one === 'old' ? 'old, changed' : one))),
  );
  act(() => letCome());
  await waitFor(() => expect(result.current.data).toEqual(['old, changed', 'opened from a file']));
  expect(readings).toBe(3);

  // With nothing on its way nothing is read again.
  await act(() => showInList<string[]>('things', (known) => [...known, 'new']));
  expect(result.current.data).toEqual(['old, changed', 'opened from a file', 'new']);
  expect(readings).toBe(3);
});
