/** What comes with the program: shown, changed and copied like anything else, but no kitchen learns from it. */
export const isDemo = (id: string): boolean => id.startsWith('demo-');

/** What is said where it would. */
export const DEMO_TEACHES_NOTHING =
  'A demo batch teaches your kitchen nothing. Copy it at the Bench, and the copy does.';
