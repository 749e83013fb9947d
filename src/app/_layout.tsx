import { Slot } from 'expo-router';
import { lazy, Suspense, useEffect } from 'react';
import { keepForOffline } from '@/data/offline';
import { useSomethingRuns } from '@/data/something-runs';
import { takeInScreens } from '@/data/take-in';
import { whenIdle } from '@/data/when-idle';
import { Boundary } from '@/ui/shell/boundary';
import { Root } from '@/ui/shell/root';

const Watches = lazy(() => import('@/screens/watches'));

/** Shows nothing; what it watches is no part of the first picture. */
function Clocks() {
  const runs = useSomethingRuns();
  return (
    <Boundary what="The clocks">
      <Suspense fallback={null}>{runs && <Watches />}</Suspense>
    </Boundary>
  );
}

export default function Layout() {
  useEffect(() => whenIdle(() => void keepForOffline().then(takeInScreens)), []);
  useEffect(() => whenIdle(() => void import('@/screens/bench/drop-target').then((m) => m.listenForDrops())), []);
  return (
    <Root>
      <Boundary what="This page">
        <Slot />
      </Boundary>
      <Clocks />
    </Root>
  );
}
