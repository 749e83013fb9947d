/** The drawing folded to a strip, over what is scrolled: it stays live, and unfolds on a tap. Phone only. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Glyph } from '@/ui/parts/glyph';
import { Measured } from '@/ui/parts/measured';
import { Strong } from '@/ui/parts/text';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type ShownProps } from './station-props';

const STRIP_PX = 60;
/** Low forms fill the strip; tall ones are drawn as high as it is. */
const SMALL_PX = 56;

export function FoldedSection({ batch, assessment }: ShownProps) {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
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
      }}
    >
      <Pressable
        role="button"
        aria-label={isOpen ? 'Fold the drawing' : `Unfold the drawing of ${batch.title}`}
        aria-expanded={isOpen}
        onPress={() => setOpen(!isOpen)}
        style={{
          minHeight: TOUCH,
          height: STRIP_PX,
          flexDirection: 'row',
          alignItems: 'center',
          gap: 12,
          paddingHorizontal: 16,
        }}
      >
        {!isOpen && (
          <View style={{ width: SMALL_PX, height: STRIP_PX, justifyContent: 'flex-end', overflow: 'hidden' }}>
            <SectionDrawing batch={batch} assessment={assessment} width={SMALL_PX} small />
          </View>
        )}
        <Strong numberOfLines={1} style={{ flex: 1, fontSize: 16 }}>
          {batch.title}
        </Strong>
        <Glyph name={isOpen ? 'chevron-up' : 'chevron-down'} color={p.ink} />
      </Pressable>
      {isOpen && (
        <View style={{ paddingHorizontal: 16, paddingBottom: 8 }}>
          <Measured>{(width) => <SectionDrawing batch={batch} assessment={assessment} width={width} />}</Measured>
        </View>
      )}
    </View>
  );
}
