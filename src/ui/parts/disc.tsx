/** A check's state by shape as well as colour: full disc, half-filled disc, empty ring with a bar. */
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { type CheckState } from '@/core/batch/check';
import { usePalette } from '../theme/use-palette';

/** The word that belongs to a state. */
export const STATE_WORD: Record<CheckState, string> = { good: 'Good', watch: 'Watch', fix: 'Fix' };

export function Disc({ state, size = 20, label }: { state: CheckState; size?: number; label?: string }) {
  const p = usePalette();
  const name = label ?? STATE_WORD[state];
  return (
    <Svg width={size} height={size} viewBox="0 0 20 20" role="img" aria-label={name}>
      {state === 'good' && <Circle cx={10} cy={10} r={8.5} fill={p.leek} />}
      {state === 'watch' && (
        <>
          <Circle cx={10} cy={10} r={7.5} fill="none" stroke={p.turmeric} strokeWidth={2} />
          <Path d="M2.5 10a7.5 7.5 0 0 0 15 0z" fill={p.turmeric} />
        </>
      )}
      {state === 'fix' && (
        <>
          <Circle cx={10} cy={10} r={7.5} fill="none" stroke={p.beet} strokeWidth={2.4} />
          <Rect x={5.5} y={8.8} width={9} height={2.4} fill={p.beet} />
        </>
      )}
    </Svg>
  );
}
