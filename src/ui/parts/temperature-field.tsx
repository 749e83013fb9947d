/** A temperature in the kitchen's scale; the document keeps °C. */
import { convert } from '@/core/units/units';
import { AmountField } from '@/ui/parts/amount-field';

interface Common {
  label: string;
  c: number | null;
  least: number;
  most: number;
  step?: number;
  scale: 'C' | 'F';
}
/** Where it may be left empty, nothing is said by it. */
type Props = Common &
  ({ optional?: false; onChange: (c: number) => void } | { optional: true; onChange: (c: number | null) => void });

export function TemperatureField(props: Props) {
  const { scale } = props;
  const shown = (c: number): number => {
    // What was set in whole °C is whole °F, too: −18 °C is 0 °F, not −0.4. What was typed in °F stays as it was typed.
    const fine = scale === 'F' && Number.isInteger(c) ? 1 : 10;
    return Math.round(convert(c, 'C', scale) * fine) / fine + 0;
  };
  const change = (value: number | null) => {
    if (value !== null) props.onChange(convert(value, scale, 'C'));
    else if (props.optional) props.onChange(null);
  };
  return (
    <AmountField
      label={props.label}
      unit={`°${scale}`}
      value={props.c === null ? null : shown(props.c)}
      least={shown(props.least)}
      most={shown(props.most)}
      step={props.step}
      signed={props.least < 0}
      optional={props.optional}
      onChange={change}
    />
  );
}
