/** Everything every screen needs: theme, palette, and an ear for other tabs. */
import { type ReactNode, useMemo } from 'react';
import { useColorScheme } from 'react-native';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { useKitchen, useOtherTabs } from '@/data/hooks';
import { ThemeProvider } from '../elements';
import { DARK, LIGHT } from '../theme/palette';
import { useTextSize } from '../theme/text-size';
import { makeTheme } from '../theme/theme';
import { PaletteContext } from '../theme/use-palette';

export function Root({ children }: { children: ReactNode }) {
  useOtherTabs();
  const system = useColorScheme();
  const { theme } = useKitchen();
  const mode = theme === 'system' ? (system === 'dark' ? 'dark' : 'light') : theme;
  const palette = mode === 'dark' ? DARK : LIGHT;
  const times = useTextSize();
  const elements = useMemo(() => makeTheme(palette, mode, times), [palette, mode, times]);
  return (
    <SafeAreaProvider>
      <PaletteContext.Provider value={palette}>
        <ThemeProvider theme={elements} key={`${mode} ${times}`}>
          {children}
        </ThemeProvider>
      </PaletteContext.Provider>
    </SafeAreaProvider>
  );
}
