/** A line or a paragraph of words; saved as it is typed. */
import { useId, useState } from 'react';
import { View } from 'react-native';
import { Input } from '../elements';
import { Problem } from './problem';
import { Small } from './text';
import { useRefusal } from './use-refusal';
import * as phrases from './words';

export function TextField(props: {
  label: string;
  value: string;
  /** May give back what became of the edit: a refusal is said beside the field, and what was typed stays. */
  onChange: (text: string) => unknown;
  placeholder?: string;
  lines?: number;
  most?: number;
  /** The field may not be left empty. */
  required?: boolean;
  onSubmit?: () => void;
  autoFocus?: boolean;
  id?: string;
  /** What stands against what is in it, where whoever asked knows. */
  problem?: string | null;
  /** A number is expected: the decimal pad. */
  decimal?: boolean;
  /** Its name is not written above it; it is read out all the same. */
  isUnlabelled?: boolean;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const problemId = useId();
  const { refusal, answered } = useRefusal();
  const isEmpty = props.required && typed !== null && typed.trim() === '';
  const problem = isEmpty ? phrases.NEEDS_LETTERS : (props.problem ?? refusal);
  return (
    <View>
      {!props.isUnlabelled && <Small>{props.label}</Small>}
      <Input
        value={typed ?? props.value}
        onChangeText={(text) => {
          setTyped(text);
          if (!(props.required && text.trim() === '')) answered(props.onChange(text));
        }}
        // What is not kept yet stays in the field.
        onBlur={() => refusal === null && setTyped(null)}
        onSubmitEditing={props.onSubmit}
        placeholder={props.placeholder}
        multiline={(props.lines ?? 1) > 1}
        numberOfLines={props.lines ?? 1}
        inputMode={props.decimal ? 'decimal' : 'text'}
        maxLength={props.most}
        autoFocus={props.autoFocus}
        nativeID={props.id}
        aria-label={props.label}
        aria-invalid={problem !== null}
        aria-describedby={problem === null ? undefined : problemId}
      />
      <Problem id={problemId} text={problem} />
    </View>
  );
}
