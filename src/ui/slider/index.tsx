/** The slider, loaded when first needed: the theme's own is large. Until then its room is kept. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { TOUCH } from '../theme/theme';
import { type SliderProps } from './slider';

const Drawn = lazy(() => import('./slider'));

export const Slider = (props: SliderProps) => (
  <Suspense fallback={<View style={{ minHeight: TOUCH }} />}>
    <Drawn {...props} />
  </Suspense>
);
