/** What only a page has: arrow keys in a group, errors tied to their fields. */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { type ReactElement, useState } from 'react';
import { ThemeProvider } from '@/ui/elements';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { LIGHT } from '@/ui/theme/palette';
import { makeTheme } from '@/ui/theme/theme';

const theme = makeTheme(LIGHT, 'light');
const open = (part: ReactElement) => render(<ThemeProvider theme={theme}>{part}</ThemeProvider>);

const FORMS = ['purse', 'pocket', 'pie'] as const;
type Form = (typeof FORMS)[number];

function Group({ onChange }: { onChange: (form: Form) => void }) {
  const [form, setForm] = useState<Form>('purse');
  return (
    <Choices
      label="Form"
      value={form}
      options={FORMS.map((value) => ({ value, label: value }))}
      onChange={(value) => {
        setForm(value);
        onChange(value);
      }}
    />
  );
}

it('arrow keys move the choice and the focus, round the end; Tab reaches the one that is on', () => {
  const onChange = jest.fn();
  open(<Group onChange={onChange} />);
  const radio = (name: Form) => screen.getByRole('radio', { name });
  expect(FORMS.map((name) => radio(name).tabIndex)).toEqual([0, -1, -1]);
  act(() => radio('purse').focus());
  fireEvent.keyDown(radio('purse'), { key: 'ArrowLeft' });
  expect(onChange).toHaveBeenLastCalledWith('pie');
  expect(document.activeElement).toBe(radio('pie'));
  expect(FORMS.map((name) => radio(name).tabIndex)).toEqual([-1, -1, 0]);
  fireEvent.keyDown(radio('pie'), { key: 'Home' });
  expect(onChange).toHaveBeenLastCalledWith('purse');
  // Other keys are not taken away.
  fireEvent.keyDown(radio('purse'), { key: 'Tab' });
  fireEvent.keyDown(radio('purse'), { key: 'ArrowRight', ctrlKey: true });
  expect(onChange).toHaveBeenCalledTimes(2);
});

it('what is wrong is named by its field as long as it is wrong', () => {
  open(<AmountField label="Depth" unit="mm" value={20} least={2} most={250} onChange={() => undefined} />);
  const field = screen.getByLabelText('Depth, mm');
  expect(field.getAttribute('aria-describedby')).toBeNull();
  fireEvent.change(field, { target: { value: '999' } });
  const problem = document.getElementById(field.getAttribute('aria-describedby') ?? '');
  expect(problem?.textContent).toContain('At most 250');
});
