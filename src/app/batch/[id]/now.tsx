import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense } from 'react';

const Screen = lazy(() => import('@/screens/day/day-parts').then((m) => ({ default: m.NowScreen })));

export default function Now() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <Suspense fallback={null}>
      <Screen key={id} id={id} />
    </Suspense>
  );
}
