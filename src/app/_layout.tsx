import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { CoolingWatch } from '@/screens/cooling-watch';
import { Boundary } from '@/ui/shell/boundary';
import { Root } from '@/ui/shell/root';
import { whenIdle } from '@/ui/shell/when-idle';

/** Every part of the program is fetched while nobody waits for it: later the server may be gone. */
const fetchTheRest = () =>
  void Promise.allSettled([
    import('./index'),
    import('./batch/[id]/[station]'),
    import('./batch/[id]/card'),
    import('./begin'),
    import('./kitchen'),
    import('./larder'),
    import('./notebook'),
    import('@/ui/curve/curve'),
    import('@/data/tables'),
  ]);

export default function Layout() {
  useEffect(() => whenIdle(fetchTheRest), []);
  return (
    <Root>
      <Boundary what="This page">
        <Slot />
      </Boundary>
      <Boundary what="The clocks">
        <CoolingWatch />
      </Boundary>
    </Root>
  );
}
