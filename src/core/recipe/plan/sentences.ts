/** The sentences of a method, step by step. */
export const sentencesOf = (steps: readonly string[]): string[] =>
  steps
    .flatMap((step) => step.split(/(?<=[.;!?])\s+(?=[A-Z0-9(])|\n+|(?<=\w\))\s+(?=[A-Z])/))
    .map((sentence) => sentence.trim())
    .filter((sentence) => sentence !== '');
