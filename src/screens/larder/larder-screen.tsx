/** The Larder: what ingredients are made of, what can be done to the wet ones, and the cook's own. */
import { useState } from 'react';
import { View } from 'react-native';
import { CATALOGUE } from '@/core/food/catalogue';
import { type Ingredient } from '@/core/food/ingredient';
import { wholeLarder } from '@/core/food/larder';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { preparationsOf } from '@/core/food/preparations';
import { searchIngredients } from '@/core/food/search';
import { formatNumber } from '@/core/units/amount';
import { formatMinutes } from '@/core/units/format';
import { editKitchen, type Outcome, useKitchen } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { usePalette } from '@/ui/theme/use-palette';
import { HAZARD_WORDS } from '../words';
import { OwnIngredientForm } from './own-ingredient-form';

const MOST_FOUND = 20;
/** Shown at first; the rest is found by its name, or asked for. */
const FIRST = 24;

export function LarderScreen() {
  const { ingredients: own } = useKitchen();
  const [text, setText] = useState('');
  const [all, setAll] = useState(false);
  const [form, setForm] = useState<{ own: OwnIngredient | null } | null>(null);
  const everything = [...wholeLarder(own)].sort((a, b) => a.name.localeCompare(b.name));
  const found = text.trim() === '' ? everything : searchIngredients(text, MOST_FOUND, undefined, own);
  const shown = all || text.trim() !== '' ? found : found.slice(0, FIRST);
  const keep = async (kept: OwnIngredient): Promise<Outcome> => {
    const outcome = await editKitchen({ do: 'keepOwn', ingredient: kept }, 'beside');
    if (!outcome.ok) return outcome;
    setForm(null);
    setText(kept.name);
    say({ text: `“${kept.name}” is in your Larder.`, kind: 'done' });
    return outcome;
  };
  const remove = async (gone: OwnIngredient) => {
    if (!(await editKitchen({ do: 'dropOwn', id: gone.id })).ok) return;
    say({
      text: `“${gone.name}” is out of your Larder. Batches that use it keep it.`,
      kind: 'done',
      action: {
        label: 'Bring it back',
        run: async () => (await editKitchen({ do: 'keepOwn', ingredient: gone })).ok,
      },
    });
  };
  return (
    <PlaceScreen
      title="Larder"
      note={`${CATALOGUE.length} ingredients${own.length > 0 ? ` and ${own.length} of your own` : ''}. Composition from national food tables; releases and minutes are house estimates.`}
    >
      <TextField label="Find" value={text} onChange={setText} placeholder="leek" most={100} />
      {form ? (
        <OwnIngredientForm
          key={form.own?.id ?? 'new'}
          own={form.own}
          newId={() => `own-${newId().toLowerCase()}`}
          onKeep={keep}
          onClose={() => setForm(null)}
        />
      ) : (
        <View style={{ alignItems: 'flex-start' }}>
          <Press title="Add one of your own" icon="plus" onPress={() => setForm({ own: null })} />
        </View>
      )}
      {shown.length === 0 && <Body role="status">Nothing is called “{text}”. Try another name for it.</Body>}
      <View role="list" aria-label="Ingredients">
        {shown.map((ingredient) => {
          const mine = own.find((i) => i.id === ingredient.id);
          return (
            <IngredientRow
              key={ingredient.id}
              ingredient={ingredient}
              onChange={mine && (() => setForm({ own: mine }))}
              onRemove={mine && (() => void remove(mine))}
            />
          );
        })}
      </View>
      {shown.length < found.length && <Press title={`Show all ${found.length}`} onPress={() => setAll(true)} />}
    </PlaceScreen>
  );
}

interface RowProps {
  ingredient: Ingredient;
  /** For the cook's own. */
  onChange?: () => void;
  onRemove?: () => void;
}

function IngredientRow({ ingredient, onChange, onRemove }: RowProps) {
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
        <Heading level={3}>
          {ingredient.name}
          {onChange && <Small>{'  your own'}</Small>}
        </Heading>
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
          {ingredient.counts.piece !== undefined && <Small>one: {formatNumber(ingredient.counts.piece)} g</Small>}
        </View>
        {wet.length > 0 && (
          <View role="table" aria-label={`Preparations of ${ingredient.name}`}>
            {wet.map((prep) => (
              <View role="row" key={prep.id} style={{ flexDirection: 'row', gap: 8 }}>
                <Small role="cell" style={{ flex: 1, color: p.ink }}>
                  {prep.label}
                </Small>
                <Small role="cell">{minutesText(prep.handsOnMinutes + prep.waitMinutes)}</Small>
                <Small role="cell" style={{ minWidth: 120, textAlign: 'right' }}>
                  lets go of <Strong style={{ fontSize: 14 }}>{formatNumber(prep.release)}</Strong>
                </Small>
              </View>
            ))}
          </View>
        )}
        {ingredient.hazard !== 'none' && <Small>Raw: {HAZARD_WORDS[ingredient.hazard]}.</Small>}
        {ingredient.allergens.length > 0 && <Small>Allergens: {ingredient.allergens.join(', ')}</Small>}
        {onChange && onRemove && (
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Press title="Change" label={`Change ${ingredient.name}`} onPress={onChange} />
            <Press title="Remove" label={`Remove ${ingredient.name}`} onPress={onRemove} />
          </View>
        )}
      </View>
    </View>
  );
}

const minutesText = (minutes: number): string => (minutes === 0 ? '' : formatMinutes(minutes));
