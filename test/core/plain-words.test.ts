/** What stands on screens is English as people speak it: words that were stumbled on do not come back. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** Stumbled on, and what to say instead. */
const AVOID: readonly [RegExp, string][] = [
  [/\bleast-done\b/, 'slowest'],
  [/\bhouse estimate/i, 'our estimate'],
  [/\bparcels?\b/i, 'pieces, or the form’s own name'],
  [/\bis not so\b|\bare not so\b|^Not so$/, 'that’s wrong'],
  [/\btakes? it there\b/, 'say what is reached'],
  [/\bas far as it is known\b/, 'say what is missing'],
  [/\bat the board\b/i, 'while you fill'],
  [/\b(?:in|into|before|after) the heat\b/, 'while, before, after cooking; cook it again'],
  [/\btime enough\b/, 'long enough'],
  [/[a-z]'[a-z]/, 'a curly apostrophe'],
  [/\(or empty\)/, '(optional)'],
  [/\blikest\b/, 'most like'],
  [/\bfree liquid\b/i, 'loose liquid'],
  [/\bwhich is nothing\b/, 'barely'],
  [/\bat best\b/, 'at least'],
  [/\bin another state\b/, 'different'],
  [/\bby the ledger\b/, 'worked out'],
  [/\bwithout hands\b/, 'of waiting'],
  [/\bfinds no free time\b/, 'doesn’t fit'],
  [/\bnobody has said\b/i, 'you haven’t said'],
  [/\bwould be one\b/, 'type one such as'],
  [/\bthe whole of its\b/, 'the full'],
  [/\bany more\b/, 'gone, or can’t'],
  [/\b(?:is|are|was|were) not there\b/, 'gone, or not in it'],
  [/\b(?:had|has) only \*?$|\bmiddle had\b/, 'was'],
  [/\b(?:colou?r|flavo?r|cent(?:er|re)|gray|grey)\b(?<=color|flavor|center|gray)/i, 'British spelling'],
];

/** Sentences cooks write, data of the larder, and names of things: no words of ours. */
const LEFT_OUT = [/core\/recipe\//, /core\/food\//, /everyday\.ts$/, /data\/demo\//, /core\/stored\//];

function files(directory: string): string[] {
  return readdirSync(directory).flatMap((name) => {
    const file = path.join(directory, name);
    if (statSync(file).isDirectory()) return files(file);
    return /\.tsx?$/.test(name) && !LEFT_OUT.some((out) => out.test(file.replaceAll(path.sep, '/'))) ? [file] : [];
  });
}

/** Texts of a file that somebody may read: with a space in them, or standing between tags. */
function said(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isLiteralTypeNode(node)) return;
    const isText =
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node) ||
      ts.isJsxText(node);
    if (isText && (ts.isJsxText(node) || /\s|^[A-Z]/.test(node.text))) found.push(node.text.replace(/\s+/g, ' '));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const root = path.join(__dirname, '../../src');
it.each(['core', 'screens', 'ui', 'data'])('%s says nothing that was stumbled on', (room) => {
  const wrong = files(path.join(root, room)).flatMap((file) =>
    said(file).flatMap((text) =>
      AVOID.filter(([word]) => word.test(text)).map(
        ([word, instead]) => `${path.relative(root, file)}: “${text.trim()}” (${word.source}): ${instead}`,
      ),
    ),
  );
  expect(wrong).toEqual([]);
});
