/** Takes the first picture away, which stood in the page before the program, and what was said where it came late: a screen is there. */
import { useEffect } from 'react';

export const uncover = (): void => document.querySelectorAll('#shell, #boot').forEach((element) => element.remove());

/** For every screen that covers the whole page. */
export const useUncover = (): void => useEffect(uncover, []);
