/** What can be looked at, tasted, weighed and counted here; what it said last stands beneath. */
import { useState } from 'react';
import { View } from 'react-native';
import { LOOK_IDS, LOOKS, type Look } from '@/core/vocabulary/rehearsals';
import { messageOf } from '@/data/hooks';
import { say } from '@/data/notices';
import { lookAt, setHands, useRehearsal } from '@/data/rehearsals';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type Station } from '../../stations';
import { clockTime } from '../../clock-time';
import * as phrases from './words';

/** So many of the last answers are shown. */
const SHOWN = 4;

export function RehearsalLooks({ id, station }: { id: string; station: Station }) {
  const p = usePalette();
  const { data } = useRehearsal(id);
  const [isBusy, setBusy] = useState(false);
  const here = LOOK_IDS.filter((what) => LOOKS[what].station === station);
  if (!data) return null;
  const latest = data.looks.filter(({ what }) => LOOKS[what].station === station).slice(-SHOWN);
  const doLook = async (what: Look) => {
    setBusy(true);
    try {
      await lookAt(id, what, LOOKS[what].minutes);
    } catch (error) {
      say({ text: phrases.notLooked(messageOf(error)), kind: 'problem' });
    } finally {
      setBusy(false);
    }
  };
  return (
    <View
      role="region"
      aria-label={phrases.LOOK_FOR_YOURSELF}
      style={{ borderLeftWidth: 6, borderLeftColor: p.steam, paddingLeft: 12, gap: 8 }}
    >
      <Heading level={2}>{phrases.LOOK_FOR_YOURSELF}</Heading>
      {station === 'wrap' && data.endedAt === null && (
        <Choices
          label="Portions"
          value={data.hands}
          options={[
            { value: 'spoon', label: phrases.WITH_SPOON },
            { value: 'scale', label: phrases.EACH_ON_SCALE },
          ]}
          onChange={(hands) =>
            void setHands(id, hands).catch((error: unknown) => say({ text: messageOf(error), kind: 'problem' }))
          }
        />
      )}
      {data.endedAt === null && (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {here.map((what) => (
            <Press key={what} title={LOOKS[what].label} disabled={isBusy} onPress={() => void doLook(what)} />
          ))}
        </View>
      )}
      {latest.length === 0 && <Small>{phrases.LOOK_TAKES_MINUTES}</Small>}
      <View role="log" aria-label={phrases.WHAT_IT_SAID} style={{ gap: 4 }}>
        {latest.map((one, i) => (
          <Body key={`${one.at} ${i}`}>
            {clockTime(one.at)} {one.said}
          </Body>
        ))}
      </View>
    </View>
  );
}
