/** Pasting a list of ingredients. What is understood is shown before it goes in; what is not stays, and asks one question. */
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/batch/schema';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/food/preparations';
import { parseLine, type ParsedLine } from '@/core/recipe/parse-line';
import { answers, question, toLine } from '@/core/recipe/to-line';
import { formatGrams } from '@/core/units/format';
import { newId } from '@/data/new-id';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { usePalette } from '@/ui/theme/use-palette';
import { STAGE_WORDS } from '../../words';
import { type StationProps } from '../station-props';
import { keepOwn } from './keep-own';

export function PasteSheet({ batch, kitchen, edit }: StationProps) {
  const own = kitchen.ingredients;
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const parsed = useMemo(
    () =>
      text
        .split('\n')
        .filter((line) => line.trim() !== '')
        .map((line) => parseLine(line, undefined, own)),
    [text, own],
  );
  if (!open) return <Press title="Paste a list of ingredients" icon="plus" onPress={() => setOpen(true)} />;
  const answer = (line: string, becomes: string) =>
    setText(
      text
        .split('\n')
        .map((so) => (so === line ? becomes : so))
        .join('\n'),
    );
  const ready = parsed.filter((line) => toLine(line, batch.school, 'x', own) !== null);
  const takeOver = () => {
    const lines = parsed.map((line) => toLine(line, batch.school, newId(), own));
    edit(
      lines.flatMap((line) =>
        line === null ? [] : [...keepOwn(kitchen, line.ingredientId), { do: 'addLine' as const, line }],
      ),
    );
    // What was not understood stays in the field, to be put right.
    const left = parsed.filter((_, i) => lines[i] === null).map((line) => line.text);
    setText(left.join('\n'));
    if (left.length === 0) setOpen(false);
  };
  return (
    <View style={{ gap: 12 }}>
      <Heading level={3} soft>
        Paste a list
      </Heading>
      <TextField
        label="One ingredient a line, as the recipe has it"
        value={text}
        onChange={setText}
        lines={7}
        most={20_000}
        placeholder={'500 g minced pork\n1½ cups shredded cabbage, salted and squeezed\n2 spring onions'}
        autoFocus
      />
      <View role="list" aria-label="What was understood">
        {parsed.map((line, i) => (
          <Understood key={`${i}-${line.text}`} parsed={line} school={batch.school} own={own} onAnswer={answer} />
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press
          title={ready.length === 1 ? 'Put 1 line in' : `Put ${ready.length} lines in`}
          kind="solid"
          onPress={takeOver}
          disabled={ready.length === 0}
        />
        <Press title="Close" onPress={() => setOpen(false)} />
      </View>
    </View>
  );
}

/** One line: what it will be, or what is still to be asked. */
function Understood({
  parsed,
  school,
  own,
  onAnswer,
}: {
  parsed: ParsedLine;
  school: Batch['school'];
  own: Batch['ingredients'];
  onAnswer: (line: string, becomes: string) => void;
}) {
  const p = usePalette();
  const line = toLine(parsed, school, 'x', own);
  const ingredient = parsed.ingredientId === null ? undefined : lookUp(own, parsed.ingredientId);
  const asks = question(parsed);
  const prep = ingredient && line ? preparation(ingredient.wetness, line.preparation) : null;
  const words =
    line && ingredient
      ? [prep && ingredient.wetness !== 'dry' ? prep.label : '', STAGE_WORDS[line.stage].title.toLowerCase()]
      : [`“${parsed.text}”`];
  return (
    <View
      role="listitem"
      style={{ borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 8, flexDirection: 'row', gap: 12 }}
    >
      <View style={{ flex: 1 }}>
        <Body>{ingredient?.name ?? parsed.name ?? parsed.text}</Body>
        <Small>{words.filter((word) => word !== '').join(', ')}</Small>
        {asks !== null && (
          <>
            <Small style={{ color: p.beet }}>{asks}</Small>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 }}>
              {answers(parsed, own).map(({ label, text }) => (
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
      <Strong style={{ color: asks === null ? p.ink : p.beet }}>
        {parsed.grams === null ? '?' : formatGrams(parsed.grams)}
      </Strong>
    </View>
  );
}
