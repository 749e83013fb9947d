/** An address that leads nowhere, or to a batch that is gone. */
import { router } from 'expo-router';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { Press } from '@/ui/parts/press';
import { Body } from '@/ui/parts/text';
import * as phrases from './words';

export function LostScreen() {
  return (
    <PlaceScreen title={phrases.NOTHING_HERE} back>
      <Body>{phrases.PAGE_DOES_NOT_EXIST}</Body>
      <Press title={phrases.TO_THE_BENCH} kind="solid" onPress={() => router.navigate('/')} />
    </PlaceScreen>
  );
}
