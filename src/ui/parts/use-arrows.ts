/** Arrow keys in a group of radio buttons, as everywhere: they move the choice and the focus with it (WAI-ARIA, radio group). */
import { useEffect, useRef } from 'react';
import { type View } from 'react-native';

/** Where each key leads, from where the focus is; of so many. */
const KEYS: Readonly<Record<string, (at: number, of: number) => number>> = {
  ArrowRight: (index, of) => (index + 1) % of,
  ArrowDown: (index, of) => (index + 1) % of,
  ArrowLeft: (index, of) => (index - 1 + of) % of,
  ArrowUp: (index, of) => (index - 1 + of) % of,
  Home: () => 0,
  End: (_at, of) => of - 1,
};

/**
 * @param choose takes the option at a place; always the same function
 * @returns for the group's `ref`
 */
export function useArrows(choose: (at: number) => void) {
  const group = useRef<View>(null);
  useEffect(() => {
    const box: unknown = group.current;
    // Only on the web is a view an element, and only there are there keys.
    if (typeof HTMLElement === 'undefined' || !(box instanceof HTMLElement)) return undefined;
    const pressed = (event: KeyboardEvent) => {
      const radios = [...box.querySelectorAll<HTMLElement>('[role=radio]')];
      // From where the focus is: what is chosen may still be on its way to storage.
      const index = radios.findIndex((radio) => radio === document.activeElement);
      const to = index < 0 ? undefined : KEYS[event.key]?.(index, radios.length);
      if (to === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      radios[to].focus();
      choose(to);
    };
    box.addEventListener('keydown', pressed);
    return () => box.removeEventListener('keydown', pressed);
  }, [choose]);
  return group;
}
