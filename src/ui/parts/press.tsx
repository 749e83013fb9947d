/** Buttons and choices on the theme's Button; React Native Elements does not hand their state to screen readers on the web. */
import { View } from 'react-native';
import { Button } from '../elements';
import { type IconName } from '../icons/family';
import { usePalette } from '../theme/use-palette';
import { Glyph } from './glyph';
import { Body, Small } from './text';

/** A button with words on it. */
export function Press(props: {
  title: string;
  onPress: () => void;
  kind?: 'solid' | 'outline' | 'clear';
  disabled?: boolean;
  icon?: IconName;
  label?: string;
}) {
  const p = usePalette();
  const solid = (props.kind ?? 'outline') === 'solid';
  return (
    <Button
      title={props.title}
      type={props.kind ?? 'outline'}
      onPress={props.onPress}
      disabled={props.disabled ?? false}
      accessibilityLabel={props.label ?? props.title}
      icon={
        props.icon ? (
          <View style={{ marginRight: 8 }}>
            <Glyph name={props.icon} size={20} color={solid ? p.onBeet : p.ink} />
          </View>
        ) : undefined
      }
    />
  );
}

/** A button that is only an icon; its name is read out. */
export function IconPress({
  icon,
  label,
  onPress,
  disabled,
}: {
  icon: IconName;
  label: string;
  onPress: () => void;
  disabled?: boolean;
}) {
  const p = usePalette();
  return (
    <Button
      type="clear"
      onPress={onPress}
      disabled={disabled ?? false}
      accessibilityLabel={label}
      buttonStyle={{ paddingHorizontal: 10 }}
      icon={<Glyph name={icon} color={disabled ? p.soft : p.ink} />}
    />
  );
}

/** One of a few, as radio buttons in a row that wraps. */
export function Choices<Value extends string>(props: {
  label: string;
  value: Value;
  options: readonly { value: Value; label: string }[];
  onChange: (value: Value) => void;
}) {
  const p = usePalette();
  return (
    <View style={{ gap: 6 }}>
      <Small>{props.label}</Small>
      <View role="radiogroup" aria-label={props.label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {props.options.map((option) => {
          const on = option.value === props.value;
          return (
            <Button
              key={option.value}
              type="outline"
              role="radio"
              aria-checked={on}
              accessibilityLabel={option.label}
              onPress={() => props.onChange(option.value)}
              buttonStyle={{ backgroundColor: on ? p.ink : p.paper, paddingHorizontal: 12 }}
              title={<Body style={{ color: on ? p.ground : p.ink, fontSize: 16 }}>{option.label}</Body>}
            />
          );
        })}
      </View>
    </View>
  );
}

/** Any of a few, as toggles in a row that wraps. */
export function Toggles<Value extends string>(props: {
  label: string;
  values: readonly Value[];
  options: readonly { value: Value; label: string }[];
  onToggle: (value: Value) => void;
}) {
  const p = usePalette();
  return (
    <View role="group" aria-label={props.label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {props.options.map((option) => {
        const on = props.values.includes(option.value);
        return (
          <Button
            key={option.value}
            type="outline"
            role="checkbox"
            aria-checked={on}
            accessibilityLabel={option.label}
            onPress={() => props.onToggle(option.value)}
            buttonStyle={{ backgroundColor: on ? p.ink : p.paper, paddingHorizontal: 12 }}
            title={<Body style={{ color: on ? p.ground : p.ink, fontSize: 16 }}>{option.label}</Body>}
          />
        );
      })}
    </View>
  );
}
