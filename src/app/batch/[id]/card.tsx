import { useLocalSearchParams } from 'expo-router';
import { CardScreen } from '@/screens/card/card-screen';

export default function Card() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <CardScreen key={id} id={id} />;
}
