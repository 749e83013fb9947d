/** Type: a warm serif for headings, a very legible sans for text and figures. Sizes grow with the reader's own setting. */
import { Children, type ReactNode } from 'react';
import { Text as NativeText, type TextProps as NativeProps, type TextStyle } from 'react-native';
import { isLarge, sized, useTextSize } from '../theme/text-size';
import { SANS, SANS_BOLD, SERIF } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { bound } from './bound';

interface Props extends NativeProps {
  children: ReactNode;
  soft?: boolean;
}

const TABULAR: TextStyle = { fontVariant: ['tabular-nums'] };

const withBound = (children: ReactNode): ReactNode =>
  typeof children === 'string'
    ? bound(children)
    : Array.isArray(children)
      ? Children.map(children, (child: ReactNode) => (typeof child === 'string' ? bound(child) : child))
      : children;

/** Running text and figures. */
export function Body({ style, soft, children, numberOfLines, ...rest }: Props) {
  const p = usePalette();
  const times = useTextSize();
  return (
    <NativeText
      {...rest}
      // In large letters nothing is cut off.
      numberOfLines={isLarge(times) ? undefined : numberOfLines}
      style={sized(
        [TABULAR, { fontFamily: SANS, fontSize: 17, lineHeight: 24, color: soft ? p.soft : p.ink }, style],
        times,
      )}
    >
      {withBound(children)}
    </NativeText>
  );
}

/** Second words: notes, units, sources. */
export function Small({ style, ...rest }: Props) {
  return <Body soft {...rest} style={[{ fontSize: 14, lineHeight: 20 }, style]} />;
}

/** Figures and names that must stand out. */
export function Strong({ style, ...rest }: Props) {
  return <Body {...rest} style={[{ fontFamily: SANS_BOLD }, style]} />;
}

const SIZES = { 1: 27, 2: 21, 3: 17 } as const;

/** A heading of a level, as screen readers hear it too. */
export function Heading({ level, style, soft, ...rest }: Props & { level: 1 | 2 | 3 }) {
  const p = usePalette();
  const times = useTextSize();
  return (
    <NativeText
      role="heading"
      aria-level={level}
      {...rest}
      style={sized(
        [
          { fontFamily: SERIF, fontSize: SIZES[level], lineHeight: SIZES[level] * 1.2, color: soft ? p.soft : p.ink },
          style,
        ],
        times,
      )}
    />
  );
}

/** A sentence in which what stands between asterisks is the deciding number. */
export function Sentence({ text, ...rest }: { text: string } & Omit<Props, 'children'>) {
  return (
    <Body {...rest}>
      {bound(text)
        .split('*')
        .map((part, i) =>
          i % 2 === 1 ? (
            <NativeText key={i} style={{ fontFamily: SANS_BOLD }}>
              {part}
            </NativeText>
          ) : (
            part
          ),
        )}
    </Body>
  );
}
