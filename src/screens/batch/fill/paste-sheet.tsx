/** Pasting a list of ingredients or a whole recipe: the button; the sheet itself comes when it is pressed. */
import { lazy, Suspense, useState } from 'react';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import * as phrases from './words';

const Pasted = lazy(() => import('./pasted-recipe'));

export function PasteSheet(props: StationProps) {
  const [open, setOpen] = useState(false);
  if (!open) return <Press title={phrases.PASTE_LIST_OR_RECIPE} icon="plus" onPress={() => setOpen(true)} />;
  return (
    <Suspense fallback={<Small role="status">Opening …</Small>}>
      <Pasted {...props} onClose={() => setOpen(false)} />
    </Suspense>
  );
}
