/** Wrap, loaded when it is first opened. Until then its room is kept, so that nothing jumps. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { Small } from '@/ui/parts/text';
import { Boundary } from '@/ui/shell/boundary';
import { type StationProps } from '../station-props';
import { type WrapPart } from './wrap-parts';

const Parts = lazy(() => import('./wrap-parts'));

/** About as high as it will be, px. */
const ROOM: Record<WrapPart, number> = { drawings: 250, scales: 150, station: 600, balance: 300 };

export function Wrap(props: StationProps & { part: WrapPart }) {
  return (
    <Boundary what="Wrap">
      <Suspense
        fallback={
          <View style={{ minHeight: ROOM[props.part] }}>
            {props.part === 'station' && <Small>Fetching Wrap …</Small>}
          </View>
        }
      >
        <Parts {...props} />
      </Suspense>
    </Boundary>
  );
}
