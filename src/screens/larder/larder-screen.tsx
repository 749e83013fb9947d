/** The Larder: what ingredients are made of, and what can be done to the wet ones. */
import { useState } from 'react';
import { View } from 'react-native';
import { CATALOGUE } from '@/core/food/catalogue';
import { type Ingredient } from '@/core/food/ingredient';
import { preparationsOf } from '@/core/food/preparations';
import { searchIngredients } from '@/core/food/search';
import { formatNumber } from '@/core/units/amount';
import { Rule } from '@/ui/parts/rule';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { usePalette } from '@/ui/theme/use-palette';

export function LarderScreen() {
  const [text, setText] = useState('');
  const shown =
    text.trim() === '' ? [...CATALOGUE].sort((a, b) => a.name.localeCompare(b.name)) : searchIngredients(text, 20);
  return (
    <PlaceScreen
      title="Larder"
      note={`${CATALOGUE.length} ingredients. Composition from national food tables; releases are house estimates.`}
    >
      <TextField label="Find" value={text} onChange={setText} placeholder="leek" most={100} />
      {shown.length === 0 && <Body role="status">Nothing is called “{text}”. Try another name for it.</Body>}
      <View role="list" aria-label="Ingredients">
        {shown.map((ingredient) => (
          <IngredientRow key={ingredient.id} ingredient={ingredient} />
        ))}
      </View>
    </PlaceScreen>
  );
}

function IngredientRow({ ingredient }: { ingredient: Ingredient }) {
  const p = usePalette();
  const { composition: c, salt, wetness } = ingredient;
  const figures = [
    ['water', c.water],
    ['protein', c.protein],
    ['fat', c.fat],
  ] as const;
  const wet = preparationsOf(wetness).filter((prep) => prep.release > 0);
  return (
    <View role="listitem">
      <Rule />
      <View style={{ paddingVertical: 10, gap: 6 }}>
        <Heading level={3}>{ingredient.name}</Heading>
        <View style={{ height: 6, backgroundColor: p.faint }}>
          <View style={{ height: 6, width: `${100 * c.water}%`, backgroundColor: p.steam }} />
        </View>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 14 }}>
          {figures.map(([name, fraction]) => (
            <Small key={name}>
              {name} <Strong style={{ fontSize: 14 }}>{formatNumber(100 * fraction)}</Strong>
            </Small>
          ))}
          <Small>
            salt <Strong style={{ fontSize: 14 }}>{formatNumber(salt)}</Strong>
          </Small>
          <Small>g per 100 g</Small>
        </View>
        {wet.length > 0 && (
          <Small>
            Lets go of, g per 100 g: {wet.map((prep) => `${prep.label} ${formatNumber(prep.release)}`).join(', ')}
          </Small>
        )}
        {ingredient.allergens.length > 0 && <Small>Allergens: {ingredient.allergens.join(', ')}</Small>}
      </View>
    </View>
  );
}
