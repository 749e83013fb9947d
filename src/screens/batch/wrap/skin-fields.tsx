/** Portion, parcels and the skin's sizes, whatever shape it has. */
import { View } from 'react-native';
import { LIMITS } from '@/core/vocabulary/limits';
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import { acrossOf, SHAPES, sizeOf, withSize } from '@/core/forms/skins';
import { inShape } from '@/core/forms/skins/in-shape';
import { type LengthUnit } from '@/core/units/lengths';
import { AmountField } from '@/ui/parts/amount-field';
import { LengthField } from '@/ui/parts/length-field';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Wrap = Batch['wrap'];

export function SkinFields({ batch, kitchen, assessment, edit }: StationProps) {
  const { wrap } = batch;
  const form = FORMS[wrap.form];
  const { skin } = wrap;
  const isLined = 'sheetsBelow' in skin;
  const set = (to: Partial<Wrap>, what: string) => edit({ do: 'setWrap', to }, what);
  // Of what is bought by the packet the thickness follows from its weight.
  const isWeighed = Math.abs(assessment.laid.thicknessMm - wrap.thicknessMm) > 1e-9;
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label={phrases.FILLING_IN_EACH}
          unit="g"
          value={wrap.portionG}
          {...LIMITS.portionG}
          step={isLined ? 50 : 1}
          onChange={(portionG) => portionG !== null && set({ portionG }, 'portion')}
        />
        <AmountField
          label="Pieces"
          unit="count"
          value={batch.count}
          {...LIMITS.count}
          step={1}
          whole
          onChange={(count) => count !== null && edit({ do: 'setBatch', to: { count } }, 'count')}
        />
        <Sizes wrap={wrap} lengths={kitchen.lengths} set={set} />
        {!isWeighed && (
          <LengthField
            label={isLined ? phrases.ONE_SHEET_THICK : 'Thickness'}
            unit={kitchen.lengths}
            mm={wrap.thicknessMm}
            {...LIMITS.thicknessMm}
            step={isLined ? 0.1 : 0.5}
            onChange={(thicknessMm) => thicknessMm !== null && set({ thicknessMm }, 'thickness')}
          />
        )}
        <Rim wrap={wrap} lengths={kitchen.lengths} set={set} />
      </View>
      {form.shapes.length > 1 && (
        <Choices
          label={isLined ? 'Pan' : 'Skin'}
          value={skin.shape}
          options={form.shapes.map((value) => ({ value, label: SHAPES[value].label }))}
          onChange={(shape) => shape !== skin.shape && set({ skin: inShape(skin, shape) }, 'shape')}
        />
      )}
      <Small>{isLined ? phrases.ONE_PAN_ONE_PIE : form.made}</Small>
    </View>
  );
}

interface PartProps {
  wrap: Wrap;
  lengths: LengthUnit;
  set: (to: Partial<Wrap>, what: string) => unknown;
}

/** Across, along, deep: what its shape has; and how many sheets line a pan. */
function Sizes({ wrap: { skin, rimMm }, lengths, set }: PartProps) {
  // A skin is at least so large that something is left between its rims.
  const across = { least: Math.max(LIMITS.skinMm.least, 2 * rimMm + 2), most: LIMITS.skinMm.most };
  return (
    <>
      {SHAPES[skin.shape].sizes.map(({ key, label }) => (
        <LengthField
          key={key}
          label={label}
          unit={lengths}
          mm={sizeOf(skin, key) ?? null}
          {...(key === 'depthMm' ? LIMITS.panDepthMm : across)}
          step={5}
          onChange={(mm) => mm !== null && set({ skin: withSize(skin, key, mm) }, key)}
        />
      ))}
      {'sheetsBelow' in skin &&
        (['sheetsBelow', 'sheetsAbove'] as const).map((key) => (
          <AmountField
            key={key}
            label={key === 'sheetsBelow' ? 'Sheets below' : 'Sheets above'}
            unit="count"
            value={skin[key]}
            {...LIMITS.sheets}
            step={1}
            whole
            onChange={(n) => n !== null && set({ skin: { ...skin, [key]: n } }, key)}
          />
        ))}
    </>
  );
}

/** What is kept free of filling, or overlaps, where the form has it. */
function Rim({ wrap, lengths, set }: PartProps) {
  const { rimWord } = FORMS[wrap.form];
  if (rimWord === null) return null;
  return (
    <LengthField
      label={rimWord === 'overlap' ? 'Overlap' : phrases.RIM_KEPT_FREE}
      unit={lengths}
      mm={wrap.rimMm}
      least={LIMITS.rimMm.least}
      most={Math.min(LIMITS.rimMm.most, acrossOf(wrap.skin) / 2 - 1)}
      step={1}
      onChange={(rimMm) => rimMm !== null && set({ rimMm }, 'rim')}
    />
  );
}
