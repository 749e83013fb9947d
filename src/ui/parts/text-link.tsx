/** A link whose letters follow the reader’s own text size. */
import { Link } from 'expo-router';
import { type ComponentProps } from 'react';
import { isLarge, sized, useTextSize } from '../theme/text-size';

export function TextLink({ style, numberOfLines, ...rest }: ComponentProps<typeof Link>) {
  const times = useTextSize();
  return (
    <Link
      {...rest}
      style={sized(style, times)}
      // In large letters what is cut off is more than the end of a name.
      numberOfLines={isLarge(times) ? undefined : numberOfLines}
    />
  );
}
