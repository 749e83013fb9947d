/** What the hob really gives, from two timed readings of the pot before anything goes in; kept for the pot. */
import { useState } from 'react';
import { View } from 'react-native';
import { type PotForecast } from '@/core/cooking/pot-of';
import { fitPower } from '@/core/cooking/power';
import { type Appliance } from '@/core/stored/kitchen';
import { editKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { AmountField } from '@/ui/parts/amount-field';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Heading, Sentence, Small } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { useRefusal } from '@/ui/parts/use-refusal';
import { type StationProps } from '../station-props';
import * as phrases from './words';

const READ = { least: 5, most: 200 };
const MINUTES = { least: 0.5, most: 60 };

export function PowerPanel({
  batch,
  kitchen,
  pot,
  appliance,
}: StationProps & { pot: PotForecast; appliance: Appliance }) {
  const [isOpen, setOpen] = useState(false);
  const [fromC, setFrom] = useState(pot.medium === 'oil' ? 60 : 25);
  const [toC, setTo] = useState(pot.medium === 'oil' ? 120 : 60);
  const [minutes, setMinutes] = useState(4);
  const { refusal, answered } = useRefusal();
  if (!isOpen) {
    return (
      <View style={{ alignItems: 'flex-start' }}>
        <Press title={phrases.HOW_STRONG_IS_HOB} onPress={() => setOpen(true)} />
      </View>
    );
  }
  const { medium, liquidG } = pot;
  const scale = kitchen.temperature;
  const fitted = fitPower(appliance, { medium, liquidG, fromC, toC, minutes, roomC: kitchen.roomC }, scale);
  const keep = (powerW: number) => {
    const kept = editKitchen({ do: 'keepAppliance', appliance: { ...appliance, powerW } }, 'beside', batch.id);
    answered(kept);
    void kept.then(({ ok }) => {
      if (!ok) return;
      setOpen(false);
      say({ text: phrases.hobGivesKept(powerW, appliance.name), kind: 'done' });
    });
  };
  return (
    <View style={{ gap: 10 }}>
      <Heading level={3}>{phrases.HOW_STRONG_IS_HOB}</Heading>
      <Small>{phrases.readItTwice(medium, liquidG)}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 10 }}>
        <TemperatureField label="At first" c={fromC} {...READ} step={5} scale={scale} onChange={setFrom} />
        <TemperatureField label="Then" c={toC} {...READ} step={5} scale={scale} onChange={setTo} />
        <AmountField
          label="Between them"
          unit="min"
          value={minutes}
          {...MINUTES}
          step={1}
          onChange={(m) => m !== null && setMinutes(m)}
        />
      </View>
      {fitted.ok ? <Sentence text={phrases.hobGivesNow(fitted.powerW)} /> : <Problem text={fitted.problem} />}
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {fitted.ok && appliance.id !== '' && (
          <Press title={phrases.KEEP_FOR_POT} kind="solid" onPress={() => keep(fitted.powerW)} />
        )}
        <Press title="Close" onPress={() => setOpen(false)} />
      </View>
      <Problem text={refusal} />
    </View>
  );
}
