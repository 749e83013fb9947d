/**
 * Rehearsals: each is kept under keys of its own, with its batch and its kitchen beside it, apart from all that is real. Its
 * time goes on only while its batch is open in a tab.
 */
import useSWR, { mutate } from 'swr';
import { type Problem, problemWords } from '@/core/stored/problem';
import {
  applyToRehearsal,
  beginRehearsal,
  type Rehearsal,
  type RehearsalOperation,
  rehearsalId,
} from '@/core/stored/rehearsal';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { type Look, type RehearsalKitchen } from '@/core/vocabulary/rehearsals';
import { duplicateBatch } from '@/core/filling/duplicate';
import { bringsItsBatch } from '@/core/rehearsal/kitchens-with-a-batch';
import { askNotebook } from '@/workers/notebook-client';
import { msOf, nowOf, setClock, setPace, speedOf } from './clock';
import { forget } from './forget';
import { editBatch, opened } from './hooks';
import { inTurn } from './lock';
import { newId } from './new-id';
import { InvalidError, MissingError, parse } from './records';
import { readRehearsal as read } from './rehearsal-store';
import { setRehearsed } from './rehearsed';
import * as batchStore from './batch-store';
import * as kitchenStore from './kitchen-store';
import { batchKey, kitchenKey, PREFIX_OF, rehearsalKey } from './keys';
import { keysOf, readText, readToChange, removeText, writeText } from './store';
import * as validator from './validator';

const one = (id: string) => ['rehearsal', id] as const;
const LIST = 'rehearsals';

/** One rehearsal; null where there is none. */
export const useRehearsal = (id: string) =>
  useSWR<Rehearsal | null, Error>(one(id), async () => {
    await opened();
    return read(await readText(rehearsalKey(id)));
  });

/** All rehearsals, the latest begun first; what cannot be read is left out, and stays where it is. */
export const useRehearsals = () =>
  useSWR<Rehearsal[], Error>(LIST, async () => {
    await opened();
    const texts = await Promise.all((await keysOf(PREFIX_OF.rehearsal)).map(readText));
    const all = await Promise.all(texts.map(read));
    return all.filter((r) => r !== null).sort((a, b) => b.begun.updatedAt.localeCompare(a.begun.updatedAt));
  });

/** Changes a rehearsal. @throws MissingError */
async function change(id: string, ...operations: RehearsalOperation[]): Promise<Rehearsal> {
  const after = await inTurn(async () => {
    const before = await read(await readToChange(rehearsalKey(id)));
    if (before === null) throw new MissingError('This rehearsal is gone.');
    const rehearsal = operations.reduce(applyToRehearsal, before);
    await writeText(rehearsalKey(id), JSON.stringify(rehearsal));
    return rehearsal;
  });
  await mutate(one(id), after, { revalidate: false });
  void mutate(LIST);
  return after;
}

/** Keeps what its clock shows. */
export const keepTime = (id: string): Promise<Rehearsal> => change(id, { do: 'passTime', to: nowOf(id) });

export const setHands = (id: string, hands: Rehearsal['hands']): Promise<Rehearsal> =>
  change(id, { do: 'setHands', hands });

interface Situation {
  rehearsal: Rehearsal;
  batch: Batch;
  kitchen: Kitchen;
}

/** A rehearsal as it stands now. @throws MissingError */
async function situationOf(id: string): Promise<Situation> {
  const rehearsal = await keepTime(id);
  const [batch, { kitchen }] = await Promise.all([batchStore.loadBatch(id), kitchenStore.loadKitchen(id)]);
  if (batch === null || batchStore.isBroken(batch)) throw new MissingError('The batch of this rehearsal is gone.');
  return { rehearsal, batch, kitchen };
}

/** Looks, tastes, weighs or counts. It takes its minutes; what a scale or a count says goes into the batch. @returns what was said */
export async function lookAt(id: string, what: Look, minutes: number): Promise<string> {
  setClock(id, msOf(id) + minutes * 60_000, speedOf(id));
  const situation = await situationOf(id);
  const { said, operations } = await askNotebook((remote) => remote.look(what, situation));
  if (operations.length > 0) await editBatch(id, operations);
  await change(id, { do: 'addLook', look: { what, at: nowOf(id), said } });
  return said;
}

/** When it is heard that people come early, and when they do; null where they come as they said. */
export const heardOf = (rehearsal: Rehearsal): Promise<{ heardAt: string; comeAt: string } | null> =>
  askNotebook(async (remote) => {
    const [heardAt, comeAt] = await Promise.all([remote.heardAt({ rehearsal }), remote.comeAt({ rehearsal })]);
    return heardAt === null ? null : { heardAt, comeAt };
  });

/** What happened in it. @throws MissingError */
export async function debriefOf(id: string) {
  const situation = await situationOf(id);
  return askNotebook((remote) => remote.debrief(situation));
}

