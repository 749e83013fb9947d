/**
 * A pasted list or recipe. What is understood is shown before it goes in, with the sentence of the method that it was read
 * from; what is not stays, and asks one question.
 */
import { STAGES } from '@/core/vocabulary/stages';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { countInWords } from '@/core/stored/create';
import { MOST } from '@/core/vocabulary/limits';
import { lineOf } from '@/core/stored/new-line';
import { type Operation } from '@/core/stored/operations';
import { SCHOOLS } from '@/core/vocabulary/schools';
import { SALT_ID } from '@/core/food/ingredient';
import { type Batch, type Line } from '@/core/stored/schema';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/vocabulary/releases';
import { formatGrams } from '@/core/units/format';
import { newId } from '@/data/new-id';
import { saltToTaste } from '@/workers/reader';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { useStable } from '@/ui/parts/use-stable';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { keepOwn } from '../keep-own';
import { type ReadItem, type Reading, useReadLines } from './use-read-lines';
import * as phrases from './words';

/** So many lines are shown; of more, those that ask something come first. */
const SHOWN = 15;

export function PastedRecipe({ batch, kitchen, edit, onClose }: StationProps & { onClose: () => void }) {
  const own = kitchen.ingredients;
  const [text, setText] = useState('');
  /** What the method is not to change, by the line's text. */
  const [kept, setKept] = useState<readonly string[]>([]);
  const reading = useReadLines(text, batch.school, own);
  const { recipe, lines, items, done, beyond, problem } = reading;
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
  const notes = notesOf(reading);
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
    const changes = taken.flatMap((line): Operation[] => [
      ...keepOwn(kitchen, line.ingredientId),
      { do: 'addLine', line },
    ]);
    const words = [batch.note.words, ...notes, ...recipe.steps.map((step, i) => `${i + 1}. ${step}`)]
      .filter((part) => part !== '')
      .join('\n')
      .slice(0, MOST.words);
    if (words !== batch.note.words) changes.push({ do: 'setNote', to: { words } });
    if (batch.lines.length === 0) {
      const count = countInWords(batch.wrap.form, recipe);
      if (recipe.title !== null) changes.push({ do: 'setBatch', to: { title: recipe.title.slice(0, MOST.title) } });
      if (count !== null) changes.push({ do: 'setBatch', to: { count } });
    }
    const outcome = edit(changes, '', 'beside');
    answered(outcome);
    // Refused, the list stays as it is.
    if (!(await outcome).ok) return;
    // What was not understood stays in the field, to be put right.
    const open = lines.filter(
      ({ read }) => read?.kind === 'lines' && read.lines.some((food) => food.question !== null),
    );
    const left = [...open.map((line) => line.text), ...beyond];
    setText(left.join('\n'));
    if (left.length === 0) onClose();
  };
  const inOrder =
    lines.length <= SHOWN
      ? shown
      : [...shown].sort((a, b) => Number(b.food.question !== null) - Number(a.food.question !== null));
  return (
    <View style={{ gap: 12 }}>
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
      {recipe.title !== null && (
        <Strong>
          {recipe.title}
          {recipe.count === null ? '' : `, makes ${recipe.count}`}
          {recipe.serves === null ? '' : `, serves ${recipe.serves}`}
        </Strong>
      )}
      <View role="list" aria-label={phrases.WHAT_WAS_UNDERSTOOD}>
        {inOrder.slice(0, SHOWN).map((item, i) => (
          <Understood key={`${i}-${item.food.parsed.text}`} item={item} own={own} onAnswer={answer} onKeep={keep} />
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

/** Salt without an amount: so much as is usual. */
const isByTaste = ({ line, question, parsed }: ReadItem['food']): boolean =>
  line === null && question === null && parsed.ingredientId === SALT_ID;

/** What does not go into the filling, each with why. */
const notesOf = ({ lines, recipe }: Reading): string[] => [
  ...lines.flatMap(({ text, read }) => (read?.kind === 'note' ? [`${text} (${read.why})`] : [])),
  ...lines.flatMap(({ read }) =>
    read?.kind === 'lines'
      ? read.lines.flatMap((food) => (isByTaste(food) ? [phrases.byTaste(food.parsed.text)] : []))
      : [],
  ),
  ...recipe.others.map((line) => phrases.notInFilling(line)),
];

interface ShownItem extends ReadItem {
  isKept: boolean;
}

/** The line that an item becomes. */
function lineOfItem({ food: { line }, from, isKept }: ShownItem, id: string): Line | null {
  if (line === null) return null;
  const fromMethod = isKept ? null : from;
  const note =
    fromMethod === null ? line.note : [line.note, `“${fromMethod.sentence}”`].filter((part) => part !== '').join('; ');
  return { ...line, ...fromMethod?.to, id, note: note.length <= MOST.note ? note : line.note };
}

interface UnderstoodProps {
  item: ShownItem;
  own: Batch['ingredients'];
  onAnswer: (line: string, becomes: string) => void;
  onKeep: (line: string) => void;
}

/** So much of a long line is shown. */
const SHOWN_LETTERS = 120;
const shortened = (text: string): string => (text.length <= SHOWN_LETTERS ? text : `${text.slice(0, SHOWN_LETTERS)} …`);

/** One line: what it will be and what says so, or what is still to be asked. Drawn again only when it reads otherwise. */
const Understood = memo(function Understood({ item, own, onAnswer, onKeep }: UnderstoodProps) {
  const p = usePalette();
  const { text, food, from, isKept } = item;
  const { parsed, question, answers } = food;
  const line = lineOfItem(item, 'x');
  const ingredient = parsed.ingredientId === null ? undefined : lookUp(own, parsed.ingredientId);
  const prep = ingredient && line ? preparation(ingredient.release, line.preparation) : null;
  const words =
    line && ingredient
      ? [prep && ingredient.release !== 'dry' ? prep.label : '', STAGES[line.stage].title.toLowerCase()]
      : [`“${shortened(parsed.text)}”`];
  return (
    <View
      role="listitem"
      style={{ borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 8, flexDirection: 'row', gap: 12 }}
    >
      <View style={{ flex: 1 }}>
        <Body>{ingredient?.name ?? shortened(parsed.name ?? parsed.text)}</Body>
        <Small>{words.filter((word) => word !== '').join(', ')}</Small>
        {from !== null && (
          <View style={{ gap: 4 }}>
            <Small style={isKept ? { textDecorationLine: 'line-through' } : undefined}>
              {`from “${shortened(from.sentence)}”`}
            </Small>
            <View style={{ flexDirection: 'row' }}>
              <Press
                title={isKept ? phrases.AS_METHOD_SAYS : 'That’s wrong'}
                label={`${parsed.text}: ${isKept ? phrases.IS_AS_METHOD_SAYS : phrases.IS_NOT_AS_METHOD_SAYS}`}
                onPress={() => onKeep(text)}
              />
            </View>
          </View>
        )}
        {question !== null && (
          <>
            <Small style={{ color: p.beet }}>{question}</Small>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 }}>
              {answers.map((answer) => (
                <Press
                  key={answer.label}
                  title={answer.label}
                  label={`${parsed.text}: ${answer.label}`}
                  onPress={() => onAnswer(text, answer.text)}
                />
              ))}
            </View>
          </>
        )}
      </View>
      <Strong style={{ color: question === null ? p.ink : p.beet }}>
        {parsed.grams === null ? '?' : formatGrams(parsed.grams)}
      </Strong>
    </View>
  );
});
