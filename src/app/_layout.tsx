import { Slot } from 'expo-router';
import { Root } from '@/ui/shell/root';

export default function Layout() {
  return (
    <Root>
      <Slot />
    </Root>
  );
}
