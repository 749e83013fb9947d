/** A temperature in the kitchen's scale; the document keeps °C. */
import { convert } from '@/core/units/units';
import { AmountField } from '@/ui/parts/amount-field';

export function TemperatureField(props: {
  label: string;
  c: number | null;
  least: number;
  most: number;
  step?: number;
  scale: 'C' | 'F';
  onChange: (c: number) => void;
}) {
  const { scale } = props;
  const shown = (c: number): number => Math.round(convert(c, 'C', scale) * 10) / 10;
  return (
    <AmountField
      label={props.label}
      unit={`°${scale}`}
      value={props.c === null ? null : shown(props.c)}
      least={shown(props.least)}
      most={shown(props.most)}
      step={props.step}
      signed={props.least < 0}
      onChange={(value) => value !== null && props.onChange(convert(value, scale, 'C'))}
    />
  );
}
