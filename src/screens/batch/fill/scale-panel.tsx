/** Scaling the filling: to the parcels planned, by a factor, to a weight, or to what there is of one thing. */
import { useState } from 'react';
import { View } from 'react-native';
import { scaling } from '@/core/filling/scaling';
import { gramsOf, resolveLine } from '@/core/filling/lines';
import { formatWeight } from '@/core/units/format';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Way = 'count' | 'factor' | 'weight' | 'have';

export function ScalePanel({ batch, assessment, kitchen, edit }: StationProps) {
  const [turn, setTurn] = useState(0);
  const [way, setWay] = useState<Way>('count');
  const [value, setValue] = useState<number | null>(null);
  const [of, setOf] = useState(batch.lines[0]?.id ?? '');
  const { refusal, answered } = useRefusal();
  const [cautious, setCautious] = useState<'linear' | 'cautious'>('linear');
  if (batch.lines.length === 0) return null;
  const finishedG = assessment.ledger.finishedG;
  const lines = batch.lines.flatMap((line) => {
    const resolved = resolveLine(line, batch.ingredients, kitchen);
    const grams = resolved && gramsOf(resolved.ingredient, line, kitchen);
    return resolved && grams !== null ? [{ id: line.id, name: resolved.ingredient.name, grams }] : [];
  });
  const chosen = lines.find(({ id }) => id === of) ?? lines[0];
  const factor = {
    count: (batch.count * batch.wrap.portionG) / finishedG,
    factor: value ?? 1,
    weight: (value ?? finishedG) / finishedG,
    have: chosen && value !== null ? value / chosen.grams : 1,
  }[way];
  const sensible = Number.isFinite(factor) && factor > 0.01 && factor < 100 && Math.abs(factor - 1) > 0.001;
  const scale = async () => {
    const outcome = edit(scaling(batch, factor, cautious === 'cautious'), '', 'beside');
    answered(outcome);
    if (!(await outcome).ok) return;
    // Done: it folds again.
    setTurn(turn + 1);
    setValue(null);
  };
  return (
    <Fold key={turn} title="Scale" figure={formatWeight(finishedG)}>
      <Choices
        label="To"
        value={way}
        options={[
          { value: 'count', label: `${batch.count} pieces` },
          { value: 'factor', label: phrases.SO_MANY_TIMES },
          { value: 'weight', label: 'a weight' },
          { value: 'have', label: phrases.WHAT_I_HAVE },
        ]}
        onChange={(next) => {
          setWay(next);
          setValue(null);
        }}
      />
      <HowMuch
        key={way}
        way={way}
        value={value}
        finishedG={finishedG}
        lines={lines}
        chosen={chosen}
        onChange={setValue}
        onChoose={setOf}
      />
      <Choices
        label="Strong spices"
        value={cautious}
        options={[
          { value: 'linear', label: 'in proportion' },
          { value: 'cautious', label: phrases.A_LITTLE_LESS },
        ]}
        onChange={setCautious}
      />
      <Small>{phrases.scaledTo(finishedG, factor)}</Small>
      <View style={{ alignItems: 'flex-start' }}>
        <Press title="Scale it" kind="solid" onPress={() => void scale()} disabled={!sensible} />
      </View>
      <Problem text={refusal} />
    </Fold>
  );
}

interface HowMuchProps {
  way: Way;
  value: number | null;
  finishedG: number;
  /** Those that weigh something, g. */
  lines: readonly WeighedLine[];
  chosen: WeighedLine | undefined;
  onChange: (value: number | null) => void;
  onChoose: (lineId: string) => void;
}

interface WeighedLine {
  id: string;
  name: string;
  grams: number;
}

/** What is asked for the way that was chosen; to the pieces planned, nothing. */
function HowMuch({ way, value, finishedG, lines, chosen, onChange, onChoose }: HowMuchProps) {
  if (way === 'factor')
    return (
      <AmountField label="Times" unit="×" value={value ?? 1} least={0.05} most={50} step={0.5} onChange={onChange} />
    );
  const inGrams = { unit: 'g', most: 20_000, onChange } as const;
  if (way === 'weight')
    return (
      <AmountField label="Finished filling" value={value ?? Math.round(finishedG)} least={10} step={50} {...inGrams} />
    );
  if (way === 'count' || !chosen) return null;
  return (
    <>
      <Choices
        label="I have"
        value={chosen.id}
        options={lines.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))}
        onChange={onChoose}
      />
      <AmountField
        label={phrases.soMuch(chosen.name)}
        value={value ?? Math.round(chosen.grams)}
        least={1}
        step={10}
        {...inGrams}
      />
    </>
  );
}
