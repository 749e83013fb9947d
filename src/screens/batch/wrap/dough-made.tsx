/** A dough that is made: how much of each thing, how warm the water, what there is at hand, where it rises. */
import { useState } from 'react';
import { View } from 'react-native';
import { ingredientById } from '@/core/food/catalogue';
import { shownGrams } from '@/core/filling/shown-amount';
import { type Batch } from '@/core/stored/schema';
import { formatNumber } from '@/core/units/amount';
import { formatGrams, formatTemperature } from '@/core/units/format';
import { capital } from '@/core/units/letters';
import { LIMITS } from '@/core/vocabulary/limits';
import { type DoughAmounts, doughAmounts, doughOfFlour } from '@/core/wrapper/amounts';
import { isFlour } from '@/core/wrapper/formula';
import { WARM_RISE_C } from '@/core/wrapper/rise';
import { AmountField } from '@/ui/parts/amount-field';
import { PairTable } from '@/ui/parts/pair-table';
import { Choices } from '@/ui/parts/press';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { Sentence, Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { type DoughProps } from './dough-props';
import { ingredientName } from './ingredient-name';
import * as phrases from './words';

/** A dough that rises no warmer than this rises in a fridge, °C. House estimate. */
const COLD_RISE_C = 10;

type MadeProps = DoughProps & { amounts: DoughAmounts };

export function DoughMade(props: MadeProps) {
  const { batch, kitchen, assessment, plan, edit } = props;
  const { doughG } = batch.wrap;
  const { water } = plan;
  const t = (c: number) => formatTemperature(c, kitchen.temperature);
  return (
    <View style={{ gap: 12 }}>
      <Formulas {...props} />
      {water && (
        <Sentence
          text={
            water.isTooHot
              ? phrases.waterTooHot(t(water.wantC))
              : phrases.waterAt(t(water.waterC), water.iceG, t(water.wantC), t(kitchen.roomC))
          }
        />
      )}
      <AtHand {...props} />
      {plan.rise && (
        <Rising
          wrap={batch.wrap}
          kitchen={kitchen}
          onChange={(riseC) => void edit({ do: 'setWrap', to: { riseC } }, 'rise')}
        />
      )}
      {doughG !== null && <Small>{phrases.doughAndNeed(doughG, inWords(assessment, doughG), plan.neededG)}</Small>}
    </View>
  );
}

/** What there is of flour and dough, what is to spare, and how warm it is. */
function AtHand({ batch: { wrap }, kitchen, assessment, plan, amounts, edit }: MadeProps) {
  const [flourG, setFlourG] = useState<number | null>(null);
  const [unit, setUnit] = useState<'g' | 'cup'>('g');
  const set = (to: Partial<Batch['wrap']>, what: string) => edit({ do: 'setWrap', to }, what);
  const inGrams = unit === 'g';
  const gramsIn = inGrams ? 1 : gramsInCup(amounts, kitchen.cupMl);
  const withFlour = (grams: number | null) => {
    setFlourG(grams);
    void set({ doughG: grams === null ? null : doughOfFlour(assessment.dough.parts, grams) }, 'flour');
  };
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          key={unit}
          label={phrases.HAVE_FLOUR}
          unit={inGrams ? 'g' : 'cups'}
          value={flourG === null ? null : flourG / gramsIn}
          least={inGrams ? 10 : 0.125}
          most={inGrams ? 10_000 : 80}
          optional
          onChange={(amount) => withFlour(amount === null ? null : amount * gramsIn)}
        />
        <DoughFields wrap={wrap} plan={plan} scale={kitchen.temperature} set={set} />
      </View>
      <Choices
        label={phrases.FLOUR_AT_HAND_IN}
        value={unit}
        options={[
          { value: 'g', label: 'grams' },
          { value: 'cup', label: phrases.cupsOf(kitchen.cupMl) },
        ]}
        onChange={setUnit}
      />
    </>
  );
}

