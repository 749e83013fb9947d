import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense } from 'react';

const Screen = lazy(() => import('@/screens/batch/rehearsal/parts').then((m) => ({ default: m.DebriefScreen })));

export default function Debrief() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <Suspense fallback={null}>
      <Screen id={id} />
    </Suspense>
  );
}
