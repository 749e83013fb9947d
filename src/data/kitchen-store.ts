/** The kitchen as it is kept: a kitchen that cannot be read is set aside and offered before it is written over. */
import { type Changed } from '@/core/stored/changing';
import { type EditId, holds, withEdit } from '@/core/stored/edits';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { KITCHEN_VERSION } from '@/core/vocabulary/formats';
import { asWritten } from './as-written';
import { KITCHEN_KEY, kitchenKey } from './keys';
import { inTurn } from './lock';
import { type BrokenRecord, notJson, parse } from './records';
import { holdText, keysOf, readText, readToChange, writeText } from './store';
import { TAB } from './tab';
import * as validator from './validator';

const SET_ASIDE = `${KITCHEN_KEY}-set-aside`;

export interface StoredKitchen {
  kitchen: Kitchen;
  /** The kitchen as it is stored, where it cannot be read as a whole: what can be is in `kitchen`. */
  broken: BrokenRecord | null;
  /** Earlier kitchens that could not be read, set aside under dated names. */
  setAside: BrokenRecord[];
}

async function kitchenOf(key: string, text: string | null): Promise<Omit<StoredKitchen, 'setAside'>> {
  if (text === null) return { kitchen: DEFAULT_KITCHEN, broken: null };
  const [ours] = await asWritten<Kitchen>([{ key, text }], KITCHEN_VERSION);
  if (ours !== null) return { kitchen: ours, broken: null };
  const json = parse(text);
  const result = await validator.readKitchen(json);
  if (result.ok) return { kitchen: result.value, broken: null };
  const problems = json === undefined ? [notJson('(kitchen)')] : result.problems;
  return { kitchen: await validator.salvageKitchen(json), broken: { key: KITCHEN_KEY, text, problems } };
}

/** The kitchen that a document is made in, and what of it could not be read. */
export async function loadKitchen(of?: string): Promise<StoredKitchen> {
  const key = kitchenKey(of);
  const now = await kitchenOf(key, await readText(key));
  const keys = key === KITCHEN_KEY ? await keysOf(SET_ASIDE) : [];
  const texts = await Promise.all(keys.map(readText));
  return {
    ...now,
    setAside: keys.flatMap((key, i) => {
      const text = texts[i];
      return text === null ? [] : [{ key, text, problems: [] }];
    }),
  };
}

/**
 * Changes the kitchen. One that cannot be read is first set aside under a dated name.
 * @returns the kitchen, or what stands against the change
 */
export const changeKitchen = (
  operations: readonly KitchenOperation[],
  at: string,
  of: string | undefined,
  edit: EditId,
): Promise<Changed<Kitchen>> => inTurn(() => putKitchen(operations, at, of, edit));

/** The change itself, in its turn. */
export async function putKitchen(
  operations: readonly KitchenOperation[],
  at: string,
  of: string | undefined,
  edit: EditId,
): Promise<Changed<Kitchen>> {
  const key = kitchenKey(of);
  const { kitchen, broken } = await kitchenOf(key, await readToChange(key));
  if (holds(kitchen, edit)) return { ok: true, document: kitchen };
  const changed = await validator.changeKitchen(kitchen, operations);
  if (!changed.ok) return changed;
  const document = {
    ...changed.document,
    revision: kitchen.revision + 1,
    writer: TAB,
    edits: withEdit(kitchen.edits, edit),
  };
  const isAside = broken === null || (await writeText(`${SET_ASIDE}/${at}`, broken.text));
  // Where the old text could not be set aside, it stays where it is until it can.
  await (isAside ? writeText : holdText)(key, JSON.stringify(document));
  return { ok: true, document };
}
