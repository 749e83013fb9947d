/** An address that leads nowhere, or to a batch that is gone. */
import { router } from 'expo-router';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { Press } from '@/ui/parts/press';
import { Body } from '@/ui/parts/text';

export function LostScreen() {
  return (
    <PlaceScreen title="Nothing is here" back>
      <Body>This page doesn’t exist, or the batch was deleted. Nothing else was changed.</Body>
      <Press title="To the Bench" kind="solid" onPress={() => router.navigate('/')} />
    </PlaceScreen>
  );
}
