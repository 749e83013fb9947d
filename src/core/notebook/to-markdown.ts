/** The notes of a batch as Markdown: to be read anywhere. */
import { type Batch } from '../stored/schema';
import { FORMS } from '../forms';
import { LIKINGS, MUCHES, OUTCOMES, PLACES_IN_PARCEL } from '../vocabulary/outcomes';
import { METHODS } from '../vocabulary/methods';
import { lookUp } from '../food/larder';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';

/** What Markdown would take for its own signs. */
const plain = (text: string): string => text.replace(/([\\`*_{}[\]<>#|])/g, '\\$1');

const MEASURED: readonly [keyof Batch['note']['measured'], string, (value: number) => string][] = [
  ['parcelBeforeG', 'One before cooking', formatGrams],
  ['parcelAfterG', 'The same one after', formatGrams],
  ['fillingLeftG', 'Filling left', formatGrams],
  ['doughLeftG', 'Dough left', formatGrams],
  ['wastedG', 'Thrown away', formatGrams],
  ['cutAfterMinutes', 'Cut after', (minutes) => `${formatNumber(minutes)} min`],
];

/** @param day how a moment (ISO 8601) is written as a day */
export function notesToMarkdown(batch: Batch, day: (at: string) => string): string {
  const { note, lineage, wrap, cook, count, lines, ingredients } = batch;
  const list = (title: string, items: readonly string[]): string[] =>
    items.length === 0 ? [] : [`## ${title}`, '', ...items.map((item) => `- ${item}`), ''];
  return [
    `# ${plain(batch.title)}`,
    '',
    `Version ${lineage.number}, ${day(batch.doneAt ?? note.at ?? batch.updatedAt)}: ${count} ${count === 1 ? FORMS[wrap.form].label : FORMS[wrap.form].plural}, ${METHODS[cook.method].done}.`,
    '',
    ...list('Changed against the version before', lineage.changed.map(plain)),
    ...list(
      'What came out',
      note.outcomes.map(
        ({ what, much, where }) =>
          `${OUTCOMES[what].label}, ${MUCHES[much].label}${where === null ? '' : ` (${PLACES_IN_PARCEL[where].label})`}`,
      ),
    ),
    ...list(
      'What was weighed',
      MEASURED.flatMap(([field, label, words]) => {
        const value = note.measured[field];
        return value === null ? [] : [`${label}: ${words(value)}`];
      }),
    ),
    ...list(
      note.forWhom === '' ? 'Who ate it' : `Who ate it: ${plain(note.forWhom)}`,
      note.tasters.map(({ who, liked }) => `${plain(who)} ${LIKINGS[liked].label}`),
    ),
    ...(note.words === '' ? [] : ['## In the cook’s words', '', plain(note.words), '']),
    ...list(
      'The filling',
      lines.map(
        (l) =>
          `${formatNumber(l.amount)} ${l.unit} ${plain(lookUp(ingredients, l.ingredientId)?.name ?? l.ingredientId)}`,
      ),
    ),
  ].join('\n');
}
