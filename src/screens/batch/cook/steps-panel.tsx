/** How it is cooked: a ready-made plan, or one's own, step by step. */
import { Fragment, useState } from 'react';
import { View } from 'react-native';
import { laceWords, panWaterWords } from '@/core/checks/pan-water-words';
import { stepWords } from '@/core/checks/step-words';
import { applianceOf } from '@/core/cooking/appliance';
import { type PanWater, panWater } from '@/core/cooking/pan-water';
import { addStep, changeStep, removeStep } from '@/core/stored/edit-steps';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { methodOf } from '@/core/stored/method-of';
import { type CookingPlanFields } from '@/core/stored/cook-runs';
import { MEDIA, MEDIUM_IDS } from '@/core/vocabulary/media';
import { METHODS } from '@/core/vocabulary/methods';
import { type CookStep } from '@/core/vocabulary/media/step';
import { WAY_TO_COOK_IDS, type WayToCook, WAYS_TO_COOK } from '@/core/vocabulary/ways-to-cook';
import { wayOf, stepsOf } from '@/core/stored/ways-to-cook';
import { boilingPoint } from '@/core/heat/surfaces';
import { capital } from '@/core/units/letters';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Body, Sentence, Small } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { type StationProps } from '../station-props';
import * as phrases from './words';

const MEDIUM_OPTIONS = MEDIUM_IDS.map((value) => ({ value, label: MEDIA[value].label }));
const PLAN_OPTIONS = WAY_TO_COOK_IDS.map((value) => ({ value, label: WAYS_TO_COOK[value].label }));
const TURNS = [
  { value: 'no', label: phrases.AS_IT_LIES },
  { value: 'yes', label: 'turned over' },
] as const;

export function StepsPanel({ batch, kitchen, edit }: StationProps) {
  const { cook, wrap } = batch;
  const [isChoosing, setChoosing] = useState(false);
  const plan = wayOf(cook, wrap.form);
  const pan = applianceOf('pan', kitchen);
  const boilingC = boilingPoint(kitchen.altitudeM);
  const set = (to: Partial<CookingPlanFields>, what: string) => edit({ do: 'setCook', to }, what);
  // Steps of one's own: it is called, and judged, by what it is cooked in.
  const own = (steps: CookStep[], what: string) => set({ steps, method: methodOf(steps, cook.method) }, what);
  const choose = (id: WayToCook) => {
    void set({ method: WAYS_TO_COOK[id].method, steps: stepsOf(id, wrap.form) }, 'plan');
    setChoosing(false);
  };
  return (
    <Fold
      title={phrases.HOW_IT_IS_COOKED}
      figure={plan === null ? phrases.yourOwnWay(METHODS[cook.method].label) : WAYS_TO_COOK[plan].label}
      isOpenWide
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        {plan !== null && !isChoosing && <Small style={{ flex: 1 }}>{WAYS_TO_COOK[plan].note}</Small>}
        <Press
          title={isChoosing ? 'Done' : 'Another'}
          label={isChoosing ? 'Done choosing' : phrases.ANOTHER_WAY}
          onPress={() => setChoosing(!isChoosing)}
        />
      </View>
      {isChoosing && (
        <Choices
          label={phrases.WAY_OF_COOKING}
          value={plan ?? ('' as WayToCook)}
          options={PLAN_OPTIONS}
          onChange={choose}
        />
      )}
      {cook.steps.map((step, i) => (
        <StepFields
          key={i}
          step={step}
          at={i}
          isOnly={cook.steps.length === 1}
          scale={kitchen.temperature}
          water={step.medium === 'pan-steam' ? panWater(pan, step, boilingC) : null}
          onChange={(to, what) => void own(changeStep(cook.steps, i, to), `step-${i}-${what}`)}
          onRemove={() => void own(removeStep(cook.steps, i), 'step-removed')}
        />
      ))}
      {cook.steps.length < MOST.cookSteps && (
        <View style={{ alignItems: 'flex-start' }}>
          <Press
            title={phrases.THEN_ANOTHER_STEP}
            icon="plus"
            onPress={() => void set({ steps: addStep(cook.steps) }, 'step-added')}
          />
        </View>
      )}
    </Fold>
  );
}

function StepFields(props: {
  step: CookStep;
  at: number;
  isOnly: boolean;
  scale: 'C' | 'F';
  /** Where a pan steams. */
  water: PanWater | null;
  onChange: (to: Partial<CookStep>, what: string) => void;
  onRemove: () => void;
}) {
  const { step, at, isOnly, scale, water, onChange } = props;
  const lace = water && laceWords(water);
  const [isOpen, setOpen] = useState(false);
  const name = isOnly ? '' : `, step ${at + 1}`;
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
      {isOpen && (
        <Fragment>
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
        </Fragment>
      )}
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
      {water !== null && <Sentence text={panWaterWords(water, step.minutes)} />}
      {lace !== null && <Small>{lace}</Small>}
    </View>
  );
}
