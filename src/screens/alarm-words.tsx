/** What an alarm promises, and no more: a page that is closed cannot ring. A phone's calendar can. */
import { View } from 'react-native';
import { saveAlarms, useRunningAlarms } from '@/data/alarms-file';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';

/** @param what the clock does: `Tells you when to turn and measure.` */
export function AlarmWords({ what }: { what: string }) {
  return <Small>{what} Keep this page open: it can’t ring once closed.</Small>;
}

/** One file with an alarm for every clock that runs. */
export function AlarmFile() {
  const alarms = useRunningAlarms();
  if (alarms.length === 0) return null;
  return (
    <View style={{ gap: 4, alignItems: 'flex-start' }}>
      <Small>Keep this page open, or put the alarms into your phone’s calendar.</Small>
      <Press
        title={`${alarms.length} ${alarms.length === 1 ? 'alarm' : 'alarms'} for the calendar`}
        icon="tray-arrow-down"
        onPress={() => void saveAlarms(alarms)}
      />
    </View>
  );
}
