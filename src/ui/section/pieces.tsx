/** What is in a filling, drawn small: one mark per family of ingredients, and drops for the liquid that runs. */
import { Circle, G, Path } from 'react-native-svg';
import { type Family } from '@/core/vocabulary/foods';
import { type Palette } from '../theme/palette';

type Mark = 'stroke' | 'square' | 'leaf' | 'ring' | 'dot' | 'none';

const MARKS: Record<Family, Mark> = {
  meat: 'stroke',
  fish: 'stroke',
  vegetable: 'square',
  root: 'square',
  fruit: 'square',
  leaf: 'leaf',
  allium: 'ring',
  mushroom: 'ring',
  dairy: 'dot',
  egg: 'dot',
  pulse: 'dot',
  nut: 'dot',
  starch: 'none',
  fat: 'none',
  sauce: 'none',
  seasoning: 'none',
  liquid: 'none',
};

/** Whether a family shows at all. */
export const isDrawn = (family: Family): boolean => MARKS[family] !== 'none';

/** One piece, about two millimetres across, turned by its place in the row. */
export function Piece({
  family,
  x,
  y,
  turn,
  palette,
}: {
  family: Family;
  x: number;
  y: number;
  turn: number;
  palette: Palette;
}) {
  const line = { stroke: palette.ink, strokeWidth: 0.32, fill: 'none', opacity: 0.75 };
  return (
    <G transform={`translate(${x.toFixed(2)} ${y.toFixed(2)}) rotate(${turn})`}>
      {MARKS[family] === 'stroke' && <Path d="M-1.3 0.3 Q0 -0.9 1.3 0.3 M-0.9 0.9 Q0 0.1 0.9 0.9" {...line} />}
      {MARKS[family] === 'square' && <Path d="M-0.9 -0.7 L0.8 -0.9 L0.9 0.8 L-0.7 0.9 Z" {...line} />}
      {MARKS[family] === 'leaf' && (
        <Path d="M-1.2 0 Q0 -1 1.2 0 Q0 1 -1.2 0 M-1.2 0 L1.2 0" {...line} stroke={palette.leek} />
      )}
      {MARKS[family] === 'ring' && (
        <Path d="M-1.1 0.5 A1.1 1.1 0 0 1 1.1 0.5 M-0.6 0.5 A0.6 0.6 0 0 1 0.6 0.5" {...line} stroke={palette.leek} />
      )}
      {MARKS[family] === 'dot' && <Circle r={0.7} {...line} />}
    </G>
  );
}

/** A drop of free liquid. */
export function Drop({ x, y, palette }: { x: number; y: number; palette: Palette }) {
  return (
    <Path
      d={`M${x.toFixed(2)} ${(y - 1.1).toFixed(2)} q 0.95 1.25 0 1.7 q -0.95 -0.45 0 -1.7 z`}
      fill={palette.steam}
    />
  );
}
