/** A length in the kitchen's unit; the document keeps mm. Inches are read and shown as a ruler has them: `4⅜`, `1/16`. */
import { lengthFigure, type LengthUnit, MM_PER_INCH } from '@/core/units/lengths';
import { AmountField } from './amount-field';

interface Props {
  label: string;
  mm: number | null;
  least: number;
  most: number;
  /** Of the − and + buttons, mm. */
  step?: number;
  unit: LengthUnit;
  optional?: boolean;
  onChange: (mm: number | null) => unknown;
}

/** A step in mm as one of the ruler's marks: eighths, from a centimetre on; thirty-seconds of what is thin. */
const stepIn = (stepMm: number): number =>
  stepMm >= 2 ? Math.max(1, Math.round((stepMm / MM_PER_INCH) * 8)) / 8 : 1 / 32;

export function LengthField({ label, mm, least, most, step, unit, optional, onChange }: Props) {
  if (unit === 'mm')
    return (
      <AmountField
        label={label}
        unit="mm"
        value={mm}
        least={least}
        most={most}
        step={step}
        optional={optional}
        onChange={onChange}
      />
    );
  return (
    <AmountField
      label={label}
      unit="in"
      value={mm === null ? null : mm / MM_PER_INCH}
      least={least / MM_PER_INCH}
      most={most / MM_PER_INCH}
      step={step === undefined ? undefined : stepIn(step)}
      optional={optional}
      write={(inches) => lengthFigure(inches * MM_PER_INCH, 'in')}
      // A tenth of a millimetre is as fine as anybody rolls.
      onChange={(inches) => onChange(inches === null ? null : Math.round(inches * MM_PER_INCH * 10) / 10)}
    />
  );
}
