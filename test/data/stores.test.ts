import { problemWords } from '@/core/stored/problem';
import { type Changed } from '@/core/stored/changing';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type EditId } from '@/core/stored/edits';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import { whilePending } from '@/data/pending';
import * as batchStore from '@/data/batch-store';
import * as kitchenStore from '@/data/kitchen-store';
import { batchKey } from '@/data/keys';
import { openFirst } from '@/data/opening';
import { MissingError, TakenError } from '@/data/records';
import { storeHeldRecords } from '@/data/held-records';
import { TAB } from '@/data/tab';
import { forgetHeld, readText } from '@/data/store';
import { MemoryStorage } from './memory-storage';

const mockStorage = new MemoryStorage();
jest.mock('@react-native-async-storage/async-storage', () => ({
  __esModule: true,
  get default() {
    return mockStorage;
  },
}));

const AT = '2026-12-05T15:00:00.000Z';
const [turkey] = lanternSupper(AT);
const wet = { do: 'setWrap', to: { portionG: 31 } } as const;
let edits = 0;
const nextEdit = (): EditId => ({ by: 'this-page', number: ++edits });
const change = (id: string, operations: readonly Operation[], edit = nextEdit()) =>
  batchStore.changeBatch(id, operations, AT, edit);
const changeKitchen = (operations: readonly KitchenOperation[], of?: string) =>
  kitchenStore.changeKitchen(operations, AT, of, nextEdit());
const words = (text: string) => ({ do: 'setNote', to: { words: text } }) as const;

beforeEach(async () => {
  forgetHeld();
  mockStorage.empty();
  await batchStore.createBatch(turkey);
});

const stored = async (id = turkey.id) => {
  const batch = await batchStore.loadBatch(id);
  if (batch === null || batchStore.isBroken(batch)) throw new Error('not readable');
  return batch;
};
const documentOf = (changed: Changed<Batch>): Batch => {
  if (!changed.ok) throw new Error(changed.problems.join());
  return changed.document;
};
describe('a batch in storage', () => {
  it('fifty edits at once are all kept, each with its own revision and its writer', async () => {
    const edits = Array.from({ length: 50 }, (_, i) =>
      change(turkey.id, [
        { do: 'addReading', reading: { round: 1, c: 60 + i / 2, at: AT, load: 1, parcel: 1, source: { by: 'typed' } } },
      ]),
    );
    const revisions = (await Promise.all(edits)).map(({ after }) => documentOf(after).revision);
    expect(new Set(revisions).size).toBe(50);
    expect((await stored()).cook.readings).toHaveLength(50);
    expect((await stored()).writer).toBe(TAB);
  });

  it('what would not be valid is refused in the cook’s words, and nothing is written', async () => {
    const { after } = await change(turkey.id, [{ do: 'changeLine', id: 'turkey', to: { amount: 60_000 } }, wet]);
    expect(after).toEqual({ ok: false, problems: ['Turkey thigh mince: must be at most 50 000'] });
    expect(await stored()).toEqual({ ...turkey, writer: TAB });
  });

  it('deleted, it is not revived by an edit that comes after', async () => {
    const [, edit] = await Promise.allSettled([
      batchStore.deleteBatch(turkey.id),
      change(turkey.id, [words('too late')]),
    ]);
    expect(edit).toMatchObject({ status: 'rejected', reason: expect.any(MissingError) });
    expect(await batchStore.loadBatch(turkey.id)).toBeNull();
  });

  it('is put back by a replay, as a new revision, but never over what somebody else has stored', async () => {
    const { before, after } = await change(turkey.id, [wet]);
    const back = await batchStore.replayBatch(before, [words('kept')], documentOf(after), AT, nextEdit());
    expect(documentOf(back)).toMatchObject({ revision: 2, wrap: { portionG: 28 }, note: { words: 'kept' } });
    // Another tab without a lock wrote the same revision.
    await mockStorage.setItem(
      batchKey(turkey.id),
      JSON.stringify({ ...documentOf(back), writer: 'another tab', note: { ...turkey.note, words: 'theirs' } }),
    );
    const refused = await batchStore.replayBatch(before, [], documentOf(back), AT, nextEdit());
    expect(refused).toMatchObject({ ok: false, problems: [expect.stringContaining('changed in another tab')] });
    expect((await stored()).note.words).toBe('theirs');
  });

  it('of an id that is there already is not overwritten', async () => {
    await expect(batchStore.createBatch({ ...turkey, title: 'Another' })).rejects.toBeInstanceOf(TakenError);
    expect((await stored()).title).toBe(turkey.title);
  });

  it('that would not be read again is not stored', async () => {
    await expect(batchStore.createBatch({ ...turkey, id: 'odd', count: 0 })).rejects.toThrow(
      'Not stored: count: must be at least 1.',
    );
    expect(await batchStore.loadBatch('odd')).toBeNull();
  });

  it('what cannot be read is handed out as it is, beside what can; so is one under a key that is not its own', async () => {
    const put = (id: string, text: string) => mockStorage.setItem(batchKey(id), text);
    const odd = JSON.stringify({ ...turkey, id: 'odd', count: -1 });
    await put('broken', '{"half": ');
    await put('odd', odd);
    await put('elsewhere', JSON.stringify(turkey));
    const { batches, broken } = await batchStore.listBatches();
    expect(batches.map((b) => b.id)).toEqual([turkey.id]);
    expect(broken.map((b) => b.text).sort()).toEqual(['{"half": ', odd, JSON.stringify(turkey)].sort());
    expect(broken.flatMap((b) => b.problems.map(problemWords))).toEqual(
      expect.arrayContaining(['count: must be at least 1', `id: is “${turkey.id}”, but it is kept under “elsewhere”`]),
    );
    await expect(change('odd', [wet])).rejects.toBeInstanceOf(MissingError);
  });
});

