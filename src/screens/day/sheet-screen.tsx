/** The day on one sheet of paper: every step with its time, to be ticked. */
import { router } from 'expo-router';
import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { minuteOf } from '@/core/day/moments';
import { sheetFit, sheetRows } from '@/core/print/sheet';
import { type Day } from '@/core/stored/day';
import { hereZone, useDayPlan } from '@/data/day-plan';
import { shownHours } from '@/data/shown-hours';
import { useNow } from '@/data/use-now';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { useUncover } from '@/ui/shell/uncover';
import { usePalette } from '@/ui/theme/use-palette';
import { useCurrentDay } from './use-current-day';
import { formatClock } from './day-clock';
import * as phrases from './words';

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
  const rows = sheetRows(plan?.tasks ?? [], serve, zone, shownHours());
  const fit = sheetFit(rows);
  useEffect(() => {
    const { style } = document.documentElement;
    style.setProperty('--sheet-fit', String(fit));
    return () => void style.removeProperty('--sheet-fit');
  }, [fit]);
  return (
    <ScrollView
      role="main"
      style={{ flex: 1, backgroundColor: p.ground }}
      contentContainerStyle={{ padding: 18, gap: 12 }}
    >
      <View nativeID="not-printed" style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <IconPress icon="arrow-left" label={phrases.BACK_TO_THE_DAY} onPress={() => router.navigate('/day')} />
        <Press title="Print" kind="solid" icon="printer-outline" onPress={() => window.print()} />
      </View>
      <View nativeID="sheet" style={{ gap: 2, maxWidth: 760, width: '100%' }}>
        <Heading level={1}>{day.title}</Heading>
        <Small>{phrases.weekdayAt(serve, zone, formatClock(serve, zone))}</Small>
        {rows.map((row) => (
          <View
            key={row.id}
            style={{ flexDirection: 'row', gap: 8, borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 1 }}
          >
            <View style={{ width: 12, height: 12, borderWidth: 1.5, borderColor: p.ink, marginTop: 3 }} />
            <Strong style={{ width: 96, fontSize: 13, lineHeight: 18 }}>{row.at}</Strong>
            <Body style={{ flex: 1, fontSize: 13, lineHeight: 18 }}>
              <Strong style={{ fontSize: 13, lineHeight: 18 }}>{row.what}</Strong>
              {row.how === '' ? '' : ` · ${row.how}`}
              {row.then === '' ? '' : `. Then ${row.then}.`}
              {row.warning !== '' && (
                <Strong style={{ fontSize: 13, lineHeight: 18, color: p.beet }}>{` ! ${row.warning}`}</Strong>
              )}
            </Body>
          </View>
        ))}
        <Small style={{ fontSize: 12 }}>{phrases.SHEET_CAUTIONS}</Small>
      </View>
    </ScrollView>
  );
}
