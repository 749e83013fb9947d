/** The only way a document changes: operations are applied, and what comes of them is checked before anybody stores it. */
import { type Changed, changingBatch, changingKitchen, isKitchen, type NameOf } from './changing';
import { checkFields } from './check-fields';
import { type Kitchen } from './kitchen-schema';
import { type KitchenOperation } from './kitchen-operations';
import { type Operation } from './operations';
import { type Batch } from './schema';

/**
 * Changes a document.
 * @param nameOf what an ingredient is called; without it a line is called by its number
 * @returns the document, valid; or what stands against it, in the cook's words: `Wheat flour: must be at most 50 000`
 */
export function change(document: Batch, operations: readonly Operation[], nameOf?: NameOf): Changed<Batch>;
export function change(document: Kitchen, operations: readonly KitchenOperation[]): Changed<Kitchen>;
export function change(
  document: Batch | Kitchen,
  operations: readonly Operation[] | readonly KitchenOperation[],
  nameOf: NameOf = () => undefined,
): Changed<Batch> | Changed<Kitchen> {
  const made = isKitchen(document)
    ? changingKitchen(document, operations as readonly KitchenOperation[])
    : changingBatch(document, operations as readonly Operation[], nameOf);
  return made.settle(checkFields(made.format, made.fields));
}
