/** A line opened: amount, unit, cut, preparation with what it gains and costs, stage, splitting, swapping, words. */
import { lineName } from '@/core/stored/line-name';
import { MOST, MOST_AMOUNT } from '@/core/vocabulary/limits';
import { useState } from 'react';
import { View } from 'react-native';
import { type Line } from '@/core/stored/schema';
import { type Cut, CUTS } from '@/core/vocabulary/cuts';
import { STAGE_IDS, STAGES } from '@/core/vocabulary/stages';
import { comparePreparations } from '@/core/filling/compare-preparations';
import { freshId } from '@/core/stored/new-line';
import { type Ingredient } from '@/core/food/ingredient';
import { hasCuts } from '@/core/food/densities';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/vocabulary/releases';
import { LINE_UNITS, type LineUnit } from '@/core/vocabulary/line-units';
import { unitLabel } from '@/core/units/units';
import { loadReading } from '@/data/use-reading';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { type LineProps } from './line-props';
import { MethodWords } from './method-words';
import { PreparationTable } from './preparation-table';
import { SwapPanel } from './swap-panel';
import * as phrases from './words';

/** What is asked beyond is another dish, or a slip of the finger. */
const VOLUMES: readonly LineUnit[] = ['ml', 'l', 'tsp', 'tbsp', 'cup'];

type Change = (to: Partial<Omit<Line, 'id'>>, what: string) => ReturnType<LineProps['edit']>;

export function LineEditor(props: LineProps & { onClose: () => void }) {
  const { batch, line, kitchen, assessment, edit } = props;
  const [opened, setOpened] = useState<{ split: boolean; swap: boolean }>({ split: false, swap: false });
  const ingredient = lookUp(batch.ingredients, line.ingredientId);
  const change: Change = (to, what) => edit({ do: 'changeLine', id: line.id, to }, `${line.id}-${what}`);
  const options = comparePreparations(batch, kitchen, line.id, assessment.ledger.steamedOff);
  const loses = ingredient ? preparation(ingredient.release, line.preparation).yield !== 1 : false;
  return (
    <View style={{ gap: 14, paddingTop: 6, paddingBottom: 16 }}>
      <HowMuch {...props} ingredient={ingredient} change={change} />
      <PreparationTable options={options} figures={assessment.moisture} onTake={(op) => edit(op)} />
      {loses && (
        <Choices
          label={phrases.AMOUNT_IS_WEIGHED}
          value={line.weighed}
          options={[
            { value: 'raw', label: 'before preparing' },
            { value: 'ready', label: phrases.AS_IT_GOES_IN },
          ]}
          onChange={(weighed) => change({ weighed }, 'weighed')}
        />
      )}
      <Choices
        label="Goes in"
        value={line.stage}
        options={STAGE_IDS.map((value) => ({ value, label: STAGES[value].title }))}
        onChange={(stage) => change({ stage }, 'stage')}
      />
      <TextField
        label={phrases.YOUR_OWN_WORDS}
        value={line.note}
        onChange={(note) => change({ note }, 'note')}
        most={MOST.note}
      />
      {ingredient && <MethodWords ingredient={ingredient} words={batch.note.words} />}
      {opened.split && <SplitPanel {...props} onDone={() => setOpened({ ...opened, split: false })} />}
      {opened.swap && <SwapPanel {...props} onDone={() => setOpened({ ...opened, swap: false })} />}
      <LineButtons
        {...props}
        name={lineName(line, ingredient?.name)}
        onOpen={(which) => setOpened({ ...opened, [which]: !opened[which] })}
      />
    </View>
  );
}

