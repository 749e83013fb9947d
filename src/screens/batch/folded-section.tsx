/** The drawing folded to a strip, over what is scrolled: it stays live, and unfolds on a tap. Phone only. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Glyph } from '@/ui/parts/glyph';
import { Measured } from '@/ui/parts/measured';
import { Sentence } from '@/ui/parts/text';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { usePalette } from '@/ui/theme/use-palette';
import { type ShownProps } from './station-props';
import * as phrases from './words';

const STRIP_PX = 60;
/** Low forms fill the strip; tall ones are drawn as high as it is. */
const SMALL_PX = 56;

/** Over what is scrolled. */
export function FoldedSection(props: ShownProps) {
  const p = usePalette();
  return (
    <View
      style={{
        position: 'absolute',
        top: 0,
        left: 0,
        right: 0,
        backgroundColor: p.ground,
        borderBottomWidth: 1.5,
        borderBottomColor: p.ink,
        paddingHorizontal: 16,
      }}
    >
      <DrawingStrip {...props} text={`*${props.batch.title}*`} />
    </View>
  );
}

/** The drawing in a line with a sentence; tapped, as large as there is room. */
export function DrawingStrip({ batch, kitchen, assessment, text }: ShownProps & { text: string }) {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  return (
    <View>
      <Pressable
        role="button"
        aria-label={`${text.replaceAll('*', '')}. ${isOpen ? phrases.FOLD_DRAWING : phrases.UNFOLD_DRAWING}`}
        aria-expanded={isOpen}
        onPress={() => setOpen(!isOpen)}
        style={{ minHeight: STRIP_PX, flexDirection: 'row', alignItems: 'center', gap: 12 }}
      >
        {!isOpen && (
          <View style={{ width: SMALL_PX, height: STRIP_PX, justifyContent: 'flex-end', overflow: 'hidden' }}>
            <SectionDrawing batch={batch} assessment={assessment} width={SMALL_PX} lengths={kitchen.lengths} small />
          </View>
        )}
        <Sentence text={text} style={{ flex: 1, paddingVertical: 6 }} />
        <Glyph name={isOpen ? 'chevron-up' : 'chevron-down'} color={p.ink} />
      </Pressable>
      {isOpen && (
        <View style={{ paddingBottom: 8 }}>
          <Measured>
            {(width) => (
              <SectionDrawing batch={batch} assessment={assessment} width={width} lengths={kitchen.lengths} />
            )}
          </Measured>
        </View>
      )}
    </View>
  );
}
