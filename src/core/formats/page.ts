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