/** What a probe in its cooling filling shows, so many minutes after it came off the heat; null where nothing cools. */
async function signalOf(id: string, minute: number) {
  const situation = await situationOf(id);
  return askNotebook((remote) => remote.rehearsedSignal(situation, minute));
}

/** What a probe has at its tip in a parcel, and the seed of its mishaps; null where nothing is in it. */
async function coreOf(
  id: string,
  parcel: number,
  minute: number,
  times: number,
): Promise<{ c: number; seed: number } | null> {
  const situation = await situationOf(id);
  const c = await askNotebook((remote) => remote.rehearsedCore(situation, parcel, minute, times));
  return c === null ? null : { c, seed: situation.rehearsal.seed };
}

/** It is over: its time stands still. */
export async function endRehearsal(id: string): Promise<void> {
  setPace(id, 0);
  await change(id, { do: 'passTime', to: nowOf(id) }, { do: 'end', at: nowOf(id) });
}

const LARGEST_SEED = 999_999;
const drawSeed = (): number => 1 + Math.floor(Math.random() * LARGEST_SEED);

/** The kitchen that is practised in has this household's units and look, and nothing that it has learned. */
const practiceKitchen = ({ temperature, cupMl, theme, saltKind }: Kitchen): Kitchen => ({
  ...DEFAULT_KITCHEN,
  temperature,
  cupMl,
  theme,
  saltKind,
});

/** Today at two in the afternoon: when it begins, by its own clock. */
function twoToday(): string {
  const date = new Date();
  date.setHours(14, 0, 0, 0);
  return date.toISOString();
}

async function store(rehearsal: Rehearsal, kitchen: Kitchen): Promise<string> {
  const { id, begun } = rehearsal;
  const checked = await validator.readRehearsal(rehearsal);
  if (!checked.ok) throw new InvalidError(`Not begun: ${checked.problems.slice(0, 3).map(problemWords).join('; ')}.`);
  await inTurn(async () => {
    await writeText(kitchenKey(id), JSON.stringify(kitchen));
    await writeText(rehearsalKey(id), JSON.stringify(rehearsal));
  });
  await batchStore.createBatch(begun);
  void mutate(LIST);
  return id;
}

/**
 * Begins a rehearsal.
 * @param of a batch of one’s own; in one of the six kitchens none
 * @param seed the same seed is the same kitchen
 * @returns its id
 * @throws InvalidError
 */
export async function begin(
  kitchen: RehearsalKitchen,
  { of, own, seed = drawSeed() }: { of: Batch | null; own: Kitchen; seed?: number },
): Promise<string> {
  const id = rehearsalId(newId());
  const atTwo = twoToday();
  if (bringsItsBatch(kitchen)) {
    const { batch, minutes } = await askNotebook((remote) => remote.batchIn(kitchen, { id, at: atTwo }));
    return store(beginRehearsal(batch, { kitchen, seed, at: atTwo, minutes }), practiceKitchen(own));
  }
  if (of === null) throw new InvalidError('Not begun: there is no batch to rehearse.');
  // It is a version like the one it is made from; a rehearsed one of the same line is told by its id.
  const batch: Batch = { ...duplicateBatch(of, { id, title: of.title, at: atTwo }), lineage: of.lineage };
  return store(beginRehearsal(batch, { kitchen, seed, at: atTwo }), own);
}

/** The same again: the same kitchen, the same batch as it was at the beginning, or as it is now. */
export async function again(rehearsal: Rehearsal, own: Kitchen, from: Batch = rehearsal.begun): Promise<string> {
  const id = rehearsalId(newId());
  const { kitchen, seed, startedAt: at, serveAt } = rehearsal;
  const minutes = (Date.parse(serveAt) - Date.parse(at)) / 60_000;
  const copy = duplicateBatch(from, { id, title: from.title, at });
  // What is to be remembered comes along.
  const batch: Batch = { ...copy, lineage: from.lineage, note: { ...copy.note, words: from.note.words } };
  return store(beginRehearsal(batch, { kitchen, seed, at, minutes }), own);
}

/** Takes up a rehearsal from a file: with another id, from its beginning. @returns its id, or what is wrong with it */
export async function takeUp(text: string, own: Kitchen): Promise<{ id: string } | { problems: Problem[] }> {
  const result = await validator.readRehearsal(parse(text));
  if (!result.ok) return { problems: result.problems };
  return { id: await again(result.value, practiceKitchen(own)) };
}

/** Removes a rehearsal with all that belongs to it. */
export async function discard(id: string): Promise<void> {
  await inTurn(async () => {
    for (const key of [batchKey(id), kitchenKey(id), rehearsalKey(id)]) await removeText(key);
  });
  await forget(id);
  await mutate(one(id), null, { revalidate: false });
  void mutate(LIST);
}

setRehearsed({
  signalOf,
  coreOf,
  againWith: async (id, kitchen, batch) => again(await keepTime(id), kitchen, batch),
});
