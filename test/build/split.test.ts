import { mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { split } from '../../scripts/split.mjs';

const SCRIPTS = '_expo/static/js/web';
/** So long that it is worth a script of its own, or a slice of work of its own. */
const LONG = 20_000;

interface Module {
  id: number;
  needs?: number[];
  /** What it fetches when it is asked for: the number of a module, and its script. */
  fetches?: Record<number, string>;
  length?: number;
  code?: string;
}

const url = (file: string): string => `/${SCRIPTS}/${file}`;

/** A module as the packer writes it. */
function text({ id, needs = [], fetches, length = 10, code = '' }: Module): string {
  const paths = Object.fromEntries(Object.entries(fetches ?? {}).map(([to, file]) => [to, url(file)]));
  const all = [...needs, ...Object.keys(paths).map(Number)];
  const listed = fetches ? { ...Object.fromEntries(all.map((to, i) => [i, to])), paths } : needs;
  return `__d(function(g,r,i,a,m,e,d){${code}/*${'x'.repeat(length)}*/},${id},${JSON.stringify(listed)});`;
}

const ROUTES = {
  _layout: '_layout-1.js',
  index: 'index-1.js',
  day: 'day-1.js',
  'batch/[id]/[station]': '[station]-1.js',
} as const;
const ids = { _layout: 20, index: 21, day: 22, 'batch/[id]/[station]': 23 };

/** A build: an entry with a list of routes, what several parts share, and the parts. */
function build(shared: Module[], parts: Record<string, Module[]>): string {
  const dist = mkdtempSync(path.join(tmpdir(), 'split-'));
  mkdirSync(path.join(dist, SCRIPTS), { recursive: true });
  const fetches = Object.fromEntries(
    Object.entries(ids).map(([route, id]) => [id, ROUTES[route as keyof typeof ROUTES]]),
  );
  const numbers = Object.keys(fetches).map(Number);
  const list = Object.entries(ids)
    .map(([route, id]) => `"./${route}.tsx":{enumerable:!0,get:()=>r(d[9])(d[${1 + numbers.indexOf(id)}],d.paths)}`)
    .join(',');
  const scripts = {
    '__expo-metro-runtime-1.js': 'var __BUNDLE_START_TIME__=0;',
    '__common-1.js': shared.map(text).join('\n'),
    'entry-1.js': [
      text({ id: 1 }),
      text({ id: 2, needs: [1], fetches, code: `e.ctx={${list}};` }),
      text({ id: 0, needs: [2] }),
      '__r(1);\n__r(0);',
    ].join('\n'),
    'worker-entry-1.js': `var __BUNDLE_START_TIME__=0;\n${text({ id: 0 })}`,
    ...Object.fromEntries(Object.entries(parts).map(([file, modules]) => [file, modules.map(text).join('\n')])),
  };
  for (const [file, script] of Object.entries(scripts)) writeFileSync(path.join(dist, SCRIPTS, file), script);
  const loaded = ['__expo-metro-runtime-1.js', '__common-1.js', 'entry-1.js'];
  writeFileSync(
    path.join(dist, 'index.html'),
    loaded.map((file) => `<script src="${url(file)}" defer></script>`).join(''),
  );
  return dist;
}

const LANTERN: Module = { id: 30, needs: [11], code: 'e.lanternSupper=1;' };
const usual = () =>
  build(
    [
      { id: 10, length: LONG },
      { id: 11, needs: [10], length: LONG },
      { id: 12, needs: [11, 10], length: LONG },
      { id: 13 },
      { id: 14, needs: [15], length: LONG },
      { id: 15, needs: [14], length: LONG },
    ],
    {
      '_layout-1.js': [{ id: 20, needs: [1, 10] }],
      'index-1.js': [{ id: 21, needs: [12], fetches: { 30: 'demo-1.js', 41: 'judged-batch-1.js' } }],
      'day-1.js': [{ id: 22, needs: [12, 13, 14] }],
      '[station]-1.js': [{ id: 23, needs: [13, 14], fetches: { 40: 'note-parts-1.js' } }],
      'note-parts-1.js': [{ id: 40, needs: [11] }],
      'demo-1.js': [LANTERN],
      'judged-batch-1.js': [{ id: 41, needs: [12, 14] }],
    },
  );

const definedIn = (dist: string, address: string): number[] =>
  [...readFileSync(path.join(dist, address), 'utf8').matchAll(/\},(\d+),[[{]/g)].map(([, id]) => Number(id));

/** The numbers of all modules that a page has which begins at a place. */
function there(dist: string, parts: ReturnType<typeof split>, place: string): Set<number> {
  const at = [parts.entry, ...parts.always, ...parts.places[place].scripts];
  return new Set(at.flatMap((i) => definedIn(dist, parts.urls[i])));
}

describe('a build is cut up', () => {
  test('every page has what it needs, and what only others need it does not load', () => {
    const dist = usual();
    const parts = split(dist);
    expect([...there(dist, parts, 'index')].sort((a, b) => a - b)).toEqual([0, 1, 2, 10, 11, 12, 20, 21]);
    expect([...there(dist, parts, 'day')]).toEqual(expect.arrayContaining([10, 11, 12, 13, 14, 15, 22]));
    expect(there(dist, parts, 'batch/[id]/[station]').has(12)).toBe(false);
  });

  test('a part that is fetched later brings along what it shares', () => {
    const dist = usual();
    const { needs, urls, always } = split(dist);
    const note = urls.findIndex((address) => address.includes('note-parts'));
    const brought = [...always, ...needs[note]].flatMap((i) => definedIn(dist, urls[i]));
    expect(brought).toEqual(expect.arrayContaining([10, 11]));
  });

  test('a page that begins at a station asks for its part at once', () => {
    const { places, urls } = split(usual());
    const named = (place: string) => places[place].scripts.map((i) => urls[i]);
    expect(named('batch/[id]/note').some((address) => address.includes('note-parts'))).toBe(true);
    expect(named('batch/[id]/[station]').some((address) => address.includes('note-parts'))).toBe(false);
  });

  test('what follows the first words of the Bench is known, without what it has already', () => {
    const { places, urls } = split(usual());
    const { scripts: soon, run } = (places.index as unknown as { soon: { scripts: number[]; run: number[] } }).soon;
    // Last: it is never there without what it shares.
    expect(urls[soon[soon.length - 1]]).toContain('judged-batch');
    expect(soon.filter((at) => places.index.scripts.includes(at))).toEqual([]);
    expect(run).toEqual([14]);
  });

  test('modules run after what they need; of those that need each other one is asked for', () => {
    const { places, run, start } = split(usual());
    expect(start).toEqual([1, 0]);
    expect(run.layout).toEqual([10]);
    expect(places.index.run).toEqual([11, 12]);
    // 14 and 15 need each other: 14 is come to first, and brings 15.
    expect(places.day.run).toEqual([11, 12, 14]);
  });

  test('the entry waits to be run, nothing is lost, and workers are left alone', () => {
    const dist = usual();
    const { urls, entry } = split(dist);
    expect(readFileSync(path.join(dist, urls[entry]), 'utf8')).not.toMatch(/__r\(/);
    const files = readdirSync(path.join(dist, SCRIPTS));
    expect(files).toContain('worker-entry-1.js');
    expect(files.filter((file) => /^(__common|entry-1)/.test(file))).toEqual([]);
    const all = files
      .filter((file) => !file.startsWith('worker-'))
      .flatMap((file) => definedIn(dist, `${SCRIPTS}/${file}`));
    expect(all.sort((a, b) => a - b)).toEqual([0, 1, 2, 10, 11, 12, 13, 14, 15, 20, 21, 22, 23, 30, 40, 41]);
  });

  test('a script in another form than the packer’s is refused', () => {
    const dist = usual();
    writeFileSync(path.join(dist, SCRIPTS, 'odd-1.js'), '__d(function(g){},"odd");');
    expect(() => split(dist)).toThrow(/odd-1\.js: a module without a number/);
  });
});
