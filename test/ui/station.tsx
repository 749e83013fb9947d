/** A station's panel with a batch that really changes: every edit is applied, and the panel is drawn again. */
import { act, render } from '@testing-library/react-native';
import { type ComponentType } from 'react';
import { assess } from '@/core/batch/assess';
import { type HeatForecast } from '@/core/batch/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/batch/kitchen';
import { apply, type Operation } from '@/core/batch/operations';
import { type Batch, batchSchema } from '@/core/batch/schema';
import { type StationProps } from '@/screens/batch/station-props';
import { ThemeProvider } from '@/ui/elements';
import { LIGHT } from '@/ui/theme/palette';
import { makeTheme } from '@/ui/theme/theme';

const theme = makeTheme(LIGHT, 'light');

export function openStation(
  Panel: ComponentType<StationProps>,
  first: Batch,
  {
    kitchen = DEFAULT_KITCHEN,
    heatOf = () => null,
  }: { kitchen?: Kitchen; heatOf?: (b: Batch) => HeatForecast | null } = {},
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
      />
    </ThemeProvider>
  );
  const edit = (change: Operation | readonly Operation[]) => {
    batch = ([] as Operation[]).concat(change).reduce(apply, batch);
    // Whatever a panel does, the document stays a valid one.
    batchSchema.parse(batch);
    act(() => view.rerender(draw()));
  };
  const view = render(draw());
  return { batch: () => batch };
}
