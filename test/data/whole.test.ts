/** All that is kept, into one file and back: byte for byte; nothing is overwritten without being kept. */
import { problemWords } from '@/core/stored/problem';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { rehearsalId } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { demo } from '@/data/demo';
import { forget } from '@/data/forget';
import * as batchStore from '@/data/batch-store';
import * as kitchenStore from '@/data/kitchen-store';
import { batchKey, photographKey } from '@/data/keys';
import { openFirst } from '@/data/opening';
import { begin } from '@/data/rehearsals';
import { measureRoom, ROOM } from '@/data/room';
import { forgetHeld } from '@/data/store';
import { previewWhole, eraseAll, removeBatches, restoreWhole, saveBatches, saveWhole } from '@/data/whole';
import { MemoryStorage } from './memory-storage';

const mockStorage = new MemoryStorage();
jest.mock('@react-native-async-storage/async-storage', () => ({
  __esModule: true,
  get default() {
    return mockStorage;
  },
}));
const mockFiles = new Map<string, string>();
jest.mock('@/data/files', () => ({ download: (name: string, text: string) => mockFiles.set(name, text) }));
const mockForgetAllAnswers = jest.fn(() => Promise.resolve());
jest.mock('@/data/answers', () => ({
  forgetAnswers: () => Promise.resolve(),
  forgetAllAnswers: () => mockForgetAllAnswers(),
}));
jest.mock('@/workers/notebook-client', () => ({ askNotebook: () => Promise.reject(new Error('not asked here')) }));

let edits = 0;
const nextEdit = () => ({ by: 'this-page', number: ++edits });
const AT = '2026-12-05T15:00:00.000Z';
const PICTURE = `data:image/jpeg;base64,${'A'.repeat(400)}`;
const documents = (): Map<string, string> =>
  new Map([...mockStorage.texts].filter(([key]) => !/opened|undo|tab|seen/.test(key)));
const saved = async (): Promise<string> => {
  mockFiles.clear();
  await saveWhole();
  return [...mockFiles.values()][0];
};
const preview = async (text: string) => {
  const read = await previewWhole(text);
  if ('problems' in read) throw new Error(read.problems.map(problemWords).join());
  return read.compared;
};
const counts = async (text: string): Promise<Record<string, number>> =>
  (await preview(text)).reduce<Record<string, number>>(
    (sum, { standing }) => ({ ...sum, [standing]: (sum[standing] ?? 0) + 1 }),
    {},
  );

/** A kitchen that has been used: batches of the demo, one changed, a photograph, something learned, a day, a rehearsal. */
async function lived(): Promise<Batch[]> {
  forgetHeld();
  mockStorage.empty();
  await openFirst(() => demo(AT));
  const { batches } = await batchStore.listBatches();
  const [one] = batches;
  await batchStore.changeBatch(one.id, [{ do: 'setNote', to: { words: 'Mine now – “½ tsp”' } }], AT, nextEdit());
  await kitchenStore.changeKitchen(
    [
      { do: 'setKitchen', to: { altitudeM: 640 } },
      {
        do: 'learn',
        lesson: { what: 'salt', of: 'all', estimate: 1.1, x: 1.3, because: 'It was bland.' },
        batchId: one.id,
        at: AT,
      },
    ],
    AT,
    undefined,
    nextEdit(),
  );
  mockStorage.texts.set(photographKey(one.id), JSON.stringify(PICTURE));
  await begin('as-it-seems', { of: one, own: DEFAULT_KITCHEN, seed: 5 });
  mockStorage.texts.set('involucrum/batch/broken', '{not json');
  return (await batchStore.listBatches()).batches;
}

