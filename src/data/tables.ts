/** What writes and reads tables and recipes: one part of the program, fetched when it is wanted. */
export { ledgerToCsv, linesToCsv } from '@/core/formats/csv';
export { linesFromCsv } from '@/core/formats/lines-from-csv';
export { toRecipe } from '@/core/formats/to-recipe';
