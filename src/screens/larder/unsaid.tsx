/** Ingredients of one's own whose hazard nobody has chosen: asked here, one tap each. */
import { View } from 'react-native';
import { HAZARD_IDS, HAZARDS } from '@/core/vocabulary/foods';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { editKitchen } from '@/data/hooks';
import { Choices } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

export function Unsaid({ own }: { own: readonly OwnIngredient[] }) {
  const p = usePalette();
  const unsaid = own.filter(({ hazard }) => hazard === 'unknown');
  if (unsaid.length === 0) return null;
  return (
    <View
      role="region"
      aria-label={phrases.WHAT_ARE_THESE}
      style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 12 }}
    >
      <Heading level={2}>{phrases.WHAT_ARE_THESE_RAW}</Heading>
      <Small>{phrases.STRICTEST_UNTIL_SAID}</Small>
      {unsaid.map((ingredient) => (
        <View key={ingredient.id} style={{ gap: 4 }}>
          <Body>{ingredient.name}</Body>
          <Choices
            label={phrases.rawIs(ingredient.name)}
            value="unknown"
            options={HAZARD_IDS.filter((value) => value !== 'unknown').map((value) => ({
              value,
              label: HAZARDS[value].label,
            }))}
            onChange={(hazard) => void editKitchen({ do: 'keepOwn', ingredient: { ...ingredient, hazard } })}
          />
        </View>
      ))}
    </View>
  );
}
