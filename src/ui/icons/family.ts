/** The one icon family, cut down to the icons that are used (scripts/make-assets.mjs). */
import createIconSet from '@expo/vector-icons/createIconSet';
import font from '../../assets/fonts/icons.ttf';
import glyphs from './glyphs.json';

export type IconName = keyof typeof glyphs;

const Icons = createIconSet(glyphs, 'involucrum-icons', font);
export default Icons;
