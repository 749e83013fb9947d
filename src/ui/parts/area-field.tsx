/** A floor in the kitchen's unit; the document keeps cm². */
import { CM2_PER_SQUARE_INCH, type LengthUnit } from '@/core/units/lengths';
import { AmountField } from './amount-field';

interface Props {
  label: string;
  cm2: number | null;
  least: number;
  most: number;
  unit: LengthUnit;
  optional?: boolean;
  onChange: (cm2: number | null) => unknown;
}

export function AreaField({ label, cm2, least, most, unit, optional, onChange }: Props) {
  const each = unit === 'mm' ? 1 : CM2_PER_SQUARE_INCH;
  return (
    <AmountField
      label={label}
      unit={unit === 'mm' ? 'cm²' : 'sq in'}
      value={cm2 === null ? null : cm2 / each}
      least={least / each}
      most={most / each}
      optional={optional}
      onChange={(area) => onChange(area === null ? null : Math.round(area * each * 10) / 10)}
    />
  );
}
