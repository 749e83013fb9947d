/** The dough: which, how much of each thing for this batch, how warm the water, which steps, and a formula of one's own. */
import { useState } from 'react';
import { View } from 'react-native';
import { LIMITS } from '@/core/vocabulary/limits';
import { type Batch } from '@/core/stored/schema';
import { DOUGH_IDS, DOUGHS } from '@/core/vocabulary/doughs';
import { type DoughPart } from '@/core/vocabulary/doughs/dough';
import { ingredientById } from '@/core/food/catalogue';
import { formatNumber } from '@/core/units/amount';
import { formatGrams, formatMinutes, formatTemperature, formatWeight } from '@/core/units/format';
import { capital } from '@/core/units/letters';
import { shownGrams } from '@/core/filling/shown-amount';
import { type DoughAmounts, doughAmounts, doughOfFlour } from '@/core/wrapper/amounts';
import { isFlour } from '@/core/wrapper/formula';
import { type WrapperMaking } from '@/core/wrapper/making';
import { isKeptDough, VARIANT_ID } from '@/core/wrapper/kept-dough';
import { WARM_RISE_C } from '@/core/wrapper/rise';
import { LengthField } from '@/ui/parts/length-field';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { PairTable } from '@/ui/parts/pair-table';
import { Choices, Press } from '@/ui/parts/press';
import { Heading, Sentence, Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { ingredientName } from './ingredient-name';
import { FormulaEditor } from './formula-editor';
import { keepDough } from './keep-dough';
import * as phrases from './words';

type Props = StationProps & { plan: WrapperMaking };

/** A dough that rises no warmer than this rises in a fridge, °C. House estimate. */
const COLD_RISE_C = 10;

export function DoughPanel(props: Props) {
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
      {plan.amounts ? <Made {...props} /> : <Bought {...props} />}
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

function Made(props: Props) {
  const { batch, kitchen, assessment, plan, edit } = props;
  const { wrap } = batch;
  const { amounts, water, neededG } = plan;
  const [flourG, setFlourG] = useState<number | null>(null);
  const [unit, setUnit] = useState<'g' | 'cup'>('g');
  if (!amounts) return null;
  const t = (c: number) => formatTemperature(c, kitchen.temperature);
  const set = (to: Partial<Batch['wrap']>, what: string) => edit({ do: 'setWrap', to }, what);
  // Spooned and levelled, by the larder's own figure.
  const flour = ingredientById(amounts.ingredients.find((i) => isFlour(i.ingredientId))?.ingredientId ?? 'wheat-flour');
  const gramsIn = unit === 'g' ? 1 : kitchen.cupMl * (flour?.gPerMl ?? 0.53);
  const withFlour = (grams: number | null) => {
    setFlourG(grams);
    if (grams === null) void set({ doughG: null }, 'flour');
    else void set({ doughG: doughOfFlour(assessment.dough.parts, grams) }, 'flour');
  };
  return (
    <View style={{ gap: 12 }}>
      <Formulas {...props} amounts={amounts} />
      {water && (
        <Sentence
          text={
            water.isTooHot
              ? phrases.waterTooHot(t(water.wantC))
              : phrases.waterAt(t(water.waterC), water.iceG, t(water.wantC), t(kitchen.roomC))
          }
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          key={unit}
          label={phrases.HAVE_FLOUR}
          unit={unit === 'g' ? 'g' : 'cups'}
          value={flourG === null ? null : flourG / gramsIn}
          least={unit === 'g' ? 10 : 0.125}
          most={unit === 'g' ? 10_000 : 80}
          optional
          onChange={(amount) => withFlour(amount === null ? null : amount * gramsIn)}
        />
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
          scale={kitchen.temperature}
          onChange={(doughC) => set({ doughC }, 'dough-temperature')}
        />
        {plan.rise && (
          <TemperatureField
            label={phrases.RISES_AT}
            c={wrap.riseC}
            {...LIMITS.doughC}
            optional
            scale={kitchen.temperature}
            onChange={(riseC) => set({ riseC }, 'rise')}
          />
        )}
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
      {plan.rise && <Rising wrap={wrap} kitchen={kitchen} onChange={(riseC) => void set({ riseC }, 'rise')} />}
      {wrap.doughG !== null && (
        <Small>{phrases.doughAndNeed(wrap.doughG, inWords(assessment, wrap.doughG), neededG)}</Small>
      )}
    </View>
  );
}

/** A table for each part of the dough. */
function Formulas({ batch: { wrap, count }, kitchen, assessment, plan, amounts }: Props & { amounts: DoughAmounts }) {
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

interface RisingProps extends Pick<Batch, 'wrap'>, Pick<Props, 'kitchen'> {
  onChange: (riseC: number | null) => void;
}

function inWords({ dough }: StationProps['assessment'], totalG: number): string {
  return doughAmounts(dough.parts, { totalG })
    .ingredients.map((i) => `${formatGrams(i.grams)} ${ingredientName(i.ingredientId).toLowerCase()}`)
    .join(', ');
}

/** By count and weight of the packet. */
function Bought({ batch, kitchen, plan, edit }: Props) {
  const { wrap } = batch;
  const packet = wrap.packet ?? { count: 30, grams: 300 };
  const set = (to: Partial<Batch['wrap']>, what: string) => edit({ do: 'setWrap', to }, what);
  const isLined = 'sheetsBelow' in wrap.skin;
  const sheet = wrap.sheet ?? { lengthMm: 400, widthMm: 300 };
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label={isLined ? phrases.SHEETS_IN_PACKET : phrases.SKINS_IN_PACKET}
          unit="count"
          value={wrap.packet?.count ?? null}
          {...LIMITS.packetCount}
          whole
          optional
          onChange={(count) => set({ packet: count === null ? null : { ...packet, count } }, 'packet-count')}
        />
        <AmountField
          label={phrases.PACKET_WEIGHS}
          unit="g"
          value={wrap.packet?.grams ?? null}
          {...LIMITS.packetG}
          optional
          onChange={(grams) => set({ packet: grams === null ? null : { ...packet, grams } }, 'packet-grams')}
        />
        {isLined &&
          (['lengthMm', 'widthMm'] as const).map((key) => (
            <LengthField
              key={key}
              label={key === 'lengthMm' ? phrases.SHEET_IS_LONG : phrases.SHEET_IS_WIDE}
              unit={kitchen.lengths}
              mm={wrap.sheet?.[key] ?? null}
              {...LIMITS.sheetMm}
              optional
              onChange={(mm) => set({ sheet: mm === null ? null : { ...sheet, [key]: mm } }, `sheet-${key}`)}
            />
          ))}
        <AmountField
          label={phrases.AT_HAND}
          unit="g"
          value={wrap.doughG}
          {...LIMITS.doughG}
          optional
          onChange={(doughG) => set({ doughG }, 'dough')}
        />
      </View>
      <Choices
        label={isLined ? phrases.SHEETS_ARE : phrases.SKINS_ARE}
        value={wrap.isThawed ? 'thawed' : 'frozen'}
        options={[
          { value: 'frozen', label: 'frozen' },
          { value: 'thawed', label: phrases.THAWED },
        ]}
        onChange={(value) => set({ isThawed: value === 'thawed' }, 'thawed')}
      />
      {plan.bought && (
        <Sentence text={phrases.sheetsFor(plan.bought.pieces, isLined, batch.count, plan.bought.packets)} />
      )}
    </View>
  );
}

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
