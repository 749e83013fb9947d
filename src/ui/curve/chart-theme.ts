/** The chart library's own parts in our colours. */
import { type Palette } from '../theme/palette';

export const chartTheme = (p: Palette) => ({
  background: p.ground,
  plotBackground: p.ground,
  grid: p.rule,
  axis: p.rule,
  text: p.ink,
  mutedText: p.soft,
});
