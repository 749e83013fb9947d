/** Keys on a wide screen: 1–5 stations, `/` add a line, `z` undo, `?` the list. Not while something is being typed. */
import { useEffect, useRef } from 'react';
import { say } from '@/data/notices';

interface Keys {
  station: (n: number) => void;
  undo: () => void;
  add: () => void;
}

export const ADD_LINE_ID = 'add-line';

/** A field appears with its station, which is put together a little at a time: so long it is waited for, ms. */
const PATIENCE_MS = 3000;
const LOOK_EVERY_MS = 40;

/** Puts the cursor into a field as soon as it is there. */
function focusWhenThere(id: string, patience = PATIENCE_MS): void {
  const field = document.getElementById(id);
  if (field) field.focus();
  else if (patience > 0) setTimeout(() => focusWhenThere(id, patience - LOOK_EVERY_MS), LOOK_EVERY_MS);
}

export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      const typing = target !== null && (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable);
      if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
      if (/^[1-5]$/.test(event.key)) latest.current.station(Number(event.key));
      else if (event.key === 'z') latest.current.undo();
      else if (event.key === '?') say({ text: 'Keys: 1–5 stations, / add a line, z undo.', kind: 'done' });
      else if (event.key === '/') {
        event.preventDefault();
        latest.current.add();
        focusWhenThere(ADD_LINE_ID);
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
