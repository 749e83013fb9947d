/** Takes the first picture away, which stood in the page before the program: a screen is there. */
import { useEffect } from 'react';

export const uncover = (): void => document.getElementById('shell')?.remove();

/** For every screen that covers the whole page. */
export const useUncover = (): void => useEffect(uncover, []);