/** Amount, in figures or in words, its unit, and how small what is measured by the cup was cut. */
function HowMuch({
  batch,
  line,
  kitchen,
  ingredient,
  change,
}: LineProps & { ingredient: Ingredient | undefined; change: Change }) {
  const name = lineName(line, ingredient?.name);
  // Pieces are offered where the larder knows what one weighs; a unit that does not fit stays visible until it is mended.
  const units = LINE_UNITS.filter((u) => u !== 'piece' || ingredient?.counts.piece !== undefined || line.unit === u);
  /** “A pinch”, “2 mugs”: read as it would be in a recipe. */
  const amountInWords = async (text: string): Promise<boolean> => {
    if (ingredient === undefined) return false;
    const { parseLine, toLine } = await loadReading();
    const own = kitchen.ingredients;
    const read = toLine(parseLine(`${text} ${name}`, ingredient, own), batch.school, line.id, own);
    if (read === null) return false;
    return (await change({ amount: read.amount, unit: read.unit }, 'amount')).ok;
  };
  return (
    <>
      <AmountField
        label={phrases.amountOf(name)}
        unit={unitLabel(line.unit)}
        value={line.amount}
        least={0.01}
        most={MOST_AMOUNT[line.unit]}
        step={line.unit === 'g' || line.unit === 'ml' ? 10 : line.unit === 'piece' ? 1 : 0.5}
        onChange={(amount) => amount !== null && change({ amount }, 'amount')}
        onWords={(text) => amountInWords(text)}
      />
      <Choices
        label="Unit"
        value={line.unit}
        options={units.map((value) => ({ value, label: unitLabel(value) }))}
        onChange={(unit) => change({ unit }, 'unit')}
      />
      {ingredient && hasCuts(ingredient) && VOLUMES.includes(line.unit) && (
        <Choices<Cut | 'usual'>
          label="Measured"
          value={line.cut ?? 'usual'}
          options={[{ value: 'usual', label: 'as usual' }, ...CUTS.map((value) => ({ value, label: value }))]}
          onChange={(cut) => change({ cut: cut === 'usual' ? null : cut }, 'cut')}
        />
      )}
    </>
  );
}

interface LineButtonsProps extends Pick<LineProps, 'line' | 'edit'> {
  name: string;
  onOpen: (which: 'split' | 'swap') => void;
  onClose: () => void;
}

/** Up and down the list, apart, for another, out. */
const LineButtons = ({ line: { id }, name, edit, onOpen, onClose }: LineButtonsProps) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 4 }}>
    <IconPress icon="arrow-up" label={phrases.moveUp(name)} onPress={() => edit({ do: 'moveLine', id, by: -1 })} />
    <IconPress icon="arrow-down" label={phrases.moveDown(name)} onPress={() => edit({ do: 'moveLine', id, by: 1 })} />
    <IconPress icon="call-split" label={`Split ${name}`} onPress={() => onOpen('split')} />
    <IconPress icon="swap-horizontal" label={`Swap ${name}`} onPress={() => onOpen('swap')} />
    <IconPress icon="trash-can-outline" label={phrases.takeOut(name)} onPress={() => edit({ do: 'removeLine', id })} />
    <View style={{ flex: 1 }} />
    <IconPress icon="check" label={`Close ${name}`} onPress={onClose} />
  </View>
);

const SHARES = [
  { value: '0.25', label: 'a quarter' },
  { value: '0.5', label: 'half' },
  { value: '0.75', label: 'three quarters' },
] as const;

/** "Half of the mince cooked first": a share of the line goes in at another stage. */
function SplitPanel({ batch, line, edit, onDone }: LineProps & { onDone: () => void }) {
  const [share, setShare] = useState<(typeof SHARES)[number]['value']>('0.5');
  const [stage, setStage] = useState<Line['stage']>(line.stage === 'cook-first' ? 'raw-mix' : 'cook-first');
  return (
    <View style={{ gap: 10 }}>
      <Choices label="Split off" value={share} options={SHARES} onChange={setShare} />
      <Choices
        label={phrases.AND_LET_IT_GO_IN}
        value={stage}
        options={STAGE_IDS.filter((s) => s !== line.stage).map((value) => ({ value, label: STAGES[value].title }))}
        onChange={setStage}
      />
      <Small>{phrases.PARTS_APART}</Small>
      <Press
        title={phrases.SPLIT_THE_LINE}
        kind="solid"
        onPress={() => {
          edit({ do: 'splitLine', id: line.id, newId: freshId(batch.lines, line.id), share: Number(share), stage });
          onDone();
        }}
      />
    </View>
  );
}
