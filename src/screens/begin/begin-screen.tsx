/** Beginning a batch: a recipe is pasted and read as a plan, or one is built from four answers. */
import { lazy, Suspense, useState } from 'react';
import { Press } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { TextField } from '@/ui/parts/text-field';
import { Heading, Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { BuildOne } from './build-one';

const PastedPlan = lazy(() => import('./pasted-plan').then((m) => ({ default: m.PastedPlan })));

export function BeginScreen() {
  const [text, setText] = useState('');
  const isPasted = text.trim() !== '';
  return (
    <PlaceScreen title="Begin a batch" note="Paste a recipe, or build one. You can change everything later." back>
      <TextField
        label="Paste a recipe: a message, a page or a card"
        value={text}
        onChange={setText}
        lines={isPasted ? 5 : 3}
        placeholder={'Pork dumplings, makes 40\n500 g minced pork\n…'}
      />
      {isPasted ? (
        <>
          <Suspense fallback={<Small role="status">Reading …</Small>}>
            <PastedPlan text={text} onText={setText} />
          </Suspense>
          <Press title="Clear it and build one" onPress={() => setText('')} />
        </>
      ) : (
        <>
          <Rule />
          <Heading level={2}>Or build one</Heading>
          <BuildOne />
        </>
      )}
    </PlaceScreen>
  );
}
