/** Taps that are quicker than what they change: none takes another back. */
import { fireEvent, screen } from '@testing-library/react-native';
import { AmountField } from '@/ui/parts/amount-field';
import { ThemeProvider } from '@/ui/elements';
import { LIGHT } from '@/ui/theme/palette';
import { makeTheme } from '@/ui/theme/theme';
import { renderPart } from './render';

it('a value drawn from an earlier tap does not take the later ones back', () => {
  const asked: (number | null)[] = [];
  // Edits that are on their way for as long as the test looks.
  const onChange = (value: number | null) => {
    asked.push(value);
    return new Promise<never>(() => undefined);
  };
  const field = (value: number) => (
    <AmountField label="Filling" unit="g" value={value} least={1} most={99} step={1} onChange={onChange} />
  );
  const tap = () => fireEvent.press(screen.getByLabelText('Filling: more'));
  const { rerender } = renderPart(field(28));
  tap();
  tap();
  rerender(<ThemeProvider theme={makeTheme(LIGHT, 'light')}>{field(29)}</ThemeProvider>);
  tap();
  expect(asked).toEqual([29, 30, 31]);
});
