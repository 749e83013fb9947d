/** React Native Elements, themed once. No screen styles its parts again. */
import { createTheme } from '@rneui/themed/dist/config';
import { type Palette } from './palette';

/** Fonts by the names that public/fonts.css gives them. */
export const SERIF = 'Fraunces';
export const SANS = 'Atkinson';
export const SANS_BOLD = 'AtkinsonBold';

/** Room for a floury thumb, px. */
export const TOUCH = 48;

/** The theme for a palette. @param times how many times the usual size the reader’s letters have */
export function makeTheme(p: Palette, mode: 'light' | 'dark', times = 1) {
  const colors = {
    primary: p.beet,
    secondary: p.steam,
    background: p.ground,
    white: p.paper,
    black: p.ink,
    grey0: p.faint,
    grey1: p.rule,
    grey2: p.soft,
    grey3: p.soft,
    grey4: p.rule,
    grey5: p.faint,
    greyOutline: p.rule,
    searchBg: p.paper,
    success: p.leek,
    warning: p.turmeric,
    error: p.beet,
    disabled: p.faint,
    divider: p.rule,
  };
  return createTheme({
    mode,
    lightColors: colors,
    darkColors: colors,
    components: {
      Button: (props) => {
        const solid = props.type === undefined || props.type === 'solid';
        return {
          buttonStyle: {
            minHeight: TOUCH,
            minWidth: TOUCH,
            borderRadius: 0,
            paddingHorizontal: 16,
            borderWidth: props.type === 'outline' ? 1.5 : 0,
            borderColor: p.ink,
            backgroundColor: solid ? p.beet : props.type === 'outline' ? p.paper : 'transparent',
          },
          titleStyle: { fontFamily: SANS, fontSize: 16 * times, color: solid ? p.onBeet : p.ink },
          disabledStyle: { backgroundColor: props.type === 'clear' ? 'transparent' : p.faint, borderColor: p.rule },
          disabledTitleStyle: { color: p.soft },
        };
      },
      Input: {
        containerStyle: { paddingHorizontal: 0 },
        inputContainerStyle: { borderBottomWidth: 1.5, borderColor: p.ink, minHeight: TOUCH },
        inputStyle: {
          fontFamily: SANS,
          fontSize: 17 * times,
          color: p.ink,
          minHeight: TOUCH * Math.max(1, times),
          fontVariant: ['tabular-nums'],
        },
        labelStyle: { fontFamily: SANS, fontSize: 14 * times, fontWeight: '400', color: p.soft },
        errorStyle: { fontFamily: SANS, fontSize: 14 * times, color: p.beet, marginHorizontal: 0, marginTop: 4 },
        placeholderTextColor: p.soft,
        renderErrorMessage: false,
      },
    },
  });
}
