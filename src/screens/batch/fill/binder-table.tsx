/** Binders side by side for this filling: dose, how it goes in, what it needs, what it does. One tap takes one. */
import { Pressable, View } from 'react-native';
import { type BinderOption } from '@/core/filling/compare-binders';
import { chooseBinder } from '@/core/filling/choose-binder';
import { ingredientById } from '@/core/food/catalogue';
import { formatNumber } from '@/core/units/amount';
import { formatTemperature } from '@/core/units/format';
import { Fold } from '@/ui/parts/fold';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import * as phrases from './words';

/** From this share on a binder is tasted, g in 100 g. House estimate. */
const TASTED = 3;

export function BinderTable({ batch, assessment, kitchen, edit }: StationProps) {
  const p = usePalette();
  const { binders } = assessment;
  if (binders.length === 0) return null;
  const hasPan = assessment.panContentsG > 0;
  const taken = new Set(batch.lines.map((l) => l.ingredientId));
  const isBySpoon = kitchen.amounts === 'spoons';
  return (
    <Fold title="Binders" figure={phrases.thatWouldHold(binders.length)}>
      <Small>{phrases.DOSES_EACH}</Small>
      {binders.map((option) => {
        const needs =
          option.needsC === null
            ? phrases.NEEDS_NO_HEAT
            : `needs ${formatTemperature(option.needsC, kitchen.temperature)}`;
        const grams = `${formatNumber(option.grams)} g`;
        const freezing = option.weepsAfterFreezing ? phrases.WEEPS_AFTER_FREEZING : 'survives freezing';
        return (
          <Pressable
            key={option.id}
            role="button"
            aria-label={phrases.takeBinder(option.grams, option.label, option.spoons, needs, freezing)}
            onPress={() => edit(chooseBinder(batch, option, hasPan))}
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
              <Strong>{option.label}</Strong>
              {option.parts.length > 1 && <Body style={{ fontSize: 15, lineHeight: 20 }}>{partsText(option)}</Body>}
              <Small>
                {option.taste}
                {option.per100 >= TASTED ? phrases.shareOfFilling(option.per100) : ''}
              </Small>
              <Small>{option.how}</Small>
              <Small>
                {phrases.binderTraits(
                  needs,
                  freezing,
                  option.allergens,
                  option.parts.some((part) => taken.has(part.ingredientId)),
                )}
              </Small>
            </View>
            <View style={{ alignItems: 'flex-end' }}>
              <Strong>{isBySpoon ? option.spoons : grams}</Strong>
              <Small>{isBySpoon ? grams : option.spoons}</Small>
            </View>
          </Pressable>
        );
      })}
    </Fold>
  );
}

/** `12 g flour, 12 g butter, 93 g milk` */
const partsText = ({ parts }: BinderOption): string =>
  parts
    .map(({ ingredientId, grams }) =>
      phrases.gramsOfIngredient(grams, ingredientById(ingredientId)?.name, ingredientId),
    )
    .join(', ');
