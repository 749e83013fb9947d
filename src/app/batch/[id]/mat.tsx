import { useLocalSearchParams } from 'expo-router';
import { MatScreen } from '@/screens/mat/mat-screen';

export default function Mat() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <MatScreen key={id} id={id} />;
}
