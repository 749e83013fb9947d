/** Pasting a list of ingredients or a whole recipe: the button, and the sheet when it is pressed. */
import { useState } from 'react';
import { Press } from '@/ui/parts/press';
import { type StationProps } from '../station-props';
import { PastedRecipe } from './pasted-recipe';
import * as phrases from './words';

export function PasteSheet(props: StationProps) {
  const [open, setOpen] = useState(false);
  if (!open) return <Press title={phrases.PASTE_LIST_OR_RECIPE} icon="plus" onPress={() => setOpen(true)} />;
  return <PastedRecipe {...props} onClose={() => setOpen(false)} />;
}
