/** The five checks as rows, on a wide screen: from anywhere the cook sees where the trouble is. */
import { Pressable, View } from 'react-native';
import { type Check } from '@/core/checks/check';
import { Disc, SIGN_WORD, signOf } from '@/ui/parts/disc';
import { Rule } from '@/ui/parts/rule';
import { Sentence, Strong } from '@/ui/parts/text';
import { type Station, stationOf } from '../stations';
import * as phrases from './words';

export function CheckList({ checks, onGo }: { checks: readonly Check[]; onGo: (station: Station) => void }) {
  return (
    <View>
      {checks.map((check) => (
        <View key={check.id}>
          <Rule />
          <Pressable
            role="button"
            aria-label={phrases.checkInWords(
              check.headline,
              SIGN_WORD[signOf(check)],
              check.sentence.replace(/\*/g, ''),
            )}
            onPress={() => onGo(stationOf(check.id))}
            style={{ flexDirection: 'row', gap: 12, paddingVertical: 11 }}
          >
            <View style={{ paddingTop: 2 }}>
              <Disc sign={signOf(check)} />
            </View>
            <View style={{ flex: 1 }}>
              <Strong style={{ fontSize: 16 }}>{check.headline}</Strong>
              <Sentence soft text={check.sentence} style={{ fontSize: 14, lineHeight: 19 }} />
            </View>
          </Pressable>
        </View>
      ))}
      <Rule />
    </View>
  );
}
