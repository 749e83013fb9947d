import AsyncStorage from '@react-native-async-storage/async-storage';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import * as undo from '@/data/undo';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual('@react-native-async-storage/async-storage/jest/async-storage-mock'),
);

const [turkey] = lanternSupper('2026-12-05T15:00:00Z');
const KEY = `involucrum/undo/${turkey.id}`;
const words = (text: string): Operation => ({ do: 'setNote', to: { words: text } });
const portion = (portionG: number): Operation => ({ do: 'setWrap', to: { portionG } });

/** A batch that is edited as storage would: each edit a revision. */
function tab(first: Batch = turkey, writer = 'this tab') {
  let batch = first;
  let at = 0;
  return {
    get batch() {
      return batch;
    },
    edit(change: Operation, what = '', after = 5000): number {
      at += after;
      const before = batch;
      batch = { ...apply(before, change), revision: before.revision + 1, writer };
      return undo.remember(before, batch, [change], what, at);
    },
    /** What would be stored when a step is taken back. */
    back(stepId?: number): Batch | null {
      const left = undo.without(batch.id, stepId);
      if (!left) return null;
      batch = { ...left.operations.reduce(apply, left.base), revision: batch.revision + 1, writer };
      undo.takenBack(batch, left.stepId);
      return batch;
    },
    /** Somebody else stores. */
    foreign(change: Operation) {
      batch = { ...apply(batch, change), revision: batch.revision + 1, writer: 'another tab' };
    },
  };
}

beforeEach(() => {
  jest.useFakeTimers();
  undo.forget(turkey.id);
});
afterEach(() => jest.useRealTimers());

it('joins quick strokes in one field; edits without a name, and in other fields, stay apart', () => {
  const t = tab();
  t.edit(words('a'), 'words');
  t.edit(words('ab'), 'words', 400);
  t.edit(words('abc'), 'words', 9000);
  t.edit({ do: 'addLine', line: { ...turkey.lines[0], id: 'x' } }, '', 100);
  t.edit({ do: 'addLine', line: { ...turkey.lines[0], id: 'y' } }, '', 100);
  expect(t.back()?.lines.map((l) => l.id)).toContain('x');
  expect(t.batch.lines.map((l) => l.id)).not.toContain('y');
  expect(t.back()?.note.words).toBe('abc');
  expect(t.back()?.note.words).toBe('ab');
  expect(t.back()?.note.words).toBe('');
  expect(t.back()).toBeNull();
});

it('one edit in the midst is taken back, and what came after stays', () => {
  const t = tab();
  const fix = t.edit(portion(21));
  t.edit(words('later'), 'words');
  expect(t.back(fix)).toMatchObject({ wrap: { portionG: turkey.wrap.portionG }, note: { words: 'later' } });
  // Once is enough.
  expect(t.back(fix)).toBeNull();
  expect(t.back()).toMatchObject({ note: { words: '' } });
});

it('after another tab’s edit nothing is taken back that would take that, too', () => {
  const t = tab();
  const mine = t.edit(portion(21));
  t.foreign(words('theirs'));
  t.edit(portion(25));
  expect(t.back()).toMatchObject({ wrap: { portionG: 21 }, note: { words: 'theirs' } });
  expect(t.back(mine)).toBeNull();
  expect(t.back()).toBeNull();
});

it('the last twenty steps survive a reload, and lead nowhere when something else has been stored', async () => {
  const t = tab();
  for (let i = 1; i <= 30; i++) t.edit(portion(i));
  undo.keepAll();
  const kept = (await AsyncStorage.getItem(KEY)) ?? '';
  // A reload: nothing is known any more but what was kept.
  undo.forget(turkey.id);
  await AsyncStorage.setItem(KEY, kept);
  await undo.recall({ ...t.batch, revision: 99 }, 'this tab');
  expect(undo.without(turkey.id)).toBeNull();
  // Another tab that opens the batch does not take up this one's steps.
  await undo.recall(t.batch, 'another tab');
  expect(undo.without(turkey.id)).toBeNull();
  await undo.recall(t.batch, 'this tab');
  for (let i = 29; i >= 10; i--) expect(t.back()?.wrap.portionG).toBe(i);
  expect(t.back()).toBeNull();
  // Typing a long note is one stroke in what is kept, not hundreds.
  for (let i = 1; i <= 300; i++) t.edit(words('x'.repeat(i)), 'words', 100);
  undo.keepAll();
  expect(((await AsyncStorage.getItem(KEY)) ?? '').length).toBeLessThan(8000);
});
