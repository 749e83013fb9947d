/** Cook, loaded when it is first opened. Until then its room is kept, so that nothing jumps. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { Small } from '@/ui/parts/text';
import { Boundary } from '@/ui/shell/boundary';
import { type StationProps } from '../station-props';
import { type CookPart } from './cook-parts';

const Parts = lazy(() => import('./cook-parts'));

/** About as high as it will be, px. */
const ROOM: Record<CookPart, number> = { station: 900, curve: 440 };

export function Cook(props: StationProps & { part: CookPart }) {
  return (
    <Boundary what="Cook">
      <Suspense
        fallback={
          <View style={{ minHeight: ROOM[props.part] }}>
            {props.part === 'station' && <Small>Fetching Cook …</Small>}
          </View>
        }
      >
        <Parts {...props} />
      </Suspense>
    </Boundary>
  );
}
