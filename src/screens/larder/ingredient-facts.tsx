/** What the larder says of an ingredient: what it is made of, what it weighs, its preparations side by side, its dose. */
import { View } from 'react-native';
import { HAZARDS } from '@/core/vocabulary/foods';
import { RELEASES } from '@/core/vocabulary/releases';
import { type Ingredient } from '@/core/food/ingredient';
import { formatNumber } from '@/core/units/amount';
import { formatMinutes } from '@/core/units/format';
import { Press, Toggles } from '@/ui/parts/press';
import { Heading, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const CUP_ML = 240;

/** For the cook's own. */
export interface IngredientActions {
  onChange?: () => void;
  onRemove?: () => void;
  /** Whether it is always in the house, and changing that. */
  isAtHome?: boolean;
  onAtHome?: () => void;
}

export function IngredientFacts(props: IngredientActions & { ingredient: Ingredient }) {
  const { ingredient, onChange, onRemove, isAtHome = false, onAtHome } = props;
  const p = usePalette();
  const { composition: c, salt, release } = ingredient;
  const figures = [
    ['water', c.water],
    ['protein', c.protein],
    ['fat', c.fat],
  ] as const;
  const wet = RELEASES[release].filter((prep) => prep.release > 0);
  const weighs = [
    ...Object.entries(ingredient.counts).map(([what, g]) => phrases.oneWeighs(what, g)),
    phrases.cupWeighs(ingredient.gPerMl, CUP_ML),
  ];
  const traits = [
    ingredient.isTender ? phrases.LOSES_SCENT : '',
    ingredient.isStrong ? phrases.STRONG_SPICE : '',
    ingredient.isLeavener ? phrases.MAKES_IT_RISE : '',
    ingredient.binder === undefined ? '' : 'Binds',
  ].filter((trait) => trait !== '');
  return (
    <View style={{ gap: 6 }}>
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
            {name} <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(100 * fraction)}</Strong>
          </Small>
        ))}
        <Small>
          salt <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(salt)}</Strong>
        </Small>
        <Small>{phrases.PER100}</Small>
      </View>
      {weighs.length > 0 && <Small>Weighs: {weighs.join('; ')}.</Small>}
      {wet.length > 0 && (
        <View role="table" aria-label={phrases.preparationsOf(ingredient.name)}>
          {wet.map((prep) => (
            <View role="row" key={prep.id} style={{ flexDirection: 'row', gap: 8 }}>
              <Small role="cell" style={{ flex: 1, color: p.ink }}>
                {prep.label}
              </Small>
              <Small role="cell">{minutesText(prep.handsOnMinutes + prep.waitMinutes)}</Small>
              <Small role="cell" style={{ minWidth: 120, textAlign: 'right' }}>
                {phrases.LETS_GO_OF}{' '}
                <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(prep.release)}</Strong>
              </Small>
            </View>
          ))}
        </View>
      )}
      {ingredient.dose !== null && <Small>{phrases.usualDose(ingredient.dose[0], ingredient.dose[1])}</Small>}
      {traits.length > 0 && <Small>{traits.join('; ')}.</Small>}
      {ingredient.hazard !== 'none' && <Small>Raw: {HAZARDS[ingredient.hazard].label}.</Small>}
      {ingredient.allergens.length > 0 && <Small>Allergens: {ingredient.allergens.join(', ')}</Small>}
      {onAtHome && (
        <Toggles
          label={phrases.atHome(ingredient.name)}
          values={isAtHome ? ['home'] : []}
          options={[{ value: 'home', label: phrases.ALWAYS_AT_HOME }]}
          onToggle={onAtHome}
        />
      )}
      {onChange && onRemove && (
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <Press title="Change" label={`Change ${ingredient.name}`} onPress={onChange} />
          <Press title="Remove" label={`Remove ${ingredient.name}`} onPress={onRemove} />
        </View>
      )}
    </View>
  );
}

const minutesText = (minutes: number): string => (minutes === 0 ? '' : formatMinutes(minutes));
