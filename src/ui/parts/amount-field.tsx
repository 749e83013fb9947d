/**
 * A number with its unit. Takes `1½`, `1 1/2`, `0.5`, `1,5`; what is wrong is said beside it, and what was typed stays.
 * Every valid keystroke is an edit; the document's own value shows again when the field is left.
 */
import { useEffect, useId, useRef, useState } from 'react';
import { View } from 'react-native';
import { formatNumber, parseAmount } from '@/core/units/amount';
import { Input } from '../elements';
import { usePalette } from '../theme/use-palette';
import { useFieldProblem } from './form-fields';
import { IconPress } from './press';
import { Problem } from './problem';
import { Small } from './text';
import { useRefusal } from './use-refusal';
import * as phrases from './words';

interface Props {
  label: string;
  unit: string;
  value: number | null;
  least: number;
  most: number;
  /** Size of a step of the − and + buttons; without it there are none. */
  step?: number;
  /** Below zero is allowed: a temperature. */
  signed?: boolean;
  /** The field may be left empty. */
  optional?: boolean;
  whole?: boolean;
  /** How its number is written; as numbers are, where it is left out. */
  write?: (value: number) => string;
  /** Words that mean an amount here, “a pinch”, “2 mugs”: asked as the field is left; gives back whether they did. */
  onWords?: (text: string) => boolean | Promise<boolean>;
  /** May give back what became of the edit: a refusal is said beside the field, and what was typed stays. */
  onChange: (value: number | null) => unknown;
}

export function AmountField(props: Props) {
  const { label, unit, value, least, most, step, onChange } = props;
  const p = usePalette();
  const [typed, setTyped] = useState<string | null>(null);
  const problemId = useId();
  const { refusal, answered } = useRefusal();
  const problem = (typed === null ? null : problemWith(typed, props)) ?? refusal;
  useFieldProblem(problemId, problem === null ? null : `${label}: ${problem}`);
  const change = (text: string) => {
    setTyped(text);
    if (problemWith(text, props) === null) answered(onChange(text.trim() === '' ? null : parseSigned(text, props)));
  };
  // Two quick taps come before the first one is drawn: the second goes on from the first.
  const latest = useRef(value);
  // While taps are on their way, what is drawn is of an earlier one: it does not take the later ones back.
  const onTheWay = useRef(0);
  useEffect(() => {
    if (onTheWay.current === 0) latest.current = value;
  }, [value, refusal]);
  const nudge = (by: number) => {
    setTyped(null);
    const to = Math.min(most, Math.max(least, Math.round(((latest.current ?? 0) + by) * 1000) / 1000));
    latest.current = to;
    const done = onChange(to);
    const arrived = () => {
      onTheWay.current -= 1;
    };
    onTheWay.current += 1;
    void Promise.resolve(done).then(arrived, arrived);
    answered(done);
  };
  const leave = async () => {
    if (problem === null) return setTyped(null);
    if (typed !== null && props.onWords !== undefined && (await props.onWords(typed))) setTyped(null);
  };
  return (
    <View style={{ minWidth: 160, flexGrow: 1 }}>
      <Small>
        {label}, {unit}
      </Small>
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        {step !== undefined && (
          <IconPress
            icon="minus"
            label={`${label}: less`}
            onPress={() => nudge(-step)}
            disabled={(value ?? 0) <= least}
          />
        )}
        <View style={{ flex: 1 }}>
          <Input
            value={typed ?? (value !== null && props.write ? props.write(value) : show(value))}
            onChangeText={change}
            onBlur={() => void leave()}
            onSubmitEditing={() => void leave()}
            inputMode="decimal"
            selectTextOnFocus
            aria-label={`${label}, ${unit}`}
            aria-invalid={problem !== null}
            aria-describedby={problem === null ? undefined : problemId}
            // No width of its own: the fields of a row share the room there is.
            inputStyle={{ width: 0, flexGrow: 1 }}
            inputContainerStyle={problem === null ? undefined : { borderColor: p.beet }}
          />
        </View>
        {step !== undefined && (
          <IconPress icon="plus" label={`${label}: more`} onPress={() => nudge(step)} disabled={(value ?? 0) >= most} />
        )}
      </View>
      <Problem id={problemId} text={problem} />
    </View>
  );
}

const show = (value: number | null): string =>
  value === null ? '' : formatNumber(Math.round(value * 100) / 100).replace('\u202f', ' ');

function parseSigned(text: string, { signed }: Props): number | null {
  const minus = signed && /^\s*[-−]/.test(text);
  const amount = parseAmount(minus ? text.replace(/[-−]/, '') : text);
  return amount !== null && minus ? -amount : amount;
}

function problemWith(text: string, props: Props): string | null {
  const { unit, least, most, optional, whole } = props;
  if (text.trim() === '') return optional ? null : phrases.NEEDS_NUMBER;
  const amount = parseSigned(text, props);
  if (amount === null) return phrases.TYPE_A_NUMBER;
  if (whole && !Number.isInteger(amount)) return phrases.NEEDS_WHOLE;
  const { write = formatNumber } = props;
  if (amount < least) return phrases.atLeast(write(least), unit);
  return amount > most ? phrases.atMost(write(most), unit) : null;
}
