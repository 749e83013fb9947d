/** What an alarm promises, and no more: a page that is closed cannot ring. A phone's calendar can. */
import { View } from 'react-native';
import { saveAlarms, useRunningAlarms } from '@/data/alarms-file';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import * as phrases from './words';

/** @param what the clock does: `Tells you when to turn and measure.` */
export function AlarmWords({ what }: { what: string }) {
  return <Small>{phrases.keepPageOpen(what)}</Small>;
}

/** One file with an alarm for every clock that runs. */
export function AlarmFile() {
  const alarms = useRunningAlarms();
  if (alarms.length === 0) return null;
  return (
    <View style={{ gap: 4, alignItems: 'flex-start' }}>
      <Small>{phrases.KEEP_OPEN_OR_CALENDAR}</Small>
      <Press
        title={phrases.alarmsForCalendar(alarms.length)}
        icon="tray-arrow-down"
        onPress={() => void saveAlarms(alarms)}
      />
    </View>
  );
}
