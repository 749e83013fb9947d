/**
 * The packer puts every module that two parts share into one script which each page loads whole. Here it is cut up again: what
 * the layout needs stays; of the rest each page loads what its own parts need. No module is changed, only where it lies.
 *
 * A script is a list of `__d(function…, id, dependencies)`; a second definition of an id is passed over, and so is what is
 * never asked for. What a part needs besides itself stands in the page as data (`#parts`), for shell.js and src/entry.ts.
 */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const SCRIPTS = '_expo/static/js/web';
/** A shared script smaller than this is no request of its own, bytes. */
const SMALLEST = 12_000;

const DEFINED = /^(?=__d\(function ?\()/m;
const TAIL = /,\s*(\d+),\s*(\[[^[\]]*\]|\{[^{}]*(?:\{[^{}]*\})?[^{}]*\})\);\s*(?:__r\(\d+\);\s*)*$/;

/** One module as it stands in a script. */
function readModule(text, file) {
  const tail = TAIL.exec(text);
  if (tail === null) throw new Error(`${file}: a module without a number: …${text.slice(-80)}`);
  const { paths = {}, ...listed } = { ...JSON.parse(tail[2]) };
  // What is fetched when it is needed has a path; null is a module that is left out.
  const needs = Object.values(listed).filter((id) => id !== null && !(id in paths));
  return { id: Number(tail[1]), text, needs, fetched: paths };
}

/** The scripts of the page, without those of workers, which have all of their own. */
function readScripts(folder, first) {
  const isPages = (file, text) => first.includes(file) || !text.includes('__BUNDLE_START_TIME__=');
  return readdirSync(folder)
    .filter((file) => file.endsWith('.js'))
    .map((file) => ({ file, text: readFileSync(path.join(folder, file), 'utf8') }))
    .filter(({ file, text }) => isPages(file, text))
    .map(({ file, text }) => ({
      file,
      modules: text
        .split(DEFINED)
        .filter((part) => part.startsWith('__d('))
        .map((part) => readModule(part, file)),
    }));
}

/** All that a module needs to run, itself among it. */
function closure(id, modules, seen = new Set()) {
  if (seen.has(id)) return seen;
  seen.add(id);
  for (const needed of modules.get(id)?.needs ?? []) closure(needed, modules, seen);
  return seen;
}

/** Modules by who needs them; what is small goes along with the next larger company. */
function group(ids, needsOf, size) {
  const groups = new Map();
  for (const id of ids) {
    const by = [...needsOf].filter(([, needed]) => needed.has(id)).map(([file]) => file);
    const key = by.join(' ');
    const found = groups.get(key) ?? { by: new Set(by), ids: [] };
    found.ids.push(id);
    groups.set(key, found);
  }
  const weight = ({ ids: some }) => some.reduce((sum, id) => sum + size(id), 0);
  const all = [...groups.values()];
  const forAll = [];
  for (;;) {
    const small = all.sort((a, b) => weight(a) - weight(b))[0];
    if (small === undefined || weight(small) >= SMALLEST) return { groups: all, forAll };
    all.shift();
    const host = hosts(small, all).sort((a, b) => a.by.size - b.by.size)[0];
    (host?.ids ?? forAll).push(...small.ids);
  }
}

/** Groups that everybody loads who needs this one. */
const hosts = (one, all) => all.filter((other) => other !== one && [...one.by].every((file) => other.by.has(file)));

/** Which script draws which address, by the router's own list. */
function routes(modules) {
  const list = [...modules.values()].find(({ text }) => /"\.\/_layout\.tsx":/.test(text));
  if (list === undefined) throw new Error('the build has no list of routes');
  const dependencies = JSON.parse(TAIL.exec(list.text)[2]);
  return Object.fromEntries(
    [...list.text.matchAll(/"\.\/([^"]+)\.tsx":\s*\{[^}]*?\[\d+\]\)\(\w+\[(\d+)\]/g)].map(([, route, index]) => [
      route,
      nameOf(list.fetched[dependencies[index]]),
    ]),
  );
}

const nameOf = (url) => decodeURIComponent(path.basename(url));

/** The modules that are fetched when they are asked for, and the script that brings each. */
function rootsByScript(modules) {
  const fetched = [...modules.values()].flatMap((module) => Object.entries(module.fetched));
  return new Map(fetched.map(([id, url]) => [Number(id), nameOf(url)]).filter(([id]) => modules.has(id)));
}

/** What each script needs of the shared ones to run, by its name. */
function needsByScript(modules, isShared) {
  const needs = new Map();
  for (const [id, file] of rootsByScript(modules)) {
    const needed = needs.get(file) ?? new Set();
    for (const one of closure(id, modules)) if (isShared.has(one)) needed.add(one);
    needs.set(file, needed);
  }
  return needs;
}

/** As much of a program is run before the page may listen again, bytes: a few thousandths of a second on a slow phone. */
const SLICE = 6_000;

/**
 * In which order modules run when one is asked for: what it needs, then itself. Of modules that need each other only the one that
 * is come to first is named, since it brings the others. Named are only so many that a slice of work lies between two.
 */
