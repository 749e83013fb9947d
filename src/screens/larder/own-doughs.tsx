/** Doughs of the cook's own: kept from a batch, offered in every other one. */
import { View } from 'react-native';
import { type OwnDough } from '@/core/stored/own-dough-schema';
import { DOUGHS } from '@/core/vocabulary/doughs';
import { ingredientById } from '@/core/food/catalogue';
import { formatNumber } from '@/core/units/amount';
import { editKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { IconPress } from '@/ui/parts/press';
import { Heading, Small, Strong } from '@/ui/parts/text';
import * as phrases from './words';

export function OwnDoughs({ doughs }: { doughs: readonly OwnDough[] }) {
  if (doughs.length === 0) return null;
  const remove = async (gone: OwnDough) => {
    if (!(await editKitchen({ do: 'dropDough', id: gone.id })).ok) return;
    say({
      text: phrases.isOutOfLarder(gone.name),
      kind: 'done',
      action: {
        label: phrases.BRING_IT_BACK,
        run: async () => (await editKitchen({ do: 'keepDough', dough: gone })).ok,
      },
    });
  };
  return (
    <View style={{ gap: 6 }}>
      <Heading level={2}>{phrases.OWN_DOUGHS}</Heading>
      {doughs.map((own) => (
        <View key={own.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <Strong>{own.name}</Strong>
            <Small>
              {phrases.doughInWords(
                own.parts
                  .flatMap(({ formula }) => formula)
                  .map(
                    (l) =>
                      `${(ingredientById(l.ingredientId)?.name ?? l.ingredientId).toLowerCase()} ${formatNumber(l.percent, 1)}`,
                  ),
                DOUGHS[own.like].label,
              )}
            </Small>
          </View>
          <IconPress icon="close" label={phrases.takeOutOfLarder(own.name)} onPress={() => void remove(own)} />
        </View>
      ))}
    </View>
  );
}
