/** Swapping an ingredient: what becomes of water, salt, fat, allergens and hazard is shown before it is accepted. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Consequences, type Swap, swapIngredient } from '@/core/checks/swap';
import { type Ingredient } from '@/core/food/ingredient';
import { formatNumber } from '@/core/units/amount';
import { useReading } from '@/data/use-reading';
import { formatTemperature } from '@/core/units/format';
import { PairTable } from '@/ui/parts/pair-table';
import { Choices, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { TextField } from '@/ui/parts/text-field';
import { keepOwn } from '../keep-own';
import { type LineProps } from './line-props';
import * as phrases from './words';

const SUGGESTIONS = 6;

export function SwapPanel({ batch, line, kitchen, assessment, edit, onDone }: LineProps & { onDone: () => void }) {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Ingredient | null>(null);
  const { refusal, answered } = useRefusal();
  const { reading, problem } = useReading(text !== '');
  const found = (reading?.searchIngredients(text, SUGGESTIONS, undefined, kitchen.ingredients) ?? []).filter(
    (i) => i.id !== line.ingredientId,
  );
  const to = chosen ?? found[0] ?? null;
  const keep = to === null ? [] : keepOwn(kitchen, to.id);
  const withOwn =
    keep.length === 0 ? batch : { ...batch, ingredients: [...batch.ingredients, ...keep.map((k) => k.ingredient)] };
  const swap = to && swapIngredient(withOwn, kitchen, line.id, to, assessment.ledger.steamedOff);
  return (
    <View style={{ gap: 10 }}>
      <TextField
        label="Swap for"
        value={text}
        onChange={(next) => {
          setText(next);
          setChosen(null);
        }}
        placeholder="chicken mince"
        most={100}
        autoFocus
      />
      {found.length > 1 && (
        <Choices
          label={phrases.FROM_LARDER}
          value={to?.id ?? ''}
          options={found.map((i) => ({ value: i.id, label: i.name }))}
          onChange={(id) => setChosen(found.find((i) => i.id === id) ?? null)}
        />
      )}
      <Problem text={problem} />
      {text.trim() !== '' && reading !== null && found.length === 0 && (
        <Small role="status">{phrases.larderHasNone(text)}</Small>
      )}
      {swap && to && (
        <>
          <PairTable title={`With ${to.name.toLowerCase()}`} columns={['now', 'then']} rows={rowsOf(swap, kitchen)} />
          <Small>{allergenText(swap)}</Small>
          <Press
            title="Swap it"
            kind="solid"
            onPress={() => {
              const outcome = edit([...keep, ...swap.change], '', 'beside');
              answered(outcome);
              void outcome.then(({ ok }) => ok && onDone());
            }}
          />
          <Problem text={refusal} />
        </>
      )}
    </View>
  );
}

function rowsOf({ before, after }: Swap, kitchen: { temperature: 'C' | 'F' }) {
  const row = (name: string, figure: (c: Consequences) => string) => ({
    name,
    figures: [figure(before), figure(after)],
  });
  return [
    row(phrases.WATER_BROUGHT, (c) => formatNumber(c.waterG, 0)),
    row(phrases.LOOSE_LIQUID_PER100, (c) => formatNumber(c.freePer100, 1)),
    row(phrases.STILL_TAKES_PER100, (c) => formatNumber(c.dryPer100, 1)),
    row('Salt, %', (c) => formatNumber(c.saltPercent, 2)),
    row(phrases.FAT_PER100, (c) => formatNumber(c.fatPer100, 1)),
    {
      ...row('Core limit', (c) => formatTemperature(c.limitC, kitchen.temperature)),
      note:
        before.limitBecause === after.limitBecause
          ? after.limitBecause
          : `${before.limitBecause} → ${after.limitBecause}`,
    },
  ];
}

function allergenText({ gains, loses }: Swap): string {
  const parts = [
    gains.length > 0 ? phrases.bringsAllergens(gains) : '',
    loses.length > 0 ? phrases.losesAllergens(loses) : '',
  ].filter((part) => part !== '');
  return parts.length > 0 ? parts.join(' ') : phrases.SAME_ALLERGENS;
}
