/** The reader’s own text size: how much larger than usual the browser is set to write. */
import { useSyncExternalStore } from 'react';
import { StyleSheet, type StyleProp, type TextStyle } from 'react-native';

/** What browsers write in until somebody sets another size, px. */
const USUAL_PX = 16;
/** Beyond these nothing is laid out for it. */
const LEAST = 0.75;
const MOST = 3;
/** From here on rows wrap, so that no word is broken and nothing is cut off. */
const LARGE = 1.2;

/** Nothing is measured where there is no page. */
const hasPage = typeof document !== 'undefined' && typeof ResizeObserver !== 'undefined';

function measured(): number {
  if (!hasPage) return 1;
  const px = Number.parseFloat(getComputedStyle(document.documentElement).fontSize);
  if (!Number.isFinite(px)) return 1;
  return Math.min(MOST, Math.max(LEAST, Math.round((20 * px) / USUAL_PX) / 20));
}

let size = measured();
const listeners = new Set<() => void>();
let watching = false;

/** The page says so, too: rows wrap by it. */
function mark(): void {
  if (size >= LARGE) document.documentElement.dataset.text = 'large';
  else delete document.documentElement.dataset.text;
}

/** Something that is one letter wide changes with the setting. */
function watch(): void {
  watching = true;
  mark();
  const letter = document.createElement('div');
  letter.style.cssText = 'position:absolute;width:1rem;height:0;visibility:hidden';
  document.body.append(letter);
  new ResizeObserver(() => {
    const now = measured();
    if (now === size) return;
    size = now;
    mark();
    listeners.forEach((tell) => tell());
  }).observe(letter);
}

function subscribe(tell: () => void): () => void {
  if (hasPage && !watching) watch();
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Times the usual size: 1, or 2 where the browser is set to letters twice as large. */
export const useTextSize = (): number => useSyncExternalStore(subscribe, () => size);

/** Words in a drawing grow with the reader’s letters as far as there is room beside what is drawn; all of them stand in text, too. */
const MOST_DRAWN = 1.5;
export const useDrawnText = (): number => Math.min(MOST_DRAWN, useTextSize());

export const isLarge = (times: number): boolean => times >= LARGE;

/** A style with its letters so many times as large. */
export function sized(style: StyleProp<TextStyle>, times: number): StyleProp<TextStyle> {
  if (times === 1) return style;
  const flat = StyleSheet.flatten(style);
  return {
    ...flat,
    ...(flat.fontSize === undefined ? {} : { fontSize: flat.fontSize * times }),
    ...(flat.lineHeight === undefined ? {} : { lineHeight: flat.lineHeight * times }),
  };
}

/** What a link and a view both take. */
type BarItem = Pick<TextStyle, 'flex' | 'flexGrow' | 'flexShrink' | 'flexBasis' | 'paddingHorizontal'>;

/** An item of a bar: of equal width, or, in large letters, as wide as its word, so that the bar wraps. */
export const barItem = (times: number): BarItem =>
  isLarge(times) ? { flexGrow: 1, flexShrink: 0, flexBasis: 'auto', paddingHorizontal: 8 } : { flex: 1 };
