/** What is wrong, beside what it is wrong with. */
import { usePalette } from '../theme/use-palette';
import { Small } from './text';

export function Problem({ text }: { text: string | null | undefined }) {
  const p = usePalette();
  return text === null || text === undefined || text === '' ? null : (
    <Small role="alert" style={{ color: p.beet }}>
      {text}
    </Small>
  );
}
