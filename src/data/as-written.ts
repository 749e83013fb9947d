/**
 * What this program has written it had read before, and checked: that is not done again, and no screen waits for the validator.
 * What was written by another version, or by anybody else, is read as a stranger's.
 */
import { areAsWritten } from './fresh';
import { parse } from './records';

/** The documents under some texts, where each is what this program wrote last under its key; null where it is not. */
export async function asWritten<Document extends { version: number }>(
  texts: readonly { key: string; text: string }[],
  version: Document['version'],
): Promise<(Document | null)[]> {
  const written = await areAsWritten(texts);
  return texts.map(({ text }, i) => {
    const document = written[i] ? (parse(text) as Document | undefined) : undefined;
    return document?.version === version ? document : null;
  });
}
