/** Renders a part inside the theme, as the application does. */
import { render } from '@testing-library/react-native';
import { type ReactElement } from 'react';
import { ThemeProvider } from '@/ui/elements';
import { LIGHT } from '@/ui/theme/palette';
import { makeTheme } from '@/ui/theme/theme';

const theme = makeTheme(LIGHT, 'light');

export const renderPart = (part: ReactElement) => render(<ThemeProvider theme={theme}>{part}</ThemeProvider>);