describe('edits under way when the page goes', () => {
  const pending = (edits: object[]) => mockStorage.setItem('involucrum/pending/gone', JSON.stringify(edits));

  it('are done by the next page, once, and what is not valid is left out', async () => {
    await pending([
      { batchId: turkey.id, operations: [words('half a w')], at: AT },
      { batchId: turkey.id, operations: [{ do: 'setWrap', to: { portionG: -4 } }], at: AT },
      { batchId: 'nobody', operations: [wet], at: AT },
      { batchId: turkey.id, operations: [words('half a word')], at: AT },
      { kitchen: [{ do: 'setKitchen', to: { altitudeM: 640 } }], at: AT },
    ]);
    await openFirst(() => ({ batches: [], days: [], kitchen: [] }));
    await openFirst(() => ({ batches: [], days: [], kitchen: [] }));
    expect(await stored()).toMatchObject({ revision: 2, note: { words: 'half a word' }, wrap: { portionG: 28 } });
    expect((await kitchenStore.loadKitchen()).kitchen).toMatchObject({ altitudeM: 640, revision: 1 });
    expect(mockStorage.texts.has('involucrum/pending/gone')).toBe(false);
  });

  it('are written down before anything is waited for, and struck off when they are done', async () => {
    const keys = () => [...mockStorage.texts.keys()].filter((k) => k.startsWith('involucrum/pending/'));
    let finish: () => void = () => undefined;
    const edit = whilePending(
      { batchId: turkey.id, operations: [wet], at: AT },
      3,
      () => new Promise<void>((r) => (finish = r)),
    );
    // Nothing has been awaited yet.
    expect(keys()).toHaveLength(1);
    expect(JSON.parse(mockStorage.texts.get(keys()[0]) ?? '')).toMatchObject({
      from: 3,
      edit: { number: expect.any(Number) },
    });
    await new Promise((r) => setTimeout(r, 0));
    finish();
    await edit;
    expect(keys()).toEqual([]);
  });

  it('what the document holds already is not done again; what it was not made for, neither', async () => {
    const edit = nextEdit();
    await change(turkey.id, [words('once')], edit);
    const log = (asked: object) => mockStorage.setItem('involucrum/pending/this-page/000000001', JSON.stringify(asked));
    const opening = () => openFirst(() => ({ batches: [], days: [], kitchen: [] }));
    const asked = { batchId: turkey.id, operations: [words('twice')], at: AT };
    await log({ ...asked, edit, from: 0 });
    await opening();
    expect(await stored()).toMatchObject({ revision: 1, note: { words: 'once' } });
    // The store holds an older state than the edit began from: a file was put back meanwhile.
    await log({ ...asked, edit: nextEdit(), from: 7 });
    await opening();
    expect((await stored()).note.words).toBe('once');
    await log({ ...asked, edit: nextEdit(), from: 1 });
    await opening();
    expect((await stored()).note.words).toBe('twice');
  });

  it('a step back is done by the next page only where just that state is stored', async () => {
    const before = await stored();
    await change(turkey.id, [wet]);
    const { revision, writer } = await stored();
    const back = {
      back: before,
      operations: [],
      expected: { revision, writer },
      at: AT,
      edit: nextEdit(),
      from: revision,
    };
    const log = () => mockStorage.setItem('involucrum/pending/this-page/000000002', JSON.stringify(back));
    const opening = () => openFirst(() => ({ batches: [], days: [], kitchen: [] }));
    await log();
    await opening();
    expect(await stored()).toMatchObject({ revision: revision + 1, wrap: { portionG: 28 } });
    await change(turkey.id, [wet]);
    await log();
    await opening();
    expect((await stored()).wrap.portionG).toBe(31);
  });
});

