/**
 * A check's state by shape as well as colour: full disc, half-filled disc, ring with a bar. What is still being worked out,
 * and what has nothing in it yet, have signs of their own: neither is a judgement.
 */
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { type CheckState, type Judgement } from '@/core/checks/check';
import { usePalette } from '../theme/use-palette';
import * as phrases from './words';

type Sign = CheckState | 'pending' | 'empty';

/** The word that belongs to a sign. */
export const SIGN_WORD: Record<Sign, string> = {
  good: 'Good',
  watch: 'Watch',
  fix: 'Fix',
  pending: phrases.BEING_WORKED_OUT,
  empty: phrases.NOTHING_IN_IT,
};

/** The sign of a check. */
export const signOf = ({ state, pending, isEmpty }: Pick<Judgement, 'state' | 'pending' | 'isEmpty'>): Sign =>
  pending ? 'pending' : isEmpty ? 'empty' : state;

export function Disc({ sign, size = 20, label }: { sign: Sign; size?: number; label?: string }) {
  const p = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 20 20" role="img" aria-label={label ?? SIGN_WORD[sign]}>
      {sign === 'good' && <Circle cx={10} cy={10} r={8.5} fill={p.leek} />}
      {sign === 'watch' && (
        <>
          <Circle cx={10} cy={10} r={7.5} fill="none" stroke={p.turmeric} strokeWidth={2} />
          <Path d="M2.5 10a7.5 7.5 0 0 0 15 0z" fill={p.turmeric} />
        </>
      )}
      {sign === 'fix' && (
        <>
          <Circle cx={10} cy={10} r={7.5} fill="none" stroke={p.beet} strokeWidth={2.4} />
          <Rect x={5.5} y={8.8} width={9} height={2.4} fill={p.beet} />
        </>
      )}
      {sign === 'pending' && (
        <Circle cx={10} cy={10} r={7.5} fill="none" stroke={p.soft} strokeWidth={2} strokeDasharray="2.4 3.5" />
      )}
      {sign === 'empty' && <Rect x={4} y={9} width={12} height={2} fill={p.soft} />}
    </Svg>
  );
}
