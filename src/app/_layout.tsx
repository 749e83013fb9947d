import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { BoardWatch } from '@/screens/board-watch';
import { CookWatch } from '@/screens/cook-watch';
import { CoolingWatch } from '@/screens/cooling-watch';
import { DayWatch } from '@/screens/day-watch';
import { Boundary } from '@/ui/shell/boundary';
import { Root } from '@/ui/shell/root';
import { keepForOffline } from '@/data/offline';
import { whenIdle } from '@/data/when-idle';

export default function Layout() {
  useEffect(() => whenIdle(() => void keepForOffline()), []);
  useEffect(() => whenIdle(() => void import('@/screens/bench/drop-target').then((m) => m.listenForDrops())), []);
  return (
    <Root>
      <Boundary what="This page">
        <Slot />
      </Boundary>
      <Boundary what="The clocks">
        <CoolingWatch />
        <BoardWatch />
        <CookWatch />
        <DayWatch />
      </Boundary>
    </Root>
  );
}
