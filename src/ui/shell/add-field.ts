/** The field that `/` leads to: what is added, searched or pasted first on a screen. */
import { useEffect } from 'react';

export const ADD_FIELD = 'add-field';

/** A field appears with its screen, which is put together a little at a time: so long it is waited for, ms. */
const PATIENCE_MS = 3000;
const LOOK_EVERY_MS = 40;

/** Puts the cursor into the field as soon as it is there. */
export function goToAddField(patience = PATIENCE_MS): void {
  const field = document.getElementById(ADD_FIELD);
  if (field) field.focus();
  else if (patience > 0) setTimeout(() => goToAddField(patience - LOOK_EVERY_MS), LOOK_EVERY_MS);
}

/** Whether a key is meant for the page, and not for a field or the browser. */
export function isForPage(event: KeyboardEvent): boolean {
  const target = event.target instanceof HTMLElement ? event.target : null;
  const isTyping = target !== null && (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable);
  return !isTyping && !event.ctrlKey && !event.metaKey && !event.altKey;
}

/** `/` leads there, where there is such a field. */
export function useSlash(): void {
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.key !== '/' || !isForPage(event) || document.getElementById(ADD_FIELD) === null) return;
      event.preventDefault();
      goToAddField();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
