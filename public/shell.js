// Fills the first picture for the place that is opened: its title, and the bar or rail with the names that will stand there.
(function () {
  'use strict';
  let PLACES = ['Bench', 'Day', 'Larder', 'Notebook'];
  let STATIONS = ['Fill', 'Cool', 'Wrap', 'Cook', 'Note'];
  let TITLES = { day: 'Day', larder: 'Larder', notebook: 'Notebook', kitchen: 'Kitchen', begin: 'Begin a batch' };
  let path = window.location.pathname.split('/').filter(Boolean);
  let isBatch = path[0] === 'batch';

  // The first visit, which puts the demo in.
  function isEmpty() {
    try {
      return window.localStorage.getItem('involucrum/opened') === null;
    } catch {
      return true;
    }
  }

  function titleOfBatch() {
    try {
      return JSON.parse(window.localStorage.getItem('involucrum/batch/' + decodeURIComponent(path[1]))).title;
    } catch {
      return '';
    }
  }

  function names(id, words, here) {
    let box = document.getElementById(id);
    for (let word of words) {
      let name = document.createElement('span');
      name.textContent = word;
      if (word.toLowerCase() === here) name.className = 'here';
      box.append(name);
    }
  }

  let here = isBatch ? (path[2] ?? 'fill') : path.length === 0 || path[0] === 'begin' ? 'bench' : path[0];
  // Where this comes very late, the page has said so in its place (boot.js): the program begins all the same.
  if (document.getElementById('shell') !== null) {
    document.getElementById('shell-title').textContent = isBatch ? titleOfBatch() : (TITLES[path[0]] ?? 'Bench');
    names('shell-bar', isBatch ? STATIONS : PLACES, here);
    names('shell-rail', ['Involucrum'].concat(PLACES), isBatch ? 'bench' : here);
  }

  // The program: its entry, what all pages need, and what the screen at this address is made of, all fetched at once
  // (scripts/split.mjs). In the development server there is no such list, and the program begins by itself.
  let list = document.getElementById('parts');
  if (list !== null) begin(JSON.parse(list.textContent));

  // A route is an address with [names] for what may be anything.
  function fits(route) {
    let parts = route
      .replace(/(^|\/)index$/, '')
      .split('/')
      .filter(Boolean);
    return (
      parts.length === path.length &&
      parts.every(function (part, i) {
        return part[0] === '[' || part === path[i];
      })
    );
  }

  function load(address) {
    return new Promise(function (done) {
      let script = document.createElement('script');
      script.src = address;
      // What does not come is asked for once more by who needs it, and said then.
      script.onload = function () {
        done(true);
      };
      script.onerror = function () {
        done(false);
      };
      document.head.append(script);
    });
  }

  // What a screen wants soon after its first words: a part last, so that it is never there without what it shares.
  async function loadSoon(addresses, modules) {
    let shared = await Promise.all(addresses.slice(0, -1).map(load));
    if (shared.every(Boolean) && (await load(addresses[addresses.length - 1]))) await run(modules);
  }

  // Until the page has had its turn.
  function turn() {
    return new Promise(function (done) {
      let channel = new MessageChannel();
      channel.port1.onmessage = done;
      channel.port2.postMessage(null);
    });
  }

  // Runs modules a few at a time: in one go the page would be deaf for a second on a phone.
  async function run(modules) {
    let since = performance.now();
    for (let module of modules) {
      try {
        window.__r(module);
      } catch {
        // It is asked for again by who needs it, and what is wrong is said there.
        return;
      }
      if (performance.now() - since < 8) continue;
      await turn();
      since = performance.now();
    }
  }

  async function begin(parts) {
    let route = Object.keys(parts.places)
      .filter(fits)
      .sort(function (one, other) {
        return one.split('[').length - other.split('[').length;
      })[0];
    let place = parts.places[route ?? '+not-found'];
    let address = function (at) {
      return parts.urls[at];
    };
    // The entry alone first: while the rest is on its way it runs.
    await load(parts.urls[parts.entry]);
    let made = isEmpty() ? [place, parts.demo] : [place];
    let others = Promise.all(
      parts.always
        .concat(
          made.flatMap(function (one) {
            return one.scripts;
          }),
        )
        .map(address)
        .map(load),
    );
    let start = parts.start.slice();
    let last = start.pop();
    await run(start.concat(parts.run.entry));
    await others;
    if (place.soon) void loadSoon(place.soon.scripts.map(address), place.soon.run);
    await run(parts.run.layout);
    for (let one of made) await run(one.run);
    window.__r(last);
  }
})();
