/** An icon that is only seen: the control it stands in has the name. */
import Icons, { type IconName } from '../icons/family';

export const Glyph = ({ name, color, size = 24 }: { name: IconName; color: string; size?: number }) => (
  <Icons name={name} color={color} size={size} aria-hidden />
);