describe('a store that refuses', () => {
  it('the edit is kept in memory, what was stored stays, and it is stored when there is room', async () => {
    mockStorage.isFull = true;
    await change(turkey.id, [wet]);
    await change(turkey.id, [words('and more')]);
    expect(await stored()).toMatchObject({ wrap: { portionG: 31 }, note: { words: 'and more' } });
    expect(await mockStorage.getItem(batchKey(turkey.id))).toContain('"portionG":28');
    expect(await storeHeldRecords()).toBe(1);
    mockStorage.isFull = false;
    expect(await storeHeldRecords()).toBe(0);
    expect(await mockStorage.getItem(batchKey(turkey.id))).toContain('"portionG":31');
  });

  it('where somebody else has stored meanwhile, both are kept', async () => {
    mockStorage.isFull = true;
    await change(turkey.id, [wet]);
    mockStorage.isFull = false;
    await mockStorage.setItem(
      batchKey(turkey.id),
      JSON.stringify({ ...turkey, revision: 5, writer: 'another tab', title: 'Theirs' }),
    );
    expect(await storeHeldRecords()).toBe(0);
    const { batches } = await batchStore.listBatches();
    expect(batches.map((b) => [b.title, b.wrap.portionG])).toEqual(
      expect.arrayContaining([
        ['Theirs', 28],
        [`${turkey.title} (kept copy)`, 31],
      ]),
    );
  });

  it('closed from the very first, everything works in memory', async () => {
    mockStorage.empty();
    mockStorage.isClosed = true;
    await openFirst(() => ({ batches: lanternSupper(AT), days: [], kitchen: [] }));
    expect((await batchStore.listBatches()).batches).toHaveLength(lanternSupper(AT).length);
    await change(turkey.id, [wet]);
    expect((await stored()).wrap.portionG).toBe(31);
    await batchStore.deleteBatch(turkey.id);
    expect(await batchStore.loadBatch(turkey.id)).toBeNull();
  });

  it('a removal that fails says so, and the batch is still there', async () => {
    mockStorage.isClosed = true;
    await expect(batchStore.deleteBatch(turkey.id)).rejects.toThrow(/^Not removed/);
    mockStorage.isClosed = false;
    expect((await stored()).title).toBe(turkey.title);
  });
});

describe('the demo', () => {
  it('is put in once, at the very first visit, and over nothing', async () => {
    mockStorage.empty();
    await batchStore.createBatch({ ...turkey, title: 'My own' });
    await openFirst(() => ({ batches: lanternSupper(AT), days: [], kitchen: [] }));
    expect((await stored()).title).toBe('My own');
    await batchStore.deleteBatch(turkey.id);
    await openFirst(() => ({ batches: lanternSupper(AT), days: [], kitchen: [] }));
    expect((await batchStore.listBatches()).batches).toHaveLength(lanternSupper(AT).length - 1);
  });

  it('put in again, leaves what was changed and adds a fresh one beside it', async () => {
    const [, pumpkin] = lanternSupper(AT);
    await change(turkey.id, [wet]);
    await batchStore.createBatch(pumpkin);
    const later = lanternSupper('2026-12-06T15:00:00.000Z');
    const put = await batchStore.putBeside(later);
    expect(put).toMatchObject({ fresh: 4, beside: 1, same: 1 });
    // Whoever asked is told under which id the copy stands.
    expect([...put.ids.keys()]).toEqual([turkey.id]);
    expect(await batchStore.loadBatch(put.ids.get(turkey.id) ?? '')).toMatchObject({ wrap: { portionG: 28 } });
    expect((await stored()).wrap.portionG).toBe(31);
    const { batches } = await batchStore.listBatches();
    expect(batches.find((b) => b.title === `${turkey.title}, as the demo has it`)?.wrap.portionG).toBe(28);
    expect(batches).toHaveLength(7);
  });
});

