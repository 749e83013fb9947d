// Runs before the program. Where that cannot be loaded, it says so: never a blank page.
(function () {
  'use strict';
  let SLOW_MS = 20000;

  function isBlank() {
    let root = document.getElementById('root');
    return root !== null && root.childElementCount === 0;
  }

  // The first picture goes when a screen is there (ui/shell/uncover): until then nothing of the program has come.
  function isStillShell() {
    return document.getElementById('shell') !== null;
  }

  function say() {
    if (document.getElementById('boot') !== null) return;
    let shell = document.getElementById('shell');
    if (shell !== null) shell.remove();
    let box = document.createElement('div');
    box.id = 'boot';
    box.className = 'boot';
    box.setAttribute('role', 'alert');
    let head = document.createElement('h1');
    head.textContent = 'Involucrum could not be loaded';
    let words = document.createElement('p');
    words.textContent =
      'A part of the program is missing, or the server does not answer. Your batches are kept in this browser; nothing of them is lost.';
    let button = document.createElement('button');
    button.type = 'button';
    button.textContent = 'Try again';
    button.addEventListener('click', function () {
      window.location.reload();
    });
    box.append(head, words, button);
    document.body.append(box);
  }

  function soon() {
    setTimeout(function () {
      if (isBlank()) say();
    }, 300);
  }

  // A script that is not there says so only on its way down.
  window.addEventListener('error', soon, true);
  window.addEventListener('unhandledrejection', soon);
  // A part that neither comes nor fails: whatever has been drawn by then, no screen is there.
  setTimeout(function () {
    if (isBlank() || isStillShell()) say();
  }, SLOW_MS);
})();
