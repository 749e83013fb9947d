/** Everything every screen needs: fonts, theme, palette, and an ear for other tabs. */
import { useFonts } from 'expo-font';
import { type ReactNode, useMemo } from 'react';
import { useColorScheme } from 'react-native';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import atkinson from '../../assets/fonts/Atkinson-400.woff2';
import atkinsonBold from '../../assets/fonts/Atkinson-700.woff2';
import fraunces from '../../assets/fonts/Fraunces-600.woff2';
import { useKitchen, useOtherTabs } from '@/data/hooks';
import { ThemeProvider } from '../elements';
import { DARK, LIGHT } from '../theme/palette';
import { makeTheme, SANS, SANS_BOLD, SERIF } from '../theme/theme';
import { PaletteContext } from '../theme/use-palette';

const FONTS = {
  [SERIF]: fraunces,
  [SANS]: atkinson,
  [SANS_BOLD]: atkinsonBold,
};

export function Root({ children }: { children: ReactNode }) {
  useOtherTabs();
  // Text shows in a fallback until the fonts are there: the first screen does not wait for them.
  useFonts(FONTS);
  const system = useColorScheme();
  const { theme } = useKitchen();
  const mode = theme === 'system' ? (system === 'dark' ? 'dark' : 'light') : theme;
  const palette = mode === 'dark' ? DARK : LIGHT;
  const elements = useMemo(() => makeTheme(palette, mode), [palette, mode]);
  return (
    <SafeAreaProvider>
      <PaletteContext.Provider value={palette}>
        <ThemeProvider theme={elements} key={mode}>
          {children}
        </ThemeProvider>
      </PaletteContext.Provider>
    </SafeAreaProvider>
  );
}