function slices(roots, modules, isRun) {
  const order = [];
  const [index, low, stack] = [new Map(), new Map(), []];
  let weight = 0;
  const visit = (id) => {
    index.set(id, index.size);
    low.set(id, index.get(id));
    stack.push(id);
    for (const needed of modules.get(id)?.needs ?? []) {
      if (isRun.has(needed)) continue;
      if (!index.has(needed)) visit(needed);
      if (stack.includes(needed)) low.set(id, Math.min(low.get(id), low.get(needed)));
    }
    weight += modules.get(id)?.text.length ?? 0;
    if (low.get(id) !== index.get(id)) return;
    stack.splice(stack.indexOf(id));
    if (weight < SLICE) return;
    order.push(id);
    weight = 0;
  };
  for (const root of roots) if (!isRun.has(root) && !index.has(root)) visit(root);
  return { order, run: new Set([...isRun, ...index.keys()]) };
}

/**
 * Cuts up a build.
 * @returns `urls` of scripts, to which the other fields point: `entry`, `always` what every page loads beside it, `places` what a
 * page's own screen is made of by its route, and what it wants `soon` after, `needs` what each part wants beside itself by its
 * address; in `run` the numbers of modules to be run before the program begins, of the entry, of the layout, and of each place;
 * `demo` as a place, for a browser that has nothing yet
 */
export function split(dist) {
  const folder = path.join(dist, SCRIPTS);
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const first = [...page.matchAll(/src="[^"]*\/([^"/]+\.js)"/g)].map(([, file]) => file);
  const named = (start) => first.find((file) => file.startsWith(start));
  const [runtime, entry] = [named('__expo-metro-runtime-'), named('entry-')];
  const scripts = readScripts(folder, first);
  const modules = new Map(scripts.flatMap(({ modules: some }) => some.map((module) => [module.id, module])));
  const common = scripts.find(({ file }) => file.startsWith('__common-'));
  const isShared = new Set(common.modules.map(({ id }) => id));
  const routeScripts = routes(modules);
  const layout = routeScripts._layout;

  const needed = needsByScript(modules, isShared);
  const always = needed.get(layout);
  needed.delete(layout);
  const { groups, forAll } = group(
    [...isShared].filter((id) => !always.has(id)),
    needed,
    (id) => modules.get(id).text.length,
  );
  const write = (start, text) => {
    const file = `${start}-${createHash('md5').update(text).digest('hex')}.js`;
    writeFileSync(path.join(folder, file), text);
    return file;
  };
  const cut = (start, ids) => {
    const isIn = new Set(ids);
    return write(start, common.modules.flatMap(({ id, text }) => (isIn.has(id) ? `${text.trimEnd()}\n` : [])).join(''));
  };
  const base = cut('base', [...always, ...forAll]);
  const shared = groups.map(({ by, ids }) => ({ by, file: cut('shared', ids) }));
  // The entry defines and no longer runs: that is shell.js's, which knows when all is there.
  const whole = readFileSync(path.join(folder, entry), 'utf8');
  const start = [...whole.matchAll(/^__r\((\d+)\);$/gm)].map(([, id]) => Number(id));
  const defines = write('entry', whole.replace(/^__r\(\d+\);\n?/gm, ''));
  for (const file of [common.file, entry]) rmSync(path.join(folder, file));

  const urls = [];
  const at = (file) => {
    const url = `/${SCRIPTS}/${file}`;
    if (!urls.includes(url)) urls.push(url);
    return urls.indexOf(url);
  };
  const wants = (file) => shared.filter(({ by }) => by.has(file)).map((one) => at(one.file));
  const rootOf = (file) => [...rootsByScript(modules)].find(([, script]) => script === file)[0];
  const ofEntry = slices(start, modules, new Set());
  const ofLayout = slices([rootOf(layout)], modules, ofEntry.run);
  const place = (files, { run } = ofLayout) => ({
    scripts: [...new Set(files.flatMap((file) => [...wants(file), at(file)]))],
    run: slices(files.map(rootOf), modules, run).order,
  });
  const places = Object.fromEntries(
    Object.entries(routeScripts)
      .filter(([route]) => route !== '_layout')
      .map(([route, file]) => [route, place([file])]),
  );
  // A station that is fetched when it is opened is asked for at once where a page begins with it.
  for (const file of needed.keys()) {
    const [, station] = /^(\w+)-parts-/.exec(file) ?? [];
    if (station !== undefined) places[`batch/[id]/${station}`] = place([routeScripts['batch/[id]/[station]'], file]);
  }
  // What follows the first words of the Bench is fetched while they are drawn.
  const judged = [...needed.keys()].find((file) => file.startsWith('judged-batch-'));
  if (judged === undefined) throw new Error('the build has no judged-batch of its own');
  const bench = places.index;
  const soon = place([judged], slices([rootOf(routeScripts.index)], modules, ofLayout.run));
  places.index = { ...bench, soon: { ...soon, scripts: soon.scripts.filter((one) => !bench.scripts.includes(one)) } };
  // The demo is put in at the first visit: its script is the one that brings it.
  const demo = [...rootsByScript(modules)].find(([id]) => /\blanternSupper\b/.test(modules.get(id).text))?.[1];
  if (demo === undefined) throw new Error('the build has no demo');
  return {
    runtime: at(runtime),
    entry: at(defines),
    always: [base, layout].map(at),
    start,
    run: { entry: ofEntry.order, layout: ofLayout.order },
    places,
    demo: place([demo]),
    needs: Object.fromEntries(
      [...needed.keys()].filter((file) => wants(file).length > 0).map((file) => [at(file), wants(file)]),
    ),
    urls,
  };
}
