/** Cool, loaded when it is first opened. Until then its room is kept, so that nothing jumps. */
import { lazy, Suspense } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { Small } from '@/ui/parts/text';
import { Boundary } from '@/ui/shell/boundary';
import { type StationProps } from '../station-props';
import { type CoolPart } from './cool-parts';
import { vesselHigh, WIDTH } from './vessel-size';

const Parts = lazy(() => import('./cool-parts'));

/** About as high as it will be, px; the vessel as its depth asks. */
const ROOM: Record<Exclude<CoolPart, 'section'>, number> = { curve: 353, station: 400, aside: 600 };
/** Paper beside what stands on a phone's screen, px. */
const MARGINS = 32;

function Room({ part, batch, assessment }: StationProps & { part: CoolPart }) {
  const { width } = useWindowDimensions();
  const { depthMm, covered } = batch.cool;
  const high = vesselHigh(assessment.heat?.cooling?.depthMm ?? depthMm, covered);
  const room = part === 'section' ? (Math.min(width, 460) - MARGINS) * (high / WIDTH) : ROOM[part];
  return <View style={{ minHeight: room }}>{part === 'station' && <Small>Fetching Cool …</Small>}</View>;
}

export function Cool(props: StationProps & { part: CoolPart }) {
  return (
    <Boundary what="Cool">
      <Suspense fallback={<Room {...props} />}>
        <Parts {...props} />
      </Suspense>
    </Boundary>
  );
}
