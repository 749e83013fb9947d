/** A thin ink rule. */
import { Divider } from '../elements';
import { usePalette } from '../theme/use-palette';

export function Rule({ strong = false }: { strong?: boolean }) {
  const p = usePalette();
  return <Divider width={strong ? 1.5 : 1} color={strong ? p.ink : p.rule} />;
}
