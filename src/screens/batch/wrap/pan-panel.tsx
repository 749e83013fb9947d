/** The same pie in another pan: at the same depth, or as deep as the same filling lies in it. */
import { useState } from 'react';
import { View } from 'react-native';
import { LIMITS } from '@/core/vocabulary/limits';
import { type SkinOf } from '@/core/forms/skins';
import { isPan, swapPan } from '@/core/wrapper/pan-swap';
import { sheetsNeeded } from '@/core/wrapper/sheets';
import { scaling } from '@/core/filling/scaling';
import { LengthField } from '@/ui/parts/length-field';
import { skinWords } from '@/core/wrapper/skin-words';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Pan = SkinOf<'pan' | 'tin'>;

export function PanPanel({ batch, kitchen, assessment, edit }: StationProps) {
  const { wrap } = batch;
  const [shape, setShape] = useState<'pan' | 'tin'>('tin');
  const [size, setSize] = useState({ diameterMm: 240, lengthMm: 300, widthMm: 200, depthMm: 45 });
  const [keep, setKeep] = useState<'depth' | 'filling'>('depth');
  const from = wrap.skin;
  if (!isPan(from)) return null;
  const { sheetsBelow, sheetsAbove } = from;
  const lined = { depthMm: size.depthMm, sheetsBelow, sheetsAbove };
  const to: Pan =
    shape === 'pan'
      ? { shape, diameterMm: size.diameterMm, ...lined }
      : { shape, lengthMm: size.lengthMm, widthMm: size.widthMm, ...lined };
  const swap = swapPan(from, to, wrap.portionG, assessment.fit.fillMl, keep);
  const changePan = () =>
    edit([
      { do: 'setWrap', to: { skin: swap.skin, portionG: swap.portionG } },
      ...(keep === 'depth' ? [scaling(batch, swap.factor)] : []),
    ]);
  const fields = shape === 'pan' ? (['diameterMm', 'depthMm'] as const) : (['lengthMm', 'widthMm', 'depthMm'] as const);
  return (
    <Fold title="Another pan" figure={skinWords(from, kitchen.lengths)}>
      <Choices
        label="It is"
        value={shape}
        options={[
          { value: 'pan', label: 'round' },
          { value: 'tin', label: 'rectangular' },
        ]}
        onChange={setShape}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 10 }}>
        {fields.map((key) => (
          <LengthField
            key={key}
            label={{ diameterMm: 'Across', lengthMm: 'Long', widthMm: 'Wide', depthMm: 'Deep' }[key]}
            unit={kitchen.lengths}
            mm={size[key]}
            {...(key === 'depthMm' ? LIMITS.panDepthMm : LIMITS.skinMm)}
            step={5}
            onChange={(mm) => mm !== null && setSize({ ...size, [key]: mm })}
          />
        ))}
      </View>
      <Choices
        label="Keep"
        value={keep}
        options={[
          { value: 'depth', label: phrases.DEPTH_GIVES },
          { value: 'filling', label: phrases.FILLING_GIVES },
        ]}
        onChange={setKeep}
      />
      <Body>
        {keep === 'depth'
          ? phrases.timesFilling(swap.factor, swap.portionG, swap.toMm, kitchen.lengths)
          : phrases.sameFilling(swap.portionG, swap.toMm, swap.fromMm, swap.slower, kitchen.lengths)}
        {wrap.sheet ? phrases.sheetsAPan(sheetsNeeded(to, wrap.sheet).total) : ''}
      </Body>
      {swap.toMm > to.depthMm && <Small>{phrases.DEEPER_THAN_PAN}</Small>}
      <View style={{ alignItems: 'flex-start' }}>
        <Press
          title={phrases.TAKE_THIS_PAN}
          kind="solid"
          onPress={() => void changePan()}
          disabled={swap.toMm > to.depthMm}
        />
      </View>
    </Fold>
  );
}
