// Fills the first picture for the place that is opened: its title, and the bar or rail with the names that will stand there.
(function () {
  'use strict';
  let PLACES = ['Bench', 'Day', 'Larder', 'Notebook'];
  let STATIONS = ['Fill', 'Cool', 'Wrap', 'Cook', 'Note'];
  let TITLES = { day: 'Day', larder: 'Larder', notebook: 'Notebook', kitchen: 'Kitchen', begin: 'Begin a batch' };
  let path = window.location.pathname.split('/').filter(Boolean);
  let isBatch = path[0] === 'batch';

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
  document.getElementById('shell-title').textContent = isBatch ? titleOfBatch() : (TITLES[path[0]] ?? 'Bench');
  // The part that draws a batch is fetched beside the program.
  let part = document.getElementById('shell').dataset.batch;
  if (isBatch && part !== undefined) {
    let ask = document.createElement('link');
    ask.rel = 'preload';
    ask.as = 'script';
    ask.href = part;
    document.head.append(ask);
  }
  names('shell-bar', isBatch ? STATIONS : PLACES, here);
  names('shell-rail', ['Involucrum'].concat(PLACES), isBatch ? 'bench' : here);
})();
