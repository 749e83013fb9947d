/** The versions of one thing, in a row. */
import { type Batch } from '../stored/schema';

/** All versions of a thing, the first first. */
export const firstVersions = (batches: readonly Batch[], thing: string): Batch[] =>
  batches.filter((b) => b.lineage.thing === thing).sort((a, b) => a.lineage.number - b.lineage.number);

/** The number that the next version has. */
export const nextNumber = (versions: readonly Batch[]): number =>
  Math.max(0, ...versions.map(({ lineage }) => lineage.number)) + 1;
