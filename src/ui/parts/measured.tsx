/** Gives what it draws the width there is. */
import { type ReactNode, useState } from 'react';
import { View } from 'react-native';

export function Measured({ children }: { children: (width: number) => ReactNode }) {
  const [width, setWidth] = useState(0);
  return <View onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}>{width > 0 && children(width)}</View>;
}
