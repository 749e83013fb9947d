/** Readings of a load as they were taken: what each counts for, where it comes from, and how it is taken back. */
import { View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { readingsOfLoad } from '@/core/stored/cook-runs';
import { isPractice, sourceWords } from '@/core/vocabulary/sources';
import { isAtLeast } from '@/core/safety/threshold';
import { formatTemperature } from '@/core/units/format';
import { IconPress } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import * as phrases from './words';

export function ReadingList({ batch, assessment, kitchen, edit, load }: StationProps & { load: number }) {
  const p = usePalette();
  const { limit, cooked } = assessment;
  const readings = readingsOfLoad(batch.cook, load);
  const { left = [] } = cooked.find((l) => l.load === load) ?? {};
  const others = batch.cook.readings.length - readings.length;
  const isReal = !isRehearsal(batch.id);
  return (
    <View>
      {readings.map((reading, i) => {
        const why = left.find(
          ({ reading: r }) => r.at === reading.at && r.c === reading.c && r.parcel === reading.parcel,
        )?.why;
        const isLow = limit.kind === 'safety' && why === undefined && !isAtLeast(reading.c, limit.at);
        const shown = formatTemperature(reading.c, kitchen.temperature);
        return (
          <View
            key={reading.at + String(i)}
            style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderTopColor: p.rule }}
          >
            <View style={{ flex: 1, paddingVertical: 6 }}>
              <Body>{phrases.roundAndPiece(reading.round, reading.parcel)}</Body>
              {isReal && reading.source.by !== 'typed' && (
                <Small style={isPractice(reading.source) ? { color: p.beet } : undefined}>
                  {sourceWords(reading.source)}
                </Small>
              )}
              {why !== undefined && !isPractice(reading.source) && (
                <Small style={{ color: p.beet }}>{phrases.notCounted(why)}</Small>
              )}
            </View>
            <Strong style={{ color: why !== undefined ? p.soft : isLow ? p.beet : p.ink }}>{shown}</Strong>
            <IconPress
              icon="close"
              label={phrases.removeReading(shown)}
              onPress={() => void edit({ do: 'removeReading', reading })}
            />
          </View>
        );
      })}
      {others > 0 && <Small>{phrases.ofOtherLoads(others)}</Small>}
    </View>
  );
}
