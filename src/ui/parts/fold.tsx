/** A panel that is one line with its key figure until it is tapped. */
import { type ReactNode, useState } from 'react';
import { Pressable, type TextStyle, View, type ViewStyle } from 'react-native';
import { type CheckState } from '@/core/checks/check';
import { useWide } from '../shell/use-wide';
import { SERIF, TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { Disc } from './disc';
import { Glyph } from './glyph';
import { Body, Small } from './text';

interface Props {
  title: string;
  /** What one would open it for, if it is only to be read: `1.3 % salt`. */
  figure?: string;
  /** A verdict that belongs to it. */
  sign?: CheckState | null;
  /** Open from the first on a wide screen, where it stands in a column of its own. */
  isOpenWide?: boolean;
  /** Open from the first everywhere: what is under way is not looked for. */
  isOpenAtFirst?: boolean;
  children: ReactNode;
}

const HEAD: ViewStyle = {
  minHeight: TOUCH + 2,
  flexDirection: 'row',
  flexWrap: 'nowrap',
  alignItems: 'center',
  gap: 10,
  width: '100%',
};
/** Title and figure stand on one line as long as there is room for both. */
const WORDS: ViewStyle = { flex: 1, flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 10 };
const FIGURE: TextStyle = { flexGrow: 1, flexShrink: 1, flexBasis: 96, textAlign: 'right', paddingVertical: 4 };

export function Fold(props: Props) {
  const { title, figure = '', sign = null, isOpenWide = false, isOpenAtFirst = false, children } = props;
  const p = usePalette();
  const wide = useWide();
  const [opened, setOpened] = useState<boolean | null>(null);
  const isOpen = opened ?? (isOpenAtFirst || (isOpenWide && wide));
  return (
    <View role="region" aria-label={title} style={{ borderTopWidth: 1, borderTopColor: p.rule }}>
      <View role="heading" aria-level={2}>
        <Pressable role="button" testID="fold" aria-expanded={isOpen} onPress={() => setOpened(!isOpen)} style={HEAD}>
          <View style={WORDS}>
            <Body style={{ fontFamily: SERIF, fontSize: 18, flexShrink: 1 }}>{title}</Body>
            {sign !== null && <Disc sign={sign} size={16} />}
            {figure !== '' && (
              <Small numberOfLines={1} style={FIGURE}>
                {figure}
              </Small>
            )}
          </View>
          <Glyph name={isOpen ? 'chevron-up' : 'chevron-down'} size={20} color={p.ink} />
        </Pressable>
      </View>
      {isOpen && <View style={{ gap: 14, paddingTop: 4, paddingBottom: 12 }}>{children}</View>}
    </View>
  );
}
