import { useLocalSearchParams } from 'expo-router';
import { DebriefScreen } from '@/screens/batch/rehearsal/debrief-screen';

export default function Debrief() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <DebriefScreen id={id} />;
}
