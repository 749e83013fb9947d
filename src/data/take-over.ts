/** A newer program that is waiting is taken: the page is opened anew as soon as it is in charge. */
import { type Workbox } from 'workbox-window';

/**
 * A browser may keep the newer one waiting while the older one is still busy, for minutes. Whoever tapped sees something happen
 * after so long all the same, ms; it is offered once more if it is waiting still. House estimate.
 */
export const PATIENCE_MS = 6000;

/** @param open opens the page anew; called once */
export function takeOver(workbox: Pick<Workbox, 'addEventListener' | 'messageSkipWaiting'>, open: () => void): void {
  let isOpened = false;
  const once = (): void => {
    if (isOpened) return;
    isOpened = true;
    open();
  };
  workbox.addEventListener('controlling', once);
  workbox.messageSkipWaiting();
  setTimeout(once, PATIENCE_MS);
}
