/** The Larder on a wide screen: families in the first column, and beside them what one looks for in the one that is chosen. */
import { useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { FAMILIES } from '@/core/vocabulary/foods';
import { type Ingredient } from '@/core/food/ingredient';
import { formatNumber } from '@/core/units/amount';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type IngredientActions, IngredientFacts } from './ingredient-facts';

/** The list has its own scroll, so that what is chosen stays beside it. */
const LIST_PX = 560;

/** More are not listed at once. */
const MOST_AT_ONCE = 60;

interface HeadingProps {
  family: string;
  count: number;
  isOpen: boolean;
  onOpen?: () => void;
}

function FamilyHeading({ family, count, isOpen, onOpen }: HeadingProps) {
  const name = family[0].toUpperCase() + family.slice(1);
  if (onOpen === undefined)
    return (
      <Heading level={3} soft>
        {name}
      </Heading>
    );
  return (
    <Pressable
      role="button"
      aria-expanded={isOpen}
      aria-label={`${name}, ${count}`}
      onPress={onOpen}
      style={{ minHeight: 44, justifyContent: 'center' }}
    >
      <Heading level={3} soft>
        {name} {count}
      </Heading>
    </Pressable>
  );
}

interface Props {
  ingredients: readonly Ingredient[];
  actionsFor: (ingredient: Ingredient) => IngredientActions;
}

export function ByFamily({ ingredients, actionsFor }: Props) {
  const p = usePalette();
  const [chosenId, setChosenId] = useState<string | null>(null);
  /** Of a whole larder one family at a time is listed; of what was found all of it. */
  const [openFamily, setOpenFamily] = useState<string | null>(null);
  const isLong = ingredients.length > MOST_AT_ONCE;
  const families = FAMILIES.map((family) => ({
    family,
    members: ingredients.filter((i) => i.family === family),
  })).filter(({ members }) => members.length > 0);
  const chosen = ingredients.find((i) => i.id === chosenId) ?? families[0]?.members[0];
  if (!chosen) return null;
  return (
    <View style={{ flexDirection: 'row', gap: 32 }}>
      <ScrollView style={{ flex: 1, maxHeight: LIST_PX }} role="list" aria-label="Ingredients">
        {families.map(({ family, members }) => (
          <View key={family} style={{ paddingBottom: 14 }}>
            <FamilyHeading
              family={family}
              count={members.length}
              isOpen={!isLong || family === (openFamily ?? families[0].family)}
              onOpen={isLong ? () => setOpenFamily(family) : undefined}
            />
            {(isLong && family !== (openFamily ?? families[0].family) ? [] : members).map((ingredient) => {
              const isChosen = ingredient.id === chosen.id;
              return (
                <View role="listitem" key={ingredient.id}>
                  <Pressable
                    role="button"
                    aria-label={ingredient.name}
                    aria-pressed={isChosen}
                    onPress={() => setChosenId(ingredient.id)}
                    style={{
                      minHeight: 44,
                      flexDirection: 'row',
                      alignItems: 'center',
                      gap: 10,
                      paddingHorizontal: 10,
                      borderLeftWidth: 4,
                      borderLeftColor: isChosen ? p.beet : 'transparent',
                      borderTopWidth: 1,
                      borderTopColor: p.rule,
                    }}
                  >
                    {isChosen ? (
                      <Strong style={{ flex: 1 }}>{ingredient.name}</Strong>
                    ) : (
                      <Body style={{ flex: 1 }}>{ingredient.name}</Body>
                    )}
                    <View style={{ width: 90, height: 6, backgroundColor: p.faint }}>
                      <View
                        style={{
                          height: 6,
                          width: `${100 * ingredient.composition.water}%`,
                          backgroundColor: p.steam,
                        }}
                      />
                    </View>
                    <Small style={{ width: 74, textAlign: 'right' }}>
                      {formatNumber(100 * ingredient.composition.water, 0)} % water
                    </Small>
                  </Pressable>
                </View>
              );
            })}
          </View>
        ))}
      </ScrollView>
      <View role="region" aria-label={chosen.name} style={{ flex: 1 }}>
        <IngredientFacts ingredient={chosen} {...actionsFor(chosen)} />
      </View>
    </View>
  );
}
