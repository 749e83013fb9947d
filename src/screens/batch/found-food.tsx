/** One of what a text may mean, with the amount and the preparation that it would go in with. */
import { Pressable, View } from 'react-native';
import { shownAmount } from '@/core/filling/shown-amount';
import { type Ingredient } from '@/core/food/ingredient';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Line } from '@/core/stored/schema';
import { preparation } from '@/core/vocabulary/releases';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

interface Props {
  ingredient: Ingredient;
  line: Line | null;
  kitchen: Kitchen;
  onAdd: () => void;
}

export function FoundFood({ ingredient, line, kitchen, onAdd }: Props) {
  const p = usePalette();
  if (line === null) return null;
  const amount = shownAmount(line, ingredient, kitchen);
  const prep = ingredient.release === 'dry' ? '' : preparation(ingredient.release, line.preparation).label;
  return (
    <View role="listitem">
      <Pressable
        role="button"
        aria-label={phrases.addFood(amount, ingredient.name)}
        onPress={onAdd}
        style={{
          minHeight: TOUCH,
          flexDirection: 'row',
          alignItems: 'center',
          gap: 10,
          borderBottomWidth: 1,
          borderBottomColor: p.rule,
        }}
      >
        <Body style={{ flex: 1 }}>
          {ingredient.name} <Small>{prep}</Small>
        </Body>
        <Strong>{amount}</Strong>
      </Pressable>
    </View>
  );
}
