/**
 * The other screens' scripts, taken in while nobody waits for them: they are there when they are asked for, so that a screen is
 * drawn at once. One that had still to come would leave the page empty, and React lets an empty page stand for 300 ms.
 * Nothing of them is run before it is needed.
 */
import { savesData } from './fetch-parts';
import { whenIdle } from './when-idle';

interface Parts {
  urls: string[];
  places: Record<string, { scripts: number[] }>;
}

const idle = (): Promise<void> => new Promise((done) => whenIdle(done));

/** Made by the build (scripts/split.mjs); the development server has no such list. */
function scriptsOfPlaces(): string[] {
  const list = document.getElementById('parts')?.textContent;
  if (!list) return [];
  const { urls, places } = JSON.parse(list) as Parts;
  const isHere = new Set([...document.scripts].map((script) => script.getAttribute('src')));
  const wanted = new Set(Object.values(places).flatMap(({ scripts }) => scripts));
  return [...wanted].map((index) => urls[index]).filter((url) => !isHere.has(url));
}

/** Takes them in one after another, each when there is time to spare. What does not come is asked for again when it is needed. */
export async function takeInScreens(): Promise<void> {
  const load = globalThis.__loadBundleAsync;
  if (load === undefined || savesData()) return;
  for (const script of scriptsOfPlaces()) {
    await idle();
    try {
      await load(script);
    } catch {
      // Without a server: it is said when it is asked for.
      return;
    }
  }
}
