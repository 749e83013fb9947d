/** Cool: how long it takes here, what would be quicker, when the deadline is, and how it is really going. */
import { View } from 'react-native';
import { RISE_THAT_MATTERS } from '@/core/cooling/fridge';
import { DANGER } from '@/core/safety/exposure';
import { formatDifference, formatTemperature } from '@/core/units/format';
import { Small } from '@/ui/parts/text';
import { useWide } from '@/ui/shell/use-wide';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { ClockPanel } from './clock-panel';
import { CoolingCurve } from './cooling-curve';
import { PlacePanel } from './place-panel';
import { ReadingsPanel } from './readings-panel';
import { VesselPanel } from './vessel-panel';
import { WaysFold, WaysList } from './ways-list';
import * as phrases from './words';

export function CoolStation(props: StationProps) {
  const p = usePalette();
  const wide = useWide();
  const forecast = props.assessment.heat?.cooling;
  if (!forecast) return <Small>{phrases.NOTHING_HOT}</Small>;
  return (
    <View style={{ gap: 18 }}>
      <ClockPanel {...props} forecast={forecast} />
      {forecast.fridgeRiseK >= RISE_THAT_MATTERS && (
        <Small style={{ borderLeftWidth: 3, borderLeftColor: p.turmeric, paddingLeft: 10, color: p.ink }}>
          {phrases.warmsFridge(
            formatDifference(forecast.fridgeRiseK, props.kitchen.temperature),
            formatTemperature(DANGER.toC, props.kitchen.temperature),
          )}
        </Small>
      )}
      <View>
        {!wide && <WaysFold {...props} forecast={forecast} />}
        <ReadingsPanel {...props} forecast={forecast} />
        <VesselPanel {...props} forecast={forecast} />
        <PlacePanel {...props} />
      </View>
    </View>
  );
}

/** The curve, and what would be quicker: on a wide screen they have a column of their own. */
export function CurveAndWays(props: StationProps) {
  const forecast = props.assessment.heat?.cooling;
  if (!forecast) return null;
  return (
    <View style={{ gap: 18 }}>
      <CoolingCurve {...props} />
      <WaysList {...props} forecast={forecast} />
    </View>
  );
}
