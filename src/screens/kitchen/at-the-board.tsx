/** What the kitchen has at the board: round cutters, scoops, and how much its portions differ. */
import { useState } from 'react';
import { View } from 'react-native';
import { LIMITS, type Span } from '@/core/vocabulary/limits';
import { type Kitchen } from '@/core/stored/kitchen';
import { formatNumber } from '@/core/units/amount';
import { editKitchen } from '@/data/hooks';
import { formatLength, type LengthUnit } from '@/core/units/lengths';
import { AmountField } from '@/ui/parts/amount-field';
import { LengthField } from '@/ui/parts/length-field';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';

export function AtTheBoard({ kitchen }: { kitchen: Kitchen }) {
  const { cuttersMm, scoopsMl } = kitchen;
  return (
    <View style={{ gap: 12 }}>
      <Sizes
        what="cutter"
        unit={kitchen.lengths}
        note="Round cutters, and glasses and bowls used as such: Wrap names the nearest."
        sizes={cuttersMm}
        limits={LIMITS.skinMm}
        onChange={(sizes) => void editKitchen({ do: 'setKitchen', to: { cuttersMm: sizes } })}
      />
      <Sizes
        what="scoop"
        unit="ml"
        note="Scoops beyond the measuring spoons, level: Wrap says how many make a portion."
        sizes={scoopsMl}
        limits={LIMITS.scoopMl}
        onChange={(sizes) => void editKitchen({ do: 'setKitchen', to: { scoopsMl: sizes } })}
      />
    </View>
  );
}

/** A list of sizes, in order, each once. */
function Sizes(props: {
  what: string;
  unit: 'ml' | LengthUnit;
  note: string;
  sizes: readonly number[];
  limits: Span;
  onChange: (sizes: number[]) => void;
}) {
  const { what, unit, note, sizes, limits, onChange } = props;
  const [size, setSize] = useState<number | null>(null);
  // The field is a new one after each: what was typed is gone from it.
  const [turn, setTurn] = useState(0);
  const sizeWords = (value: number): string =>
    unit === 'ml' ? `${formatNumber(value)} ml` : formatLength(value, unit);
  const add = () => {
    if (size === null) return;
    onChange([...new Set([...sizes, size])].sort((a, b) => a - b));
    setSize(null);
    setTurn(turn + 1);
  };
  return (
    <View style={{ gap: 6 }}>
      <Small>{note}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 4 }}>
        {sizes.map((value) => (
          <View key={value} style={{ flexDirection: 'row', alignItems: 'center' }}>
            <Body>{sizeWords(value)}</Body>
            <IconPress
              icon="close"
              label={`Take the ${what} of ${sizeWords(value)} away`}
              onPress={() => onChange(sizes.filter((v) => v !== value))}
            />
          </View>
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
        {unit === 'ml' ? (
          <AmountField
            key={turn}
            label={`A ${what} of`}
            unit={unit}
            value={size}
            {...limits}
            optional
            onChange={setSize}
          />
        ) : (
          <LengthField
            key={turn}
            label={`A ${what} of`}
            unit={unit}
            mm={size}
            {...limits}
            optional
            onChange={setSize}
          />
        )}
        <Press title={`Add the ${what}`} onPress={add} disabled={size === null} />
      </View>
    </View>
  );
}
