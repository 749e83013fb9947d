import { useLocalSearchParams } from 'expo-router';
import { NowScreen } from '@/screens/day/now/now-screen';

export default function Now() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <NowScreen key={id} id={id} />;
}
