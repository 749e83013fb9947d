import AsyncStorage from '@react-native-async-storage/async-storage';
import { DEFAULT_KITCHEN } from '@/core/batch/kitchen';
import { lanternSupper } from '@/data/demo';
import * as repository from '@/data/repository';
import * as undo from '@/data/undo';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual('@react-native-async-storage/async-storage/jest/async-storage-mock'),
);

const AT = '2026-12-05T15:00:00Z';
const [turkey] = lanternSupper(AT);
const wet = { do: 'setWrap', to: { portionG: 31 } } as const;
const words = { do: 'setNote', to: { words: 'from the other tab' } } as const;

beforeEach(async () => {
  await AsyncStorage.clear();
  await repository.createBatch(turkey);
});

const stored = async () => {
  const batch = await repository.loadBatch(turkey.id);
  if (batch === null || repository.isBroken(batch)) throw new Error('not readable');
  return batch;
};

describe('batches in storage', () => {
  it('a change is applied to what is stored now: two tabs keep both changes', async () => {
    await repository.changeBatch(turkey.id, [wet], AT);
    const { after } = await repository.changeBatch(turkey.id, [words], AT);
    expect(after.wrap.portionG).toBe(31);
    expect(after.note.words).toBe('from the other tab');
    expect((await stored()).revision).toBe(2);
  });

  it('undo puts the earlier state back as a new revision, but never over another tab’s change', async () => {
    const { before, after } = await repository.changeBatch(turkey.id, [wet], AT);
    const restored = await repository.restoreBatch(before, after.revision, AT);
    expect(restored).toMatchObject({ revision: 2, wrap: { portionG: 28 } });
    await repository.changeBatch(turkey.id, [words], AT);
    expect(await repository.restoreBatch(before, 2, AT)).toBeNull();
    expect((await stored()).note.words).toBe('from the other tab');
  });

  it('what cannot be read is handed out as it is, beside what can', async () => {
    await AsyncStorage.setItem(repository.batchKey('broken'), '{"half": ');
    await AsyncStorage.setItem(repository.batchKey('odd'), JSON.stringify({ ...turkey, id: 'odd', count: -1 }));
    const { batches, broken } = await repository.listBatches();
    expect(batches.map((b) => b.id)).toEqual([turkey.id]);
    expect(broken.map((b) => b.text).sort()).toEqual(
      ['{"half": ', JSON.stringify({ ...turkey, id: 'odd', count: -1 })].sort(),
    );
    expect(broken.flatMap((b) => b.problems)).toContain('count: must be at least 1');
    await expect(repository.changeBatch('odd', [wet], AT)).rejects.toBeInstanceOf(repository.MissingError);
  });

  it('a full store is reported, and what was stored stays', async () => {
    jest.mocked(AsyncStorage.setItem).mockRejectedValueOnce(new Error('QuotaExceededError'));
    await expect(repository.changeBatch(turkey.id, [wet], AT)).rejects.toThrow(/Not saved.*unchanged/);
    expect((await stored()).wrap.portionG).toBe(28);
  });

  it('the demo is put in once, at the very first visit', async () => {
    await AsyncStorage.clear();
    await repository.openFirst(() => lanternSupper(AT));
    await repository.deleteBatch(turkey.id);
    await repository.openFirst(() => lanternSupper(AT));
    expect((await repository.listBatches()).batches).toHaveLength(lanternSupper(AT).length - 1);
  });

  it('settings that cannot be read are set aside, not lost', async () => {
    const warned = jest.spyOn(console, 'warn').mockImplementation(() => undefined);
    await AsyncStorage.setItem('involucrum/kitchen', '{"altitudeM": "high"}');
    expect(await repository.loadKitchen()).toEqual(DEFAULT_KITCHEN);
    expect(await AsyncStorage.getItem('involucrum/kitchen-set-aside')).toBe('{"altitudeM": "high"}');
    expect(warned).toHaveBeenCalledTimes(1);
    expect(await repository.changeKitchen({ altitudeM: 800 })).toMatchObject({ altitudeM: 800, revision: 1 });
    expect((await repository.loadKitchen()).altitudeM).toBe(800);
  });
});

describe('the list of what can be undone', () => {
  beforeEach(() => undo.forget(turkey.id));

  it('joins quick strokes in one field, and keeps apart what was apart', () => {
    undo.remember(turkey, 1, 'words', 1000);
    undo.remember({ ...turkey, revision: 1 }, 2, 'words', 1400);
    undo.remember({ ...turkey, revision: 2 }, 3, 'words', 9000);
    undo.remember({ ...turkey, revision: 3 }, 4, 'portion', 9100);
    expect(undo.takeBack(turkey.id)?.before.revision).toBe(3);
    expect(undo.takeBack(turkey.id)?.before.revision).toBe(2);
    expect(undo.takeBack(turkey.id)).toMatchObject({ made: 2, before: { revision: 0 } });
    expect(undo.canUndo(turkey.id)).toBe(false);
  });

  it('after an undo the step before it can be undone from the new revision', () => {
    undo.remember(turkey, 1, 'a', 0);
    undo.remember({ ...turkey, revision: 1 }, 2, 'b', 0);
    undo.takeBack(turkey.id);
    undo.rebase(turkey.id, 3);
    expect(undo.takeBack(turkey.id)?.made).toBe(3);
  });
});
