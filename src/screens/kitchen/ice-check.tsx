/** The thermometer in ice water: what it shows there is taken off every reading from then on. */
import { useState } from 'react';
import { View } from 'react-native';
import { correctionWords, isDue, WORST_OFFSET_K } from '@/core/cooking/ice-check';
import { type Kitchen } from '@/core/stored/kitchen';
import { LIMITS } from '@/core/vocabulary/limits';
import { formatTemperature } from '@/core/units/format';
import { editKitchen, now } from '@/data/hooks';
import { useNow } from '@/data/use-now';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { usePalette } from '@/ui/theme/use-palette';
import { dayWords } from '../dates';
import * as phrases from './words';

export function IceCheck({ kitchen }: { kitchen: Kitchen }) {
  const p = usePalette();
  const { thermometer, temperature } = kitchen;
  const [isOpen, setOpen] = useState(false);
  const [shownC, setShown] = useState(0);
  const today = useNow(0);
  const keep = () => {
    void editKitchen({ do: 'setKitchen', to: { thermometer: { offsetK: Math.round(10 * shownC) / 10, at: now() } } });
    setOpen(false);
  };
  const day = thermometer && dayWords(thermometer.at);
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }}>
      {thermometer === null ? (
        <Small>{phrases.notTriedInIce(formatTemperature(0, temperature))}</Small>
      ) : (
        <Small>
          {phrases.inIceWater(
            day ?? '',
            formatTemperature(thermometer.offsetK, temperature),
            correctionWords(kitchen),
            isDue(kitchen, Date.parse(today)),
          )}
        </Small>
      )}
      {isOpen ? (
        <>
          <Small>{phrases.GLASS_OF_ICE}</Small>
          <TemperatureField
            label="It shows"
            c={shownC}
            {...LIMITS.offsetK}
            step={0.1}
            scale={temperature}
            onChange={setShown}
          />
          {Math.abs(shownC) > WORST_OFFSET_K && (
            <Small role="alert" style={{ color: p.beet }}>
              {phrases.SO_FAR_OFF}
            </Small>
          )}
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Press title="Keep it" label={phrases.KEEP_ICE_READING} kind="solid" onPress={keep} />
            <Press title="Close" onPress={() => setOpen(false)} />
          </View>
        </>
      ) : (
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <Press title={phrases.TRY_IN_ICE} onPress={() => setOpen(true)} />
          {thermometer !== null && (
            <Press
              title="Reset"
              label={phrases.RESET_CORRECTION}
              onPress={() => void editKitchen({ do: 'setKitchen', to: { thermometer: null } })}
            />
          )}
        </View>
      )}
    </View>
  );
}