/** Flour spooned into a cup and levelled, by the larder's own figure, g. */
function gramsInCup({ ingredients }: DoughAmounts, cupMl: number): number {
  const flour = ingredientById(ingredients.find((i) => isFlour(i.ingredientId))?.ingredientId ?? 'wheat-flour');
  return cupMl * (flour?.gPerMl ?? 0.53);
}

interface DoughFieldsProps extends Pick<Batch, 'wrap'>, Pick<DoughProps, 'plan'> {
  scale: 'C' | 'F';
  set: (to: Partial<Batch['wrap']>, what: string) => unknown;
}

function DoughFields({ wrap, plan, scale, set }: DoughFieldsProps) {
  return (
    <>
      <AmountField
        label={phrases.DOUGH_AT_HAND}
        unit="g"
        value={wrap.doughG}
        {...LIMITS.doughG}
        optional
        onChange={(doughG) => set({ doughG }, 'dough')}
      />
      <AmountField
        label="To spare"
        unit="%"
        value={Math.round(wrap.spareShare * 100)}
        least={0}
        most={50}
        step={5}
        onChange={(percent) => percent !== null && set({ spareShare: percent / 100 }, 'spare')}
      />
      <TemperatureField
        label={phrases.DOUGH_FROM_MIXING}
        c={wrap.doughC}
        {...LIMITS.doughC}
        optional
        scale={scale}
        onChange={(doughC) => set({ doughC }, 'dough-temperature')}
      />
      {plan.rise && (
        <TemperatureField
          label={phrases.RISES_AT}
          c={wrap.riseC}
          {...LIMITS.doughC}
          optional
          scale={scale}
          onChange={(riseC) => set({ riseC }, 'rise')}
        />
      )}
    </>
  );
}

/** A table for each part of the dough. */
function Formulas({ batch: { wrap, count }, kitchen, assessment, plan, amounts }: MadeProps) {
  const tables =
    amounts.parts.length > 0 ? amounts.parts : [{ name: '', grams: amounts.totalG, ingredients: amounts.ingredients }];
  return tables.map(({ name, grams, ingredients }) => (
    <PairTable
      key={name}
      title={name === '' ? phrases.doughFor(count) : capital(name)}
      note={
        name === ''
          ? phrases.doughSum(count, assessment.fit.wrapperG, plan.spareShare, plan.spareShare > wrap.spareShare)
          : undefined
      }
      columns={['of flour', kitchen.amounts === 'spoons' ? 'measure' : 'weigh']}
      rows={[
        ...ingredients.map((i) => ({
          name: ingredientName(i.ingredientId),
          note: i.ingredientId === amounts.heldBack ? phrases.holdBackWater(amounts.heldBackG) : undefined,
          figures: [`${formatNumber(i.percent, 1)} %`, shownGrams(i.grams, ingredientById(i.ingredientId), kitchen)],
        })),
        { name: 'Together', figures: ['', formatGrams(grams)], sum: true },
      ]}
    />
  ));
}

/** Where it rises: each place at its own temperature. */
function Rising({ wrap, kitchen, onChange }: RisingProps) {
  return (
    <Choices
      label="It rises"
      value={wrap.riseC === null ? 'kitchen' : wrap.riseC <= COLD_RISE_C ? 'fridge' : 'warm'}
      options={[
        { value: 'kitchen', label: phrases.IN_KITCHEN },
        { value: 'warm', label: 'somewhere warm' },
        { value: 'fridge', label: phrases.SLOWLY_IN_FRIDGE },
      ]}
      onChange={(school) => onChange(school === 'kitchen' ? null : school === 'warm' ? WARM_RISE_C : kitchen.fridgeC)}
    />
  );
}

interface RisingProps extends Pick<Batch, 'wrap'>, Pick<DoughProps, 'kitchen'> {
  onChange: (riseC: number | null) => void;
}

function inWords({ dough }: StationProps['assessment'], totalG: number): string {
  return doughAmounts(dough.parts, { totalG })
    .ingredients.map((i) => `${formatGrams(i.grams)} ${ingredientName(i.ingredientId).toLowerCase()}`)
    .join(', ');
}
