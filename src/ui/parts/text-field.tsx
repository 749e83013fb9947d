/** A line or a paragraph of words; saved as it is typed. */
import { useState } from 'react';
import { View } from 'react-native';
import { Input } from '../elements';
import { usePalette } from '../theme/use-palette';
import { Small } from './text';

export function TextField(props: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  placeholder?: string;
  lines?: number;
  most?: number;
  /** The field may not be left empty. */
  required?: boolean;
  onSubmit?: () => void;
  autoFocus?: boolean;
  id?: string;
  /** A number is expected: the decimal pad. */
  decimal?: boolean;
}) {
  const p = usePalette();
  const [typed, setTyped] = useState<string | null>(null);
  const problem = props.required && typed !== null && typed.trim() === '' ? 'Needs a few letters.' : null;
  return (
    <View>
      <Small>{props.label}</Small>
      <Input
        value={typed ?? props.value}
        onChangeText={(text) => {
          setTyped(text);
          if (!(props.required && text.trim() === '')) props.onChange(text);
        }}
        onBlur={() => setTyped(null)}
        onSubmitEditing={props.onSubmit}
        placeholder={props.placeholder}
        multiline={(props.lines ?? 1) > 1}
        numberOfLines={props.lines ?? 1}
        inputMode={props.decimal ? 'decimal' : 'text'}
        maxLength={props.most}
        autoFocus={props.autoFocus}
        nativeID={props.id}
        aria-label={props.label}
      />
      {problem !== null && (
        <Small style={{ color: p.beet }} role="alert">
          {problem}
        </Small>
      )}
    </View>
  );
}
