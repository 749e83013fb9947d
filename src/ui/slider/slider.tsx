/** A slider on the theme's own; React Native Elements gives it neither a name nor keys on the web. */
import Track from '@rneui/themed/dist/Slider';
import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { usePalette } from '../theme/use-palette';
import { TOUCH } from '../theme/theme';
import { useStable } from '../parts/use-stable';

export interface SliderProps {
  label: string;
  value: number;
  least: number;
  most: number;
  step: number;
  /** The value as it is read out. */
  words: (value: number) => string;
  onChange: (value: number) => void;
}

/** Steps that a key takes it on: by one, by ten, or to an end. */
const KEYS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 5,
  PageDown: -5,
  Home: -Infinity,
  End: Infinity,
};

export default function Slider({ label, value, least, most, step, words, onChange }: SliderProps) {
  const p = usePalette();
  const box = useRef<View>(null);
  // Where the keys have taken it: what was chosen may still be on its way to storage.
  const shown = useRef(value);
  useEffect(() => {
    shown.current = value;
  }, [value]);
  const to = useStable((steps: number) => {
    const next = Math.min(most, Math.max(least, Number.isFinite(steps) ? shown.current + steps * step : steps));
    if (next === shown.current) return;
    shown.current = next;
    onChange(next);
  });
  useEffect(() => {
    const view: unknown = box.current;
    if (typeof HTMLElement === 'undefined' || !(view instanceof HTMLElement)) return undefined;
    const pressed = (event: KeyboardEvent) => {
      const steps = KEYS[event.key];
      if (steps === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      to(steps);
    };
    view.addEventListener('keydown', pressed);
    return () => view.removeEventListener('keydown', pressed);
  }, [to]);
  // The theme's slider hands what it does not know on to its own element, which is the one that is focused.
  const named = {
    'aria-label': label,
    'aria-valuemin': least,
    'aria-valuemax': most,
    'aria-valuenow': value,
    'aria-valuetext': words(value),
    tabIndex: 0,
  } as object;
  return (
    <View ref={box} style={{ minHeight: TOUCH, justifyContent: 'center', paddingHorizontal: 4 }}>
      <Track
        {...named}
        value={value}
        minimumValue={least}
        maximumValue={most}
        step={step}
        onValueChange={onChange}
        allowTouchTrack
        minimumTrackTintColor={p.ink}
        maximumTrackTintColor={p.rule}
        trackStyle={{ height: 3, backgroundColor: 'transparent' }}
        thumbTintColor={p.beet}
        thumbStyle={{ width: 26, height: 26, borderRadius: 13 }}
        thumbTouchSize={{ width: TOUCH, height: TOUCH }}
      />
    </View>
  );
}
