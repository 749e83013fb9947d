/** Gives what it draws the width there is: already in the first picture, so that nothing below it moves. */
import { type ReactNode, useLayoutEffect, useRef, useState } from 'react';
import { View } from 'react-native';

/** On the web a view is an element, which knows its size before it is painted; elsewhere, and later, `onLayout` says it. */
const widthOf = (view: unknown): number =>
  typeof HTMLElement !== 'undefined' && view instanceof HTMLElement
    ? Math.round(view.getBoundingClientRect().width)
    : 0;

export function Measured({ children }: { children: (width: number) => ReactNode }) {
  const view = useRef<View>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => setWidth((so) => widthOf(view.current) || so), []);
  return (
    <View ref={view} onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}>
      {width > 0 && children(width)}
    </View>
  );
}
