/** Cool, loaded when it is first opened. Until then its room is kept, so that nothing jumps. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { Small } from '@/ui/parts/text';
import { Boundary } from '@/ui/shell/boundary';
import { type StationProps } from '../station-props';
import { type CoolPart } from './cool-parts';

const Parts = lazy(() => import('../later-parts').then((m) => ({ default: m.CoolParts })));

/** About as high as it will be, px. */
const ROOM: Record<CoolPart, number> = { section: 170, curve: 340, station: 400, aside: 600 };

export function Cool(props: StationProps & { part: CoolPart }) {
  return (
    <Boundary what="Cool">
      <Suspense
        fallback={
          <View style={{ minHeight: ROOM[props.part] }}>
            {props.part === 'station' && <Small>Fetching Cool …</Small>}
          </View>
        }
      >
        <Parts {...props} />
      </Suspense>
    </Boundary>
  );
}