describe('the whole kitchen', () => {
  it('into an empty browser it comes back letter by letter', async () => {
    await lived();
    const before = documents();
    const file = await saved();
    mockStorage.empty();
    forgetHeld();
    expect(await counts(file)).toEqual({ new: before.size });
    const done = await restoreWhole(await preview(file), 'mine');
    expect(done).toEqual({ put: before.size, left: 0, refused: [] });
    expect(documents()).toEqual(before);
    expect(await counts(file)).toEqual({ same: before.size });
  });

  it('what is here in another state stays, or is kept beside the file’s', async () => {
    const [one] = await lived();
    const file = await saved();
    const theirs = mockStorage.texts.get(batchKey(one.id));
    await batchStore.changeBatch(one.id, [{ do: 'setNote', to: { words: 'Changed since' } }], AT, nextEdit());
    await kitchenStore.changeKitchen([{ do: 'setKitchen', to: { altitudeM: 10 } }], AT, undefined, nextEdit());
    const changed = (await preview(file)).filter(({ standing }) => standing === 'changed');
    expect(changed.map(({ name }) => name).sort()).toEqual(['The kitchen, with what it has learned', one.title].sort());

    const mine = documents();
    expect(await restoreWhole(await preview(file), 'mine')).toMatchObject({ put: 0, left: 2 });
    expect(documents()).toEqual(mine);

    expect(await restoreWhole(await preview(file), 'theirs')).toMatchObject({ put: 2, refused: [] });
    expect(mockStorage.texts.get(batchKey(one.id))).toBe(theirs);
    const { batches } = await batchStore.listBatches();
    const kept = batches.find(({ title }) => title.endsWith('(as it was here)'));
    expect(kept?.note.words).toBe('Changed since');
    const kitchen = await kitchenStore.loadKitchen();
    expect(kitchen.kitchen.altitudeM).toBe(640);
    expect(kitchen.setAside.map(({ text }) => (JSON.parse(text) as { altitudeM: number }).altitudeM)).toEqual([10]);
  });

  it('the demo that nobody touched gives way without leaving copies', async () => {
    await lived();
    const file = await saved();
    mockStorage.empty();
    await openFirst(() => demo('2026-12-06T15:00:00.000Z'));
    await restoreWhole(await preview(file), 'mine');
    const { batches } = await batchStore.listBatches();
    expect(batches.filter(({ title }) => title.includes('as it was here'))).toEqual([]);
    expect(batches.some(({ note }) => note.words.startsWith('Mine now'))).toBe(true);
    const { kitchen, setAside } = await kitchenStore.loadKitchen();
    expect(kitchen.altitudeM).toBe(640);
    expect(setAside).toEqual([]);
  });

  it('a document in it that cannot be read is named and left out, the rest comes', async () => {
    await lived();
    const file = JSON.parse(await saved()) as { records: { kind: string; document: { count?: unknown } }[] };
    const spoilt = file.records.find(({ kind }) => kind === 'batch');
    if (spoilt) spoilt.document.count = 'many';
    mockStorage.empty();
    const done = await restoreWhole(await preview(JSON.stringify(file)), 'mine');
    expect(done.refused).toEqual([expect.stringMatching(/: count: /)]);
    expect(done.put).toBe(file.records.length - 1);
    expect(await previewWhole('{"format":"involucrum/batch"}')).toMatchObject({ problems: [{ code: 'format' }] });
    expect(await previewWhole('not json')).toMatchObject({ problems: [{ code: 'format' }] });
  });

  it('a photograph that differs beside the same batch stays: there is nowhere to keep it', async () => {
    const all = await lived();
    const file = await saved();
    const key = all.map(({ id }) => photographKey(id)).find((k) => mockStorage.texts.has(k)) ?? '';
    const mine = JSON.stringify(`${PICTURE}BBBB`);
    mockStorage.texts.set(key, mine);
    expect(await restoreWhole(await preview(file), 'theirs')).toMatchObject({ put: 0, left: 1 });
    expect(mockStorage.texts.get(key)).toBe(mine);
  });

  it('what is not what it says is refused: another id, a rehearsal among real ones, a text among the bookkeeping', async () => {
    const [one] = await lived();
    const records = [
      { kind: 'batch', id: 'other', document: one },
      { kind: 'batch', id: 'rehearsal-x', document: { ...one, id: 'rehearsal-x' } },
      { kind: 'rehearsed-kitchen', id: 'x', document: DEFAULT_KITCHEN },
      { kind: 'unreadable', id: 'involucrum/pending/x', document: '[]' },
    ];
    mockStorage.empty();
    const file = JSON.stringify({ format: 'involucrum/whole', version: 1, madeAt: AT, records });
    const done = await restoreWhole(await preview(file), 'theirs');
    expect(done).toMatchObject({ put: 0, refused: records.map(() => expect.any(String) as string) });
    expect(mockStorage.texts.size).toBe(0);
  });

  it('batches are archived with their photographs, taken away, and come back as they were', async () => {
    const [one, two] = await lived();
    const before = documents();
    mockFiles.clear();
    await saveBatches([one, two], 'archive.json');
    const file = mockFiles.get('archive.json') ?? '';
    const back = await removeBatches([one, two]);
    expect(documents().size).toBe(before.size - 3);
    expect(await counts(file)).toEqual({ new: 3 });
    expect((await back()).put).toBe(3);
    expect(documents()).toEqual(before);
  });

  it('everything is erased, the demo does not come again, and all of it can be brought back', async () => {
    await lived();
    const before = new Map(mockStorage.texts);
    const back = await eraseAll();
    expect(mockForgetAllAnswers).toHaveBeenCalledTimes(1);
    expect([...mockStorage.texts.keys()].filter((key) => key.startsWith('involucrum/'))).toEqual(['involucrum/opened']);
    await openFirst(() => demo(AT));
    expect((await batchStore.listBatches()).batches).toEqual([]);
    await back();
    for (const [key, text] of before) expect(mockStorage.texts.get(key)).toBe(text);
  });

  it('a deleted batch takes its photograph along, and brings it back', async () => {
    const all = await lived();
    const one = all.find(({ id }) => mockStorage.texts.has(photographKey(id)));
    const key = photographKey(one?.id ?? '');
    await batchStore.deleteBatch(one?.id ?? '');
    const back = await forget(one?.id ?? '');
    expect(mockStorage.texts.has(key)).toBe(false);
    expect([...mockStorage.texts.keys()].filter((k) => k.endsWith(`/${one?.id}`))).toEqual([]);
    await back();
    expect(mockStorage.texts.get(key)).toBe(JSON.stringify(PICTURE));
  });
});

