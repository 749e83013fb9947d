/** What is wrong, beside what it is wrong with; the field it belongs to names it by its id. */
import { usePalette } from '../theme/use-palette';
import { Small } from './text';

export function Problem({ text, id }: { text: string | null | undefined; id?: string }) {
  const p = usePalette();
  return text === null || text === undefined || text === '' ? null : (
    <Small nativeID={id} role="alert" style={{ color: p.beet }}>
      {text}
    </Small>
  );
}
