/** What the readings say of the appliance, and keeping it for the next batch. */
import { View } from 'react-native';
import { heatOf } from '@/core/cooking/appliance';
import { fitWords, learnedWords } from '@/core/checks/fit-heat-words';
import { mainStep } from '@/core/stored/cooking';
import { editKitchen, now } from '@/data/hooks';
import { say } from '@/data/notices';
import { Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { LearnPress } from '../learn-press';
import { type StationProps } from '../station-props';
import { type Fitted } from './again-timer';
import * as phrases from './words';

/** Fewer readings say little of an appliance. */
const ENOUGH = 3;

export function LearnedHeat({ batch, kitchen, fitted }: StationProps & { fitted: Fitted }) {
  const p = usePalette();
  const { medium } = mainStep(batch.cook);
  const learned = heatOf(medium, batch.cook, kitchen);
  const { fit } = fitted;
  if (fit === null) return learned === null ? null : <Small>{learnedWords(learned, kitchen.temperature)}</Small>;
  const appliance = kitchen.appliances.find((a) => a.id === fit.applianceId);
  const words = fitWords(fit, appliance?.name ?? phrases.A_USUAL_ONE, kitchen.temperature);
  if (!words.agrees) {
    return (
      <Small role="alert" style={{ color: p.beet }}>
        {words.text}
      </Small>
    );
  }
  const keep = () => {
    if (appliance === undefined) return;
    const heat = {
      medium: fit.medium,
      factor: Math.round(1000 * fit.factor) / 1000,
      biasK: Math.round(10 * fit.biasK) / 10,
      readings: fit.readings,
      at: now(batch.id),
    };
    void editKitchen({ do: 'keepHeat', id: appliance.id, heat }, 'foot', batch.id).then(({ ok }) => {
      if (ok) say({ text: phrases.keptFor(appliance.name), kind: 'done' });
    });
  };
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }}>
      <Sentence text={words.text} />
      <Small>{phrases.LEAST_SQUARES}</Small>
      {fit.readings >= ENOUGH && appliance !== undefined && (
        <LearnPress of={batch.id} title={phrases.keepThisFor(appliance.name)} onPress={keep} />
      )}
    </View>
  );
}
