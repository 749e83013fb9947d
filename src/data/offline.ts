/**
 * The program without its server: a service worker keeps all of it at the first visit. An update is offered, never forced: until
 * it is taken this page goes on as it is. A browser that cannot have one, or that is told to save data, fetches the parts into its
 * ordinary cache, or waits until they are needed.
 */
import { fetchParts, savesData } from './fetch-parts';
import { say } from './notices';
import { takeOver } from './take-over';
import { keepAll } from './undo';

const canHaveOne = (): boolean => 'serviceWorker' in navigator && window.isSecureContext;

/** Keeps the program for when the server is gone. */
export async function keepForOffline(): Promise<void> {
  if (process.env.NODE_ENV !== 'production' || savesData()) return;
  if (!canHaveOne()) {
    await fetchParts();
    return;
  }
  try {
    const { Workbox } = await import('workbox-window');
    const workbox = new Workbox('/sw.js');
    const switchOver = (): void =>
      takeOver(workbox, () => {
        // What was just typed is written down already; its steps back are kept, too.
        keepAll();
        window.location.reload();
      });
    workbox.addEventListener('waiting', () =>
      say({
        text: 'A newer Involucrum is ready. Switch when nothing is half typed.',
        kind: 'problem',
        action: { label: 'Take it', run: switchOver },
      }),
    );
    await workbox.register();
  } catch {
    // No service worker today: the parts are fetched the ordinary way.
    await fetchParts();
  }
}
