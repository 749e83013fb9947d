/** A station's panel with a batch that really changes: every edit is applied, and the panel is drawn again. */
import { act, render } from '@testing-library/react-native';
import { type ComponentType } from 'react';
import { assess } from '@/core/checks/assess';
import { type HeatForecast } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { change } from '@/core/stored/change';
import { ingredientById } from '@/core/food/catalogue';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { type Outcome } from '@/data/hooks';
import { type StationProps } from '@/screens/batch/station-props';
import { ThemeProvider } from '@/ui/elements';
import { LIGHT } from '@/ui/theme/palette';
import { makeTheme } from '@/ui/theme/theme';
import { unfold } from './unfold';

const theme = makeTheme(LIGHT, 'light');

/** Lets what waits for an edit's answer happen. */
export const settled = () => act(async () => undefined);

export function openStation(
  Panel: ComponentType<StationProps>,
  first: Batch,
  {
    kitchen = DEFAULT_KITCHEN,
    heatOf = () => null,
    isFolded = false,
  }: { kitchen?: Kitchen; heatOf?: (b: Batch) => HeatForecast | null; isFolded?: boolean } = {},
) {
  let batch = first;
  const draw = () => (
    <ThemeProvider theme={theme}>
      <Panel
        batch={batch}
        kitchen={kitchen}
        assessment={assess(batch, kitchen, heatOf(batch))}
        touch={{ id: null, set: () => undefined }}
        edit={edit}
        undoStep={() => Promise.resolve(true)}
      />
    </ThemeProvider>
  );
  const edit = (operations: Operation | readonly Operation[]): Promise<Outcome> => {
    const changed = change(batch, ([] as Operation[]).concat(operations), (id) => ingredientById(id)?.name);
    // Whatever a panel does, the document stays a valid one.
    if (!changed.ok) return Promise.resolve(changed);
    batch = changed.document;
    act(() => view.rerender(draw()));
    return Promise.resolve({ ok: true, step: 1 });
  };
  const view = render(draw());
  if (!isFolded) unfold();
  return { batch: () => batch };
}