describe('what is rehearsed', () => {
  it('stands in no list of real batches, and learns in a kitchen of its own', async () => {
    const before = await lived();
    const id = await begin('drawn', { of: before[0], own: DEFAULT_KITCHEN, seed: 9 });
    expect(id.startsWith(rehearsalId(''))).toBe(true);
    expect((await batchStore.listBatches()).batches).toEqual(before);
    const { kitchen } = await kitchenStore.loadKitchen();
    await kitchenStore.changeKitchen(
      [
        {
          do: 'learn',
          lesson: { what: 'waste', of: 'all', estimate: 0, x: 5, because: 'Thrown away.' },
          batchId: id,
          at: AT,
        },
      ],
      AT,
      id,
      nextEdit(),
    );
    expect((await kitchenStore.loadKitchen()).kitchen).toEqual(kitchen);
    expect((await kitchenStore.loadKitchen(id)).kitchen.learned).toMatchObject([{ what: 'waste' }]);
    await batchStore.changeBatch(id, [{ do: 'setNote', to: { words: 'only practice' } }], AT, nextEdit());
    expect(JSON.stringify((await batchStore.listBatches()).batches)).not.toContain('only practice');
  });
});

describe('how full the store is', () => {
  it('counts what is there, the largest first', async () => {
    await lived();
    const { used, share, groups } = await measureRoom();
    const letters = [...mockStorage.texts].reduce((sum, [key, text]) => sum + key.length + text.length, 0);
    expect(used).toBe(letters);
    expect(share).toBeCloseTo(letters / ROOM, 9);
    expect(groups[0].what).toBe('Batches');
    expect(groups.map(({ what }) => what)).toEqual(
      expect.arrayContaining(['Photographs', 'Rehearsals', 'The kitchen']),
    );
    expect([...groups].sort((a, b) => b.letters - a.letters)).toEqual(groups);
  });
});
