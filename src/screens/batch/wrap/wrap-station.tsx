/** Wrap: the skin, the portion, and whether filling and dough run out together. */
import { LIMITS } from '@/core/document/limits';
import { View } from 'react-native';
import { changeDough, changeForm } from '@/core/document/create';
import { type Batch } from '@/core/document/schema';
import { DOUGH_IDS, DOUGHS } from '@/core/document/vocabulary/doughs';
import { FORM_IDS, FORMS } from '@/core/document/vocabulary/forms';
import { acrossOf, SHAPES, sizeOf, withSize } from '@/core/document/vocabulary/skins';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';

export function WrapStation({ batch, edit }: StationProps) {
  const { wrap } = batch;
  const isPan = SHAPES[wrap.skin.shape].isPan;
  const set = (to: Partial<Batch['wrap']>, what: string) => edit({ do: 'setWrap', to }, what);
  return (
    <View style={{ gap: 16 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label="Filling in each"
          unit="g"
          value={wrap.portionG}
          {...LIMITS.portionG}
          step={isPan ? 50 : 1}
          onChange={(portionG) => portionG !== null && set({ portionG }, 'portion')}
        />
        <AmountField
          label="Parcels"
          unit="count"
          value={batch.count}
          {...LIMITS.count}
          step={1}
          whole
          onChange={(count) => count !== null && edit({ do: 'setBatch', to: { count } }, 'count')}
        />
        {SHAPES[wrap.skin.shape].sizes.map(({ key, label }) => (
          <AmountField
            key={key}
            label={label}
            unit="mm"
            value={sizeOf(wrap.skin, key) ?? null}
            {...(key === 'depthMm' ? LIMITS.panDepthMm : LIMITS.skinMm)}
            step={5}
            onChange={(mm) => mm !== null && set({ skin: withSize(wrap.skin, key, mm) }, key)}
          />
        ))}
        <AmountField
          label={isPan ? 'One sheet thick' : 'Thickness'}
          unit="mm"
          value={wrap.thicknessMm}
          {...LIMITS.thicknessMm}
          step={isPan ? 0.1 : 0.5}
          onChange={(thicknessMm) => thicknessMm !== null && set({ thicknessMm }, 'thickness')}
        />
        {!isPan && (
          <AmountField
            label="Rim kept free"
            unit="mm"
            value={wrap.rimMm}
            least={LIMITS.rimMm.least}
            most={Math.min(LIMITS.rimMm.most, acrossOf(wrap.skin) / 2 - 1)}
            step={1}
            onChange={(rimMm) => rimMm !== null && set({ rimMm }, 'rim')}
          />
        )}
        <AmountField
          label="Dough at hand (or empty)"
          unit="g"
          value={wrap.doughG}
          {...LIMITS.doughG}
          optional
          onChange={(doughG) => set({ doughG }, 'dough')}
        />
      </View>
      <Small>{isPan ? 'One parcel is one pan.' : 'The rim is the edge kept free of filling so that it seals.'}</Small>
      <Choices
        label="Form"
        value={wrap.form}
        options={FORM_IDS.map((id) => ({ value: id, label: FORMS[id].label }))}
        onChange={(form) => set(changeForm(form, wrap), 'form')}
      />
      <Choices
        label="Wrapper"
        value={wrap.dough}
        options={DOUGH_IDS.map((value) => ({ value, label: DOUGHS[value].label }))}
        onChange={(dough) => set(changeDough(dough, wrap), 'wrapper')}
      />
    </View>
  );
}
