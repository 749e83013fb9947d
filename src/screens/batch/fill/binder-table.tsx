/** Binders side by side for this filling: dose, how it goes in, what it needs, what it does. One tap takes one. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { type BinderOption } from '@/core/filling/compare-binders';
import { freshId } from '@/core/batch/checks/moisture';
import { formatNumber } from '@/core/units/amount';
import { formatTemperature } from '@/core/units/format';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';

export function BinderTable({ batch, assessment, kitchen, edit }: StationProps) {
  const p = usePalette();
  const [open, setOpen] = useState(false);
  const { binders } = assessment;
  if (binders.length === 0) return null;
  if (!open) return <Press title={`Compare ${binders.length} binders`} onPress={() => setOpen(true)} />;
  const take = ({ binder, grams }: BinderOption) =>
    edit({
      do: 'addLine',
      line: {
        id: freshId(batch, binder.id),
        ingredientId: binder.ingredientId,
        amount: grams,
        unit: 'g',
        preparation: 'raw',
        weighed: 'ready',
        stage:
          assessment.panContentsG > 0 && binder.needsC !== null && binder.id !== 'egg'
            ? 'simmer'
            : batch.school === 'raw'
              ? 'raw-mix'
              : 'when-cool',
        note: binder.how,
      },
    });
  return (
    <View style={{ gap: 4 }}>
      <Heading level={3} soft>
        Binders for this filling
      </Heading>
      <Small>Each in the dose that brings the free liquid well into the band. Capacities are house estimates.</Small>
      {binders.map((option) => {
        const { binder, grams, spoons, per100, allergens } = option;
        const needs =
          binder.needsC === null ? 'needs no heat' : `needs ${formatTemperature(binder.needsC, kitchen.temperature)}`;
        const freezing = binder.weepsAfterFreezing ? 'weeps after freezing' : 'survives freezing';
        return (
          <Pressable
            key={binder.id}
            role="button"
            aria-label={`Take ${formatNumber(grams)} g ${binder.label}: ${spoons}, ${needs}, ${freezing}`}
            onPress={() => take(option)}
            style={{
              minHeight: TOUCH,
              borderTopWidth: 1,
              borderTopColor: p.rule,
              paddingVertical: 8,
              flexDirection: 'row',
              gap: 12,
            }}
          >
            <View style={{ flex: 1 }}>
              <Body>{binder.label}</Body>
              <Small>
                {binder.how}; {needs}; {freezing}
                {per100 >= 3 ? `; ${formatNumber(per100, 0)} % of the filling: it is tasted` : ''}
                {allergens.length > 0 ? `; ${allergens.join(', ')}` : ''}
              </Small>
            </View>
            <View style={{ alignItems: 'flex-end' }}>
              <Strong>{formatNumber(grams)} g</Strong>
              <Small>{spoons}</Small>
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}
