import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense } from 'react';

const Screen = lazy(() => import('@/screens/batch/rehearsal/parts').then((m) => ({ default: m.RehearseScreen })));

export default function Rehearse() {
  const { of } = useLocalSearchParams<{ of?: string }>();
  return (
    <Suspense fallback={null}>
      <Screen of={of ?? null} />
    </Suspense>
  );
}
