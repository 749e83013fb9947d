/** Cook: the thermometer first, then how it is cooked and how cold it goes in. */
import { View } from 'react-native';
import { afterWords } from '@/core/checks/after-words';
import { LIMITS } from '@/core/vocabulary/limits';
import { MEDIA } from '@/core/vocabulary/media';
import { formatTemperature } from '@/core/units/format';
import { Fold } from '@/ui/parts/fold';
import { Choices } from '@/ui/parts/press';
import { Heading, Sentence, Small } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { type StationProps } from '../station-props';
import { Findings } from '../findings';
import { LoadsPanel } from './loads-panel';
import { MeasurePanel } from './measure-panel';
import { LoadClock } from './load-clock';
import { StepsPanel } from './steps-panel';
import * as phrases from './words';

export function CookStation(props: StationProps) {
  const { batch, kitchen, edit, assessment } = props;
  const { cook } = batch;
  const { fridgeC, freezerC, roomC } = kitchen;
  const start = (startC: number) => edit({ do: 'setCook', to: { startC } }, 'startC');
  const medium = assessment.heat?.core?.mediumC;
  const plan = assessment.loads;
  const states = [
    { value: 'fridge', label: phrases.FROM_FRIDGE, c: fridgeC },
    { value: 'room', label: phrases.WARM_AS_KITCHEN, c: roomC },
    { value: 'frozen', label: 'frozen', c: freezerC },
  ] as const;
  const state = states.find(({ c }) => c === cook.startC);
  const after = afterWords(batch, assessment.heat, {
    roomC,
    temperature: kitchen.temperature,
    halfMm: assessment.fit.halfThicknessMm,
    dimension: assessment.fit.dimension,
  });
  return (
    <View style={{ gap: 16 }}>
      <Findings {...props} at="cook" />
      <LoadClock {...props} />
      <View>
        <MeasurePanel {...props} />
        <StepsPanel {...props} />
        {plan !== null && <LoadsPanel {...props} plan={plan} />}
        <Fold
          title={phrases.THEY_GO_IN}
          figure={`${state === undefined ? '' : `${state.label}, `}${formatTemperature(cook.startC, kitchen.temperature)}`}
        >
          <Choices
            label={phrases.THEY_GO_IN}
            value={state?.value ?? 'other'}
            options={states}
            onChange={(value) => void start(states.find((s) => s.value === value)?.c ?? cook.startC)}
          />
          <TemperatureField
            label={phrases.PIECES_GO_IN_AT}
            c={cook.startC}
            {...LIMITS.cookStartC}
            step={1}
            scale={kitchen.temperature}
            onChange={(startC) => void start(startC)}
          />
        </Fold>
      </View>
      {after.length > 0 && (
        <View style={{ gap: 8 }}>
          <Heading level={2}>{phrases.AFTER_HEAT}</Heading>
          {after.map((text) => (
            <Sentence key={text} text={text} />
          ))}
        </View>
      )}
      {cook.steps.every((step) => !MEDIA[step.medium].isSet) && medium !== undefined && (
        <Small>{phrases.waterBoilsAt(medium, kitchen.temperature)}</Small>
      )}
    </View>
  );
}
