/** What writes tables and recipes: one part of the program, fetched when it is wanted. */
export { ledgerToCsv, linesToCsv } from '@/core/formats/csv';
export { readingsFromCsv, readingsToCsv } from '@/core/formats/readings-csv';
export { toRecipe } from '@/core/formats/to-recipe';
export { notesToMarkdown } from '@/core/notebook/to-markdown';
