/** The stations, which are the row of checks: each carries its discs and its key figure. */
import { Pressable, View } from 'react-native';
import { type Assessment } from '@/core/checks/judgement';
import { Disc, SIGN_WORD, signOf } from '@/ui/parts/disc';
import { Body, Small, Strong } from '@/ui/parts/text';
import { barItem, useTextSize } from '@/ui/theme/text-size';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type Station, STATION_IDS, STATIONS } from '../stations';

interface Props {
  here: Station;
  /** Null before the batch is judged. */
  assessment: Assessment | null;
  onGo: (station: Station) => void;
}

/** The bar at the bottom of a phone. */
export function StationBar({ here, assessment, onGo }: Props) {
  const p = usePalette();
  const times = useTextSize();
  return (
    <View
      role="navigation"
      aria-label="Stations"
      style={{ flexDirection: 'row', borderTopWidth: 1.5, borderTopColor: p.ink, backgroundColor: p.paper }}
    >
      {STATION_IDS.map((station, i) => {
        const checks = assessment ? STATIONS[station].checks.map((id) => assessment.checks[id]) : [];
        const on = station === here;
        const figure = STATIONS[station].showsFigure ? (checks[0]?.figure ?? '') : '';
        return (
          <Pressable
            key={station}
            role="link"
            aria-current={on ? 'page' : undefined}
            aria-label={[STATIONS[station].label, ...checks.map((c) => `${c.headline}, ${SIGN_WORD[signOf(c)]}`)].join(
              '; ',
            )}
            onPress={() => onGo(station)}
            style={{
              paddingHorizontal: 4,
              ...barItem(times),
              minHeight: 70,
              paddingTop: 6,
              paddingBottom: 10,
              borderTopWidth: 5,
              borderTopColor: on ? p.beet : 'transparent',
              borderLeftWidth: i === 0 ? 0 : 1,
              borderLeftColor: p.rule,
              backgroundColor: on ? p.ground : p.paper,
            }}
          >
            {on ? <Strong>{STATIONS[station].label}</Strong> : <Body>{STATIONS[station].label}</Body>}
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: 3, minHeight: 20 }}>
              {checks.map((check) => (
                <Disc key={check.id} sign={signOf(check)} size={14} />
              ))}
              <Small numberOfLines={1} style={{ fontSize: 11.5, flexShrink: 1 }}>
                {figure}
              </Small>
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}

/** The stations on the rail of a wide screen, with their keys. */
export function StationRail({ here, onGo }: Omit<Props, 'assessment'>) {
  const p = usePalette();
  return (
    <View role="group" aria-label="Stations">
      {STATION_IDS.map((station, i) => (
        <Pressable
          key={station}
          role="link"
          aria-current={station === here ? 'page' : undefined}
          aria-label={STATIONS[station].label}
          onPress={() => onGo(station)}
          style={{
            minHeight: TOUCH - 4,
            flexDirection: 'row',
            justifyContent: 'space-between',
            paddingLeft: 36,
            paddingRight: 22,
            alignItems: 'center',
          }}
        >
          <View style={{ borderBottomWidth: 2, borderBottomColor: station === here ? p.beet : 'transparent' }}>
            {station === here ? <Strong>{STATIONS[station].label}</Strong> : <Body>{STATIONS[station].label}</Body>}
          </View>
          <Small aria-hidden>{i + 1}</Small>
        </Pressable>
      ))}
    </View>
  );
}
