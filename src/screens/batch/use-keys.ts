/** Keys on a wide screen: 1–5 stations, `/` add a line, `z` undo, `?` the list. Not while something is being typed. */
import { useEffect, useRef } from 'react';
import { say } from '@/data/notices';
import { goToAddField, isForPage } from '@/ui/shell/add-field';
import * as phrases from './words';

interface Keys {
  station: (n: number) => void;
  undo: () => void;
  add: () => void;
}

export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (!isForPage(event)) return;
      if (/^[1-5]$/.test(event.key)) latest.current.station(Number(event.key));
      else if (event.key === 'z') latest.current.undo();
      else if (event.key === '?') say({ text: phrases.KEYS_ARE, kind: 'done' });
      else if (event.key === '/') {
        event.preventDefault();
        latest.current.add();
        goToAddField();
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
