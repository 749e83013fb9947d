import { useLocalSearchParams } from 'expo-router';
import { NowScreen } from '@/screens/now/now-screen';

export default function Now() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <NowScreen key={id} id={id} />;
}