describe('the kitchen', () => {
  const put = (kitchen: object | string) =>
    mockStorage.setItem('involucrum/kitchen', typeof kitchen === 'string' ? kitchen : JSON.stringify(kitchen));

  it('fifty edits at once are all kept', async () => {
    const own = (i: number) => ({ ...DEFAULT_KITCHEN.vessels[0], id: `v${i}`, name: `tray ${i}` });
    const edits = Array.from({ length: 37 }, (_, i) => changeKitchen([{ do: 'addVessel', vessel: own(i) }]));
    expect((await Promise.all(edits)).every((changed) => changed.ok)).toBe(true);
    expect((await kitchenStore.loadKitchen()).kitchen.vessels).toHaveLength(40);
    const tooMany = await changeKitchen([{ do: 'addVessel', vessel: own(99) }]);
    expect(tooMany).toEqual({ ok: false, problems: ['Vessels: takes at most 40 vessels'] });
    expect((await kitchenStore.loadKitchen()).kitchen).toMatchObject({ revision: 37, writer: TAB });
  });

  it('a factor that no kitchen has is refused', async () => {
    const fit = { vessel: 'tray', place: 'counter', base: 'rack', covered: false, factor: 8, readings: 3 } as const;
    expect((await changeKitchen([{ do: 'keepFit', fit }])).ok).toBe(false);
    expect((await changeKitchen([{ do: 'keepFit', fit: { ...fit, factor: 1.4 } }])).ok).toBe(true);
    await changeKitchen([{ do: 'keepFit', fit: { ...fit, factor: 1.6 } }]);
    expect((await kitchenStore.loadKitchen()).kitchen.cooling).toEqual([{ ...fit, factor: 1.6 }]);
  });

  it('that cannot be read as a whole is told, its valid settings hold, and its text is not replaced unseen', async () => {
    const spoilt = JSON.stringify({ ...DEFAULT_KITCHEN, altitudeM: 'high', roomC: 26, ingredients: [{ id: 'x' }] });
    await put(spoilt);
    const { kitchen, broken } = await kitchenStore.loadKitchen();
    expect(kitchen).toMatchObject({ altitudeM: 0, roomC: 26 });
    expect(broken?.text).toBe(spoilt);
    expect(broken?.problems.map(problemWords).join()).toContain('altitudeM');
    expect(await readText('involucrum/kitchen')).toBe(spoilt);
    await changeKitchen([{ do: 'setKitchen', to: { altitudeM: 800 } }]);
    const after = await kitchenStore.loadKitchen();
    expect(after.kitchen).toMatchObject({ altitudeM: 800, roomC: 26 });
    expect(after.broken).toBeNull();
    expect(after.setAside).toEqual([{ key: `involucrum/kitchen-set-aside/${AT}`, text: spoilt, problems: [] }]);
  });

  it('that cannot be read is not overwritten where its text cannot be set aside', async () => {
    const spoilt = '{"altitudeM": "high"}';
    await put(spoilt);
    mockStorage.isFull = true;
    await changeKitchen([{ do: 'setKitchen', to: { altitudeM: 800 } }]);
    mockStorage.isFull = false;
    expect((await kitchenStore.loadKitchen()).kitchen.altitudeM).toBe(800);
    expect(mockStorage.texts.get('involucrum/kitchen')).toBe(spoilt);
    expect(await storeHeldRecords()).toBe(0);
    expect(mockStorage.texts.get(`involucrum/kitchen-set-aside/${AT}`)).toBe(spoilt);
    expect(mockStorage.texts.get('involucrum/kitchen')).toContain('800');
  });

  it.each([
    ['of a newer version', { ...DEFAULT_KITCHEN, version: 99, roomC: 27, glow: 'new' }, /newer Involucrum \(99\)/],
    ['that is no JSON', '{"roomC": 2', /is not JSON/],
    ['that is something else', '[]', /./],
  ])('%s keeps its own until the cook goes on', async (_what, content, problem) => {
    await put(content);
    const { kitchen, broken } = await kitchenStore.loadKitchen();
    expect(broken?.problems.map(problemWords).join()).toMatch(problem);
    expect(kitchen.roomC).toBe(typeof content === 'string' ? DEFAULT_KITCHEN.roomC : 27);
    await changeKitchen([]);
    expect((await kitchenStore.loadKitchen()).setAside).toHaveLength(1);
  });
});
