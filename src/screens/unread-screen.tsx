/** What is stored could not be read now: a part of the program is missing, or storage is closed. Nothing is wrong with the data. */
import { PlaceScreen } from '@/ui/shell/place-screen';
import { Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';

export function UnreadScreen({ error, again }: { error: Error; again: () => void }) {
  return (
    <PlaceScreen title="Not read yet" back>
      <Body role="alert">
        Your data couldn’t be read just now. Nothing was changed. Part of the program may be missing while the server is
        away.
      </Body>
      <Small>{error.message}</Small>
      <Press title="Try again" kind="solid" onPress={again} />
    </PlaceScreen>
  );
}
