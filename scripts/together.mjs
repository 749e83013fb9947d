// Unit tests in a few files instead of a hundred. Jest gives each file its own copy of every module it reads, and the compiler
// begins anew with each: a quarter of the core's time, most of the interface's. What puts something in the place of a module
// (jest.mock) needs that copy, and stays alone. `npx jest` runs every file by itself, as before.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const NEEDS_OWN_COPY = /jest\.(mock|doMock|isolateModules|resetModules)\(/;

/** Where tests of a project are, in how many parts they run, and what cleans up after each: read first, it is for all. */
const PROJECTS = {
  core: { folders: ['core', 'server', 'cli', 'background', 'data', 'build'], parts: 4, first: [] },
  ui: { folders: ['ui'], parts: 1, first: ['@testing-library/react-native'] },
  web: { folders: ['web'], parts: 1, first: ['@testing-library/react'] },
};

const testsIn = (folder) =>
  readdirSync(`test/${folder}`, { recursive: true })
    .filter((name) => /\.test\.tsx?$/.test(name))
    .map((name) => `test/${folder}/${name}`);

/**
 * Writes the files.
 * @param cache the folder for what is made
 * @returns of each project the files that Jest is to run, and where that is written for it (jest.config.js)
 */
export function putTogether(cache) {
  const folder = path.join(cache, 'together');
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const list = {};
  for (const [project, { folders, parts, first }] of Object.entries(PROJECTS)) {
    const files = folders.flatMap(testsIn).sort();
    const alone = files.filter((file) => NEEDS_OWN_COPY.test(readFileSync(file, 'utf8')));
    const social = files.filter((file) => !alone.includes(file));
    list[project] = { alone, parts: [] };
    for (let part = 0; part < parts; part++) {
      const lines = [
        ...first.map((name) => `require(${JSON.stringify(name)});`),
        ...social
          .filter((_, i) => i % parts === part)
          .map((file) => `describe(${JSON.stringify(file)}, () => void require(${JSON.stringify(`../../${file}`)}));`),
      ];
      const made = path.join(folder, `${project}-${part + 1}.test.js`);
      writeFileSync(made, `${lines.join('\n')}\n`);
      list[project].parts.push(made);
    }
  }
  const file = path.join(folder, 'list.json');
  writeFileSync(file, JSON.stringify(list));
  return { file, list };
}
