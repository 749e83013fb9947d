/** Where it stands before it stands where it stays: the legs of the plan, one after another. */
import { View } from 'react-native';
import { formatLength, type LengthUnit } from '@/core/units/lengths';
import { LIMITS } from '@/core/vocabulary/limits';
import { type Batch } from '@/core/stored/schema';
import { AmountField } from '@/ui/parts/amount-field';
import { IconPress } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { StandsWhere } from './stands-where';
import * as phrases from './words';

type Leg = Batch['cool']['legs'][number];

/** A leg as it is begun: twenty minutes on the counter. */
export const newLeg = ({ base }: Batch['cool']): Leg => ({
  minutes: 20,
  depthMm: null,
  base: base === 'ice' ? 'rack' : base,
  place: 'counter',
  ambientC: null,
  covered: false,
  stirred: false,
  stirEveryMinutes: null,
});

interface LegsProps {
  legs: readonly Leg[];
  lengths: LengthUnit;
  /** @param what names the edit: several of one are one step back */
  onChange: (legs: Leg[], what: string) => void;
}

export const LegsFields = ({ legs, lengths, onChange }: LegsProps) => (
  <>
    {legs.map((leg, i) => (
      <LegFields
        key={i}
        leg={leg}
        number={i + 1}
        lengths={lengths}
        onChange={(to) =>
          onChange(
            legs.map((l, j) => (j === i ? { ...l, ...to } : l)),
            `leg-${i}`,
          )
        }
        onRemove={() =>
          onChange(
            legs.filter((_, j) => j !== i),
            'legs',
          )
        }
      />
    ))}
  </>
);

interface LegProps {
  leg: Leg;
  number: number;
  lengths: LengthUnit;
  onChange: (to: Partial<Leg>) => void;
  onRemove: () => void;
}

const LegFields = ({ leg, number, lengths, onChange, onRemove }: LegProps) => (
  <View style={{ gap: 10 }}>
    <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8 }}>
      <AmountField
        label={phrases.legFor(number)}
        unit="min"
        value={leg.minutes}
        {...LIMITS.legMinutes}
        step={5}
        onChange={(minutes) => minutes !== null && onChange({ minutes })}
      />
      <IconPress icon="close" label={phrases.takeLegAway(number)} onPress={onRemove} />
    </View>
    <StandsWhere
      standing={leg}
      labels={{ place: phrases.legPlace(number), on: phrases.legOn(number), lid: phrases.legLid(number) }}
      onChange={onChange}
    />
    {leg.depthMm !== null && <Small>{phrases.layDeep(formatLength(leg.depthMm, lengths, 0))}</Small>}
  </View>
);
