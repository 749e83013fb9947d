import { lazy, Suspense } from 'react';

const Screen = lazy(() => import('@/screens/day/day-parts').then((m) => ({ default: m.SheetScreen })));

export default function Day() {
  return (
    <Suspense fallback={null}>
      <Screen />
    </Suspense>
  );
}
