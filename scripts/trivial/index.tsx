/** The least that this stack can put on a screen: what any page of it costs before it does anything of its own. */
import AsyncStorage from '@react-native-async-storage/async-storage';
import Pressed from '@rneui/themed/dist/Button';
import { Text, View } from 'react-native';
import useSWR from 'swr';

export default function Trivial() {
  const { data, mutate } = useSWR('count', async () => Number((await AsyncStorage.getItem('count')) ?? 0));
  const more = async () => {
    await AsyncStorage.setItem('count', String((data ?? 0) + 1));
    await mutate();
  };
  return (
    <View>
      <Text role="heading">Trivial</Text>
      <Pressed title={`Pressed ${data ?? 0} times`} onPress={() => void more()} />
    </View>
  );
}
