/** Buttons and choices on the theme's Button; React Native Elements does not hand their state to screen readers on the web. */
import { memo } from 'react';
import { View, type ViewStyle } from 'react-native';
import { Button } from '../elements';
import { type IconName } from '../icons/family';
import { usePalette } from '../theme/use-palette';
import { Glyph } from './glyph';
import { Body, Small } from './text';
import { useArrows } from './use-arrows';
import { useStable } from './use-stable';

interface PressProps {
  title: string;
  onPress: () => void;
  kind?: 'solid' | 'outline' | 'clear';
  disabled?: boolean;
  icon?: IconName;
  label?: string;
}

/** A button with words on it. */
export function Press({ onPress, ...rest }: PressProps) {
  return <PressButton {...rest} onPress={useStable(onPress)} />;
}

/** Drawn again only when what it shows has changed: buttons are the most there is of anything on a screen. */
const PressButton = memo(function PressButton(props: PressProps) {
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
});

interface IconPressProps {
  icon: IconName;
  label: string;
  onPress: () => void;
  disabled?: boolean;
}

/** A button that is only an icon; its name is read out. */
export function IconPress({ onPress, ...rest }: IconPressProps) {
  return <IconButton {...rest} onPress={useStable(onPress)} />;
}

const IconButton = memo(function IconButton({ icon, label, onPress, disabled }: IconPressProps) {
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
});

interface Option<Value extends string> {
  value: Value;
  label: string;
}

interface OptionProps {
  role: 'radio' | 'checkbox';
  /** Of a group of radio buttons the Tab key reaches the one that is on; arrows lead to the others. */
  isReached?: boolean;
  value: string;
  label: string;
  on: boolean;
  onChoose: (value: string) => void;
}

/** One option of a row: dark when it is on. */
const OptionButton = memo(function OptionButton(props: OptionProps) {
  const p = usePalette();
  const { role, value, label, on, isReached = true, onChoose } = props;
  return (
    <Button
      type="outline"
      role={role}
      aria-checked={on}
      tabIndex={isReached ? 0 : -1}
      accessibilityLabel={label}
      onPress={() => onChoose(value)}
      containerStyle={{ maxWidth: '100%' }}
      buttonStyle={{ backgroundColor: on ? p.ink : p.paper, paddingHorizontal: 12 }}
      title={<Body style={{ color: on ? p.ground : p.ink, fontSize: 16, flexShrink: 1 }}>{label}</Body>}
    />
  );
});

const ROW: ViewStyle = { flexDirection: 'row', flexWrap: 'wrap', gap: 8 };

/** One of a few, as radio buttons in a row that wraps. */
export function Choices<Value extends string>(props: {
  label: string;
  value: Value;
  options: readonly Option<Value>[];
  onChange: (value: Value) => void;
}) {
  const choose = useStable((value: string) => {
    const option = props.options.find((o) => o.value === value);
    if (option) props.onChange(option.value);
  });
  const { options } = props;
  const isAny = options.some((o) => o.value === props.value);
  const group = useArrows(useStable((at: number) => props.onChange(options[at].value)));
  return (
    <View style={{ gap: 6 }}>
      <Small>{props.label}</Small>
      <View ref={group} role="radiogroup" aria-label={props.label} style={ROW}>
        {options.map(({ value, label }, i) => (
          <OptionButton
            key={value}
            role="radio"
            isReached={value === props.value || (!isAny && i === 0)}
            value={value}
            label={label}
            on={value === props.value}
            onChoose={choose}
          />
        ))}
      </View>
    </View>
  );
}

/** Any of a few, as toggles in a row that wraps. */
export function Toggles<Value extends string>(props: {
  label: string;
  values: readonly Value[];
  options: readonly Option<Value>[];
  onToggle: (value: Value) => void;
}) {
  const toggle = useStable((value: string) => {
    const option = props.options.find((o) => o.value === value);
    if (option) props.onToggle(option.value);
  });
  return (
    <View role="group" aria-label={props.label} style={ROW}>
      {props.options.map(({ value, label }) => (
        <OptionButton
          key={value}
          role="checkbox"
          value={value}
          label={label}
          on={props.values.includes(value)}
          onChoose={toggle}
        />
      ))}
    </View>
  );
}
