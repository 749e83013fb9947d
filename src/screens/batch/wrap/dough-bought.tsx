/** Skins or sheets that are bought: by count and weight of the packet. */
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { LIMITS } from '@/core/vocabulary/limits';
import { AmountField } from '@/ui/parts/amount-field';
import { LengthField } from '@/ui/parts/length-field';
import { Choices } from '@/ui/parts/press';
import { Sentence } from '@/ui/parts/text';
import { type DoughProps } from './dough-props';
import * as phrases from './words';

export function DoughBought({ batch, kitchen, plan, edit }: DoughProps) {
  const { wrap } = batch;
  const packet = wrap.packet ?? { count: 30, grams: 300 };
  const set = (to: Partial<Batch['wrap']>, what: string) => edit({ do: 'setWrap', to }, what);
  const isLined = 'sheetsBelow' in wrap.skin;
  const sheet = wrap.sheet ?? { lengthMm: 400, widthMm: 300 };
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label={isLined ? phrases.SHEETS_IN_PACKET : phrases.SKINS_IN_PACKET}
          unit="count"
          value={wrap.packet?.count ?? null}
          {...LIMITS.packetCount}
          whole
          optional
          onChange={(count) => set({ packet: count === null ? null : { ...packet, count } }, 'packet-count')}
        />
        <AmountField
          label={phrases.PACKET_WEIGHS}
          unit="g"
          value={wrap.packet?.grams ?? null}
          {...LIMITS.packetG}
          optional
          onChange={(grams) => set({ packet: grams === null ? null : { ...packet, grams } }, 'packet-grams')}
        />
        {isLined &&
          (['lengthMm', 'widthMm'] as const).map((key) => (
            <LengthField
              key={key}
              label={key === 'lengthMm' ? phrases.SHEET_IS_LONG : phrases.SHEET_IS_WIDE}
              unit={kitchen.lengths}
              mm={wrap.sheet?.[key] ?? null}
              {...LIMITS.sheetMm}
              optional
              onChange={(mm) => set({ sheet: mm === null ? null : { ...sheet, [key]: mm } }, `sheet-${key}`)}
            />
          ))}
        <AmountField
          label={phrases.AT_HAND}
          unit="g"
          value={wrap.doughG}
          {...LIMITS.doughG}
          optional
          onChange={(doughG) => set({ doughG }, 'dough')}
        />
      </View>
      <Choices
        label={isLined ? phrases.SHEETS_ARE : phrases.SKINS_ARE}
        value={wrap.isThawed ? 'thawed' : 'frozen'}
        options={[
          { value: 'frozen', label: 'frozen' },
          { value: 'thawed', label: phrases.THAWED },
        ]}
        onChange={(value) => set({ isThawed: value === 'thawed' }, 'thawed')}
      />
      {plan.bought && (
        <Sentence text={phrases.sheetsFor(plan.bought.pieces, isLined, batch.count, plan.bought.packets)} />
      )}
    </View>
  );
}
