/** Short messages at the foot of the screen: what happened, and how to take it back. */
import { useSyncExternalStore } from 'react';

export interface Notice {
  text: string;
  kind: 'done' | 'problem';
  /** What can be done about it; an action that fails (false) leaves the notice where it is. */
  action?: { label: string; run: () => void | Promise<boolean> };
}

let current: Notice | null = null;
const listeners = new Set<() => void>();

/** Shows a notice in place of the last one; null takes it away. */
export function say(notice: Notice | null): void {
  current = notice;
  listeners.forEach((tell) => tell());
}

const subscribe = (tell: () => void): (() => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/** The notice on screen now. */
export const currentNotice = (): Notice | null => current;

/** The notice on screen, if any. */
export const useNotice = (): Notice | null => useSyncExternalStore(subscribe, () => current);
