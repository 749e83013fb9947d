import { takeInScreens } from '@/data/take-in';

const PARTS = {
  urls: ['/entry.js', '/shared.js', '/bench.js', '/day.js', '/notebook.js'],
  places: { index: { scripts: [1, 2] }, day: { scripts: [1, 3] }, notebook: { scripts: [4] } },
};

/** A page as the build has it, on which the Bench's scripts are already. */
function page(): void {
  const list = `<script type="application/json" id="parts">${JSON.stringify(PARTS)}</script>`;
  document.body.innerHTML = `<script src="/bench.js"></script>${list}`;
}

function savingData(value: boolean): void {
  Object.defineProperty(navigator, 'connection', { value: { saveData: value }, configurable: true });
}

describe('the other screens’ scripts', () => {
  beforeEach(() => {
    page();
    savingData(false);
    window.requestIdleCallback = (run) => Number(setTimeout(run, 0));
  });
  afterEach(() => {
    globalThis.__loadBundleAsync = undefined;
    document.body.innerHTML = '';
  });

  test('are taken in one after another, without those that are there', async () => {
    const asked: string[] = [];
    let onTheWay = 0;
    globalThis.__loadBundleAsync = async (script) => {
      expect(onTheWay).toBe(0);
      onTheWay += 1;
      asked.push(script);
      await Promise.resolve();
      onTheWay -= 1;
    };
    await takeInScreens();
    expect(asked).toEqual(['/shared.js', '/day.js', '/notebook.js']);
  });

  test('one that does not come ends it quietly', async () => {
    const load = jest.fn().mockResolvedValueOnce(undefined).mockRejectedValueOnce(new Error('away'));
    globalThis.__loadBundleAsync = load;
    await expect(takeInScreens()).resolves.toBeUndefined();
    expect(load).toHaveBeenCalledTimes(2);
  });

  test('are left until they are needed where data is to be saved, and where there is no list', async () => {
    const load = jest.fn();
    globalThis.__loadBundleAsync = load;
    savingData(true);
    await takeInScreens();
    savingData(false);
    document.body.innerHTML = '';
    await takeInScreens();
    expect(load).not.toHaveBeenCalled();
  });
});
