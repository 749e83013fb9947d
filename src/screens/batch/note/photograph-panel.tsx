/** One photograph of what came out. It stays in this browser, beside the batch. */
import { useState } from 'react';
import { Image, View } from 'react-native';
import { pickPicture } from '@/data/files';
import { say } from '@/data/notices';
import { dropPhotograph, keepPhotograph, usePhotograph } from '@/data/photographs';
import { Fold } from '@/ui/parts/fold';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import * as phrases from './words';

const HIGH_PX = 260;

export function PhotographPanel({ batch }: Pick<StationProps, 'batch'>) {
  const { data } = usePhotograph(batch.id);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const photograph = async () => {
    setProblem(null);
    const file = await pickPicture();
    if (file === null) return;
    setBusy(true);
    setProblem(await keepPhotograph(batch.id, file));
    setBusy(false);
  };
  const remove = async () => {
    const back = await dropPhotograph(batch.id);
    say({
      text: phrases.PHOTOGRAPH_TAKEN,
      kind: 'done',
      action: { label: 'Undo', run: () => back().then(() => true) },
    });
  };
  return (
    <Fold title="Photograph" figure={data == null ? 'none yet' : ''} isOpenAtFirst={data != null}>
      {data != null && (
        <Image
          source={{ uri: data }}
          resizeMode="contain"
          aria-label={phrases.photographOf(batch.title)}
          style={{ width: '100%', height: HIGH_PX, maxWidth: 460 }}
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        <Press
          title={isBusy ? phrases.MAKING_SMALLER : data == null ? phrases.ADD_PHOTOGRAPH : 'Another photograph'}
          disabled={isBusy}
          onPress={() => void photograph()}
        />
        {data != null && <Press title={phrases.TAKE_IT_AWAY} kind="clear" onPress={() => void remove()} />}
      </View>
      <Problem text={problem} />
      {data == null && <Small>{phrases.KEPT_HERE_ONLY}</Small>}
    </Fold>
  );
}
