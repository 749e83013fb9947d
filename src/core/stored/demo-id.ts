/** What comes with the program: shown, changed and copied like anything else, but no kitchen learns from it. */
export const isDemo = (id: string): boolean => id.startsWith('demo-');
