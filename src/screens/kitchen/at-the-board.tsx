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
import * as phrases from './words';

export function AtTheBoard({ kitchen }: { kitchen: Kitchen }) {
  const { cuttersMm, scoopsMl } = kitchen;
  return (
    <View style={{ gap: 12 }}>
      <Sizes
        what="cutter"
        unit={kitchen.lengths}
        note={phrases.ROUND_CUTTERS}
        sizes={cuttersMm}
        limits={LIMITS.skinMm}
        onChange={(sizes) => void editKitchen({ do: 'setKitchen', to: { cuttersMm: sizes } })}
      />
      <Sizes
        what="scoop"
        unit="ml"
        note={phrases.SCOOPS}
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
              label={phrases.takeToolAway(what, sizeWords(value))}
              onPress={() => onChange(sizes.filter((v) => v !== value))}
            />
          </View>
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
        {unit === 'ml' ? (
          <AmountField
            key={turn}
            label={phrases.toolOf(what)}
            unit={unit}
            value={size}
            {...limits}
            optional
            onChange={setSize}
          />
        ) : (
          <LengthField
            key={turn}
            label={phrases.toolOf(what)}
            unit={unit}
            mm={size}
            {...limits}
            optional
            onChange={setSize}
          />
        )}
        <Press title={phrases.addTool(what)} onPress={add} disabled={size === null} />
      </View>
    </View>
  );
}
