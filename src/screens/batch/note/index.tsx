/** Note, loaded when it is first opened. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { Small } from '@/ui/parts/text';
import { Boundary } from '@/ui/shell/boundary';
import { type StationProps } from '../station-props';

const Station = lazy(() => import('./note-parts'));

export function Note(props: StationProps) {
  return (
    <Boundary what="Note">
      <Suspense
        fallback={
          <View style={{ minHeight: 900 }}>
            <Small>Fetching Note …</Small>
          </View>
        }
      >
        <Station {...props} />
      </Suspense>
    </Boundary>
  );
}
