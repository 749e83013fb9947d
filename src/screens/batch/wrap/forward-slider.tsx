/** Wrapper-forward or filling-forward: the portion between the form's edges, and everything that moves with it. */
import { View } from 'react-native';
import { FORMS } from '@/core/forms';
import { formatNumber } from '@/core/units/amount';
import { formatGrams, formatMinutes } from '@/core/units/format';
import { Fold } from '@/ui/parts/fold';
import { Small, Strong } from '@/ui/parts/text';
import { Slider } from '@/ui/slider';
import { type StationProps } from '../station-props';
import * as phrases from './words';

/** From rather empty to as full as it still closes, of what is comfortable and of what it can hold. */
const EMPTIEST = 0.7;

export function ForwardSlider({ batch, assessment, edit }: StationProps) {
  const { wrap, count } = batch;
  const { fit, portion, salt, heat } = assessment;
  const { tight } = FORMS[wrap.form];
  const gPerMl = wrap.portionG / Math.max(1e-6, fit.fillMl);
  const step = wrap.portionG >= 200 ? 10 : wrap.portionG >= 60 ? 2 : 1;
  const inSteps = (g: number): number => Math.max(step, Math.round(g / step) * step);
  const least = inSteps(EMPTIEST * fit.comfortableMl[0] * gPerMl);
  const most = Math.max(least + step, inSteps(tight * fit.maxMl * gPerMl));
  const share = (100 * fit.ratio) / (1 + fit.ratio);
  const minutes = heat?.core?.minutes ?? null;
  const figures = [
    { name: phrases.FILLING_IN_BITE, figure: `${formatNumber(share, 0)} %` },
    { name: phrases.SALT_OF_BITE, figure: `${formatNumber(salt.bitePercent, 2)} %` },
    { name: phrases.OF_WHAT_IT_HOLDS, figure: `${formatNumber((100 * fit.fillMl) / fit.maxMl, 0)} %` },
    { name: phrases.UNTIL_HOT, figure: minutes === null ? '…' : formatMinutes(Math.ceil(minutes)) },
    { name: phrases.doughForIt(count), figure: formatGrams(portion.doughNeededG) },
  ];
  return (
    <Fold title={phrases.MORE_OR_LESS} figure={`${formatNumber(share, 0)} % filling`}>
      <Slider
        label={phrases.FILLING_IN_EACH}
        value={Math.min(most, Math.max(least, wrap.portionG))}
        least={least}
        most={most}
        step={step}
        words={(g) => `${formatNumber(g)} g`}
        onChange={(portionG) => edit({ do: 'setWrap', to: { portionG } }, 'portion')}
      />
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Small>more wrapper</Small>
        <Strong style={{ fontSize: 15, lineHeight: 20 }}>{formatNumber(wrap.portionG)} g</Strong>
        <Small>more filling</Small>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 4 }}>
        {figures.map(({ name, figure }) => (
          <View key={name} style={{ minWidth: 92 }}>
            <Strong style={{ fontSize: 16, lineHeight: 21 }}>{figure}</Strong>
            <Small style={{ fontSize: 12, lineHeight: 16 }}>{name}</Small>
          </View>
        ))}
      </View>
    </Fold>
  );
}
