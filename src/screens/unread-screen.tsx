/** What is stored could not be read now: a part of the program is missing, or storage is closed. Nothing is wrong with the data. */
import { PlaceScreen } from '@/ui/shell/place-screen';
import { Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import * as phrases from './words';

export function UnreadScreen({ error, again }: { error: Error; again: () => void }) {
  return (
    <PlaceScreen title={phrases.NOT_READ_YET} back>
      <Body role="alert">{phrases.DATA_NOT_READ}</Body>
      <Small>{error.message}</Small>
      <Press title="Try again" kind="solid" onPress={again} />
    </PlaceScreen>
  );
}
