/** Version 9: what was really taken for each piece of work is kept with the batch. */
export const toVersion9 = (document: Record<string, unknown>): Record<string, unknown> => ({
  ...document,
  version: 9,
  taken: [],
});
