/** What stands on the screen lies in modules of words, to be read in one go; what draws it has no sentences of its own. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

const src = path.join(__dirname, '../../src');
/** Modules that say something themselves. */
const OF_WORDS = /(?:\/words|\/batch-line|\/dates|\/stations)\.tsx?$/;

const files = (directory: string): string[] =>
  readdirSync(directory).flatMap((name) => {
    const file = path.join(directory, name);
    return statSync(file).isDirectory() ? files(file) : /\.tsx?$/.test(name) && !OF_WORDS.test(file) ? [file] : [];
  });

/** Three words or more; no path of a drawing, no address. */
const isSentence = (text: string): boolean =>
  /\s/.test(text) && !/^[\s/@]/.test(text) && (text.match(/(?<![A-Za-z])[A-Za-z’]{2,}(?![A-Za-z])/g) ?? []).length >= 3;

function sentences(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isLiteralTypeNode(node)) return;
    const text = ts.isTemplateExpression(node)
      ? node.head.text + node.templateSpans.map((span) => ` … ${span.literal.text}`).join('')
      : ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isJsxText(node)
        ? node.text.replace(/\s+/g, ' ')
        : '';
    if (isSentence(ts.isJsxText(node) ? text.trim() : text)) found.push(text.trim());
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

it.each(['screens', 'ui'])('%s: every sentence lies in a module of words', (room) => {
  const stray = files(path.join(src, room)).flatMap((file) =>
    sentences(file).map((text) => `${path.relative(src, file)}: “${text}”`),
  );
  expect(stray).toEqual([]);
});
