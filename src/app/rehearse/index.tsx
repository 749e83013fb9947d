import { useLocalSearchParams } from 'expo-router';
import { RehearseScreen } from '@/screens/batch/rehearsal/rehearse-screen';

export default function Rehearse() {
  const { of } = useLocalSearchParams<{ of?: string }>();
  return <RehearseScreen of={of ?? null} />;
}
