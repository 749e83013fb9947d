/** For whom it was, and who liked it. */
import { View } from 'react-native';
import { MOST } from '@/core/vocabulary/limits';
import { type Liking, LIKING_IDS, LIKINGS } from '@/core/vocabulary/outcomes';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { type StationProps } from '../station-props';
import * as phrases from './words';

export function TastersPanel({ batch, edit }: Pick<StationProps, 'batch' | 'edit'>) {
  const { forWhom, tasters } = batch.note;
  const { value: who, type, handedOver } = useHandedOver('');
  const keep = (next: typeof tasters) => edit({ do: 'setNote', to: { tasters: next } });
  const add = () => {
    const name = who.trim();
    if (name === '' || tasters.some((t) => t.who === name)) return;
    handedOver(keep([...tasters, { who: name, liked: 'liked' }]));
  };
  return (
    <Fold
      title={phrases.WHO_ATE_IT}
      figure={forWhom === '' ? `${tasters.length === 0 ? '' : tasters.length}` : forWhom}
    >
      <TextField
        label="For whom"
        value={forWhom}
        most={MOST.title}
        onChange={(text) => edit({ do: 'setNote', to: { forWhom: text } }, 'forWhom')}
      />
      {tasters.map((taster) => (
        <View key={taster.who} style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <Choices<Liking>
              label={taster.who}
              value={taster.liked}
              options={LIKING_IDS.map((value) => ({ value, label: LIKINGS[value].label }))}
              onChange={(liked) => void keep(tasters.map((t) => (t === taster ? { ...t, liked } : t)))}
            />
          </View>
          <IconPress
            icon="close"
            label={phrases.didNotEat(taster.who)}
            onPress={() => void keep(tasters.filter((t) => t !== taster))}
          />
        </View>
      ))}
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <TextField label="Somebody else" value={who} most={MOST.helperName} onChange={type} />
        </View>
        <Press title="Add" disabled={who.trim() === ''} onPress={add} />
      </View>
    </Fold>
  );
}
