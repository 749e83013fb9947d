/** The day on one sheet of paper: every step with its time, to be ticked. */
import { router } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { formatClock, formatMoment, weekdayOf } from '@/core/day/clock-words';
import { minuteOf } from '@/core/day/moments';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/document/day';
import { formatMinutes } from '@/core/units/format';
import { hereZone, useDayPlan } from '@/data/day-plan';
import { useNow } from '@/data/use-now';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { useUncover } from '@/ui/shell/uncover';
import { usePalette } from '@/ui/theme/use-palette';
import { useCurrentDay } from './use-current-day';

export function SheetScreen() {
  const day = useCurrentDay();
  return day ? <Sheet day={day} /> : null;
}

function Sheet({ day }: { day: Day }) {
  const p = usePalette();
  useUncover();
  const zone = hereZone();
  const minute = Math.floor(Date.parse(useNow(60_000)) / 60_000);
  const { plan } = useDayPlan(day, minute);
  const serve = minuteOf(day.serveAt);
  const hands = plan?.tasks.filter((t) => t.hasHands) ?? [];
  const running = plan?.tasks.filter((t) => !t.hasHands && t.kind !== 'heat') ?? [];
  return (
    <ScrollView
      role="main"
      style={{ flex: 1, backgroundColor: p.ground }}
      contentContainerStyle={{ padding: 18, gap: 12 }}
    >
      <View nativeID="not-printed" style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <IconPress icon="arrow-left" label="Back to the day" onPress={() => router.navigate('/day')} />
        <Press title="Print" kind="solid" icon="printer-outline" onPress={() => window.print()} />
      </View>
      <View nativeID="sheet" style={{ gap: 6, maxWidth: 760, width: '100%' }}>
        <Heading level={1}>{day.title}</Heading>
        <Small>
          {weekdayOf(serve, zone)} at {formatClock(serve, zone)}
        </Small>
        {hands.map((t) => {
          const beside = running.filter((r) => r.start === t.end || (r.start >= t.start && r.start < t.end));
          return (
            <View
              key={t.id}
              style={{ flexDirection: 'row', gap: 8, borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 2 }}
            >
              <View style={{ width: 12, height: 12, borderWidth: 1.5, borderColor: p.ink, marginTop: 4 }} />
              <Strong style={{ width: 96, fontSize: 13, lineHeight: 18 }}>{formatMoment(t.start, serve, zone)}</Strong>
              <View style={{ flex: 1 }}>
                <Body style={{ fontSize: 13, lineHeight: 18 }}>
                  {fullTitle(t)}
                  {t.how === '' ? '' : ` · ${t.how}`}
                </Body>
                {beside.map((r) => (
                  <Small key={r.id} style={{ fontSize: 12, lineHeight: 15 }}>
                    then {fullTitle(r)}, to {formatMoment(r.end, serve, zone)}
                  </Small>
                ))}
              </View>
              <Small style={{ fontSize: 12, lineHeight: 18 }}>{formatMinutes(t.end - t.start)}</Small>
            </View>
          );
        })}
        <Small style={{ fontSize: 12 }}>
          Minutes of work are estimates. Raw fillings are never tasted; a forecast makes nothing safe: only a
          thermometer reading does. Local codes come first.
        </Small>
      </View>
    </ScrollView>
  );
}
