import { Slot } from 'expo-router';
import { CoolingWatch } from '@/screens/cooling-watch';
import { Root } from '@/ui/shell/root';

export default function Layout() {
  return (
    <Root>
      <Slot />
      <CoolingWatch />
    </Root>
  );
}
