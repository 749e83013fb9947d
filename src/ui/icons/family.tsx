/**
 * The one icon family, cut down to the icons that are used (scripts/make-assets.mjs). A letter of a font that comes with the
 * page: the library's own loader would cost the first screen 13 KB.
 */
import { Text, type TextProps } from 'react-native';
import glyphs from './glyphs.json';

export type IconName = keyof typeof glyphs;

interface Props extends TextProps {
  name: IconName;
  size?: number;
  color?: string;
}

export default function Icons({ name, size = 24, color, style, ...rest }: Props) {
  return (
    <Text
      {...rest}
      selectable={false}
      style={[{ fontFamily: 'Icons', fontSize: size, lineHeight: size, color }, style]}
    >
      {String.fromCodePoint(glyphs[name])}
    </Text>
  );
}
