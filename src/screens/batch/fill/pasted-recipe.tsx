/**
 * A pasted list or recipe. What is understood is shown before it goes in, with the sentence of the method that it was read
 * from; what is not stays, and asks one question.
 */
import { useState } from 'react';
import { View } from 'react-native';
import { SALT_ID } from '@/core/food/ingredient';
import { type Batch } from '@/core/stored/schema';
import { lineOf } from '@/core/stored/new-line';
import { SCHOOLS } from '@/core/vocabulary/schools';
import { newId } from '@/data/new-id';
import { saltToTaste } from '@/workers/reader';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { useStable } from '@/ui/parts/use-stable';
import { useRefusal } from '@/ui/parts/use-refusal';
import { type StationProps } from '../station-props';
import { isByTaste, leftOpen, lineOfItem, notesOf, operationsFor, type ShownItem } from './pasted-operations';
import { Understood } from './understood-line';
import { type Reading, useReadLines } from './use-read-lines';
import * as phrases from './words';

/** So many lines are shown; of more, those that ask something come first. */
const SHOWN = 15;

export function PastedRecipe({ batch, kitchen, edit, onClose }: StationProps & { onClose: () => void }) {
  const own = kitchen.ingredients;
  const [text, setText] = useState('');
  /** What the method is not to change, by the line's text. */
  const [kept, setKept] = useState<readonly string[]>([]);
  const reading = useReadLines(text, batch.school, own);
  const { lines, items, done, problem } = reading;
  const { refusal, answered, clear } = useRefusal();
  const type = (typed: string) => {
    setText(typed);
    clear();
  };
  const answer = useStable((line: string, becomes: string) =>
    type(
      text
        .split('\n')
        .map((so) => (so.trim() === line ? becomes : so))
        .join('\n'),
    ),
  );
  const keep = useStable((line: string) =>
    setKept((now) => (now.includes(line) ? now.filter((other) => other !== line) : [...now, line])),
  );
  const isRead = done === lines.length;
  // What is left to taste is among what is kept in words.
  const shown = items
    .filter(({ food }) => food.line !== null || food.question !== null)
    .map((item) => ({ ...item, isKept: kept.includes(item.text) }));
  const ready = shown.filter(({ food }) => food.line !== null);
  const hasSaltToTaste =
    items.some(({ food }) => isByTaste(food)) && !batch.lines.some((l) => l.ingredientId === SALT_ID);
  const takeOver = async () => {
    const taken = ready.flatMap((item) => lineOfItem(item, newId()) ?? []);
    if (hasSaltToTaste) {
      const grams = await saltToTaste([...batch.lines, ...taken], own).catch(() => 0);
      if (grams > 0) {
        taken.push({
          ...lineOf(taken, SALT_ID, grams, SCHOOLS[batch.school].saltAt, phrases.TO_TASTE),
          id: newId(),
        });
      }
    }
    const changes = operationsFor(taken, { batch, kitchen, reading });
    const outcome = edit(changes, '', 'beside');
    answered(outcome);
    // Refused, the list stays as it is.
    if (!(await outcome).ok) return;
    // What was not understood stays in the field, to be put right.
    const left = leftOpen(reading);
    setText(left.join('\n'));
    if (left.length === 0) onClose();
  };
  return (
    // In a row of buttons: without a width of its own it would be as wide as its longest question.
    <View style={{ gap: 12, width: '100%' }}>
      <Heading level={3} soft>
        {phrases.PASTE_LIST_OR_RECIPE}
      </Heading>
      <TextField
        label={phrases.ONE_A_LINE}
        value={text}
        onChange={type}
        lines={7}
        placeholder={phrases.LIST_FOR_EXAMPLE}
        autoFocus
      />
      {!isRead && problem === null && <Small role="status">{phrases.readingLines(done, lines.length)}</Small>}
      <Problem text={problem} />
      <ReadSoFar reading={reading} shown={shown} own={own} onAnswer={answer} onKeep={keep} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press
          title={phrases.putLinesIn(ready.length)}
          kind="solid"
          onPress={() => void takeOver()}
          disabled={ready.length === 0 || !isRead}
        />
        <Press title="Close" onPress={onClose} />
      </View>
      <Problem text={refusal} />
    </View>
  );
}

interface ReadSoFarProps {
  reading: Reading;
  shown: readonly ShownItem[];
  own: Batch['ingredients'];
  onAnswer: (line: string, becomes: string) => void;
  onKeep: (line: string) => void;
}

/** What has been understood, what is left out of the sums, and what still waits. */
function ReadSoFar({ reading, shown, own, onAnswer, onKeep }: ReadSoFarProps) {
  const { recipe, lines, beyond } = reading;
  const notes = notesOf(reading);
  const inOrder =
    lines.length <= SHOWN
      ? shown
      : [...shown].sort((a, b) => Number(b.food.question !== null) - Number(a.food.question !== null));
  return (
    <>
      {recipe.title !== null && (
        <Strong>
          {recipe.title}
          {recipe.count === null ? '' : `, makes ${recipe.count}`}
          {recipe.serves === null ? '' : `, serves ${recipe.serves}`}
        </Strong>
      )}
      <View role="list" aria-label={phrases.WHAT_WAS_UNDERSTOOD}>
        {inOrder.slice(0, SHOWN).map((item, i) => (
          <Understood key={`${i}-${item.food.parsed.text}`} item={item} own={own} onAnswer={onAnswer} onKeep={onKeep} />
        ))}
      </View>
      {inOrder.length > SHOWN && <Small>{phrases.andMoreRead(inOrder.length, SHOWN)}</Small>}
      {notes.length > 0 && (
        <View role="list" aria-label={phrases.LEFT_OUT_OF_SUMS}>
          <Small>{phrases.LEFT_OUT_OF_SUMS_ARE}</Small>
          {notes.slice(0, SHOWN).map((note) => (
            <Small role="listitem" key={note}>
              {note}
            </Small>
          ))}
        </View>
      )}
      {recipe.steps.length > 0 && <Small>{phrases.methodSteps(recipe.steps.length)}</Small>}
      {beyond.length > 0 && <Small>{phrases.moreLinesWait(beyond.length)}</Small>}
    </>
  );
}
