/** The curve, loaded when first needed. Until then its room is kept, so that nothing jumps. */
import { lazy, Suspense, useState } from 'react';
import { type LayoutChangeEvent, View } from 'react-native';
import { Small } from '../parts/text';
import { Boundary } from '../shell/boundary';
import { type CurveProps } from './curve-props';
import { CURVE_COMES } from './words';

const Drawn = lazy(() => import('./charts').then((m) => ({ default: m.Curve })));

/** Heading, legend and scales about a curve, px. */
const ROUND_IT = 62;

/** Keeps a curve's room, with its heading, while what it shows is being worked out. */
export const CurveRoom = ({ height }: { height: number }) => <View style={{ minHeight: height + ROUND_IT }} />;

/** A curve as wide as its place. */
export function Curve(props: Omit<CurveProps, 'width'>) {
  const [width, setWidth] = useState(0);
  const measure = (event: LayoutChangeEvent) => setWidth(Math.round(event.nativeEvent.layout.width));
  return (
    <View onLayout={measure} style={{ minHeight: props.height }}>
      {width > 0 && (
        <Boundary what="The curve">
          <Suspense fallback={<Small>{CURVE_COMES}</Small>}>
            <Drawn {...props} width={width} />
          </Suspense>
        </Boundary>
      )}
    </View>
  );
}
