/**
 * The program begins, when the scripts of the screen at this address are there and have run (public/shell.js): it is drawn at once,
 * without an empty page in between.
 */
import '@expo/metro-runtime';
import { App } from 'expo-router/build/qualified-entry';
import { renderRootComponent } from 'expo-router/build/renderRootComponent';

type Load = (part: string) => Promise<unknown>;

declare global {
  // The packer's own way to fetch a part.
  var __loadBundleAsync: Load | undefined;
}

interface Parts {
  urls: string[];
  /** What a part shares with others, both as places in `urls`. */
  needs: Record<number, number[]>;
}

/** Beside each part what it shares with others (scripts/split.mjs): first that, so that a part is never there without it. */
function loadWhatIsShared(load: Load, { urls, needs }: Parts): Load {
  return async (part) => {
    await Promise.all((needs[urls.indexOf(part)] ?? []).map((index) => load(urls[index])));
    return load(part);
  };
}

// The development server has no such list.
const list = document.getElementById('parts')?.textContent;
if (list && globalThis.__loadBundleAsync)
  globalThis.__loadBundleAsync = loadWhatIsShared(globalThis.__loadBundleAsync, JSON.parse(list) as Parts);

renderRootComponent(App);
