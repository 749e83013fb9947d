/** Ids of rehearsals, and of their batches, begin so; those of real batches never do. */
const MARK = 'rehearsal-';
export const rehearsalId = (fresh: string): string => `${MARK}${fresh}`;
export const isRehearsal = (id: string): boolean => id.startsWith(MARK);
