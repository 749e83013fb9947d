/** What goes with a day: the shopping list, the sheet on paper, a calendar's file, a file for another phone. */
import { router } from 'expo-router';
import { View } from 'react-native';
import { calendarOf } from '@/core/day/calendar';
import { type DayPlan } from '@/core/day/day-plan';
import { type Day } from '@/core/stored/day';
import { exportDay } from '@/data/day-files';
import { download, fileName } from '@/data/files';
import { now, useBatches } from '@/data/hooks';
import { Press } from '@/ui/parts/press';
import { Heading } from '@/ui/parts/text';
import { DayImport } from './day-import';
import * as phrases from './words';

export function DayFiles({
  day,
  plan,
  onOpened,
}: {
  day: Day;
  plan: DayPlan | null;
  onOpened: (dayId: string) => void;
}) {
  const { data } = useBatches();
  const saveCalendar = () => {
    if (plan === null) return;
    const text = calendarOf(plan, { dayId: day.id, title: day.title, madeAt: now() });
    download(fileName(day.title).replace(/\.json$/, '.ics'), text, 'text/calendar');
  };
  const save = () =>
    exportDay(day, data?.batches.filter((b) => day.batches.some((made) => made.batchId === b.id)) ?? []);
  return (
    <View style={{ gap: 10 }}>
      <Heading level={2}>Before it</Heading>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Press title="Shopping list" onPress={() => router.navigate('/day/shopping')} />
        <Press title={phrases.SHEET_FOR_WALL} icon="printer-outline" onPress={() => router.navigate('/day/sheet')} />
        <Press title="Calendar file" icon="tray-arrow-down" disabled={plan === null} onPress={saveCalendar} />
        <Press title={phrases.FILE_FOR_PHONE} icon="tray-arrow-down" onPress={save} />
        <DayImport onOpened={onOpened} />
      </View>
    </View>
  );
}
