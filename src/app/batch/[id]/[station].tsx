import { useLocalSearchParams } from 'expo-router';
import { BatchScreen } from '@/screens/batch/batch-screen';

export default function Batch() {
  const { id, station } = useLocalSearchParams<{ id: string; station: string }>();
  return <BatchScreen key={id} id={id} station={station} />;
}
