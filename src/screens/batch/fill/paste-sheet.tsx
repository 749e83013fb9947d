/** Pasting a list of ingredients. What is understood is shown before it goes in; what is not stays, and asks one question. */
import { STAGES } from '@/core/document/vocabulary/stages';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { type Operation } from '@/core/document/operations';
import { type Batch } from '@/core/document/schema';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/document/vocabulary/releases';
import { type ReadLine } from '@/core/recipe/read-line';
import { toLine } from '@/core/recipe/to-line';
import { formatGrams } from '@/core/units/format';
import { newId } from '@/data/new-id';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { useStable } from '@/ui/parts/use-stable';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { keepOwn } from '../keep-own';
import { useReadLines } from './use-read-lines';

/** So many lines are shown; of more, those that ask something come first. */
const SHOWN = 15;

export function PasteSheet({ batch, kitchen, edit }: StationProps) {
  const own = kitchen.ingredients;
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const { lines, done, beyond, problem } = useReadLines(text, own);
  const { refusal, answered, clear } = useRefusal();
  const type = (typed: string) => {
    setText(typed);
    clear();
  };
  const answer = useStable((line: string, becomes: string) =>
    type(
      text
        .split('\n')
        .map((so) => (so === line ? becomes : so))
        .join('\n'),
    ),
  );
  if (!open) return <Press title="Paste a list of ingredients" icon="plus" onPress={() => setOpen(true)} />;
  const isRead = done === lines.length;
  const read = lines.flatMap((line) => (line.read === null ? [] : [line.read]));
  const ready = read.filter(({ parsed }) => toLine(parsed, batch.school, 'x', own) !== null);
  const takeOver = async () => {
    const taken = read.map(({ parsed }) => toLine(parsed, batch.school, newId(), own));
    const changes = taken.flatMap((line): Operation[] =>
      line === null ? [] : [...keepOwn(kitchen, line.ingredientId), { do: 'addLine', line }],
    );
    const outcome = edit(changes, '', 'beside');
    answered(outcome);
    // Refused, the list stays as it is.
    if (!(await outcome).ok) return;
    // What was not understood stays in the field, to be put right.
    const left = lines.filter((_, i) => taken[i] === null).map((line) => line.text);
    setText([...left, ...beyond].join('\n'));
    if (left.length + beyond.length === 0) setOpen(false);
  };
  const inOrder =
    lines.length <= SHOWN ? read : [...read].sort((a, b) => Number(b.question !== null) - Number(a.question !== null));
  return (
    <View style={{ gap: 12 }}>
      <Heading level={3} soft>
        Paste a list
      </Heading>
      <TextField
        label="One ingredient a line, as the recipe has it"
        value={text}
        onChange={type}
        lines={7}
        placeholder={'500 g minced pork\n1½ cups shredded cabbage, salted and squeezed\n2 spring onions'}
        autoFocus
      />
      {!isRead && problem === null && (
        <Small role="status">
          Reading: {done} of {lines.length} lines
        </Small>
      )}
      <Problem text={problem} />
      <View role="list" aria-label="What was understood">
        {inOrder.slice(0, SHOWN).map((line, i) => (
          <Understood key={`${i}-${line.parsed.text}`} read={line} school={batch.school} own={own} onAnswer={answer} />
        ))}
      </View>
      {inOrder.length > SHOWN && <Small>and {inOrder.length - SHOWN} more, read as well</Small>}
      {beyond.length > 0 && <Small>{beyond.length} lines more stay here until these are in.</Small>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press
          title={ready.length === 1 ? 'Put 1 line in' : `Put ${ready.length} lines in`}
          kind="solid"
          onPress={() => void takeOver()}
          disabled={ready.length === 0 || !isRead}
        />
        <Press title="Close" onPress={() => setOpen(false)} />
      </View>
      <Problem text={refusal} />
    </View>
  );
}

interface UnderstoodProps {
  read: ReadLine;
  school: Batch['school'];
  own: Batch['ingredients'];
  onAnswer: (line: string, becomes: string) => void;
}

/** So much of a long line is shown. */
const SHOWN_LETTERS = 120;
const shortened = (text: string): string => (text.length <= SHOWN_LETTERS ? text : `${text.slice(0, SHOWN_LETTERS)} …`);

/** One line: what it will be, or what is still to be asked. Drawn again only when it reads otherwise. */
const Understood = memo(function Understood({
  read: { parsed, question, answers },
  school,
  own,
  onAnswer,
}: UnderstoodProps) {
  const p = usePalette();
  const line = toLine(parsed, school, 'x', own);
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
        {question !== null && (
          <>
            <Small style={{ color: p.beet }}>{question}</Small>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 }}>
              {answers.map(({ label, text }) => (
                <Press
                  key={label}
                  title={label}
                  label={`${parsed.text}: ${label}`}
                  onPress={() => onAnswer(parsed.text, text)}
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
