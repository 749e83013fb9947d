/** Wrap: the skin, the dough, the pieces, and the board, in working order. */
import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { FORM_IDS, FORMS } from '@/core/forms';
import { SHAPES } from '@/core/forms/skins';
import { formatTemperature } from '@/core/units/format';
import { wrapperMaking } from '@/core/wrapper/making';
import { skinThatComes } from '@/core/wrapper/other-skin';
import { useBoard } from '@/data/heat';
import { say } from '@/data/notices';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { useWide } from '@/ui/shell/use-wide';
import { type StationProps } from '../station-props';
import { Findings } from '../findings';
import { BalanceFold } from './balance-table';
import { BenchPanel } from './bench-panel';
import { ClosingPanel } from './closing-panel';
import { DividePanel } from './divide-panel';
import { DoughPanel } from './dough-panel';
import { FirstThree } from './first-three';
import { ForwardSlider } from './forward-slider';
import { PanPanel } from './pan-panel';
import { SkinFields } from './skin-fields';
import * as phrases from './words';

/** The skin: how large, which form, how it is closed. On a wide screen what follows has a column of its own. */
export function WrapStation(props: StationProps) {
  const { batch, kitchen, edit, undoStep } = props;
  const { wrap } = batch;
  const wide = useWide();
  const isPan = SHAPES[wrap.skin.shape].isPan;
  return (
    <View style={{ gap: 18 }}>
      <Findings {...props} />
      <Rest {...props} />
      <SkinFields {...props} />
      <View>
        {!wide && <WrapWork {...props} />}
        <ForwardSlider {...props} />
        <Fold title="Form" figure={FORMS[wrap.form].label}>
          <Choices
            label="Form"
            value={wrap.form}
            options={FORM_IDS.map((id) => ({ value: id, label: FORMS[id].label }))}
            onChange={async (form) => {
              const comes = skinThatComes(form, wrap, kitchen.lengths);
              const outcome = await edit({ do: 'setForm', form }, 'form');
              if (comes !== null && outcome.ok)
                say({ text: comes, kind: 'done', action: { label: 'Undo', run: () => undoStep(outcome) } });
            }}
          />
        </Fold>
        {isPan && <PanPanel {...props} />}
        <ClosingPanel {...props} />
        {!wide && <BalanceFold {...props} />}
      </View>
      <View style={{ alignItems: 'flex-start' }}>
        <Press
          title={phrases.PRINT_LIFE_SIZE}
          icon="printer-outline"
          onPress={() => router.navigate(`/batch/${batch.id}/mat`)}
        />
      </View>
    </View>
  );
}

/** The work: the dough, the pieces, the first three, the clock on the bench. */
export function WrapWork(props: StationProps) {
  const { batch, kitchen, assessment } = props;
  const { fit, laid, dough } = assessment;
  const plan = useMemo(() => wrapperMaking(batch, kitchen, fit, laid, dough), [batch, kitchen, fit, laid, dough]);
  const isPan = SHAPES[batch.wrap.skin.shape].isPan;
  return (
    <View>
      <DoughPanel {...props} plan={plan} />
      <Butter {...props} />
      {!isPan && <DividePanel {...props} plan={plan} />}
      <FirstThree {...props} />
      <BenchPanel {...props} />
    </View>
  );
}

/** What to do with what is left over. */
function Rest({ assessment }: StationProps) {
  const { left, rest } = assessment.portion;
  if (assessment.checks.fit.fits?.even?.state === 'good' || rest.length === 0) return null;
  return (
    <View style={{ gap: 2 }}>
      <Heading level={3}>{phrases.whatIsLeft(left.of)}</Heading>
      {rest.map((idea) => (
        <Small key={idea} style={{ fontSize: 15, lineHeight: 20 }}>
          {idea}
        </Small>
      ))}
    </View>
  );
}

/** A butter dough in this kitchen. */
function Butter({ batch, kitchen }: StationProps) {
  const butter = useBoard(batch, kitchen)?.butter;
  if (!butter) return null;
  const t = (c: number) => formatTemperature(c, kitchen.temperature);
  const minutes = (value: number | null) => (value === null ? 'never' : phrases.afterAbout(value));
  return (
    <Fold title={phrases.BUTTER_ON_BENCH} figure={t(butter.limitC)}>
      <Body>
        {phrases.butterSoftens(
          t(kitchen.roomC),
          t(butter.limitC),
          minutes(butter.sheetMinutes),
          minutes(butter.discMinutes),
        )}
      </Body>
      <Small>{phrases.butterAdvice(butter.advice)}</Small>
    </Fold>
  );
}
