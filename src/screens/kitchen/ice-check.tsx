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
        <Small>
          Not tried yet. In ice water a good one shows 0 °C; what it shows instead is taken off every reading.
        </Small>
      ) : (
        <Small>
          In ice water on {day} it showed {formatTemperature(thermometer.offsetK, temperature)}.{' '}
          {correctionWords(kitchen) ?? 'Nothing is taken off.'}
          {isDue(kitchen, Date.parse(today)) ? ' That was a while ago: try it again.' : ''}
        </Small>
      )}
      {isOpen ? (
        <>
          <Small>
            A glass of crushed ice, filled up with water, stirred; the tip in the middle for a minute, touching nothing.
          </Small>
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
              So far off it is broken, or there is too little ice: stir, wait, read again. Better a new one than a large
              correction.
            </Small>
          )}
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Press title="Keep it" label="Keep what it shows in ice water" kind="solid" onPress={keep} />
            <Press title="Close" onPress={() => setOpen(false)} />
          </View>
        </>
      ) : (
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <Press title="Try it in ice water" onPress={() => setOpen(true)} />
          {thermometer !== null && (
            <Press
              title="Reset"
              label="Reset the correction"
              onPress={() => void editKitchen({ do: 'setKitchen', to: { thermometer: null } })}
            />
          )}
        </View>
      )}
    </View>
  );
}
