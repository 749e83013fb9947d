/** Building a batch begins with a picture that is tapped. */
import { useMemo } from 'react';
import { View } from 'react-native';
import { build } from '@/core/wrapper/build';
import { EVERYDAY, EVERYDAY_IDS, type EverydayId } from '@/core/wrapper/everyday';
import { Heading } from '@/ui/parts/text';
import { PictureChoice, PLACE } from './picture-choice';
import * as phrases from './words';

/** Places without a picture, so that the last row's are as wide as the others; as many as ever lie side by side. */
const FILLERS = [0, 1, 2, 3, 4, 5, 6, 7];

export function BuildOne({ onChoose }: { onChoose: (thing: EverydayId) => void }) {
  const wraps = useMemo(
    () =>
      EVERYDAY_IDS.map((thing) => ({
        thing,
        wrap: build({
          id: '',
          thing,
          dough: null,
          way: null,
          school: null,
          howMany: { by: 'count', count: 1 },
          title: '',
          at: '',
        }).wrap,
      })),
    [],
  );
  return (
    <View style={{ gap: 10 }}>
      <Heading level={2}>{phrases.WHAT_ARE_YOU_MAKING}</Heading>
      <View
        role="list"
        aria-label={phrases.WHAT_ARE_YOU_MAKING}
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {wraps.map(({ thing, wrap }) => (
          <PictureChoice key={thing} thing={thing} {...EVERYDAY[thing]} wrap={wrap} onChoose={onChoose} />
        ))}
        {FILLERS.map((i) => (
          <View key={i} role="presentation" style={PLACE} />
        ))}
      </View>
    </View>
  );
}
