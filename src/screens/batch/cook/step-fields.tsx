/** A step of cooking: in what, as it lies or turned, how long, how hot, and the water of a pan that steams. */
import { useState } from 'react';
import { View } from 'react-native';
import { laceWords, panWaterWords } from '@/core/checks/pan-water-words';
import { stepWords } from '@/core/checks/step-words';
import { type PanWater } from '@/core/cooking/pan-water';
import { capital } from '@/core/units/letters';
import { LIMITS } from '@/core/vocabulary/limits';
import { MEDIA, MEDIUM_IDS } from '@/core/vocabulary/media';
import { type CookStep } from '@/core/vocabulary/media/step';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, IconPress } from '@/ui/parts/press';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { Body, Sentence, Small } from '@/ui/parts/text';
import * as phrases from './words';

const MEDIUM_OPTIONS = MEDIUM_IDS.map((value) => ({ value, label: MEDIA[value].label }));
const TURNS = [
  { value: 'no', label: phrases.AS_IT_LIES },
  { value: 'yes', label: 'turned over' },
] as const;

interface StepProps {
  step: CookStep;
  at: number;
  isOnly: boolean;
  scale: 'C' | 'F';
  /** Where a pan steams. */
  water: PanWater | null;
  onChange: (to: Partial<CookStep>, what: string) => void;
  onRemove: () => void;
}

export function StepFields(props: StepProps) {
  const { step, at, isOnly, scale, water } = props;
  const [isOpen, setOpen] = useState(false);
  // A step by itself needs no number.
  const name = isOnly ? '' : `, step ${at + 1}`;
  const lace = water && laceWords(water);
  return (
    <View style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 4 }}>
        <Body style={{ flex: 1 }}>
          {isOnly ? '' : `${at + 1}. `}
          {capital(stepWords(step, scale))}
        </Body>
        <IconPress
          icon={isOpen ? 'chevron-up' : 'chevron-down'}
          label={isOpen ? phrases.closeCookedIn(name) : phrases.changeCookedIn(name)}
          onPress={() => setOpen(!isOpen)}
        />
        {!isOnly && <IconPress icon="close" label={phrases.leaveStepOut(at)} onPress={props.onRemove} />}
      </View>
      {isOpen && <CookedIn {...props} name={name} />}
      <TimeAndHeat {...props} name={name} />
      {water !== null && <Sentence text={panWaterWords(water, step.minutes)} />}
      {lace !== null && <Small>{lace}</Small>}
    </View>
  );
}

type NamedStep = StepProps & { name: string };

function CookedIn({ step, at, name, onChange }: NamedStep) {
  return (
    <>
      <Choices
        label={phrases.inOnOrUnder(name)}
        value={step.medium}
        options={MEDIUM_OPTIONS}
        onChange={(medium) => onChange({ medium }, 'medium')}
      />
      {at > 0 && (
        <Choices
          label={phrases.asStepBegins(name)}
          value={step.turn ? 'yes' : 'no'}
          options={TURNS}
          onChange={(turn) => onChange({ turn: turn === 'yes' }, 'turn')}
        />
      )}
    </>
  );
}

function TimeAndHeat({ step, name, scale, water, onChange }: NamedStep) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
      <AmountField
        label={phrases.plannedTime(name)}
        unit="min"
        value={step.minutes}
        {...LIMITS.cookMinutes}
        step={1}
        onChange={(minutes) => minutes !== null && onChange({ minutes }, 'minutes')}
      />
      {MEDIA[step.medium].isSet && (
        <TemperatureField
          label={`Heat${name}`}
          c={step.mediumC}
          {...LIMITS.mediumC}
          step={5}
          scale={scale}
          onChange={(mediumC) => onChange({ mediumC }, 'heat')}
        />
      )}
      {water !== null && (
        <>
          <AmountField
            label={phrases.waterInStep(name)}
            unit="g"
            value={step.waterG}
            {...LIMITS.panWaterG}
            step={10}
            optional
            onChange={(waterG) => onChange({ waterG }, 'water')}
          />
          <AmountField
            label={phrases.starchInStep(name)}
            unit="g"
            value={step.starchG}
            {...LIMITS.panStarchG}
            step={1}
            onChange={(starchG) => starchG !== null && onChange({ starchG }, 'starch')}
          />
        </>
      )}
    </View>
  );
}
