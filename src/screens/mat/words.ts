/** What the mat says: all its sentences in one place. */

// The drawing.
export const lifeSize = (shapes: readonly string[]): string => `Life size: ${shapes.join('; ')}; a ruler of 50 mm`;

// The screen itself.
export const matTitle = (title: string): string => `${title}, mat · Involucrum`;
export const BACK_TO_WRAP = 'Back to Wrap';
export const SAVE_AS_SVG = 'Save as SVG';
export const PRINT_AT_FULL_SIZE =
  'Print at 100 %, not “fit to page”, and hold a real ruler against the one below. Put a sheet of baking paper over it and roll to the line.';
