/** How it is cooked: a ready-made plan, or one's own, step by step. */
import { useState } from 'react';
import { View } from 'react-native';
import { applianceOf } from '@/core/cooking/appliance';
import { panWater } from '@/core/cooking/pan-water';
import { addStep, changeStep, removeStep } from '@/core/stored/edit-steps';
import { MOST } from '@/core/vocabulary/limits';
import { methodOf } from '@/core/stored/method-of';
import { type CookingPlanFields } from '@/core/stored/cook-runs';
import { METHODS } from '@/core/vocabulary/methods';
import { type CookStep } from '@/core/vocabulary/media/step';
import { WAY_TO_COOK_IDS, type WayToCook, WAYS_TO_COOK } from '@/core/vocabulary/ways-to-cook';
import { wayOf, stepsOf } from '@/core/stored/ways-to-cook';
import { boilingPoint } from '@/core/heat/surfaces';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { StepFields } from './step-fields';
import * as phrases from './words';

const PLAN_OPTIONS = WAY_TO_COOK_IDS.map((value) => ({ value, label: WAYS_TO_COOK[value].label }));
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
