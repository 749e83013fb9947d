/** The parts of React Native Elements that are used, imported one by one to keep the bundle small. */
export { default as Button } from '@rneui/themed/dist/Button';
export { default as Divider } from '@rneui/themed/dist/Divider';
export { default as Input } from '@rneui/themed/dist/Input';
export { ThemeProvider } from '@rneui/themed/dist/config';
