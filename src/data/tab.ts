/** Who this tab is: a name of its own that a reload keeps and another tab does not have. */
import { newId } from './new-id';

const KEY = 'involucrum/tab';

function nameOfTab(): string {
  try {
    const stored = window.sessionStorage.getItem(KEY);
    if (stored !== null) return stored;
    const fresh = newId();
    window.sessionStorage.setItem(KEY, fresh);
    return fresh;
  } catch {
    // Closed, or no browser: a name for as long as the page is open.
    return newId();
  }
}

export const TAB = nameOfTab();
