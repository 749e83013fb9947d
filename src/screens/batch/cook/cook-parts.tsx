/** Everything of Cook, loaded when it is first opened. */
import { type StationProps } from '../station-props';
import { CookStation } from './cook-station';
import { CurveAndReasons } from './core-curve';

export type CookPart = 'station' | 'curve';

export default function CookParts({ part, ...props }: StationProps & { part: CookPart }) {
  return part === 'station' ? <CookStation {...props} /> : <CurveAndReasons {...props} />;
}
