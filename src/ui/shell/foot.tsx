/**
 * The foot of a phone’s screen, where a thumb reaches: the one thing that most come to a screen to do is drawn there, wherever
 * it belongs on the page. On a wide screen it stands in its place.
 */
import { createContext, type ReactNode, useContext, useState } from 'react';
import { createPortal } from 'react-dom';
import { View } from 'react-native';
import { usePalette } from '../theme/use-palette';
import { useWide } from './use-wide';

const Foot = createContext<HTMLElement | null>(null);

/** A screen with a foot. @param children gets the foot, to be placed above the bar */
export function WithFoot({ children }: { children: (foot: ReactNode) => ReactNode }) {
  const p = usePalette();
  const wide = useWide();
  const [at, setAt] = useState<HTMLElement | null>(null);
  const foot = wide ? null : (
    <View
      nativeID="foot"
      // On the web a View is an element of the page.
      ref={(view) => setAt(view as unknown as HTMLElement | null)}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        justifyContent: 'flex-end',
        alignItems: 'center',
        gap: 8,
        paddingHorizontal: 16,
        backgroundColor: p.ground,
      }}
    />
  );
  return <Foot.Provider value={wide ? null : at}>{children(foot)}</Foot.Provider>;
}

/** What is drawn at the foot of a phone’s screen, else where it stands. */
export function InFoot({ children }: { children: ReactNode }) {
  const foot = useContext(Foot);
  return foot === null ? children : createPortal(<View style={{ paddingVertical: 6 }}>{children}</View>, foot);
}
