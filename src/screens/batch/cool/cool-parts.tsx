/** Everything of Cool, loaded when it is first opened. */
import { type StationProps } from '../station-props';
import { CoolStation, CurveAndWays } from './cool-station';
import { CoolingCurve } from './cooling-curve';
import { VesselSection } from './vessel-panel';

export type CoolPart = 'section' | 'curve' | 'station' | 'aside';

export default function CoolParts({ part, ...props }: StationProps & { part: CoolPart }) {
  if (part === 'section') return <VesselSection {...props} />;
  if (part === 'curve') return <CoolingCurve {...props} />;
  return part === 'station' ? <CoolStation {...props} /> : <CurveAndWays {...props} />;
}
