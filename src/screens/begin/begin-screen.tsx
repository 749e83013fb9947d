/** Beginning a batch, by two ways side by side: a recipe is pasted and read as a plan, or one is built by pictures. */
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View, type ViewStyle } from 'react-native';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { Heading, Small } from '@/ui/parts/text';
import { ADD_FIELD } from '@/ui/shell/add-field';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { useTextSize } from '@/ui/theme/text-size';
import { usePalette } from '@/ui/theme/use-palette';
import { type EverydayId } from '@/core/wrapper/everyday';
import { BuildOne } from './build-one';
import { BuiltPlan } from './built-plan';
import * as phrases from './words';

import { PastedPlan } from './pasted-plan';

/** The three parts of what another application shares, as it comes in the address. */
interface Shared extends Record<string, string> {
  title: string;
  text: string;
  url: string;
}

const sharedText = ({ title = '', text = '', url = '' }: Partial<Shared>): string =>
  [title, text, url].filter((part) => part.trim() !== '').join('\n');

/** A column is no narrower, px. */
const SIDE_PX = 136;

export function BeginScreen() {
  const shared = sharedText(useLocalSearchParams<Shared>());
  const [text, setText] = useState(shared);
  // What is shared or dropped while this stands open comes below what is here already.
  const [taken, take] = useState(shared);
  if (shared !== taken) {
    take(shared);
    setText([text, shared].filter((part) => part.trim() !== '').join('\n\n'));
  }
  const [thing, setThing] = useState<EverydayId | null>(null);
  const isPasted = text.trim() !== '';
  // Side by side as long as there is room for the words of both.
  const side: ViewStyle = { flexGrow: 1, flexShrink: 1, flexBasis: SIDE_PX * useTextSize() };
  if (thing !== null && !isPasted)
    return (
      <PlaceScreen title={phrases.BEGIN_A_BATCH} note={phrases.CHANGE_LATER} back>
        <BuiltPlan thing={thing} onAnother={() => setThing(null)} />
      </PlaceScreen>
    );
  return (
    <PlaceScreen title={phrases.BEGIN_A_BATCH} note={phrases.CHANGE_LATER} back>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 14 }}>
        <View style={{ ...side, gap: 8 }}>
          <TextField
            label={phrases.PASTE_A_RECIPE}
            id={ADD_FIELD}
            value={text}
            onChange={setText}
            lines={isPasted ? 5 : 4}
            placeholder={phrases.RECIPE_FOR_EXAMPLE}
          />
          <View style={{ alignItems: 'flex-start' }}>
            {isPasted ? (
              <Press title={phrases.CLEAR_AND_BUILD} kind="clear" onPress={() => setText('')} />
            ) : (
              <Press title="Paste" label={phrases.PASTE_FROM_CLIPBOARD} onPress={() => void fromClipboard(setText)} />
            )}
          </View>
        </View>
        {!isPasted && <OrBuild side={side} />}
      </View>
      {isPasted ? <PastedPlan text={text} onText={setText} /> : <BuildOne onChoose={setThing} />}
    </PlaceScreen>
  );
}

function OrBuild({ side }: { side: ViewStyle }) {
  const p = usePalette();
  return (
    <View style={{ ...side, borderLeftWidth: 1, borderLeftColor: p.rule, paddingLeft: 14, gap: 6 }}>
      <Heading level={2} style={{ fontSize: 18, lineHeight: 24 }}>
        {phrases.OR_BUILD_ONE}
      </Heading>
      <Small>{phrases.TAP_WHAT_YOU_MAKE}</Small>
    </View>
  );
}

/** Where the browser does not hand it over, the field takes it. */
async function fromClipboard(onText: (text: string) => void): Promise<void> {
  try {
    const text = await navigator.clipboard.readText();
    if (text.trim() === '') say({ text: phrases.CLIPBOARD_IS_EMPTY, kind: 'problem' });
    else onText(text);
  } catch {
    say({ text: phrases.CLIPBOARD_IS_CLOSED, kind: 'problem' });
  }
}
