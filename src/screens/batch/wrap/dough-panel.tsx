/** The dough: which, how much of each thing for this batch, how warm the water, which steps, and a formula of one's own. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { DOUGH_IDS, DOUGHS } from '@/core/vocabulary/doughs';
import { type DoughPart } from '@/core/vocabulary/doughs/dough';
import { formatMinutes, formatWeight } from '@/core/units/format';
import { capital } from '@/core/units/letters';
import { type WrapperMaking } from '@/core/wrapper/making';
import { isKeptDough, VARIANT_ID } from '@/core/wrapper/kept-dough';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Heading, Small } from '@/ui/parts/text';
import { DoughBought } from './dough-bought';
import { DoughMade } from './dough-made';
import { type DoughProps } from './dough-props';
import { FormulaEditor } from './formula-editor';
import { keepDough } from './keep-dough';
import * as phrases from './words';

export function DoughPanel(props: DoughProps) {
  const { batch, kitchen, assessment, plan, edit } = props;
  const { wrap } = batch;
  const [isOpen, setOpen] = useState(false);
  const [isChoosing, setChoosing] = useState(false);
  const set = (to: Partial<Batch['wrap']>, what: string) => edit({ do: 'setWrap', to }, what);
  const own = kitchen.doughs.map((d) => ({ value: d.id, label: d.name }));
  const { variants } = DOUGHS[wrap.dough];
  const chosen = wrap.ownDough?.id ?? wrap.dough;
  const choose = (value: string) => {
    const mine = kitchen.doughs.find((d) => d.id === value);
    const family = DOUGH_IDS.find((id) => id === value);
    const dough = mine?.like ?? family;
    if (dough) void edit({ do: 'setDough', dough, own: mine ?? null }, 'wrapper');
  };
  return (
    <Fold
      title="Dough"
      figure={`${plan.bought ? `${plan.bought.pieces}` : formatWeight(plan.neededG)}, ${assessment.dough.label}`}
      isOpenWide
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Heading level={3}>{capital(assessment.dough.label)}</Heading>
        </View>
        <Press
          title={isChoosing ? 'Done' : 'Another'}
          label={isChoosing ? 'Done choosing' : 'Another wrapper'}
          onPress={() => setChoosing(!isChoosing)}
        />
      </View>
      {isChoosing && (
        <Choices
          label="Which"
          value={chosen as string}
          options={[
            ...DOUGH_IDS.map((value) => ({ value: value as string, label: DOUGHS[value].label })),
            ...own,
            ...(wrap.ownDough && !own.some((o) => o.value === chosen)
              ? [{ value: chosen as string, label: wrap.ownDough.name }]
              : []),
          ]}
          onChange={choose}
        />
      )}
      {variants.map(({ label, trade, parts }) => (
        <View key={label} style={{ gap: 4, alignItems: 'flex-start' }}>
          <Press
            title={phrases.makeIt(label)}
            onPress={() =>
              void set(
                {
                  ownDough: {
                    id: VARIANT_ID,
                    name: `${DOUGHS[wrap.dough].label}, ${label}`,
                    like: wrap.dough,
                    parts: copied(parts),
                  },
                },
                'variant',
              )
            }
          />
          <Small>{trade}</Small>
        </View>
      ))}
      {plan.amounts ? <DoughMade {...props} amounts={plan.amounts} /> : <DoughBought {...props} />}
      {plan.amounts && (
        <Press title={isOpen ? phrases.CLOSE_FORMULA : phrases.CHANGE_FORMULA} onPress={() => setOpen(!isOpen)} />
      )}
      {isOpen && plan.amounts && <FormulaEditor {...props} />}
      {!isOpen && wrap.ownDough !== null && !isKeptDough(wrap.ownDough, kitchen) && (
        <Press title={phrases.KEEP_IN_LARDER} onPress={() => void keepDough(batch, wrap.ownDough, edit)} />
      )}
      <Steps plan={plan} scale={kitchen.temperature} />
    </Fold>
  );
}

/** A formula as it is kept with a batch: its own, to be changed. */
const copied = (parts: readonly DoughPart[]) =>
  parts.map(({ name, share, formula }) => ({ name, share, formula: formula.map((line) => ({ ...line })) }));

function Steps({ plan, scale }: { plan: WrapperMaking; scale: 'C' | 'F' }) {
  if (plan.steps.length === 0) return null;
  const wait = ([low, high]: readonly [number, number]): string =>
    high === 0 ? '' : low === high ? `, wait ${formatMinutes(low)}` : phrases.wait(low, high);
  return (
    <View style={{ gap: 4 }}>
      <Heading level={3}>{phrases.IN_THIS_ORDER}</Heading>
      {plan.steps.map((step, i) => (
        <Small key={step.what} style={{ fontSize: 15, lineHeight: 21 }}>
          {phrases.doughStep(i, step.what, step.handsOnMinutes, wait(step.waitMinutes))}
        </Small>
      ))}
      {plan.rise && (
        <Small>
          {plan.rise.minutes === null
            ? phrases.yeastDoesNothing(plan.rise.c, scale)
            : phrases.doubledAfter(plan.rise.minutes, plan.rise.c, scale, plan.rise.isLearned)}
        </Small>
      )}
    </View>
  );
}
