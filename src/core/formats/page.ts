/** Text out of HTML, by a parser that reads each character once. */
import { Parser } from 'htmlparser2';

/** What stands inside tags of no text. */
const SILENT: readonly string[] = ['script', 'style', 'template'];

/** The JSON-LD texts inside a page. */
export function jsonInPage(html: string): string[] {
  const found: string[] = [];
  let current: string | null = null;
  const parser = new Parser(
    {
      onopentag: (name, { type }) => {
        if (name === 'script' && type?.trim().toLowerCase().startsWith('application/ld+json')) current = '';
      },
      ontext: (text) => {
        if (current !== null) current += text;
      },
      onclosetag: (name) => {
        if (name === 'script' && current !== null) {
          found.push(current);
          current = null;
        }
      },
    },
    { decodeEntities: false },
  );
  parser.end(html);
  return found;
}

/** Words without tags, with entities as what they stand for, blanks folded. */
export function plainText(html: string): string {
  let text = '';
  let silent = 0;
  const parser = new Parser({
    onopentag: (name) => {
      if (SILENT.includes(name)) silent += 1;
      text += ' ';
    },
    ontext: (words) => {
      if (silent === 0) text += words;
    },
    onclosetag: (name) => {
      if (SILENT.includes(name)) silent = Math.max(0, silent - 1);
      text += ' ';
    },
  });
  parser.end(html);
  return text.replace(/\s+/g, ' ').trim();
}

/** Tags that begin a line of their own. */
const LINES: readonly string[] =
  'p div li ul ol tr br h1 h2 h3 h4 h5 h6 section article header footer table dt dd'.split(' ');
/** What stands around a page's text. */
const AROUND: readonly string[] = [...SILENT, 'nav', 'footer', 'aside', 'form', 'button', 'head', 'noscript'];

/** The text of a page line by line, as it is seen, without what stands around it. */
export function linesInPage(html: string): string {
  let text = '';
  let silent = 0;
  const parser = new Parser({
    onopentag: (name) => {
      if (AROUND.includes(name)) silent += 1;
      if (LINES.includes(name)) text += '\n';
    },
    ontext: (words) => {
      if (silent === 0) text += words.replace(/\s+/g, ' ');
    },
    onclosetag: (name) => {
      if (AROUND.includes(name)) silent = Math.max(0, silent - 1);
      if (LINES.includes(name)) text += '\n';
    },
  });
  parser.end(html);
  return text
    .split('\n')
    .map((line) => line.trim())
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}
