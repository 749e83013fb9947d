/** What is always in the house: no shopping list asks for it. */
import { View } from 'react-native';
import { lookUp } from '@/core/food/larder';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { editKitchen } from '@/data/hooks';
import { Fold } from '@/ui/parts/fold';
import { IconPress } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import * as phrases from './words';

export function AtHome({ ids, own }: { ids: readonly string[]; own: readonly OwnIngredient[] }) {
  const named = ids.map((id) => ({ id, name: lookUp(own, id)?.name ?? id }));
  return (
    <Fold title={phrases.ALWAYS_AT_HOME} figure={named.map(({ name }) => name.toLowerCase()).join(', ')}>
      <Small>{phrases.NOT_ON_LIST}</Small>
      {named.map(({ id, name }) => (
        <View key={id} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>{name}</Body>
          <IconPress
            icon="close"
            label={phrases.isNotAtHome(name)}
            onPress={() =>
              void editKitchen({ do: 'setKitchen', to: { alwaysAtHome: ids.filter((one) => one !== id) } })
            }
          />
        </View>
      ))}
    </Fold>
  );
}
